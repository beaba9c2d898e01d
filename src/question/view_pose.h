// SPDX-License-Identifier: GPL-3.0-or-later
// A picture from where a named view of the drawing looks: perspective from the model's, parallel for plans, elevations
// and sections.
#pragma once
#include "model/option.h"
#include "model/question.h"

namespace wp::question {

/// Degrees across of the model as it is shown in three dimensions.
inline constexpr double kModelField = 46;

/// The question with place, direction and lens of the view. A view whose storey or room is gone stays where it can.
model::Question from_view(const model::Option& option, const model::View& view, model::Question question);
/// The question as it stands; where its observer is the id of a named view, from that view.
model::Question with_place(const model::Option& option, const model::Question& question);

}  // namespace wp::question

// SPDX-License-Identifier: GPL-3.0-or-later
// All that is known of one option, for figures that are read from it.
#pragma once
#include <deque>

#include "figure/figures.h"
#include "gui/answers/kept_answers.h"
#include "gui/document/document.h"

namespace wp::gui {

struct Gathered {
    figure::Answers answers;
    /// What each analysis' answer is: the same pointer, the same answer.
    std::map<model::Question::Kind, const void*> given;
    std::deque<question::PointTable> made;  ///< tables that answers points to
    std::vector<std::shared_ptr<const void>> kept;
};
/// Answers on the planes of an option: live ones, the year, and of each other kind the first question that is answered.
Gathered gather(const Document& document, const KeptAnswers& kept, const model::Id& option);

}  // namespace wp::gui

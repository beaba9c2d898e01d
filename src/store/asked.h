// SPDX-License-Identifier: GPL-3.0-or-later
// What was asked, as answers on disk are told apart by it.
#pragma once
#include "base/record.h"
#include "climate/weather.h"
#include "model/project.h"
#include "store/answers.h"

namespace wp::store {

/// Fingerprint of all that a table's answer hangs on: site, materials, option and question as they are written, and the
/// weather's hours (null: none); readings where they are asked. What only a year knows - occupied hours, electric
/// light, blinds - is no part of it, nor are names, notes, colours, sources, dimension lines, drawings underneath and
/// materials that nothing has.
Fingerprint asked_print(const model::Project& project, const model::Option& option, const model::Question& question,
                        const climate::WeatherYear* weather);

/// Name of a question among answers; a year that no question asks for is "year".
std::string name_of(const model::Question& question);

/// The note that is kept with an answer. kind: "year" and the like. inputs: of the record.
AnswerEntry entry_of(const std::string& kind, const model::Option& option, const model::Question& question,
                     const Record& record);

}  // namespace wp::store

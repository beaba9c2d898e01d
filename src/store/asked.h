// SPDX-License-Identifier: GPL-3.0-or-later
// What was asked, as the list of answers on disk names it.
#pragma once
#include "base/record.h"
#include "model/option.h"
#include "model/question.h"
#include "store/answers.h"

namespace wp::store {

/// Name of a question among answers; a year that no question asks for is "year".
std::string name_of(const model::Question& question);

/// The note that is kept with an answer. kind: "year" and the like. inputs: of the record.
AnswerEntry entry_of(const std::string& kind, const model::Option& option, const model::Question& question,
                     const Record& record);

}  // namespace wp::store

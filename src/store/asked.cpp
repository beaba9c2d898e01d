// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/asked.h"

#include <fmt/core.h>

namespace wp::store {

std::string name_of(const model::Question& question) { return question.id.empty() ? "year" : question.id; }

AnswerEntry entry_of(const std::string& kind, const model::Option& option, const model::Question& question,
                     const Record& record) {
    AnswerEntry e;
    e.inputs = record.inputs.text();
    e.kind = kind;
    e.option = option.id;
    e.question = name_of(question);
    e.settings = kind == "year" ? fmt::format(R"({{"from":{},"to":{},"target":{},"useful_low":{},"useful_high":{}}})",
                                              question.from, question.to, question.target, question.useful_low,
                                              question.useful_high)
                                : "{}";
    e.record = record;
    return e;
}

}  // namespace wp::store

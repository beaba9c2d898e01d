// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/asked.h"

#include <fmt/core.h>

#include "describe/depends.h"
#include "describe/field.h"

namespace wp::store {

namespace {

// Which values bear on a table, by where its points stand.
unsigned bears_of(const model::Question& question) {
    using At = model::Question::At;
    namespace bears = describe::bears;
    if (question.at == At::readings) return bears::light | bears::readings;
    return question.at == At::planes ? bears::light | bears::planes : bears::light;
}

}  // namespace

Fingerprint asked_print(const model::Project& project, const model::Option& option, const model::Question& question,
                        const climate::WeatherYear* weather) {
    const unsigned bears = bears_of(question);
    Fingerprint print;
    print.add(std::string_view("table 3"));
    print.add(describe::depends(project, option, bears));
    print.add(describe::asks(question, bears));
    if (weather != nullptr) print.add(weather->fingerprint());
    return print;
}

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

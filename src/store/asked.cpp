// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/asked.h"

#include <fmt/core.h>

#include "store/project_file.h"

namespace wp::store {

Fingerprint asked_print(const model::Project& project, const model::Option& option, const model::Question& question,
                        const climate::WeatherYear* weather) {
    model::Project asked;
    asked.site = project.site;
    asked.site.weather.clear();
    asked.materials = project.materials;
    asked.blind_transmittance = project.blind_transmittance;
    asked.options = {option};
    model::Option& alone = asked.options.front();
    alone.name.clear();
    alone.note.clear();
    alone.lighting.clear();
    alone.groups.clear();
    alone.control = {};
    alone.observers.clear();
    alone.readings.clear();
    alone.views.clear();
    for (auto& storey : alone.storeys)
        for (auto& room : storey.rooms) room.occupancy.clear();
    asked.questions = {question};
    asked.questions.front().name.clear();
    Fingerprint print;
    print.add(std::string_view("table 1"));
    print.add(write_project(asked));
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

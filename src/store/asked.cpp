// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/asked.h"

#include <fmt/core.h>

#include <set>

#include "base/json_text.h"
#include "store/project_file.h"

namespace wp::store {

namespace {

// What people call things and how they tell them apart by eye.
void strip_words(Json& value) {
    if (value.is_object())
        for (const char* key : {"name", "note", "dimensions", "underlay"}) value.erase(key);
    if (value.is_structured())
        for (Json& inner : value) strip_words(inner);
}

void strip_material(Json& material) {
    for (const char* key : {"colour", "source", "assumed", "low", "high"}) material.erase(key);
}

void add_strings(const Json& value, std::set<std::string>& to) {
    if (value.is_string()) to.insert(value.get<std::string>());
    if (value.is_structured())
        for (const Json& inner : value) add_strings(inner, to);
}

// A material that nothing names lights nothing.
void strip_unused_materials(Json& document) {
    Json materials = std::move(document["materials"]);
    document.erase("materials");
    std::set<std::string> named;
    add_strings(document, named);
    Json used = Json::array();
    for (Json& material : materials) {
        if (!named.contains(material.value("id", std::string()))) continue;
        strip_material(material);
        used.push_back(std::move(material));
    }
    document["materials"] = std::move(used);
}

// Only what a question on planes, windows or readings may depend on.
model::Project what_is_asked(const model::Project& project, const model::Option& option,
                             const model::Question& question) {
    model::Project asked;
    asked.site = project.site;
    asked.site.weather.clear();
    asked.materials = project.materials;
    asked.blind_transmittance = project.blind_transmittance;
    asked.options = {option};
    model::Option& alone = asked.options.front();
    alone.lighting.clear();
    alone.groups.clear();
    alone.control = {};
    alone.observers.clear();
    if (question.at != model::Question::At::readings) alone.readings.clear();
    alone.views.clear();
    for (auto& storey : alone.storeys)
        for (auto& room : storey.rooms) room.occupancy.clear();
    asked.questions = {question};
    return asked;
}

}  // namespace

Fingerprint asked_print(const model::Project& project, const model::Option& option, const model::Question& question,
                        const climate::WeatherYear* weather) {
    const std::string text = write_project(what_is_asked(project, option, question));
    Fingerprint print;
    print.add(std::string_view("table 2"));
    if (auto document = parse_json(text, "asked")) {
        strip_words(*document);
        strip_unused_materials(*document);
        print.add(document->dump(-1, ' ', false, Json::error_handler_t::replace));
    } else {
        // What our own reader refuses is told apart as it stands.
        print.add(text);
    }
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

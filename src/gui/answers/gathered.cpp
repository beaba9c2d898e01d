// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/gathered.h"

namespace wp::gui {

using QuestionKind = model::Question::Kind;

std::map<QuestionKind, const void*> Held::given() const {
    std::map<QuestionKind, const void*> out;
    for (const auto& [kind, table] : tables) out[kind] = table.get();
    if (daylight != nullptr) out[QuestionKind::daylight_factor] = daylight.get();
    if (moment != nullptr) out[QuestionKind::moment] = moment.get();
    if (year != nullptr) out[QuestionKind::year] = year.get();
    if (glare != nullptr) out[QuestionKind::glare] = glare.get();
    return out;
}

std::vector<std::shared_ptr<const void>> Held::holds() const {
    std::vector<std::shared_ptr<const void>> out{daylight, moment, year, glare};
    for (const auto& [kind, table] : tables) out.push_back(table);
    for (const auto& one : asked) out.push_back(one.answer);
    return out;
}

Held hold_answers(const Document& document, const KeptAnswers& kept, size_t index) {
    const model::Id& option = document.project().options[index].id;
    Held out{.project = document.snapshot(),
             .option = index,
             .median_diffuse = document.median_diffuse(),
             .daylight = kept.daylight(option).answer,
             .moment = kept.moment(option).answer,
             .tables = {},
             .asked = {},
             .year = kept.year(option),
             .year_stage = kept.year_stage(option),
             .glare = kept.glare(option)};
    // What is still settling is to be looked at, not to be written.
    // A picture through another lens, or from a place of its own, is no observer's glare.
    if (out.glare != nullptr && (!out.glare->record.settled || !out.glare->judged || out.glare->observer.id.empty()))
        out.glare.reset();
    for (const auto& question : document.project().questions) {
        const auto* table = kept.table(option, question.id);
        if (table == nullptr || table->foreign) continue;
        out.asked.push_back({question, table->answer, table->project});
        if (question.at != model::Question::At::planes || !question.without.empty()) continue;
        if (out.given().contains(question.kind)) continue;
        out.tables.emplace_back(question.kind, table->answer);
    }
    return out;
}

Gathered gather(Held held) {
    Gathered out;
    out.held = std::move(held);
    const Held& from = out.held;
    if (from.daylight != nullptr) {
        out.made.push_back(question::table_of(*from.daylight));
        if (!out.made.back().columns.empty())
            question::add_skies(out.made.back(), from.project->site.latitude, from.median_diffuse);
        out.answers.tables[QuestionKind::daylight_factor] = &out.made.back();
    }
    if (from.moment != nullptr) {
        out.made.push_back(question::table_of(std::vector{*from.moment}));
        out.answers.tables[QuestionKind::moment] = &out.made.back();
    }
    for (const auto& [kind, table] : from.tables) out.answers.tables[kind] = &table->table;
    for (const auto& one : from.asked) out.answers.asked.push_back({&one.question, &one.answer->table});
    out.answers.year = from.year.get();
    if (from.glare != nullptr) out.answers.glares.push_back(from.glare.get());
    out.given = from.given();
    return out;
}

}  // namespace wp::gui

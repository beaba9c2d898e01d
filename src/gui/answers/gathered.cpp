// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/answers/gathered.h"

#include "climate/sky_amount.h"

namespace wp::gui {

namespace {

using QuestionKind = model::Question::Kind;

void add_daylight(const Document& document, const KeptAnswers& kept, const model::Id& option, Gathered& to) {
    const auto answer = kept.daylight(option).answer;
    if (answer == nullptr) return;
    to.kept.push_back(answer);
    to.made.push_back(question::table_of(*answer));
    const double median = document.outdoor().empty() ? 0 : climate::median_diffuse(document.outdoor());
    if (!to.made.back().columns.empty()) question::add_skies(to.made.back(), document.project().site.latitude, median);
    to.answers.tables[QuestionKind::daylight_factor] = &to.made.back();
    to.given[QuestionKind::daylight_factor] = answer.get();
}

void add_moment(const KeptAnswers& kept, const model::Id& option, Gathered& to) {
    const auto answer = kept.moment(option).answer;
    if (answer == nullptr) return;
    to.kept.push_back(answer);
    to.made.push_back(question::table_of(std::vector{*answer}));
    to.answers.tables[QuestionKind::moment] = &to.made.back();
    to.given[QuestionKind::moment] = answer.get();
}

}  // namespace

Gathered gather(const Document& document, const KeptAnswers& kept, const model::Id& option) {
    Gathered out;
    add_daylight(document, kept, option, out);
    add_moment(kept, option, out);
    for (const auto& question : document.project().questions) {
        const auto* table = kept.table(option, question.id);
        if (table == nullptr || question.at != model::Question::At::planes || !question.without.empty()) continue;
        if (table->foreign || out.given.contains(question.kind)) continue;
        out.kept.push_back(table->answer);
        out.answers.tables[question.kind] = &table->answer->table;
        out.given[question.kind] = table->answer.get();
    }
    if (const auto year = kept.year(option)) {
        out.kept.push_back(year);
        out.answers.year = year.get();
        out.given[QuestionKind::year] = year.get();
    }
    if (const auto glare = kept.glare(option)) {
        out.kept.push_back(glare);
        out.answers.glares.push_back(glare.get());
        out.given[QuestionKind::glare] = glare.get();
    }
    return out;
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/gathered.h"

#include "climate/sky_amount.h"

namespace wp::gui {

namespace {

using QuestionKind = model::Question::Kind;

template <class T>
std::shared_ptr<const T> kept_of(const Kept<T>& kept, const model::Id& option) {
    const auto found = kept.find(option);
    return found != kept.end() ? found->second : nullptr;
}

void add_daylight(const Document& document, const model::Id& option, Gathered& to) {
    const auto answer = kept_of(document.daylight, option);
    if (answer == nullptr) return;
    to.kept.push_back(answer);
    to.made.push_back(question::table_of(*answer));
    const double median = document.outdoor().empty() ? 0 : climate::median_diffuse(document.outdoor());
    if (!to.made.back().columns.empty()) question::add_skies(to.made.back(), document.project().site.latitude, median);
    to.answers.tables[QuestionKind::daylight_factor] = &to.made.back();
    to.given[QuestionKind::daylight_factor] = answer.get();
}

void add_moment(const Document& document, const model::Id& option, Gathered& to) {
    const auto answer = kept_of(document.moments, option);
    if (answer == nullptr) return;
    to.kept.push_back(answer);
    to.made.push_back(question::table_of(std::vector{*answer}));
    to.answers.tables[QuestionKind::moment] = &to.made.back();
    to.given[QuestionKind::moment] = answer.get();
}

}  // namespace

Gathered gather(const Document& document, const model::Id& option) {
    Gathered out;
    add_daylight(document, option, out);
    add_moment(document, option, out);
    for (const auto& question : document.project().questions) {
        const auto table = document.tables.find({option, question.id});
        if (table == document.tables.end() || question.at != model::Question::At::planes || !question.without.empty())
            continue;
        if (table->second.foreign || out.given.contains(question.kind)) continue;
        out.kept.push_back(table->second.answer);
        out.answers.tables[question.kind] = &table->second.answer->table;
        out.given[question.kind] = table->second.answer.get();
    }
    if (const auto year = kept_of(document.years, option)) {
        out.kept.push_back(year);
        out.answers.year = year.get();
        out.given[QuestionKind::year] = year.get();
    }
    if (const auto glare = kept_of(document.glares, option)) {
        out.kept.push_back(glare);
        out.answers.glares.push_back(glare.get());
        out.given[QuestionKind::glare] = glare.get();
    }
    return out;
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/report/composing.h"

#include <deque>

namespace wp::gui {

namespace {

/// All that pages point to.
struct Everything {
    std::deque<Judgement> judgements;
    std::deque<Gathered> gathered;
    std::shared_ptr<const climate::WeatherYear> weather;
};

exchange::Certified certified_of(const Judgement& judgement, const std::string& option) {
    exchange::Certified out;
    out.option = option;
    for (const auto& set : judgement.sets)
        out.sets.push_back({set.set.get(), set.doubt, set.verdicts, set.conclusions, set.outcome});
    out.assumptions = judgement.assumptions;
    return out;
}

std::vector<report::MadeAnswer> made_of(const Held& held) {
    const auto& project = *held.project;
    std::vector<report::MadeAnswer> out;
    if (held.daylight != nullptr)
        out.push_back(
            {model::question_of(project, model::Question::Kind::daylight_factor).name, held.daylight->record});
    if (held.year != nullptr)
        out.push_back({model::question_of(project, model::Question::Kind::year).name, held.year->record});
    for (const auto& asked : held.asked)
        if (asked.question.kind != model::Question::Kind::year)
            out.push_back({asked.question.name, asked.answer->record});
    if (held.glare != nullptr) out.push_back({held.glare->observer.name, held.glare->record});
    return out;
}

}  // namespace

Composed Composer::compose(const ToCompose& wanted) {
    const auto all = std::make_shared<Everything>();
    const auto facts = std::make_shared<report::BookFacts>();
    Composed out;
    for (const auto& of : wanted.options) {
        ToJudge judged = of.judged;
        report::BookOption one;
        const auto& project = *judged.held.project;
        if (of.year_is_stale && judged.held.year != nullptr) {
            const auto question = model::question_of(project, model::Question::Kind::year);
            judged.held.year.reset();
            one.stale.push_back(question.name);
            if (all->judgements.empty()) out.stale.push_back(question);
        }
        all->weather = judged.weather;
        all->judgements.push_back(judge_.judge(judged));
        const Judgement& judgement = all->judgements.back();
        all->gathered.push_back(gather(judgement.held));
        const Held& held = all->gathered.back().held;
        one.option = &held.project->options[held.option];
        one.surfaces = judgement.surfaces.get();
        one.answers = all->gathered.back().answers;
        one.certified = certified_of(judgement, one.option->id);
        one.made = made_of(held);
        one.settles = judgement.settles;
        for (const auto& question : judgement.stale_questions) {
            one.stale.push_back(question.name);
            if (all->judgements.size() == 1) out.stale.push_back(question);
        }
        for (const auto& set : judgement.sets)
            for (const auto& question : set.missing) {
                if (std::ranges::find(one.missing, question.name) != one.missing.end()) continue;
                one.missing.push_back(question.name);
                if (all->judgements.size() == 1) out.missing.push_back(question);
            }
        facts->options.push_back(std::move(one));
    }
    facts->holds = all;
    facts->project = all->gathered.front().held.project.get();
    facts->weather = all->weather.get();
    if (wanted.shots != nullptr) facts->shots.push_back(wanted.shots);
    facts->folder = wanted.folder;
    facts->day = wanted.day;
    out.facts = facts;
    out.book = std::make_shared<const report::Book>(report::compose(facts));
    return out;
}

}  // namespace wp::gui

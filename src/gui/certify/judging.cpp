// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/judging.h"

#include <algorithm>
#include <cmath>

#include "analysis/analysis.h"
#include "describe/depends.h"
#include "describe/field.h"
#include "question/ask.h"

namespace wp::gui {

namespace {

using Kind = model::Question::Kind;

// What a share of points may be off the share of the floor, on a grid that is coarser than it was drawn: twice the
// spread of as many points strewn at random, which a grid stays within. Of what is no share, a fifth.
double coarse_error(const rule::Verdict& verdict, const std::vector<rule::Subject>& subjects) {
    if (rule::unit_of(*verdict.criterion) != "%") return 0.2 * std::fabs(verdict.threshold);
    size_t points = 0;
    for (const auto& subject : subjects)
        if (verdict.plane.empty() || subject.plane.plane == verdict.plane) points += subject.plane.points.size();
    const double p = std::clamp(verdict.value, 0.05, 0.95);
    return 2 * std::sqrt(p * (1 - p) / static_cast<double>(std::max<size_t>(points, 1)));
}

std::vector<rule::Subject> subjects_of(const model::Project& project, const model::Option& option,
                                       const geometry::Surfaces& surfaces) {
    const auto planes = question::planes_of(option, {}, project.site.north);
    return planes ? rule::subjects_of(option, *planes, surfaces) : std::vector<rule::Subject>();
}

// Of tables that were asked of another building than stands there now. What was left out.
std::vector<model::Question> leave_stale_out(Held& held, const climate::WeatherYear* weather) {
    const auto& option = held.project->options[held.option];
    std::vector<model::Question> left;
    std::erase_if(held.asked, [&](const auto& asked) {
        const auto* then = asked.project != nullptr ? model::find(asked.project->options, option.id) : nullptr;
        const auto* question = then != nullptr ? model::find(asked.project->questions, asked.question.id) : nullptr;
        const bool same =
            question != nullptr && analysis::asked_print(*asked.project, *then, *question, weather) ==
                                       analysis::asked_print(*held.project, option, asked.question, weather);
        if (!same) left.push_back(asked.question);
        return !same;
    });
    std::erase_if(held.tables, [&](const auto& table) {
        return std::ranges::none_of(held.asked, [&](const auto& a) { return a.answer == table.second; });
    });
    return left;
}

// A year that has not come all the way has points of its own, and verdicts on it hold only where they are clear.
void judge_coarsely(std::vector<rule::Verdict>& verdicts, const std::vector<rule::Verdict>& on_coarse,
                    const std::vector<rule::Subject>& subjects) {
    for (size_t i = 0; i < std::min(verdicts.size(), on_coarse.size()); ++i) {
        auto& v = verdicts[i];
        if (rule::kind_of(*v.criterion) != Kind::year) continue;
        v = on_coarse[i];
        if (v.answered() && std::fabs(v.margin) < coarse_error(v, subjects))
            v.certain = false, v.state = rule::State::undecided;
    }
}

}  // namespace

std::vector<std::shared_ptr<const void>> ToJudge::holds() const {
    auto out = held.holds();
    if (former)
        for (auto& one : former->holds()) out.push_back(std::move(one));
    return out;
}

ToJudge to_judge(const Document& document, const KeptAnswers& kept, size_t option) {
    ToJudge out{hold_answers(document, kept, option), {}, document.weather()};
    out.held.moment.reset();
    const auto& project = document.project();
    for (size_t i = 0; i < project.options.size(); ++i)
        if (project.options[i].id == project.former && i != option) out.former = hold_answers(document, kept, i);
    return out;
}

const Judge::Looked& Judge::look(const model::Project& project, const model::Option& option) {
    namespace bears = describe::bears;
    Fingerprint of = describe::depends(project, option, bears::light | bears::planes | bears::blinds | bears::use);
    for (const auto& storey : option.storeys) {
        for (const auto& light : storey.rooflights) of.add(std::string_view(light.name));
        for (const auto& room : storey.rooms) {
            of.add(std::string_view(room.name));
            of.add(std::string_view(room.glare_note));
            of.add(static_cast<int>(room.use));
            of.add(static_cast<int>(room.regularly_occupied));
            for (const auto& opening : room.openings) of.add(std::string_view(opening.name));
        }
    }
    Looked& looked = looked_[option.id];
    if (looked.of == of && !looked.subjects.empty()) return looked;
    looked.of = of;
    looked.surfaces = std::make_shared<const geometry::Surfaces>(geometry::build_surfaces(project, option));
    looked.subjects = subjects_of(project, option, *looked.surfaces);
    return looked;
}

// All that verdicts are found from, held on to.
struct Judge::Prepared {
    Held now;
    std::vector<model::Question> stale;
    Gathered known;
    std::optional<Gathered> before;
    const Looked* looked = nullptr;
    rule::Case judged;
};

std::unique_ptr<Judge::Prepared> Judge::prepare(const ToJudge& wanted) {
    auto out = std::make_unique<Prepared>();
    out->now = wanted.held;
    out->stale = leave_stale_out(out->now, wanted.weather.get());
    const auto& project = *out->now.project;
    const auto& option = project.options[out->now.option];
    out->known = gather(out->now);
    if (wanted.former) {
        Held before = *wanted.former;
        leave_stale_out(before, wanted.weather.get());
        out->before = gather(std::move(before));
    }
    out->looked = &look(project, option);
    rule::Case& judged = out->judged;
    judged.subjects = out->looked->subjects;
    judged.rooms = rule::rooms_of(option);
    judged.answers = out->known.answers;
    judged.answers.room_hours = rule::room_hours(project, option);
    judged.option = &option;
    judged.panes = out->looked->surfaces->glazings;
    judged.of = rule::Circumstances{&project, wanted.weather.get()};
    if (out->before) judged.former = out->before->answers;
    return out;
}

void Judge::with_case(const ToJudge& wanted, const std::function<void(const rule::Case&)>& use) {
    use(prepare(wanted)->judged);
}

Judgement Judge::judge(const ToJudge& wanted) {
    const auto prepared = prepare(wanted);
    const Held& now = prepared->now;
    const rule::Case& judged = prepared->judged;
    const Looked& looked = *prepared->looked;
    const auto& project = *now.project;
    const auto& option = project.options[now.option];
    Judgement out;
    out.stale_questions = prepared->stale;
    out.held = now;
    out.surfaces = looked.surfaces;
    out.assumptions = rule::assumptions_of(project, *looked.surfaces, wanted.weather.get());
    out.settles = (now.year != nullptr && !now.year->record.settled) ||
                  (now.daylight != nullptr && !now.daylight->record.settled);
    std::optional<rule::Case> coarse;
    if (now.year_stage.coarser > 1) {
        const auto asked = at_stage(now.project, now.option, now.year_stage);
        coarse = judged;
        coarse->subjects = subjects_of(*asked, asked->options[now.option], *looked.surfaces);
        for (size_t i = 0; i < coarse->subjects.size() && i < judged.subjects.size(); ++i)
            coarse->subjects[i].drawn = judged.subjects[i].drawn;
    }
    for (const auto& id : project.criteria) {
        auto read = rule::set_of(project, id);
        if (!read) {
            out.faults.push_back(read.fault().line());
            continue;
        }
        Kept& kept = kept_[{option.id, id}];
        std::vector<const void*> by{wanted.weather.get()};
        for (const auto& held : out.held.holds()) by.push_back(held.get());
        if (wanted.former)
            for (const auto& held : wanted.former->holds()) by.push_back(held.get());
        if (kept.judged.set == nullptr || kept.by != by || kept.of != looked.of || !(*kept.judged.set == *read)) {
            JudgedSet set;
            set.set = std::make_shared<const rule::CriteriaSet>(std::move(*read));
            set.verdicts = rule::evaluate(*set.set, judged);
            if (coarse) judge_coarsely(set.verdicts, rule::evaluate(*set.set, *coarse), coarse->subjects);
            set.conclusions = rule::conclude(set.verdicts);
            set.outcome = rule::outcome_of(*set.set, set.conclusions);
            auto holds = out.held.holds();
            if (wanted.former)
                for (auto& held : wanted.former->holds()) holds.push_back(held);
            kept = {std::move(by), std::move(holds), looked.of, std::move(set)};
        }
        out.sets.push_back(kept.judged);
        out.sets.back().doubt = rule::doubt_of(project, *kept.judged.set);
        out.sets.back().missing = rule::missing_questions(*kept.judged.set, judged.answers, *judged.of);
    }
    return out;
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/judging.h"

#include <algorithm>
#include <cmath>

#include "question/ask.h"
#include "rule/data.h"

namespace wp::gui {

namespace {

Fingerprint print_of(const std::vector<rule::Subject>& subjects) {
    Fingerprint print;
    for (const auto& s : subjects) {
        print.add(s.plane.fingerprint());
        print.add(std::string_view(s.name));
        print.add(static_cast<int>(s.occupied));
    }
    return print;
}

std::vector<rule::Subject> subjects_of(const model::Project& project, const model::Option& option) {
    const auto planes = question::planes_of(option, {}, project.site.north);
    return planes ? rule::subjects_of(option, *planes) : std::vector<rule::Subject>();
}

// What a share of points may be off the share of the floor, on a grid that is coarser than it was drawn: twice the
// spread of as many points strewn at random, which a grid stays within. Of what is no share, a fifth.
double coarse_error(const rule::Verdict& verdict, const std::vector<rule::Subject>& subjects) {
    if (verdict.criterion->unit != "%") return 0.2 * std::fabs(verdict.threshold);
    size_t points = 0;
    for (const auto& subject : subjects)
        if (verdict.plane.empty() || subject.plane.plane == verdict.plane) points += subject.plane.points.size();
    const double p = std::clamp(verdict.value, 0.05, 0.95);
    return 2 * std::sqrt(p * (1 - p) / static_cast<double>(std::max<size_t>(points, 1)));
}

}  // namespace

// A year that has not come all the way has points of its own, and verdicts on it hold only where they are clear.
JudgedSet Judge::evaluate(const rule::CriteriaSet& read, const Gathered& known,
                          const std::vector<rule::Subject>& subjects,
                          const std::vector<rule::Subject>& year_subjects) const {
    JudgedSet out;
    out.set = std::make_shared<const rule::CriteriaSet>(read);
    out.verdicts = rule::evaluate(*out.set, known.answers, subjects);
    const auto of_year = [](const rule::Verdict& v) {
        return figure::analysis_of(*v.criterion->metric.measure, v.criterion->metric.wanted) ==
               model::Question::Kind::year;
    };
    const bool coarse = known.held.year_stage.coarser > 1;
    if (coarse) {
        const auto on_coarse = rule::evaluate(*out.set, known.answers, year_subjects);
        for (size_t i = 0; i < std::min(out.verdicts.size(), on_coarse.size()); ++i)
            if (of_year(out.verdicts[i])) out.verdicts[i] = on_coarse[i];
    }
    const bool year_settles = known.held.year != nullptr && !known.held.year->record.settled,
               daylight_settles = known.held.daylight != nullptr && !known.held.daylight->record.settled;
    for (auto& v : out.verdicts) {
        if (coarse && of_year(v) && v.answered && std::fabs(v.margin) < coarse_error(v, year_subjects))
            v.certain = false;
        out.undecided.push_back(v.answered && !v.certain && (of_year(v) ? year_settles : daylight_settles));
    }
    return out;
}

Judgement Judge::judge(const Held& held) {
    Judgement out;
    out.held = held;
    const auto& project = *held.project;
    const auto& option = project.options[held.option];
    const Gathered known = gather(held);
    const auto subjects = subjects_of(project, option);
    const auto asked = at_stage(held.project, held.option, held.year_stage);
    const auto year_subjects = subjects_of(*asked, asked->options[held.option]);
    const Fingerprint print = print_of(subjects);
    for (const auto& id : project.criteria) {
        const auto read = rule::criteria_set(id);
        if (!read) {
            out.faults.push_back(read.fault().line());
            continue;
        }
        std::vector<const void*> by;
        for (const auto kind : rule::analyses_of(*read)) {
            const auto given = known.given.find(kind);
            by.push_back(given != known.given.end() ? given->second : nullptr);
            out.needs_year = out.needs_year || kind == model::Question::Kind::year;
        }
        Kept& kept = kept_[{option.id, id}];
        if (kept.judged.set == nullptr || kept.by != by || kept.subjects != print) {
            kept = {by, held.holds(), print, evaluate(*read, known, subjects, year_subjects)};
        }
        out.sets.push_back(kept.judged);
    }
    return out;
}

}  // namespace wp::gui

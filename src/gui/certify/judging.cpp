// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/judging.h"

#include <algorithm>

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

}  // namespace

Judgement Judge::judge(const Held& held) {
    Judgement out;
    out.held = held;
    const auto& project = *held.project;
    const auto& option = project.options[held.option];
    const Gathered known = gather(held);
    const auto planes = question::planes_of(option, {}, project.site.north);
    const auto subjects = planes ? rule::subjects_of(option, *planes) : std::vector<rule::Subject>();
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
            auto set = std::make_shared<const rule::CriteriaSet>(*read);
            auto verdicts = rule::evaluate(*set, known.answers, subjects);
            kept = {by, held.holds(), print, {std::move(set), std::move(verdicts)}};
        }
        out.sets.push_back(kept.judged);
    }
    return out;
}

}  // namespace wp::gui

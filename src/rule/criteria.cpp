// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/criteria.h"

#include <fmt/core.h>

#include <algorithm>
#include <set>

#include "base/text.h"
#include "model/project.h"
#include "rule/data.h"
#include "rule/needs.h"

namespace wp::rule {

namespace {

constexpr const char* kSeeList = "See the list in docs/formats/criteria.md";

std::string named(const std::string& what) { return "\"" + plain_text(what, 60) + "\""; }

Outcome check_measure(const Criterion& c) {
    const auto* measure = measure_of(c);
    if (measure == nullptr) return Fault{"/measure", "there is no measure " + named(c.measure), kSeeList};
    if (measure->takes_figure && figure::find_point_figure(c.figure) == nullptr)
        return Fault{"/figure", "there is no figure " + named(c.figure), kSeeList};
    if (const Need* need = find_need(c.asks); need == nullptr)
        return Fault{"/asks", "there is no way of asking " + named(c.asks), kSeeList};
    else if (!c.asks.empty() && need->kind != kind_of(c))
        return Fault{"/asks", "that way of asking gives no " + named(c.figure.empty() ? c.measure : c.figure),
                     kSeeList};
    return {};
}

Outcome check_thresholds(const Criterion& c) {
    if (c.thresholds.empty()) return Fault{"/thresholds", "there is no threshold", "Give at least one"};
    if (measure_of(c)->is_share && std::ranges::any_of(c.thresholds, [](const Threshold& t) { return t.value > 1; }))
        return Fault{"/thresholds", "a share is more than 1", "Give shares from 0 to 1: 0.5 for 50 %"};
    for (size_t i = 1; i < c.thresholds.size(); ++i) {
        const double before = c.thresholds[i - 1].value, here = c.thresholds[i].value;
        if (c.at_least ? before >= here : before <= here)
            return Fault{fmt::format("/thresholds/{}/value", i), "the levels do not go from the easiest to the hardest",
                         "Sort them"};
    }
    return {};
}

Outcome check_uses(const Criterion& c) {
    for (const auto& use : c.uses)
        if (std::ranges::none_of(model::room_uses(), [&](const auto& u) { return use == u.word; }))
            return Fault{"/uses", "there is no use " + named(use), kSeeList};
    return {};
}

}  // namespace

const figure::Measure* measure_of(const Criterion& c) { return figure::find_measure(c.measure); }

figure::Wanted wanted_of(const Criterion& c) {
    using Blinds = Criterion::Blinds;
    figure::Wanted w;
    w.figure = c.figure;
    w.lux = c.lux;
    w.most_lux = c.most_lux;
    w.time_share = c.time_share;
    w.hours_limit = c.hours_limit;
    w.area_share = c.area_share;
    w.value = c.value;
    w.hours = c.hours == Criterion::Hours::daylight ? figure::Wanted::Hours::daylight
              : c.hours == Criterion::Hours::use    ? figure::Wanted::Hours::use
                                                    : figure::Wanted::Hours::clock;
    w.from = c.from;
    w.to = c.to;
    w.blinds = c.blinds == Blinds::lm83     ? question::Operation::lm83
               : c.blinds == Blinds::groups ? question::Operation::control
                                            : question::Operation::open;
    return w;
}

model::Question::Kind kind_of(const Criterion& c) { return figure::analysis_of(*measure_of(c), wanted_of(c)); }

std::string unit_of(const Criterion& c) {
    const auto* measure = measure_of(c);
    return measure != nullptr ? figure::unit_of(*measure, wanted_of(c)) : "";
}

std::string value_text(const Criterion& c, double value) {
    const auto* measure = measure_of(c);
    if (measure != nullptr && measure->is_share) return fmt::format("{:.1f} %", 100 * value);
    const std::string unit = unit_of(c);
    const std::string number = std::abs(value) >= 1000 ? fmt::format("{:.0f}", value) : fmt::format("{:.3g}", value);
    return number + (unit.empty() ? "" : " ") + unit;
}

std::string needed_text(const Criterion& c, double threshold) {
    return (c.at_least ? "at least " : "at most ") + value_text(c, threshold);
}

Outcome check_set(const CriteriaSet& set) {
    std::set<std::string> seen;
    for (size_t i = 0; i < set.criteria.size(); ++i) {
        const Criterion& c = set.criteria[i];
        const std::string here = fmt::format("/criteria/{}", i);
        if (!seen.insert(c.id).second)
            return Fault{here + "/id", named(c.id) + " is taken already", "Give it an id of its own"};
        for (const auto& check : {check_measure, check_thresholds, check_uses})
            if (const auto fault = check(c)) return Fault{here + fault->place, fault->what, fault->remedy};
    }
    return {};
}

std::vector<model::Question::Kind> analyses_of(const CriteriaSet& set) {
    std::set<model::Question::Kind> kinds;
    for (const Criterion& c : set.criteria) kinds.insert(kind_of(c));
    return {kinds.begin(), kinds.end()};
}

std::vector<std::string> levels_of(const CriteriaSet& set) {
    std::vector<std::string> out;
    for (const Criterion& c : set.criteria)
        for (const Threshold& t : c.thresholds)
            if (std::ranges::find(out, t.level) == out.end()) out.push_back(t.level);
    return out;
}

Result<CriteriaSet> set_of(const model::Project& project, const std::string& id) {
    const auto* own = model::find(project.own_sets, id);
    if (own == nullptr) return criteria_set(id);
    if (const auto fault = check_set(*own))
        return Fault{named(own->name) + " " + fault->place, fault->what, fault->remedy};
    return *own;
}

std::string doubt_of(const model::Project& project, const CriteriaSet& set) {
    if (set.doubt.empty()) return {};
    for (const auto& check : project.set_checks)
        if (check.set == set.id) return {};
    return set.doubt;
}

}  // namespace wp::rule

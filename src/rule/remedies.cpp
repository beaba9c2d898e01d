// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/remedies.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>

namespace wp::rule {

namespace {

constexpr double kClearest = 0.92;  // no pane lets more through
constexpr int kSteps = 7;           // of halving
constexpr double kLeastLux = 10;

/// One verdict asked again with something else.
class Again {
 public:
    Again(const Verdict& verdict, const Case& judged) : verdict_(verdict), case_(judged) {}

    // The verdict on the same place; none where it is not judged then.
    std::optional<Verdict> of(const Criterion& criterion, const Case& judged) {
        kept_.criteria = {criterion};
        for (Verdict& v : evaluate(kept_, judged))
            if (v.room == verdict_.room && (verdict_.room.empty() || v.subject == verdict_.subject))
                return std::move(v);
        return {};
    }
    std::optional<Verdict> of(const Criterion& criterion) { return of(criterion, case_); }
    bool meets(const Criterion& criterion) {
        const auto v = of(criterion);
        return v && v->answered() && v->reached;
    }

 private:
    const Verdict& verdict_;
    const Case& case_;
    CriteriaSet kept_;  // what the last verdict points into
};

bool of_year(const Criterion& c) { return kind_of(c) == model::Question::Kind::year; }

// Targets that another than the asked one would be met with, to 10 lx.
void add_target(const Verdict& v, const Case& judged, std::vector<Remedy>& out) {
    static constexpr const char* with_target[] = {"spatial_autonomy", "provision", "hours_with_mean",
                                                  "hours_with_least"};
    const Criterion& c = *v.criterion;
    if (!c.at_least || std::ranges::none_of(with_target, [&](const char* m) { return c.measure == m; })) return;
    Again again(v, judged);
    const auto met_at = [&](double lux) {
        Criterion other = c;
        other.lux = lux;
        return again.meets(other);
    };
    if (!met_at(kLeastLux)) return;
    double low = kLeastLux, high = c.lux;
    while (high - low > 10) {
        const double middle = (low + high) / 2;
        (met_at(middle) ? low : high) = middle;
    }
    out.push_back({Remedy::Of::target,
                   fmt::format("a target of {:.0f} lx in place of {:.0f} lx", std::floor(low / 10) * 10, c.lux)});
}

void add_hours(const Verdict& v, const Case& judged, std::vector<Remedy>& out) {
    const Criterion& c = *v.criterion;
    if (!of_year(c) || c.hours != Criterion::Hours::clock) return;
    Again again(v, judged);
    for (int less = 1; c.to - c.from - 2 * less >= 4; ++less) {
        Criterion other = c;
        other.from += less, other.to -= less;
        if (!again.meets(other)) continue;
        out.push_back({Remedy::Of::hours, fmt::format("occupied hours from {:g} to {:g}", other.from, other.to)});
        return;
    }
}

void add_blinds(const Verdict& v, const Case& judged, std::vector<Remedy>& out) {
    const Criterion& c = *v.criterion;
    if (!of_year(c) || c.blinds == Criterion::Blinds::open || c.measure == "sunlight_exposure") return;
    Criterion other = c;
    other.blinds = Criterion::Blinds::open;
    if (Again(v, judged).meets(other)) out.push_back({Remedy::Of::blinds, "blinds that stay open"});
}

// The year with panes that let so many times as much through; none where the answer is of numbers alone.
std::shared_ptr<const question::YearAnswer> with_panes(const question::YearAnswer& year, double times) {
    if (year.inputs() == nullptr) return nullptr;
    auto inputs = *year.inputs();
    for (auto& glazing : inputs.panes.glazings) glazing.transmittance *= times;
    inputs.hourly = nullptr;
    return std::make_shared<const question::YearAnswer>(std::move(inputs));
}

double clearest_pane(const question::YearAnswer& year) {
    double most = 0;
    for (const auto& glazing : year.inputs()->panes.glazings) most = std::max(most, glazing.transmittance);
    return most;
}

std::string panes_words(double times, double pane) {
    return fmt::format("panes that let {:.2f} times as much through: {:.2f} in place of {:.2f}", times, pane * times,
                       pane);
}

void add_glass_of_year(const Verdict& v, const Case& judged, const Cancel& cancel, std::vector<Remedy>& out) {
    const Criterion& c = *v.criterion;
    const auto* year = judged.answers.year;
    if (year == nullptr || year->inputs() == nullptr) return;
    const double pane = clearest_pane(*year);
    if (pane <= 0) return;
    const auto met_at = [&](double times) {
        const auto other = with_panes(*year, times);
        Case with = judged;
        with.answers.year = other.get();
        const auto again = Again(v, with).of(c, with);
        return again && again->answered() && again->reached;
    };
    double fails = 1, does = c.at_least ? kClearest / pane : 0.2;
    if ((c.at_least && does <= 1) || cancel.requested() || !met_at(does)) return;
    for (int i = 0; i < kSteps && std::fabs(does - fails) * pane > 0.01 && !cancel.requested(); ++i) {
        const double middle = (fails + does) / 2;
        (met_at(middle) ? does : fails) = middle;
    }
    out.push_back({Remedy::Of::glass, panes_words(does, pane)});
}

// Figures of a table grow as the light that panes let through.
void add_glass_of_table(const Verdict& v, const Case& judged, std::vector<Remedy>& out) {
    static constexpr const char* linear[] = {"mean", "median", "least", "level"};
    static constexpr const char* light[] = {"daylight_factor", "lux_by_median", "lux_by_design_sky", "illuminance"};
    const Criterion& c = *v.criterion;
    const auto is = [](const auto& list, const std::string& id) {
        return std::ranges::any_of(list, [&](const char* one) { return id == one; });
    };
    if (!is(linear, c.measure) || !is(light, c.figure) || v.value <= 0 || judged.panes.empty()) return;
    const double times = v.threshold / v.value;
    double pane = 0;
    for (const auto& glazing : judged.panes) pane = std::max(pane, glazing.transmittance);
    if (pane <= 0 || times * pane > kClearest || (!c.at_least && times * pane < 0.05)) return;
    out.push_back({Remedy::Of::glass, panes_words(times, pane)});
}

}  // namespace

std::vector<Remedy> what_would_do(const Verdict& verdict, const Case& judged, const Cancel& cancel) {
    std::vector<Remedy> out;
    if (!verdict.answered() || verdict.reached) return out;
    if (of_year(*verdict.criterion))
        add_glass_of_year(verdict, judged, cancel, out);
    else
        add_glass_of_table(verdict, judged, out);
    for (const auto& add : {add_blinds, add_hours, add_target})
        if (!cancel.requested()) add(verdict, judged, out);
    return out;
}

namespace {

// Whether a room that the criterion judges waits for its plane: rooms whose planes nobody works at are left alone.
bool waits(const Criterion& c, const RoomFacts& room, const Case& judged) {
    bool has = false, has_occupied = false;
    for (const Subject& s : judged.subjects) {
        if (s.plane.room != room.room) continue;
        has = true;
        has_occupied = has_occupied || s.occupied;
        if (s.occupied && misfit(c.plane, s).empty()) return false;
    }
    return has_occupied || !has;
}

model::ReferencePlane plane_of(const model::RulePlane& rule, const RoomFacts& room) {
    model::ReferencePlane plane;
    plane.room = room.room;
    plane.height = rule.height;
    plane.margin = std::clamp(plane.margin, rule.margin_least, rule.margin_most);
    plane.spacing = spacing_of(rule, room.longer_side);
    plane.for_rules = true;
    plane.name = fmt::format("Rule plane, {:.2f} m", plane.height);
    return plane;
}

}  // namespace

std::vector<model::ReferencePlane> planes_wanted(const std::vector<const CriteriaSet*>& sets, const Case& judged) {
    std::vector<model::ReferencePlane> out;
    for (const CriteriaSet* set : sets)
        for (const Criterion& c : set->criteria)
            for (const RoomFacts& room : judged.rooms) {
                if (!c.has_plane || !wants_room(c, room.use, room.regularly_occupied) || !waits(c, room, judged))
                    continue;
                const auto plane = plane_of(c.plane, room);
                const auto serves = [&](const model::ReferencePlane& p) {
                    return p.room == plane.room && p.height == plane.height && p.margin == plane.margin &&
                           p.spacing <= plane.spacing;
                };
                if (std::ranges::none_of(out, serves)) out.push_back(plane);
            }
    return out;
}

void lay(model::Option& option, const std::vector<model::ReferencePlane>& planes) {
    for (auto plane : planes) {
        plane.id = model::unused_id(option.planes, "rule-plane");
        option.planes.push_back(std::move(plane));
    }
}

}  // namespace wp::rule

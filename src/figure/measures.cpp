// SPDX-License-Identifier: GPL-3.0-or-later
#include "figure/measures.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "figure/year_rooms.h"
#include "light/replicates.h"

namespace wp::figure {

namespace {

using geometry::PlanePoints;
using Kind = model::Question::Kind;
using Found = std::optional<Band>;

metric::Hours hours_of(const Answers& a, const PlanePoints& plane, const Wanted& w) {
    if (w.hours == Wanted::Hours::daylight) return climate::daylight_hours(a.year->outdoor);
    const auto own = a.room_hours.find(plane.room);
    if (w.hours == Wanted::Hours::use && own != a.room_hours.end()) return own->second;
    return a.year->clock_hours(w.from, w.to);
}

// Figures of a year that are shares of their own kind: find(year, place, hours).
template <class Find>
Found of_year(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w, Find&& find) {
    if (a.year == nullptr) return {};
    const auto at = place_of(*a.year, plane, index);
    if (!at) return {};
    return find(*a.year, *at, hours_of(a, plane, w));
}

Found spatial(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return of_year(a, plane, index, w, [&](const auto& year, size_t p, const auto& hours) {
        const auto s = spatial_autonomy(year, p, hours, w.lux, w.time_share, w.blinds);
        return Band{s.value, s.low, s.high};
    });
}
Found sunlight(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return of_year(a, plane, index, w, [&](const auto& year, size_t p, const auto& hours) {
        const double v = sunlight_exposure(year, p, hours, w.lux, w.hours_limit).value;
        return Band{v, v, v};  // traced exactly
    });
}
Found provided(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return of_year(a, plane, index, w, [&](const auto& year, size_t p, const auto& hours) {
        const auto s = provision(year, p, hours, w.lux, w.area_share, w.blinds);
        return Band{s.value, s.low, s.high};
    });
}

Found mean_hours(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return of_year(a, plane, index, w, [&](const auto& year, size_t p, const auto& hours) {
        const auto s = hours_with_mean(year, p, hours, w.lux, w.blinds);
        return Band{s.value, s.low, s.high};
    });
}
// Hours in which every point has the light.
Found least_hours(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return of_year(a, plane, index, w, [&](const auto& year, size_t p, const auto& hours) {
        const auto s = provision(year, p, hours, w.lux, 1, w.blinds);
        const auto all = static_cast<double>(metric::count(hours));
        return Band{all * s.value, all * s.low, all * s.high};
    });
}

// The worst of what the eyes of a room see.
Found glare(const Answers& a, const PlanePoints& plane, size_t, const Wanted&) {
    Found worst;
    for (const auto* seen : a.glares)
        if (seen->observer.room == plane.room && (!worst || seen->dgp > worst->value))
            worst = Band{seen->dgp, seen->dgp_low, seen->dgp_high};
    return worst;
}

// What the eyes of a room are exposed to, as they look, over the year: the worst of them. In the room's time of use.
Found glare_of_year(const Answers& a, const PlanePoints& plane, size_t index, const Wanted&) {
    const auto seats = point_values(a, *find_point_figure("dgp_own_direction"), plane, index, {});
    if (!seats) return {};
    const double worst = *std::ranges::max_element(seats->value);
    return Band{worst, worst, worst};
}

// Likewise, what melanopic light is held at the eyes of a room: the eye with the least.
Found melanopic_held(const Answers& a, const PlanePoints& plane, size_t index, const Wanted&) {
    const auto seats = point_values(a, *find_point_figure("melanopic_held"), plane, index, {});
    if (!seats) return {};
    return Band{std::ranges::min(seats->value), std::ranges::min(seats->low), std::ranges::min(seats->high)};
}

// Of the eyes of a room the one with most glare; eyes are places of their own.
Found unified_glare(const Answers& a, const PlanePoints& plane, size_t, const Wanted&) {
    const auto table = a.tables.find(Kind::electric);
    if (table == a.tables.end() || plane.room.empty()) return {};
    const auto* column = column_of(*table->second, *find_point_figure("ugr"));
    if (column == nullptr) return {};
    Found out;
    for (size_t p = 0; p < table->second->planes.size(); ++p) {
        if (table->second->planes[p].room != plane.room) continue;
        for (size_t i = 0; i < column->value[p].size(); ++i) {
            // An eye that sees no luminaire has no rating: nothing there is glare.
            const double value = std::isnan(column->value[p][i]) ? 0 : column->value[p][i],
                         half = light::kStudent95 * column->standard_error[p][i];
            if (!out || value > out->value) out = Band{value, std::max(0.0, value - half), value + half};
        }
    }
    return out;
}

std::optional<PointValues> points(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    const auto* figure = find_point_figure(w.figure);
    if (figure == nullptr) return {};
    OfYear of{{}, {}, w.blinds};
    of.limits.target = w.lux;
    if (a.year != nullptr) of.hours = hours_of(a, plane, w);
    auto found = point_values(a, *figure, plane, index, of);
    if (found && found->value.empty()) return {};
    return found;
}

// A number of a list that rises where any of the list does: the ends of the points' bands give those of its own.
template <class Of>
Found rising(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w, Of&& of) {
    const auto found = points(a, plane, index, w);
    if (!found) return {};
    return Band{of(found->value), of(found->low), of(found->high)};
}

double mean_of(const std::vector<double>& v) {
    return std::accumulate(v.begin(), v.end(), 0.0) / static_cast<double>(v.size());
}
double least_of(const std::vector<double>& v) { return *std::min_element(v.begin(), v.end()); }
// What that share of the points has at least.
double level_of(std::vector<double> v, double share) {
    const auto n = static_cast<double>(v.size());
    const auto k = static_cast<size_t>(std::clamp(std::ceil(share * n - 1e-9) - 1, 0.0, n - 1));
    std::nth_element(v.begin(), v.begin() + static_cast<long>(k), v.end(), std::greater<>());
    return v[k];
}

// LEED v4.1, option 2: share of the plane whose light lies within the range at both hours, each the mean of two days.
// The table has the moments of rule/needs: both hours of one day, then of the other.
Found in_range_at_both(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    const auto table = a.tables.find(Kind::moment);
    if (table == a.tables.end()) return {};
    const auto at = place_of(*table->second, plane, index);
    std::vector<const question::Column*> moments;
    for (const auto& column : table->second->columns)
        if (column.id.starts_with("lux_")) moments.push_back(&column);
    if (!at || moments.size() != 4) return {};
    const size_t n = plane.points.size();
    // The ends of the band: every point at that end of its own which brings it out of the range, or into it.
    double in = 0, surely = 0, perhaps = 0;
    for (size_t i = 0; i < n; ++i) {
        bool is = true, sure = true, may = true;
        for (size_t hour = 0; hour < 2; ++hour) {
            double lux = 0, error = 0;
            for (const size_t day : {hour, hour + 2}) {
                lux += moments[day]->value[*at][i] / 2;
                if (!moments[day]->standard_error.empty())
                    error = std::hypot(error, light::kStudent95 * moments[day]->standard_error[*at][i] / 2);
            }
            is = is && lux >= w.lux && lux <= w.most_lux;
            sure = sure && lux - error >= w.lux && lux + error <= w.most_lux;
            may = may && lux + error >= w.lux && lux - error <= w.most_lux;
        }
        in += is, surely += sure, perhaps += may;
    }
    const auto all = static_cast<double>(std::max<size_t>(n, 1));
    return Band{in / all, surely / all, perhaps / all};
}

Found mean(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    const auto* figure = find_point_figure(w.figure);
    const auto table = figure != nullptr ? a.tables.find(figure->of) : a.tables.end();
    // Chances of points that were sampled apart even out.
    if (table != a.tables.end() && figure->of_year == nullptr && !is_of_seats(figure->of)) {
        const auto at = place_of(*table->second, plane, index);
        const auto* column = column_of(*table->second, *figure);
        if (!at || column == nullptr) return {};
        const auto f = question::figures_of(*column, *at);
        return Band{f.mean, std::max(0.0, f.mean - f.mean_half_width), f.mean + f.mean_half_width};
    }
    return rising(a, plane, index, w, mean_of);
}
Found median(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return rising(a, plane, index, w, [](const auto& v) { return level_of(v, 0.5); });
}
Found least(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return rising(a, plane, index, w, least_of);
}
Found level(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return rising(a, plane, index, w, [&](const auto& v) { return level_of(v, w.area_share); });
}
Found area_share(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    return rising(a, plane, index, w, [&](const std::vector<double>& v) {
        return static_cast<double>(std::count_if(v.begin(), v.end(), [&](double x) { return x >= w.value; })) /
               static_cast<double>(v.size());
    });
}
// Least over mean: its band has the least at one end and the mean at the other.
Found uniformity(const Answers& a, const PlanePoints& plane, size_t index, const Wanted& w) {
    const auto lowest = least(a, plane, index, w), whole = mean(a, plane, index, w);
    if (!lowest || !whole || whole->value <= 0) return {};
    const double value = lowest->value / whole->value;
    return Band{value, lowest->low / whole->high, whole->low > 0 ? std::min(1.0, lowest->high / whole->low) : 1.0};
}

constexpr Measure kAll[] = {
    {"spatial_autonomy", "Spatial daylight autonomy", false, true, Kind::year, spatial},
    {"sunlight_exposure", "Annual sunlight exposure", false, true, Kind::year, sunlight},
    {"provision", "Provision", false, true, Kind::year, provided},
    {"hours_with_mean", "Hours with that mean", false, false, Kind::year, mean_hours, "h"},
    {"hours_with_least", "Hours with that at every point", false, false, Kind::year, least_hours, "h"},
    {"in_range_at_both", "Share in range at both hours", false, true, Kind::moment, in_range_at_both},
    {"glare_probability", "Daylight glare probability", false, false, Kind::glare, glare},
    {"glare_of_year", "DGP exceeded in at most 5 % of the use", false, false, Kind::glare_year, glare_of_year},
    {"melanopic_held", "Melanopic EDI held at the eyes", false, false, Kind::body_clock, melanopic_held, "lx"},
    {"ugr_at_eyes", "UGR at the eyes", false, false, Kind::electric, unified_glare},
    {"mean", "mean", true, false, Kind::year, mean},
    {"median", "median", true, false, Kind::year, median},
    {"least", "least", true, false, Kind::year, least},
    {"uniformity", "uniformity", true, true, Kind::year, uniformity},
    {"level", "level", true, false, Kind::year, level},
    {"area_share", "share of the area", true, true, Kind::year, area_share},
};

}  // namespace

std::span<const Measure> measures() { return kAll; }

const Measure* find_measure(std::string_view id) {
    for (const Measure& m : kAll)
        if (id == m.id) return &m;
    return nullptr;
}

Kind analysis_of(const Measure& measure, const Wanted& wanted) {
    const auto* figure = measure.takes_figure ? find_point_figure(wanted.figure) : nullptr;
    return figure != nullptr ? figure->of : measure.of;
}

std::string unit_of(const Measure& measure, const Wanted& wanted) {
    if (measure.is_share) return "%";
    const auto* figure = measure.takes_figure ? find_point_figure(wanted.figure) : nullptr;
    return figure != nullptr ? figure->unit : measure.unit;
}

}  // namespace wp::figure

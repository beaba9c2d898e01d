// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/criteria.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <set>

#include "base/log.h"
#include "figure/year_rooms.h"
#include "store/document.h"
#include "store/fields.h"

namespace wp::rule {

namespace {

using store::Fields;

void visit(Fields& f, Metric& m) {
    using Kind = Metric::Kind;
    f.choice("kind", m.kind,
             {{"spatial_autonomy", Kind::spatial_autonomy},
              {"sunlight_exposure", Kind::sunlight_exposure},
              {"provision", Kind::provision}});
    f.number("lux", m.lux, 0, 1e6);
    f.number("time_share", m.time_share, 0, 1, Fields::optional);
    f.number("hours_limit", m.hours_limit, 0, 8760, Fields::optional);
    f.number("area_share", m.area_share, 0, 1, Fields::optional);
    f.flag("blinds", m.blinds, Fields::optional);
    f.number("from", m.from, 0, 24, Fields::optional);
    f.number("to", m.to, 0, 24, Fields::optional);
    f.no_more();
    if (f.reading() && m.to <= m.from)
        f.fail("/to", "the hours end before they begin", "Give hours of one day, the first before the last");
}

void visit(Fields& f, Threshold& t) {
    f.number("threshold", t.value, 0, 1e6);
    f.text("level", t.level);
    f.no_more();
}

// All metrics of today are shares: of area or of time.
bool is_share(const Criterion& c) { return c.unit == "%"; }

void visit(Fields& f, Criterion& c) {
    f.text("id", c.id);
    f.text("name", c.name);
    f.text("meaning", c.meaning);
    f.text("source", c.source);
    f.text("unit", c.unit);
    f.object("metric", [&](Fields& g) { visit(g, c.metric); });
    f.flag("daylight_hours", c.metric.daylight_hours, Fields::optional);
    f.flag("occupied_area", c.occupied_area, Fields::optional);
    f.flag("at_least", c.at_least);
    f.flag("optional", c.optional, Fields::optional);
    f.list("thresholds", c.thresholds, [](Fields& g, Threshold& t) { visit(g, t); });
    f.no_more();
    if (!f.reading()) return;
    if (c.thresholds.empty()) f.fail("/thresholds", "there is no threshold", "Give at least one");
    if (is_share(c) && std::ranges::any_of(c.thresholds, [](const Threshold& t) { return t.value > 1; }))
        f.fail("/thresholds", "a share is more than 1", "Give shares from 0 to 1: 0.5 for 50 %");
    const auto rises = [&](const Threshold& a, const Threshold& b) {
        return c.at_least ? a.value < b.value : a.value > b.value;
    };
    for (size_t i = 1; i < c.thresholds.size(); ++i)
        if (!rises(c.thresholds[i - 1], c.thresholds[i]))
            f.fail(fmt::format("/thresholds/{}/threshold", i), "the levels do not go from the easiest to the hardest",
                   "Sort them");
}

metric::Hours hours_of(const Metric& m, const question::YearAnswer& year) {
    return m.daylight_hours ? climate::daylight_hours(year.outdoor) : year.clock_hours(m.from, m.to);
}

struct Band {
    double value, low, high;
};

Band measure(const Metric& m, const question::YearAnswer& year, size_t p, const metric::Hours& hours) {
    const auto operation = m.blinds ? question::Operation::lm83 : question::Operation::open;
    switch (m.kind) {
        case Metric::Kind::spatial_autonomy: {
            const auto s = figure::spatial_autonomy(year, p, hours, m.lux, m.time_share, operation);
            return {s.value, s.low, s.high};
        }
        case Metric::Kind::sunlight_exposure: {
            const double v = figure::sunlight_exposure(year, p, hours, m.lux, m.hours_limit).value;
            return {v, v, v};  // traced exactly
        }
        case Metric::Kind::provision: {
            const auto s = figure::provision(year, p, hours, m.lux, m.area_share, operation);
            return {s.value, s.low, s.high};
        }
    }
    return {};
}

Verdict judge(const Criterion& c, Band band, std::string subject, model::Id plane) {
    Verdict v;
    v.criterion = &c;
    v.subject = std::move(subject);
    v.plane = std::move(plane);
    v.value = band.value;
    v.low = band.low;
    v.high = band.high;
    const auto meets = [&](double value, double threshold) {
        return c.at_least ? value >= threshold : value <= threshold;
    };
    v.threshold = c.thresholds.front().value;
    v.level = c.thresholds.front().level;
    for (const Threshold& t : c.thresholds)
        if (meets(band.value, t.value)) {
            v.met = true;
            v.threshold = t.value;
            v.level = t.level;
        }
    v.margin = c.at_least ? v.value - v.threshold : v.threshold - v.value;
    v.certain = meets(band.low, v.threshold) == v.met && meets(band.high, v.threshold) == v.met;
    return v;
}

// Planes of one room: where two lie over the same floor it counts once, and both count in what is said of it.
class OfRoom {
 public:
    void add(const geometry::PlanePoints& plane, Band band) {
        const double area = plane.area();
        sum_ = {sum_.value + area * band.value, sum_.low + area * band.low, sum_.high + area * band.high};
        area_ += area;
        for (const Vec3& p : plane.points) cover(plane, p);
    }
    Band mean() const { return {sum_.value / area_, sum_.low / area_, sum_.high / area_}; }
    double floor() const { return std::min(static_cast<double>(covered_.size()) * kGrain * kGrain, area_); }

 private:
    static constexpr double kGrain = 0.1;  // metres
    // Squares of the floor whose middles lie within a point's cell.
    void cover(const geometry::PlanePoints& plane, Vec3 p) {
        const double reach = 0.5 * std::hypot(plane.dx, plane.dy);
        const auto first = [&](double v) { return std::lround(std::floor((v - reach) / kGrain)); };
        const auto last = [&](double v) { return std::lround(std::floor((v + reach) / kGrain)); };
        for (long i = first(p.x); i <= last(p.x); ++i)
            for (long j = first(p.y); j <= last(p.y); ++j) {
                const Vec3 off{(static_cast<double>(i) + 0.5) * kGrain - p.x,
                               (static_cast<double>(j) + 0.5) * kGrain - p.y, 0};
                if (std::fabs(dot(off, plane.across)) <= plane.dx / 2 && std::fabs(dot(off, plane.up)) <= plane.dy / 2)
                    covered_.insert({i, j});
            }
    }

    Band sum_{0, 0, 0};
    double area_ = 0;
    std::set<std::pair<long, long>> covered_;
};

std::optional<Band> over_floor(const std::map<std::string, OfRoom>& rooms) {
    Band sum{0, 0, 0};
    double floor = 0;
    for (const auto& [id, room] : rooms) {
        const Band mean = room.mean();
        const double area = room.floor();
        sum = {sum.value + area * mean.value, sum.low + area * mean.low, sum.high + area * mean.high};
        floor += area;
    }
    if (floor <= 0) return {};
    return Band{sum.value / floor, sum.low / floor, sum.high / floor};
}

}  // namespace

Result<CriteriaSet> parse_criteria(std::string_view text, const std::string& name) {
    auto parsed = parse_json(text, name);
    if (!parsed) return parsed.fault();
    Json& document = *parsed;
    CriteriaSet set;
    int format = 0;
    Fields f = Fields::reader(document);
    f.whole("format", format, 1, 1);
    f.text("id", set.id);
    f.text("name", set.name);
    f.text("source", set.source);
    f.list("criteria", set.criteria, [](Fields& g, Criterion& c) { visit(g, c); });
    f.no_more();
    std::set<std::string> seen;
    for (size_t i = 0; i < set.criteria.size(); ++i)
        if (!seen.insert(set.criteria[i].id).second)
            f.fail(fmt::format("/criteria/{}/id", i), "\"" + set.criteria[i].id + "\" is taken already",
                   "Give it an id of its own");
    if (f.fault()) return store::in_file(name, *f.fault());
    return set;
}

Result<CriteriaSet> read_criteria(const std::filesystem::path& path) {
    return store::parse_file(path, size_t{1} << 20, parse_criteria);
}

std::vector<Verdict> evaluate(const CriteriaSet& set, const question::YearAnswer& year,
                              const std::vector<std::string>& names, const std::vector<bool>& occupied) {
    std::vector<Verdict> verdicts;
    for (const Criterion& c : set.criteria) {
        const auto hours = hours_of(c.metric, year);
        std::map<std::string, OfRoom> rooms;
        for (size_t p = 0; p < year.planes.size(); ++p) {
            if (!occupied[p] || year.planes[p].plane.points.empty()) continue;
            const Band band = measure(c.metric, year, p, hours);
            rooms[year.planes[p].plane.room].add(year.planes[p].plane, band);
            if (!c.occupied_area) verdicts.push_back(judge(c, band, names[p], year.planes[p].plane.plane));
        }
        if (const auto all = over_floor(rooms); c.occupied_area && all)
            verdicts.push_back(judge(c, *all, "Occupied area", {}));
    }
    log(LogOf::rule, "criteria set {}: {} verdicts", set.id, verdicts.size());
    return verdicts;
}

}  // namespace wp::rule

// SPDX-License-Identifier: GPL-3.0-or-later
#include "rule/criteria.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <set>

#include "base/log.h"
#include "base/text.h"
#include "question/ask.h"
#include "store/document.h"
#include "store/fields.h"

namespace wp::rule {

namespace {

using store::Fields;

void visit(Fields& f, Metric& m) {
    static const auto kinds = [] {
        std::vector<std::pair<const char*, const figure::Measure*>> out;
        for (const auto& measure : figure::measures()) out.emplace_back(measure.id, &measure);
        return out;
    }();
    figure::Wanted& w = m.wanted;
    f.choice("kind", m.measure, std::span(kinds));
    if (m.measure == nullptr) m.measure = kinds.front().second;  // a fault is told already
    if (m.measure->takes_figure) {
        f.text("figure", w.figure);
        if (f.reading() && figure::find_point_figure(w.figure) == nullptr)
            f.fail("/figure", "there is no figure \"" + plain_text(w.figure, 60) + "\"",
                   "See the list in docs/formats/criteria.md");
    }
    f.number("lux", w.lux, 0, 1e6, Fields::optional);
    f.number("time_share", w.time_share, 0, 1, Fields::optional);
    f.number("hours_limit", w.hours_limit, 0, 8760, Fields::optional);
    f.number("area_share", w.area_share, 0, 1, Fields::optional);
    f.number("value", w.value, 0, 1e6, Fields::optional);
    f.flag("blinds", w.blinds, Fields::optional);
    f.number("from", w.from, 0, 24, Fields::optional);
    f.number("to", w.to, 0, 24, Fields::optional);
    f.no_more();
    if (f.reading() && w.to <= w.from)
        f.fail("/to", "the hours end before they begin", "Give hours of one day, the first before the last");
}

void visit(Fields& f, Threshold& t) {
    f.number("threshold", t.value, 0, 1e6);
    f.text("level", t.level);
    f.no_more();
}

bool is_share(const Criterion& c) { return c.metric.measure->is_share; }

void visit(Fields& f, Criterion& c) {
    f.text("id", c.id);
    f.text("name", c.name);
    f.text("meaning", c.meaning);
    f.text("source", c.source);
    f.text("unit", c.unit);
    f.object("metric", [&](Fields& g) { visit(g, c.metric); });
    f.flag("daylight_hours", c.metric.wanted.daylight_hours, Fields::optional);
    f.flag("occupied_area", c.occupied_area, Fields::optional);
    f.flag("at_least", c.at_least);
    f.flag("optional", c.optional, Fields::optional);
    f.list("thresholds", c.thresholds, [](Fields& g, Threshold& t) { visit(g, t); });
    f.no_more();
    if (!f.reading() || f.fault()) return;
    if (const std::string unit = figure::unit_of(*c.metric.measure, c.metric.wanted); c.unit != unit)
        f.fail("/unit", "the metric is not measured in \"" + plain_text(c.unit, 20) + "\"",
               "Give it as \"" + unit + "\"");
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

using figure::Band;

Verdict judge(const Criterion& c, const std::optional<Band>& found, std::string subject, model::Id plane) {
    Verdict v;
    v.criterion = &c;
    v.subject = std::move(subject);
    v.plane = std::move(plane);
    v.threshold = c.thresholds.front().value;
    v.level = c.thresholds.front().level;
    v.answered = found.has_value();
    if (!found) return v;
    const Band& band = *found;
    v.value = band.value;
    v.low = band.low;
    v.high = band.high;
    const auto meets = [&](double value, double threshold) {
        return c.at_least ? value >= threshold : value <= threshold;
    };
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

std::vector<Verdict> evaluate(const CriteriaSet& set, const figure::Answers& answers,
                              const std::vector<Subject>& subjects) {
    std::vector<Verdict> verdicts;
    for (const Criterion& c : set.criteria) {
        std::map<std::string, OfRoom> rooms;
        bool answered = true;
        for (size_t p = 0; p < subjects.size(); ++p) {
            const auto& plane = subjects[p].plane;
            if (!subjects[p].occupied || plane.points.empty()) continue;
            const auto band = c.metric.measure->find(answers, plane, p, c.metric.wanted);
            if (!c.occupied_area) verdicts.push_back(judge(c, band, subjects[p].name, plane.plane));
            if (band)
                rooms[plane.room].add(plane, *band);
            else
                answered = false;
        }
        if (!c.occupied_area) continue;
        // A floor of which a part is not known is not known.
        const auto all = over_floor(rooms);
        if (all || !answered) verdicts.push_back(judge(c, answered ? all : std::nullopt, "Occupied area", {}));
    }
    log(LogOf::rule, "criteria set {}: {} verdicts", set.id, verdicts.size());
    return verdicts;
}

std::vector<Subject> subjects_of(const model::Option& option, const std::vector<geometry::PlanePoints>& planes) {
    const auto names = question::plane_names(option, planes);
    const auto occupied = question::occupied_planes(option, planes);
    std::vector<Subject> out;
    for (size_t p = 0; p < planes.size(); ++p) out.push_back({planes[p], names[p], occupied[p]});
    return out;
}

std::vector<model::Question::Kind> analyses_of(const CriteriaSet& set) {
    std::set<model::Question::Kind> kinds;
    for (const Criterion& c : set.criteria) kinds.insert(figure::analysis_of(*c.metric.measure, c.metric.wanted));
    return {kinds.begin(), kinds.end()};
}

std::string value_text(const Criterion& c, double value) {
    if (is_share(c)) return fmt::format("{:.1f} %", 100 * value);
    return fmt::format("{:.3g}{}{}", value, c.unit.empty() ? "" : " ", c.unit);
}

}  // namespace wp::rule

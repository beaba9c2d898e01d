// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/drawing.h"

#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"
#include "incoming/outlines.h"

namespace wp::incoming {

namespace {

constexpr size_t kMostCrossed = 64;  // segments near the pointer whose crossings are looked for

struct Segment {
    Vec2 a, b;
};

template <class Visit>
void each_segment(const std::vector<Line>& lines, Visit&& visit) {
    for (const Line& line : lines) {
        for (size_t i = 0; i + 1 < line.points.size(); ++i) visit(Segment{line.points[i], line.points[i + 1]});
        if (line.closed && line.points.size() > 2) visit(Segment{line.points.back(), line.points.front()});
    }
}

std::optional<Vec2> crossing(const Segment& s, const Segment& t) {
    const Vec2 u = s.b - s.a, v = t.b - t.a;
    const double d = cross(u, v);
    if (std::fabs(d) < 1e-12) return {};
    const double p = cross(t.a - s.a, v) / d, q = cross(t.a - s.a, u) / d;
    if (p < -1e-9 || p > 1 + 1e-9 || q < -1e-9 || q > 1 + 1e-9) return {};
    return s.a + u * p;
}

Vec2 foot_on(const Segment& s, Vec2 p) {
    const Vec2 d = s.b - s.a;
    const double l2 = dot(d, d);
    return l2 < 1e-18 ? s.a : s.a + d * std::clamp(dot(p - s.a, d) / l2, 0.0, 1.0);
}

}  // namespace

Drawing::Drawing(const Building& building) : lines_(building.lines) {
    low_ = {1e18, 1e18}, high_ = {-1e18, -1e18};
    std::set<std::string> names;
    for (const Line& line : lines_) {
        names.insert(line.layer);
        for (const Vec2 p : line.points) {
            low_ = {std::min(low_.x, p.x), std::min(low_.y, p.y)};
            high_ = {std::max(high_.x, p.x), std::max(high_.y, p.y)};
        }
    }
    if (lines_.empty()) low_ = high_ = {};
    layers_.assign(names.begin(), names.end());
}

Drawing::Laid Drawing::laid(const model::Underlay& underlay) const {
    Laid out;
    const double scale = width() > 1e-9 ? underlay.width / width() : 1, a = radians(underlay.turn), c = std::cos(a),
                 s = std::sin(a);
    for (const Line& line : lines_) {
        if (std::ranges::find(underlay.layers_off, line.layer) != underlay.layers_off.end()) continue;
        Line placed = line;
        for (Vec2& p : placed.points) {
            const Vec2 own = (p - low_) * scale;
            p = underlay.place + Vec2{c * own.x - s * own.y, s * own.x + c * own.y};
        }
        out.lines.push_back(std::move(placed));
    }
    return out;
}

std::optional<geometry::Snap> Drawing::Laid::snap(Vec2 place, double reach) const {
    using Kind = geometry::Snap::Kind;
    geometry::Snap end, middle, on;
    double end_away = reach, middle_away = reach, on_away = reach;
    std::vector<Segment> near;
    const auto take = [&](geometry::Snap& best, double& away, Kind kind, Vec2 at) {
        if (const double d = length(at - place); d < away) away = d, best = {kind, at, {}};
    };
    each_segment(lines, [&](const Segment& s) {
        const Vec2 foot = foot_on(s, place);
        if (length(foot - place) > reach) return;
        if (near.size() < kMostCrossed) near.push_back(s);
        take(end, end_away, Kind::end, s.a);
        take(end, end_away, Kind::end, s.b);
        take(middle, middle_away, Kind::middle, (s.a + s.b) * 0.5);
        take(on, on_away, Kind::wall, foot);
    });
    for (size_t i = 0; i < near.size(); ++i)
        for (size_t k = i + 1; k < near.size(); ++k)
            if (const auto at = crossing(near[i], near[k])) take(end, end_away, Kind::end, *at);
    if (end.kind != Kind::free) return end;
    if (middle.kind != Kind::free) return middle;
    if (on.kind != Kind::free) return on;
    return {};
}

std::vector<Vec2> Drawing::Laid::outline_around(Vec2 place) const {
    std::vector<Vec2> best;
    double least = 1e18;
    for (const Line& line : lines) {
        const bool closed =
            line.closed || (line.points.size() > 3 && length(line.points.front() - line.points.back()) < 1e-4);
        if (!closed || line.points.size() < 3) continue;
        geometry::Polygon ring = simplified(line.points);
        if (geometry::signed_area(ring) < 0) std::ranges::reverse(ring);
        const double area = geometry::signed_area(ring);
        if (area >= least || !geometry::contains(ring, place)) continue;
        least = area;
        best = std::move(ring);
    }
    return best;
}

}  // namespace wp::incoming

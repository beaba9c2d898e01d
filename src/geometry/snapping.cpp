// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/snapping.h"

#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"

namespace wp::geometry {
using namespace model;

const char* snap_name(Snap::Kind kind) {
    static constexpr const char* names[] = {
        "", "", "corner", "middle", "on wall", "square to wall", "in line", "other storey"};
    return names[static_cast<int>(kind)];
}

namespace {

struct Line {
    Vec2 a, b;
};

struct Drawn {
    std::vector<Vec2> corners;
    std::vector<Line> lines;
};

Drawn drawn_on(const Storey& storey, const std::set<Id>& ignore) {
    Drawn out;
    for (const Room& room : storey.rooms) {
        if (ignore.contains(room.id)) continue;
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            out.corners.push_back(edge_begin(room, e));
            out.lines.push_back({edge_begin(room, e), edge_end(room, e)});
        }
    }
    for (const Partition& p : storey.partitions) {
        if (ignore.contains(p.id)) continue;
        out.corners.insert(out.corners.end(), {p.from, p.to});
        out.lines.push_back({p.from, p.to});
    }
    for (const FloorVoid& v : storey.voids) {
        if (ignore.contains(v.id)) continue;
        for (size_t i = 0; i < v.outline.size(); ++i) {
            out.corners.push_back(v.outline[i]);
            out.lines.push_back({v.outline[i], v.outline[(i + 1) % v.outline.size()]});
        }
    }
    return out;
}

double to_grid(double v, double step) { return std::round(v / step) * step; }

Vec2 nearest_on(const Line& line, Vec2 p) {
    const Vec2 d = line.b - line.a;
    const double square = dot(d, d);
    return square > 0 ? line.a + d * std::clamp(dot(p - line.a, d) / square, 0.0, 1.0) : line.a;
}

// Nearest of some points within reach.
std::optional<Vec2> nearest(const std::vector<Vec2>& points, Vec2 p, double reach) {
    std::optional<Vec2> out;
    for (const Vec2 q : points)
        if (const double d = length(q - p); d < reach) {
            reach = d;
            out = q;
        }
    return out;
}

std::vector<Vec2> middles(const Drawn& drawn) {
    std::vector<Vec2> out;
    for (const Line& line : drawn.lines) out.push_back((line.a + line.b) * 0.5);
    return out;
}

}  // namespace

Snap find_snap(const Option& option, size_t storey, Vec2 p, double reach, const SnapSettings& settings,
               std::optional<Vec2> from, const std::set<Id>& ignore) {
    const Drawn drawn = storey < option.storeys.size() ? drawn_on(option.storeys[storey], ignore) : Drawn{};
    Drawn others;
    if (settings.storeys)
        for (size_t s = 0; s < option.storeys.size(); ++s)
            if (s != storey) {
                const Drawn more = drawn_on(option.storeys[s], ignore);
                others.corners.insert(others.corners.end(), more.corners.begin(), more.corners.end());
                others.lines.insert(others.lines.end(), more.lines.begin(), more.lines.end());
            }
    if (settings.ends)
        if (const auto q = nearest(drawn.corners, p, reach)) return {Snap::Kind::end, *q, {}};
    if (settings.middles)
        if (const auto q = nearest(middles(drawn), p, reach)) return {Snap::Kind::middle, *q, {}};
    if (settings.storeys)
        if (const auto q = nearest(others.corners, p, reach)) return {Snap::Kind::storey, *q, {}};
    // The foot of the square from the last point to a wall.
    if (settings.perpendicular && from)
        for (const Line& line : drawn.lines) {
            const Vec2 foot = nearest_on(line, *from);
            if (length(foot - p) < reach && length(foot - *from) > 1e-3 &&
                std::fabs(dot(normalized(foot - *from), normalized(line.b - line.a))) < 1e-3)
                return {Snap::Kind::perpendicular, foot, {{*from, foot}}};
        }

    // In line with corners, or level with the last point: each axis by itself.
    Vec2 at = settings.grid ? Vec2{to_grid(p.x, settings.step), to_grid(p.y, settings.step)} : p;
    std::optional<Vec2> by_x, by_y;
    if (settings.alignment) {
        double best_x = reach, best_y = reach;
        const auto consider = [&](Vec2 q) {
            if (std::fabs(q.x - p.x) < best_x) {
                best_x = std::fabs(q.x - p.x);
                by_x = q;
            }
            if (std::fabs(q.y - p.y) < best_y) {
                best_y = std::fabs(q.y - p.y);
                by_y = q;
            }
        };
        for (const Vec2 q : drawn.corners) consider(q);
        if (from) consider(*from);
        if (by_x) at.x = by_x->x;
        if (by_y) at.y = by_y->y;
    }
    if (settings.walls) {
        double best = reach;
        std::optional<Vec2> on;
        const Line* wall = nullptr;
        for (const Line& line : drawn.lines)
            if (const Vec2 q = nearest_on(line, p); length(q - p) < best) {
                best = length(q - p);
                on = q;
                wall = &line;
            }
        if (on) {
            // Along the wall the grid counts from its first end; an alignment that crosses the wall is kept.
            const Vec2 d = normalized(wall->b - wall->a);
            Snap out{Snap::Kind::wall, *on, {}};
            if (by_x && std::fabs(d.x) > 0.1) {
                out.at = wall->a + d * ((by_x->x - wall->a.x) / d.x);
                out.guides = {{*by_x, out.at}};
            } else if (by_y && std::fabs(d.y) > 0.1) {
                out.at = wall->a + d * ((by_y->y - wall->a.y) / d.y);
                out.guides = {{*by_y, out.at}};
            } else if (settings.grid) {
                out.at = wall->a +
                         d * std::clamp(to_grid(dot(*on - wall->a, d), settings.step), 0.0, length(wall->b - wall->a));
            }
            return out;
        }
    }
    Snap out{by_x || by_y ? Snap::Kind::aligned : settings.grid ? Snap::Kind::grid : Snap::Kind::free, at, {}};
    if (by_x) out.guides.emplace_back(*by_x, at);
    if (by_y) out.guides.emplace_back(*by_y, at);
    return out;
}

std::vector<Vec2> arc_points(Vec2 a, Vec2 b, Vec2 through) {
    const Vec2 u = through - a, v = b - a;
    const double turn = 2 * cross(u, v);
    if (std::fabs(turn) < 1e-6) return {b};
    const Vec2 centre = a + Vec2{v.y * dot(u, u) - u.y * dot(v, v), u.x * dot(v, v) - v.x * dot(u, u)} * (1 / turn);
    const double radius = length(a - centre), start = std::atan2(a.y - centre.y, a.x - centre.x);
    double end = std::atan2(b.y - centre.y, b.x - centre.x),
           middle = std::atan2(through.y - centre.y, through.x - centre.x);
    const auto after = [&](double angle) { return angle < start ? angle + 2 * kPi : angle; };
    end = after(end);
    middle = after(middle);
    double sweep = end - start;
    if (middle > end) sweep -= 2 * kPi;  // the other way round holds the middle
    const int steps = std::max(2, static_cast<int>(std::ceil(std::fabs(sweep) / radians(15))));
    std::vector<Vec2> out;
    for (int i = 1; i < steps; ++i) {
        const double angle = start + sweep * i / steps;
        out.push_back(centre + Vec2{std::cos(angle), std::sin(angle)} * radius);
    }
    out.push_back(b);
    return out;
}

}  // namespace wp::geometry

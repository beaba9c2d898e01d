// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/elevation.h"

#include <algorithm>
#include <cmath>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::geometry {
using namespace model;

std::vector<Vec2> wall_profile(const Option& option, const Storey& storey, const Room& room, int edge) {
    const Vec2 a = edge_begin(room, edge), b = edge_end(room, edge);
    const double l = length(b - a);
    const Roof* roof = room.top == Room::Top::follows_roof ? roof_over(storey, room) : nullptr;
    if (roof == nullptr) return {{0, room.height}, {l, room.height}};
    const RoofShape shape(storey, *roof, option.roof);
    const Vec2 d = (b - a) * (1 / l);
    const double climb = dot(d, shape.rise()), u = shape.along(a);
    std::vector<double> ways = {0, l};
    for (const auto& slope : shape.inner())
        if (const double way = std::fabs(climb) > 1e-9 ? (slope.to - u) / climb : -1; way > 1e-6 && way < l - 1e-6)
            ways.push_back(way);
    std::sort(ways.begin(), ways.end());
    std::vector<Vec2> out;
    for (size_t i = 0; i < ways.size(); ++i)
        for (const double side : {-1.0, 1.0}) {
            if ((i == 0 && side < 0) || (i + 1 == ways.size() && side > 0)) continue;
            const Vec2 p{ways[i],
                         RoofShape::height(shape.inner(), u + climb * ways[i], side * climb * 1e-6) - storey.level};
            if (out.empty() || length(out.back() - p) > 1e-6) out.push_back(p);
        }
    return out;
}

namespace {

class Drawing {
 public:
    Drawing(const Option& option, size_t storey, const Room& room, int edge, bool outside) : option_(option) {
        const Vec2 a = edge_begin(room, edge), b = edge_end(room, edge), d = normalized(b - a);
        out_.outside = outside;
        // From inside the wall's first corner is on the right.
        out_.origin = outside ? a : b;
        out_.right = outside ? d : d * -1.0;
        out_.wall_begin = outside ? 0 : length(b - a);
        out_.wall_sign = outside ? 1 : -1;
        out_.floor = option.storeys[storey].level;
    }

    Elevation take() {
        out_.low = {1e18, 1e18};
        out_.high = {-1e18, -1e18};
        for (const Polygon& wall : out_.walls)
            for (const Vec2 p : wall) {
                out_.low = {std::min(out_.low.x, p.x), std::min(out_.low.y, p.y)};
                out_.high = {std::max(out_.high.x, p.x), std::max(out_.high.y, p.y)};
            }
        if (out_.walls.empty()) out_.low = out_.high = {};
        return std::move(out_);
    }

    void add_wall(const Storey& storey, const Room& room, int edge) {
        Polygon outline;
        const Vec2 a = edge_begin(room, edge), d = normalized(edge_end(room, edge) - a);
        const auto place = [&](double way, double z) { outline.push_back({x_of(a + d * way), storey.level + z}); };
        place(0, 0);
        place(edge_length(room, edge), 0);
        auto top = wall_profile(option_, storey, room, edge);
        std::reverse(top.begin(), top.end());
        for (const Vec2 p : top) place(p.x, p.y);
        if (signed_area(outline) < 0) std::reverse(outline.begin(), outline.end());
        out_.walls.push_back(std::move(outline));
        if (std::find(out_.levels.begin(), out_.levels.end(), storey.level) == out_.levels.end())
            out_.levels.push_back(storey.level);
    }

    void add_openings(const Storey& storey, const Room& room, int edge, bool from_behind) {
        const Vec2 a = edge_begin(room, edge), d = normalized(edge_end(room, edge) - a);
        for (const Opening& o : room.openings) {
            if (o.edge != edge) continue;
            const double x = x_of(a + d * o.along), y = x_of(a + d * (o.along + o.width)), z = storey.level + o.sill;
            out_.openings.push_back({o.id, {std::min(x, y), z}, {std::max(x, y), z + o.height}, &o, from_behind});
        }
    }

    // Whether an opening is higher than the walls drawn so far.
    bool pokes_out() const {
        double top = -1e18;
        for (const Polygon& wall : out_.walls)
            for (const Vec2 p : wall) top = std::max(top, p.y);
        return std::any_of(out_.openings.begin(), out_.openings.end(),
                           [&](const ElevationOpening& o) { return o.high.y > top + 1e-6; });
    }
    double x_of(Vec2 p) const { return dot(p - out_.origin, out_.right); }
    /// Whether an edge lies on the plane of the drawing, seen from the same side (or from the other).
    bool is_on(const Room& room, int edge, bool same_way) const {
        const Vec2 a = edge_begin(room, edge), b = edge_end(room, edge), d = normalized(b - a);
        const double along = dot(d, out_.outside ? out_.right : out_.right * -1.0);
        return (same_way ? along > 0.9999 : along < -0.9999) && std::fabs(cross(out_.right, a - out_.origin)) < 0.05;
    }

 private:
    const Option& option_;
    Elevation out_;
};

}  // namespace

Elevation wall_elevation(const Option& option, size_t s, const Id& id, int edge, bool outside) {
    const Storey& storey = option.storeys[s];
    const Room* room = find(storey.rooms, id);
    if (room == nullptr || edge < 0 || edge >= static_cast<int>(room->footprint.size())) return {};
    Drawing drawing(option, s, *room, edge, outside);
    if (!outside) {
        drawing.add_wall(storey, *room, edge);
        drawing.add_openings(storey, *room, edge, false);
        // An opening that goes on beside a floor void shows the wall above it, too.
        for (size_t above = s + 1; above < option.storeys.size() && drawing.pokes_out(); ++above)
            for (const Room& other : option.storeys[above].rooms)
                for (int e = 0; e < static_cast<int>(other.footprint.size()); ++e)
                    if (drawing.is_on(other, e, true)) {
                        drawing.add_wall(option.storeys[above], other, e);
                        drawing.add_openings(option.storeys[above], other, e, false);
                    }
        for (const Room& other : storey.rooms)
            for (int e = 0; &other != room && e < static_cast<int>(other.footprint.size()); ++e)
                if (drawing.is_on(other, e, false)) {
                    const double x = drawing.x_of(edge_begin(other, e)), y = drawing.x_of(edge_end(other, e));
                    if (std::min(std::max(x, y), edge_length(*room, edge)) - std::max(std::min(x, y), 0.0) > kSameLine)
                        drawing.add_openings(storey, other, e, true);
                }
        return drawing.take();
    }
    for (const Storey& level : option.storeys)
        for (const Room& other : level.rooms)
            for (int e = 0; e < static_cast<int>(other.footprint.size()); ++e)
                if (drawing.is_on(other, e, true)) {
                    drawing.add_wall(level, other, e);
                    drawing.add_openings(level, other, e, false);
                }
    return drawing.take();
}

}  // namespace wp::geometry

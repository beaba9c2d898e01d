// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "geometry/builder.h"
#include "geometry/elevation.h"
#include "geometry/luminaire_shape.h"
#include "model/project.h"

namespace wp::geometry {
using namespace model;

namespace {

struct Interval {
    double from, to;
};

// Where a line lies inside some rings, as metres along it.
std::vector<Interval> inside_of(const std::vector<Polygon>& rings, Vec2 a, Vec2 d) {
    std::vector<double> cuts;
    for (const Polygon& ring : rings)
        for (size_t i = 0; i < ring.size(); ++i) {
            const Vec2 p = ring[i] - a, q = ring[(i + 1) % ring.size()] - a;
            const double u = cross(d, p), v = cross(d, q);
            if ((u > 0) == (v > 0)) continue;
            cuts.push_back(dot(p, d) + (dot(q, d) - dot(p, d)) * u / (u - v));
        }
    std::sort(cuts.begin(), cuts.end());
    std::vector<Interval> out;
    for (size_t i = 0; i + 1 < cuts.size(); i += 2)
        if (cuts[i + 1] - cuts[i] > 1e-6) out.push_back({cuts[i], cuts[i + 1]});
    return out;
}

Polygon box(double x0, double y0, double x1, double y1) { return {{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}}; }

// From the foot to a row of slopes.
Polygon under_slopes(const RoofShape& shape, const std::vector<RoofShape::Slope>& face, Interval in, double foot,
                     Vec2 a, Vec2 d) {
    const double climb = dot(d, shape.rise()), u = shape.along(a);
    std::vector<double> ways = {in.from, in.to};
    for (const auto& slope : face)
        if (const double way = std::fabs(climb) > 1e-9 ? (slope.to - u) / climb : in.from;
            way > in.from + 1e-6 && way < in.to - 1e-6)
            ways.push_back(way);
    std::sort(ways.begin(), ways.end(), std::greater<>());
    Polygon out = {{in.from, foot}, {in.to, foot}};
    for (size_t i = 0; i < ways.size(); ++i)
        for (const double side : {1.0, -1.0}) {
            if ((i == 0 && side > 0) || (i + 1 == ways.size() && side < 0)) continue;
            out.push_back({ways[i], std::max(foot, RoofShape::height(face, u + climb * ways[i], side * climb * 1e-6))});
        }
    return out;
}

// What hangs behind the cut, in rooms that are cut.
void add_luminaires(Section& out, const Project& project, const Option& option, Vec2 a, Vec2 d) {
    for (const Luminaire& l : option.luminaires) {
        const Storey* storey = find(option.storeys, l.storey);
        if (storey == nullptr || cross(d, l.at - a) < 0) continue;
        const bool is_cut = std::ranges::any_of(out.air, [&](const Section::Air& air) {
            const Room* room = find(storey->rooms, air.room);
            return room != nullptr && contains(room->footprint, l.at);
        });
        if (!is_cut) continue;
        Vec2 low{1e18, 1e18}, high{-1e18, -1e18};
        for (const Vec3 p : box_of(option, l, find(project.luminaire_types, l.type))) {
            const double way = dot(Vec2{p.x, p.y} - a, d);
            low = {std::min(low.x, way), std::min(low.y, p.z)};
            high = {std::max(high.x, way), std::max(high.y, p.z)};
        }
        out.beyond.push_back({l.id, box(low.x, low.y, high.x, high.y)});
    }
}

}  // namespace

Section cut_section(const Project& project, const Option& option, Vec2 a, Vec2 b) {
    Section out;
    out.ground = project.site.ground_level;
    if (length(b - a) < 1e-6) return out;
    const Vec2 d = normalized(b - a);
    Builder builder(project, option);
    std::vector<Polygon> solid, air;
    for (size_t s = 0; s < option.storeys.size(); ++s) {
        const Storey& storey = option.storeys[s];
        const auto walls = storey_walls(option, s);
        const double base = s == 0 ? std::min(storey.level, out.ground) - option.roof : storey.level - option.roof;
        for (const auto& cover : builder.covers(s))
            for (const Interval in : inside_of(cover.rings, a, d))
                solid.push_back(cover.shape != nullptr
                                    ? under_slopes(*cover.shape, cover.shape->outer(), in, base, a, d)
                                    : box(in.from, base, in.to, cover.z));
        for (size_t r = 0; r < storey.rooms.size(); ++r) {
            const Room& room = storey.rooms[r];
            const Roof* roof = room.top == Room::Top::follows_roof ? roof_over(storey, room) : nullptr;
            for (const Interval in : inside_of({walls.rooms[r].ring}, a, d)) {
                Polygon shape = box(in.from, storey.level, in.to, storey.level + room.height);
                if (roof != nullptr) {
                    const RoofShape form(storey, *roof, option.roof);
                    shape = under_slopes(form, form.inner(), in, storey.level, a, d);
                }
                air.push_back(shape);
                out.air.push_back({room.id, shape});
            }
            for (const Opening& o : room.openings) {
                const Passage way = passage(walls, option, r, o.edge, o.along, o.width);
                if (way.side < 0) continue;
                const double z0 = storey.level + o.sill, z1 = z0 + o.height;
                const auto through = inside_of({{way.inner[0], way.outer[0], way.outer[1], way.inner[1]}}, a, d);
                for (const Interval in : through) {
                    air.push_back(box(in.from, z0, in.to, z1));
                    const double share = std::clamp(o.reveal / way.depth, 0.0, 1.0);
                    const Vec2 p = way.inner[0] + (way.outer[0] - way.inner[0]) * share,
                               q = way.inner[1] + (way.outer[1] - way.inner[1]) * share;
                    const double u = cross(d, p - a), v = cross(d, q - a);
                    if (o.kind == Opening::Kind::opening_void || (u > 0) == (v > 0)) continue;
                    const double at = dot(p - a, d) + dot(q - p, d) * u / (u - v);
                    out.glass.push_back({{at, z0}, {at, z1}});
                }
                // Openings behind the cut, in walls of rooms that are cut, seen face on.
                const Vec2 middle = (way.inner[0] + way.inner[1]) * 0.5;
                if (through.empty() && cross(d, middle - a) > 0 &&
                    std::fabs(cross(d, normalized(way.inner[1] - way.inner[0]))) < 0.7 &&
                    !inside_of({walls.rooms[r].ring}, a, d).empty()) {
                    const double x = dot(way.inner[0] - a, d), y = dot(way.inner[1] - a, d);
                    out.beyond.push_back({o.id, box(std::min(x, y), z0, std::max(x, y), z1)});
                }
            }
        }
        if (s == 0) continue;
        for (const FloorVoid& hole : storey.voids)
            for (const Room& below : option.storeys[s - 1].rooms)
                for (const Region& region :
                     intersection({hole.outline}, {inner_face(option, option.storeys[s - 1], below).ring}))
                    for (const Interval in : inside_of({region.outer}, a, d)) {
                        air.push_back(box(in.from, option.storeys[s - 1].level + below.height, in.to, storey.level));
                        out.air.push_back({below.id, air.back()});
                    }
    }
    add_luminaires(out, project, option, a, d);
    out.solid = difference(rings(unite(solid)), air);
    out.low = {1e18, 1e18};
    out.high = {-1e18, -1e18};
    for (const Polygon& p : solid)
        for (const Vec2 q : p) {
            out.low = {std::min(out.low.x, q.x), std::min(out.low.y, q.y)};
            out.high = {std::max(out.high.x, q.x), std::max(out.high.y, q.y)};
        }
    if (solid.empty()) out.low = out.high = {};
    return out;
}

}  // namespace wp::geometry

// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/window_points.h"

#include <algorithm>
#include <set>

#include "geometry/walls.h"

namespace wp::geometry {
using namespace model;

namespace {

constexpr double kOff = 0.01;                          // before the face, metres
constexpr double kAboveFloor = 1.2, kAboveSill = 0.3;  // EN 17037:2018, 5.3

std::set<Id> glazed_outwards(const Surfaces& surfaces) {
    std::set<Id> out;
    for (const Portal& p : surfaces.portals)
        if (p.outside == kOutdoors && p.glazing >= 0) out.insert(p.opening);
    return out;
}

PlanePoints one_cell(const Id& id, Vec3 centre, Vec3 across, Vec3 up, double width, double height) {
    PlanePoints out;
    out.plane = id;
    out.across = across;
    out.up = up;
    out.normal = normalized(cross(across, up));
    out.dx = width;
    out.dy = height;
    out.columns = out.rows = 1;
    out.corner = centre - across * (width / 2) - up * (height / 2);
    out.cell_of = {0};
    out.points = {centre};
    return out;
}

// From the drawn line to the wall's outer face where the opening is; none where another room is behind it.
std::optional<double> outwards_at(const std::vector<WallPiece>& pieces, const Opening& opening) {
    const double middle = opening.along + opening.width / 2;
    for (const WallPiece& piece : pieces)
        if (piece.edge == opening.edge && middle >= piece.from - 1e-9 && middle <= piece.to + 1e-9) {
            if (piece.neighbour >= 0) return {};
            return piece.thickness;
        }
    return {};
}

PlanePoints in_wall(const Storey& storey, const Room& room, const Opening& o, double thickness, WindowPoint where) {
    const Vec2 a = edge_begin(room, o.edge), d = normalized(edge_end(room, o.edge) - a), outwards{d.y, -d.x};
    const bool outer = where == WindowPoint::outer_face;
    const Vec2 at = a + d * (o.along + o.width / 2) + outwards * (outer ? thickness + kOff : 0.0);
    const double inner_height = std::clamp(std::max(kAboveFloor, o.sill + kAboveSill), o.sill + 0.02,
                                           std::max(o.sill + 0.02, o.sill + o.height - 0.02));
    const double z = storey.level + (outer ? o.sill + o.height / 2 : inner_height);
    return one_cell(o.id, {at.x, at.y, z}, {d.x, d.y, 0}, {0, 0, 1}, o.width, o.height);
}

PlanePoints in_roof(const Surfaces& surfaces, const Rooflight& light, WindowPoint where) {
    Vec3 sum{0, 0, 0}, u{1, 0, 0}, v{0, 1, 0};
    int n = 0;
    for (const Portal& p : surfaces.portals)
        if (p.opening == light.id) {
            sum = sum + p.corner + (p.u + p.v) * 0.5;
            u = normalized(p.u);
            v = normalized(p.v);
            ++n;
        }
    const double side = where == WindowPoint::outer_face ? kOff : -kOff;
    return one_cell(light.id, sum * (1.0 / std::max(n, 1)) + normalized(cross(u, v)) * side, u, v, light.width,
                    light.length);
}

}  // namespace

std::vector<PlanePoints> window_points(const Option& option, const Surfaces& surfaces, WindowPoint where) {
    const std::set<Id> glazed = glazed_outwards(surfaces);
    std::vector<PlanePoints> out;
    int space = 0;
    const auto keep = [&](PlanePoints points, const Storey& storey, const Id& room, int of_room) {
        points.storey = storey.id;
        points.room = room;
        points.space = where == WindowPoint::outer_face ? kOutdoors : of_room;
        out.push_back(std::move(points));
    };
    for (size_t s = 0; s < option.storeys.size(); ++s) {
        const Storey& storey = option.storeys[s];
        for (size_t r = 0; r < storey.rooms.size(); ++r, ++space) {
            const Room& room = storey.rooms[r];
            const auto pieces = wall_pieces(option, s, r);
            for (const Opening& o : room.openings) {
                const auto thickness = glazed.contains(o.id) ? outwards_at(pieces, o) : std::nullopt;
                if (thickness) keep(in_wall(storey, room, o, *thickness, where), storey, room.id, space);
            }
        }
        for (const Rooflight& light : storey.rooflights) {
            if (!glazed.contains(light.id)) continue;
            const auto portal = std::find_if(surfaces.portals.begin(), surfaces.portals.end(),
                                             [&](const Portal& p) { return p.opening == light.id; });
            const Id room = portal->inside >= 0 ? surfaces.spaces[static_cast<size_t>(portal->inside)] : Id();
            keep(in_roof(surfaces, light, where), storey, room, portal->inside);
        }
    }
    return out;
}

}  // namespace wp::geometry

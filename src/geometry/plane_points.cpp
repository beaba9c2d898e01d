// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/plane_points.h"

#include <algorithm>
#include <cmath>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::geometry {

Fingerprint PlanePoints::fingerprint() const {
    Fingerprint print;
    print.add(space);
    for (const Vec3 p : points)
        for (const double c : {p.x, p.y, p.z}) print.add(c);
    for (const double c : {normal.x, normal.y, normal.z, dx, dy}) print.add(c);
    return print;
}

namespace {

// Over a floor void, and where a partition stands, nobody works.
bool is_floor(const model::Storey& storey, Vec2 p) {
    const auto in = [&](const model::FloorVoid& hole) { return contains(hole.outline, p); };
    const auto on = [&](const model::Partition& wall) { return distance_to_segment(p, wall.from, wall.to) < wall.thickness / 2; };
    return std::none_of(storey.voids.begin(), storey.voids.end(), in) && std::none_of(storey.partitions.begin(), storey.partitions.end(), on);
}

}  // namespace

std::optional<PlanePoints> plane_points(const model::Option& option, const model::ReferencePlane& plane) {
    PlanePoints out;
    out.plane = plane.id;
    out.room = plane.room;
    const model::Room* room = nullptr;
    const model::Storey* on = nullptr;
    int space = 0;
    for (const model::Storey& storey : option.storeys)
        for (const model::Room& r : storey.rooms) {
            if (r.id == plane.room) {
                room = &r;
                on = &storey;
                out.space = space;
            }
            ++space;
        }
    if (room == nullptr) return {};
    const Polygon ring = inner_face(option, *on, *room).ring;
    Vec2 low = ring[0], high = low;
    for (const Vec2 p : ring) {
        low = {std::min(low.x, p.x), std::min(low.y, p.y)};
        high = {std::max(high.x, p.x), std::max(high.y, p.y)};
    }
    low = low + Vec2{plane.margin, plane.margin};
    high = high - Vec2{plane.margin, plane.margin};
    if (high.x <= low.x || high.y <= low.y) return out;
    const auto cells = [&](double span) { return std::max(1, static_cast<int>(std::ceil(span / plane.spacing - 1e-9))); };
    // A million cells is far beyond use; a slip of the spacing must not eat the memory.
    out.columns = std::min(cells(high.x - low.x), 1000);
    out.rows = std::min(cells(high.y - low.y), 1000);
    out.origin = low;
    out.dx = (high.x - low.x) / out.columns;
    out.dy = (high.y - low.y) / out.rows;
    for (int j = 0; j < out.rows; ++j)
        for (int i = 0; i < out.columns; ++i) {
            const Vec2 p = low + Vec2{out.dx * (i + 0.5), out.dy * (j + 0.5)};
            if (!contains(ring, p) || distance_to_edges(ring, p) < plane.margin || !is_floor(*on, p)) continue;
            if (ceiling_at(option, *on, *room, p) < on->level + plane.height) continue;
            out.cell_of.push_back(j * out.columns + i);
            out.points.push_back({p.x, p.y, on->level + plane.height});
        }
    return out;
}

}  // namespace wp::geometry

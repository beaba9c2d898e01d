// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/placing.h"

#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"

namespace wp::edit {
using namespace model;

Placing Placing::move(Vec2 shift) { return {1, 0, 0, 1, shift}; }

Placing Placing::turn(Vec2 centre, double angle) {
    const double c = std::cos(radians(angle)), s = std::sin(radians(angle));
    return {c, -s, s, c, centre - Vec2{c * centre.x - s * centre.y, s * centre.x + c * centre.y}};
}

Placing Placing::mirror(Vec2 a, Vec2 b) {
    const Vec2 d = normalized(b - a);
    Placing p{d.x * d.x - d.y * d.y, 2 * d.x * d.y, 2 * d.x * d.y, d.y * d.y - d.x * d.x, {}};
    p.shift = a - p(a);
    return p;
}

double turned_heading(double heading, const Placing& placing) {
    const Vec2 d{std::sin(radians(heading)), std::cos(radians(heading))};
    const Vec2 to = placing(d) - placing({0, 0});
    return degrees(std::atan2(to.x, to.y));
}

void place_ring(std::vector<Vec2>& ring, const Placing& placing) {
    for (Vec2& p : ring) p = placing(p);
    if (geometry::signed_area(ring) < 0) std::reverse(ring.begin(), ring.end());
}

void place(Observer& o, const Placing& placing) {
    const Vec2 p = placing({o.eye.x, o.eye.y});
    o.eye.x = p.x;
    o.eye.y = p.y;
    o.heading = turned_heading(o.heading, placing);
    for (double& other : o.others) other = turned_heading(other, placing);
}

void place(Reading& r, const Placing& placing) {
    const Vec2 p{r.at.x, r.at.y}, to = placing(p), facing = placing(p + Vec2{r.facing.x, r.facing.y}) - to;
    r.at = {to.x, to.y, r.at.z};
    r.facing = {facing.x, facing.y, r.facing.z};
}

void place(Thing& t, const Placing& placing) {
    t.at = placing(t.at);
    t.turn = std::fmod(t.turn - turned_heading(0, placing), 360.0);
}

void place(Luminaire& l, const Placing& placing) {
    l.at = placing(l.at);
    l.turn = std::fmod(90 - turned_heading(90 - l.turn, placing), 360.0);
}

void place(ReferencePlane& p, const Placing& placing, int edges) {
    place_ring(p.area, placing);
    for (auto& hole : p.left_out) place_ring(hole, placing);
    if (placing.mirrors() && (p.on == ReferencePlane::On::wall || p.on == ReferencePlane::On::facade))
        p.edge = (2 * edges - 2 - p.edge) % edges;
}

}  // namespace wp::edit

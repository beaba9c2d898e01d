// SPDX-License-Identifier: GPL-3.0-or-later
// A change of place in plan, and what it makes of each thing.
#pragma once
#include "base/vec.h"
#include "model/option.h"

namespace wp::edit {

/// Turns and mirrors about the origin, then shifts.
struct Placing {
    double xx = 1, xy = 0, yx = 0, yy = 1;
    Vec2 shift{};
    Vec2 operator()(Vec2 p) const { return {xx * p.x + xy * p.y + shift.x, yx * p.x + yy * p.y + shift.y}; }
    bool mirrors() const { return xx * yy - xy * yx < 0; }
    static Placing move(Vec2 shift);
    /// Counter-clockwise about a centre.
    static Placing turn(Vec2 centre, double degrees);
    /// About the line through two points.
    static Placing mirror(Vec2 a, Vec2 b);
};

/// What a heading becomes, degrees clockwise from +y.
double turned_heading(double heading, const Placing& placing);
/// Counter-clockwise again where it was mirrored.
void place_ring(std::vector<Vec2>& ring, const Placing& placing);
void place(model::Observer& observer, const Placing& placing);
void place(model::Reading& reading, const Placing& placing);
void place(model::Thing& thing, const Placing& placing);
void place(model::Luminaire& luminaire, const Placing& placing);
/// edges: how many its room has.
void place(model::ReferencePlane& plane, const Placing& placing, int edges);

}  // namespace wp::edit

// SPDX-License-Identifier: GPL-3.0-or-later
// The shape of a roof: a profile along the way it rises. Ceilings that follow it are its inner face; the outer face
// lies above by the roof's thickness, and before its risers by the same.
#pragma once
#include <optional>
#include <vector>

#include "geometry/polygon.h"
#include "model/option.h"

namespace wp::geometry {

class RoofShape {
 public:
    /// A slope between two places along the rise.
    struct Slope {
        double from, to;      ///< metres along rise(); the first begins, the last ends at infinity
        double start, pitch;  ///< height above zero where u = 0 would be, and tangent: z = start + pitch * u
        double at(double u) const { return start + pitch * u; }
    };

    /// The roof over some rooms of a storey; thickness is vertical where flat, along the normal where sloped.
    RoofShape(const model::Storey& storey, const model::Roof& roof, double thickness);

    Vec2 rise() const { return rise_; }
    double along(Vec2 p) const { return dot(p, rise_); }
    double lowest() const { return low_; }
    double highest() const { return high_; }
    const std::vector<Slope>& inner() const { return inner_; }
    const std::vector<Slope>& outer() const { return outer_; }

    /// Height of a face; beyond the riser decides which side of an upright step counts: the slope that holds u + side.
    static double height(const std::vector<Slope>& face, double u, double side = 0);
    static const Slope& slope_at(const std::vector<Slope>& face, double u);
    /// The plan strip of a slope: wide enough for any building.
    Polygon strip(const Slope& slope) const;
    /// Places of upright steps, from the inner face.
    std::vector<double> risers() const;

 private:
    Vec2 rise_;
    double low_ = 0, high_ = 0;
    std::vector<Slope> inner_, outer_;
};

/// The roof above a room, if its storey has one there. Null for rooms that are covered flat.
const model::Roof* roof_over(const model::Storey& storey, const model::Room& room);

/// Height of the ceiling over a place of a room, on the grid.
double ceiling_at(const model::Option& option, const model::Storey& storey, const model::Room& room, Vec2 p);
/// How high a stretch of a drawn wall reaches above its room's floor, metres: to the ceiling, and where a floor void
/// lies along the wall, to the ceiling of the room above.
double wall_top(const model::Option& option, const model::Storey& storey, const model::Room& room, int edge,
                double along, double width);
/// keep_in_wall with that height.
void keep_in_wall(const model::Option& option, const model::Storey& storey, const model::Room& room,
                  model::Opening& opening);

/// Lowest and highest of a room's ceiling above its floor.
struct CeilingSpan {
    double low, high;
};
CeilingSpan ceiling_span(const model::Option& option, const model::Storey& storey, const model::Room& room);
/// Inner floor area of a room, less what floor voids take of it, m2.
double floor_area(const model::Option& option, const model::Storey& storey, const model::Room& room);
/// Volume of the air of a room, m3.
double room_volume(const model::Option& option, const model::Storey& storey, const model::Room& room);

}  // namespace wp::geometry

// SPDX-License-Identifier: GPL-3.0-or-later
// A flat part of a surface before it is cut into triangles: a polygon in its own two coordinates, the holes in it, and
// the corners it must share exactly with its neighbours, so that no ray slips through between them.
#pragma once
#include <functional>
#include <map>
#include <optional>
#include <vector>

#include "geometry/polygon.h"
#include "geometry/surfaces.h"

namespace wp::geometry {

class Face {
 public:
    using Lift = std::function<Vec3(Vec2)>;
    /// lift: from the face's own coordinates to space. flip: its lit side is where the outline looks clockwise.
    Face(uint32_t surface, Polygon outline, Lift lift, bool flip)
        : surface_(surface), outline_(std::move(outline)), lift_(std::move(lift)), flip_(flip) {}

    /// An upright face over the line from a to b in plan: coordinates are the way along it and the height.
    /// Its lit side is to the left of the line where flip is true (rooms), else to the right (facades).
    static Face upright(uint32_t surface, Vec2 a, Vec2 b, bool flip);
    void set_outline(Polygon outline) { outline_ = std::move(outline); }
    /// Puts a corner of the outline or of a hole exactly at a place.
    void pin(Vec2 own, Vec3 place);

    void cut(Polygon hole) { holes_.push_back(std::move(hole)); }
    const std::vector<Polygon>& holes() const { return holes_; }
    const Polygon& outline() const { return outline_; }
    uint32_t surface() const { return surface_; }
    Vec2 begin() const { return begin_; }
    Vec2 along() const { return along_; }

    /// Upright faces only: cuts the stretch between two places in plan, from z0 to z1, if it lies in this face.
    /// False where it does not. The corners of the hole are pinned to the places given.
    bool cut_stretch(Vec2 a, Vec2 b, double z0, double z1);

    /// Upright faces only: the foot and the least height of the top over the stretch between two places in plan; none
    /// where the face holds nothing of the stretch, or, if whole is asked for, not all of it.
    std::optional<std::pair<double, double>> span_over(Vec2 a, Vec2 b, bool whole) const;

    void add_to(Surfaces& surfaces) const;

 private:
    using Key = std::pair<long long, long long>;
    static Key key(Vec2 own);

    uint32_t surface_;
    Polygon outline_;
    std::vector<Polygon> holes_;
    std::map<Key, Vec3> pins_;
    Lift lift_;
    bool flip_;
    Vec2 begin_, along_;  // upright faces
};

}  // namespace wp::geometry

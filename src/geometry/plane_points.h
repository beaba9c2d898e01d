// SPDX-License-Identifier: GPL-3.0-or-later
// The points at which a reference plane is asked for light.
#pragma once
#include <optional>
#include <vector>

#include "base/fingerprint.h"
#include "model/project.h"

namespace wp::geometry {

/// A lattice of near-square cells over the room's bounding box less the margin; a cell counts when its centre lies within
/// the footprint and at least the margin from every wall.
struct PlanePoints {
    model::Id plane, room;
    int space = -1;                 ///< index of the room's space in Surfaces
    Vec2 origin;                    ///< lower left corner of cell (0, 0)
    double dx = 0, dy = 0;          ///< cell size, m
    int columns = 0, rows = 0;
    std::vector<int> cell_of;       ///< for each point: row * columns + column
    std::vector<Vec3> points;
    Vec3 normal{0, 0, 1};

    double area() const { return static_cast<double>(points.size()) * dx * dy; }
    Fingerprint fingerprint() const;
};

/// None where the plane's room does not exist. A room too small for its margin has no points.
std::optional<PlanePoints> plane_points(const model::Option& option, const model::ReferencePlane& plane);

}  // namespace wp::geometry

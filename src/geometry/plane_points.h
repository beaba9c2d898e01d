// SPDX-License-Identifier: GPL-3.0-or-later
// The points at which a reference plane is asked for light.
#pragma once
#include <cmath>
#include <optional>
#include <vector>

#include "base/fingerprint.h"
#include "model/option.h"

namespace wp::geometry {

/// A lattice of near-square cells in a plane: a room's floor lifted, a wall, a flight of a stair. Cell (i, j) has its
/// middle at corner + across dx (i + 1/2) + up dy (j + 1/2). A cell counts when its middle lies where the plane wants
/// points.
struct PlanePoints {
    model::Id plane, room;              ///< room empty: on a thing that stands in none
    model::Id storey;                   ///< whose plan it is drawn on; empty outdoors
    int space = -1;                     ///< index of the room's space in Surfaces
    Vec3 corner;                        ///< lower left corner of cell (0, 0)
    Vec3 across{1, 0, 0}, up{0, 1, 0};  ///< unit
    double dx = 0, dy = 0;              ///< cell size, m
    int columns = 0, rows = 0;
    std::vector<int> cell_of;  ///< for each point: row * columns + column
    std::vector<Vec3> points;
    Vec3 normal{0, 0, 1};
    /// What of their half space counts: directions whose sine of the height along `up` lies between these. Else than
    /// from -1 to 1: eyes with brow and cheek.
    double seen_least = -1, seen_most = 1;

    bool sees(Vec3 direction) const {
        const double sine = dot(direction, up);
        return sine >= seen_least && sine <= seen_most;
    }
    double area() const { return static_cast<double>(points.size()) * dx * dy; }
    /// Whether a plan shows it as an area, and not as a line.
    bool lies() const { return std::fabs(normal.z) > 0.3; }
    /// A place in plan, counted in cells across and up from the corner; none for a plane that stands upright. A slope
    /// is met where its shadow is.
    std::optional<Vec2> cells_at(Vec2 place) const;
    /// Index of the point in a cell; -1 where there is none, or no such cell.
    int point_of(int column, int row) const;
    /// The same for all cells, row by row.
    std::vector<int> points_of_cells() const;
    /// Index of the point whose cell a place in plan lies in; -1 where there is none.
    int point_at(Vec2 place) const;
    Fingerprint fingerprint() const;
};

/// None where the plane's room or thing does not exist. A room too small for its margin has no points. north: azimuth
/// of the drawing's +y in degrees, for planes along true north.
std::optional<PlanePoints> plane_points(const model::Option& option, const model::ReferencePlane& plane,
                                        double north = 0);

/// Heights that are usual, for offering them.
struct UsualHeight {
    double height;
    const char *name, *source;
};
const std::vector<UsualHeight>& usual_heights();

}  // namespace wp::geometry

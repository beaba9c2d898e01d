// SPDX-License-Identifier: GPL-3.0-or-later
// Lines of equal value and the areas beyond them on a lattice of points.
//
// Between the middles of four cells the value is taken as bilinear along the sides, and a line crosses a side where the
// value does (marching squares; W. Lorensen and H. Cline, "Marching Cubes", SIGGRAPH 1987, in the plane). Where a
// square has its two highs across from each other, the mean of its corners tells which of them hang together.
#pragma once
#include <vector>

#include "geometry/plane_points.h"

namespace wp::geometry {

/// Values of all cells of a lattice, row by row, in place of those of its points. Places are counted in cells: the
/// middle of cell (i, j) is at (i + 1/2, j + 1/2).
struct Lattice {
    int columns = 0, rows = 0;
    std::vector<double> cell;
    double at(int i, int j) const {
        return cell[static_cast<size_t>(j) * static_cast<size_t>(columns) + static_cast<size_t>(i)];
    }
};

/// The lattice of a plane's values; cells without a point take the mean of their neighbours, ring by ring, so that a
/// picture or a line meets no hole at the edge. All NaN where no point has a value.
Lattice lattice_of(const PlanePoints& plane, const std::vector<double>& value);

using Line = std::vector<Vec2>;
/// Lines along which the lattice has that value, each as long as it goes; a closed one ends where it began. They end
/// half a cell before the lattice's border.
std::vector<Line> contour_lines(const Lattice& lattice, double level);

/// The area where the value is less than level (or, above: more), as polygons that meet but do not overlap. Values are
/// carried on from the outermost middles to the border.
std::vector<std::vector<Vec2>> area_beyond(const Lattice& lattice, double level, bool above);

}  // namespace wp::geometry

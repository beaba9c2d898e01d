// SPDX-License-Identifier: GPL-3.0-or-later
// What a pointer near something drawn means: the corner, the middle, the wall, the line it seems to aim at.
#pragma once
#include <optional>
#include <set>
#include <vector>

#include "model/option.h"

namespace wp::geometry {

struct SnapSettings {
    bool grid = true, ends = true, middles = true, walls = true, perpendicular = true, alignment = true, storeys = true;
    double step = 0.1;  ///< of the grid, metres
};

struct Snap {
    enum class Kind { free, grid, end, middle, wall, perpendicular, aligned, storey } kind = Kind::free;
    Vec2 at;
    /// Lines that show why: from what was found to the place.
    std::vector<std::pair<Vec2, Vec2>> guides;
};
/// What people call it; empty for free and grid.
const char* snap_name(Snap::Kind kind);

/// The place meant by p. reach: how far away a thing still attracts, metres. from: the last point of a line being
/// drawn. ignore: rooms that are being moved themselves.
Snap find_snap(const model::Option& option, size_t storey, Vec2 p, double reach, const SnapSettings& settings,
               std::optional<Vec2> from = {}, const std::set<model::Id>& ignore = {});

/// Points of an arc from a to b through c, without a, in steps of at most 15 degrees; the straight end where the three
/// lie in line.
std::vector<Vec2> arc_points(Vec2 a, Vec2 b, Vec2 through);

}  // namespace wp::geometry

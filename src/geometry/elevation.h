// SPDX-License-Identifier: GPL-3.0-or-later
// Walls seen straight on, and buildings cut along a line: drawings in metres, x to the right as one sees it, y up.
#pragma once
#include <vector>

#include "geometry/polygon.h"
#include "model/item.h"

namespace wp::model {
struct Project;
}

namespace wp::geometry {

/// Height of a drawn wall's top along it: (metres from its first corner, metres above its room's floor).
std::vector<Vec2> wall_profile(const model::Option& option, const model::Storey& storey, const model::Room& room,
                               int edge);

struct ElevationOpening {
    model::Id id;
    Vec2 low, high;  ///< corners of the hole
    const model::Opening* opening = nullptr;
    bool from_behind = false;  ///< belongs to the room on the other side
};

/// One wall from inside its room, or the whole facade that it is part of from outside.
struct Elevation {
    bool outside = false;
    Vec2 origin, right;          ///< in plan: where x = 0 lies, and the unit vector to the right
    std::vector<Polygon> walls;  ///< of each room's wall
    std::vector<ElevationOpening> openings;
    std::vector<double> levels;  ///< of floors, absolute
    Vec2 low, high;              ///< of everything
    /// Way along the first room's wall from its first corner, for an x of the drawing.
    double wall_begin = 0;  ///< x of the asked wall's first corner
    double wall_sign = 1;   ///< +1 where x grows with the way along the wall
    double floor = 0;       ///< absolute level of the asked wall's floor
};
Elevation wall_elevation(const model::Option& option, size_t storey, const model::Id& room, int edge, bool outside);

/// A vertical cut along a line through two points, seen towards its left: x runs from a to b.
struct Section {
    std::vector<Region> solid;                 ///< walls, slabs and roofs that are cut
    std::vector<std::pair<Vec2, Vec2>> glass;  ///< panes that are cut
    struct Beyond {
        model::Id id;
        Polygon outline;
    };
    std::vector<Beyond> beyond;  ///< openings in walls behind the cut
    struct Air {
        model::Id room;
        Polygon outline;
    };
    std::vector<Air> air;  ///< rooms that are cut
    double ground = 0;
    Vec2 low, high;
};
Section cut_section(const model::Project& project, const model::Option& option, Vec2 a, Vec2 b);

}  // namespace wp::geometry

// SPDX-License-Identifier: GPL-3.0-or-later
// A plain side-lit room in built-up surroundings, told twice: as a project for the engine, and as boxes for the tracer that shares nothing with it.
#pragma once
#include "model/project.h"
#include "validation/box_tracer.h"

namespace wp::validation {

/// A room of 5 x 4 x 3 m whose window of 3 x 1.6 m looks south, at 55 N on the meridian of Greenwich; blocks stand on the ground.
struct Town {
    struct Block {
        double x0, x1, y0, y1, height;
    };
    std::vector<Block> blocks;
    double overhang = 0;            ///< depth of a board above the window, metres
    double blades = 0;              ///< depth of level blades before the window, 0.2 m apart
    double reveal = 0.12;           ///< from the inner face of the wall to the pane
    bool tree = false;              ///< with a crown that lets a third through, south of the window
    bool back_room = false;         ///< behind the first, seen through glass; the points lie in it

    /// In the middle of the room that is asked, 0.8 m above its floor.
    std::vector<Vec3> points() const;
    model::Project project() const;
    boxes::Scene scene() const;
};

/// What the engine says of a moment with typed amounts, and what the boxes say, at points 0.8 m above the floor in the middle of the room.
struct TownPoint {
    double y = 0;               ///< from the window wall
    double engine = 0, half_width = 0;  ///< lux; half_width: 95 %, as stated
    double boxes = 0, standard_error = 0;
};
/// by_field: from what serves every moment, else from this one alone.
std::vector<TownPoint> compare_moment(const Town& town, int month, int day, double hour, double accuracy, size_t paths, bool by_field = false, double diffuse = 12000, double direct = 85000);

}  // namespace wp::validation

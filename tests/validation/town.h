// SPDX-License-Identifier: GPL-3.0-or-later
// A plain side-lit room in built-up surroundings, told twice: as a project for the engine, and as boxes for the tracer
// that shares nothing with it.
#pragma once
#include "model/project.h"
#include "question/year.h"
#include "validation/box_tracer.h"

namespace wp::validation {

/// A room of 5 x 4 x 3 m whose window of 3 x 1.6 m looks south, at 55 N on the meridian of Greenwich; blocks stand on
/// the ground.
struct Town {
    struct Block {
        double x0, x1, y0, y1, height;
    };
    std::vector<Block> blocks{};
    double overhang = 0;     ///< depth of a board above the window, metres
    double blades = 0;       ///< depth of level blades before the window, 0.2 m apart
    double reveal = 0.12;    ///< from the inner face of the wall to the pane
    bool tree = false;       ///< with a canopy that lets a third through, south of the window
    bool back_room = false;  ///< behind the first, seen through glass; the points lie in it

    /// In the middle of the room that is asked, 0.8 m above its floor.
    std::vector<Vec3> points() const;
    model::Project project() const;
    boxes::Scene scene() const;
};

/// Stands so that the window is just out of its shadow at half past twelve of 23 April.
Town tower();
/// The sun comes through between two blocks then.
Town gap();
/// Walls on three sides, so near that most of what comes in was reflected by them.
Town courtyard();

/// What the engine says of a moment with typed amounts, and what the boxes say, at points 0.8 m above the floor in the
/// middle of the room.
struct TownPoint {
    double y = 0;                       ///< from the window wall
    double engine = 0, half_width = 0;  ///< lux; half_width: 95 %, as stated
    double boxes = 0, standard_error = 0;
};
/// by_field: from what serves every moment, else from this one alone.
std::vector<TownPoint> compare_moment(const Town& town, int month, int day, double hour, double accuracy, size_t paths,
                                      bool by_field = false, double diffuse = 12000, double direct = 85000);

/// A year of a town under nothing but the sun, so that no sky's shape matters: points every metre, accuracy a share.
question::YearAnswer sun_only_year(const Town& town, double accuracy);
/// What the engine and the boxes say of an hour of that year, lux, of the points given that lie in no beam, nor where a
/// beam's edge runs. Where one sees a beam and the other none, far from its edge, both count it.
struct TownHour {
    size_t points = 0;
    double engine = 0, half_width = 0;  ///< sums over the points; half_width as if all erred together
    double boxes = 0, standard_error = 0;
};
TownHour compare_hour(const Town& town, const question::YearAnswer& year, int hour, const std::vector<size_t>& points,
                      size_t paths);

}  // namespace wp::validation

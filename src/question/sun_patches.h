// SPDX-License-Identifier: GPL-3.0-or-later
// Where the sun falls on the floors of a storey and on the ground around it, at one moment: the picture that goes with
// the clock, live while it turns.
#pragma once
#include <vector>

#include "base/progress.h"
#include "geometry/walls.h"
#include "light/scene.h"

namespace wp::question {

struct SunPatches {
    Vec2 low, high;             ///< the part of the plan that is covered
    int columns = 0, rows = 0;  ///< cells, row 0 at low.y
    std::vector<float> share;   ///< of the sun's beam that arrives, 0 to 1; -1 in walls
};

/// to_sun: unit, towards the sun; below the horizon nothing is lit. step: cell width, metres; around: how far past the
/// walls.
SunPatches sun_patches(const light::Scene& scene, const model::Project& project, const model::Option& option,
                       size_t storey, Vec3 to_sun, double step, double around, const Cancel& cancel = {});

}  // namespace wp::question

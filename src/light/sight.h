// SPDX-License-Identifier: GPL-3.0-or-later
// What stands where in a picture: one ray through the middle of each pixel, past all panes.
#pragma once
#include <vector>

#include "base/progress.h"
#include "light/lens.h"
#include "light/scene.h"

namespace wp::light {

struct Sight {
    static constexpr int kOpen = -1, kOutside = -2;
    int surface = kOutside;  ///< index in Surfaces::surfaces; kOpen: sky, or ground beyond the model; kOutside: no
                             ///< pixel of the picture
    int pane = -1;           ///< the last portal that is looked through from a space to the open; -1: none
    float distance = 0;      ///< metres; of what is open kFar
    Vec3f normal{};          ///< of the surface, towards the eye
};

/// One a pixel. Cancelled: some are missing.
std::vector<Sight> look_around(const Scene& scene, const Lens& lens, const Pose& pose, const Cancel& cancel = {});

/// A lens's geometry: of each pixel the direction, in the axes of the pose (x right, y up, z forward), and the solid
/// angle; nought outside the picture. Parallel rays: all alike, and no solid angle.
struct LensField {
    std::vector<Vec3> direction;
    std::vector<double> solid_angle;
    explicit LensField(const Lens& lens);
};

}  // namespace wp::light

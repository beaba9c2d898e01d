// SPDX-License-Identifier: GPL-3.0-or-later
// What a ray takes along into the kernels, for their filters. Used by scene.cpp, and by who times the kernels alone.
#pragma once
#include <embree3/rtcore.h>

#include <utility>
#include <vector>

#include "light/scene.h"

namespace wp::light {

struct RayContext {
    RTCIntersectContext base;
    const ScenePortal* portals;
    const Openness* openness;  // of each porous face
    int skip;
    bool stops_at_portals;
    Scene::Beam beam;
    // What a beam went through last: on the seam between two triangles the kernels tell of both.
    unsigned last_portal;
    float last_hole;
    // Porous faces that a ray passed, and how far off, where anybody asks. The kernels do not tell of them in order.
    std::vector<std::pair<float, unsigned>>* passed;
};

}  // namespace wp::light

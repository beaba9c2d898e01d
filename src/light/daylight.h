// SPDX-License-Identifier: GPL-3.0-or-later
// What shines outside at a moment, in the model's axes.
#pragma once
#include "climate/sky.h"

namespace wp::light {

struct Daylight {
    climate::Sky sky = climate::Sky::uniform(0);
    Vec3 sun{0, 0, -1};
    double sun_lux = 0;           ///< normal to the beam
    double ground_luminance = 0;  ///< of the far ground, cd/m^2
};

}  // namespace wp::light

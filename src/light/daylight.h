// SPDX-License-Identifier: GPL-3.0-or-later
// What shines outside at a moment, in the model's axes.
#pragma once
#include <functional>

#include "climate/sky.h"
#include "light/state.h"

namespace wp::light {

struct Daylight {
    climate::Sky sky = climate::Sky::uniform(0);
    Vec3 sun{0, 0, -1};
    double sun_lux = 0;           ///< normal to the beam
    double ground_luminance = 0;  ///< of the far ground, cd/m^2
    // Of a scene whose states are bands of wavelength: what a lux, or cd/m^2, of each is in every band.
    std::function<ByState(double luminance)> bands_of_sky{};
    ByState bands_of_sun{}, bands_of_ground{};
};

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
// What shines outside at a moment, in the model's axes.
#pragma once
#include <functional>

#include "climate/sky.h"

namespace wp::light {

struct Daylight {
    climate::Sky sky = climate::Sky::uniform(0);
    Vec3 sun{0, 0, -1};
    double sun_lux = 0;           ///< normal to the beam
    double ground_luminance = 0;  ///< of the far ground, cd/m^2
    /// What a luminance of the sky is in the unit that is asked for; empty: cd/m^2, as the other two are.
    std::function<double(double luminance)> of_sky{};

    double sky_towards(Vec3 direction) const {
        const double luminance = sky.luminance(direction);
        return of_sky ? of_sky(luminance) : luminance;
    }
};

}  // namespace wp::light

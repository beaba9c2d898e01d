// SPDX-License-Identifier: GPL-3.0-or-later
// Light under one sky and sun, path by path: what coefficients, sky parts and patches are checked against.
#pragma once
#include "climate/weather.h"
#include "light/scene.h"
#include "question/sky_columns.h"

namespace wp::validation {

/// Of an hour of the weather, with +y due north. ground: reflectance of the far ground.
inline question::SkyAndSun sky_and_sun_of(const climate::OutdoorHour& hour, double ground) {
    question::SkyAndSun sky_and_sun;
    sky_and_sun.sky = climate::sky_of(hour, 0);
    sky_and_sun.to_sun = climate::sun_direction(hour.sun.sun, 0);
    sky_and_sun.sun_lux = hour.direct_lux * hour.sun.sunlit;
    sky_and_sun.ground_luminance = ground * hour.global_lux() / kPi;
    return sky_and_sun;
}

/// Sum over so many paths from a point; key: its random numbers.
double brute_sum(const light::Scene& scene, const question::SkyAndSun& sky_and_sun, Vec3 point, Vec3 normal, int space,
                 uint32_t samples, uint32_t key);

}  // namespace wp::validation

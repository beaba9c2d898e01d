// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/sky_amount.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace wp::climate {

SkyClass class_of(int type) {
    return type <= 5 || type == 16 ? SkyClass::overcast : type <= 10 ? SkyClass::intermediate : SkyClass::clear;
}

OutdoorLight light_by_altitude(SkyClass sky, double altitude) {
    const double s = std::sin(altitude);
    if (s <= 0) return {};
    switch (sky) {
        case SkyClass::overcast:
            return {300 + 21000 * s, 0};
        case SkyClass::intermediate:
            return {300 + 45000 * s, 127500 * std::exp(-0.80 / s)};
        case SkyClass::clear:
            return {800 + 15500 * std::sqrt(s), 127500 * std::exp(-0.21 / s)};
    }
    return {};
}

namespace {

double find_design_sky(double latitude) {
    // Solar time: the middle of the time zone, whose noon is the sun's.
    const Place place{latitude, 0, 0, 0};
    std::vector<double> lux;
    for (int day = 0; day < 365; ++day)
        for (double hour = 9.125; hour < 17; hour += 0.25)
            lux.push_back(
                light_by_altitude(SkyClass::overcast, sun_position(place, moment_of(day, hour)).altitude).diffuse_lux);
    const auto at = lux.begin() + static_cast<std::ptrdiff_t>(lux.size() * 15 / 100);
    std::nth_element(lux.begin(), at, lux.end());
    return *at;
}

}  // namespace

// Asked again and again of the one site that is worked on.
double design_sky(double latitude) {
    thread_local double of = std::nan(""), known = 0;
    if (latitude != of) {
        known = find_design_sky(latitude);
        of = latitude;
    }
    return known;
}

}  // namespace wp::climate

// SPDX-License-Identifier: GPL-3.0-or-later
// How bright it is outdoors where no weather tells: by the sun's altitude, and by latitude.
#pragma once
#include "climate/sun.h"

namespace wp::climate {

enum class SkyClass { overcast, intermediate, clear };
/// Of the sixteen types of CIE S 011: 1 to 5 and 16 are overcast, 6 to 10 intermediate, 11 to 15 clear.
SkyClass class_of(int cie_type);

struct OutdoorLight {
    double diffuse_lux = 0;  ///< horizontal, from the sky alone
    double direct_lux = 0;   ///< normal to the sun
};
/// By the sun's altitude in radians; nothing below the horizon. Source: IES RP-21-84 (after Gillette, Pierpoint,
/// Treado, Journal of the IES 13 (1984) 377-386): diffuse 0.3 + 21 sin a, 0.3 + 45 sin a, 0.8 + 15.5 sqrt(sin a) klx;
/// direct 127.5 klx exp(-c / sin a) with c = 0.80 (intermediate) and 0.21 (clear), none under overcast skies.
OutdoorLight light_by_altitude(SkyClass sky, double altitude);

/// Design sky: the diffuse illuminance of overcast skies that is exceeded in 85 % of the hours from 9 to 17 of the year
/// at a latitude (the definition of CIE 16-1970), computed from light_by_altitude in solar time, lux. degrees, -90
/// to 90.
double design_sky(double latitude);

}  // namespace wp::climate

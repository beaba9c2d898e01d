// SPDX-License-Identifier: GPL-3.0-or-later
// Where the sun stands. Good to better than 0.02 degrees for 1950 to 2100.
#pragma once
#include <array>
#include <vector>

#include "base/vec.h"
#include "climate/calendar.h"

namespace wp::climate {

/// Angular diameter of the sun's disc, radians (0.533 degrees), and its solid angle, sr.
inline constexpr double kSunDiameter = 0.533 * kPi / 180.0;
inline constexpr double kSunSolidAngle = 2 * kPi * (1 - 0.99998918394);  // 1 - cos(0.2665 degrees)

/// A place on the earth.
struct Place {
    double latitude = 0;   ///< degrees, north positive
    double longitude = 0;  ///< degrees, east positive
    double time_zone = 0;  ///< hours ahead of UT
    double elevation = 0;  ///< metres above sea level
};

struct SunPosition {
    double azimuth = 0;      ///< radians, clockwise from true north
    double altitude = 0;     ///< radians above the horizon, with refraction
    double declination = 0;  ///< radians
    double hour_angle = 0;   ///< radians, 0 at solar noon, positive in the afternoon, -pi to pi
    double distance = 1;     ///< astronomical units
};

/// Position at an instant given as days since J2000.0 in UT. delta_t: seconds between TT and UT. pressure hPa and
/// temperature in degrees Celsius set the refraction. Source: Meeus, Astronomical Algorithms (2nd ed.), chapters 12,
/// 13, 16, 22, 25, 40; checked against the worked case of NREL/TP-560-34302.
SunPosition sun_position(const Place& place, double days_ut, double delta_t = 69.0, double pressure = 1010.0,
                         double temperature = 10.0);

/// Position at a moment of a year without a leap day (2023 stands for it).
SunPosition sun_position(const Place& place, const Moment& moment);

/// The sun as it represents a weather hour (0 to 8759): the middle of the sunlit part of the interval, and how long
/// that part is. Sunlit means the centre of the disc is above the horizon.
struct SunHour {
    SunPosition sun;
    double sunlit = 0;  ///< share of the hour with the sun up, 0 to 1
};
SunHour sun_of_hour(const Place& place, int hour_of_year);

/// All 8760 of them.
std::vector<SunHour> sun_of_year(const Place& place);

/// Irradiance outside the atmosphere on a plane facing the sun, W/m^2. Solar constant 1361.1 (ASTM E490 revised, 2019);
/// distance in astronomical units.
constexpr double extraterrestrial_normal(double distance) { return 1361.1 / (distance * distance); }

/// The least altitude of the sun that counts for EN 17037's sunlight at a latitude, whole degrees: falls from about 18
/// at Athens to 7 at Helsinki. From memory of EN 17037:2018+A1:2021, annex D, by a straight line through its capitals:
/// a national annex may set another, and whoever signs looks it up.
double sunlight_least_altitude(double latitude);

}  // namespace wp::climate

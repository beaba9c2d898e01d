// SPDX-License-Identifier: GPL-3.0-or-later
// What a weather year is like: quantities hour by hour, mean days, how often a level is exceeded, kinds of skies, days
// worth looking at.
#pragma once
#include <array>
#include <string>
#include <vector>

#include "climate/weather.h"

namespace wp::climate {

enum class Quantity {
    dry_bulb,
    global_irradiance,
    direct_irradiance,
    diffuse_irradiance,
    global_illuminance,
    direct_illuminance,
    diffuse_illuminance,
    cloud
};
inline constexpr std::array<Quantity, 8> kQuantities = {Quantity::dry_bulb,
                                                        Quantity::global_irradiance,
                                                        Quantity::direct_irradiance,
                                                        Quantity::diffuse_irradiance,
                                                        Quantity::global_illuminance,
                                                        Quantity::direct_illuminance,
                                                        Quantity::diffuse_illuminance,
                                                        Quantity::cloud};
struct QuantityName {
    const char *id, *name, *unit;
};
const QuantityName& name_of(Quantity quantity);

/// One value an hour, NaN where the file has none. Direct is normal to the sun, the others horizontal.
std::vector<double> hourly(const WeatherYear& weather, const std::vector<OutdoorHour>& outdoor, Quantity quantity);

using MeanDays = std::array<std::array<double, 24>, 12>;
/// Mean of each hour of the day over each month, NaN where there is none.
MeanDays mean_days(const std::vector<double>& hours);

/// How many hours of the year exceed each level.
std::vector<double> hours_above(const std::vector<double>& hours, const std::vector<double>& levels);

/// Daylit hours whose all-weather sky is nearest to each of the sixteen types of CIE S 011 (index 0: type 1), by the
/// least square difference of luminance over 145 directions, each sky scaled to carry the same light.
std::array<int, 16> sky_types(const std::vector<OutdoorHour>& outdoor);
/// Of one hour, 1 to 16; 0 at night.
int sky_type(const OutdoorHour& hour);

/// Hours with sunshine (direct normal irradiance of 120 W/m^2 or more, WMO-No. 8) of each month.
std::array<double, 12> sunshine_hours(const WeatherYear& weather, const std::vector<OutdoorHour>& outdoor);

/// A day worth looking at, and its hour.
struct NotableDay {
    std::string name;  ///< "Sunniest day", "Clear day near 21 Mar"
    Moment moment;
    std::string why;  ///< the figure it was chosen by
};
std::vector<NotableDay> notable_days(const WeatherYear& weather, const std::vector<OutdoorHour>& outdoor);

}  // namespace wp::climate

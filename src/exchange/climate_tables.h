// SPDX-License-Identifier: GPL-3.0-or-later
// A weather year as CSV tables.
#pragma once
#include <string>
#include <vector>

#include "climate/statistics.h"

namespace wp::exchange {

/// One line an hour: every quantity, the sun, the nearest sky type, whether the hour was filled or corrected.
std::string climate_hours_csv(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor);
/// One line an hour of each month's mean day.
std::string mean_days_csv(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor);
/// Hours of the year above forty levels of every quantity.
std::string hours_above_csv(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor);

}  // namespace wp::exchange

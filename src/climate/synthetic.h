// SPDX-License-Identifier: GPL-3.0-or-later
// A made-up weather year for demos and tests: a seeded stochastic climate, marked as synthetic in its header. It has
// the statistics of a temperate coast and belongs to no station.
#pragma once
#include "climate/weather.h"

namespace wp::climate {

/// The same seed gives the same year. place sets sun and season.
WeatherYear synthetic_year(const Place& place, const std::string& station, unsigned seed);

}  // namespace wp::climate

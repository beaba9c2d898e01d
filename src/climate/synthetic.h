// SPDX-License-Identifier: GPL-3.0-or-later
// A made-up weather year for demos and tests: a seeded stochastic climate, marked as synthetic in its header. It has
// the statistics of a temperate coast and belongs to no station.
#pragma once
#include "climate/weather.h"

namespace wp::climate {

/// The same seed gives the same year. place sets sun and season.
WeatherYear synthetic_year(const Place& place, const std::string& station, unsigned seed);

/// What a project has that names no weather file: the year of one seed for its site, marked as made up.
WeatherYear made_up_year(const Place& site);

}  // namespace wp::climate

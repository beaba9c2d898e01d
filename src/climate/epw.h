// SPDX-License-Identifier: GPL-3.0-or-later
// The EPW weather format: eight header lines, then one line an hour (or several an hour) of 34 or 35 fields.
#pragma once
#include <filesystem>
#include <string>
#include <string_view>

#include "base/result.h"
#include "climate/weather.h"

namespace wp::climate {

/// Reads a whole year. Both line endings, 8760 or 8784 hours (29 February is left out and noted), any whole number of
/// records an hour (averaged), any starting day, missing-value codes, minute 0 or 60. Gaps are filled and noted.
/// The fault names line and field. name is the file's name in messages.
Result<WeatherYear> parse_epw(std::string_view text, const std::string& name);
Result<WeatherYear> read_epw(const std::filesystem::path& path);

/// The year as EPW text: what was not modelled carries its missing code.
std::string write_epw(const WeatherYear& weather);

}  // namespace wp::climate

// SPDX-License-Identifier: GPL-3.0-or-later
// Weather years in tables of commas: TMY3 by its own heads, any other by a map of columns.
#pragma once
#include <filesystem>
#include <map>
#include <string>
#include <string_view>
#include <vector>

#include "base/result.h"
#include "climate/weather.h"

namespace wp::climate {

/// What a table's columns hold.
struct WeatherColumns {
    /// By quantity (weather_quantities()) the head of its column. Global with direct or diffuse irradiance must be
    /// there, or direct with diffuse. Without month, day and hour the rows are the 8760 hours from 1 January.
    std::map<std::string, std::string> heads;
    std::string station;
    Place place;
    int head_row = 1;  ///< which line has the heads, from 1
};
struct WeatherQuantity {
    const char *id, *unit, *name;
};
/// month, day, hour (the end of the interval, 1 to 24), dry_bulb, dew_point, global, direct, diffuse, direct_lux,
/// diffuse_lux, cloud.
const std::vector<WeatherQuantity>& weather_quantities();
/// Faults: a head that is not there, a value that is no number, hours that are missing or stand twice.
Result<WeatherYear> parse_weather_table(std::string_view text, const std::string& name, const WeatherColumns& columns);
/// Which columns hold what, as their heads suggest.
std::map<std::string, std::string> guessed_heads(const std::vector<std::string>& heads);

/// The fields of the first lines, as far as they are sound.
std::vector<std::vector<std::string>> first_rows(std::string_view text, size_t most);
/// The line, from 1, that has the heads: the last before numbers, where nothing tells otherwise the first.
int likely_head_row(const std::vector<std::vector<std::string>>& rows);

/// TMY3 (S. Wilcox, W. Marion, Users Manual for TMY3 Data Sets, NREL/TP-581-43156, 2008).
Result<WeatherYear> parse_tmy3(std::string_view text, const std::string& name);
bool is_tmy3(std::string_view text);

/// Whether it begins as an EPW does.
bool is_epw(std::string_view text);
/// EPW or TMY3, by what is in it.
Result<WeatherYear> read_weather(const std::filesystem::path& path);
/// The same of a file's bytes, under its name.
Result<WeatherYear> parse_weather(std::string_view bytes, const std::string& name);

/// A weather file in a folder, and how far it is from a site.
struct WeatherNear {
    std::filesystem::path path;
    std::string station;
    Place place;
    double kilometres = 0, higher = 0;  ///< metres above the site
};
/// All that are in a folder and in folders of it, the nearest first; only their first lines are read.
std::vector<WeatherNear> weather_in_folder(const std::filesystem::path& folder, const Place& site);
/// Along the great circle, on a sphere of 6371 km.
double kilometres_between(const Place& a, const Place& b);

}  // namespace wp::climate

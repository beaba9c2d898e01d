// SPDX-License-Identifier: GPL-3.0-or-later
// From a year of light to figures. Pure functions: hours as masks, light as numbers by hour and point.
#pragma once
#include <cstdint>
#include <span>
#include <vector>

namespace wp::metric {

/// Hours of a year that count, 8760 flags.
using Hours = std::vector<bool>;

/// Every day from hour `from` to hour `to` of local standard time; the ten hours of IES LM-83 are 8 to 18.
Hours daily_hours(double from, double to);
size_t count(const Hours& hours);

/// Illuminance of points by hour: lux[hour * points + point]. Hours without light may be left out of `daylit` and count
/// as dark.
struct HourlyLux {
    size_t points = 0;
    std::vector<int> row_of;  ///< 8760: row in lux, or -1 for a dark hour
    std::vector<float> lux;   ///< row-major, rows x points

    std::span<const float> at(int hour) const {
        const int row = row_of[static_cast<size_t>(hour)];
        if (row < 0) return {};
        return {lux.data() + static_cast<size_t>(row) * points, points};
    }
};

/// Share of the hours in which each point has at least target lux (daylight autonomy). scale multiplies the light: the
/// ends of its error band go in here.
std::vector<double> autonomy(const HourlyLux& year, const Hours& hours, double target_lux, double scale = 1.0);

/// Share of points whose value is at least the limit.
double share_at_least(std::span<const double> values, double limit);
/// Share of points whose value is above the limit.
double share_above(std::span<const double> values, double limit);

/// Hours in which each point has at least limit lux.
std::vector<double> hours_at_least(const HourlyLux& year, const Hours& hours, double limit_lux);

/// Share of the hours in which at least `share` of the points have at least target lux. EN 17037:2018 counts the daylight
/// hours in which the target stands over half of the plane, or the minimum over 95 % of it.
double spatial_provision(const HourlyLux& year, const Hours& hours, double target_lux, double share);

/// Mean over hours and points, lux.
double mean_lux(const HourlyLux& year, const Hours& hours);

}  // namespace wp::metric

// SPDX-License-Identifier: GPL-3.0-or-later
// From a year of light to figures. Pure functions: hours as masks, light as numbers by hour and point.
#pragma once
#include <cstdint>
#include <span>
#include <vector>

namespace wp::metric {

/// Hours of a year that count, 8760 flags.
using Hours = std::vector<bool>;

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

/// A number for each point that its light is multiplied by; empty: as it is. The ends of an error band go in here.
using Scale = std::span<const double>;

/// Share of the hours in which each point has at least target lux (daylight autonomy).
std::vector<double> autonomy(const HourlyLux& year, const Hours& hours, double target_lux, Scale scale = {});

/// Continuous daylight autonomy (Z. Rogers, Daylighting Metric Development, 2006): hours below the target count by the
/// part of it they have.
std::vector<double> continuous_autonomy(const HourlyLux& year, const Hours& hours, double target_lux, Scale scale = {});
/// Share of the hours in which each point has at least low and less than high: the bands of useful daylight illuminance
/// (A. Nabil, J. Mardaljevic, Lighting Research and Technology 37 (2005) 41-59) and of saturation.
std::vector<double> share_between(const HourlyLux& year, const Hours& hours, double low, double high, Scale scale = {});
/// Mean of each point, lux.
std::vector<double> mean_of_points(const HourlyLux& year, const Hours& hours);
/// The illuminance that each point has in at least that share of the hours, lux.
std::vector<double> lux_in_share(const HourlyLux& year, const Hours& hours, double share);

/// Share of points that pass, where each passes only with a chance: its expectation and the half-width (95 %) around
/// it, for errors of points that are independent of each other.
struct Passing {
    double expected = 0, half_width = 0;
    double together = 0;  ///< half-width where all errors were one and the same
};
/// margin: of each point its value less the limit; standard_error: of that. 0: certain.
Passing passing(std::span<const double> margin, std::span<const double> standard_error);

/// Share of points whose value is at least the limit.
double share_at_least(std::span<const double> values, double limit);
/// Share of points whose value is above the limit.
double share_above(std::span<const double> values, double limit);

/// Hours in which each point has at least limit lux.
std::vector<double> hours_at_least(const HourlyLux& year, const Hours& hours, double limit_lux);
/// The same of many limits in one pass.
struct Limit {
    double lux = 0;
    Scale scale;
};
std::vector<std::vector<double>> hours_at_least(const HourlyLux& year, const Hours& hours,
                                                std::span<const Limit> limits);

/// Share of the hours in which at least `share` of the points have at least target lux. EN 17037:2018 counts the
/// daylight hours in which the target stands over half of the plane, or the minimum over 95 % of it.
double spatial_provision(const HourlyLux& year, const Hours& hours, double target_lux, double share);
/// The same in two steps, for planes that are looked at part by part: points with the light in each of 8760 hours,
/// added to what was found before; then the share of the hours in which there are enough of them.
void add_points_at_least(const HourlyLux& year, const Hours& hours, double lux, std::vector<uint32_t>& found);
double share_with_enough(const std::vector<uint32_t>& found, const Hours& hours, size_t points, double share);

/// Mean over hours and points, lux.
double mean_lux(const HourlyLux& year, const Hours& hours);

}  // namespace wp::metric

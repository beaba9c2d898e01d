// SPDX-License-Identifier: GPL-3.0-or-later
// Figures of a year that are told of every room, each with its 95 % error.
#pragma once
#include <string>
#include <vector>

#include "figure/year_points.h"

namespace wp::figure {

/// A figure of a room, with the ends of its 95 % band.
struct RoomFigure {
    std::string id, name, unit;
    double value = 0, low = 0, high = 0;
};
/// The same figures in the same order for every plane.
std::vector<RoomFigure> room_figures(const question::YearAnswer& year, size_t plane, const question::YearLimits& limits,
                                     const metric::Hours& hours, question::Operation operation);

/// Share of the plane in which the target stands for that share of the hours (IES LM-83), with the band its points'
/// errors leave.
struct SpatialAutonomy {
    double value = 0, low = 0, high = 0;  ///< share of the plane, 0 to 1
    std::vector<double> autonomy;         ///< of each point
};
SpatialAutonomy spatial_autonomy(const question::YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                 double time_share, question::Operation operation);

struct SunlightExposure {
    double value = 0;           ///< share of the plane with more than the hours
    std::vector<double> hours;  ///< of each point
};
/// Exact: no blinds, no interreflection.
SunlightExposure sunlight_exposure(const question::YearAnswer& year, size_t plane, const metric::Hours& hours,
                                   double lux, double limit_hours);

/// Hours in which the mean of the plane is at least so many lux, with the band of the plane's mean.
SpatialAutonomy hours_with_mean(const question::YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                question::Operation operation);

/// Share of the hours in which at least so much of the plane has the light (EN 17037:2018).
SpatialAutonomy provision(const question::YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                          double area_share, question::Operation operation);

}  // namespace wp::figure

// SPDX-License-Identifier: GPL-3.0-or-later
// Electric light by hour joined to a year's daylight: sums and errors, no rays.
#pragma once
#include <memory>

#include "question/year.h"

namespace wp::question {

/// Of `points` points from `first` on. day: their daylight, null where that is not counted.
std::shared_ptr<const metric::HourlyLux> with_electric(const metric::HourlyLux* day, size_t points, size_t first,
                                                       const ElectricByHour& electric);
/// The same of half-widths: daylight's, what luminaires were traced to, and what levels are uncertain by.
std::shared_ptr<const metric::HourlyLux> electric_half_widths(const metric::HourlyLux* day, size_t points, size_t first,
                                                              const ElectricByHour& electric);
/// Into one hour of a plane's daylight; where that is not counted its parts become nothing.
void count_electric(YearHour& hour, int of, const ElectricByHour& electric, LightCounted counted);
/// Into what a plane's points are uncertain by, as shares of what is counted: never less than it is.
void count_electric(PlaneYear& plane, const ElectricByHour& electric, LightCounted counted);
/// Mean over the hours, lux. point -1: and over the plane's points.
double mean_electric(const ElectricByHour& electric, int point, size_t points, const metric::Hours& hours);

}  // namespace wp::question

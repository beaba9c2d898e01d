// SPDX-License-Identifier: GPL-3.0-or-later
// A year's light by hour, month and day, as it is: no figures.
#pragma once
#include <array>
#include <vector>

#include "question/year.h"

namespace wp::question {

/// Hours that count by the calendar: those of `hours` in some months only. months: 12 flags.
metric::Hours in_months(metric::Hours hours, const std::array<bool, 12>& months);

/// One day stands for a month: the mean over its days of each hour. values: 8760.
std::array<std::array<double, 24>, 12> typical_days(const std::vector<float>& values);

/// Mean of each point over the hours, lux.
std::vector<double> mean_of_points(const YearAnswer& year, size_t plane, const metric::Hours& hours,
                                   Operation operation);
/// A point's year by hour, lux.
std::vector<float> year_of_point(const YearAnswer& year, size_t plane, size_t point, Operation operation);
/// Of each hour the mean over the plane; the share of it that has the target.
std::vector<float> year_of_plane(const YearAnswer& year, size_t plane, Operation operation);
std::vector<float> share_above(const YearAnswer& year, size_t plane, double target, Operation operation);

}  // namespace wp::question

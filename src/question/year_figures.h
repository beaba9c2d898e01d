// SPDX-License-Identifier: GPL-3.0-or-later
// Figures of a year: of every point, and of every room, each with its 95 % error.
#pragma once
#include <array>
#include <span>
#include <string>
#include <vector>

#include "question/year.h"

namespace wp::question {

/// What is told of each point.
enum class PointFigure {
    autonomy,
    continuous,
    maximum,  // of the target
    too_dark,
    supplementary,
    useful,
    too_bright,  // four bands: below low, to the target, to high, above
    useful_three,
    bright_three,  // three bands: 100 to 2000 lx, above
    saturation,    // 430 to 4300 lx
    sun_hours,
    mean,
};
inline constexpr size_t kPointFigures = 12;
struct PointFigureName {
    const char *id, *name, *unit;
};
const PointFigureName& name_of(PointFigure figure);

/// Targets and limits, lux. Three bands: A. Nabil, J. Mardaljevic 2005; four: J. Mardaljevic and others 2012.
struct YearLimits {
    double target = 300, low = 100, high = 3000;
};

struct PointValues {
    std::vector<double> value, low, high;  ///< low and high: ends of the 95 % band
};
/// In per cent of the hours, hours, or lux. Many at once cost little more than one.
std::vector<PointValues> point_values(const YearAnswer& year, size_t plane, std::span<const PointFigure> figures,
                                      const YearLimits& limits, const metric::Hours& hours, Operation operation);
PointValues point_values(const YearAnswer& year, size_t plane, PointFigure figure, const YearLimits& limits,
                         const metric::Hours& hours, Operation operation);

/// A figure of a room, with the ends of its 95 % band.
struct RoomFigure {
    std::string id, name, unit;
    double value = 0, low = 0, high = 0;
};
/// The same figures in the same order for every plane.
std::vector<RoomFigure> room_figures(const YearAnswer& year, size_t plane, const YearLimits& limits,
                                     const metric::Hours& hours, Operation operation);

/// Share of the plane in which the target stands for that share of the hours (IES LM-83), with the band its points'
/// errors leave.
struct SpatialAutonomy {
    double value = 0, low = 0, high = 0;  ///< share of the plane, 0 to 1
    std::vector<double> autonomy;         ///< of each point
};
SpatialAutonomy spatial_autonomy(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                 double time_share, Operation operation);

struct SunlightExposure {
    double value = 0;           ///< share of the plane with more than the hours
    std::vector<double> hours;  ///< of each point
};
/// Exact: no blinds, no interreflection.
SunlightExposure sunlight_exposure(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                                   double limit_hours);

/// Share of the hours in which at least so much of the plane has the light (EN 17037:2018).
SpatialAutonomy provision(const YearAnswer& year, size_t plane, const metric::Hours& hours, double lux,
                          double area_share, Operation operation);

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

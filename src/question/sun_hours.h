// SPDX-License-Identifier: GPL-3.0-or-later
// How long the sun reaches a place: on a day, over days, in the year; when first and when last.
#pragma once
#include <vector>

#include "base/progress.h"
#include "climate/weather.h"
#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "light/scene.h"
#include "question/record.h"

namespace wp::question {

/// Above this the sun shines, by the definition of sunshine duration (WMO-No. 8, 2021, chapter 8), W/m^2.
inline constexpr double kSunshine = 120;
/// Canopies and fabric that take more of the beam than this stand in its way.
inline constexpr double kShadesAt = 0.5;

struct SunHoursTask {
    const geometry::Surfaces* surfaces = nullptr;
    const std::vector<geometry::PlanePoints>* planes = nullptr;
    climate::Place place;
    double north_azimuth = 0;         ///< radians
    int first_day = 0, last_day = 0;  ///< 0 to 364, both included; may run over the new year
    double step = 5;                  ///< minutes
    double least_altitude = 0;        ///< radians; a lower sun does not count
    const climate::WeatherYear* weather =
        nullptr;  ///< given: only hours with sunshine count (probable), else all (possible)
};

struct PlaneSun {
    geometry::PlanePoints plane;
    std::vector<double> hours;  ///< in the whole period
    std::vector<double> first,
        last;  ///< hour of the day, earliest and latest of the period; NaN where the sun never comes
};

struct SunHoursAnswer {
    std::vector<PlaneSun> planes;
    int days = 1;
    double open_hours = 0;       ///< of an open place, by the same rules
    double open_year_hours = 0;  ///< the same in all the year
    Record record;               ///< accuracy: minutes between looks; nothing is sampled
};

SunHoursAnswer sun_hours(const SunHoursTask& task, const Effort& effort, const Cancel& cancel = {},
                         const Progress& progress = {});

}  // namespace wp::question

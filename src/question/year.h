// SPDX-License-Identifier: GPL-3.0-or-later
// The climate-based year: illuminance of every point in every hour, from daylight coefficients, each hour's own sky, and
// the exact direct sun; with and without blinds.
#pragma once
#include <vector>

#include "climate/weather.h"
#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "metric/annual.h"
#include "question/record.h"
#include "base/progress.h"

namespace wp::question {

/// Rule of IES LM-83 for blinds: a group's are closed in every hour in which more than this share of the plane's points
/// has direct sun of at least so many lux through the group's windows.
inline constexpr double kBlindShare = 0.02, kBlindLux = 1000;

struct PlaneYear {
    geometry::PlanePoints plane;
    metric::HourlyLux open;     ///< blinds open, lux on the plane
    metric::HourlyLux blinds;   ///< blinds by the rule; as open where no window has one
    metric::HourlyLux direct;   ///< direct sun alone, no interreflection, blinds open: what sunlight exposure counts
    std::vector<int> groups;    ///< window groups of the plane's room that have blinds
    std::vector<metric::Hours> closed;  ///< for each of these groups, the hours in which its blinds are closed
    double relative_half_width = 0;     ///< 95 %, root mean square over points, of the typical illuminance
};

struct YearAnswer {
    std::vector<PlaneYear> planes;
    std::vector<climate::OutdoorHour> outdoor;
    std::vector<geometry::WindowGroup> groups;
    Record record;
};

Fingerprint year_inputs(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                        const climate::WeatherYear& weather, double north_azimuth, const Effort& effort);

/// north_azimuth: azimuth of the model's +y, radians clockwise from true north. Cancelled: settled is false and planes
/// are empty.
YearAnswer solve_year(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                      const climate::WeatherYear& weather, double north_azimuth, const Effort& effort,
                      const Cancel& cancel = {}, const Progress& progress = {});

/// Figures of LM-83 and the like for one plane, with the band that the answer's error leaves.
struct SpatialAutonomy {
    double value = 0, low = 0, high = 0;  ///< share of the plane, 0 to 1
    std::vector<double> autonomy;         ///< of each point
};
SpatialAutonomy spatial_autonomy(const PlaneYear& plane, const metric::Hours& hours, double lux, double time_share, bool blinds);

struct SunlightExposure {
    double value = 0;                     ///< share of the plane with more than the hours
    std::vector<double> hours;            ///< of each point
};
SunlightExposure sunlight_exposure(const PlaneYear& plane, const metric::Hours& hours, double lux, double limit_hours);

}  // namespace wp::question

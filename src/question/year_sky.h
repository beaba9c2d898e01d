// SPDX-License-Identifier: GPL-3.0-or-later
// What shines outdoors in every lit hour of a weather year, in the columns of daylight coefficients.
#pragma once
#include <memory>
#include <span>
#include <vector>

#include "climate/weather.h"
#include "question/sky_columns.h"

namespace wp::question {

struct YearSky {
    std::vector<climate::OutdoorHour> outdoor;  ///< all 8760
    std::vector<int> hours;                     ///< the lit ones
    std::vector<int> row_of;                    ///< 8760: of each hour its place in hours, or -1
    size_t columns = 0;
    std::vector<float> light;  ///< hours x columns: luminances
    std::vector<Vec3> to_sun;  ///< of each lit hour, unit, in the model's axes
    std::vector<float> beam;   ///< lux normal to the sun, mean over the hour
    // Irradiance for each lux, for the sky (and what the ground makes of all) and for the beam.
    std::vector<float> watts_of_sky, watts_of_beam;
    Fingerprint inputs;

    std::span<const float> row(size_t lit) const { return {light.data() + lit * columns, columns}; }
};

Fingerprint year_sky_inputs(const climate::WeatherYear& weather, const climate::Place& place, double north_azimuth,
                            const std::vector<double>& ground_by_month);
/// ground_by_month: twelve reflectances of the far ground. The sun stands where the site is, the light is the
/// weather's.
std::shared_ptr<const YearSky> year_sky(const climate::WeatherYear& weather, const climate::Place& place,
                                        double north_azimuth, const std::vector<double>& ground_by_month);

}  // namespace wp::question

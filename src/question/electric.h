// SPDX-License-Identifier: GPL-3.0-or-later
// What electric light takes through the year beside daylight: circuit by circuit, each kept to its sensor's target by
// its control, together with the circuits it sees and the scenes that hold by themselves.
#pragma once
#include <array>
#include <vector>

#include "model/option.h"
#include "question/circuits.h"
#include "question/year.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

struct YearUse;

struct LightingYear {
    model::Id id;
    std::string name;
    size_t plane = 0;
    int sensor = -1;                            ///< point of the plane
    double area = 0;                            ///< lit, m^2
    double installed = 0;                       ///< W, all of it
    size_t luminaires = 0;                      ///< 0: a plain power density
    double own_lux = 0;                         ///< at its sensor, wholly on alone; a plain density's is its target
    std::vector<float> watts;                   ///< 8760, of all its area
    double kwh = 0, kwh_low = 0, kwh_high = 0;  ///< with the 95 % band of the daylight's error
    double kwh_always = 0;                      ///< wholly on in all hours that count, stand-by in all others
    double saved() const { return kwh_always > 0 ? 1 - kwh / kwh_always : 0; }
    /// Lighting energy numeric indicator of its area, kWh/(m2 a): all that it takes, stand-by included (EN 15193-1).
    double leni() const { return area > 0 ? kwh / area : 0; }
    std::array<double, 12> by_month{};    ///< kWh
    std::vector<float> light;             ///< 8760: share of its light
    std::vector<float> light_half_width;  ///< 95 % of that, of the daylight's error
};

/// W/m2 when daylight gives lux at the sensor, of a plain power density. Manual light is a matter of the day: see
/// electric_years.
double power_at(const model::Lighting& lighting, double lux);

/// All of the option's electric light; circuits whose plane is not in the year, or has no points within their area, are
/// left out. What sensors see of luminaires is traced, and kept for who asks again.
std::vector<LightingYear> electric_years(const model::Project& project, const YearAnswer& year,
                                         const model::Option& option, const YearUse& use);

/// Of all circuits together, kWh/(m2 a) over the area that they light.
double leni_of(const std::vector<LightingYear>& years);

}  // namespace wp::question

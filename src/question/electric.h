// SPDX-License-Identifier: GPL-3.0-or-later
// What electric light takes through the year beside daylight.
#pragma once
#include <array>
#include <vector>

#include "model/option.h"
#include "question/year.h"

namespace wp::question {

struct LightingYear {
    model::Id id;
    std::string name;
    size_t plane = 0;
    int sensor = -1;                            ///< point of the plane
    double area = 0;                            ///< lit, m^2
    std::vector<float> watts;                   ///< 8760, of all its area
    double kwh = 0, kwh_low = 0, kwh_high = 0;  ///< with the 95 % band of the daylight's error
    double kwh_always = 0;                      ///< wholly on in all hours that count, stand-by in all others
    double saved() const { return kwh_always > 0 ? 1 - kwh / kwh_always : 0; }
    std::array<double, 12> by_month{};  ///< kWh
};

/// Power for each square metre when daylight gives lux at the sensor, W/m^2. Manual light is a matter of the day: see
/// electric_year.
double power_at(const model::Lighting& lighting, double lux);

/// None where its plane is not in the year or has no points within its area. hours: those in which light is wanted.
std::optional<LightingYear> electric_year(const YearAnswer& year, const model::Lighting& lighting,
                                          const metric::Hours& hours, Operation operation);

}  // namespace wp::question

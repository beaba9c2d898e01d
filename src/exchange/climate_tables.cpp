// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/climate_tables.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <iterator>

namespace wp::exchange {

using climate::Quantity;

std::string climate_hours_csv(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor) {
    std::string out = "month,day,hour_ending";
    std::vector<std::vector<double>> columns;
    for (const Quantity q : climate::kQuantities) {
        out += std::string(",") + climate::name_of(q).id;
        columns.push_back(climate::hourly(weather, outdoor, q));
    }
    out += ",sun_altitude_degrees,sun_azimuth_degrees,sky_type,filled_or_corrected\n";
    for (size_t h = 0; h < weather.hours.size(); ++h) {
        const auto m = climate::moment_of(static_cast<int>(h / 24), 0);
        fmt::format_to(std::back_inserter(out), "{},{},{}", m.month, m.day, h % 24 + 1);
        for (const auto& column : columns) {
            if (std::isnan(column[h]))
                out += ",";
            else
                fmt::format_to(std::back_inserter(out), ",{:.6g}", column[h]);
        }
        const auto& sun = outdoor[h].sun.sun;
        fmt::format_to(std::back_inserter(out), ",{:.3f},{:.3f},{},{}\n", degrees(sun.altitude), degrees(sun.azimuth),
                       climate::sky_type(outdoor[h]), weather.hours[h].doubt != 0 ? 1 : 0);
    }
    return out;
}

std::string mean_days_csv(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor) {
    std::string out = "month,hour_ending";
    std::vector<climate::MeanDays> all;
    for (const Quantity q : climate::kQuantities) {
        out += std::string(",") + climate::name_of(q).id;
        all.push_back(climate::mean_days(climate::hourly(weather, outdoor, q)));
    }
    out += "\n";
    for (size_t m = 0; m < 12; ++m)
        for (size_t h = 0; h < 24; ++h) {
            fmt::format_to(std::back_inserter(out), "{},{}", m + 1, h + 1);
            for (const auto& days : all) {
                if (std::isnan(days[m][h]))
                    out += ",";
                else
                    fmt::format_to(std::back_inserter(out), ",{:.6g}", days[m][h]);
            }
            out += "\n";
        }
    return out;
}

std::string hours_above_csv(const climate::WeatherYear& weather, const std::vector<climate::OutdoorHour>& outdoor) {
    std::string out = "quantity,level,unit,hours_above\n";
    for (const Quantity q : climate::kQuantities) {
        const auto hours = climate::hourly(weather, outdoor, q);
        double low = 0, high = 0;
        for (const double v : hours)
            if (!std::isnan(v)) low = std::min(low, v), high = std::max(high, v);
        std::vector<double> levels;
        for (int i = 0; i <= 40; ++i) levels.push_back(low + (high - low) * i / 40);
        const auto above = climate::hours_above(hours, levels);
        for (size_t i = 0; i < levels.size(); ++i)
            fmt::format_to(std::back_inserter(out), "{},{:.6g},{},{:.0f}\n", climate::name_of(q).id, levels[i],
                           climate::name_of(q).unit, above[i]);
    }
    return out;
}

}  // namespace wp::exchange

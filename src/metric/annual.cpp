// SPDX-License-Identifier: GPL-3.0-or-later
#include "metric/annual.h"

#include <algorithm>
#include <numeric>

namespace wp::metric {

Hours daily_hours(double from, double to) {
    Hours hours(8760);
    // An hour counts when its middle lies within.
    for (size_t h = 0; h < hours.size(); ++h) {
        const double middle = static_cast<double>(h % 24) + 0.5;
        hours[h] = middle > from && middle < to;
    }
    return hours;
}

size_t count(const Hours& hours) { return static_cast<size_t>(std::count(hours.begin(), hours.end(), true)); }

std::vector<double> hours_at_least(const HourlyLux& year, const Hours& hours, double limit_lux) {
    std::vector<double> sum(year.points, 0.0);
    for (size_t h = 0; h < hours.size(); ++h) {
        if (!hours[h]) continue;
        const auto lux = year.at(static_cast<int>(h));
        for (size_t p = 0; p < lux.size(); ++p)
            if (static_cast<double>(lux[p]) >= limit_lux) sum[p] += 1;
    }
    return sum;
}

std::vector<double> autonomy(const HourlyLux& year, const Hours& hours, double target_lux, double scale) {
    std::vector<double> share = hours_at_least(year, hours, target_lux / scale);
    const auto n = static_cast<double>(count(hours));
    for (double& s : share) s = n > 0 ? s / n : 0;
    return share;
}

double share_at_least(std::span<const double> values, double limit) {
    if (values.empty()) return 0;
    return static_cast<double>(std::count_if(values.begin(), values.end(), [&](double v) { return v >= limit; })) /
           static_cast<double>(values.size());
}

double share_above(std::span<const double> values, double limit) {
    if (values.empty()) return 0;
    return static_cast<double>(std::count_if(values.begin(), values.end(), [&](double v) { return v > limit; })) /
           static_cast<double>(values.size());
}

double spatial_provision(const HourlyLux& year, const Hours& hours, double target_lux, double share) {
    size_t reached = 0;
    for (size_t h = 0; h < hours.size(); ++h) {
        if (!hours[h]) continue;
        const auto lux = year.at(static_cast<int>(h));
        if (lux.empty()) continue;
        const auto enough = std::count_if(lux.begin(), lux.end(), [&](float v) { return static_cast<double>(v) >= target_lux; });
        if (static_cast<double>(enough) >= share * static_cast<double>(lux.size())) ++reached;
    }
    const size_t n = count(hours);
    return n > 0 ? static_cast<double>(reached) / static_cast<double>(n) : 0;
}

double mean_lux(const HourlyLux& year, const Hours& hours) {
    double sum = 0;
    for (size_t h = 0; h < hours.size(); ++h) {
        if (!hours[h]) continue;
        const auto lux = year.at(static_cast<int>(h));
        sum = std::accumulate(lux.begin(), lux.end(), sum, [](double s, float v) { return s + static_cast<double>(v); });
    }
    const auto n = static_cast<double>(count(hours) * year.points);
    return n > 0 ? sum / n : 0;
}

}  // namespace wp::metric

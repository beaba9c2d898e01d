// SPDX-License-Identifier: GPL-3.0-or-later
#include "metric/annual.h"

#include <algorithm>
#include <cmath>
#include <functional>
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

std::vector<double> hours_at_least(const HourlyLux& year, const Hours& hours, double limit_lux, Scale scale) {
    std::vector<double> sum(year.points, 0.0);
    for (size_t h = 0; h < hours.size(); ++h) {
        if (!hours[h]) continue;
        const auto lux = year.at(static_cast<int>(h));
        for (size_t p = 0; p < lux.size(); ++p)
            if (static_cast<double>(lux[p]) * (scale.empty() ? 1.0 : scale[p]) >= limit_lux) sum[p] += 1;
    }
    return sum;
}

std::vector<double> autonomy(const HourlyLux& year, const Hours& hours, double target_lux, Scale scale) {
    std::vector<double> share = hours_at_least(year, hours, target_lux, scale);
    const auto n = static_cast<double>(count(hours));
    for (double& s : share) s = n > 0 ? s / n : 0;
    return share;
}

std::vector<double> continuous_autonomy(const HourlyLux& year, const Hours& hours, double target_lux, Scale scale) {
    return mean_over_hours(year, hours, scale, [&](double lux) { return std::min(1.0, lux / target_lux); });
}

std::vector<double> share_between(const HourlyLux& year, const Hours& hours, double low, double high, Scale scale) {
    return mean_over_hours(year, hours, scale, [&](double lux) { return lux >= low && lux < high ? 1.0 : 0.0; });
}

std::vector<double> mean_of_points(const HourlyLux& year, const Hours& hours) {
    return mean_over_hours(year, hours, {}, [](double lux) { return lux; });
}

std::vector<double> lux_in_share(const HourlyLux& year, const Hours& hours, double share) {
    const size_t n = count(hours);
    std::vector<double> out(year.points, 0.0);
    if (n == 0) return out;
    // So many hours must have at least it.
    const auto wanted = std::clamp<size_t>(static_cast<size_t>(std::ceil(share * static_cast<double>(n) - 1e-9)), 1, n);
    std::vector<float> all(n);
    for (size_t p = 0; p < year.points; ++p) {
        size_t k = 0;
        for (size_t h = 0; h < hours.size(); ++h) {
            if (!hours[h]) continue;
            const auto lux = year.at(static_cast<int>(h));
            all[k++] = lux.empty() ? 0.0f : lux[p];
        }
        std::nth_element(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(wanted - 1), all.end(), std::greater<>());
        out[p] = static_cast<double>(all[wanted - 1]);
    }
    return out;
}

Passing passing(std::span<const double> margin, std::span<const double> standard_error) {
    Passing out;
    double variance = 0;
    for (size_t i = 0; i < margin.size(); ++i) {
        const double p = standard_error[i] > 0 ? 0.5 * std::erfc(-margin[i] / standard_error[i] / std::sqrt(2.0)) : margin[i] >= 0 ? 1.0 : 0.0;
        out.expected += p;
        variance += p * (1 - p);
    }
    const auto n = static_cast<double>(std::max<size_t>(margin.size(), 1));
    out.expected /= n;
    out.half_width = 1.96 * std::sqrt(variance) / n;
    return out;
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

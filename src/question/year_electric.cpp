// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_electric.h"

#include <algorithm>
#include <cmath>

#include "climate/weather.h"

namespace wp::question {

namespace {

bool any_on(const ElectricByHour& electric, size_t hour) {
    return std::ranges::any_of(electric.level, [&](const auto& level) { return level[hour] > 0; });
}

double lux_of(const ElectricByHour& electric, size_t point, size_t hour) {
    double out = 0;
    for (size_t k = 0; k < electric.lux.size(); ++k)
        out += static_cast<double>(electric.lux[k][point] * electric.level[k][hour]);
    return out;
}

// What the daylight's error at the sensors makes of it: all sensors err alike, which is on the safe side.
double by_levels(const ElectricByHour& electric, size_t point, size_t hour) {
    double out = 0;
    for (size_t k = 0; k < electric.lux.size(); ++k)
        out += static_cast<double>(electric.lux[k][point] * electric.level_half_width[k][hour]);
    return out;
}

// Circuits are traced by the same paths: their errors may well add up.
double half_width_of(const ElectricByHour& electric, size_t point, size_t hour) {
    double traced = 0;
    for (size_t k = 0; k < electric.lux.size(); ++k)
        traced += static_cast<double>(electric.half_width[k][point] * electric.level[k][hour]);
    return std::hypot(traced, by_levels(electric, point, hour));
}

// Rows for the hours that are dark in neither; join makes a value of daylight's, the point and the hour.
template <class Join>
std::shared_ptr<const metric::HourlyLux> joined_by_hour(const metric::HourlyLux* day, size_t points,
                                                        const ElectricByHour& electric, Join&& join) {
    auto out = std::make_shared<metric::HourlyLux>();
    out->points = points;
    out->row_of.assign(climate::kHours, -1);
    int row = 0;
    for (size_t h = 0; h < static_cast<size_t>(climate::kHours); ++h) {
        const auto lit = day != nullptr ? day->at(static_cast<int>(h)) : std::span<const float>();
        if (lit.empty() && !any_on(electric, h)) continue;
        out->row_of[h] = row++;
        for (size_t i = 0; i < points; ++i)
            out->lux.push_back(static_cast<float>(join(lit.empty() ? 0.0 : static_cast<double>(lit[i]), i, h)));
    }
    return out;
}

}  // namespace

std::shared_ptr<const metric::HourlyLux> with_electric(const metric::HourlyLux* day, size_t points, size_t first,
                                                       const ElectricByHour& electric) {
    return joined_by_hour(day, points, electric, [&](double daylight, size_t i, size_t h) {
        return daylight + lux_of(electric, first + i, h);
    });
}

std::shared_ptr<const metric::HourlyLux> electric_half_widths(const metric::HourlyLux* day, size_t points, size_t first,
                                                              const ElectricByHour& electric) {
    return joined_by_hour(day, points, electric, [&](double half_width, size_t i, size_t h) {
        return std::hypot(half_width, half_width_of(electric, first + i, h));
    });
}

void count_electric(YearHour& hour, int of, const ElectricByHour& electric, LightCounted counted) {
    const auto h = static_cast<size_t>(of);
    if (counted == LightCounted::electric) {
        for (auto* list : {&hour.lux, &hour.sun, &hour.sky, &hour.reflected, &hour.half_width})
            std::ranges::fill(*list, 0.0);
        hour.mean_half_width = 0;
    }
    double own = 0;
    for (size_t i = 0; i < hour.lux.size(); ++i) {
        const double half_width = half_width_of(electric, i, h);
        hour.lux[i] += lux_of(electric, i, h);
        hour.half_width[i] = std::hypot(hour.half_width[i], half_width);
        own += half_width / static_cast<double>(hour.lux.size());
    }
    hour.mean_half_width = std::hypot(hour.mean_half_width, own);
}

namespace {

std::vector<double> sums_of(const std::vector<std::vector<float>>& by_hour) {
    std::vector<double> out;
    for (const auto& one : by_hour) {
        double sum = 0;
        for (const float v : one) sum += static_cast<double>(v);
        out.push_back(sum);
    }
    return out;
}

// A point's electric light over the year, and what it is uncertain by.
struct Unsure {
    double light = 0, traced = 0, levels = 0;
    double share(double of) const { return light > 0 ? of / light : 0; }
};
std::vector<Unsure> unsure_of(const ElectricByHour& electric, size_t points) {
    const auto levels = sums_of(electric.level), uncertain = sums_of(electric.level_half_width);
    std::vector<Unsure> out(points);
    for (size_t i = 0; i < points; ++i) {
        for (size_t k = 0; k < levels.size(); ++k) {
            out[i].light += levels[k] * static_cast<double>(electric.lux[k][i]);
            out[i].traced += levels[k] * static_cast<double>(electric.half_width[k][i]);
            out[i].levels += uncertain[k] * static_cast<double>(electric.lux[k][i]);
        }
    }
    return out;
}

}  // namespace

void count_electric(PlaneYear& plane, const ElectricByHour& electric, LightCounted counted) {
    const size_t n = plane.plane.points.size();
    const bool both = counted == LightCounted::both;
    // Each light's share of error is no more than the larger of both, of the sum.
    const auto with = [&](double daylight, const Unsure& by) {
        return std::hypot(std::max(both ? daylight : 0.0, by.share(by.traced)), by.share(by.levels));
    };
    const auto open = plane.half_width, closed = plane.closed_half_width;
    const auto given = [&](const std::vector<float>& widths, size_t i) {
        return i < widths.size() ? static_cast<double>(widths[i]) : plane.relative_half_width;
    };
    std::vector<float> wider(n), wider_closed(n);
    double square = 0;
    Unsure all;
    const auto by = unsure_of(electric, n);
    for (size_t i = 0; i < n; ++i) {
        wider[i] = static_cast<float>(with(given(open, i), by[i]));
        wider_closed[i] = static_cast<float>(with(given(closed, i), by[i]));
        all = {all.light + by[i].light, all.traced + by[i].traced, all.levels + by[i].levels};
        square += std::pow(static_cast<double>(wider[i]), 2) / static_cast<double>(n);
    }
    plane.half_width = std::move(wider);
    if (!closed.empty()) plane.closed_half_width = std::move(wider_closed);
    plane.relative_half_width = n > 0 ? std::sqrt(square) : 0;
    // At the worst all points err alike.
    const double shared = all.share(std::hypot(all.traced, all.levels));
    plane.common = std::hypot(both ? plane.common : 0.0, shared);
    plane.closed_common = std::hypot(both ? plane.closed_common : 0.0, shared);
}

double mean_electric(const ElectricByHour& electric, int point, size_t points, const metric::Hours& hours) {
    std::vector<double> sum(electric.level.size(), 0.0);
    size_t count = 0;
    for (size_t h = 0; h < hours.size(); ++h) {
        if (!hours[h]) continue;
        ++count;
        for (size_t k = 0; k < sum.size(); ++k) sum[k] += static_cast<double>(electric.level[k][h]);
    }
    double out = 0;
    for (size_t k = 0; k < sum.size(); ++k) {
        const auto& lux = electric.lux[k];
        double there = point >= 0 ? static_cast<double>(lux[static_cast<size_t>(point)]) : 0;
        for (size_t i = 0; point < 0 && i < points; ++i)
            there += static_cast<double>(lux[i]) / static_cast<double>(points);
        out += sum[k] * there;
    }
    return count > 0 ? out / static_cast<double>(count) : 0;
}

}  // namespace wp::question

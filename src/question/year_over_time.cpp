// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_over_time.h"

#include <algorithm>
#include <numeric>

#include "question/year_look.h"

namespace wp::question {

metric::Hours in_months(metric::Hours hours, const std::array<bool, 12>& months) {
    for (size_t h = 0; h < hours.size(); ++h)
        if (hours[h] && !months[static_cast<size_t>(climate::moment_of(static_cast<int>(h) / 24, 12).month - 1)])
            hours[h] = false;
    return hours;
}

std::array<std::array<double, 24>, 12> typical_days(const std::vector<float>& values) {
    std::array<std::array<double, 24>, 12> out{};
    for (size_t h = 0; h < values.size(); ++h) {
        const int month = climate::moment_of(static_cast<int>(h) / 24, 12).month;
        out[static_cast<size_t>(month - 1)][h % 24] += static_cast<double>(values[h]) / climate::days_in(month);
    }
    return out;
}

std::vector<double> mean_of_points(const YearAnswer& year, size_t plane, const metric::Hours& hours,
                                   Operation operation) {
    std::vector<double> out;
    YearLook look(year, plane);
    look.at(operation, [&](const auto& part) {
        const auto part_mean = metric::mean_of_points(*part.light, hours);
        out.insert(out.end(), part_mean.begin(), part_mean.end());
    });
    look.run();
    return out;
}

std::vector<float> year_of_point(const YearAnswer& year, size_t plane, size_t point, Operation operation) {
    std::vector<float> out(climate::kHours, 0.0f);
    size_t k = 0;
    while (k + 1 < year.parts(plane) && point >= (k + 1) * kBlock) ++k;
    const auto part = year.lux_part(plane, k, operation);
    for (int h = 0; h < climate::kHours; ++h)
        if (const auto lux = part.light->at(h); !lux.empty()) out[static_cast<size_t>(h)] = lux[point - part.first];
    return out;
}

namespace {

/// Of each hour the mean over the plane's points of what each adds.
template <class Sum>
std::vector<float> mean_by_hour(const YearAnswer& year, size_t plane, Operation operation, Sum&& sum_of) {
    std::vector<double> sum(climate::kHours, 0.0);
    YearLook look(year, plane);
    look.at(operation, [&](const auto& part) {
        for (int h = 0; h < climate::kHours; ++h)
            if (const auto lux = part.light->at(h); !lux.empty()) sum[static_cast<size_t>(h)] += sum_of(lux);
    });
    look.run();
    const auto n = static_cast<double>(std::max<size_t>(year.planes[plane].plane.points.size(), 1));
    std::vector<float> out;
    out.reserve(sum.size());
    for (const double s : sum) out.push_back(static_cast<float>(s / n));
    return out;
}

}  // namespace

std::vector<float> year_of_plane(const YearAnswer& year, size_t plane, Operation operation) {
    return mean_by_hour(year, plane, operation,
                        [](auto lux) { return static_cast<double>(std::accumulate(lux.begin(), lux.end(), 0.0f)); });
}

std::vector<float> share_above(const YearAnswer& year, size_t plane, double target, Operation operation) {
    return mean_by_hour(year, plane, operation, [&](auto lux) {
        return static_cast<double>(
            std::count_if(lux.begin(), lux.end(), [&](float v) { return static_cast<double>(v) >= target; }));
    });
}

}  // namespace wp::question

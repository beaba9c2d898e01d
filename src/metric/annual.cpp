// SPDX-License-Identifier: GPL-3.0-or-later
#include "metric/annual.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>
#include <numeric>
#include <optional>

#include "base/parallel.h"

namespace wp::metric {

size_t count(const Hours& hours) { return static_cast<size_t>(std::count(hours.begin(), hours.end(), true)); }

namespace {

// The least float that is not below a number: what a float must reach to be at least it.
float least(double limit) {
    const auto out = static_cast<float>(limit);
    return static_cast<double>(out) < limit ? std::nextafter(out, std::numeric_limits<float>::max()) : out;
}

// Light of the hours that count and are not dark; and how many count.
struct Rows {
    std::vector<const float*> lit;
    size_t counted = 0;
};
Rows rows_of(const HourlyLux& year, const Hours& hours) {
    Rows out;
    for (size_t h = 0; h < hours.size(); ++h) {
        if (!hours[h]) continue;
        ++out.counted;
        if (const auto lux = year.at(static_cast<int>(h)); !lux.empty()) out.lit.push_back(lux.data());
    }
    return out;
}

// Points whose light lies in one line of the cache.
constexpr size_t kTogether = 16;

// All limits while a line of the cache is at hand: light of a year is far larger than caches, and this runs while a
// band of hours is dragged.
[[gnu::always_inline]] inline void count_lanes(const Rows& rows, size_t first, const float* __restrict limits,
                                               size_t count, uint32_t* __restrict out) {
    for (const float* row : rows.lit) {
        const float* lux = row + first;
        for (size_t k = 0; k < count; ++k)
            for (size_t p = 0; p < kTogether; ++p)
                out[k * kTogether + p] += lux[p] >= limits[k * kTogether + p] ? 1u : 0u;
    }
}
void count_tile(const Rows& rows, size_t first, const float* limits, size_t count, uint32_t* out) {
    count_lanes(rows, first, limits, count, out);
}
[[gnu::target("avx2")]] void count_tile_wide(const Rows& rows, size_t first, const float* limits, size_t count,
                                             uint32_t* out) {
    count_lanes(rows, first, limits, count, out);
}

/// Beyond it no light is.
constexpr double kNoLux = 1e20;

// Limits that differ from each other and can be told apart by light; of each that was asked for its place among them.
struct Distinct {
    std::vector<Limit> limits;
    std::vector<std::optional<size_t>> place;
    explicit Distinct(std::span<const Limit> asked) {
        for (const Limit& limit : asked) {
            place.emplace_back();
            if (limit.lux <= 0 || limit.lux >= kNoLux) continue;
            const auto known = std::find_if(limits.begin(), limits.end(), [&](const Limit& l) {
                return l.lux == limit.lux && l.scale.data() == limit.scale.data() &&
                       l.scale.size() == limit.scale.size();
            });
            place.back() = static_cast<size_t>(known - limits.begin());
            if (known == limits.end()) limits.push_back(limit);
        }
    }
};

// Hours by limit and point.
std::vector<std::vector<double>> counted_at_least(const HourlyLux& year, const Rows& rows,
                                                  std::span<const Limit> limits) {
    static const bool wide = __builtin_cpu_supports("avx2");
    std::vector<std::vector<double>> out(limits.size(), std::vector<double>(year.points, 0.0));
    const auto limit_of = [&](size_t k, size_t p) {
        return limits[k].scale.empty() ? least(limits[k].lux) : static_cast<float>(limits[k].lux / limits[k].scale[p]);
    };
    parallel_for(year.points / kTogether, [&](size_t tile) {
        std::vector<float> at(limits.size() * kTogether);
        std::vector<uint32_t> found(at.size(), 0);
        for (size_t k = 0; k < limits.size(); ++k)
            for (size_t p = 0; p < kTogether; ++p) at[k * kTogether + p] = limit_of(k, tile * kTogether + p);
        (wide ? count_tile_wide : count_tile)(rows, tile * kTogether, at.data(), limits.size(), found.data());
        for (size_t k = 0; k < limits.size(); ++k)
            for (size_t p = 0; p < kTogether; ++p) out[k][tile * kTogether + p] = found[k * kTogether + p];
    });
    for (size_t p = year.points / kTogether * kTogether; p < year.points; ++p)
        for (size_t k = 0; k < limits.size(); ++k) {
            const float limit = limit_of(k, p);
            out[k][p] = static_cast<double>(
                std::count_if(rows.lit.begin(), rows.lit.end(), [&](const float* lux) { return lux[p] >= limit; }));
        }
    return out;
}

// Point by point, some together, on all threads.
template <class Do>
void each_tile(size_t points, Do&& act) {
    parallel_for((points + kTogether - 1) / kTogether, [&](size_t tile) {
        const size_t first = tile * kTogether;
        act(first, std::min(kTogether, points - first));
    });
}

}  // namespace

std::vector<std::vector<double>> hours_at_least(const HourlyLux& year, const Hours& hours,
                                                std::span<const Limit> limits) {
    const Rows rows = rows_of(year, hours);
    const Distinct distinct(limits);
    const auto found = counted_at_least(year, rows, distinct.limits);
    std::vector<std::vector<double>> out;
    for (size_t k = 0; k < limits.size(); ++k)
        // Dark hours have at least nothing.
        out.push_back(
            distinct.place[k]
                ? found[*distinct.place[k]]
                : std::vector<double>(year.points, limits[k].lux <= 0 ? static_cast<double>(rows.counted) : 0.0));
    return out;
}

std::vector<double> hours_at_least(const HourlyLux& year, const Hours& hours, double limit_lux) {
    const Limit limit{limit_lux, {}};
    return std::move(hours_at_least(year, hours, std::span(&limit, 1)).front());
}

std::vector<double> autonomy(const HourlyLux& year, const Hours& hours, double target_lux, Scale scale) {
    return share_between(year, hours, target_lux, std::numeric_limits<double>::max(), scale);
}

std::vector<double> continuous_autonomy(const HourlyLux& year, const Hours& hours, double target_lux, Scale scale) {
    const Rows rows = rows_of(year, hours);
    std::vector<double> out(year.points, 0.0), share(year.points, 1 / target_lux);
    for (size_t p = 0; p < scale.size(); ++p) share[p] *= scale[p];
    each_tile(year.points, [&](size_t first, size_t n) {
        for (const float* lux : rows.lit)
            for (size_t p = first; p < first + n; ++p) out[p] += std::min(1.0, static_cast<double>(lux[p]) * share[p]);
    });
    for (double& v : out) v = rows.counted > 0 ? v / static_cast<double>(rows.counted) : 0;
    return out;
}

std::vector<double> share_between(const HourlyLux& year, const Hours& hours, double low, double high, Scale scale) {
    const Limit limits[] = {{low, scale}, {high, scale}};
    auto found = hours_at_least(year, hours, limits);
    const auto n = static_cast<double>(count(hours));
    for (size_t p = 0; p < year.points; ++p) found[0][p] = n > 0 ? (found[0][p] - found[1][p]) / n : 0;
    return std::move(found[0]);
}

std::vector<double> mean_of_points(const HourlyLux& year, const Hours& hours) {
    const Rows rows = rows_of(year, hours);
    std::vector<double> out(year.points, 0.0);
    each_tile(year.points, [&](size_t first, size_t n) {
        for (const float* lux : rows.lit)
            for (size_t p = first; p < first + n; ++p) out[p] += static_cast<double>(lux[p]);
    });
    for (double& v : out) v = rows.counted > 0 ? v / static_cast<double>(rows.counted) : 0;
    return out;
}

std::vector<double> lux_in_share(const HourlyLux& year, const Hours& hours, double share) {
    const Rows rows = rows_of(year, hours);
    std::vector<double> out(year.points, 0.0);
    if (rows.counted == 0) return out;
    // So many hours must have at least it.
    const auto wanted = std::clamp<size_t>(
        static_cast<size_t>(std::ceil(share * static_cast<double>(rows.counted) - 1e-9)), 1, rows.counted);
    if (wanted > rows.lit.size()) return out;
    each_tile(year.points, [&](size_t first, size_t n) {
        std::vector<float> all(n * rows.lit.size());
        for (size_t h = 0; h < rows.lit.size(); ++h)
            for (size_t p = 0; p < n; ++p) all[p * rows.lit.size() + h] = rows.lit[h][first + p];
        for (size_t p = 0; p < n; ++p) {
            const auto begin = all.begin() + static_cast<std::ptrdiff_t>(p * rows.lit.size()),
                       at = begin + static_cast<std::ptrdiff_t>(wanted - 1);
            std::nth_element(begin, at, begin + static_cast<std::ptrdiff_t>(rows.lit.size()), std::greater<>());
            out[first + p] = static_cast<double>(*at);
        }
    });
    return out;
}

Passing passing(std::span<const double> margin, std::span<const double> standard_error) {
    Passing out;
    double variance = 0, together = 0;
    for (size_t i = 0; i < margin.size(); ++i) {
        const double p = standard_error[i] > 0 ? 0.5 * std::erfc(-margin[i] / standard_error[i] / std::sqrt(2.0))
                         : margin[i] >= 0      ? 1.0
                                               : 0.0;
        out.expected += p;
        variance += p * (1 - p);
        together += std::sqrt(p * (1 - p));
    }
    const auto n = static_cast<double>(std::max<size_t>(margin.size(), 1));
    out.expected /= n;
    out.half_width = 1.96 * std::sqrt(variance) / n;
    out.together = 1.96 * together / n;
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

void add_points_at_least(const HourlyLux& year, const Hours& hours, double lux, std::vector<uint32_t>& found) {
    const float limit = least(lux);
    found.resize(hours.size(), 0);
    for (size_t h = 0; h < hours.size(); ++h) {
        if (!hours[h]) continue;
        for (const float v : year.at(static_cast<int>(h))) found[h] += v >= limit ? 1u : 0u;
    }
}

double share_with_enough(const std::vector<uint32_t>& found, const Hours& hours, size_t points, double share) {
    size_t reached = 0, counted = 0;
    for (size_t h = 0; h < found.size(); ++h) {
        if (!hours[h]) continue;
        ++counted;
        reached += found[h] > 0 && static_cast<double>(found[h]) >= share * static_cast<double>(points);
    }
    return counted > 0 ? static_cast<double>(reached) / static_cast<double>(counted) : 0;
}

double spatial_provision(const HourlyLux& year, const Hours& hours, double target_lux, double share) {
    std::vector<uint32_t> found;
    add_points_at_least(year, hours, target_lux, found);
    return share_with_enough(found, hours, year.points, share);
}

double mean_lux(const HourlyLux& year, const Hours& hours) {
    double sum = 0;
    for (size_t h = 0; h < hours.size(); ++h) {
        if (!hours[h]) continue;
        const auto lux = year.at(static_cast<int>(h));
        sum =
            std::accumulate(lux.begin(), lux.end(), sum, [](double s, float v) { return s + static_cast<double>(v); });
    }
    const auto n = static_cast<double>(count(hours) * year.points);
    return n > 0 ? sum / n : 0;
}

}  // namespace wp::metric

// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/statistics.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>
#include <numeric>

#include "climate/sky_parts.h"

namespace wp::climate {

const QuantityName& name_of(Quantity quantity) {
    static const std::array<QuantityName, 8> names = {{
        {"dry_bulb_c", "Dry bulb temperature", "\u00b0C"},
        {"global_w_m2", "Global irradiance", "W/m\u00b2"},
        {"direct_normal_w_m2", "Direct normal irradiance", "W/m\u00b2"},
        {"diffuse_w_m2", "Diffuse irradiance", "W/m\u00b2"},
        {"global_lx", "Global illuminance", "lx"},
        {"direct_normal_lx", "Direct normal illuminance", "lx"},
        {"diffuse_lx", "Diffuse illuminance", "lx"},
        {"cloud_tenths", "Cloud cover", "tenths"},
    }};
    return names[static_cast<size_t>(quantity)];
}

std::vector<double> hourly(const WeatherYear& weather, const std::vector<OutdoorHour>& outdoor, Quantity quantity) {
    std::vector<double> out(weather.hours.size());
    for (size_t h = 0; h < out.size(); ++h) {
        const WeatherHour& w = weather.hours[h];
        const OutdoorHour& o = outdoor[h];
        switch (quantity) {
            case Quantity::dry_bulb:
                out[h] = w.dry_bulb;
                break;
            case Quantity::global_irradiance:
                out[h] = w.global_horizontal;
                break;
            case Quantity::direct_irradiance:
                out[h] = w.direct_normal;
                break;
            case Quantity::diffuse_irradiance:
                out[h] = w.diffuse_horizontal;
                break;
            case Quantity::global_illuminance:
                out[h] = o.global_lux();
                break;
            case Quantity::direct_illuminance:
                out[h] = o.direct_lux * o.sun.sunlit;
                break;
            case Quantity::diffuse_illuminance:
                out[h] = o.diffuse_lux;
                break;
            case Quantity::cloud:
                out[h] = w.cloud;
                break;
        }
    }
    return out;
}

MeanDays mean_days(const std::vector<double>& hours) {
    MeanDays sum{};
    std::array<std::array<int, 24>, 12> count{};
    for (size_t h = 0; h < hours.size(); ++h) {
        if (std::isnan(hours[h])) continue;
        const auto month = static_cast<size_t>(moment_of(static_cast<int>(h / 24), 0).month - 1);
        sum[month][h % 24] += hours[h];
        ++count[month][h % 24];
    }
    for (size_t m = 0; m < 12; ++m)
        for (size_t h = 0; h < 24; ++h)
            sum[m][h] = count[m][h] > 0 ? sum[m][h] / count[m][h] : std::numeric_limits<double>::quiet_NaN();
    return sum;
}

std::vector<double> hours_above(const std::vector<double>& hours, const std::vector<double>& levels) {
    std::vector<double> sorted;
    for (const double v : hours)
        if (!std::isnan(v)) sorted.push_back(v);
    std::sort(sorted.begin(), sorted.end());
    std::vector<double> out;
    for (const double level : levels)
        out.push_back(static_cast<double>(sorted.end() - std::upper_bound(sorted.begin(), sorted.end(), level)));
    return out;
}

namespace {

// Luminances of the sixteen types, each carrying 1 lx, for a sun due north at a whole degree of altitude.
class Types {
 public:
    Types() {
        const SkyParts parts(1);
        for (size_t p = 0; p < parts.count(); ++p) directions_.push_back(parts.directions(p, 1)[0]);
        for (int altitude = 0; altitude < 91; ++altitude)
            for (int type = 1; type <= 16; ++type) {
                const Sky sky = Sky::cie(type, 1, direction(0, radians(altitude)), 24);
                for (const Vec3 d : directions_) luminance_.push_back(static_cast<float>(sky.luminance(d)));
            }
    }
    int nearest(const OutdoorHour& hour) const {
        const double altitude = std::clamp(hour.sun.sun.altitude, 0.0, kPi / 2);
        const Sky sky = Sky::all_weather(hour.epsilon, hour.delta, 1, direction(0, altitude), 24);
        std::vector<float> own;
        for (const Vec3 d : directions_) own.push_back(static_cast<float>(sky.luminance(d)));
        const float* all =
            luminance_.data() + static_cast<size_t>(std::lround(degrees(altitude))) * 16 * directions_.size();
        int best = 0;
        float least = std::numeric_limits<float>::max();
        for (int type = 1; type <= 16; ++type, all += directions_.size()) {
            float square = 0;
            for (size_t i = 0; i < own.size(); ++i) square += (own[i] - all[i]) * (own[i] - all[i]);
            if (square < least) {
                least = square;
                best = type;
            }
        }
        return best;
    }

 private:
    std::vector<Vec3> directions_;
    std::vector<float> luminance_;
};

}  // namespace

int sky_type(const OutdoorHour& hour) {
    static const Types types;
    return hour.daylit() ? types.nearest(hour) : 0;
}

std::array<int, 16> sky_types(const std::vector<OutdoorHour>& outdoor) {
    std::array<int, 16> out{};
    for (const OutdoorHour& hour : outdoor)
        if (const int type = sky_type(hour); type > 0) ++out[static_cast<size_t>(type - 1)];
    return out;
}

std::array<double, 12> sunshine_hours(const WeatherYear& weather, const std::vector<OutdoorHour>& outdoor) {
    std::array<double, 12> out{};
    for (size_t h = 0; h < weather.hours.size(); ++h)
        if (weather.hours[h].direct_normal >= 120)
            out[static_cast<size_t>(moment_of(static_cast<int>(h / 24), 0).month - 1)] += outdoor[h].sun.sunlit;
    return out;
}

namespace {

struct DaySums {
    std::array<double, 365> direct{}, global{}, diffuse{};  // kWh/m^2, klx h, klx h
};

DaySums sums_of(const WeatherYear& weather, const std::vector<OutdoorHour>& outdoor) {
    DaySums out;
    for (size_t h = 0; h < static_cast<size_t>(kHours); ++h) {
        out.direct[h / 24] += weather.hours[h].direct_normal / 1000;
        out.global[h / 24] += outdoor[h].global_lux() / 1000;
        out.diffuse[h / 24] += outdoor[h].diffuse_lux / 1000;
    }
    return out;
}

Moment brightest_hour(const std::vector<OutdoorHour>& outdoor, int day) {
    int best = 12;
    for (int h = 0; h < 24; ++h)
        if (outdoor[static_cast<size_t>(day * 24 + h)].global_lux() >
            outdoor[static_cast<size_t>(day * 24 + best)].global_lux())
            best = h;
    return moment_of(day, best + 0.5);
}

// The day of a month that lies nearest to the month's mean in light and sunshine alike.
int typical_day(const DaySums& sums, int month) {
    const int first = days_before(month), n = days_in(month);
    const auto mean = [&](const std::array<double, 365>& v) {
        return std::accumulate(v.begin() + first, v.begin() + first + n, 0.0) / n;
    };
    const double direct = mean(sums.direct), diffuse = mean(sums.diffuse);
    int best = first;
    double least = 1e30;
    for (int day = first; day < first + n; ++day) {
        const auto d = static_cast<size_t>(day);
        const double off = std::fabs(sums.direct[d] - direct) / std::max(direct, 0.01) +
                           std::fabs(sums.diffuse[d] - diffuse) / std::max(diffuse, 0.01);
        if (off < least) {
            least = off;
            best = day;
        }
    }
    return best;
}

// Within a fortnight of a day, the one with the largest value.
int best_near(int day, const std::function<double(size_t)>& value) {
    int best = day;
    for (int d = day - 14; d <= day + 14; ++d)
        if (value(static_cast<size_t>((d + 365) % 365)) > value(static_cast<size_t>((best + 365) % 365))) best = d;
    return (best + 365) % 365;
}

}  // namespace

std::vector<NotableDay> notable_days(const WeatherYear& weather, const std::vector<OutdoorHour>& outdoor) {
    static constexpr const char* months[] = {"January", "February", "March",     "April",   "May",      "June",
                                             "July",    "August",   "September", "October", "November", "December"};
    const DaySums sums = sums_of(weather, outdoor);
    std::vector<NotableDay> out;
    const auto add = [&](std::string name, int day, std::string why) {
        out.push_back({std::move(name), brightest_hour(outdoor, day), std::move(why)});
    };
    const auto at = [](const auto& v, int day) { return v[static_cast<size_t>(day)]; };
    const auto most = [](const std::array<double, 365>& v) {
        return static_cast<int>(std::max_element(v.begin(), v.end()) - v.begin());
    };
    const int sunniest = most(sums.direct), brightest = most(sums.global);
    const int dullest =
        static_cast<int>(std::min_element(sums.global.begin(), sums.global.end()) - sums.global.begin());
    add("Sunniest day", sunniest, fmt::format("{:.1f} kWh/m\u00b2 direct normal", at(sums.direct, sunniest)));
    add("Brightest day", brightest, fmt::format("{:.0f} klx h global", at(sums.global, brightest)));
    add("Dullest day", dullest, fmt::format("{:.1f} klx h global", at(sums.global, dullest)));
    struct Turn {
        int month, day;
        const char* name;
    };
    for (const Turn& turn :
         {Turn{3, 21, "21 Mar"}, Turn{6, 21, "21 Jun"}, Turn{9, 23, "23 Sep"}, Turn{12, 21, "21 Dec"}}) {
        const int middle = days_before(turn.month) + turn.day - 1;
        const int clear = best_near(middle, [&](size_t d) { return sums.direct[d]; });
        const int overcast = best_near(middle, [&](size_t d) { return -sums.direct[d] - sums.global[d] * 1e-6; });
        add(fmt::format("Clear day near {}", turn.name), clear,
            fmt::format("{:.1f} kWh/m\u00b2 direct normal", at(sums.direct, clear)));
        add(fmt::format("Overcast day near {}", turn.name), overcast,
            fmt::format("{:.1f} kWh/m\u00b2 direct normal, {:.0f} klx h global", at(sums.direct, overcast),
                        at(sums.global, overcast)));
    }
    for (int month = 1; month <= 12; ++month) {
        const int day = typical_day(sums, month);
        add(fmt::format("Typical day of {}", months[month - 1]), day,
            fmt::format("{:.1f} kWh/m\u00b2 direct normal, {:.0f} klx h global", at(sums.direct, day),
                        at(sums.global, day)));
    }
    return out;
}

}  // namespace wp::climate

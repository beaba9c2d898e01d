// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/synthetic.h"

#include <fmt/core.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "base/random.h"

namespace wp::climate {

namespace {

// Uniform and normal numbers as a function of (seed, what, hour).
struct Dice {
    unsigned seed;
    double uniform(uint32_t what, uint32_t index) const {
        return (random::hash(random::hash(seed, what), index) + 0.5) / 4294967296.0;
    }
    double normal(uint32_t what, uint32_t index) const {
        return std::sqrt(-2 * std::log(uniform(what, 2 * index))) * std::cos(2 * kPi * uniform(what, 2 * index + 1));
    }
};

enum class DayKind { clear, broken, overcast };

// A first-order Markov chain of day kinds: rows are today, columns tomorrow. Grey spells last longer than bright ones.
DayKind next_day(DayKind today, double dice, double summer) {
    constexpr double chances[3][2] = {{0.36, 0.78}, {0.18, 0.66}, {0.08, 0.42}};
    const auto& row = chances[static_cast<int>(today)];
    const double clear = row[0] * (0.75 + 0.5 * summer), broken = row[1];
    return dice < clear ? DayKind::clear : dice < broken ? DayKind::broken : DayKind::overcast;
}

}  // namespace

WeatherYear synthetic_year(const Place& place, const std::string& station, unsigned seed) {
    WeatherYear weather;
    weather.station = station;
    weather.country = "XXX";
    weather.source = "Synthetic year";
    weather.comment =
        fmt::format("Synthetic: made by the generator of Warm Pane from seed {}; not a measurement", seed);
    weather.place = weather.measured = place;
    weather.hours.resize(kHours);
    const Dice dice{seed};
    const auto suns = sun_of_year(place);
    DayKind kind = DayKind::broken;
    double cloud_noise = 0, warm_spell = 0;
    for (int i = 0; i < kHours; ++i) {
        const int day = i / 24;
        const auto index = static_cast<uint32_t>(i);
        const double season = std::cos(2 * kPi * (day - 201) / 365.0) * (place.latitude < 0 ? -1 : 1);
        if (i % 24 == 0) {
            kind = next_day(kind, dice.uniform(1, static_cast<uint32_t>(day)), 0.5 + 0.5 * season);
            warm_spell = 0.8 * warm_spell + 1.6 * dice.normal(2, static_cast<uint32_t>(day));
        }
        cloud_noise = 0.85 * cloud_noise + 0.15 * 1.9 * dice.normal(3, index);
        constexpr std::array<double, 3> base = {0.10, 0.55, 0.97};
        const double cloud = std::clamp(base[static_cast<size_t>(kind)] + 0.28 * cloud_noise, 0.0, 1.0);

        WeatherHour& h = weather.hours[static_cast<size_t>(i)];
        h.cloud = std::round(10 * cloud);
        const double swing = 3.6 * (1 - 0.6 * cloud) * std::cos(2 * kPi * (i % 24 - 14) / 24.0);
        h.dry_bulb = std::round(10 * (9.2 + 5.6 * season + swing + warm_spell)) / 10;
        h.dew_point = std::round(10 * (h.dry_bulb - 1.5 - 3.5 * (1 - cloud) - std::max(0.0, swing) * 0.6)) / 10;

        const SunHour& sun = suns[static_cast<size_t>(i)];
        const double altitude = sun.sun.altitude;
        if (altitude <= radians(-4.0)) {
            h.global_horizontal = h.direct_normal = h.diffuse_horizontal = h.direct_lux = h.diffuse_lux = 0;
            continue;
        }
        // A clear sky by a turbidity law (Linke turbidity near 3.5), dimmed by cloud with a share of holes.
        const double sine = std::max(std::sin(altitude), 0.0);
        const double mass = 1 / (sine + 0.50572 * std::pow(std::max(degrees(altitude), 0.0) + 6.07995, -1.6364));
        const double outside = extraterrestrial_normal(sun.sun.distance);
        const double turbidity = 3.2 + 0.7 * season + 0.3 * warm_spell / 3;
        const double clear_beam = outside * std::exp(-0.8662 * std::clamp(turbidity, 2.0, 6.0) * 0.115 * mass);
        const double hole = std::clamp((0.93 - cloud) / 0.83 + 0.2 * dice.normal(4, index) * cloud, 0.0, 1.0);
        const double beam = sun.sunlit > 0 ? clear_beam * std::pow(hole, 1.3) : 0.0;
        const double clear_diffuse = outside * (0.015 + 0.13 * sine);
        const double cloud_diffuse = outside * (0.02 + 0.36 * sine) * (1.05 - 0.45 * cloud * cloud);
        const double twilight = altitude < 0 ? 1 + altitude / radians(4.0) : 1.0;
        const double diffuse = (clear_diffuse + (cloud_diffuse - clear_diffuse) * std::sin(cloud * kPi / 1.7)) *
                               twilight * std::max(sun.sunlit, altitude < 0 ? 0.5 : sun.sunlit);
        h.direct_normal = std::round(beam * sun.sunlit);
        h.diffuse_horizontal = std::round(std::max(diffuse, 0.0));
        h.global_horizontal = std::round(h.direct_normal * sine + h.diffuse_horizontal);
        const double zenith = kPi / 2 - std::max(altitude, 0.0);
        const Clearness sky = clearness(h.diffuse_horizontal, h.direct_normal, zenith, outside);
        h.diffuse_lux = std::round(h.diffuse_horizontal * diffuse_efficacy(sky, zenith, h.dew_point));
        h.direct_lux = std::round(h.direct_normal * direct_efficacy(sky, zenith, h.dew_point));
    }
    weather.has_illuminance = true;
    return weather;
}

WeatherYear made_up_year(const Place& site) {
    WeatherYear weather = synthetic_year(site, "Made-up weather", 1);
    weather.made_up = true;
    weather.notes = {
        "Nobody measured this: it is made up for the site's latitude, so that the year can be tried out. "
        "Choose a weather file before anything is decided by it."};
    return weather;
}

}  // namespace wp::climate

// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/weather.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace wp::climate {

Fingerprint WeatherYear::fingerprint() const {
    Fingerprint print;
    for (const double v : {place.latitude, place.longitude, place.time_zone, place.elevation}) print.add(v);
    if (light_from == LightFrom::file) print.add(1);
    for (const WeatherHour& h : hours)
        for (const double v :
             {h.dew_point, h.global_horizontal, h.direct_normal, h.diffuse_horizontal, h.direct_lux, h.diffuse_lux})
            print.add(v);
    return print;
}

double OutdoorHour::global_lux() const {
    return diffuse_lux + direct_lux * std::max(0.0, std::sin(sun.sun.altitude)) * sun.sunlit;
}

double erbs_diffuse_share(double kt) {
    if (kt <= 0.22) return 1 - 0.09 * kt;
    if (kt > 0.80) return 0.165;
    return 0.9511 - 0.1604 * kt + 4.388 * kt * kt - 16.638 * kt * kt * kt + 12.336 * kt * kt * kt * kt;
}

namespace {

// Straight line between the nearest known neighbours, at most reach hours away on each side.
bool bridge(std::vector<WeatherHour>& hours, size_t i, double WeatherHour::*field, size_t reach) {
    const auto known = [&](size_t k) { return k < hours.size() && !std::isnan(hours[k].*field); };
    size_t before = 1, after = 1;
    while (before <= reach && !(i >= before && known(i - before))) ++before;
    while (after <= reach && !known(i + after)) ++after;
    const bool has_before = before <= reach, has_after = after <= reach;
    if (!has_before && !has_after) return false;
    const double a = has_before ? hours[i - before].*field : hours[i + after].*field;
    const double b = has_after ? hours[i + after].*field : a;
    const double t = has_before && has_after ? static_cast<double>(before) / static_cast<double>(before + after) : 0;
    hours[i].*field = a + (b - a) * t;
    return true;
}

void fill_plain(WeatherYear& weather, double WeatherHour::*field, double otherwise, const char* name) {
    size_t filled = 0;
    for (size_t i = 0; i < weather.hours.size(); ++i) {
        if (!std::isnan(weather.hours[i].*field)) continue;
        if (!bridge(weather.hours, i, field, 24)) weather.hours[i].*field = otherwise;
        weather.hours[i].doubt |= kInterpolated;
        ++filled;
    }
    if (filled > 0) weather.notes.push_back(fmt::format("{} missing in {} hours: interpolated", name, filled));
}

// What is left to do with one hour's irradiance.
enum class Irradiance { complete, derived, split, missing };

Irradiance complete_hour(WeatherHour& h, const SunHour& sun) {
    const double sine = sun.sunlit > 0 ? std::sin(std::max(sun.sun.altitude, 0.0)) * sun.sunlit : 0.0;
    const bool global = !std::isnan(h.global_horizontal), direct = !std::isnan(h.direct_normal),
               diffuse = !std::isnan(h.diffuse_horizontal);
    if (direct && diffuse) {
        if (!global) h.global_horizontal = h.diffuse_horizontal + h.direct_normal * sine;
        return Irradiance::complete;
    }
    if (!global) return Irradiance::missing;
    if (diffuse) {
        h.direct_normal = sine > 0.02 ? std::max(0.0, h.global_horizontal - h.diffuse_horizontal) / sine : 0;
        return Irradiance::derived;
    }
    if (direct) {
        h.diffuse_horizontal = std::max(0.0, h.global_horizontal - h.direct_normal * sine);
        return Irradiance::derived;
    }
    const double outside = extraterrestrial_normal(sun.sun.distance) * sine;
    const double share = outside > 0 ? erbs_diffuse_share(h.global_horizontal / outside) : 1.0;
    h.diffuse_horizontal = h.global_horizontal * share;
    h.direct_normal = sine > 0.02 ? h.global_horizontal * (1 - share) / sine : 0;
    return Irradiance::split;
}

}  // namespace

Outcome fill_gaps(WeatherYear& weather) {
    fill_plain(weather, &WeatherHour::dry_bulb, 10.0, "Dry bulb temperature");
    fill_plain(weather, &WeatherHour::dew_point, 5.0, "Dew point");
    const auto suns = sun_of_year(weather.place);
    size_t derived = 0, split = 0, missing = 0, daylit = 0, night = 0, excess = 0;
    for (size_t i = 0; i < weather.hours.size(); ++i) {
        WeatherHour& h = weather.hours[i];
        // Twilight carries diffuse light before the disc is up; below 6 degrees (civil dusk) nothing should.
        if (suns[i].sunlit == 0 && suns[i].sun.altitude < radians(-6.0)) {
            if (h.global_horizontal > 5 || h.direct_normal > 5 || h.diffuse_horizontal > 5) {
                ++night;
                h.doubt |= kNightCleared;
            }
            h.global_horizontal = h.direct_normal = h.diffuse_horizontal = 0;
            continue;
        }
        ++daylit;
        switch (complete_hour(h, suns[i])) {
            case Irradiance::complete:
                break;
            case Irradiance::derived:
                ++derived, h.doubt |= kDerived;
                break;
            case Irradiance::split:
                ++split, h.doubt |= kSplit;
                break;
            case Irradiance::missing:
                ++missing;
                break;
        }
        const double outside = extraterrestrial_normal(suns[i].sun.distance);
        if (h.direct_normal > outside) {
            ++excess;
            h.doubt |= kCut;
            h.direct_normal = outside;
        }
    }
    if (missing * 10 > daylit)
        return Fault{"irradiance", fmt::format("missing in {} of {} daylit hours", missing, daylit),
                     "Choose a weather file that carries global, direct or diffuse irradiance"};
    if (missing > 0) {
        fill_plain(weather, &WeatherHour::direct_normal, 0, "Direct irradiance");
        fill_plain(weather, &WeatherHour::diffuse_horizontal, 0, "Diffuse irradiance");
        for (WeatherHour& h : weather.hours)
            if (std::isnan(h.global_horizontal)) h.global_horizontal = h.diffuse_horizontal;
    }
    if (derived > 0)
        weather.notes.push_back(
            fmt::format("Direct or diffuse irradiance missing in {} hours: taken from the global", derived));
    if (split > 0)
        weather.notes.push_back(fmt::format(
            "Only global irradiance in {} hours: split by the model of Erbs, Klein and Duffie (1982)", split));
    if (night > 0)
        weather.notes.push_back(
            fmt::format("Irradiance above 5 W/m\u00b2 in {} hours of night: set to zero. "
                        "Check time zone and longitude",
                        night));
    if (excess > 0)
        weather.notes.push_back(
            fmt::format("Direct irradiance above the extraterrestrial in {} hours: cut to it", excess));
    weather.has_illuminance = true;
    for (size_t i = 0; i < weather.hours.size(); ++i) {
        const WeatherHour& h = weather.hours[i];
        const bool lacks = std::isnan(h.direct_lux) || std::isnan(h.diffuse_lux);
        if (lacks && h.diffuse_horizontal > 0) weather.has_illuminance = false;
    }
    return {};
}

std::string weather_name(const WeatherYear& weather) {
    return weather.made_up ? kMadeUpWeather : weather.station + ", " + weather.source;
}

WeatherYear at_site(WeatherYear weather, const Place& site) {
    const double zone = weather.place.time_zone;
    weather.place = site;
    weather.place.time_zone = zone;
    return weather;
}

std::string measured_elsewhere(const Place& measured, const Place& site) {
    constexpr double far = 0.5, late = 0.5;
    const auto up = [](const Place& p) { return direction(radians(p.longitude), radians(p.latitude)); };
    const double apart = degrees(std::acos(std::clamp(dot(up(measured), up(site)), -1.0, 1.0))),
                 zones = std::fabs(measured.time_zone - site.time_zone);
    if (apart <= far && zones <= late) return {};
    std::string out = fmt::format("The weather was measured at {:.2f}\u00b0 N, {:.2f}\u00b0 E, {:.0f} km from the site",
                                  measured.latitude, measured.longitude, radians(apart) * 6371);
    if (zones > late)
        out += fmt::format(", and its hours are those of UT{:+g}, the site's of UT{:+g}", measured.time_zone,
                           site.time_zone);
    return out + "; the sun stands where the site is";
}

std::vector<OutdoorHour> outdoor_year(const WeatherYear& weather) {
    const auto suns = sun_of_year(weather.place);
    std::vector<OutdoorHour> year(suns.size());
    for (size_t i = 0; i < suns.size(); ++i) {
        const WeatherHour& h = weather.hours[i];
        OutdoorHour& out = year[i];
        out.sun = suns[i];
        if (h.diffuse_horizontal <= 0 && h.direct_normal <= 0) continue;
        const double zenith = kPi / 2 - std::max(0.0, suns[i].sun.altitude);
        const double outside = extraterrestrial_normal(suns[i].sun.distance);
        // A file's hourly direct is a mean over the whole hour; the beam shines only in its sunlit part.
        const double sunlit = std::max(suns[i].sunlit, 1e-3);
        const double beam = suns[i].sunlit > 0 ? std::min(h.direct_normal / sunlit, outside) : 0.0;
        const Clearness sky = clearness(h.diffuse_horizontal, h.direct_normal, zenith, outside);
        out.epsilon = sky.epsilon;
        out.delta = sky.delta;
        const bool own =
            weather.light_from == LightFrom::file && !std::isnan(h.direct_lux) && !std::isnan(h.diffuse_lux);
        out.diffuse_lux = own ? h.diffuse_lux : h.diffuse_horizontal * diffuse_efficacy(sky, zenith, h.dew_point);
        out.direct_lux =
            own ? (suns[i].sunlit > 0 ? h.direct_lux / sunlit : 0.0) : beam * direct_efficacy(sky, zenith, h.dew_point);
    }
    return year;
}

OutdoorHour weather_at(const std::vector<OutdoorHour>& outdoor, const Moment& moment) {
    const double at = moment.day_of_year() * 24 + moment.hour - 0.5;
    const double floor = std::floor(at), t = at - floor;
    const auto n = static_cast<long>(outdoor.size());
    const auto& a = outdoor[static_cast<size_t>((static_cast<long>(floor) + n) % n)];
    const auto& b = outdoor[static_cast<size_t>((static_cast<long>(floor) + 1) % n)];
    const auto between = [&](double from, double to) { return from + (to - from) * t; };
    OutdoorHour out = t < 0.5 ? a : b;
    out.diffuse_lux = between(a.diffuse_lux, b.diffuse_lux);
    out.direct_lux = a.sun.sunlit <= 0   ? b.direct_lux
                     : b.sun.sunlit <= 0 ? a.direct_lux
                                         : between(a.direct_lux, b.direct_lux);
    const auto& lit = a.diffuse_lux > 0 ? a : b;
    const bool both = a.diffuse_lux > 0 && b.diffuse_lux > 0;
    out.epsilon = both ? between(a.epsilon, b.epsilon) : lit.epsilon;
    out.delta = both ? between(a.delta, b.delta) : lit.delta;
    return out;
}

Vec3 sun_direction(const SunPosition& sun, double north_azimuth) {
    return direction(sun.azimuth - north_azimuth, sun.altitude);
}

Sky sky_of(const OutdoorHour& hour, double north_azimuth) {
    SunPosition sun = hour.sun.sun;
    sun.altitude = std::max(sun.altitude, 0.0);
    return Sky::all_weather(hour.epsilon, hour.delta, hour.diffuse_lux, sun_direction(sun, north_azimuth));
}

std::vector<bool> daylight_hours(const std::vector<OutdoorHour>& outdoor) {
    std::vector<size_t> order(outdoor.size());
    std::iota(order.begin(), order.end(), size_t{0});
    std::stable_sort(order.begin(), order.end(),
                     [&](size_t a, size_t b) { return outdoor[a].diffuse_lux > outdoor[b].diffuse_lux; });
    std::vector<bool> mask(outdoor.size());
    for (size_t i = 0; i < outdoor.size() / 2; ++i) mask[order[i]] = true;
    return mask;
}

double median_diffuse(const std::vector<OutdoorHour>& outdoor) {
    const auto mask = daylight_hours(outdoor);
    std::vector<double> lux;
    for (size_t i = 0; i < outdoor.size(); ++i)
        if (mask[i]) lux.push_back(outdoor[i].diffuse_lux);
    if (lux.empty()) return 0;
    const size_t half = lux.size() / 2;
    std::sort(lux.begin(), lux.end());
    return lux.size() % 2 == 1 ? lux[half] : (lux[half - 1] + lux[half]) / 2;
}

}  // namespace wp::climate

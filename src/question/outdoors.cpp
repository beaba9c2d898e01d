// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/outdoors.h"

#include <fmt/core.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "climate/sky_amount.h"

namespace wp::question {

using model::SkyChoice;

double Outdoors::global_lux() const { return diffuse_lux + sky_and_sun.sun_lux * std::max(0.0, sky_and_sun.to_sun.z); }

Fingerprint Outdoors::fingerprint() const {
    Fingerprint print;
    print.add(words);
    for (const double v : {moment.hour, diffuse_lux, sky_and_sun.sun_lux, sky_and_sun.ground_luminance,
                           sky_and_sun.to_sun.x, sky_and_sun.to_sun.y, sky_and_sun.to_sun.z})
        print.add(v);
    for (const int v : {moment.month, moment.day}) print.add(v);
    // A sky is told apart by what it looks like.
    for (const Vec3 d : {Vec3{0, 0, 1}, Vec3{0.8, 0, 0.6}, Vec3{0, 0.8, 0.6}, Vec3{-0.8, 0, 0.6}, Vec3{0, -0.8, 0.6}})
        print.add(sky_and_sun.sky.luminance(d));
    return print;
}

namespace {

constexpr int kFineRings = 200;  // of the quadrature a single sky is scaled with
// Of daylight as a whole; only to put given lux into the clearness bins, which were made for watts.
constexpr double kEfficacy = 115;
constexpr double kTypicalDew = 8;

struct Amounts {
    double diffuse = 0, direct = 0;   // lux
    double epsilon = 1, delta = 0.2;  // for the all-weather shape
    std::string source;
};

climate::SkyClass class_of(const SkyChoice& choice, double epsilon) {
    if (choice.shape == SkyChoice::Shape::uniform) return climate::SkyClass::overcast;
    if (choice.shape == SkyChoice::Shape::cie) return climate::class_of(choice.type);
    return epsilon < 1.23  ? climate::SkyClass::overcast
           : epsilon < 4.5 ? climate::SkyClass::intermediate
                           : climate::SkyClass::clear;
}

Amounts amounts(const SkyChoice& choice, const climate::SunPosition& sun, const climate::OutdoorHour* hour) {
    const double zenith = kPi / 2 - std::max(0.0, sun.altitude),
                 outside = climate::extraterrestrial_normal(sun.distance);
    Amounts out;
    if (hour != nullptr) {
        out.epsilon = hour->epsilon;
        out.delta = hour->delta;
    }
    switch (choice.amount) {
        case SkyChoice::Amount::weather:
            out.diffuse = hour->diffuse_lux;
            out.direct = hour->direct_lux;
            out.source = "the weather's hours on both sides";
            break;
        case SkyChoice::Amount::place: {
            const auto light = climate::light_by_altitude(class_of(choice, out.epsilon), sun.altitude);
            out.diffuse = light.diffuse_lux;
            out.direct = light.direct_lux;
            out.source = "the sun's altitude at the site";
            break;
        }
        case SkyChoice::Amount::illuminance: {
            const auto clear =
                climate::clearness(choice.diffuse / kEfficacy, choice.direct / kEfficacy, zenith, outside);
            out = {choice.diffuse, choice.direct, clear.epsilon, clear.delta, "given illuminances"};
            break;
        }
        case SkyChoice::Amount::irradiance: {
            const auto clear = climate::clearness(choice.diffuse, choice.direct, zenith, outside);
            out = {choice.diffuse * climate::diffuse_efficacy(clear, zenith, kTypicalDew),
                   choice.direct * climate::direct_efficacy(clear, zenith, kTypicalDew), clear.epsilon, clear.delta,
                   fmt::format("given irradiances at {:.0f} lm/W diffuse, {:.0f} lm/W direct",
                               climate::diffuse_efficacy(clear, zenith, kTypicalDew),
                               climate::direct_efficacy(clear, zenith, kTypicalDew))};
            break;
        }
    }
    return out;
}

std::string shape_words(const SkyChoice& choice) {
    if (choice.shape == SkyChoice::Shape::uniform) return "uniform sky";
    if (choice.shape == SkyChoice::Shape::cie) return fmt::format("CIE sky type {}", choice.type);
    return "all-weather sky";
}

double ground_of(const model::Site& site, int month) {
    return site.ground_by_month.size() == 12 ? site.ground_by_month[static_cast<size_t>(month - 1)]
                                             : site.ground_reflectance;
}

}  // namespace

Result<Outdoors> outdoors_at(const model::Site& site, const SkyChoice& choice, const climate::Moment& moment,
                             const std::vector<climate::OutdoorHour>& outdoor) {
    if (choice.shape == SkyChoice::Shape::cie && (choice.type < 1 || choice.type > 16))
        return Fault{"sky", fmt::format("there is no CIE sky type {}", choice.type), "Give a type from 1 to 16"};
    if (choice.needs_weather() && outdoor.size() != climate::kHours)
        return Fault{"/site/weather", "this sky takes its light from the weather, and there is none",
                     "Choose a weather file, or a sky whose light is given or follows from the place"};
    const climate::Place place{site.latitude, site.longitude, site.time_zone, site.elevation};
    const double north = radians(site.north);
    Outdoors out;
    out.moment = moment;
    out.sky_and_sun.sun = climate::sun_position(place, moment);
    out.sky_and_sun.to_sun = climate::sun_direction(out.sky_and_sun.sun, north);
    const bool up = out.sky_and_sun.sun.altitude > 0;
    std::optional<climate::OutdoorHour> hour;
    if (outdoor.size() == climate::kHours) hour = climate::weather_at(outdoor, moment);
    const Amounts light = amounts(choice, out.sky_and_sun.sun, hour ? &*hour : nullptr);
    out.diffuse_lux = light.diffuse;
    out.sky_and_sun.sun_lux = up ? light.direct : 0;
    // A sky at dusk takes its shape from a sun on the horizon.
    climate::SunPosition above = out.sky_and_sun.sun;
    above.altitude = std::max(above.altitude, 0.0);
    const Vec3 sun = climate::sun_direction(above, north);
    switch (choice.shape) {
        case SkyChoice::Shape::weather:
            out.sky_and_sun.sky = climate::Sky::all_weather(light.epsilon, light.delta, light.diffuse, sun, kFineRings);
            break;
        case SkyChoice::Shape::cie:
            out.sky_and_sun.sky = climate::Sky::cie(choice.type, light.diffuse, sun);
            break;
        case SkyChoice::Shape::uniform:
            out.sky_and_sun.sky = climate::Sky::uniform(light.diffuse);
            break;
    }
    out.sky_and_sun.ground_luminance = ground_of(site, moment.month) * out.global_lux() / kPi;
    out.words = shape_words(choice) + ", light from " + light.source;
    return out;
}

light::Daylight daylight_of(const SkyAndSun& sky) { return {sky.sky, sky.to_sun, sky.sun_lux, sky.ground_luminance}; }

double carried_lux(const climate::Sky& sky) {
    // Gauss-Legendre with five nodes on bands of altitude, trapezia around the horizon. Narrow bands low down, where
    // the gradation is steep.
    static constexpr std::array<double, 5> nodes = {-0.9061798459386640, -0.5384693101056831, 0, 0.5384693101056831,
                                                    0.9061798459386640};
    static constexpr std::array<double, 5> weights = {0.2369268850561891, 0.4786286704993665, 0.5688888888888889,
                                                      0.4786286704993665, 0.2369268850561891};
    constexpr int bands = 36, turns = 360;
    double sum = 0;
    for (int b = 0; b < bands; ++b) {
        const double low = kPi / 2 * b * b / (bands * bands), high = kPi / 2 * (b + 1) * (b + 1) / (bands * bands);
        for (size_t k = 0; k < nodes.size(); ++k) {
            const double altitude = (low + high) / 2 + (high - low) / 2 * nodes[k];
            double ring = 0;
            for (int a = 0; a < turns; ++a) ring += sky.luminance(direction(2 * kPi * a / turns, altitude));
            sum += ring * 2 * kPi / turns * std::sin(altitude) * std::cos(altitude) * weights[k] * (high - low) / 2;
        }
    }
    return sum;
}

std::vector<climate::Moment> moments_of_day(int month, int day, double from, double to, double step) {
    std::vector<climate::Moment> out;
    for (int i = 0; from + i * step <= to + 1e-9; ++i) out.push_back({month, day, from + i * step});
    return out;
}

std::vector<climate::Moment> moments_of_year(int day, double hour) {
    std::vector<climate::Moment> out;
    for (int month = 1; month <= 12; ++month) out.push_back({month, std::min(day, climate::days_in(month)), hour});
    return out;
}

}  // namespace wp::question

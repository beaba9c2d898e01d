// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/sun.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <deque>
#include <memory>
#include <mutex>

namespace wp::climate {

namespace {

double wrap_degrees(double a) { return a - 360.0 * std::floor(a / 360.0); }
double wrap_pi(double a) { return a - 2 * kPi * std::floor((a + kPi) / (2 * kPi)); }

struct Equatorial {
    double right_ascension, declination, distance, nutation_longitude, obliquity;  // radians, AU
};

// Apparent place of the sun, Meeus ch. 25 ("low accuracy", 0.01 degrees), with the main nutation terms of ch. 22.
Equatorial apparent_sun(double days_tt) {
    const double t = days_tt / 36525.0;
    const double mean_longitude = 280.46646 + t * (36000.76983 + t * 0.0003032);
    const double anomaly = radians(wrap_degrees(357.52911 + t * (35999.05029 - t * 0.0001537)));
    const double eccentricity = 0.016708634 - t * (0.000042037 + t * 0.0000001267);
    const double centre = (1.914602 - t * (0.004817 + t * 0.000014)) * std::sin(anomaly) +
                          (0.019993 - t * 0.000101) * std::sin(2 * anomaly) + 0.000289 * std::sin(3 * anomaly);
    const double true_longitude = mean_longitude + centre;
    const double true_anomaly = anomaly + radians(centre);
    const double distance =
        1.000001018 * (1 - eccentricity * eccentricity) / (1 + eccentricity * std::cos(true_anomaly));

    const double node = radians(wrap_degrees(125.04452 - 1934.136261 * t));
    const double sun2 = radians(wrap_degrees(2 * (280.4665 + 36000.7698 * t)));
    const double moon2 = radians(wrap_degrees(2 * (218.3165 + 481267.8813 * t)));
    const double nutation =
        (-17.20 * std::sin(node) - 1.32 * std::sin(sun2) - 0.23 * std::sin(moon2) + 0.21 * std::sin(2 * node)) / 3600.0;
    const double obliquity_change =
        (9.20 * std::cos(node) + 0.57 * std::cos(sun2) + 0.10 * std::cos(moon2) - 0.09 * std::cos(2 * node)) / 3600.0;
    const double obliquity =
        radians(23.0 + 26.0 / 60 + (21.448 - t * (46.8150 + t * (0.00059 - t * 0.001813))) / 3600 + obliquity_change);
    const double aberration = -20.4898 / 3600.0 / distance;
    const double longitude = radians(wrap_degrees(true_longitude + nutation + aberration));

    return {std::atan2(std::cos(obliquity) * std::sin(longitude), std::cos(longitude)),
            std::asin(std::sin(obliquity) * std::sin(longitude)), distance, radians(nutation), obliquity};
}

// Refraction in degrees for a true altitude in degrees (Saemundsson, Meeus eq. 16.4), faded out below the horizon.
double refraction(double altitude, double pressure, double temperature) {
    if (altitude < -0.83) return 0;
    return pressure / 1010.0 * 283.0 / (273.0 + temperature) * 1.02 /
           (60.0 * std::tan(radians(altitude + 10.3 / (altitude + 5.11))));
}

}  // namespace

SunPosition sun_position(const Place& place, double days_ut, double delta_t, double pressure, double temperature) {
    const Equatorial sun = apparent_sun(days_ut + delta_t / 86400.0);
    const double t = days_ut / 36525.0;
    // Apparent sidereal time at Greenwich, Meeus eq. 12.4 with the equation of the equinoxes.
    const double sidereal = 280.46061837 + 360.98564736629 * days_ut + t * t * (0.000387933 - t / 38710000.0) +
                            degrees(sun.nutation_longitude * std::cos(sun.obliquity));
    double hour_angle = wrap_pi(radians(wrap_degrees(sidereal + place.longitude)) - sun.right_ascension);

    // Parallax of the place on the earth's ellipsoid, Meeus ch. 11 and 40.
    const double phi = radians(place.latitude);
    const double u = std::atan(0.99664719 * std::tan(phi));
    const double rho_sin = 0.99664719 * std::sin(u) + place.elevation / 6378140.0 * std::sin(phi);
    const double rho_cos = std::cos(u) + place.elevation / 6378140.0 * std::cos(phi);
    const double parallax = radians(8.794 / 3600.0) / sun.distance;
    const double x = std::cos(sun.declination) - rho_cos * std::sin(parallax) * std::cos(hour_angle);
    const double shift = std::atan2(-rho_cos * std::sin(parallax) * std::sin(hour_angle), x);
    const double declination =
        std::atan2((std::sin(sun.declination) - rho_sin * std::sin(parallax)) * std::cos(shift), x);
    hour_angle = wrap_pi(hour_angle - shift);

    const double altitude =
        std::asin(std::sin(phi) * std::sin(declination) + std::cos(phi) * std::cos(declination) * std::cos(hour_angle));
    const double azimuth =
        std::atan2(std::sin(hour_angle), std::cos(hour_angle) * std::sin(phi) - std::tan(declination) * std::cos(phi)) +
        kPi;
    const double seen = degrees(altitude) + refraction(degrees(altitude), pressure, temperature);
    return {azimuth, radians(seen), declination, hour_angle, sun.distance};
}

SunPosition sun_position(const Place& place, const Moment& moment) {
    const double pressure = 1013.25 * std::pow(1 - 2.25577e-5 * place.elevation, 5.25588);  // standard atmosphere
    return sun_position(place, days_since_j2000(2023, moment.month, moment.day, moment.hour - place.time_zone), 69.0,
                        pressure, 10.0);
}

SunHour sun_of_hour(const Place& place, int hour_of_year) {
    const int day = hour_of_year / 24, hour = hour_of_year % 24;
    const auto at = [&](double h) { return sun_position(place, moment_of(day, h)); };
    const double begin = hour, end = hour + 1;
    const bool up_first = at(begin).altitude > 0, up_last = at(end).altitude > 0;
    if (up_first && up_last) return {at(begin + 0.5), 1.0};
    if (!up_first && !up_last) {
        // Near the poles the sun may graze up within one hour; its middle is the best witness.
        const SunPosition middle = at(begin + 0.5);
        return {middle, middle.altitude > 0 ? 0.5 : 0.0};
    }
    double low = begin, high = end;
    for (int i = 0; i < 24; ++i) {
        const double mid = (low + high) / 2;
        ((at(mid).altitude > 0) == up_first ? low : high) = mid;
    }
    return up_first ? SunHour{at((begin + low) / 2), low - begin} : SunHour{at((high + end) / 2), end - high};
}

// Reading weather, its light outdoors and its years all ask for the same place: the last few are kept.
std::vector<SunHour> sun_of_year(const Place& place) {
    using Kept = std::pair<std::array<double, 4>, std::shared_ptr<const std::vector<SunHour>>>;
    static std::mutex mutex;
    static std::deque<Kept> kept;
    const std::array<double, 4> key{place.latitude, place.longitude, place.time_zone, place.elevation};
    {
        const std::lock_guard lock(mutex);
        for (const auto& [of, year] : kept)
            if (of == key) return *year;
    }
    auto year = std::make_shared<std::vector<SunHour>>(kHours);
    for (int h = 0; h < kHours; ++h) (*year)[static_cast<size_t>(h)] = sun_of_hour(place, h);
    const std::lock_guard lock(mutex);
    kept.emplace_front(key, year);
    if (kept.size() > 4) kept.pop_back();
    return *year;
}

double sunlight_least_altitude(double latitude) {
    return std::round(std::clamp(11 + 0.5 * (51.5 - std::fabs(latitude)), 5.0, 25.0));
}

}  // namespace wp::climate

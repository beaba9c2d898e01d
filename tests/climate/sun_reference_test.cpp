// SPDX-License-Identifier: GPL-3.0-or-later
// Our sun against an independent computation of planetary theory (VSOP87), all over the globe and for two centuries.
#include <gtest/gtest.h>
#include <libnova/julian_day.h>
#include <libnova/precession.h>
#include <libnova/solar.h>
#include <libnova/transform.h>

#include <random>

#include "climate/sun.h"

using namespace wp;
using namespace wp::climate;

namespace {

// Direction of the sun's middle without refraction, in the horizon's axes: north, east, up.
Vec3 reference(const Place& place, double days_ut, double delta_t) {
    const double julian = days_ut + 2451545.0;
    ln_equ_posn equator;
    // Planets move by terrestrial time, the earth turns by universal time.
    // The theory tells the true place on the ecliptic of 2000: aberration, the turn to the equator of 2000 and
    // precession are put on here. (The library's own apparent place turns by the obliquity of date, which a century
    // takes 0.013 degrees off.)
    ln_helio_posn ecliptic;
    ln_get_solar_geom_coords(julian + delta_t / 86400, &ecliptic);
    const double longitude = radians(ecliptic.L - 20.4898 / 3600), obliquity = radians(23.4392911);
    ln_equ_posn of_2000;
    of_2000.ra = degrees(std::atan2(std::cos(obliquity) * std::sin(longitude), std::cos(longitude)));
    of_2000.dec = degrees(std::asin(std::sin(obliquity) * std::sin(longitude)));
    ln_get_equ_prec(&of_2000, julian, &equator);
    ln_lnlat_posn observer{place.longitude, place.latitude};
    ln_hrz_posn horizon;
    ln_get_hrz_from_equ(&equator, &observer, julian, &horizon);
    const double azimuth = radians(horizon.az + 180), altitude = radians(horizon.alt);  // they count from the south
    return {std::cos(altitude) * std::cos(azimuth), std::cos(altitude) * std::sin(azimuth), std::sin(altitude)};
}

Vec3 ours(const Place& place, double days_ut, double delta_t) {
    // No air: no refraction. What is left between the two is the sun's parallax of 0.0024 degrees.
    const auto sun = sun_position(place, days_ut, delta_t, 0);
    return {std::cos(sun.altitude) * std::cos(sun.azimuth), std::cos(sun.altitude) * std::sin(sun.azimuth),
            std::sin(sun.altitude)};
}

double apart(const Vec3& a, const Vec3& b) { return degrees(2 * std::asin(std::min(1.0, length(a - b) / 2))); }

}  // namespace

TEST(SunReference, agrees_to_a_fiftieth_of_a_degree_over_two_centuries_and_all_latitudes) {
    std::mt19937 dice(7);
    std::uniform_real_distribution<double> latitude(-90, 90), longitude(-180, 180),
        day(days_since_j2000(1900, 1, 1, 0), days_since_j2000(2100, 12, 31, 0));
    double worst = 0;
    for (int i = 0; i < 20000; ++i) {
        const Place place{latitude(dice), longitude(dice), 0, 0};
        const double at = day(dice);
        worst = std::max(worst, apart(ours(place, at, 64), reference(place, at, 64)));
    }
    EXPECT_LT(worst, 0.02);
}

TEST(SunReference, holds_at_the_poles_on_the_equator_and_on_the_date_line) {
    for (const double latitude : {-90.0, -89.99, -66.56, 0.0, 23.44, 89.99, 90.0})
        for (const double longitude : {-180.0, 0.0, 180.0})
            for (int hour = 0; hour < 24; hour += 3)
                for (const int month : {1, 3, 6, 9, 12}) {
                    const double at = days_since_j2000(2023, month, 21, hour + 0.3);
                    EXPECT_LT(apart(ours({latitude, longitude, 0, 0}, at, 69),
                                    reference({latitude, longitude, 0, 0}, at, 69)),
                              0.02)
                        << latitude << " " << longitude << " " << month << " " << hour;
                }
}

TEST(SunReference, half_hour_time_zones_and_the_southern_hemisphere_keep_their_clocks) {
    struct Clock {
        Place place;
        const char* where;
    };
    for (const Clock& clock :
         {Clock{{28.6, 77.2, 5.5, 0}, "half an hour"}, Clock{{-12.5, 130.8, 9.5, 0}, "half an hour, south"},
          Clock{{27.7, 85.3, 5.75, 0}, "a quarter"}, Clock{{-41.3, 174.8, 12, 0}, "far south"},
          Clock{{47.6, -52.7, -3.5, 0}, "half an hour, west"}}) {
        for (double hour = 0.25; hour < 24; hour += 1.5) {
            const Moment local{10, 3, hour};
            const auto sun = sun_position(clock.place, local);
            const Vec3 there = reference(clock.place, days_since_j2000(2023, 10, 3, hour - clock.place.time_zone), 69);
            if (there.z < std::sin(radians(20.0))) continue;  // refraction is small only high up
            const Vec3 here{std::cos(sun.altitude) * std::cos(sun.azimuth),
                            std::cos(sun.altitude) * std::sin(sun.azimuth), std::sin(sun.altitude)};
            EXPECT_LT(apart(here, there), 0.07) << clock.where << " at " << hour;
        }
    }
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/sky.h"

#include <gtest/gtest.h>

#include "climate/sky_parts.h"
#include "climate/weather.h"
#include "support.h"

using namespace wp;
using namespace wp::climate;

namespace {

double horizontal(const Sky& sky) {
    double sum = 0;
    constexpr int n = 600;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j)
            sum += sky.luminance(direction(2 * kPi * (j + 0.5) / n, std::asin(std::sqrt((i + 0.5) / n))));
    return kPi * sum / (n * n);
}

}  // namespace

TEST(Sky, every_cie_type_carries_what_it_was_told_to) {
    for (const double altitude : {5.0, 35.0, 80.0})
        for (int type = 1; type <= 16; ++type)
            EXPECT_NEAR(horizontal(Sky::cie(type, 10000, direction(1, radians(altitude)))), 10000, 10)
                << "type " << type << " sun at " << altitude;
}

TEST(Sky, the_overcast_zenith_is_three_times_the_horizon) {
    const Sky sky = Sky::cie(16, 5000, {0, 0, 1});
    EXPECT_NEAR(sky.luminance({0, 0, 1}) / sky.luminance({1, 0, 0}), 3, 1e-9);
    EXPECT_NEAR(sky.luminance({0, 0, 1}), 9.0 / (7 * kPi) * 5000, 1e-9);  // Moon and Spencer 1942
    EXPECT_EQ(sky.luminance({0, 0, -1}), 0);
}

TEST(Sky, a_clear_sky_is_brightest_by_the_sun) {
    const Vec3 sun = direction(radians(180), radians(40));
    const Sky sky = Sky::cie(12, 10000, sun);
    EXPECT_GT(sky.luminance(sun), 5 * sky.luminance(direction(0, radians(50))));
}

TEST(Sky, type_five_is_the_same_everywhere) {
    const Sky sky = Sky::cie(5, kPi, direction(2, 0.5));
    for (const double a : {0.1, 0.7, 1.4}) EXPECT_NEAR(sky.luminance(direction(a * 4, a)), 1, 1e-6);
}

TEST(Sky, the_all_weather_sky_carries_the_diffuse_light_in_every_hour_of_a_year) {
    const auto weather = test::weather(55.4, 5);
    const auto outdoor = outdoor_year(weather);
    int tried = 0;
    for (size_t h = 0; h < outdoor.size(); h += 37) {
        if (outdoor[h].diffuse_lux < 100) continue;
        ++tried;
        EXPECT_NEAR(horizontal(sky_of(outdoor[h], 0.3)) / outdoor[h].diffuse_lux, 1, 0.002)
            << "hour " << h << " epsilon " << outdoor[h].epsilon;
    }
    EXPECT_GT(tried, 80);
}

TEST(Sky, clearness_follows_its_definition) {
    // Hand-computed: D = 100, I = 400 W/m2, Z = 60 degrees = 1.0472 rad; kappa Z^3 = 1.041 * 1.14838 = 1.19546.
    const Clearness c = clearness(100, 400, radians(60), 1361);
    EXPECT_NEAR(c.epsilon, (5 + 1.19546) / 2.19546, 1e-3);
    EXPECT_EQ(c.bin, 5);
    // Air mass at 60 degrees is 1.994 (Kasten and Young 1989).
    EXPECT_NEAR(c.delta, 1.994 * 100 / 1361, 1e-3);
}

TEST(SkyParts, cover_the_dome_once) {
    for (const int division : {1, 2, 4}) {
        const SkyParts parts(division);
        double solid = 0, horizontal_factor = 0;
        for (size_t p = 0; p < parts.count(); ++p) {
            solid += parts.solid_angle(p);
            double up = 0;
            for (const Vec3 d : parts.directions(p, 4)) {
                EXPECT_EQ(parts.part_of(d.as<float>()), p);
                up += d.z / 16;
            }
            horizontal_factor += up * parts.solid_angle(p);
        }
        EXPECT_NEAR(solid, 2 * kPi, 1e-9);
        EXPECT_NEAR(horizontal_factor, kPi, 1e-2);
    }
    EXPECT_EQ(SkyParts(1).count(), 145u);  // Tregenza 1987
    EXPECT_EQ(SkyParts(2).count(), 577u);
}

// Some lift it to a fifth in the middle bins of clearness; we take it as it comes (docs/physics.md).
TEST(Sky, brightness_below_a_fifth_is_its_own_sky_and_is_not_lifted) {
    const Vec3 sun = normalized(Vec3{0, -1, 0.8});
    const Vec3 low = normalized(Vec3{0, 1, 0.1});
    const auto dim = Sky::all_weather(1.2, 0.08, 5000, sun), fifth = Sky::all_weather(1.2, 0.2, 5000, sun);
    EXPECT_GT(std::fabs(dim.luminance(low) / fifth.luminance(low) - 1), 0.02);
}

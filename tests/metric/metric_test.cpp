// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <cmath>

#include "climate/sun.h"
#include "metric/annual.h"
#include "metric/glare.h"

using namespace wp;
using namespace wp::metric;

namespace {

// Two points; in hour h of every day the first has 100 h lux, the second half of it; nights left out of the rows.
HourlyLux made_up_year() {
    HourlyLux year;
    year.points = 2;
    year.row_of.assign(8760, -1);
    for (int h = 0; h < 8760; ++h) {
        if (h % 24 < 6 || h % 24 >= 18) continue;
        year.row_of[static_cast<size_t>(h)] = static_cast<int>(year.lux.size() / 2);
        year.lux.push_back(100.0f * static_cast<float>(h % 24));
        year.lux.push_back(50.0f * static_cast<float>(h % 24));
    }
    return year;
}

}  // namespace

TEST(Hours, ten_hours_a_day_are_3650_a_year) {
    EXPECT_EQ(count(daily_hours(8, 18)), 3650u);
    EXPECT_TRUE(daily_hours(8, 18)[8]) << "the hour from 8 to 9";
    EXPECT_FALSE(daily_hours(8, 18)[7]);
    EXPECT_FALSE(daily_hours(8, 18)[18]);
}

TEST(Autonomy, counts_the_hours_that_reach_the_target) {
    const auto year = made_up_year();
    // 8..17: the first point has 800 to 1700 lx, the second 400 to 850.
    const auto a = autonomy(year, daily_hours(8, 18), 800);
    EXPECT_DOUBLE_EQ(a[0], 1.0);
    EXPECT_DOUBLE_EQ(a[1], 0.2);  // at 16 and 17
    EXPECT_DOUBLE_EQ(autonomy(year, daily_hours(0, 24), 300)[0], 0.5);  // dark hours count against
    const std::vector<double> tenth_more(2, 1.1);
    EXPECT_DOUBLE_EQ(autonomy(year, daily_hours(8, 18), 800, tenth_more)[1], 0.3);  // the upper end of a 10 % band
}

TEST(Autonomy, shares_of_points_have_the_right_edge) {
    const std::vector<double> values = {0.49, 0.5, 0.8, 0.2};
    EXPECT_DOUBLE_EQ(share_at_least(values, 0.5), 0.5);
    EXPECT_DOUBLE_EQ(share_above(values, 0.5), 0.25);
    EXPECT_DOUBLE_EQ(share_at_least({}, 0.5), 0);
}

TEST(Provision, needs_the_target_over_the_share_of_the_plane_in_the_same_hour) {
    const auto year = made_up_year();
    const auto hours = daily_hours(8, 18);
    EXPECT_DOUBLE_EQ(spatial_provision(year, hours, 800, 0.5), 1.0);
    EXPECT_DOUBLE_EQ(spatial_provision(year, hours, 800, 0.95), 0.2);
    EXPECT_DOUBLE_EQ(spatial_provision(year, hours, 5000, 0.5), 0.0);
    EXPECT_NEAR(mean_lux(year, hours), 0.75 * 1250, 1e-3);
}

TEST(Glare, probability_follows_the_published_formula) {
    // Ev = 2000 lx, one source of 10 000 cd/m2, 0.05 sr, P = 2, by hand:
    const double expected = 5.87e-5 * 2000 + 9.18e-2 * std::log10(1 + 1e8 * 0.05 / (std::pow(2000, 1.87) * 4)) + 0.16;
    EXPECT_NEAR(daylight_glare_probability(2000, {{10000, 0.05, 2, {0, 0, 1}, false}}), expected, 1e-12);
    EXPECT_NEAR(daylight_glare_probability(1000, {}), 5.87e-5 * 1000 + 0.16, 1e-12);
    EXPECT_EQ(daylight_glare_probability(0, {}), 0);
}

TEST(Glare, low_light_is_corrected_downwards) {
    // Wienold 2009: factor exp(0.024 Ev - 4)/(1 + exp(0.024 Ev - 4)); 0.5 at Ev = 166.7 lx.
    EXPECT_NEAR(daylight_glare_probability(4 / 0.024, {}), 0.5 * (5.87e-5 * 4 / 0.024 + 0.16), 1e-9);
}

TEST(Glare, the_position_index_is_one_ahead_and_grows_outwards) {
    EXPECT_NEAR(position_index({0, 0, 1}), 1, 1e-9);
    double before = 1;
    for (int degree = 5; degree <= 60; degree += 5) {
        const double p = position_index({0, std::sin(radians(degree)), std::cos(radians(degree))});
        EXPECT_GT(p, before);
        before = p;
    }
    // Straight above by 20 degrees: exp((35.2 - 1.22) 1e-3 20 + 21e-5 400).
    EXPECT_NEAR(position_index({0, std::sin(radians(20)), std::cos(radians(20))}), std::exp(33.98e-3 * 20 + 21e-5 * 400), 1e-9);
    EXPECT_NEAR(position_index({0, -0.5, 1}), 1 + 0.8 * 0.5, 1e-9);
    EXPECT_NEAR(position_index({0, -1, 1}), 1 + 1.2, 1e-9);
}

TEST(Glare, two_bright_windows_are_two_sources_and_the_sun_a_third) {
    std::vector<float> picture(64 * 64, 50.0f);
    for (int y = 20; y < 28; ++y)
        for (const int x0 : {16, 40})
            for (int x = x0; x < x0 + 6; ++x) picture[static_cast<size_t>(y * 64 + x)] = 8000;
    const auto sources = find_sources({64, &picture, 60000, normalized(Vec3{0.1, 0.3, 1})});
    ASSERT_EQ(sources.size(), 3u);
    EXPECT_NEAR(sources[0].luminance, 8000, 1);
    EXPECT_LT(sources[0].direction.x, 0);
    EXPECT_GT(sources[1].direction.x, 0);
    EXPECT_NEAR(sources[0].solid_angle / sources[1].solid_angle, 1, 0.2);
    EXPECT_TRUE(sources[2].is_sun);
    EXPECT_NEAR(sources[2].luminance, 60000 / climate::kSunSolidAngle, 1);
    EXPECT_NEAR(climate::kSunSolidAngle, 6.8e-5, 2e-7);
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/sun.h"

#include <gtest/gtest.h>

using namespace wp;
using namespace wp::climate;

TEST(Sun, stands_where_the_published_case_says) {
    // NREL/TP-560-34302, table A5.1.
    const auto sun = sun_position({39.742476, -105.1786, -7, 1830.14},
                                  days_since_j2000(2003, 10, 17, 12.5 + 7 + 30.0 / 3600), 67, 820, 11);
    EXPECT_NEAR(90 - degrees(sun.altitude), 50.11162, 0.02);
    EXPECT_NEAR(degrees(sun.azimuth), 194.34024, 0.02);
}

TEST(Sun, days_are_counted_from_the_epoch) {
    EXPECT_DOUBLE_EQ(days_since_j2000(2000, 1, 1, 12), 0);
    // Meeus, Astronomical Algorithms, example 7.a (JD 2436116.31) and the table after it (1987 January 27.0: JD
    // 2446822.5).
    EXPECT_NEAR(days_since_j2000(1957, 10, 4, 0.81 * 24), 2436116.31 - 2451545.0, 1e-6);
    EXPECT_NEAR(days_since_j2000(1987, 1, 27, 0), 2446822.5 - 2451545.0, 1e-9);
}

TEST(Sun, culminates_in_the_south_north_of_the_tropics_and_in_the_north_south_of_them) {
    const auto noon = [](double latitude) {
        SunPosition best;
        for (double h = 10; h < 14; h += 0.02)
            if (const auto s = sun_position({latitude, 0, 0, 0}, Moment{3, 21, h}); s.altitude > best.altitude)
                best = s;
        return best;
    };
    EXPECT_NEAR(degrees(noon(55).azimuth), 180, 1);
    EXPECT_NEAR(degrees(noon(55).altitude), 90 - 55, 0.5);
    EXPECT_NEAR(std::cos(noon(-35).azimuth), 1, 1e-3);
    EXPECT_NEAR(degrees(noon(-35).altitude), 90 - 35, 0.5);
}

TEST(Sun, never_sets_at_the_pole_in_summer_nor_rises_in_winter) {
    for (int h = 0; h < 24; ++h) {
        EXPECT_GT(sun_position({90, 0, 0, 0}, Moment{6, 21, h + 0.5}).altitude, radians(23));
        EXPECT_LT(sun_position({90, 0, 0, 0}, Moment{12, 21, h + 0.5}).altitude, radians(-23));
    }
}

TEST(Sun, declination_swings_between_the_tropics) {
    EXPECT_NEAR(degrees(sun_position({0, 0, 0, 0}, Moment{6, 21, 12}).declination), 23.44, 0.02);
    EXPECT_NEAR(degrees(sun_position({0, 0, 0, 0}, Moment{12, 21, 12}).declination), -23.44, 0.03);
}

TEST(Sun, an_hour_is_represented_by_the_middle_of_its_sunlit_part) {
    const Place place{55.4, -3.1, 0, 0};
    int partial = 0;
    double sunlit = 0;
    for (const SunHour& h : sun_of_year(place)) {
        sunlit += h.sunlit;
        if (h.sunlit > 0) EXPECT_GT(h.sun.altitude, 0);
        if (h.sunlit > 0 && h.sunlit < 1) ++partial;
    }
    EXPECT_GE(partial, 650);  // a rise and a set a day, but for those on the hour
    EXPECT_LE(partial, 730);
    // Half the year by geometry; refraction lengthens every day a little, more so far north.
    EXPECT_NEAR(sunlit, 4380 + 80, 60);
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Skies: whatever is chosen carries what it was told to carry.
#include "question/outdoors.h"

#include <gtest/gtest.h>

#include "climate/sky_amount.h"
#include "support.h"

using namespace wp;
using namespace wp::question;
using model::SkyChoice;

namespace {

const std::vector<climate::OutdoorHour>& outdoor() {
    static const auto year = climate::outdoor_year(test::weather(55.4, 5));
    return year;
}

Outdoors at(const SkyChoice& sky, const climate::Moment& moment) {
    model::Site site;
    site.latitude = 55.4;
    return *outdoors_at(site, sky, moment, outdoor());
}

}  // namespace

TEST(Outdoors, every_sky_carries_its_light_to_a_thousandth) {
    SkyChoice sky;
    sky.amount = SkyChoice::Amount::illuminance;
    sky.diffuse = 10000;
    sky.shape = SkyChoice::Shape::cie;
    for (sky.type = 1; sky.type <= 16; ++sky.type)
        for (const double hour : {7.0, 9.5, 12.0})
            EXPECT_NEAR(carried_lux(at(sky, {6, 21, hour}).sky_and_sun.sky), 10000, 10)
                << "type " << sky.type << " at " << hour;
    sky.shape = SkyChoice::Shape::uniform;
    EXPECT_NEAR(carried_lux(at(sky, {6, 21, 12}).sky_and_sun.sky), 10000, 10);
    sky.shape = SkyChoice::Shape::weather;
    for (const double direct : {0.0, 10000.0, 40000.0, 90000.0}) {
        sky.direct = direct;
        EXPECT_NEAR(carried_lux(at(sky, {6, 21, 12}).sky_and_sun.sky), 10000, 10) << direct;
    }
}

TEST(Outdoors, the_weathers_own_sky_carries_the_hours_diffuse_light_all_the_year) {
    int tried = 0;
    for (int day = 0; day < 365; day += 5)
        for (const double hour : {8.5, 12.5, 15.5}) {
            const Outdoors o = at({}, climate::moment_of(day, hour));
            if (o.diffuse_lux < 200) continue;
            ++tried;
            EXPECT_NEAR(carried_lux(o.sky_and_sun.sky) / o.diffuse_lux, 1, 1e-3) << day << " " << hour;
            EXPECT_DOUBLE_EQ(o.diffuse_lux, outdoor()[static_cast<size_t>(o.moment.hour_of_year())].diffuse_lux);
        }
    EXPECT_GT(tried, 120);
}

TEST(Outdoors, by_the_sun_at_the_place_clear_skies_have_sun_and_overcast_ones_none) {
    SkyChoice sky;
    sky.shape = SkyChoice::Shape::cie;
    sky.amount = SkyChoice::Amount::place;
    sky.type = 16;
    const Outdoors overcast = at(sky, {6, 21, 12});
    EXPECT_EQ(overcast.direct_lux(), 0);
    const double sine = std::sin(overcast.sky_and_sun.sun.altitude);
    EXPECT_NEAR(overcast.diffuse_lux, 300 + 21000 * sine, 1e-6);
    sky.type = 12;
    const Outdoors clear = at(sky, {6, 21, 12});
    EXPECT_NEAR(clear.diffuse_lux, 800 + 15500 * std::sqrt(sine), 1e-6);
    EXPECT_NEAR(clear.direct_lux(), 127500 * std::exp(-0.21 / sine), 1e-6);
    sky.type = 7;
    EXPECT_NEAR(at(sky, {6, 21, 12}).diffuse_lux, 300 + 45000 * sine, 1e-6);
    EXPECT_EQ(at(sky, {12, 21, 2}).global_lux(), 0) << "night";
}

TEST(Outdoors, given_watts_become_lux_by_the_efficacy_of_the_sky) {
    SkyChoice sky;
    sky.amount = SkyChoice::Amount::irradiance;
    sky.diffuse = 100;
    sky.direct = 600;
    const Outdoors o = at(sky, {6, 21, 12});
    // Perez et al. 1990: diffuse of clear skies 120 to 160 lm/W, direct 90 to 120.
    EXPECT_GT(o.diffuse_lux, 11000);
    EXPECT_LT(o.diffuse_lux, 16500);
    EXPECT_GT(o.direct_lux(), 54000);
    EXPECT_LT(o.direct_lux(), 72000);
}

TEST(Outdoors, the_ground_glows_by_the_months_reflectance) {
    model::Site site;
    site.latitude = 55.4;
    site.ground_by_month = std::vector<double>(12, 0.2);
    site.ground_by_month[0] = 0.7;
    SkyChoice sky;
    sky.shape = SkyChoice::Shape::uniform;
    sky.amount = SkyChoice::Amount::illuminance;
    sky.diffuse = 1000;
    EXPECT_NEAR(outdoors_at(site, sky, {1, 10, 12}, {})->sky_and_sun.ground_luminance, 700 / kPi, 1e-9);
    EXPECT_NEAR(outdoors_at(site, sky, {2, 10, 12}, {})->sky_and_sun.ground_luminance, 200 / kPi, 1e-9);
}

TEST(Outdoors, a_sky_of_the_weather_without_weather_is_refused_with_a_remedy) {
    const auto refused = outdoors_at(model::Site{}, SkyChoice{}, {6, 21, 12}, {});
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.fault().remedy.find("Choose a weather file"), std::string::npos);
    SkyChoice odd;
    odd.shape = SkyChoice::Shape::cie;
    odd.amount = SkyChoice::Amount::place;
    odd.type = 17;
    EXPECT_FALSE(outdoors_at(model::Site{}, odd, {6, 21, 12}, {}));
}

TEST(Outdoors, the_design_sky_is_exceeded_in_85_of_100_working_hours) {
    for (const double latitude : {-52.0, 0.0, 30.0, 46.0, 55.4}) {
        const double design = climate::design_sky(latitude);
        int above = 0, all = 0;
        for (int day = 0; day < 365; ++day)
            for (double hour = 9.05; hour < 17; hour += 0.1) {
                const auto sun = climate::sun_position({latitude, 0, 0, 0}, climate::moment_of(day, hour));
                above += climate::light_by_altitude(climate::SkyClass::overcast, sun.altitude).diffuse_lux > design;
                ++all;
            }
        EXPECT_NEAR(static_cast<double>(above) / all, 0.85, 0.004) << latitude;
    }
    EXPECT_EQ(climate::design_sky(75), 0) << "so far north the sun is down for more than 15 % of these hours";
    EXPECT_GT(climate::design_sky(30), climate::design_sky(50));
    EXPECT_NEAR(climate::design_sky(-40), climate::design_sky(40), 0.05 * climate::design_sky(40));
}

TEST(Moments, of_a_day_and_of_a_year_are_counted_out) {
    const auto day = moments_of_day(3, 21, 8, 18, 2);
    ASSERT_EQ(day.size(), 6u);
    EXPECT_EQ(day.back(), (climate::Moment{3, 21, 18}));
    const auto year = moments_of_year(31, 12);
    ASSERT_EQ(year.size(), 12u);
    EXPECT_EQ(year[1].day, 28);
    EXPECT_EQ(year[11].day, 31);
}

TEST(Outdoors, at_the_middle_of_an_hour_the_weather_is_that_hours_and_at_a_full_hour_the_mean_of_both_sides) {
    const size_t h = 24 * 172 + 11;  // from 11 to 12
    const auto &before = outdoor()[h], &after = outdoor()[h + 1];
    const auto day = climate::moment_of(172, 0);
    const Outdoors middle = at({}, {day.month, day.day, 11.5}), full = at({}, {day.month, day.day, 12});
    EXPECT_NEAR(middle.diffuse_lux, before.diffuse_lux, 1e-6);
    EXPECT_NEAR(middle.direct_lux(), before.direct_lux, 1e-6);
    EXPECT_NEAR(full.diffuse_lux, (before.diffuse_lux + after.diffuse_lux) / 2, 1e-6);
    EXPECT_NEAR(full.direct_lux(), (before.direct_lux + after.direct_lux) / 2, 1e-6);
    // The new year follows the old one.
    EXPECT_GE(at({}, {1, 1, 0.1}).diffuse_lux, 0);
}

TEST(Outdoors, a_sun_that_has_just_risen_shines_as_the_first_sunlit_hour_says) {
    const auto& year = outdoor();
    size_t h = 24 * 172;
    while (year[h].sun.sunlit <= 0) ++h;
    const auto hour = climate::weather_at(year, climate::moment_of(172, static_cast<double>(h % 24) + 0.2));
    EXPECT_DOUBLE_EQ(hour.direct_lux, year[h].direct_lux) << "the dark hour before has no beam to mix in";
    EXPECT_LE(hour.diffuse_lux, year[h].diffuse_lux);
}

TEST(OneSun, weather_from_elsewhere_shines_where_the_site_is_and_that_is_said) {
    const auto far = test::weather(50, 3);
    const climate::Place site{55.4, -3.1, 0, 10};
    const auto here = climate::at_site(far, site);
    const auto suns = climate::sun_of_year(site);
    const auto outdoor = climate::outdoor_year(here);
    for (const size_t h : {size_t{24 * 80 + 9}, size_t{24 * 172 + 15}}) {
        EXPECT_DOUBLE_EQ(outdoor[h].sun.sun.azimuth, suns[h].sun.azimuth);
        EXPECT_DOUBLE_EQ(outdoor[h].sun.sun.altitude, suns[h].sun.altitude);
    }
    EXPECT_NE(climate::measured_elsewhere(here.measured, site).find("km from the site"), std::string::npos);
    EXPECT_EQ(climate::measured_elsewhere({55.2, -3.0, 0, 0}, site), "") << "0.2 degrees are of no account";
    EXPECT_NE(climate::measured_elsewhere({55.4, -3.1, 1, 0}, site).find("UT+1"), std::string::npos) << "another clock";
    EXPECT_EQ(climate::measured_elsewhere({0, 179.9, 0, 0}, {0, -179.9, 0, 0}), "") << "the date line parts nothing";
}

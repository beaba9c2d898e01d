// SPDX-License-Identifier: GPL-3.0-or-later
// What is said of a climate, of years whose figures can be counted on fingers.
#include "climate/statistics.h"

#include <gtest/gtest.h>

#include <cmath>
#include <limits>
#include <numeric>

#include "support.h"

using namespace wp;
using namespace wp::climate;

namespace {

const WeatherYear& weather() {
    static const WeatherYear year = test::weather(55.4, 5);
    return year;
}
const std::vector<OutdoorHour>& outdoor() {
    static const auto year = outdoor_year(weather());
    return year;
}

}  // namespace

TEST(Climate, a_mean_day_is_the_mean_of_the_months_days) {
    std::vector<double> hours(kHours);
    for (int h = 0; h < kHours; ++h) hours[static_cast<size_t>(h)] = moment_of(h / 24, 0).month * 100 + h % 24;
    const auto days = mean_days(hours);
    for (size_t m = 0; m < 12; ++m)
        for (size_t h = 0; h < 24; ++h)
            EXPECT_NEAR(days[m][h], (static_cast<double>(m) + 1) * 100 + static_cast<double>(h), 1e-9);
    for (int d = 0; d < 31; ++d) hours[static_cast<size_t>(d * 24 + 5)] = std::numeric_limits<double>::quiet_NaN();
    EXPECT_TRUE(std::isnan(mean_days(hours)[0][5])) << "an hour that no day has";
}

TEST(Climate, hours_above_a_level_are_counted) {
    std::vector<double> hours(kHours);
    std::iota(hours.begin(), hours.end(), 0.0);
    const auto above = hours_above(hours, {-1, 0, 4379.5, 8759});
    EXPECT_EQ(above, (std::vector<double>{8760, 8759, 4380, 0}));
}

TEST(Climate, sky_types_count_every_daylit_hour_once) {
    const auto types = sky_types(outdoor());
    const auto lit = std::count_if(outdoor().begin(), outdoor().end(), [](const OutdoorHour& h) { return h.daylit(); });
    EXPECT_EQ(std::accumulate(types.begin(), types.end(), 0), lit);
}

TEST(Climate, overcast_hours_are_of_overcast_types_and_cloudless_ones_of_clear_types) {
    OutdoorHour hour;
    hour.sun.sun.altitude = radians(40);
    hour.diffuse_lux = 20000;
    hour.epsilon = 1.0;
    hour.delta = 0.3;
    const int dull = sky_type(hour);
    EXPECT_TRUE(dull <= 5 || dull == 16) << dull;
    hour.epsilon = 8;
    hour.delta = 0.1;
    EXPECT_GE(sky_type(hour), 9);
    EXPECT_LE(sky_type(hour), 15);
    hour.diffuse_lux = 0;
    EXPECT_EQ(sky_type(hour), 0) << "night";
}

TEST(Climate, notable_days_are_what_they_are_called) {
    const auto days = notable_days(weather(), outdoor());
    const auto direct_of = [](int day) {
        double sum = 0;
        for (int h = day * 24; h < day * 24 + 24; ++h) sum += weather().hours[static_cast<size_t>(h)].direct_normal;
        return sum;
    };
    const auto find = [&](const std::string& name) {
        for (const auto& day : days)
            if (day.name == name) return day.moment;
        ADD_FAILURE() << name;
        return Moment{};
    };
    const Moment sunniest = find("Sunniest day");
    for (int day = 0; day < 365; ++day) EXPECT_LE(direct_of(day), direct_of(sunniest.day_of_year()) + 1e-9);
    const Moment clear = find("Clear day near 21 Mar"), overcast = find("Overcast day near 21 Mar");
    EXPECT_LE(std::abs(clear.day_of_year() - 79), 14);
    EXPECT_LE(std::abs(overcast.day_of_year() - 79), 14);
    EXPECT_GT(direct_of(clear.day_of_year()), direct_of(overcast.day_of_year()));
    EXPECT_EQ(find("Typical day of November").month, 11);
    // A notable day is shown at its brightest hour.
    for (int h = 0; h < 24; ++h)
        EXPECT_LE(outdoor()[static_cast<size_t>(clear.day_of_year() * 24 + h)].global_lux(),
                  outdoor()[static_cast<size_t>(clear.hour_of_year())].global_lux() + 1e-9);
}

TEST(Climate, sunshine_is_counted_by_the_direct_beam) {
    auto year = weather();
    for (auto& h : year.hours) h.direct_normal = 119;
    EXPECT_EQ(sunshine_hours(year, outdoor())[5], 0);
    for (auto& h : year.hours) h.direct_normal = 120;
    double up = 0;
    for (int h = days_before(6) * 24; h < days_before(7) * 24; ++h) up += outdoor()[static_cast<size_t>(h)].sun.sunlit;
    EXPECT_NEAR(sunshine_hours(year, outdoor())[5], up, 1e-9);
}

TEST(Climate, quantities_come_as_the_file_and_the_sky_have_them) {
    for (const Quantity q : kQuantities) {
        const auto values = hourly(weather(), outdoor(), q);
        ASSERT_EQ(values.size(), 8760u);
        EXPECT_STRNE(name_of(q).unit, "");
    }
    const auto global = hourly(weather(), outdoor(), Quantity::global_illuminance);
    EXPECT_DOUBLE_EQ(global[4000], outdoor()[4000].global_lux());
}

TEST(Weather, light_is_taken_from_the_file_where_that_is_chosen) {
    auto year = weather();
    for (auto& h : year.hours) {
        h.diffuse_lux = h.diffuse_horizontal * 100;
        h.direct_lux = h.direct_normal * 90;
    }
    year.light_from = LightFrom::file;
    const auto out = outdoor_year(year);
    const size_t noon = 171 * 24 + 12;
    EXPECT_NEAR(out[noon].diffuse_lux, year.hours[noon].diffuse_horizontal * 100, 1e-6);
    EXPECT_NE(year.fingerprint(), weather().fingerprint());
}

TEST(Weather, doubtful_hours_carry_what_was_done_to_them) {
    auto year = weather();
    const size_t noon = 171 * 24 + 12;
    year.hours[noon].direct_normal = year.hours[noon].diffuse_horizontal = std::numeric_limits<double>::quiet_NaN();
    year.hours[noon + 24].direct_normal = 3000;
    year.hours[0].diffuse_horizontal = 200;
    year.hours[5].dry_bulb = std::numeric_limits<double>::quiet_NaN();
    ASSERT_FALSE(fill_gaps(year));
    EXPECT_EQ(year.hours[noon].doubt, static_cast<unsigned>(kSplit));
    EXPECT_EQ(year.hours[noon + 24].doubt, static_cast<unsigned>(kCut));
    EXPECT_EQ(year.hours[0].doubt, static_cast<unsigned>(kNightCleared));
    EXPECT_EQ(year.hours[5].doubt, static_cast<unsigned>(kInterpolated));
    EXPECT_EQ(year.hours[noon + 48].doubt, 0u);
}

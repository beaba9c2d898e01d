// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/use.h"

#include <gtest/gtest.h>

#include <algorithm>

using namespace wp;
using namespace wp::model;

namespace {

Occupancy working_week() {
    Occupancy o;
    o.week[5] = o.week[6] = {0, 0};
    return o;
}

long hours_in(const std::vector<bool>& hours) { return std::count(hours.begin(), hours.end(), true); }

}  // namespace

TEST(OccupiedHours, a_working_week_of_ten_hours_has_261_days_in_a_year_that_begins_on_a_monday) {
    EXPECT_EQ(hours_in(hours_of(working_week(), {})), 261 * 10);
    EXPECT_EQ(hours_in(hours_of(Occupancy{}, {})), 3650);
}

TEST(OccupiedHours, nobody_comes_on_holidays_unless_the_pattern_says_so) {
    YearCalendar calendar;
    calendar.holidays = {{"midwinter", {12, 24, 0}, {1, 2, 0}}};
    Occupancy every_day;
    EXPECT_EQ(hours_in(hours_of(every_day, calendar)), (365 - 10) * 10);
    every_day.on_holidays = true;
    EXPECT_EQ(hours_in(hours_of(every_day, calendar)), 3650);
}

TEST(ClockHours, of_a_criterion_go_with_the_clock) {
    YearCalendar calendar;
    const auto standard = clock_hours(calendar, 8, 18);
    calendar.summer_time = true;
    const auto by_clock = clock_hours(calendar, 8, 18);
    const size_t winter = 10 * 24, summer = 180 * 24;
    EXPECT_TRUE(standard[winter + 8] && by_clock[winter + 8]);
    EXPECT_FALSE(standard[summer + 7]);
    EXPECT_TRUE(by_clock[summer + 7]) << "8 by the clock is 7 by the sun's standard time";
    EXPECT_FALSE(by_clock[summer + 17]);
    EXPECT_EQ(std::count(by_clock.begin(), by_clock.end(), true), 3650);
    EXPECT_NE(clock_words(calendar).find("29 Mar"), std::string::npos) << clock_words(calendar);
    EXPECT_NE(clock_words({}).find("no summer time"), std::string::npos);
}

TEST(OccupiedHours, in_summer_time_people_come_an_hour_earlier_by_the_sun) {
    YearCalendar calendar;
    calendar.summer_time = true;
    calendar.summer_from = last_sunday(calendar, 3);
    calendar.summer_to = last_sunday(calendar, 10);
    EXPECT_EQ(weekday(calendar, calendar.summer_from.day_of_year()), 6);
    const auto hours = hours_of(Occupancy{}, calendar);
    const auto first = [&](int month) {
        int h = climate::Moment{month, 15, 0}.hour_of_year();
        while (!hours[static_cast<size_t>(h)]) ++h;
        return h % 24;
    };
    EXPECT_EQ(first(1), 8);
    EXPECT_EQ(first(7), 7);
    EXPECT_EQ(hours_in(hours), 3650);
}

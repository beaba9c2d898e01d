// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/calendar.h"

#include <gtest/gtest.h>

using namespace wp::climate;

namespace {
const Moment kBefore{3, 21, 13};
}

TEST(Calendar, reads_moments_as_people_write_them) {
    struct Case {
        const char* text;
        Moment expected;
    };
    for (const Case& c :
         {Case{"21 Jun 9:30", {6, 21, 9.5}}, Case{"Jun 21 9:30", {6, 21, 9.5}}, Case{"21 june, 9:30", {6, 21, 9.5}},
          Case{"21.6. 9:30", {6, 21, 9.5}}, Case{"21/6 9", {6, 21, 9}}, Case{"21 Jun 9", {6, 21, 9}},
          Case{"1 Dec", {12, 1, 13}}, Case{"15:45", {3, 21, 15.75}}, Case{"  24:00 ", {3, 21, 24}},
          Case{"31 Dec 00:00", {12, 31, 0}}, Case{"5 6", {6, 5, 13}}}) {
        const auto read = read_moment(c.text, kBefore);
        ASSERT_TRUE(read) << c.text;
        EXPECT_EQ(*read, c.expected) << c.text;
    }
}

TEST(Calendar, refuses_what_is_no_moment_of_the_year) {
    for (const char* text :
         {"", " ", "soon", "31 Feb", "31.4. 12:00", "0 Jan", "21 Jun 25:00", "21 Jun 9:75", "13", "21 Jun Jul",
          "21 13 9:00", "1 2 3 4", "21 Jun 9:30 \xc3\xa9", "99999999999 Jun", "29 Feb 12:00"})
        EXPECT_FALSE(read_moment(text, kBefore)) << text;
}

TEST(Calendar, a_moment_that_is_written_is_read_as_the_same) {
    for (int day = 0; day < 365; day += 7)
        for (const double hour : {0.0, 6.25, 12.5, 23.75}) {
            const Moment m = moment_of(day, hour);
            const auto read = read_moment(text(m), kBefore);
            ASSERT_TRUE(read) << text(m);
            EXPECT_EQ(*read, m) << text(m);
        }
}

TEST(Calendar, days_and_hours_of_the_year_count_from_the_first_of_january) {
    EXPECT_EQ((Moment{1, 1, 0}).hour_of_year(), 0);
    EXPECT_EQ((Moment{3, 1, 0.5}).day_of_year(), 59);
    EXPECT_EQ((Moment{12, 31, 24}).hour_of_year(), 8759);
    for (int day = 0; day < 365; ++day) EXPECT_EQ(moment_of(day, 3).day_of_year(), day);
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/figures.h"

#include <gtest/gtest.h>
#include <rapidcheck.h>

using namespace wp;

namespace {
double metres(const char* text) { return read_figure(text, Unit::metre).value_or(-999); }
}  // namespace

TEST(Figures, lengths_come_in_the_units_people_use) {
    EXPECT_DOUBLE_EQ(metres("1.2"), 1.2);
    EXPECT_DOUBLE_EQ(metres("1,2 m"), 1.2);
    EXPECT_DOUBLE_EQ(metres("120cm"), 1.2);
    EXPECT_DOUBLE_EQ(metres("1200 mm"), 1.2);
    EXPECT_DOUBLE_EQ(metres("2 m 40 cm"), 2.4);
    EXPECT_DOUBLE_EQ(metres("47 in"), 47 * 0.0254);
    EXPECT_DOUBLE_EQ(metres("12'6\""), 12 * 0.3048 + 6 * 0.0254);
    EXPECT_DOUBLE_EQ(metres("12' 6"), 12 * 0.3048 + 6 * 0.0254);
    EXPECT_DOUBLE_EQ(metres("6ft"), 6 * 0.3048);
}

TEST(Figures, arithmetic_is_done_in_the_field) {
    EXPECT_DOUBLE_EQ(metres("3*0.9"), 3 * 0.9);
    EXPECT_DOUBLE_EQ(metres("(4.2 m - 60 mm) / 3"), (4.2 - 0.06) / 3);
    EXPECT_DOUBLE_EQ(metres("-(1 + 2)*2"), -6);
    EXPECT_DOUBLE_EQ(metres("1 + 2 * 3"), 7);
    EXPECT_DOUBLE_EQ(metres("6' - 3\""), 6 * 0.3048 - 3 * 0.0254);
}

TEST(Figures, shares_and_angles_have_their_own_signs) {
    EXPECT_DOUBLE_EQ(*read_figure("35 %", Unit::percent), 0.35);
    EXPECT_DOUBLE_EQ(*read_figure("35", Unit::percent), 0.35);
    EXPECT_DOUBLE_EQ(*read_figure("90\xc2\xb0", Unit::degree), 90);
    EXPECT_DOUBLE_EQ(*read_figure("360/7", Unit::plain), 360.0 / 7);
}

TEST(Figures, what_is_no_figure_is_none) {
    for (const char* text :
         {"", "  ", "m", "1 2", "1..2", "1 +", "(1", "1)", "2 m 3", "nan", "inf", "1/0", "1e5", "3 apples", "--", "*2"})
        EXPECT_FALSE(read_figure(text, Unit::metre)) << text;
    EXPECT_FALSE(read_figure(std::string(100000, '('), Unit::metre)) << "deep nesting is refused, not followed";
    EXPECT_TRUE(
        rc::check("any text is read or refused", [](const std::string& text) { read_figure(text, Unit::metre); }));
}

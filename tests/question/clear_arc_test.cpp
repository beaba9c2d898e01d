// SPDX-License-Identifier: GPL-3.0-or-later
// Which ways a desk can face, of rings that the test makes.
#include "question/clear_arc.h"

#include <gtest/gtest.h>

#include <cmath>

using namespace wp;
using namespace wp::question;

namespace {

// A glaring window towards a heading: the value falls off as one turns away.
Ring towards(double heading, double most = 0.5, double least = 0.2) {
    Ring out;
    for (int i = 0; i < 72; ++i) {
        const double away = std::cos(radians(5.0 * i - heading));
        out.value.push_back(least + (most - least) * std::max(0.0, away));
        out.worst.push_back("W-01");
    }
    return out;
}

}  // namespace

TEST(ClearArcs, run_where_one_looks_away_from_the_window) {
    // 0.2 + 0.3 cos(a) = 0.35 at 60 degrees to either side.
    const auto arc = clear_arc(towards(180), 0.35);
    ASSERT_EQ(arc.spans.size(), 1u);
    EXPECT_NEAR(arc.spans[0].from, 240, 0.1);
    EXPECT_NEAR(arc.spans[0].to, 480, 0.1) << "over north";
    EXPECT_NEAR(arc.clear, 240, 0.2);
    EXPECT_NEAR(arc.spans[0].middle(), 0, 0.1);
    EXPECT_EQ(arc.worst_heading, 180);
    EXPECT_NEAR(*arc.worst, 0.5, 1e-9);
    EXPECT_TRUE(arc.is_clear(0) && arc.is_clear(119) && arc.is_clear(241));
    EXPECT_FALSE(arc.is_clear(121) || arc.is_clear(239));
    EXPECT_EQ(words_of(arc, "DGP", 0, 2), "clear from WSW over N to ESE; worst 180\u00b0, DGP 0.50, W-01");
    EXPECT_EQ(words_of(arc, "DGP", 90, 2), "clear from NNW over E to SSW; worst 270\u00b0, DGP 0.50, W-01")
        << "the sheet's up lies east";
}

TEST(ClearArcs, are_whole_or_nothing_where_no_direction_differs) {
    const auto all = clear_arc(towards(90), 0.6);
    ASSERT_EQ(all.spans.size(), 1u);
    EXPECT_EQ(all.clear, 360);
    EXPECT_TRUE(all.is_clear(17));
    EXPECT_EQ(words_of(all, "DGP", 0, 2), "clear all around; worst 90\u00b0, DGP 0.50, W-01");
    const auto none = clear_arc(towards(90), 0.1);
    EXPECT_TRUE(none.spans.empty());
    EXPECT_FALSE(none.is_clear(17));
    EXPECT_EQ(words_of(none, "DGP", 0, 2), "clear nowhere; worst 90\u00b0, DGP 0.50, W-01");
    EXPECT_TRUE(clear_arc({}, 0.4).spans.empty());
}

TEST(ClearArcs, break_between_two_windows_the_widest_first) {
    Ring two = towards(90);
    const Ring other = towards(210);
    for (size_t i = 0; i < 72; ++i) two.value[i] = std::max(*two.value[i], *other.value[i]);
    const auto arc = clear_arc(two, 0.4);
    // cos(a) = 2/3 at 48.19 degrees: troubled 41.8 to 138.2 and 161.8 to 258.2.
    ASSERT_EQ(arc.spans.size(), 2u);
    EXPECT_NEAR(arc.spans[0].from, 258.19, 0.2);
    EXPECT_NEAR(arc.spans[0].to, 401.81, 0.2);
    EXPECT_NEAR(arc.spans[1].from, 138.19, 0.2);
    EXPECT_NEAR(arc.spans[1].width(), 23.62, 0.3);
}

TEST(ClearArcs, of_an_index_that_falls_are_where_it_is_high_and_where_it_is_not_defined) {
    Ring comfort;
    comfort.rises = false;
    for (int i = 0; i < 36; ++i) {
        std::optional<double> value;
        if (i < 9) value = 30;
        if (i >= 9 && i < 18) value = 90;
        comfort.value.push_back(value);
    }
    const auto arc = clear_arc(comfort, 80);
    ASSERT_EQ(arc.spans.size(), 1u);
    EXPECT_NEAR(arc.spans[0].from, 80 + 10 * 50.0 / 60, 1e-9);
    EXPECT_NEAR(arc.spans[0].to, 355, 1e-9) << "half-way to where nothing is known";
    EXPECT_EQ(*arc.worst, 30);
}

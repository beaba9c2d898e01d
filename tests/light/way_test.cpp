// SPDX-License-Identifier: GPL-3.0-or-later
// How light came is given by what it met last before the point, that is first on the way back from it.
#include <gtest/gtest.h>

#include "light/path.h"

namespace wp::light {
namespace {

Way way(std::initializer_list<Way> met) {
    Trail trail;
    for (const Way by : met) trail = trail.reflected(by);
    return trail.way;
}

TEST(Ways, of_light_that_met_nothing_is_straight) { EXPECT_EQ(way({}), Way::straight); }

TEST(Ways, are_named_after_what_was_met_last) {
    EXPECT_EQ(way({Way::from_ground}), Way::from_ground);
    EXPECT_EQ(way({Way::from_outside}), Way::from_outside);
    EXPECT_EQ(way({Way::from_inside}), Way::from_inside);
    // What light met before that does not matter out of doors.
    EXPECT_EQ(way({Way::from_ground, Way::from_outside}), Way::from_ground);
    EXPECT_EQ(way({Way::from_outside, Way::from_ground}), Way::from_outside);
}

TEST(Ways, of_interreflected_light_tell_whether_the_ground_sent_it_in) {
    EXPECT_EQ(way({Way::from_inside, Way::from_ground}), Way::inside_off_ground);
    EXPECT_EQ(way({Way::from_inside, Way::from_inside, Way::from_ground, Way::from_outside}), Way::inside_off_ground);
    // A facade sent it in, wherever that had it from.
    EXPECT_EQ(way({Way::from_inside, Way::from_outside, Way::from_ground}), Way::from_inside);
}

TEST(Ways, are_kept_through_panes) {
    const Trail inside = Trail{}.reflected(Way::from_inside);
    EXPECT_EQ(inside.past(3, 1).reflected(Way::from_ground).way, Way::inside_off_ground);
    EXPECT_EQ(inside.past(3, 1).portal, 3);
    EXPECT_EQ(inside.scattered(2).way, Way::from_inside);
    EXPECT_EQ(inside.past(1, 1).order, 1);
    EXPECT_EQ(inside.scattered(1).order, 2);
}

TEST(Ways, of_a_surface_are_those_of_where_it_stands) {
    EXPECT_EQ(way_off(geometry::kOutdoors, true), Way::from_ground);
    EXPECT_EQ(way_off(geometry::kOutdoors, false), Way::from_outside);
    EXPECT_EQ(way_off(0, false), Way::from_inside);
}

}  // namespace
}  // namespace wp::light

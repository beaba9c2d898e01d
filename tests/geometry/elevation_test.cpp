// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/elevation.h"

#include <gtest/gtest.h>

#include "geometry/random_building.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;
using namespace wp::model;

namespace {

double area(const std::vector<Region>& regions) {
    double sum = 0;
    for (const Region& r : regions) {
        sum += std::fabs(signed_area(r.outer));
        for (const Polygon& hole : r.holes) sum -= std::fabs(signed_area(hole));
    }
    return sum;
}

}  // namespace

TEST(Elevations, from_inside_left_and_right_are_those_of_the_viewer) {
    const auto project = test::one_room();  // south wall 4 m, window from 1 to 3 m, sill 1, height 1.5
    auto option = project.options[0];
    option.storeys[0].rooms[0].openings[0].along = 0.5;
    const auto inside = wall_elevation(option, 0, "room", 0, false),
               outside = wall_elevation(option, 0, "room", 0, true);
    ASSERT_EQ(inside.openings.size(), 1u);
    ASSERT_EQ(outside.openings.size(), 1u);
    EXPECT_NEAR(outside.openings[0].low.x, 0.5, 1e-9);
    EXPECT_NEAR(inside.openings[0].low.x, 4 - 0.5 - 2, 1e-9) << "mirrored";
    EXPECT_NEAR(inside.openings[0].low.y, 1, 1e-9);
    EXPECT_NEAR(inside.high.y, 3, 1e-9);
}

TEST(Elevations, a_facade_shows_all_storeys_and_a_gable_its_slope) {
    const auto project = test::two_storeys();
    const auto& option = project.options[0];
    const auto facade = wall_elevation(option, 0, "hall", 0, true);
    EXPECT_EQ(facade.walls.size(), 4u);
    EXPECT_EQ(facade.levels.size(), 2u);
    const auto gable = wall_profile(option, option.storeys[1], option.storeys[1].rooms[0], 3);  // west wall, 8 m
    ASSERT_EQ(gable.size(), 3u);
    EXPECT_NEAR(gable[1].x, 4, 1e-6);
    EXPECT_NEAR(gable[1].y, 2.4 + 4 * std::tan(radians(30)), 1e-6);
}

TEST(Sections, what_is_cut_is_all_but_the_air) {
    auto project = test::one_room();
    const auto section =
        cut_section(project, project.options[0], {2, -5}, {2, 15});  // through the window, seen to the west
    ASSERT_EQ(section.air.size(), 1u);
    EXPECT_NEAR(signed_area(section.air[0].outline), 6 * 3, 1e-9);
    const double whole = 6.7 * (3 + 0.3 + 0.3);  // with walls, roof and the slab below
    EXPECT_NEAR(area(section.solid), whole - 18 - 0.35 * 1.5, 1e-3);
    ASSERT_EQ(section.glass.size(), 1u);
    EXPECT_NEAR(section.glass[0].first.x, 5 - 0.12, 1e-3);
}

TEST(Sections, a_floor_void_joins_the_air_of_two_storeys) {
    const auto project = test::two_storeys();
    const auto& option = project.options[0];
    const auto through = cut_section(project, option, {1.5, -5}, {1.5, 15}),
               beside = cut_section(project, option, {4.5, -5}, {4.5, 15});
    EXPECT_GT(area(beside.solid) - area(through.solid), 5 * 0.3) << "5 m of slab less, and the tall window";
    EXPECT_NEAR(through.high.y, 3.1 + 2.4 + 4 * std::tan(radians(30)) + 0.3 / std::cos(radians(30)), 1e-2);
}

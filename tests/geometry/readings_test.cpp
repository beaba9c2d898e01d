// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "edit/edit.h"
#include "edit/items.h"
#include "geometry/readings.h"
#include "store/project_file.h"
#include "support.h"

namespace wp::geometry {
namespace {

using model::Thing;

model::Project with_table() {
    auto p = test::one_room();
    Thing table;
    table.id = table.name = "table";
    table.kind = Thing::Kind::table;
    table.storey = "ground";
    table.at = {1, 4};
    table.width = 1.2;
    table.length = 0.8;
    table.height = 0.74;
    p.options[0].things.push_back(table);
    return p;
}

TEST(Readings, lie_on_what_is_highest_below_the_cut) {
    const auto p = with_table();
    const auto& option = p.options[0];
    const auto surfaces = build_surfaces(p, option);
    const auto on_table = reading_under(option, surfaces, 0, {1, 4}, 1.35);
    ASSERT_TRUE(on_table);
    EXPECT_NEAR(on_table->at.z, 0.74 + kReadingLift, 1e-6);
    EXPECT_EQ(on_table->room, "room");
    EXPECT_NEAR(on_table->facing.z, 1, 1e-9);
    // Over bare floor the room's plane is meant, which lies at its own height.
    const auto on_plane = reading_under(option, surfaces, 0, {3, 2}, 1.35);
    ASSERT_TRUE(on_plane);
    EXPECT_NEAR(on_plane->at.z, option.planes[0].height, 1e-6);
    // A cut below the table's top looks under it.
    const auto under = reading_under(option, surfaces, 0, {1, 4}, 0.5);
    ASSERT_TRUE(under);
    EXPECT_LT(under->at.z, 0.8);
}

TEST(Readings, outdoors_lie_on_the_ground) {
    const auto p = with_table();
    const auto out = reading_under(p.options[0], build_surfaces(p, p.options[0]), 0, {10, -5}, 1.35);
    ASSERT_TRUE(out);
    EXPECT_TRUE(out->room.empty());
    EXPECT_NEAR(out->at.z, kReadingLift, 1e-6);
}

TEST(Readings, on_walls_face_the_room_from_its_inner_face) {
    const auto p = test::one_room();
    const auto on_wall = reading_on_wall(p.options[0], 0, "room", 2, 1.5);  // the north wall, drawn along y = 6
    ASSERT_TRUE(on_wall);
    EXPECT_NEAR(on_wall->facing.y, -1, 1e-9);
    EXPECT_NEAR(on_wall->at.x, 2.5, 1e-9);
    EXPECT_LE(on_wall->at.y, 6 - kReadingLift + 1e-9);
    EXPECT_GT(on_wall->at.y, 5.6);
    EXPECT_NEAR(on_wall->at.z, kWallReading, 1e-9);
}

TEST(Readings, are_planes_of_one_point_that_face_as_they_do) {
    auto p = test::one_room();
    model::Reading r;
    r.id = r.name = "reading-01";
    r.room = "room";
    r.at = {2, 5.9, 1.2};
    r.facing = {0, -1, 0};
    p.options[0].readings = {r};
    const auto points = reading_points(p.options[0]);
    ASSERT_EQ(points.size(), 1u);
    EXPECT_EQ(points[0].plane, "reading-01");
    EXPECT_EQ(points[0].space, 0);
    EXPECT_EQ(points[0].storey, "ground");
    ASSERT_EQ(points[0].points.size(), 1u);
    EXPECT_NEAR(dot(cross(points[0].across, points[0].up), points[0].normal), 1, 1e-12);
    const Vec3 middle = points[0].corner + points[0].across * (points[0].dx / 2) + points[0].up * (points[0].dy / 2);
    EXPECT_NEAR(length(middle - r.at), 0, 1e-12);
}

TEST(Readings, go_with_their_room_and_are_kept_in_the_file) {
    auto p = test::one_room();
    model::Reading r;
    r.id = "reading-01";
    r.name = "By the door";
    r.room = "room";
    r.at = {1, 2, 0.75};
    r.facing = {0, -1, 0};
    p.options[0].readings = {r};
    const auto again = store::parse_project(store::write_project(p), "test");
    ASSERT_TRUE(again);
    EXPECT_EQ(again->options[0].readings, p.options[0].readings);

    auto& option = p.options[0];
    edit::place_items(option, {{model::Item::Kind::room, "room", -1}}, edit::Placing::turn({0, 0}, 90));
    EXPECT_NEAR(option.readings[0].at.x, -2, 1e-9);
    EXPECT_NEAR(option.readings[0].at.y, 1, 1e-9);
    EXPECT_NEAR(option.readings[0].facing.x, 1, 1e-9);
    const auto made =
        edit::copy_items(option, {{model::Item::Kind::reading, "reading-01", -1}}, 0, edit::Placing::move({1, 0}));
    ASSERT_EQ(made.size(), 1u);
    EXPECT_EQ(option.readings.size(), 2u);
    EXPECT_EQ(edit::storey_of(option, made[0]), 0u);
    edit::remove_items(option, {{model::Item::Kind::room, "room", -1}});
    EXPECT_TRUE(option.readings.empty());
}

}  // namespace
}  // namespace wp::geometry

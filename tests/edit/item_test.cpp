// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/items.h"

#include <gtest/gtest.h>

#include "edit/edit.h"
#include "geometry/random_building.h"
#include "support.h"

using namespace wp;
using namespace wp::model;
using namespace wp::edit;
using Kind = Item::Kind;

TEST(Items, are_found_by_name_whatever_the_case) {
    const auto project = test::two_storeys();
    const auto found = find_by_name(project.options[0], "STUD");
    ASSERT_EQ(found.size(), 1u);
    EXPECT_EQ(found[0].kind, Kind::room);
    EXPECT_EQ(find_by_name(project.options[0], "roof").size(), 1u);
    EXPECT_TRUE(find_by_name(project.options[0], "cellar").empty());
    EXPECT_EQ(find_by_name(project.options[0], "tall").at(0).kind, Kind::opening);
}

TEST(Items, know_their_storey_their_name_and_whether_they_are_there) {
    auto project = test::two_storeys();
    Option& option = project.options[0];
    EXPECT_EQ(storey_of(option, {Kind::room, "study", -1}), 1u);
    EXPECT_EQ(storey_of(option, {Kind::floor_void, "open", -1}), 1u);
    EXPECT_EQ(storey_of(option, {Kind::observer, "eye", -1}), 0u);
    EXPECT_EQ(storey_of(option, {Kind::room, "cellar", -1}), 2u);
    EXPECT_EQ(item_name(option, {Kind::wall, "shop", 2}), "shop, wall 3");
    EXPECT_TRUE(exists(option, {Kind::wall, "shop", 3}));
    EXPECT_FALSE(exists(option, {Kind::wall, "shop", 4}));
    EXPECT_FALSE(exists(option, {Kind::opening, "shop", -1})) << "a room is no opening";
    rename(option, {Kind::roof, "roof", -1}, "Slate roof");
    EXPECT_EQ(item_name(option, {Kind::roof, "roof", -1}), "Slate roof");
}

TEST(Items, fresh_ids_are_taken_by_nothing) {
    auto project = test::two_storeys();
    Option& option = project.options[0];
    option.storeys[1].rooflights[0].id = "R-01";
    option.storeys[1].partitions.push_back({"R-02", "screen", {0, 0}, {1, 0}, 0.1, 1, "grey", ""});
    EXPECT_EQ(fresh_id(option, "R"), "R-03");
}

TEST(Items, what_is_inserted_from_another_drawing_keeps_nothing_of_its_ids) {
    auto project = test::two_storeys();
    Option& option = project.options[0];
    const Option before = option;
    const auto made =
        edit::insert_items(option, 1, before.storeys[0], before.planes, before.things, edit::Placing::move({20, 0}));
    EXPECT_EQ(made.size(), 3u);
    EXPECT_EQ(option.storeys.size(), 2u);
    EXPECT_EQ(option.storeys[1].rooms.size(), 5u);
    EXPECT_EQ(option.planes.size(), before.planes.size() + 1) << "the hall's plane came along, under an id of its own";
    for (const Item& item : made) {
        EXPECT_TRUE(exists(option, item));
        EXPECT_EQ(item.id.find("inserted:"), std::string::npos);
    }
    EXPECT_NEAR(find_room(option, made[0].id).room->footprint[0].x, 20, 1e-9);
    EXPECT_EQ(option.storeys[0], before.storeys[0]);
}

TEST(Items, openings_at_equal_distances) {
    auto project = test::one_room();
    Option& option = project.options[0];
    Room& room = option.storeys[0].rooms[0];
    room.footprint = {{0, 0}, {10, 0}, {10, 6}, {0, 6}};
    const Opening window = room.openings[0];
    room.openings.clear();
    edit::Items items;
    for (const double along : {0.5, 1.2, 7.0}) {
        Opening o = window;
        o.id = o.name = "W" + std::to_string(room.openings.size());
        o.along = along;
        o.width = 0.6;
        room.openings.push_back(o);
        items.push_back({Kind::opening, o.id, -1});
    }
    ASSERT_TRUE(edit::spread_openings(option, items));
    EXPECT_NEAR(room.openings[1].along, (0.5 + 7.0) / 2, 1e-9);
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Luminaires in rows and fields, on walls and tables, and the circuits that rows form.
#include "edit/luminaires.h"

#include <gtest/gtest.h>

#include "edit/edit.h"
#include "edit/items.h"
#include "support.h"

using namespace wp;
using namespace wp::model;

namespace {

Luminaire like() {
    Luminaire l;
    l.type = "panel";
    l.storey = "ground";
    l.height = 2.9;
    return l;
}

// The room with so many columns and rows.
Option with_field(int columns, int rows) {
    Option o = test::one_room().options[0];
    for (auto& l : edit::luminaire_field(like(), o.storeys[0].rooms[0], columns, rows)) edit::add_luminaire(o, l);
    return o;
}

}  // namespace

TEST(LuminairesPlaced, a_row_stands_half_a_gap_from_its_ends) {
    const auto row = edit::luminaire_row(like(), {0, 1}, {4, 1}, 4, true);
    ASSERT_EQ(row.size(), 4u);
    for (size_t i = 0; i < 4; ++i) {
        EXPECT_NEAR(row[i].at.x, 0.5 + static_cast<double>(i), 1e-9);
        EXPECT_NEAR(row[i].at.y, 1, 1e-9);
        EXPECT_NEAR(row[i].turn, -90, 1e-9);  // C 90 looks along the row
    }
}

TEST(LuminairesPlaced, a_field_fills_the_room_and_leaves_out_what_hangs_outside) {
    Option o = test::one_room().options[0];
    Room& room = o.storeys[0].rooms[0];
    EXPECT_EQ(edit::luminaire_field(like(), room, 2, 3).size(), 6u);
    room.footprint = {{0, 0}, {4, 0}, {4, 3}, {2, 3}, {2, 6}, {0, 6}};
    EXPECT_EQ(edit::luminaire_field(like(), room, 2, 4).size(), 6u);
    // 4 by 6 m: two by three is as even as can be; seven take more.
    room.footprint = {{0, 0}, {4, 0}, {4, 6}, {0, 6}};
    EXPECT_EQ(edit::field_of(room, 6), std::pair(2, 3));
    const auto [columns, rows] = edit::field_of(room, 7);
    EXPECT_GE(columns * rows, 7);
    EXPECT_LE(columns * rows, 9);
}

TEST(LuminairesPlaced, the_next_one_hangs_like_the_last_of_its_kind) {
    Option o = test::one_room().options[0];
    const auto first = edit::next_luminaire(o, 0, "panel", {1, 1});
    EXPECT_NEAR(first.height, o.storeys[0].rooms[0].height - 0.05, 1e-9);
    EXPECT_EQ(first.storey, "ground");
    auto hung = first;
    hung.height = 2.2;
    hung.turn = 30;
    edit::add_luminaire(o, hung);
    const auto next = edit::next_luminaire(o, 0, "panel", {2, 2});
    EXPECT_EQ(next.height, 2.2);
    EXPECT_EQ(next.turn, 30);
    EXPECT_EQ(next.at, (Vec2{2, 2}));
    EXPECT_TRUE(next.id.empty());
}

TEST(LuminairesPlaced, on_a_wall_it_looks_into_the_room_and_on_a_table_it_stands) {
    Option o = test::one_room().options[0];
    auto l = like();
    l.at = {3.7, 3};
    const auto wall = edit::mounted(o, l, edit::Mount::wall);
    EXPECT_NEAR(wall.at.x, 3.95, 1e-9);
    EXPECT_NEAR(std::cos(radians(wall.turn)), -1, 1e-9);  // C 0 away from the wall
    Thing table = usual(Thing::Kind::table);
    table.storey = "ground";
    table.at = {3.5, 3};
    o.things = {table};
    EXPECT_NEAR(edit::mounted(o, l, edit::Mount::table).height, table.height + 0.45, 1e-9);
    EXPECT_NEAR(edit::mounted(o, l, edit::Mount::ceiling).height, 2.95, 1e-9);
}

TEST(LuminairesPlaced, rows_parallel_to_the_windows_become_circuits) {
    Option o = with_field(3, 2);
    // What stood for light there until now tells what is wanted.
    Lighting plain;
    plain.id = "plain";
    plain.plane = "plane";
    plain.target = 350;
    o.lighting = {plain};
    const auto made = edit::circuits_by_rows(o, "room");
    ASSERT_EQ(made.size(), 2u);
    ASSERT_EQ(o.lighting.size(), 2u) << "the plain power is gone";
    EXPECT_EQ(o.lighting[0].target, 350);
    // The window is in the wall y = 0: the first row is the one by it, its sensor under its middle.
    for (const Luminaire& l : o.luminaires) EXPECT_EQ(l.circuit, made[l.at.y < 3 ? 0 : 1]);
    EXPECT_NEAR(o.lighting[0].sensor.y, 1.5, 1e-9);
    EXPECT_EQ(o.lighting[0].plane, "plane");
    // Again: those before go, for nothing hangs on them.
    const auto again = edit::circuits_by_rows(o, "room");
    EXPECT_EQ(o.lighting.size(), 2u);
    // One of some of them takes these from the others; a scene forgets what is gone.
    LightScene scene;
    scene.levels = {{again[0], 1}, {again[1], 0.5}};
    o.scenes = {scene};
    std::vector<Id> front;
    for (const Luminaire& l : o.luminaires)
        if (l.circuit == again[0]) front.push_back(l.id);
    ASSERT_TRUE(edit::circuit_of(o, front));
    EXPECT_EQ(o.scenes[0].levels.size(), 1u);
    o.planes.clear();
    EXPECT_TRUE(edit::circuits_by_rows(o, "room").empty());
}

TEST(LuminairesPlaced, they_go_with_their_room_turned_and_mirrored) {
    Option o = with_field(1, 1);
    o.luminaires[0].at = {1, 2};
    o.luminaires[0].turn = 0;
    Option turned = o;
    edit::place_items(turned, {{Item::Kind::room, "room", -1}}, edit::Placing::turn({0, 0}, 90));
    EXPECT_NEAR(turned.luminaires[0].at.x, -2, 1e-9);
    EXPECT_NEAR(turned.luminaires[0].at.y, 1, 1e-9);
    EXPECT_NEAR(std::cos(radians(turned.luminaires[0].turn - 90)), 1, 1e-9);
    Option copied = o;
    edit::copy_items(copied, {{Item::Kind::room, "room", -1}}, 0, edit::Placing::move({10, 0}));
    ASSERT_EQ(copied.luminaires.size(), 2u);
    EXPECT_NEAR(copied.luminaires[1].at.x, 11, 1e-9);
    EXPECT_NE(copied.luminaires[1].id, copied.luminaires[0].id);
    edit::remove_items(o, {{Item::Kind::luminaire, o.luminaires[0].id, -1}});
    EXPECT_TRUE(o.luminaires.empty());
}

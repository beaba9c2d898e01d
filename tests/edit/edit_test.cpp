// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/edit.h"

#include <gtest/gtest.h>
#include <rapidcheck.h>

#include "check/check.h"
#include "geometry/leaks.h"
#include "geometry/random_building.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;
using namespace wp::edit;
using namespace wp::check;
using namespace wp::model;

namespace {

// Two rooms of 4 x 3 m side by side over one of 8 x 3 m; a window in each outside wall to the south and north.
Option three_rooms() {
    auto project = test::one_room();
    Option option = project.options[0];
    const Opening window = option.storeys[0].rooms[0].openings[0];
    const auto room = [&](const char* id, double x0, double y0, double x1, double y1, int edge) {
        Room r = option.storeys[0].rooms[0];
        r.id = r.name = id;
        r.footprint = {{x0, y0}, {x1, y0}, {x1, y1}, {x0, y1}};
        r.openings = {window};
        r.openings[0].id = r.openings[0].name = std::string("W-") + id;
        r.openings[0].edge = edge;
        return r;
    };
    option.storeys[0].rooms = {room("left", 0, 3, 4, 6, 2), room("right", 4, 3, 8, 6, 2), room("south", 0, 0, 8, 3, 0)};
    option.planes[0].room = "left";
    option.observers[0].room = "left";
    return option;
}

Room& room_of(Option& option, const char* id) { return *find_room(option, id).room; }
double area(Option& option, const char* id) { return signed_area(room_of(option, id).footprint); }
Item item(Item::Kind kind, const char* id, int edge = -1) { return {kind, id, edge}; }

}  // namespace

TEST(Edit, a_moved_wall_takes_its_neighbours_along) {
    Option option = three_rooms();
    ASSERT_TRUE(move_edge(option, 0, "south", 2, 0.5));  // the long wall northwards
    EXPECT_NEAR(area(option, "south"), 8 * 3.5, 1e-9);
    EXPECT_NEAR(area(option, "left"), 4 * 2.5, 1e-9);
    EXPECT_NEAR(area(option, "right"), 4 * 2.5, 1e-9);
    EXPECT_TRUE(check_drawing(option).empty());
}

TEST(Edit, a_stretched_wall_moves_the_one_at_its_far_end) {
    Option option = three_rooms();
    ASSERT_TRUE(stretch_wall(option, 0, "left", 0, 0.5));
    EXPECT_NEAR(area(option, "left"), 4.5 * 3, 1e-9);
    EXPECT_NEAR(area(option, "right"), 3.5 * 3, 1e-9);
    EXPECT_FALSE(stretch_wall(option, 0, "left", 9, 0.5));
}

TEST(Edit, part_of_a_long_wall_moves_and_leaves_a_jog) {
    Option option = three_rooms();
    ASSERT_TRUE(move_edge(option, 0, "left", 0, 0.5));  // its south wall, southwards: half of the long one
    EXPECT_NEAR(area(option, "left"), 4 * 3.5, 1e-9);
    EXPECT_NEAR(area(option, "right"), 4 * 3, 1e-9);
    EXPECT_NEAR(area(option, "south"), 8 * 3 - 4 * 0.5, 1e-9);
    EXPECT_EQ(room_of(option, "south").footprint.size(), 6u);
    EXPECT_TRUE(check_drawing(option).empty()) << check_drawing(option)[0].what;
}

TEST(Edit, a_wall_between_two_rooms_moves_for_both) {
    Option option = three_rooms();
    ASSERT_TRUE(move_edge(option, 0, "left", 1, 1));
    EXPECT_NEAR(area(option, "left"), 15, 1e-9);
    EXPECT_NEAR(area(option, "right"), 9, 1e-9);
    EXPECT_NEAR(area(option, "south"), 24, 1e-9);
    EXPECT_FALSE(move_edge(option, 0, "left", 1, 2.95)) << "no room may vanish";
    EXPECT_NEAR(area(option, "right"), 9, 1e-9);
}

TEST(Edit, a_corner_that_three_rooms_share_stays_shared) {
    Option option = three_rooms();
    ASSERT_TRUE(add_corner(room_of(option, "south"), 2, 4));
    ASSERT_TRUE(move_corner(option, 0, "left", 1, {4.3, 3.4}));
    EXPECT_NEAR(area(option, "left") + area(option, "right") + area(option, "south"), 48, 1e-9);
    EXPECT_TRUE(check_drawing(option).empty());
}

TEST(Edit, a_split_room_is_two_that_share_the_new_wall) {
    Option option = three_rooms();
    const Id made = split_room(option, 0, "south", {5, 0}, {5, 3});
    ASSERT_FALSE(made.empty());
    EXPECT_NEAR(area(option, "south") + area(option, made.c_str()), 24, 1e-6);
    size_t openings = room_of(option, "south").openings.size() + room_of(option, made.c_str()).openings.size();
    EXPECT_EQ(openings, 1u);
    EXPECT_TRUE(check_drawing(option).empty());
    EXPECT_TRUE(join_rooms(option, 0, "south", made));
    EXPECT_NEAR(area(option, "south"), 24, 1e-3);
    EXPECT_EQ(room_of(option, "south").footprint.size(), 4u);
    EXPECT_EQ(room_of(option, "south").openings.size(), 1u);
    EXPECT_TRUE(split_room(option, 0, "south", {-1, -1}, {9, -1}).empty()) << "a line beside the room cuts nothing";
}

TEST(Edit, deleting_one_thing_deletes_only_that) {
    const Option before = three_rooms();
    Option option = before;
    ASSERT_TRUE(remove_items(option, {item(Item::Kind::room, "right")}));
    EXPECT_EQ(option.storeys[0].rooms.size(), 2u);
    EXPECT_EQ(option.planes.size(), 1u);
    EXPECT_EQ(option.storeys[0].rooms[0], before.storeys[0].rooms[0]);
    option = before;
    ASSERT_TRUE(remove_items(option, {item(Item::Kind::wall, "left", 1)}));
    EXPECT_EQ(option.storeys[0].rooms.size(), 2u);
    EXPECT_NEAR(area(option, "left"), 24, 1e-3) << "without the wall between them two rooms are one";
    EXPECT_EQ(room_of(option, "left").openings.size(), 2u);
    option = before;
    ASSERT_TRUE(remove_items(option, {item(Item::Kind::wall, "south", 0)}));
    ASSERT_EQ(room_of(option, "south").openings.size(), 1u);
    EXPECT_EQ(room_of(option, "south").openings[0].kind, Opening::Kind::opening_void)
        << "without an outside wall the room is open there";
    option = before;
    ASSERT_TRUE(remove_items(option, {item(Item::Kind::opening, "W-left")}));
    EXPECT_TRUE(room_of(option, "left").openings.empty());
    EXPECT_EQ(room_of(option, "right"), find_room(before, "right").room[0]);
}

TEST(Edit, a_room_turned_four_times_is_where_it_was) {
    Option option = three_rooms();
    const Room before = room_of(option, "left");
    for (int i = 0; i < 4; ++i)
        ASSERT_TRUE(place_items(option, {item(Item::Kind::room, "left")}, Placing::turn({1, 1}, 90)));
    for (size_t i = 0; i < 4; ++i) EXPECT_LT(length(room_of(option, "left").footprint[i] - before.footprint[i]), 1e-9);
}

TEST(Edit, a_mirrored_room_keeps_its_window_in_its_wall) {
    Option option = three_rooms();
    Room& left = room_of(option, "left");
    left.openings[0].along = 0.2;
    set_own_thickness(left, 2, 0.5);
    const auto jamb = [](const Room& r) {
        const Opening& o = r.openings[0];
        const Vec2 a = edge_begin(r, o.edge);
        return a + normalized(edge_end(r, o.edge) - a) * o.along;
    };
    const Vec2 before = jamb(left);
    ASSERT_TRUE(place_items(option, {item(Item::Kind::room, "left")}, Placing::mirror({0, 0}, {0, 1})));
    EXPECT_GT(signed_area(left.footprint), 0);
    const Opening& o = left.openings[0];
    const Vec2 a = edge_begin(left, o.edge), far = a + normalized(edge_end(left, o.edge) - a) * (o.along + o.width);
    EXPECT_NEAR(far.x, -before.x, 1e-9);
    EXPECT_NEAR(far.y, before.y, 1e-9);
    EXPECT_EQ(own_thickness(left, o.edge, 0), 0.5);
}

TEST(Edit, a_copy_on_another_storey_has_ids_of_its_own) {
    Option option = three_rooms();
    const size_t upper = add_storey(option, 0, true);
    ASSERT_EQ(upper, 1u);
    EXPECT_EQ(option.storeys[1].rooms.size(), 3u);
    EXPECT_NEAR(option.storeys[1].level, 3 + option.roof, 1e-9);
    std::set<Id> ids;
    for (const Storey& storey : option.storeys)
        for (const Room& room : storey.rooms) {
            EXPECT_TRUE(ids.insert(room.id).second);
            for (const Opening& o : room.openings) EXPECT_TRUE(ids.insert(o.id).second);
        }
    EXPECT_EQ(option.planes.size(), 2u);
    EXPECT_EQ(option.observers.size(), 2u);
    EXPECT_NEAR(option.observers[1].eye.z - option.observers[0].eye.z, option.storeys[1].level, 1e-9);
    ASSERT_TRUE(move_storey(option, 1, 0));
    EXPECT_NEAR(option.storeys[0].level, 0, 1e-9);
    ASSERT_TRUE(remove_storey(option, 0));
    EXPECT_EQ(option.storeys.size(), 1u);
    EXPECT_EQ(option.planes.size(), 1u);
    EXPECT_FALSE(remove_storey(option, 0)) << "one storey remains";
}

TEST(Edit, as_many_windows_as_fit_stand_equally_apart) {
    Option option = three_rooms();
    Opening& first = room_of(option, "south").openings[0];
    first.width = 1;
    EXPECT_EQ(fill_wall(option, first.id, 0.5), 5);  // 8 m: five of 1 m and six of at least 0.5 m
    const Room& south = room_of(option, "south");
    ASSERT_EQ(south.openings.size(), 5u);
    for (size_t i = 0; i < 5; ++i) EXPECT_NEAR(south.openings[i].along, 0.5 + 1.5 * static_cast<double>(i), 1e-9);
}

TEST(Edit, a_window_takes_its_share_of_the_wall) {
    Option option = three_rooms();
    Opening& o = room_of(option, "south").openings[0];
    ASSERT_TRUE(take_share_of_wall(option, o.id, 0.4));
    EXPECT_NEAR(o.width * o.height, 0.4 * 8 * 3, 1e-9);
    ASSERT_TRUE(take_share_of_wall(option, o.id, 0.8)) << "then it grows in height";
    EXPECT_NEAR(o.width * o.height, 0.8 * 8 * 3, 1e-9);
    ASSERT_TRUE(make_full_height(option, o.id));
    EXPECT_NEAR(o.sill, 0, 1e-9);
    EXPECT_NEAR(o.height, 3, 1e-6);
}

TEST(Edit, heads_line_up) {
    Option option = three_rooms();
    Opening& low = room_of(option, "right").openings[0];
    low.height = 0.8;
    ASSERT_TRUE(align_openings(option, {item(Item::Kind::opening, "W-left"), item(Item::Kind::opening, "W-right")},
                               Align::head));
    EXPECT_NEAR(low.sill + low.height, 2.5, 1e-9);
}

TEST(Edit, both_sides_of_a_wall_agree_on_its_thickness) {
    Option option = three_rooms();
    set_wall_thickness(option, 0, "left", 1, 0.3);
    EXPECT_EQ(own_thickness(room_of(option, "right"), 3, 0), 0.3);
    EXPECT_EQ(own_thickness(room_of(option, "south"), 2, 0), 0);
}

TEST(Edit, rooms_grow_on_all_sides) {
    Option option = three_rooms();
    ASSERT_TRUE(offset_room(option, 0, "south", 0.5));
    EXPECT_NEAR(area(option, "south"), 9 * 4, 1e-9);
    EXPECT_FALSE(offset_room(option, 0, "south", -2.1));
}

TEST(Edit, moving_walls_of_random_buildings_keeps_them_closed) {
    EXPECT_TRUE(rc::check("a moved wall leaves no gap", [](uint32_t seed) {
        auto project = test::random_building(seed);
        Option& option = project.options[0];
        Storey& storey = option.storeys[0];
        const auto pick = *rc::gen::inRange<size_t>(0, storey.rooms.size());
        const auto edge = *rc::gen::inRange(0, static_cast<int>(storey.rooms[pick].footprint.size()));
        const double by = *rc::gen::inRange(-40, 40) / 100.0;
        const auto overlaps = [&] {
            const auto faults = check_drawing(option);
            return std::count_if(faults.begin(), faults.end(), [](const ModelFault& f) {
                return f.kind == ModelFault::Kind::rooms_overlap && f.storey == 0;
            });
        };
        const auto before = overlaps();
        const Option untouched = option;
        if (!move_edge(option, 0, storey.rooms[pick].id, edge, by))
            RC_ASSERT(option == untouched);
        else
            RC_ASSERT(overlaps() <= before);
        for (const Room& room : option.storeys[0].rooms) RC_ASSERT(signed_area(room.footprint) > 0.2);
    }));
}

TEST(ModelCheck, a_corner_three_centimetres_off_is_found_and_mended) {
    Option option = three_rooms();
    room_of(option, "right").footprint[0].x += 0.03;
    const auto faults = check_drawing(option);
    ASSERT_EQ(faults.size(), 1u) << faults.back().what;
    EXPECT_EQ(faults[0].kind, ModelFault::Kind::near_miss);
    EXPECT_NE(faults[0].what.find("3.0 cm"), std::string::npos);
    ASSERT_TRUE(mend_drawing(option, faults[0]));
    EXPECT_TRUE(check_drawing(option).empty());
    EXPECT_EQ(room_of(option, "left").footprint[1], room_of(option, "right").footprint[0])
        << "either may have moved; they meet";
}

TEST(ModelCheck, overlapping_rooms_are_found_and_parted) {
    Option option = three_rooms();
    for (Vec2& p : room_of(option, "right").footprint) p.x -= 1;
    const auto faults = check_drawing(option);
    ASSERT_FALSE(faults.empty());
    EXPECT_EQ(faults[0].kind, ModelFault::Kind::rooms_overlap);
    EXPECT_NE(faults[0].what.find("3.00 m"), std::string::npos) << faults[0].what;
    ASSERT_TRUE(mend_drawing(option, faults[0]));
    EXPECT_NEAR(area(option, "right"), 9, 1e-6);
    EXPECT_EQ(room_of(option, "right").openings.size(), 1u);
}

TEST(ModelCheck, openings_that_meet_from_both_sides_of_a_wall_are_found) {
    Option option = three_rooms();
    Opening door = room_of(option, "left").openings[0];
    door.edge = 1;
    door.along = 0.5;
    door.width = 1;
    door.id = door.name = "one";
    room_of(option, "left").openings.push_back(door);
    door.id = door.name = "other";
    door.edge = 3;
    door.along = 1.6;  // from the other end: 3 - 1.6 - 1 = 0.4 to 1.4
    room_of(option, "right").openings.push_back(door);
    const auto faults = check_drawing(option);
    ASSERT_EQ(faults.size(), 1u);
    EXPECT_EQ(faults[0].kind, ModelFault::Kind::openings_overlap);
    ASSERT_TRUE(mend_drawing(option, faults[0]));
    EXPECT_TRUE(check_drawing(option).empty());
}

TEST(ModelCheck, what_reaches_past_its_wall_is_told_and_fitted) {
    Option option = three_rooms();
    room_of(option, "left").openings[0].height = 4;
    auto faults = check_drawing(option);
    ASSERT_EQ(faults.size(), 1u);
    EXPECT_EQ(faults[0].kind, ModelFault::Kind::opening_off_wall);
    ASSERT_TRUE(mend_drawing(option, faults[0]));
    EXPECT_TRUE(check_drawing(option).empty());
}

TEST(ModelCheck, voids_and_rooflights_out_of_place_are_told) {
    auto project = test::two_storeys();
    Option& option = project.options[0];
    EXPECT_TRUE(check_drawing(option).empty()) << check_drawing(option)[0].what;
    option.storeys[1].voids[0].outline = {{30, 30}, {32, 30}, {32, 32}, {30, 32}};
    option.storeys[1].rooflights[0].centre = {9, 4};  // astride the ridge
    const auto faults = check_drawing(option);
    ASSERT_EQ(faults.size(), 3u) << "the tall window lost its void, too";
    EXPECT_EQ(faults[0].kind, ModelFault::Kind::opening_off_wall);
    EXPECT_EQ(faults[1].kind, ModelFault::Kind::void_without_rooms);
    EXPECT_EQ(faults[2].kind, ModelFault::Kind::rooflight_off_roof);
}

TEST(ModelCheck, the_demo_has_no_faults) {
    const auto project = store::read_project(WARMPANE_DEMO);
    ASSERT_TRUE(project);
    for (const Option& option : project->options)
        for (const auto& fault : check_drawing(option)) ADD_FAILURE() << option.name << ": " << fault.what;
}

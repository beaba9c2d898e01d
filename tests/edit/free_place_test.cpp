// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/free_place.h"

#include <gtest/gtest.h>

namespace wp::geometry {

namespace {

model::Opening window(const char* id, double along, double width = 1.2) {
    model::Opening o;
    o.id = id;
    o.along = along;
    o.width = width;
    o.sill = 0.9;
    o.height = 1.5;
    return o;
}

model::Room room_with(std::vector<model::Opening> openings) {
    model::Room room;
    room.openings = std::move(openings);
    return room;
}

}  // namespace

TEST(FreePlace, is_where_the_opening_stands_if_nothing_is_there) {
    const auto room = room_with({window("a", 3.0)});
    EXPECT_EQ(free_place(room, window("b", 0.5), 6), 0.5);
}

TEST(FreePlace, is_right_beside_what_would_be_covered_on_the_nearer_side) {
    const auto room = room_with({window("a", 2.0)});
    EXPECT_NEAR(*free_place(room, window("b", 2.9), 6), 3.22, 1e-12);
    EXPECT_NEAR(*free_place(room, window("b", 1.3), 6), 0.78, 1e-12);
}

TEST(FreePlace, leaps_over_a_row_that_leaves_no_gap_wide_enough) {
    const auto room = room_with({window("a", 1.0), window("b", 3.0), window("c", 5.0)});
    EXPECT_NEAR(*free_place(room, window("d", 3.4), 8), 6.22, 1e-12);
}

TEST(FreePlace, is_none_in_a_wall_that_is_full) {
    EXPECT_FALSE(free_place(room_with({window("a", 0.5)}), window("b", 0.4), 2.2));
    EXPECT_FALSE(free_place(room_with({}), window("b", 0, 3.0), 2.2)) << "nor in one that is too short";
}

TEST(FreePlace, may_be_above_another_and_in_another_wall) {
    auto above = window("b", 2.0), elsewhere = window("c", 2.0);
    above.sill = 2.4;
    elsewhere.edge = 1;
    const auto room = room_with({window("a", 2.0)});
    EXPECT_EQ(free_place(room, above, 6), 2.0);
    EXPECT_EQ(free_place(room, elsewhere, 6), 2.0);
}

}  // namespace wp::geometry

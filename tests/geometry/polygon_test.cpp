// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/polygon.h"

#include <gtest/gtest.h>

using namespace wp;
using namespace wp::geometry;

namespace {

const Polygon kSquare = {{0, 0}, {4, 0}, {4, 4}, {0, 4}};
const Polygon kL = {{0, 0}, {6, 0}, {6, 2}, {2, 2}, {2, 5}, {0, 5}};

double area(const std::vector<std::array<Vec2, 3>>& triangles) {
    double sum = 0;
    for (const auto& t : triangles) {
        const double a = cross(t[1] - t[0], t[2] - t[0]) / 2;
        EXPECT_GT(a, 0);
        sum += a;
    }
    return sum;
}

}  // namespace

TEST(Polygons, triangles_fill_a_room_of_any_shape) {
    EXPECT_NEAR(area(triangulate({kSquare, {}})), 16, 1e-9);
    EXPECT_NEAR(area(triangulate({kL, {}})), 18, 1e-9);
    Polygon star;
    for (int i = 0; i < 14; ++i)
        star.push_back(Vec2{std::cos(kPi * i / 7), std::sin(kPi * i / 7)} * (i % 2 == 0 ? 3.0 : 1.0));
    EXPECT_NEAR(area(triangulate({star, {}})), signed_area(star), 1e-9);
}

TEST(Polygons, triangles_leave_holes_open) {
    const Polygon a = {{1, 1}, {1, 2}, {2, 2}, {2, 1}}, b = {{2.5, 2.5}, {2.5, 3.5}, {3.5, 3.5}, {3.5, 2.5}};
    EXPECT_NEAR(area(triangulate({kSquare, {a, b}})), 14, 1e-9);
}

TEST(Polygons, walls_grow_outwards_with_square_corners) {
    const auto grown = offset_union({kSquare}, 0.5);
    ASSERT_EQ(grown.size(), 1u);
    EXPECT_NEAR(signed_area(grown[0].outer), 25, 1e-6);
    const auto two = offset_union({kSquare, {{4.2, 0}, {8, 0}, {8, 4}, {4.2, 4}}}, 0.3);
    ASSERT_EQ(two.size(), 1u) << "the wall between two rooms is one mass with the outer walls";
    EXPECT_NEAR(signed_area(two[0].outer), 8.6 * 4.6, 1e-6);
}

TEST(Polygons, an_outline_that_crosses_itself_is_found) {
    EXPECT_FALSE(crosses_itself(kL));
    EXPECT_TRUE(crosses_itself({{0, 0}, {2, 2}, {2, 0}, {0, 2}}));
    EXPECT_FALSE(crosses_itself({{0, 0}, {6, 0}, {6, 4}, {4, 4}, {4, 2}, {2, 2}, {2, 4}, {0, 4}}))
        << "two walls on one line";
}

TEST(Polygons, inside_is_told_from_outside) {
    EXPECT_TRUE(contains(kL, {1, 4}));
    EXPECT_FALSE(contains(kL, {4, 4}));
    EXPECT_NEAR(distance_to_edges(kL, {1, 1}), 1, 1e-12);
}

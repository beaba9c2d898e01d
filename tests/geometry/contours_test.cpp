// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <cmath>
#include <functional>

#include "geometry/contours.h"
#include "geometry/polygon.h"

namespace wp::geometry {
namespace {

Lattice sampled(int columns, int rows, const std::function<double(double, double)>& of) {
    Lattice out{columns, rows, {}};
    for (int j = 0; j < rows; ++j)
        for (int i = 0; i < columns; ++i) out.cell.push_back(of(i + 0.5, j + 0.5));
    return out;
}

double length_of(const Line& line) {
    double sum = 0;
    for (size_t i = 1; i < line.size(); ++i) sum += length(line[i] - line[i - 1]);
    return sum;
}

double area_of(const std::vector<std::vector<Vec2>>& polygons) {
    double sum = 0;
    for (const auto& p : polygons) sum += std::fabs(signed_area(p));
    return sum;
}

TEST(Contours, of_light_that_falls_evenly_are_straight_and_exactly_placed) {
    const auto slope = sampled(20, 10, [](double x, double) { return 2 * x; });
    const auto lines = contour_lines(slope, 13);
    ASSERT_EQ(lines.size(), 1u);
    for (const Vec2 p : lines[0]) EXPECT_NEAR(p.x, 6.5, 1e-12);
    EXPECT_NEAR(length_of(lines[0]), 9, 1e-12);  // from the lowest row's middles to the highest's
}

TEST(Contours, around_a_patch_are_closed_circles_of_the_right_length) {
    const auto cone = sampled(80, 80, [](double x, double y) { return 40 - std::hypot(x - 40, y - 40); });
    for (const double radius : {5.0, 17.3, 30.0}) {
        const auto lines = contour_lines(cone, 40 - radius);
        ASSERT_EQ(lines.size(), 1u);
        EXPECT_NEAR(length(lines[0].front() - lines[0].back()), 0, 1e-9);
        EXPECT_NEAR(length_of(lines[0]), 2 * kPi * radius, 0.01 * 2 * kPi * radius);
        for (const Vec2 p : lines[0]) EXPECT_NEAR(length(p - Vec2{40, 40}), radius, 0.06);
    }
}

TEST(Contours, of_a_saddle_never_cross) {
    const auto saddle = sampled(2, 2, [](double x, double y) { return (x < 1) == (y < 1) ? 1.0 : 0.0; });
    for (const double level : {0.4, 0.6}) {
        const auto lines = contour_lines(saddle, level);
        ASSERT_EQ(lines.size(), 2u) << level;
        // Each line keeps to its own corner.
        for (const auto& line : lines) EXPECT_LT(length_of(line), 1.0);
    }
}

TEST(Contours, leave_out_places_without_a_value) {
    auto hole = sampled(6, 6, [](double x, double) { return x; });
    hole.cell[3 * 6 + 2] = NAN;
    for (const auto& line : contour_lines(hole, 2.7))
        for (const Vec2 p : line) EXPECT_FALSE(std::isnan(p.x) || std::isnan(p.y));
}

TEST(AreaBeyond, a_level_is_what_lies_on_either_side_of_its_line) {
    const auto slope = sampled(20, 10, [](double x, double) { return x; });
    EXPECT_NEAR(area_of(area_beyond(slope, 6.5, false)), 6.5 * 10, 1e-9);
    EXPECT_NEAR(area_of(area_beyond(slope, 6.5, true)), 13.5 * 10, 1e-9);
    EXPECT_NEAR(area_of(area_beyond(slope, -1, false)), 0, 1e-9);
    EXPECT_NEAR(area_of(area_beyond(slope, 100, false)), 200, 1e-9);
    const auto cone = sampled(80, 80, [](double x, double y) { return 40 - std::hypot(x - 40, y - 40); });
    EXPECT_NEAR(area_of(area_beyond(cone, 20, true)), kPi * 400, 0.01 * kPi * 400);
}

// A lattice on a slope: its shadow in plan is shorter than it is.
TEST(Lattices, know_the_point_of_a_place_on_a_slope_by_its_shadow) {
    PlanePoints ramp;
    ramp.corner = {1, 1, 0};
    ramp.up = {0, 0.8, 0.6};
    ramp.normal = {0, -0.6, 0.8};
    ramp.dx = ramp.dy = 0.5;
    ramp.columns = 4;
    ramp.rows = 2;
    ramp.cell_of = {0, 1, 3, 6};
    const auto cells = ramp.cells_at({1.75, 1.6});
    ASSERT_TRUE(cells);
    EXPECT_NEAR(cells->x, 1.5, 1e-12);
    EXPECT_NEAR(cells->y, 1.5, 1e-12);
    EXPECT_EQ(ramp.point_at({1.25, 1.2}), 0);
    EXPECT_EQ(ramp.point_at({2.25, 1.6}), 3);
    EXPECT_EQ(ramp.point_at({2.25, 1.2}), -1) << "a cell without a point";
    EXPECT_EQ(ramp.point_of(4, 0), -1);
    EXPECT_EQ(ramp.points_of_cells(), (std::vector<int>{0, 1, -1, 2, -1, -1, 3, -1}));
    PlanePoints wall = ramp;
    wall.up = {0, 0, 1};
    EXPECT_FALSE(wall.cells_at({1.25, 1.2})) << "a wall has no places in plan";
}

TEST(Lattices, carry_values_on_where_a_room_has_no_point) {
    PlanePoints plane;
    plane.columns = 3;
    plane.rows = 1;
    plane.cell_of = {0, 2};
    const auto lattice = lattice_of(plane, {1, 3});
    EXPECT_EQ(lattice.at(0, 0), 1);
    EXPECT_EQ(lattice.at(1, 0), 2);
    EXPECT_EQ(lattice.at(2, 0), 3);
}

}  // namespace
}  // namespace wp::geometry

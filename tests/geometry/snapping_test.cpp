// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/snapping.h"

#include <gtest/gtest.h>

#include "support.h"

using namespace wp;
using namespace wp::geometry;

namespace {

const auto kProject = test::one_room();  // 4 x 6 m from the origin

Snap snap(Vec2 p, const SnapSettings& settings = {}, std::optional<Vec2> from = {}) {
    return find_snap(kProject.options[0], 0, p, 0.15, settings, from);
}

}  // namespace

TEST(Snapping, the_nearest_thing_meant_wins) {
    EXPECT_EQ(snap({3.93, 0.05}).kind, Snap::Kind::end);
    EXPECT_EQ(snap({3.93, 0.05}).at, (Vec2{4, 0}));
    EXPECT_EQ(snap({4.05, 3.02}).kind, Snap::Kind::middle);
    EXPECT_EQ(snap({4.1, 1.62}).kind, Snap::Kind::wall);
    EXPECT_NEAR(snap({4.1, 1.62}).at.y, 1.6, 1e-9) << "along the wall by the grid";
    EXPECT_EQ(snap({6.32, 6.07}).kind, Snap::Kind::aligned);
    EXPECT_EQ(snap({6.32, 6.07}).at.y, 6);
    EXPECT_NEAR(snap({6.32, 6.07}).at.x, 6.3, 1e-9);
    EXPECT_EQ(snap({7.72, 8.58}).kind, Snap::Kind::grid);
}

TEST(Snapping, each_kind_can_be_switched_off) {
    SnapSettings settings;
    settings.ends = false;
    EXPECT_NE(snap({3.93, 0.05}, settings).kind, Snap::Kind::end);
    settings = {};
    settings.middles = settings.walls = settings.ends = settings.alignment = false;
    EXPECT_EQ(snap({4.05, 3.02}, settings).kind, Snap::Kind::grid);
    settings.grid = false;
    EXPECT_EQ(snap({4.05, 3.02}, settings).at, (Vec2{4.05, 3.02}));
}

TEST(Snapping, a_line_drawn_to_a_wall_stands_square_on_it) {
    SnapSettings settings;
    settings.grid = false;
    const Snap s = snap({4.03, 1.28}, settings, Vec2{7, 1.3});
    EXPECT_EQ(s.kind, Snap::Kind::perpendicular);
    EXPECT_EQ(s.at, (Vec2{4, 1.3}));
}

TEST(Snapping, corners_of_other_storeys_attract) {
    auto project = kProject;
    project.options[0].storeys.push_back(model::new_storey("upper", "Upper", 3.3));
    const Snap s = find_snap(project.options[0], 1, {3.95, 6.04}, 0.15, {});
    EXPECT_EQ(s.kind, Snap::Kind::storey);
    EXPECT_EQ(s.at, (Vec2{4, 6}));
}

TEST(Snapping, an_arc_goes_through_its_three_points) {
    const auto arc = arc_points({0, 0}, {2, 0}, {1, -1});
    EXPECT_GE(arc.size(), 12u);
    for (const Vec2 p : arc) EXPECT_NEAR(length(p - Vec2{1, 0}), 1, 1e-9);
    for (const Vec2 p : arc) EXPECT_LE(p.y, 1e-9);
    EXPECT_EQ(arc.back(), (Vec2{2, 0}));
    EXPECT_EQ(arc_points({0, 0}, {2, 0}, {1, 0}).size(), 1u);
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/surfaces.h"

#include <gtest/gtest.h>

#include "base/random.h"
#include "geometry/plane_points.h"
#include "light/path.h"
#include "light/scene.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;

namespace {

// Rays from points inside a room in all directions: each must end on a surface seen from its lit side, or at a portal.
struct Escapes {
    int open = 0, wrong_side = 0, rays = 0;
};

Escapes shoot(const Surfaces& surfaces, Vec3 from, int rays) {
    const light::Scene scene(surfaces);
    Escapes out;
    for (uint32_t i = 0; i < static_cast<uint32_t>(rays); ++i) {
        const auto p = random::pair(17, i);
        const float z = 2 * p.u - 1, r = std::sqrt(1 - z * z), a = static_cast<float>(2 * kPi) * p.v;
        const auto hit = scene.intersect(from.as<float>(), {r * std::cos(a), r * std::sin(a), z});
        ++out.rays;
        if (hit.what == light::Hit::What::nothing) ++out.open;
        if (hit.what == light::Hit::What::surface && !hit.lit_side) ++out.wrong_side;
    }
    return out;
}

}  // namespace

TEST(Surfaces, light_leaves_a_room_only_by_its_openings) {
    const auto project = test::one_room();
    const auto surfaces = build_surfaces(project, project.options[0]);
    const auto escapes = shoot(surfaces, {2, 3, 1.5}, 400000);
    EXPECT_EQ(escapes.open, 0);
    EXPECT_EQ(escapes.wrong_side, 0);
}

TEST(Surfaces, rooms_of_the_demo_are_closed_in_every_option) {
    const auto project = store::read_project(WARMPANE_DEMO);
    ASSERT_TRUE(project) << project.fault().line();
    for (const auto& option : project->options) {
        const auto surfaces = build_surfaces(*project, option);
        for (const Vec3 at : {Vec3{5, 4, 1}, Vec3{12, 2, 1}, Vec3{12, 6, 1}, Vec3{18, 4, 1}}) {
            const auto escapes = shoot(surfaces, at, 100000);
            EXPECT_EQ(escapes.open, 0) << option.name;
            EXPECT_EQ(escapes.wrong_side, 0) << option.name;
        }
    }
}

TEST(Surfaces, a_slanting_wall_is_closed_too) {
    auto project = test::one_room();
    auto& room = project.options[0].storeys[0].rooms[0];
    room.footprint = {{0, 0}, {4.3, 0.7}, {5.1, 5.9}, {1.7, 7.3}, {-0.9, 4.1}};
    room.openings.push_back(room.openings[0]);
    room.openings.back().id = "W-02";
    room.openings.back().edge = 3;
    const auto escapes = shoot(build_surfaces(project, project.options[0]), {2, 3, 1.5}, 400000);
    EXPECT_LE(escapes.open, 0);
    EXPECT_EQ(escapes.wrong_side, 0);
}

TEST(Surfaces, the_pane_stands_at_its_depth_in_a_wall_of_real_thickness) {
    auto project = test::one_room();
    project.options[0].outer_wall = 0.4;
    auto& window = project.options[0].storeys[0].rooms[0].openings[0];
    window.reveal = 0.3;
    const auto surfaces = build_surfaces(project, project.options[0]);
    ASSERT_EQ(surfaces.portals.size(), 1u);
    EXPECT_NEAR(surfaces.portals[0].corner.y, -0.3, 1e-9);
    EXPECT_NEAR(length(surfaces.portals[0].u), 2, 1e-9);
    EXPECT_EQ(surfaces.portals[0].outside, kOutdoors);
    double low = 1e9;
    for (size_t t = 0; t < surfaces.triangles.size(); ++t)
        if (surfaces.surfaces[surfaces.surface_of[t]].element == Element::facade)
            for (const uint32_t k : surfaces.triangles[t]) low = std::min(low, surfaces.vertices[k].y);
    EXPECT_NEAR(low, -0.4, 1e-5);
}

TEST(Surfaces, an_opening_between_two_rooms_pierces_both_walls) {
    auto project = test::one_room();
    auto& rooms = project.options[0].storeys[0].rooms;
    model::Room other = rooms[0];
    other.id = "other";
    other.openings.clear();
    for (Vec2& p : other.footprint) p.x += 4.15;
    rooms.push_back(other);
    model::Opening door = rooms[0].openings[0];
    door.id = "D-01";
    door.kind = model::Opening::Kind::opening_void;
    door.edge = 1;
    door.along = 2;
    door.sill = 0;
    rooms[0].openings.push_back(door);
    const auto surfaces = build_surfaces(project, project.options[0]);
    ASSERT_EQ(surfaces.portals.size(), 2u);
    EXPECT_EQ(surfaces.portals[1].inside, 0);
    EXPECT_EQ(surfaces.portals[1].outside, 1);
    EXPECT_EQ(surfaces.portals[1].group, -1);
    const light::Scene scene(surfaces);
    const auto through = scene.intersect({2, 3, 1}, {1, 0, 0}, 1);
    EXPECT_EQ(through.what, light::Hit::What::surface);
    EXPECT_NEAR(through.distance, 4.15 + 4 - 2, 1e-4);
    EXPECT_EQ(shoot(surfaces, {6, 3, 1.2}, 100000).open, 0);
}

TEST(Surfaces, the_fingerprint_tells_what_light_can_tell) {
    const auto project = test::one_room();
    const auto print = [](const model::Project& p) { return build_surfaces(p, p.options[0]).fingerprint(); };
    auto renamed = project;
    renamed.options[0].storeys[0].rooms[0].name = "Another";
    EXPECT_EQ(print(project), print(renamed));
    auto wider = project;
    wider.options[0].storeys[0].rooms[0].openings[0].width += 0.01;
    EXPECT_NE(print(project), print(wider));
    auto darker = project;
    darker.materials[0].reflectance = 0.49;
    EXPECT_NE(print(project), print(darker));
}

TEST(PlanePoints, keep_the_margin_and_the_spacing) {
    const auto project = test::one_room();
    auto plane = project.options[0].planes[0];
    plane.spacing = 0.5;
    plane.margin = 0.4;
    const auto points = plane_points(project.options[0], plane);
    ASSERT_TRUE(points);
    EXPECT_LE(points->dx, 0.5 + 1e-12);
    EXPECT_LE(points->dy, 0.5 + 1e-12);
    EXPECT_NEAR(points->area(), 3.2 * 5.2, 1e-9);
    for (const Vec3 p : points->points) {
        EXPECT_GE(p.x, 0.4);
        EXPECT_LE(p.y, 5.6);
        EXPECT_DOUBLE_EQ(p.z, 0.76);
    }
    plane.room = "nowhere";
    EXPECT_FALSE(plane_points(project.options[0], plane));
    plane.room = "room";
    plane.margin = 3;
    EXPECT_TRUE(plane_points(project.options[0], plane)->points.empty());
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Light in real buildings: through voids, rooflights and divided windows; and the sun on the floor.
#include <gtest/gtest.h>

#include "geometry/random_building.h"
#include "geometry/roof_shape.h"
#include "geometry/surfaces.h"
#include "question/ask.h"
#include "question/daylight_factor.h"
#include "question/sun_patches.h"
#include "support.h"

using namespace wp;
using namespace wp::model;

namespace {

question::DaylightFactorAnswer ask(const Project& project, double accuracy,
                                   light::Guidance guidance = light::Guidance::openings) {
    const Option& option = project.options[0];
    question::Effort effort;
    effort.accuracy = accuracy;
    question::DaylightFactorSetup setup;
    setup.guidance = guidance;
    return question::daylight_factor(geometry::build_surfaces(project, option),
                                     *question::planes_of(option, Question{}), effort, {}, {}, setup);
}

double mean(const question::DaylightFactorAnswer& answer, size_t plane = 0) {
    return answer.planes.at(plane).figures.mean;
}

ReferencePlane plane_of(const char* room, double spacing = 1) {
    ReferencePlane plane;
    plane.id = std::string("p-") + room;
    plane.room = room;
    plane.spacing = spacing;
    return plane;
}

}  // namespace

TEST(BuildingLight, a_gallery_is_lit_by_the_windows_of_the_hall_below) {
    auto project = test::two_storeys();
    project.options[0].storeys[1].rooflights.clear();
    project.options[0].planes = {plane_of("gallery"), plane_of("hall")};
    const auto guided = ask(project, 0.05), plain = ask(project, 0.05, light::Guidance::by_cosine);
    EXPECT_GT(mean(guided, 0), 0.02);
    EXPECT_GT(mean(guided, 1), mean(guided, 0));
    for (size_t k = 0; k < 2; ++k)
        EXPECT_NEAR(mean(guided, k), mean(plain, k),
                    2 * (guided.planes[k].figures.mean_half_width + plain.planes[k].figures.mean_half_width))
            << "both ways of drawing directions estimate the same";
    auto closed = project;
    closed.options[0].storeys[1].voids.clear();
    EXPECT_LT(mean(ask(closed, 0.5), 0), 1e-6) << "without the void the gallery is dark";
}

TEST(BuildingLight, points_over_a_void_are_left_out) {
    const auto project = test::two_storeys();
    const auto points = geometry::plane_points(project.options[0], plane_of("gallery", 0.5));
    ASSERT_TRUE(points);
    for (const Vec3 p : points->points) EXPECT_FALSE(p.x < 3 && p.y < 5) << p.x << " " << p.y;
    EXPECT_GT(points->points.size(), 50u);
}

TEST(BuildingLight, mullions_take_about_their_share) {
    auto project = test::one_room();
    auto& window = project.options[0].storeys[0].rooms[0].openings[0];
    project.options[0].types[model::Part::reveal] = "grey";
    window.frame = 0;
    const double open = mean(ask(project, 0.02));
    window.frame = 0.1;
    window.columns = 2;
    const double divided = mean(ask(project, 0.02));
    const double share = 1 - (2 - 0.3) * (1.5 - 0.2) / (2 * 1.5);
    // The bar at the sill stands before the dimmest sky; a depth of 6 cm takes a little more.
    EXPECT_LT(divided, open * (1 - 0.5 * share));
    EXPECT_GT(divided, open * (1 - 1.4 * share));
}

TEST(BuildingLight, a_rooflight_gives_more_than_a_window_of_its_size) {
    auto project = test::one_room();
    auto& storey = project.options[0].storeys[0];
    auto& window = storey.rooms[0].openings[0];
    window.width = window.height = 1.2;
    const double side = mean(ask(project, 0.05));
    storey.rooms[0].openings.clear();
    Rooflight light;
    light.id = light.name = "R-01";
    light.centre = {2, 3};
    light.width = light.length = 1.2;
    light.glazing = "pane";
    storey.rooflights = {light};
    const double top = mean(ask(project, 0.05));
    EXPECT_GT(top, 2 * side);
    storey.rooflights[0].upstand = 1;
    EXPECT_LT(mean(ask(project, 0.05)), top) << "a deep shaft takes light";
}

TEST(BuildingLight, panels_of_glass_let_light_through_and_doors_of_wood_do_not) {
    auto project = test::one_room();
    auto& opening = project.options[0].storeys[0].rooms[0].openings[0];
    opening.kind = Opening::Kind::panel;
    opening.glazing = "pane";
    EXPECT_GT(mean(ask(project, 0.1)), 0.5);
    opening.kind = Opening::Kind::door;
    opening.glazing = "grey";
    EXPECT_EQ(mean(ask(project, 0.5)), 0);
}

TEST(BuildingLight, a_screen_shades_what_lies_behind_it) {
    auto project = test::one_room();
    project.options[0].planes[0].height = 0.3;
    const auto before = ask(project, 0.05);
    Partition screen;
    screen.id = screen.name = "screen";
    screen.from = {0, 2};
    screen.to = {4, 2};
    screen.height = 1.6;
    screen.material = "grey";
    project.options[0].storeys[0].partitions = {screen};
    const auto after = ask(project, 0.05);
    const auto at = [](const question::DaylightFactorAnswer& answer, double y) {
        double sum = 0;
        int n = 0;
        for (size_t i = 0; i < answer.planes[0].value.size(); ++i)
            if (std::fabs(answer.planes[0].plane.points[i].y - y) < 0.6) {
                sum += answer.planes[0].value[i];
                ++n;
            }
        return sum / n;
    };
    EXPECT_LT(at(after, 2.9), 0.6 * at(before, 2.9));
    EXPECT_GT(at(after, 0.8), 0.8 * at(before, 0.8));
}

// The sun due south at 45 degrees: the sill's inner edge (1 m) and the head's outer edge (2.5 m, 0.35 m out) bound the
// patch in depth, the frame in width.
TEST(SunPatches, the_patch_of_a_window_is_where_geometry_puts_it) {
    const auto project = test::one_room();
    const light::Scene scene(geometry::build_surfaces(project, project.options[0]));
    const double s = std::sqrt(0.5);
    const auto patches = question::sun_patches(scene, project, project.options[0], 0, {0, -s, s}, 0.02, 0.5);
    double area = 0;
    Vec2 low{1e9, 1e9}, high{-1e9, -1e9};
    const double cell = 0.02;
    for (int y = 0; y < patches.rows; ++y)
        for (int x = 0; x < patches.columns; ++x) {
            const Vec2 p = patches.low + Vec2{(x + 0.5) * cell, (y + 0.5) * cell};
            const float share = patches.share[static_cast<size_t>(y * patches.columns + x)];
            if (p.x < 0 || p.y < 0 || p.x > 4 || p.y > 6 || share <= 0) continue;
            area += cell * cell;
            low = {std::min(low.x, p.x), std::min(low.y, p.y)};
            high = {std::max(high.x, p.x), std::max(high.y, p.y)};
            EXPECT_NEAR(share, 0.8, 0.03) << "dimmed by the pane";
        }
    EXPECT_NEAR(low.y, 1.0, 1.5 * cell);
    EXPECT_NEAR(high.y, 2.5 - 0.35, 1.5 * cell);
    EXPECT_NEAR(low.x, 1.06, 1.5 * cell);
    EXPECT_NEAR(high.x, 2.94, 1.5 * cell);
    EXPECT_NEAR(area, 1.88 * 1.15, 0.06);
}

TEST(SunPatches, below_the_horizon_nothing_is_lit_and_walls_are_no_floor) {
    const auto project = test::one_room();
    const light::Scene scene(geometry::build_surfaces(project, project.options[0]));
    const auto night = question::sun_patches(scene, project, project.options[0], 0, {0, -0.9, -0.4}, 0.1, 1);
    for (const float share : night.share) EXPECT_LE(share, 0);
    EXPECT_GT(std::count(night.share.begin(), night.share.end(), -1.0f), 100) << "cells inside walls";
    const auto noon = question::sun_patches(scene, project, project.options[0], 0, {0, 0, 1}, 0.1, 1);
    EXPECT_EQ(noon.share.front(), 1.0f) << "open ground";
}

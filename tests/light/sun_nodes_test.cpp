// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/sun_nodes.h"

#include <gtest/gtest.h>

#include <numeric>

#include "light/coefficients.h"
#include "support.h"
#include "validation/scenes.h"

using namespace wp;
using namespace wp::light;

TEST(SunNodes, weights_of_the_four_neighbours_add_up_and_none_is_negative) {
    for (const double latitude : {-35.0, 0.0, 55.4, 70.0}) {
        const climate::Place place{latitude, 0, 0, 0};
        const SunNodes nodes(place, 0.2);
        for (const auto& hour : climate::sun_of_year(place)) {
            if (hour.sunlit <= 0) continue;
            double sum = 0;
            for (const auto& share : nodes.around(hour.sun)) {
                EXPECT_GE(share.weight, -1e-12);
                EXPECT_LT(share.node, nodes.count());
                sum += share.weight;
            }
            EXPECT_NEAR(sum, 1, 1e-9);
        }
    }
}

TEST(SunNodes, surround_the_true_sun) {
    // The weighted mean of the nodes' directions must point where the sun is: to a few degrees when it is well up.
    const climate::Place place{55.4, -3.1, 0, 0};
    const double north = radians(-12);
    const SunNodes nodes(place, north);
    int tried = 0;
    for (const auto& hour : climate::sun_of_year(place)) {
        if (hour.sun.altitude < radians(8)) continue;
        Vec3 mean;
        for (const auto& share : nodes.around(hour.sun)) mean = mean + nodes.direction(share.node).as<double>() * share.weight;
        const Vec3 sun = direction(hour.sun.azimuth - north, hour.sun.altitude);
        EXPECT_GT(dot(normalized(mean), sun), std::cos(radians(2.0))) << "azimuth " << degrees(hour.sun.azimuth);
        ++tried;
    }
    EXPECT_GT(tried, 3000);
}

namespace {

Coefficients coefficients_of(const geometry::Surfaces& surfaces, const geometry::PlanePoints& points, double accuracy, const SunNodes& nodes,
                             const climate::SkyParts& parts, Blinds blinds = Blinds::open) {
    const Scene scene(surfaces, blinds);
    const std::vector<geometry::PlanePoints> planes = {points};
    CoefficientTask task;
    task.scene = &scene;
    task.sources = static_cast<size_t>(scene.groups());
    for (const auto& portal : scene.portals()) task.source_of_portal.push_back(portal.group);
    task.parts = &parts;
    task.nodes = &nodes;
    task.planes = &planes;
    // Uneven weights: an even sky over an open point would be exact after one path, and settle before its parts are known.
    task.typical.resize(1);
    for (size_t c = 0; c < parts.count() + 1 + nodes.count(); ++c) task.typical[0].push_back(c % 5 == 0 ? 1.0 : 0.1);
    task.accuracy = accuracy;
    return std::move(trace_coefficients(task, {}, {}).front());
}

double sum_of_sky(const Coefficients& c, size_t point, const climate::SkyParts& parts) {
    double sum = 0;
    for (size_t g = 0; g < c.points[point].rows.size(); ++g)
        for (size_t p = 0; p < parts.count(); ++p) sum += static_cast<double>(c.points[point].values[g * c.layout.columns() + p]);
    return sum;
}

}  // namespace

TEST(Coefficients, of_an_open_point_are_the_projected_solid_angles_of_the_parts) {
    geometry::Surfaces nothing;
    const climate::SkyParts parts(1);
    const SunNodes nodes({50, 0, 0, 0}, 0);
    const auto c = coefficients_of(nothing, validation::points_at({{0, 0, 1}}, {0, 0, 1}, -1), 0.002, nodes, parts);
    ASSERT_EQ(c.points[0].rows.size(), 1u);
    EXPECT_NEAR(sum_of_sky(c, 0, parts), kPi, 0.005 * kPi);
    for (const size_t part : {size_t{0}, size_t{40}, size_t{100}, size_t{144}}) {
        double up = 0;
        for (const Vec3 d : parts.directions(part, 8)) up += d.z / 64;
        EXPECT_NEAR(static_cast<double>(c.points[0].values[part]), up * parts.solid_angle(part), 0.15 * up * parts.solid_angle(part));
    }
}

TEST(Coefficients, light_comes_through_the_group_of_the_only_window) {
    const auto box = validation::box_with_wall_hole(4, 4, 3, 0.5, 1, 3, 1, 2.5, 0.2);
    const climate::SkyParts parts(1);
    const SunNodes nodes({50, 0, 0, 0}, 0);
    const auto c = coefficients_of(box, validation::points_at({{2, 2, 0.8}}, {0, 0, 1}, 0), 0.05, nodes, parts);
    EXPECT_EQ(c.points[0].rows, std::vector<int>{0});
    EXPECT_TRUE(c.settled);
    // Parts behind the box's back wall send nothing directly; all parts together less than the open sky.
    EXPECT_LT(sum_of_sky(c, 0, parts), 0.3 * kPi);
    EXPECT_GT(sum_of_sky(c, 0, parts), 0.02 * kPi);
}

TEST(Coefficients, a_closed_blind_passes_about_its_transmittance) {
    // A black box whose whole front is a blind before a hole under an even surround: what the blind passes is spread
    // evenly, so a point facing it gets transmittance times what it would get from the open hole.
    auto box = validation::box_with_wall_hole(4, 4, 3, 0.0, 0, 4, 0, 3, 1.0);
    box.portals[0].blind = true;
    box.blind_transmittance = 0.2;
    const climate::SkyParts parts(1);
    const SunNodes nodes({50, 0, 0, 0}, 0);
    const auto points = validation::points_at({{2, 2, 1.5}}, {0, -1, 0}, 0);
    const auto total = [&](Blinds blinds) {
        const auto c = coefficients_of(box, points, 0.01, nodes, parts, blinds);
        return sum_of_sky(c, 0, parts) + static_cast<double>(c.points[0].values[c.layout.ground()]);
    };
    EXPECT_NEAR(total(Blinds::closed) / total(Blinds::open), 0.2, 0.006);
}

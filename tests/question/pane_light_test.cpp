// SPDX-License-Identifier: GPL-3.0-or-later
// Light by the pane, the way and the angle it came in at, and what it is behind other glass.
#include "question/pane_light.h"

#include <gtest/gtest.h>

#include <numeric>

#include "question/ask.h"
#include "question/daylight_factor.h"
#include "support.h"
#include "validation/scenes.h"

using namespace wp;
using namespace wp::question;

namespace {

// A black room: what comes in falls straight onto the point, whatever the pane sends back.
geometry::Surfaces black_room(double transmittance, int panes) {
    auto box = validation::box_with_wall_hole(4, 4, 3, 0, 0.5, 3.5, 0.5, 2.5, 0);
    geometry::Glazing glazing;
    glazing.transmittance = transmittance;
    glazing.panes = panes;
    box.glazings.push_back(glazing);
    box.portals[0].glazing = 0;
    return box;
}

std::vector<geometry::PlanePoints> points_in(const geometry::Surfaces&) {
    geometry::PlanePoints plane;
    plane.plane = "p";
    plane.space = 0;
    plane.normal = {0, 0, 1};
    // Close to the pane light comes in steeply from above, far from it nearly level.
    for (const double y : {0.3, 1.0, 2.0, 3.5}) plane.points.push_back({2, y, 0.6});
    return {plane};
}

DaylightFactorAnswer asked(const geometry::Surfaces& room) {
    DaylightFactorSetup setup;
    setup.keeps_panes = true;
    return daylight_factor(room, points_in(room), {0.002, 1, 0}, {}, {}, setup);
}

}  // namespace

TEST(PaneLight, has_a_column_for_every_pane_way_and_angle) {
    const PaneColumns columns(3);
    std::set<size_t> seen;
    for (int portal = -1; portal < 3; ++portal)
        for (size_t way = 0; way < light::kWays; ++way)
            for (const float slant : {0.0f, 0.01f, 0.5f, 0.999f, 1.0f}) {
                light::Trail trail;
                trail.portal = portal;
                trail.way = static_cast<light::Way>(way);
                trail.slant = slant;
                const size_t column = columns.of(trail);
                ASSERT_LT(column, columns.count());
                const auto place = columns.place(column);
                EXPECT_EQ(place.pane, portal);
                EXPECT_EQ(static_cast<size_t>(place.way), way);
                EXPECT_EQ(place.slant == kSlants, slant == 0 || portal < 0);
                seen.insert(column);
            }
    EXPECT_EQ(seen.size(), (3 * 4 + 1) * light::kWays) << "0.999 and 1 are one step";
}

TEST(PaneLight, adds_up_to_the_daylight_factor_of_every_point) {
    const auto answer = asked(black_room(0.8, 1));
    const auto& plane = answer.planes[0];
    ASSERT_EQ(plane.by_pane.rows(), plane.value.size());
    for (size_t i = 0; i < plane.value.size(); ++i) {
        double sum = 0;
        plane.by_pane.each(i, [&](size_t, double percent) { sum += percent; });
        EXPECT_NEAR(sum, plane.value[i], 1e-9 * plane.value[i]);
    }
    double mean = std::accumulate(plane.replicates.begin(), plane.replicates.end(), 0.0);
    mean /= static_cast<double>(plane.replicates.size());
    EXPECT_NEAR(mean, plane.figures.mean, 1e-9 * mean);
}

TEST(PaneLight, behind_other_glass_is_what_that_glass_lets_through_at_every_angle) {
    const auto clear = black_room(0.85, 1), dark = black_room(0.35, 2);
    const auto before = std::make_shared<DaylightFactorAnswer>(asked(clear));
    const DaylightBefore known{before, clear, {{0, 0.0}}};
    DaylightFactorSetup setup;
    setup.before = &known;
    const auto found = daylight_factor(dark, points_in(dark), {0.002, 1, 0}, {}, {}, setup);
    EXPECT_EQ(found.record.rays, 0u);
    const auto traced = asked(dark);
    for (size_t i = 0; i < 4; ++i) {
        const double should = traced.planes[0].value[i];
        EXPECT_NEAR(found.planes[0].value[i], should, 0.003 * should) << i;
        // At its own normal angle the glass lets 0.35 of 0.85 through; level light has less.
        EXPECT_LT(found.planes[0].value[i], 0.35 / 0.85 * before->planes[0].value[i] * 1.001) << i;
    }
}

TEST(PaneLight, of_another_building_or_rougher_than_wanted_is_traced_anew) {
    const auto clear = black_room(0.85, 1), dark = black_room(0.35, 1);
    const auto before = std::make_shared<DaylightFactorAnswer>(asked(clear));
    const auto rays = [&](const DaylightBefore& known, const Effort& effort) {
        DaylightFactorSetup setup;
        setup.before = &known;
        return daylight_factor(dark, points_in(dark), effort, {}, {}, setup).record.rays;
    };
    EXPECT_EQ(rays({before, clear, {{0, 0.0}}}, {0.02, 1, 0}), 0u);
    EXPECT_GT(rays({before, clear, {}}, {0.02, 1, 0}), 0u) << "no space holds";
    EXPECT_GT(rays({before, clear, {{0, 0.0}}}, {0.001, 1, 0}), 0u) << "surer is wanted";
    EXPECT_GT(rays({before, clear, {{0, 0.0}}}, {0.02, 2, 0}), 0u) << "other dice are no pair";
}

TEST(PaneLight, what_panes_send_back_otherwise_is_told_and_of_the_same_panes_nothing) {
    const auto clear = black_room(0.85, 1), dark = black_room(0.35, 1);
    EXPECT_EQ(sent_back_otherwise(clear, clear), 0);
    // Clear glass mirrors on both its faces, dark glass hardly on the far one: about a twentieth of the light.
    EXPECT_GT(sent_back_otherwise(clear, dark), 0.02);
    EXPECT_LT(sent_back_otherwise(clear, dark), 0.15);
    EXPECT_EQ(spaces_alike(clear, clear).at(0), 0);
    EXPECT_EQ(spaces_alike(clear, dark).at(0), sent_back_otherwise(clear, dark));
}

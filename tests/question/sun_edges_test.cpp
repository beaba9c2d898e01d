// SPDX-License-Identifier: GPL-3.0-or-later
// Reflected sunlight beside the edges of what stands far off, against a tracer that shares nothing with the engine.
#include <gtest/gtest.h>

#include "climate/sun.h"
#include "climate/weather.h"
#include "light/glass.h"
#include "validation/cases.h"
#include "validation/town.h"

using namespace wp;
using namespace wp::validation;

namespace {

// Within three standard errors of both and what interpolation may leave; and what is stated holds the difference.
void expect_alike(const Town& town, double hour, double accuracy = 0.008) {
    for (const TownPoint& p : compare_moment(town, 4, 23, hour, accuracy, 80000)) {
        const double error = std::hypot(p.half_width / 2.131, p.standard_error);
        EXPECT_NEAR(p.engine, p.boxes, 3.5 * error) << hour << " h, " << p.y << " m from the window";
        EXPECT_LT(p.half_width, 0.15 * p.engine) << "an error that says nothing proves nothing";
    }
}

}  // namespace

TEST(SunBesideEdges, the_yardsticks_own_sun_and_pane_agree_with_the_engines) {
    for (const int day : {0, 80, 112, 171, 237, 300})
        for (const double hour : {4.5, 5.5, 8.3, 12.0, 15.7}) {
            const auto at = climate::sun_position({55, 0, 0, 0}, climate::moment_of(day, hour));
            if (at.altitude <= 0.05) continue;
            EXPECT_LT(length(boxes::almanac_sun(55, 0, day, hour) - climate::sun_direction(at, 0)), 0.0001)
                << day << " " << hour << " " << at.altitude;
        }
}

TEST(SunBesideEdges, the_yardsticks_own_pane_agrees_with_the_engines) {
    for (const double normal : {0.5, 0.8, 0.88}) {
        const light::GlassCurve ours(normal, 1);
        for (const double degrees : {0.0, 30.0, 60.0, 75.0, 85.0}) {
            const auto theirs = boxes::pane_at(std::cos(radians(degrees)), normal);
            EXPECT_NEAR(static_cast<double>(ours.transmittance(static_cast<float>(std::cos(radians(degrees))))),
                        theirs.transmittance, 1e-3)
                << normal << " at " << degrees;
            EXPECT_NEAR(static_cast<double>(ours.reflectance(static_cast<float>(std::cos(radians(degrees))))),
                        theirs.reflectance, 1e-3)
                << normal << " at " << degrees;
        }
    }
}

TEST(SunBesideEdges, light_is_right_in_a_courtyard) { expect_alike(courtyard(), 12.5); }
TEST(SunBesideEdges, light_is_right_under_an_overhang) { expect_alike({.overhang = 1}, 12.5); }
TEST(SunBesideEdges, light_is_right_behind_louvres) { expect_alike({.blades = 0.15}, 12.5); }
TEST(SunBesideEdges, light_is_right_in_a_deep_reveal) { expect_alike({.reveal = 0.02}, 10.25); }
TEST(SunBesideEdges, light_is_right_behind_a_tree) { expect_alike({.tree = true}, 12.5); }
TEST(SunBesideEdges, light_is_right_in_a_room_behind_another) { expect_alike({.back_room = true}, 12.5, 0.015); }
TEST(SunBesideEdges, light_is_right_in_the_gap_between_two_blocks) { expect_alike(gap(), 12.5); }
TEST(SunBesideEdges, light_is_right_a_quarter_hour_before_the_gap) { expect_alike(gap(), 12.25); }
TEST(SunBesideEdges, light_is_right_beside_a_tower) { expect_alike(tower(), 12.5); }
TEST(SunBesideEdges, light_is_right_behind_a_tower) { expect_alike(tower(), 12.75); }
TEST(SunBesideEdges, coefficients_that_serve_every_moment_are_right_there_too) {
    for (const double hour : {12.25, 12.5})
        for (const TownPoint& p : compare_moment(gap(), 4, 23, hour, 0.01, 60000, true))
            EXPECT_NEAR(p.engine, p.boxes, 3.5 * std::hypot(p.half_width / 2.131, p.standard_error) + 0.01 * p.boxes)
                << hour << " " << p.y;
}

// The whole way of a year: pieces, patches taken together, the sun of every hour.
TEST(SunBesideEdges, hours_of_a_year_are_right_before_in_and_behind_the_gap) {
    const auto year = sun_only_year(gap(), 0.03);
    const std::vector<size_t> middle{year.planes[0].plane.points.size() / 2};
    size_t seen = 0;
    for (const int day : {66, 83, 112, 131})
        for (int hour = 10; hour <= 14; ++hour) {
            const TownHour h = compare_hour(gap(), year, day * 24 + hour, middle, 60000);
            EXPECT_NEAR(h.engine, h.boxes, 3.5 * std::hypot(h.half_width / 2.131, h.standard_error) + 0.02 * h.boxes)
                << climate::text(climate::moment_of(day, hour));
            EXPECT_LE(h.half_width, 0.5 * h.engine + 10)
                << "where next to nothing comes in, the edge may leave all in doubt";
            seen += h.points;
        }
    EXPECT_GE(seen, 12u);
}

TEST(SunBesideEdges, the_boxes_tell_a_beam_from_its_edge) {
    boxes::Scene wall;
    wall.boxes = {{{-5, -0.1, 0}, {5, 0, 2}, 0.5}};
    boxes::Sky sky;
    sky.sun = {0, -1, 1};
    EXPECT_EQ(boxes::sunlit_around(wall, sky, {0, 1, 0}), 0) << "in the shadow";
    EXPECT_NEAR(boxes::sunlit_around(wall, sky, {0, 3, 0}), 1, 1e-9);
    const double edge = boxes::sunlit_around(wall, sky, {0, 2, 0});
    EXPECT_GT(edge, 0);
    EXPECT_LT(edge, 0.99);
}

TEST(ClosedBlinds, take_the_sun_at_the_angle_at_which_the_pane_takes_it) {
    double before = 0;
    for (const Row& row : closed_blinds(1024, 400000)) {
        EXPECT_NEAR(row.value, row.reference, 3.5 * row.standard_error) << row.name;
        EXPECT_LT(row.standard_error, 0.02 * row.reference);
        if (before > 0) EXPECT_LT(row.value, before) << "the higher it stands the less falls onto an upright pane";
        before = row.value;
    }
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Reflected sunlight beside the edges of what stands far off, against a tracer that shares nothing with the engine.
#include <gtest/gtest.h>

#include "base/random.h"
#include "climate/sun.h"
#include "climate/weather.h"
#include "light/glass.h"
#include "light/replicates.h"
#include "question/ask_year.h"
#include "climate/synthetic.h"
#include "validation/brute.h"
#include "validation/town.h"

using namespace wp;
using namespace wp::validation;

namespace {

// Within three standard errors of both and what interpolation may leave; and what is stated holds the difference.
void expect_alike(const Town& town, double hour, double accuracy = 0.005) {
    for (const TownPoint& p : compare_moment(town, 4, 23, hour, accuracy, 150000)) {
        const double error = std::hypot(p.half_width / 2.131, p.standard_error);
        EXPECT_NEAR(p.engine, p.boxes, 3.5 * error) << hour << " h, " << p.y << " m from the window";
        EXPECT_LT(p.half_width, 0.15 * p.engine) << "an error that says nothing proves nothing";
    }
}

// Stands so that the window is just out of its shadow at half past twelve.
Town tower() { return {{{-12.2, -4.2, -28, -20, 30}}}; }
Town gap() { return {{{-14, -4.4, -28, -20, 30}, {-0.3, 10, -28, -20, 30}}}; }

}  // namespace

TEST(SunBesideEdges, the_yardsticks_own_sun_and_pane_agree_with_the_engines) {
    for (const int day : {0, 80, 112, 171, 237, 300})
        for (const double hour : {4.5, 5.5, 8.3, 12.0, 15.7}) {
            const auto at = climate::sun_position({55, 0, 0, 0}, climate::moment_of(day, hour));
            if (at.altitude <= 0.05) continue;
            EXPECT_LT(length(boxes::almanac_sun(55, 0, day, hour) - climate::sun_direction(at, 0)), 0.0001) << day << " " << hour << " " << at.altitude;
        }
}

TEST(SunBesideEdges, the_yardsticks_own_pane_agrees_with_the_engines) {
    for (const double normal : {0.5, 0.8, 0.88}) {
        const light::GlassCurve ours(normal, 1);
        for (const double degrees : {0.0, 30.0, 60.0, 75.0, 85.0}) {
            const auto theirs = boxes::pane_at(std::cos(radians(degrees)), normal);
            EXPECT_NEAR(static_cast<double>(ours.transmittance(static_cast<float>(std::cos(radians(degrees))))), theirs.transmittance, 1e-3) << normal << " at " << degrees;
            EXPECT_NEAR(static_cast<double>(ours.reflectance(static_cast<float>(std::cos(radians(degrees))))), theirs.reflectance, 1e-3) << normal << " at " << degrees;
        }
    }
}

// Walls on three sides, so near that most of what comes in was reflected by them.
TEST(SunBesideEdges, light_is_right_in_a_courtyard) { expect_alike({{{-5, -3, -12, -0.4, 7}, {8, 10, -12, -0.4, 7}, {-5, 10, -14, -12, 5}}}, 12.5); }

TEST(SunBesideEdges, light_is_right_under_an_overhang) {
    Town town;
    town.overhang = 1;
    expect_alike(town, 12.5);
}
TEST(SunBesideEdges, light_is_right_behind_louvres) {
    Town town;
    town.blades = 0.15;
    expect_alike(town, 12.5);
}
TEST(SunBesideEdges, light_is_right_in_a_deep_reveal) {
    Town town;
    town.reveal = 0.02;
    expect_alike(town, 10.25);
}
TEST(SunBesideEdges, light_is_right_behind_a_tree) {
    Town town;
    town.tree = true;
    expect_alike(town, 12.5);
}
TEST(SunBesideEdges, light_is_right_in_a_room_behind_another) {
    Town town;
    town.back_room = true;
    expect_alike(town, 12.5, 0.01);
}
TEST(SunBesideEdges, light_is_right_in_the_gap_between_two_blocks) { expect_alike(gap(), 12.5); }
TEST(SunBesideEdges, light_is_right_a_quarter_hour_before_the_gap) { expect_alike(gap(), 12.25); }
TEST(SunBesideEdges, light_is_right_beside_a_tower) { expect_alike(tower(), 12.5); }
TEST(SunBesideEdges, light_is_right_behind_a_tower) { expect_alike(tower(), 12.75); }
TEST(SunBesideEdges, coefficients_that_serve_every_moment_are_right_there_too) {
    for (const double hour : {12.25, 12.5})
        for (const TownPoint& p : compare_moment(gap(), 4, 23, hour, 0.01, 100000, true)) EXPECT_NEAR(p.engine, p.boxes, 3.5 * std::hypot(p.half_width / 2.131, p.standard_error) + 0.01 * p.boxes) << hour << " " << p.y;
}

// The whole way of a year: pieces, patches taken together, the sun of every hour. All but the beam is taken out of the weather, so that the sky's shape does not matter.
TEST(SunBesideEdges, hours_of_a_year_are_right_before_in_and_behind_the_gap) {
    const Town town = gap();
    auto project = town.project();
    project.options[0].planes[0].spacing = 1;
    auto weather = climate::synthetic_year({55, 0, 0, 0}, "Nowhere", 3);
    for (auto& h : weather.hours) h.direct_normal = 500, h.diffuse_horizontal = 0.02, h.dew_point = 8;
    const auto scene = question::year_scene(project, project.options[0], {}, weather);
    const auto year = question::ask_year(*scene, weather, {0.03, 1, 0});
    const auto& plane = year.planes[0].plane;
    const size_t i = plane.points.size() / 2;
    int lit = 0;
    for (const int day : {66, 83, 112, 131}) {
        for (int hour = 10; hour <= 14; ++hour) {
            const int h = day * 24 + hour;
            const auto& out = year.outdoor[static_cast<size_t>(h)];
            const auto ours = year.hour(0, h, question::Operation::open);
            if (ours.sun[i] > 0) continue;  // a beam beside which nothing else is seen
            boxes::Sky sky;
            sky.type = 5;
            sky.diffuse = out.diffuse_lux;
            sky.direct = out.direct_lux;
            // A row's hour ends at its label: its middle is half an hour after it began.
            sky.sun = boxes::almanac_sun(55, 0, day, hour + 0.5);
            const auto theirs = boxes::illuminance(town.scene(), sky, plane.points[i], 60000, static_cast<unsigned>(h));
            EXPECT_NEAR(ours.lux[i], theirs.mean, 3.5 * std::hypot(ours.half_width[i] / 2.131, theirs.standard_error) + 0.02 * theirs.mean) << climate::text(climate::moment_of(day, hour)) << " of " << plane.points[i].y;
            EXPECT_LT(ours.half_width[i], 0.5 * ours.lux[i]);
            ++lit;
        }
    }
    EXPECT_GE(lit, 12);
}

TEST(ClosedBlinds, take_the_sun_at_the_angle_at_which_the_pane_takes_it) {
    // Cloth without holes behind the pane: what comes in falls with the pane's transmittance as the sun goes higher, from 0.69 at 30 degrees to 0.22 at 80.
    Town plain;
    const auto project = plain.project();
    auto surfaces = geometry::build_surfaces(project, project.options[0]);
    geometry::Blind cloth;
    cloth.transmittance = 0.3;
    cloth.reflectance = 0.4;
    surfaces.portals[0].blind = true;
    surfaces.portals[0].blind_layer = surfaces.keep_blind(cloth);
    const light::Scene scene(surfaces, light::Blinds::closed);
    auto own = plain.scene();
    own.panes[0].scatters = true;
    own.panes[0].cloth_through = cloth.transmittance;
    own.panes[0].cloth_back = cloth.reflectance;
    for (const double altitude : {25.0, 55.0, 75.0, 85.0}) {
        question::Shine shine;
        shine.to_sun = {0, -std::cos(radians(altitude)), std::sin(radians(altitude))};
        shine.sun_lux = 80000;
        shine.sky = climate::Sky::uniform(100);
        boxes::Sky sky;
        sky.type = 5;
        sky.diffuse = 100;
        sky.direct = 80000;
        sky.sun = shine.to_sun;
        const Vec3 at{2.5, 1.5, 0.8};
        constexpr uint32_t samples = 512;
        std::vector<double> sums;
        for (uint32_t r = 0; r < light::kReplicates; ++r) sums.push_back(validation::brute_sum(scene, shine, at, {0, 0, 1}, 0, samples, random::hash(3, r)));
        const auto ours = light::estimate(sums, samples);
        const auto theirs = boxes::illuminance(own, sky, at, 400000, 7);
        EXPECT_NEAR(ours.mean, theirs.mean, 3.5 * std::hypot(ours.standard_error, theirs.standard_error)) << altitude;
        EXPECT_LT(theirs.standard_error, 0.02 * theirs.mean);
    }
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Reflected sunlight beside the edges of what stands far off, against a tracer that shares nothing with the engine.
#include <gtest/gtest.h>

#include "base/random.h"
#include "climate/sun.h"
#include "climate/weather.h"
#include "light/replicates.h"
#include "validation/brute.h"
#include "validation/town.h"

using namespace wp;
using namespace wp::validation;

namespace {

// Within three standard errors of both and what interpolation may leave; and what is stated holds the difference.
void expect_alike(const Town& town, double hour) {
    for (const TownPoint& p : compare_moment(town, 4, 23, hour, 0.005, 150000)) {
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
    for (const int day : {0, 80, 112, 171, 300})
        for (const double hour : {8.3, 12.0, 15.7}) {
            const auto at = climate::sun_position({55, 0, 0, 0}, climate::moment_of(day, hour));
            // Ours is lifted by the air: by a sixtieth of a degree at 45 degrees, and by the cotangent.
            if (at.altitude > 0.05) EXPECT_LT(length(boxes::almanac_sun(55, 0, day, hour) - climate::sun_direction(at, 0)), 0.0003 + 0.0003 / std::tan(at.altitude)) << day << " " << hour;
        }
}

TEST(SunBesideEdges, light_is_right_in_the_gap_between_two_blocks) { expect_alike(gap(), 12.5); }
TEST(SunBesideEdges, light_is_right_a_quarter_hour_before_the_gap) { expect_alike(gap(), 12.25); }
TEST(SunBesideEdges, light_is_right_beside_a_tower) { expect_alike(tower(), 12.5); }
TEST(SunBesideEdges, light_is_right_behind_a_tower) { expect_alike(tower(), 12.75); }
TEST(SunBesideEdges, coefficients_that_serve_every_moment_are_right_there_too) {
    for (const double hour : {12.25, 12.5})
        for (const TownPoint& p : compare_moment(gap(), 4, 23, hour, 0.01, 100000, true)) EXPECT_NEAR(p.engine, p.boxes, 3.5 * std::hypot(p.half_width / 2.131, p.standard_error) + 0.01 * p.boxes) << hour << " " << p.y;
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

// SPDX-License-Identifier: GPL-3.0-or-later
// Reflected sunlight beside the edges of what stands far off, against a tracer that shares nothing with the engine.
#include <gtest/gtest.h>

#include "climate/sun.h"
#include "climate/weather.h"
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

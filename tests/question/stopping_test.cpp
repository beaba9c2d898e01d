// SPDX-License-Identifier: GPL-3.0-or-later
// Work stops when the spread looks small enough. That picks spreads that came out small by chance: what is stated must
// hold all the same.
#include <gtest/gtest.h>

#include <cmath>

#include "question/ask.h"
#include "question/daylight_factor.h"
#include "question/light_field.h"
#include "support.h"

using namespace wp;

namespace {

constexpr unsigned kDice = 60;

// Of values with their half-widths, by the dice, the share that holds the truth.
struct Held {
    int within = 0, all = 0;
    void add(double value, double half_width, double truth) {
        ++all;
        within += std::fabs(value - truth) <= half_width;
    }
    double share() const { return static_cast<double>(within) / all; }
};

struct LitRoom {
    model::Project project = test::one_room();
    geometry::Surfaces surfaces;
    std::vector<geometry::PlanePoints> planes;
    LitRoom() {
        project.options[0].planes[0].spacing = 1.5;
        surfaces = geometry::build_surfaces(project, project.options[0]);
        planes = *question::planes_of(project.options[0], project.questions[0]);
    }
};

// Shares of 60 runs of some dozen points that share nothing have a standard error of about 1 %.
void expect_95(const Held& held) {
    ASSERT_GT(held.all, 250);
    EXPECT_GT(held.share(), 0.925);
    EXPECT_LT(held.share(), 0.985);
}

}  // namespace

TEST(Stopping, bands_of_daylight_factors_hold_in_95_of_100_runs) {
    const LitRoom room;
    const auto truth = question::daylight_factor(room.surfaces, room.planes, {0.004, 1000, 0});
    Held held;
    for (unsigned seed = 1; seed <= kDice; ++seed) {
        const auto one = question::daylight_factor(room.surfaces, room.planes, {0.1, seed, 0});
        for (size_t i = 0; i < one.planes[0].value.size(); ++i)
            held.add(one.planes[0].value[i], one.planes[0].half_width[i], truth.planes[0].value[i]);
    }
    expect_95(held);
}

TEST(Stopping, bands_of_sunny_moments_hold_in_95_of_100_runs) {
    const LitRoom room;
    model::SkyChoice sky;
    sky.shape = model::SkyChoice::Shape::cie;
    sky.type = 12;
    sky.amount = model::SkyChoice::Amount::illuminance;
    sky.diffuse = 9000;
    sky.direct = 60000;
    const auto outdoors = *question::outdoors_at(room.project.site, sky, {3, 21, 10.25}, {});
    const auto task = question::field_task(room.project, room.surfaces, room.planes, {});
    const auto truth = question::trace_moments(task, {outdoors}, {0.004, 1000, 0}).front();
    Held held;
    for (unsigned seed = 1; seed <= kDice; ++seed) {
        const auto one = question::trace_moments(task, {outdoors}, {0.1, seed, 0}).front();
        for (size_t i = 0; i < one.planes[0].lux.size(); ++i)
            held.add(one.planes[0].lux[i], one.planes[0].half_width[i], truth.planes[0].lux[i]);
    }
    expect_95(held);
}

// SPDX-License-Identifier: GPL-3.0-or-later
// One path that serves several states of trees and ground: of each it says what that state alone would have said.
#include <gtest/gtest.h>

#include <cmath>

#include "light/coefficients.h"
#include "light/replicates.h"

namespace wp::light {

namespace {

using geometry::Surfaces;

void add_square(Surfaces& to, double half, double z, uint32_t surface) {
    const auto base = static_cast<uint32_t>(to.vertices.size());
    for (const Vec3 v : {Vec3{-half, -half, z}, Vec3{half, -half, z}, Vec3{half, half, z}, Vec3{-half, half, z}})
        to.vertices.push_back(v);
    for (const std::array<uint32_t, 3>& t :
         {std::array<uint32_t, 3>{base, base + 1, base + 2}, std::array<uint32_t, 3>{base, base + 2, base + 3}}) {
        to.triangles.push_back(t);
        to.surface_of.push_back(surface);
    }
}

// A canopy so wide that hardly any sky is seen past it, over open ground; leaves let a fifth through, bare twigs seven
// tenths.
Surfaces canopy_over_ground(double reflectance = 0) {
    Surfaces out;
    geometry::Surface canopy;
    canopy.openness = 0.2;
    canopy.bare_openness = 0.7;
    canopy.reflectance = reflectance;
    canopy.space = geometry::kOutdoors;
    geometry::Surface ground;
    ground.element = geometry::Element::ground;
    ground.reflectance = 0.2;
    ground.space = geometry::kOutdoors;
    out.surfaces = {canopy, ground};
    add_square(out, 4000, 10, 0);
    add_square(out, 4000, 0, 1);
    return out;
}

const std::vector<State> kStates = {State(model::Season::in_leaf, 0.2), State(model::Season::bare, 0.2),
                                    State(model::Season::bare, 0.7)};

// Illuminance under an even sky of 1 cd/m2, ground below included, and its 95 % half-width.
Estimate under_even_sky(const Coefficients& c) {
    double sum = 0;
    for (size_t r = 0; r < c.points[0].rows.size(); ++r)
        for (size_t k = 0; k <= c.layout.parts; ++k)
            sum += static_cast<double>(c.points[0].values[r * c.layout.columns() + k]);
    return {sum, sum * static_cast<double>(c.points[0].half_width) / kStudent95};
}

std::vector<Coefficients> traced(const Surfaces& surfaces, std::span<const State> states, double z, Vec3 normal,
                                 unsigned seed) {
    const Scene scene(surfaces, BlindLayers(), states);
    const climate::SkyParts parts(1);
    const std::vector<geometry::PlanePoints> planes = {[&] {
        geometry::PlanePoints p;
        p.space = geometry::kOutdoors;
        p.normal = normal;
        p.points = {{0.3, 0.2, z}};
        return p;
    }()};
    CoefficientTask task;
    task.scene = &scene;
    task.parts = &parts;
    task.planes = &planes;
    // An even sky, and no sun: what is asked below.
    const TypicalLight even{std::vector<double>(parts.count() + 1, 1.0), {}};
    task.typical.assign(states.size(), even);
    task.accuracy = 0.01;
    task.seed = seed;
    return trace_coefficients(task, {}, {});
}

}  // namespace

TEST(StatesTogether, a_canopy_lets_through_in_each_state_what_its_holes_are) {
    const auto all = traced(canopy_over_ground(), kStates, 1, {0, 0, 1}, 1);
    ASSERT_EQ(all.size(), 3u);
    const double open[] = {0.2, 0.7, 0.7};
    for (size_t k = 0; k < 3; ++k) {
        const Estimate e = under_even_sky(all[k]);
        EXPECT_NEAR(e.mean, kPi * open[k], 4 * e.standard_error + 0.002) << "state " << k;
        EXPECT_TRUE(all[k].settled);
    }
}

TEST(StatesTogether, ground_sends_up_by_its_reflectance_in_each_state) {
    // Looking down from close above: reflectance times what falls on the ground, which is what the canopy lets through.
    const auto all = traced(canopy_over_ground(), kStates, 0.5, {0, 0, -1}, 1);
    const double expected[] = {kPi * 0.2 * 0.2, kPi * 0.7 * 0.2, kPi * 0.7 * 0.7};
    for (size_t k = 0; k < 3; ++k) {
        const Estimate e = under_even_sky(all[k]);
        EXPECT_NEAR(e.mean, expected[k], 4 * e.standard_error + 0.01 * expected[k]) << "state " << k;
    }
}

TEST(StatesTogether, agree_with_each_state_by_itself_where_light_goes_to_and_fro) {
    const auto surfaces = canopy_over_ground(0.15);
    const auto together = traced(surfaces, kStates, 1, {0, 0, 1}, 1);
    for (size_t k = 0; k < 3; ++k) {
        const auto alone = traced(surfaces, std::span(kStates).subspan(k, 1), 1, {0, 0, 1}, 7);
        const Estimate a = under_even_sky(together[k]), b = under_even_sky(alone[0]);
        EXPECT_NEAR(a.mean, b.mean, 4 * std::hypot(a.standard_error, b.standard_error)) << "state " << k;
    }
}

TEST(StatesTogether, a_beam_is_dimmed_by_the_holes_of_each_state) {
    const auto surfaces = canopy_over_ground();
    const auto beam =
        Scene(surfaces, BlindLayers(), kStates).beam({0.3f, 0.2f, 1}, normalized(Vec3f{0.3f, 0.1f, 0.9f}));
    EXPECT_FLOAT_EQ(beam.states[0], 0.2f);
    EXPECT_FLOAT_EQ(beam.states[1], 0.7f);
    EXPECT_FLOAT_EQ(beam.states[2], 0.7f);
    EXPECT_FLOAT_EQ(beam.share, 0.2f) << "the first state's";
}

TEST(StatesTogether, where_nothing_changes_all_states_have_the_same_bits) {
    Surfaces bare_ground = canopy_over_ground();
    bare_ground.surfaces[0].bare_openness = bare_ground.surfaces[0].openness;
    const std::vector<State> same(2, State(model::Season::in_leaf, 0.2));
    const auto all = traced(bare_ground, same, 1, {0, 0, 1}, 3);
    EXPECT_EQ(all[0].points[0].values, all[1].points[0].values);
}

}  // namespace wp::light

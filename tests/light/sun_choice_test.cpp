// SPDX-License-Identifier: GPL-3.0-or-later
// Suns are looked for where they can be: never one left out that shines in, none tried that cannot.
#include "light/sun_choice.h"

#include <gtest/gtest.h>

#include <cmath>
#include <random>

#include "support.h"

using namespace wp;
using namespace wp::light;

namespace {

struct Setting {
    model::Project project = test::one_room();
    geometry::Surfaces surfaces = geometry::build_surfaces(project, project.options[0]);
    Scene scene{surfaces};
    SunNodes nodes{{50, 0, 0, 0}, 0};
    SunChoice choice{scene, nodes, std::vector<double>(nodes.count(), 1.0)};
};

}  // namespace

TEST(SunChoice, leaves_out_no_sun_that_shines_on_a_place_in_the_room) {
    const Setting s;
    std::mt19937 dice(5);
    std::uniform_real_distribution<float> u(0, 1);
    int shining = 0;
    for (int trial = 0; trial < 400; ++trial) {
        const Vec3f at{0.1f + 3.8f * u(dice), 0.1f + 5.8f * u(dice), 0.01f + 2.5f * u(dice)};
        SunChoice::Room room;
        std::vector<bool> offered(s.nodes.count(), false);
        for (int k = 0; k < 400; ++k) {
            const auto pick = s.choice.pick(at, {0, 0, 1}, 0, (static_cast<float>(k) + 0.5f) / 400, [](Vec3f) { return 1.0f; }, room);
            if (pick.share > 0) offered[pick.node] = true;
        }
        for (size_t n = 0; n < s.nodes.count(); ++n) {
            if (s.scene.beam(at, s.nodes.direction(n)).share <= 0) continue;
            ++shining;
            EXPECT_TRUE(offered[n]) << "node " << n;
        }
    }
    EXPECT_GT(shining, 300);
}

TEST(SunChoice, estimates_the_sum_over_all_suns_without_bias) {
    const Setting s;
    const Vec3f at{2, 2, 0.01f}, up{0, 0, 1};
    double truth = 0;
    for (size_t n = 0; n < s.nodes.count(); ++n) truth += static_cast<double>(std::max(0.0f, dot(s.nodes.direction(n), up)) * s.scene.beam(at, s.nodes.direction(n)).share);
    ASSERT_GT(truth, 0);
    SunChoice::Room room;
    double sum = 0;
    constexpr int trials = 20000;
    for (int k = 0; k < trials; ++k) {
        const auto pick = s.choice.pick(at, up, 0, (static_cast<float>(k) + 0.5f) / trials, room);
        if (pick.share > 0) sum += static_cast<double>(pick.share * s.scene.beam(at, s.nodes.direction(pick.node)).share / pick.chance);
    }
    EXPECT_NEAR(sum / trials, truth, 0.01 * truth);
}

TEST(SunChoice, finds_nothing_to_look_for_where_no_opening_lets_a_sun_in) {
    const Setting s;
    SunChoice::Room room;
    // Close under the ceiling, far from the window: only a sun below the horizon would come up there.
    const auto pick = s.choice.pick({2, 5.5f, 2.98f}, {0, 0, -1}, 0, 0.3f, [](Vec3f) { return 1.0f; }, room);
    EXPECT_EQ(pick.share, 0);
}

TEST(SunChoice, outdoors_every_sun_before_the_surface_has_its_chance) {
    const Setting s;
    SunChoice::Room room;
    std::vector<bool> offered(s.nodes.count(), false);
    for (int k = 0; k < 5000; ++k) offered[s.choice.pick({0, -20, 0}, {0, 0, 1}, geometry::kOutdoors, (static_cast<float>(k) + 0.5f) / 5000, room).node] = true;
    for (size_t n = 0; n < s.nodes.count(); ++n)
        if (s.nodes.direction(n).z > 0.02f) EXPECT_TRUE(offered[n]) << n;
}

TEST(SunChoice, a_glossy_place_is_offered_what_a_matt_one_is_where_its_lobe_is_the_cosine) {
    const Setting s;
    const Vec3f at{2, 2, 0.01f}, up{0, 0, 1};
    SunChoice::Room room;
    for (int k = 0; k < 100; ++k) {
        const float dice = (static_cast<float>(k) + 0.5f) / 100;
        const auto matt = s.choice.pick(at, up, 0, dice, room), glossy = s.choice.pick(at, up, 0, dice, [&](Vec3f to) { return std::max(0.0f, dot(to, up)); }, room);
        EXPECT_EQ(matt.node, glossy.node);
        EXPECT_FLOAT_EQ(matt.chance, glossy.chance);
    }
}

TEST(Scene, no_beam_that_shines_in_is_said_to_lead_nowhere) {
    const Setting s;
    std::mt19937 dice(11);
    std::uniform_real_distribution<float> u(0, 1);
    int shining = 0, dark = 0;
    for (int trial = 0; trial < 20000; ++trial) {
        const Vec3f at{0.01f + 3.98f * u(dice), 0.01f + 5.98f * u(dice), 0.01f + 2.9f * u(dice)};
        const Vec3f to = normalized(Vec3f{u(dice) - 0.5f, u(dice) - 0.7f, u(dice) - 0.3f});
        const bool leads = s.scene.leads_out(0, at, to);
        if (s.scene.beam(at, to).share > 0) {
            ++shining;
            EXPECT_TRUE(leads);
        }
        dark += !leads;
    }
    EXPECT_GT(shining, 500);
    EXPECT_GT(dark, 5000) << "it is there to spare rays";
}

TEST(States, differ_only_where_trees_or_ground_do) {
    geometry::Surfaces plain;
    EXPECT_EQ(states_of(plain).all.size(), 1u);
    plain.ground_by_month = std::vector<double>(12, plain.ground_reflectance);
    EXPECT_EQ(states_of(plain).all.size(), 1u) << "twelve times the same";
    plain.ground_by_month[0] = plain.ground_by_month[11] = 0.6;
    const States snow = states_of(plain);
    EXPECT_EQ(snow.all.size(), 2u);
    EXPECT_EQ(snow.in(1), snow.in(12));
    EXPECT_NE(snow.in(1), snow.in(6));
    geometry::Surface crown;
    crown.openness = 0.2;
    crown.bare_openness = 0.6;
    plain.add_surface(crown);
    plain.leaf_from = 5;
    plain.leaf_to = 10;
    EXPECT_EQ(states_of(plain).all.size(), 3u) << "snow and bare, bare, in leaf";
}

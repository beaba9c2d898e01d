// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "light/glass.h"
#include "light/portal_sampling.h"
#include "light/replicates.h"
#include "question/ask.h"
#include "question/daylight_factor.h"
#include "support.h"
#include "validation/quadrature.h"
#include "validation/scenes.h"

using namespace wp;
using namespace wp::light;

TEST(Glass, passes_its_stated_share_at_normal_incidence) {
    for (const int panes : {1, 2, 3})
        for (const double t : {0.1, 0.5, 0.74})
            EXPECT_NEAR(static_cast<double>(GlassCurve(t, panes).transmittance(1)), t, 1e-6);
    // Clearer than index 1.526 allows: taken as told.
    EXPECT_NEAR(static_cast<double>(GlassCurve(0.97, 1).transmittance(1)), 0.97, 1e-6);
}

TEST(Glass, never_gives_more_than_it_gets_and_less_at_grazing_angles) {
    for (const int panes : {1, 2, 4}) {
        const GlassCurve glass(0.7, panes);
        double before = 2;
        for (int degree = 0; degree <= 89; ++degree) {
            const auto at = glass.exact(std::cos(radians(degree)));
            EXPECT_LE(at.transmittance + at.reflectance, 1 + 1e-12);
            if (degree > 50) EXPECT_LT(at.transmittance, before);
            before = at.transmittance;
        }
        EXPECT_EQ(glass.exact(0).transmittance, 0);
    }
}

TEST(Glass, two_clear_panes_pass_the_sum_of_their_reflections) {
    // N lossless panes: t = (1 - r)/(1 + (2N - 1) r) for each polarisation (Stokes 1862); at normal incidence both
    // agree.
    const double r = std::pow((kGlassIndex - 1) / (kGlassIndex + 1), 2);
    EXPECT_NEAR(GlassCurve((1 - r) / (1 + 3 * r), 2).exact(1).reflectance, 4 * r / (1 + 3 * r), 1e-9);
}

TEST(PortalSampling, is_uniform_over_the_solid_angle_of_the_opening) {
    const auto box = validation::box_with_wall_hole(4, 4, 3, 0, 1, 3, 1, 2.5, 0);
    const Scene scene(box);
    for (const Vec3f from : {Vec3f{2, 2, 1}, Vec3f{0.2f, 0.4f, 0.1f}, Vec3f{3.5f, 12, 2.9f}}) {
        const PortalView view(scene.portals()[0], from);
        // The mean of 1/density over the samples is the solid angle; reference by the midpoint rule on the rectangle.
        double sampled = 0, reference = 0;
        constexpr uint32_t n = 4096;
        for (uint32_t i = 0; i < n; ++i) {
            const Vec3f to = view.point(random::pair(3, i)) - from;
            const float d = length(to);
            sampled += 1.0 / static_cast<double>(view.density(to * (1 / d), d)) / n;
        }
        for (int i = 0; i < 400; ++i)
            for (int j = 0; j < 400; ++j) {
                const Vec3 to = Vec3{1 + 2 * (i + 0.5) / 400, 0, 1 + 1.5 * (j + 0.5) / 400} - from.as<double>();
                reference += std::fabs(to.y) / std::pow(dot(to, to), 1.5) * 3.0 / 160000;
            }
        EXPECT_NEAR(sampled / reference, 1, 2e-3);
    }
}

TEST(Beam, is_dimmed_by_the_pane_at_its_angle_and_stopped_by_walls) {
    const auto project = test::one_room();
    const Scene scene(geometry::build_surfaces(project, project.options[0]));
    const Vec3f to = normalized(Vec3f{0, -1, 0.2f});
    const auto beam = scene.beam({2, 3, 1.2f}, to);
    const GlassCurve glass(0.8, 1);
    EXPECT_NEAR(beam.share, glass.transmittance(-to.y), 1e-4f);
    EXPECT_EQ(beam.portal, 0);
    EXPECT_EQ(scene.beam({2, 3, 1.2f}, {0, 1, 0}).share, 0.0f);
    EXPECT_EQ(scene.beam({2, 3, 1.2f}, normalized(Vec3f{-0.97f, -3.2f, 0})).share, 0.0f) << "the frame stops it";
    const Scene shut(geometry::build_surfaces(project, project.options[0]), Blinds::closed);
    EXPECT_EQ(shut.beam({2, 3, 1.2f}, to).share, 0.0f);
}

namespace {

question::DaylightFactorAnswer ask(const model::Project& project, const question::Effort& effort,
                                   const question::DaylightFactorSetup& setup = {}) {
    const auto& option = project.options[0];
    return question::daylight_factor(geometry::build_surfaces(project, option),
                                     *question::planes_of(option, project.questions[0]), effort, {}, {}, setup);
}

}  // namespace

TEST(DaylightFactor, has_the_same_bits_for_any_number_of_threads) {
    question::DaylightFactorSetup setup;
    setup.fixed_samples = 32;
    const auto one = ask(test::one_room(), {0.02, 7, 1}, setup), two = ask(test::one_room(), {0.02, 7, 2}, setup),
               five = ask(test::one_room(), {0.02, 7, 5}, setup);
    EXPECT_EQ(one.planes[0].value, two.planes[0].value);
    EXPECT_EQ(one.planes[0].by_portal, five.planes[0].by_portal);
    EXPECT_EQ(one.record.rays, five.record.rays);
}

TEST(DaylightFactor, settles_at_the_accuracy_asked_for_and_says_what_it_reached) {
    for (const double accuracy : {0.1, 0.03}) {
        const auto answer = ask(test::one_room(), {accuracy, 1, 0});
        EXPECT_TRUE(answer.record.settled);
        EXPECT_LE(answer.record.reached, accuracy);
        EXPECT_GT(answer.record.reached, accuracy / 4) << "more work than was asked for";
        EXPECT_LT(answer.planes[0].figures.mean_half_width, accuracy * answer.planes[0].figures.mean);
    }
}

TEST(DaylightFactor, guided_and_plain_sampling_agree_within_their_errors) {
    question::DaylightFactorSetup guided, plain;
    guided.fixed_samples = 512;
    plain.fixed_samples = 4096;
    plain.guidance = Guidance::by_cosine;
    plain.low_discrepancy = false;
    const auto a = ask(test::one_room(), {0.02, 1, 0}, guided).planes[0].figures,
               b = ask(test::one_room(), {0.02, 2, 0}, plain).planes[0].figures;
    EXPECT_NEAR(a.mean, b.mean, 1.5 * std::hypot(a.mean_half_width, b.mean_half_width));
    EXPECT_LT(b.mean_half_width, 0.03 * b.mean);
}

TEST(DaylightFactor, the_stated_error_is_honest) {
    // Forty runs with other seeds: the truth (their mean) lies within the 95 % band about as often as it should.
    question::DaylightFactorSetup setup;
    setup.fixed_samples = 16;
    const auto box = validation::box_with_wall_hole(4, 4, 3, 0.5, 1, 3, 1, 2.5, 0.2);
    const auto point = validation::points_at({{2, 2.5, 0.8}}, {0, 0, 1}, 0);
    std::vector<double> value, band;
    for (unsigned seed = 1; seed <= 40; ++seed) {
        const auto answer = question::daylight_factor(box, {point}, {0.02, seed, 0}, {}, {}, setup);
        value.push_back(answer.planes[0].value[0]);
        band.push_back(answer.planes[0].half_width[0]);
    }
    double mean = 0;
    for (const double v : value) mean += v / 40;
    int inside = 0;
    for (size_t i = 0; i < 40; ++i) inside += std::fabs(value[i] - mean) <= band[i] ? 1 : 0;
    EXPECT_GE(inside, 33);
}

TEST(DaylightFactor, the_shares_of_the_windows_add_up_to_the_whole) {
    const auto answer = ask(test::one_room(), {0.05, 1, 0});
    const auto& plane = answer.planes[0];
    for (size_t i = 0; i < plane.value.size(); ++i)
        EXPECT_NEAR(plane.by_portal.at(i, 0), plane.value[i], 1e-9 * plane.value[i]);
}

TEST(DaylightFactor, more_glass_and_brighter_walls_never_take_light_away) {
    const double base = ask(test::one_room(), {0.02, 1, 0}).planes[0].figures.mean;
    auto clearer = test::one_room();
    clearer.materials[1].transmittance = 0.9;
    EXPECT_GT(ask(clearer, {0.02, 1, 0}).planes[0].figures.mean, base * 1.05);
    auto brighter = test::one_room();
    brighter.materials[0].reflectance = 0.7;
    EXPECT_GT(ask(brighter, {0.02, 1, 0}).planes[0].figures.mean, base * 1.1);
}

TEST(DaylightFactor, a_room_without_windows_is_dark) {
    auto project = test::one_room();
    project.options[0].storeys[0].rooms[0].openings.clear();
    const auto answer = ask(project, {0.02, 1, 0});
    EXPECT_EQ(answer.planes[0].figures.mean, 0);
    EXPECT_TRUE(answer.record.settled);
}

TEST(DaylightFactor, cancel_ends_early_and_says_unsettled) {
    const auto project = test::one_room();
    Cancel cancel;
    int rounds = 0;
    const auto answer = question::daylight_factor(geometry::build_surfaces(project, project.options[0]),
                                                  *question::planes_of(project.options[0], project.questions[0]),
                                                  {0.0005, 1, 0}, cancel, [&](const auto&) {
                                                      if (++rounds == 3) cancel.request();
                                                  });
    EXPECT_EQ(rounds, 3);
    EXPECT_FALSE(answer.record.settled);
}

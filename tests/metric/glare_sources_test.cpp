// SPDX-License-Identifier: GPL-3.0-or-later
// What counts as a source of glare, in fields that the test lays out itself: cells of equal azimuth and height.
#include "metric/glare_sources.h"

#include <gtest/gtest.h>

#include <cmath>

#include "climate/sun.h"

using namespace wp;
using namespace wp::metric;

namespace {

// All around the eye, which looks along z: columns by azimuth from behind over the left, rows of equal height, so that
// all cells have one solid angle.
struct Globe {
    static constexpr int kWide = 120, kHigh = 60;
    static constexpr double kCell = 4 * kPi / (kWide * kHigh);
    std::vector<Vec3> direction;
    std::vector<double> solid_angle = std::vector<double>(kWide * kHigh, kCell);
    std::vector<float> luminance = std::vector<float>(kWide * kHigh, 100.0f), error;
    std::vector<Disc> discs;

    Globe() {
        for (int j = 0; j < kHigh; ++j)
            for (int i = 0; i < kWide; ++i) {
                const double turn = ((i + 0.5) / kWide - 0.5) * 2 * kPi, y = 1 - (j + 0.5) * 2 / kHigh,
                             r = std::sqrt(1 - y * y);
                direction.push_back({r * std::sin(turn), y, r * std::cos(turn)});
            }
    }
    // Cells right of and above the middle; 3 degrees of azimuth each.
    Globe& paint(int from, int to, int low, int high, float value) {
        for (int j = low; j < high; ++j)
            for (int i = from; i < to; ++i)
                luminance[static_cast<size_t>((kHigh / 2 - 1 - j) * kWide + (i + kWide / 2 + kWide) % kWide)] = value;
        return *this;
    }
    LuminanceField field() const {
        LuminanceField out;
        out.width = kWide;
        out.height = kHigh;
        out.wraps = true;
        out.direction = direction;
        out.solid_angle = solid_angle;
        out.luminance = luminance;
        out.error = error;
        out.discs = discs;
        return out;
    }
};

SourceRule apart() {
    SourceRule rule;
    rule.joined_within = 0;
    return rule;
}

}  // namespace

TEST(GlareSources, an_even_field_gives_pi_times_its_luminance_and_glares_nowhere) {
    const Globe even;
    EXPECT_NEAR(vertical_illuminance(even.field()), kPi * 100, 0.3);
    EXPECT_NEAR(mean_luminance(even.field()), 100, 1e-6);
    EXPECT_NEAR(field_contrast(even.field()), 0, 1e-6);
    EXPECT_TRUE(find_sources(even.field()).empty());
    const std::vector<float> night(even.luminance.size(), 0.0f);
    auto dark = even.field();
    dark.luminance = night;
    EXPECT_TRUE(find_sources(dark).empty());
    EXPECT_EQ(field_contrast(dark), 0);
}

TEST(GlareSources, two_windows_are_two_sources_and_the_sun_a_third) {
    Globe globe;
    globe.paint(-12, -8, 2, 6, 8000).paint(8, 12, 2, 6, 8000);
    globe.discs = {{normalized(Vec3{0.1, 0.3, 1}), 60000}, {{0, 0.1, -1}, 60000}};
    const auto sources = find_sources(globe.field());
    ASSERT_EQ(sources.size(), 3u) << "what is behind the eye is none";
    EXPECT_TRUE(sources[0].is_sun) << "the strongest first";
    EXPECT_EQ(sources[0].disc, 0);
    EXPECT_NEAR(sources[0].luminance, 60000 / climate::kSunSolidAngle, 1);
    EXPECT_NEAR(climate::kSunSolidAngle, 6.8e-5, 2e-7);
    for (const size_t i : {1u, 2u}) {
        EXPECT_NEAR(sources[i].luminance, 8000, 1e-6);
        EXPECT_NEAR(sources[i].solid_angle, 16 * Globe::kCell, 1e-12);
        EXPECT_EQ(sources[i].pixels.size(), 16u);
    }
    EXPECT_LT(sources[1].direction.x * sources[2].direction.x, 0);
}

TEST(GlareSources, parts_of_one_window_are_joined_as_published_and_windows_apart_are_not) {
    Globe globe;
    // Two lights of a window, 9 degrees from middle to middle; another 45 degrees aside.
    globe.paint(-3, -1, 0, 4, 5000).paint(0, 2, 0, 4, 6000).paint(15, 17, 0, 4, 5000);
    EXPECT_EQ(find_sources(globe.field(), apart()).size(), 3u);
    const auto joined = find_sources(globe.field());
    ASSERT_EQ(joined.size(), 2u);
    EXPECT_NEAR(joined[0].luminance, 5500, 1e-6);
    EXPECT_NEAR(joined[0].solid_angle, 16 * Globe::kCell, 1e-12);
    EXPECT_NEAR(std::atan2(joined[0].direction.x, joined[0].direction.z), radians(-1.5 + 4.5 * (6000. - 5000) / 11000),
                radians(0.3))
        << "its middle is where its light is";
    SourceRule wide;
    wide.joined_within = 1;
    EXPECT_EQ(find_sources(globe.field(), wide).size(), 1u);
}

TEST(GlareSources, a_window_that_the_eye_turns_to_is_one_over_the_edge_of_the_map) {
    Globe globe;
    globe.paint(-62, -58, 0, 4, 5000);
    auto field = globe.field();
    EXPECT_TRUE(find_sources(field, apart()).empty()) << "it lies behind";
    field.right = {-1, 0, 0};
    field.forward = {0, 0, -1};
    const auto found = find_sources(field, apart());
    ASSERT_EQ(found.size(), 1u);
    EXPECT_NEAR(found[0].direction.x, 0, 1e-9);
    field.wraps = false;
    EXPECT_EQ(find_sources(field, apart()).size(), 2u);
}

TEST(GlareSources, are_bright_against_the_field_the_task_or_a_luminance) {
    Globe globe;
    globe.paint(8, 12, 2, 6, 900);   // a lit wall
    globe.paint(-2, 2, -8, -4, 20);  // a dark table
    SourceRule rule;
    EXPECT_NEAR(source_limit(globe.field(), rule), 5 * mean_luminance(globe.field()), 1e-9);
    EXPECT_EQ(find_sources(globe.field(), rule).size(), 1u);
    rule.against = SourceRule::Against::fixed_luminance;
    EXPECT_TRUE(find_sources(globe.field(), rule).empty()) << "below 2000 cd/m2";
    rule.luminance = 800;
    EXPECT_EQ(find_sources(globe.field(), rule).size(), 1u);
    rule.against = SourceRule::Against::task_zone;
    rule.zone = normalized(globe.direction[static_cast<size_t>((Globe::kHigh / 2 + 5) * Globe::kWide + 60)]);
    rule.zone_angle = radians(4);
    EXPECT_NEAR(source_limit(globe.field(), rule), 5 * 20, 1e-6) << "against the table all is bright";
    EXPECT_EQ(find_sources(globe.field(), rule).size(), 1u) << "one, all of it: walls touch";
    rule.zone = {0, 0, -1};
    EXPECT_NEAR(source_limit(globe.field(), rule), 5 * mean_luminance(globe.field()), 1e-6)
        << "a zone that is not seen is no yardstick";
    rule.faintest = 1e6;
    EXPECT_TRUE(find_sources(globe.field(), rule).empty());
}

TEST(GlareSources, what_chance_made_bright_is_none) {
    Globe globe;
    globe.paint(0, 1, 0, 1, 5000).paint(10, 11, 0, 1, 5000);
    EXPECT_TRUE(find_sources(globe.field()).empty()) << "single pixels of a picture whose errors nobody knows";
    globe.error.assign(globe.luminance.size(), 1.0f);
    EXPECT_EQ(find_sources(globe.field()).size(), 2u) << "small but sure";
    for (size_t at = 0; at < globe.error.size(); ++at)
        if (globe.luminance[at] > 1000 && globe.direction[at].x > 0.2) globe.error[at] = 2400;
    EXPECT_EQ(find_sources(globe.field()).size(), 1u) << "5000 within 4800 is no more than the limit of 500";
}

TEST(GlareSources, light_is_added_up_with_the_discs_at_their_angle) {
    Globe globe;
    globe.luminance.assign(globe.luminance.size(), 0.0f);
    globe.discs = {{{0, 0.6, 0.8}, 1000}};
    EXPECT_NEAR(vertical_illuminance(globe.field()), 800, 1e-9);
    EXPECT_NEAR(mean_luminance(globe.field()), 1000 / (2 * kPi), 1);
}

// SPDX-License-Identifier: GPL-3.0-or-later
// What stands where in a picture, and pictures made quiet for the eye.
#include "light/sight.h"

#include <gtest/gtest.h>

#include <cmath>

#include "base/random.h"
#include "light/picture_filter.h"
#include "support.h"
#include "validation/scenes.h"

using namespace wp;
using namespace wp::light;

namespace {

// A room of 4 x 4 x 3 m with a pane in its wall at y = 0, from x 1 to 3 and z 1 to 2.
geometry::Surfaces glazed_room() {
    auto box = validation::box_with_wall_hole(4, 4, 3, 0, 1, 3, 1, 2, 0.5);
    geometry::Glazing glazing;
    box.glazings.push_back(glazing);
    box.portals[0].glazing = 0;
    return box;
}

}  // namespace

TEST(Sight, knows_the_wall_the_pane_and_what_is_beyond_it) {
    const auto room = glazed_room();
    const Scene scene(room);
    const Lens lens{Lens::Kind::perspective, 41, 41, radians(90)};
    const auto seen = look_around(scene, lens, make_eye({2, 2, 1.5}, kPi, 0));
    // 2 m away the wall is seen from x 4 on the left to x 0 on the right, and from 0.5 m below the floor up.
    const auto at = [&](double x, double z) -> const Sight& {
        const auto column = static_cast<size_t>((2 - x) / 4 * 41 + 20.5), row = static_cast<size_t>((3.5 - z) / 4 * 41);
        return seen[row * 41 + column];
    };
    EXPECT_EQ(at(2, 1.5).pane, 0);
    EXPECT_EQ(at(2, 1.7).surface, Sight::kOpen);
    EXPECT_EQ(at(2, 1.7).distance, kFar);
    EXPECT_EQ(at(0.5, 1.5).pane, -1);
    ASSERT_GE(at(0.5, 1.5).surface, 0);
    EXPECT_NEAR(at(0.5, 1.5).normal.y, 1, 1e-6) << "towards the eye";
    EXPECT_NEAR(at(0.5, 1.5).distance, std::hypot(2.0, 1.5), 0.1);
}

TEST(Sight, solid_angles_of_every_lens_sum_to_what_it_shows) {
    const auto all = [](const Lens& lens) {
        const LensField field(lens);
        double sum = 0;
        for (size_t at = 0; at < field.solid_angle.size(); ++at) {
            sum += field.solid_angle[at];
            if (field.solid_angle[at] > 0) EXPECT_NEAR(length(field.direction[at]), 1, 1e-9);
        }
        return sum;
    };
    EXPECT_NEAR(all({Lens::Kind::hemisphere, 256, 256}), 2 * kPi, 2e-3);
    EXPECT_NEAR(all({Lens::Kind::sphere, 256, 128}), 4 * kPi, 1e-3);
    // A pyramid of 90 by 90 degrees is a sixth of the sphere; one of a by b: 4 asin(sin(a/2) sin(b/2)).
    EXPECT_NEAR(all({Lens::Kind::perspective, 200, 200, radians(90)}), 4 * kPi / 6, 1e-4);
    const double high = 2 * std::atan(std::tan(radians(30)) * 0.75);
    EXPECT_NEAR(all({Lens::Kind::perspective, 400, 300, radians(60)}),
                4 * std::asin(std::sin(radians(30)) * std::sin(high / 2)), 1e-4);
}

TEST(QuietPicture, evens_out_chance_on_one_surface_and_keeps_edges_and_what_is_sure) {
    Picture picture;
    picture.lens = {Lens::Kind::perspective, 40, 40};
    std::vector<Sight> sights(1600);
    wp::random::Stream stream(7, 0);
    for (size_t at = 0; at < 1600; ++at) {
        const bool left = at % 40 < 20, top = at < 400;
        sights[at].surface = left ? 1 : 2;
        sights[at].normal = {0, 1, 0};
        const float noise = stream.branch().split(static_cast<uint32_t>(at), 1600).next().u - 0.5f;
        picture.value.push_back((left ? 100.0f : 20.0f) + (top ? 0.0f : 20 * noise));
        picture.error.push_back(top ? 0.0f : 6.0f);
    }
    const auto quiet = quietened(picture, sights);
    const auto spread = [&](const std::vector<float>& of) {
        double square = 0;
        for (size_t y = 12; y < 40; ++y)
            for (size_t x = 0; x < 40; ++x) square += std::pow(of[y * 40 + x] - (x < 20 ? 100 : 20), 2);
        return std::sqrt(square / (28 * 40));
    };
    EXPECT_LT(spread(quiet), 0.4 * spread(picture.value));
    EXPECT_NEAR(quiet[20 * 40 + 19], 100, 8) << "not 60: the other surface begins here";
    EXPECT_NEAR(quiet[20 * 40 + 20], 20, 8);
    EXPECT_EQ(quiet[5 * 40 + 5], picture.value[5 * 40 + 5]) << "what is exact stays";
    EXPECT_EQ(quietened(picture, {}), picture.value);
}

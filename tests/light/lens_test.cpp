// SPDX-License-Identifier: GPL-3.0-or-later
// Every lens takes the part of the sphere that it is said to take, and finds again what it shows.
#include "light/lens.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

using namespace wp;
using namespace wp::light;

namespace {

constexpr double kPiHere = std::numbers::pi;

const Pose kPose{{3, 4, 1.2}, normalized(Vec3{1, 2, 0.5}), {}};
Pose pose() {
    Pose out = kPose;
    out.up = normalized(Vec3{0, 0, 1} - out.forward * out.forward.z);
    return out;
}

struct Sums {
    double solid = 0, projected = 0;
    Vec3 mean;
};
Sums sums_of(const Lens& lens) {
    Sums out;
    for (int y = 0; y < lens.height; ++y)
        for (int x = 0; x < lens.width; ++x)
            if (const auto ray = ray_at(lens, pose(), {x + 0.5, y + 0.5})) {
                out.solid += ray->solid_angle;
                out.projected += ray->solid_angle * std::max(0.0, ray->cosine);
                out.mean = out.mean + ray->along * ray->solid_angle;
            }
    return out;
}

TEST(Lenses, of_a_hemisphere_take_half_the_sphere_and_pi_of_it_on_the_eyes_plane) {
    const Sums sums = sums_of({Lens::Kind::hemisphere, 600, 600});
    EXPECT_NEAR(sums.solid, 2 * kPiHere, 0.003);
    EXPECT_NEAR(sums.projected, kPiHere, 0.001);
    EXPECT_NEAR(length(normalized(sums.mean) - pose().forward), 0, 1e-6);
}

TEST(Lenses, of_all_around_take_the_whole_sphere) {
    const Sums sums = sums_of({Lens::Kind::sphere, 600, 300});
    EXPECT_NEAR(sums.solid, 4 * kPiHere, 1e-4);
    EXPECT_NEAR(sums.projected, kPiHere, 1e-3);
    EXPECT_NEAR(length(sums.mean), 0, 1e-3);
}

TEST(Lenses, of_perspective_take_the_solid_angle_of_their_rectangle) {
    for (const double field : {0.5, 1.2, 2.4}) {
        const Lens lens{Lens::Kind::perspective, 400, 300, field};
        const double a = std::tan(field / 2), b = a * 300 / 400;
        // A rectangle of 2a by 2b, straight before the eye at distance 1.
        const double exact = 4 * std::atan(a * b / std::sqrt(1 + a * a + b * b));
        EXPECT_NEAR(sums_of(lens).solid / exact, 1, 1e-4) << field;
        const auto edge = ray_at(lens, pose(), {400, 150});
        ASSERT_TRUE(edge);
        EXPECT_NEAR(std::acos(dot(edge->along, pose().forward)), field / 2, 1e-9) << "the field is seen across";
    }
}

TEST(Lenses, of_parallel_rays_show_lengths_as_they_are) {
    const Lens lens{Lens::Kind::parallel, 500, 250, 1, 20};
    const auto left = ray_at(lens, pose(), {0, 125}), right = ray_at(lens, pose(), {500, 125});
    ASSERT_TRUE(left && right);
    EXPECT_NEAR(length(right->from - left->from), 20, 1e-9);
    EXPECT_NEAR(dot(left->along, right->along), 1, 1e-12);
    const auto place = place_of(lens, pose(), left->from + left->along * 7.0);
    ASSERT_TRUE(place) << "whatever lies along a ray is seen at one place";
    EXPECT_NEAR(place->x, 0, 1e-9);
    EXPECT_NEAR(place->y, 125, 1e-9);
}

TEST(Lenses, find_again_what_they_show) {
    for (const Lens& lens : {Lens{Lens::Kind::hemisphere, 200, 200}, Lens{Lens::Kind::sphere, 200, 100},
                             Lens{Lens::Kind::perspective, 200, 120, 1.5}})
        for (int y = 3; y < lens.height; y += 17)
            for (int x = 5; x < lens.width; x += 19) {
                const PicturePlace at{x + 0.3, y + 0.7};
                const auto ray = ray_at(lens, pose(), at);
                if (!ray) continue;
                EXPECT_NEAR(length(ray->along), 1, 1e-12);
                const auto place = place_of(lens, pose(), ray->along);
                ASSERT_TRUE(place) << x << ", " << y;
                EXPECT_NEAR(place->x, at.x, 1e-6);
                EXPECT_NEAR(place->y, at.y, 1e-6);
            }
}

TEST(Lenses, do_not_show_what_is_behind_or_beside_them) {
    const Vec3 behind = pose().forward * -1.0;
    EXPECT_FALSE(place_of({Lens::Kind::hemisphere, 100, 100}, pose(), behind));
    EXPECT_FALSE(place_of({Lens::Kind::perspective, 100, 100, 1}, pose(), behind));
    EXPECT_TRUE(place_of({Lens::Kind::sphere, 100, 50}, pose(), behind));
    EXPECT_FALSE(place_of({Lens::Kind::perspective, 100, 100, 1}, pose(), pose().right()));
    EXPECT_FALSE(ray_at({Lens::Kind::hemisphere, 100, 100}, pose(), {2, 2})) << "the corners are empty";
}

}  // namespace

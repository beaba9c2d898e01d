// SPDX-License-Identifier: GPL-3.0-or-later
// Paths of eyes are drawn towards the mouths of openings: what they find must be what paths find that know nothing of
// mouths. At places where the two ways of drawing meet: close before a mouth, within a reveal, beside it, where two
// mouths lie in one direction.
#include <gtest/gtest.h>

#include "light/path.h"
#include "support.h"
#include "validation/brute.h"

using namespace wp;
using namespace wp::light;

namespace {

constexpr double kSky = 4000;  // cd/m², everywhere

/// The test's room with thick walls and panes far out in them; a second window round the corner.
model::Project deep_room() {
    auto project = test::one_room();
    auto& option = project.options[0];
    option.outer_wall = 0.7;
    auto& room = option.storeys[0].rooms[0];
    room.openings[0].reveal = 0.6;
    auto second = room.openings[0];
    second.id = second.name = "W-02";
    second.edge = 1;
    second.along = 0.3;
    second.width = 1.2;
    room.openings.push_back(second);
    return project;
}

struct EyeSums {
    using LooksIntoReveals = void;
    double sum = 0;
    void sky(Vec3f, float weight, const Trail&) { sum += static_cast<double>(weight) * kSky; }
    void ground(float weight, const Trail&) { sum += static_cast<double>(weight) * kSky * 0.2; }
};

/// Mean illuminance of a place over replicates, and the standard error of that.
std::pair<double, double> lux(const Scene& scene, Vec3 at, Vec3 normal, unsigned seed) {
    constexpr int replicates = 16, samples = 1024;
    double mean = 0, square = 0;
    for (int r = 0; r < replicates; ++r) {
        EyeSums sink;
        Tracer<random::Stream, EyeSums> tracer(scene, sink, Guidance::openings);
        for (uint32_t i = 0; i < samples; ++i)
            tracer.from_point(at.as<float>(), normal.as<float>(), 0, 1,
                              random::Stream(random::hash(seed, static_cast<uint32_t>(r)), i));
        const double value = sink.sum / samples;
        mean += value / replicates;
        square += value * value / replicates;
    }
    return {mean, std::sqrt(std::max(0.0, square - mean * mean) / (replicates - 1))};
}

struct Spot {
    const char* what;
    Vec3 at, normal;
};
const Spot kSpots[] = {{"in the middle of the floor", {2, 3, 0}, {0, 0, 1}},
                       {"on the wall across from the window", {2, 6, 1.5}, {0, -1, 0}},
                       {"a hand before the mouth, looking in", {2, 0.1, 1.6}, {0, -1, 0}},
                       {"a hair before the mouth, looking up", {2, 0.002, 1.6}, {0, 0, 1}},
                       {"on the sill, within the reveal", {2, -0.3, 1}, {0, 0, 1}},
                       {"on the jamb, within the reveal", {1, -0.3, 1.7}, {1, 0, 0}},
                       {"on the wall beside the window", {0.5, 0, 1.6}, {0, 1, 0}},
                       {"in the corner between both windows", {3.9, 0.1, 0.4}, {0, 0, 1}},
                       {"looking past one mouth into the other", {0.05, 0.05, 1.8}, {0.7071, 0.7071, 0}}};

}  // namespace

TEST(Reveals, are_lit_and_light_the_room_as_paths_say_that_know_nothing_of_them) {
    const auto project = deep_room();
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    ASSERT_NEAR(surfaces.portals[0].reveal_in, 0.6, 1e-6);
    ASSERT_NEAR(surfaces.portals[0].reveal_out, 0.1, 1e-6);
    const Scene scene(surfaces);
    question::SkyAndSun even;
    even.sky = climate::Sky::uniform(kPi * kSky);
    even.ground_luminance = kSky * 0.2;
    constexpr uint32_t paths = 60000;
    for (const Spot& spot : kSpots) {
        const auto [seen, error] = lux(scene, spot.at, spot.normal, 5);
        const double should = validation::brute_sum(scene, even, spot.at, spot.normal, 0, paths, 4711) / paths;
        // Brute paths scatter by about twice the mean of dull places, each.
        const double doubt = std::hypot(error, 2 * should / std::sqrt(double(paths)));
        EXPECT_NEAR(seen, should, 3.5 * doubt) << spot.what;
        EXPECT_LT(doubt, 0.03 * should) << spot.what << ": an error that says nothing proves nothing";
    }
}

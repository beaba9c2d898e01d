// SPDX-License-Identifier: GPL-3.0-or-later
// Where luminaires are drawn: in the model by the box around what shines, in a section behind the cut.
#include "geometry/luminaire_shape.h"

#include <gtest/gtest.h>

#include "geometry/elevation.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;

namespace {

class LuminaireShape : public ::testing::Test {
 protected:
    void SetUp() override {
        model::LuminaireType tube;
        tube.id = "tube";
        tube.size_x = 0.1;
        tube.size_y = 1.2;
        tube.depth = 0.05;
        project.luminaire_types = {tube};
        model::Luminaire l;
        l.id = "lamp";
        l.type = "tube";
        l.storey = option().storeys[0].id;
        l.at = {2, 4};
        l.height = 2.4;
        option().luminaires = {l};
    }
    model::Option& option() { return project.options[0]; }
    model::Luminaire& lamp() { return option().luminaires[0]; }
    // Least and most of the corners along an axis.
    std::pair<double, double> reach(double Vec3::*axis) {
        double low = 1e9, high = -1e9;
        for (const Vec3 p : box_of(option(), lamp(), &project.luminaire_types[0]))
            low = std::min(low, p.*axis), high = std::max(high, p.*axis);
        return {low, high};
    }
    // As a section along that line shows it; null where it does not.
    std::optional<Polygon> in_section(Vec2 a, Vec2 b) {
        for (const auto& beyond : cut_section(project, option(), a, b).beyond)
            if (beyond.id == "lamp") return beyond.outline;
        return std::nullopt;
    }

    model::Project project = test::one_room();
};

TEST_F(LuminaireShape, lies_along_its_turn_at_its_height_over_the_floor) {
    option().storeys[0].level = 3;
    EXPECT_NEAR(reach(&Vec3::y).first, 3.4, 1e-9);
    EXPECT_NEAR(reach(&Vec3::y).second, 4.6, 1e-9);
    EXPECT_NEAR(reach(&Vec3::z).first, 5.375, 1e-9);
    lamp().turn = 90;
    EXPECT_NEAR(reach(&Vec3::x).first, 1.4, 1e-9);
    EXPECT_NEAR(reach(&Vec3::y).second, 4.05, 1e-9);
    // Raised until it looks level, along its turn: its thickness lies along y, its width stands.
    lamp().tilt = 90;
    EXPECT_NEAR(reach(&Vec3::z).second - reach(&Vec3::z).first, 0.1, 1e-9);
    EXPECT_NEAR(reach(&Vec3::y).second - reach(&Vec3::y).first, 0.05, 1e-9);
}

TEST_F(LuminaireShape, of_a_kind_that_is_not_known_it_is_still_seen) {
    for (const Vec3 p : box_of(option(), lamp(), nullptr)) EXPECT_NEAR(length(p - Vec3{2, 4, 2.4}), 0.07, 0.02);
}

TEST_F(LuminaireShape, a_section_shows_what_hangs_behind_its_cut) {
    const auto seen = in_section({0, 3}, {4, 3});
    ASSERT_TRUE(seen);
    double low = 1e9, left = 1e9;
    for (const Vec2 p : *seen) low = std::min(low, p.y), left = std::min(left, p.x);
    EXPECT_NEAR(low, 2.375, 1e-9);
    EXPECT_NEAR(left, 1.95, 1e-9);
    EXPECT_FALSE(in_section({4, 3}, {0, 3})) << "it hangs before the cut that looks the other way";
    EXPECT_FALSE(in_section({0, -5}, {4, -5})) << "no room is cut";
}

}  // namespace

// SPDX-License-Identifier: GPL-3.0-or-later
// Trees and blinds through the year; what a question leaves out.
#include <gtest/gtest.h>

#include <set>

#include "question/ask.h"
#include "question/daylight_factor.h"
#include "question/glare.h"
#include "question/year.h"
#include "support.h"

using namespace wp;
using namespace wp::question;
using namespace wp::model;

namespace {

YearAnswer year_behind(const Project& project, double accuracy) {
    const auto& option = project.options[0];
    const auto weather = test::weather();
    return solve_year(geometry::build_surfaces(project, option), *planes_of(option, project.questions[0]), weather, 0,
                      {accuracy, 1, 0});
}

Project with_tree() {
    auto project = test::one_room();
    Thing tree = usual(Thing::Kind::tree);
    tree.id = "tree";
    tree.at = {2, -5};
    tree.width = 5;
    tree.landing = 0.5;
    tree.height = 6;
    tree.gap = 0.1;
    tree.bare_gap = 0.7;
    project.options[0].things = {tree};
    return project;
}

}  // namespace

TEST(MatterYear, sun_through_a_canopy_is_dimmed_to_its_gap_in_leaf_and_bare_by_the_month) {
    auto project = with_tree();
    const auto shaded = year_behind(project, 0.4);
    project.options[0].things.clear();
    const auto open = year_behind(project, 0.4);
    const auto &a = *shaded.direct(0), &b = *open.direct(0);
    ASSERT_EQ(a.lux.size(), b.lux.size());
    size_t summer = 0, winter = 0;
    for (int h = 0; h < 8760; ++h) {
        const int row = a.row_of[static_cast<size_t>(h)];
        if (row < 0) continue;
        const int month = climate::moment_of(h / 24, 12).month;
        const bool leaf = month >= 5 && month <= 10;
        for (size_t p = 0; p < a.points; ++p) {
            const float with = a.lux[static_cast<size_t>(row) * a.points + p],
                        without = b.lux[static_cast<size_t>(row) * b.points + p];
            if (without <= 0) {
                EXPECT_EQ(with, 0.0f);
                continue;
            }
            const double share = static_cast<double>(with / without);
            if (share > 0.999) continue;  // past the canopy
            if (share < 1e-6) continue;   // behind the trunk
            EXPECT_NEAR(share, leaf ? 0.1 : 0.7, 1e-4) << climate::text(climate::moment_of(h / 24, h % 24));
            ++(leaf ? summer : winter);
        }
    }
    EXPECT_GT(summer, 20u);
    EXPECT_GT(winter, 200u) << "the low sun shines through it";
}

TEST(MatterYear, behind_closed_cloth_there_is_its_openness_of_everything_where_nothing_is_scattered) {
    auto project = test::one_room();
    project.materials[0].reflectance = 0;
    Material fabric;
    fabric.id = fabric.name = "fabric";
    fabric.kind = Material::Kind::fabric;
    fabric.openness = 0.1;
    fabric.transmittance = 0;
    fabric.reflectance = 0;
    project.materials.push_back(fabric);
    project.options[0].storeys[0].rooms[0].openings[0].blind_material = "fabric";
    project.site.ground_reflectance = 0.2;
    const auto year = year_behind(project, 0.05);
    ASSERT_EQ(year.planes[0].groups.size(), 1u);
    const auto open = year.lux(0, Operation::open), blinds = year.lux(0, Operation::lm83);
    const auto& states = year.states(static_cast<size_t>(year.planes[0].groups[0]), Operation::lm83);
    int closed = 0;
    for (int h = 0; h < 8760; ++h) {
        const int row = open->row_of[static_cast<size_t>(h)];
        if (row < 0) continue;
        double with = 0, without = 0;
        for (size_t p = 0; p < open->points; ++p) {
            with += static_cast<double>(blinds->lux[static_cast<size_t>(row) * open->points + p]);
            without += static_cast<double>(open->lux[static_cast<size_t>(row) * open->points + p]);
        }
        if (without < 1) continue;
        const bool shut = states[static_cast<size_t>(h)] > 0;
        closed += shut;
        EXPECT_NEAR(with / without, shut ? 0.1 : 1.0, shut ? 0.004 : 1e-6);
    }
    EXPECT_GT(closed, 100);
}

TEST(MatterYear, a_daylight_factor_is_asked_in_leaf_or_bare) {
    const auto project = with_tree();
    const auto& option = project.options[0];
    const auto surfaces = geometry::build_surfaces(project, option);
    const auto planes = *planes_of(option, project.questions[0]);
    const Effort effort{0.03, 1, 0};
    DaylightFactorSetup bare;
    bare.season = Season::bare;
    const double leaf = daylight_factor(surfaces, planes, effort).planes[0].figures.mean,
                 naked = daylight_factor(surfaces, planes, effort, {}, {}, bare).planes[0].figures.mean;
    const double without =
        daylight_factor(geometry::build_surfaces(project, option, {"tree"}), planes, effort).planes[0].figures.mean;
    EXPECT_LT(leaf, 0.9 * naked);
    EXPECT_LT(naked, without);
    EXPECT_NE(daylight_factor_inputs(surfaces, planes, effort),
              daylight_factor_inputs(surfaces, planes, effort, Season::bare));
}

TEST(MatterYear, closed_slats_keep_the_high_sun_out_and_pass_what_their_geometry_says) {
    auto project = test::one_room();
    Material blind;
    blind.id = blind.name = "blind";
    blind.kind = Material::Kind::slats;
    blind.slat_width = 0.05;
    blind.slat_spacing = 0.042;
    blind.slat_tilt = 45;
    project.materials.push_back(blind);
    project.options[0].storeys[0].rooms[0].openings[0].blind_material = "blind";
    const light::Scene shut(geometry::build_surfaces(project, project.options[0]), light::Blinds::closed);
    const light::Scene open(geometry::build_surfaces(project, project.options[0]));
    const light::SlatCurve slats(0.05, 0.042, 45, 0.5);
    for (const double altitude : {-60.0, -50.0, -45.0, -30.0, 0.0, 5.0, 9.0, 20.0, 40.0}) {
        // From inside towards the sun, the window before the eye.
        const Vec3 to = direction(kPi, radians(altitude)), from = Vec3{2, -0.05, 1.75} - to * 0.12;
        const float free = open.beam(from.as<float>(), to.as<float>()).share,
                    dimmed = shut.beam(from.as<float>(), to.as<float>()).share;
        if (free <= 0) continue;  // the frame
        EXPECT_NEAR(dimmed / free, slats.exact(radians(altitude)).direct, 1e-3) << altitude;
        if (radians(altitude) > slats.cut_off()) EXPECT_EQ(dimmed, 0.0f);
    }
}

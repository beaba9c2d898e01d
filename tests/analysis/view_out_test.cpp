// SPDX-License-Identifier: GPL-3.0-or-later
// The view out against what a ruler and a protractor say of one window, and the rule that asks for it.
#include <gtest/gtest.h>

#include <algorithm>
#include <cmath>

#include "analysis/analysis.h"
#include "rule/data.h"
#include "rule/verdicts.h"
#include "support.h"

using namespace wp;
using model::Question;

namespace {

constexpr double kWall = 0.35, kPane = 0.12;  // thickness, and how far the pane stands from the inner face

model::Project room() {
    auto project = test::one_room();
    project.options[0].outer_wall = kWall;
    auto& window = project.options[0].storeys[0].rooms[0].openings[0];
    window.frame = 0;
    window.reveal = kPane;
    return project;
}

question::TableAnswer view_of(const model::Project& project) {
    Question q;
    q.id = "q";
    q.kind = Question::Kind::view_out;
    return *analysis::ask(project, project.options[0], q, nullptr, {0.05, 1, 0});
}

const std::vector<double>& column(const question::TableAnswer& answer, const char* id) {
    for (const auto& c : answer.table.columns)
        if (c.id == id) return c.value[0];
    throw std::out_of_range(id);
}

// A block across the whole view, its near face so far from the pane.
void add_block(model::Project& project, double away, double height) {
    const double y = -kPane - away;
    model::Block b;
    b.id = b.name = "b";
    b.footprint = {{-900, y - 1}, {900, y - 1}, {900, y}, {-900, y}};
    b.height = height;
    project.options[0].blocks.push_back(b);
}

// Directions that pass the hole at the inner and at the outer face, from straight ahead to either side.
std::pair<double, double> through_the_hole(const model::Project& project, Vec3 p) {
    const auto& w = project.options[0].storeys[0].rooms[0].openings[0];
    const double left = w.along, right = w.along + w.width;
    const double lo = std::max((left - p.x) / p.y, (left - p.x) / (p.y + kWall)),
                 hi = std::min((right - p.x) / p.y, (right - p.x) / (p.y + kWall));
    return {std::atan(lo), std::atan(std::max(lo, hi))};
}

}  // namespace

TEST(ViewOut, is_as_wide_as_the_hole_in_a_thick_wall_lets_it_be) {
    const auto project = room();
    const auto answer = view_of(project);
    const auto& points = answer.table.planes[0].points;
    const auto& angle = column(answer, "horizontal_sight_angle_degrees");
    ASSERT_EQ(points.size(), angle.size());
    for (size_t i = 0; i < points.size(); ++i) {
        EXPECT_NEAR(points[i].z, 1.2, 1e-9) << "where the eyes of people are who sit";
        const auto [lo, hi] = through_the_hole(project, points[i]);
        EXPECT_NEAR(angle[i], (hi - lo) * 180 / kPi, 0.01) << points[i].x << " " << points[i].y;
    }
    EXPECT_GT(*std::ranges::max_element(angle), 2.5 * *std::ranges::min_element(angle));
}

TEST(ViewOut, is_as_far_as_what_stands_opposite) {
    auto project = room();
    add_block(project, 12, 8);
    const auto answer = view_of(project);
    const auto& points = answer.table.planes[0].points;
    const auto& distance = column(answer, "view_distance_m");
    for (size_t i = 0; i < points.size(); ++i) {
        const auto [lo, hi] = through_the_hole(project, points[i]);
        std::vector<double> all;
        for (int k = 0; k < 2000; ++k) all.push_back(12 / std::cos(lo + (hi - lo) * (k + 0.5) / 2000));
        std::ranges::sort(all);
        EXPECT_NEAR(distance[i], all[1000], 0.15) << points[i].x << " " << points[i].y;
    }
    EXPECT_EQ(column(view_of(room()), "view_distance_m")[0], 1000) << "nothing stands there";
}

TEST(ViewOut, has_layers_of_sky_landscape_and_ground) {
    const auto most = [](const model::Project& project) {
        const auto answer = view_of(project);
        return *std::ranges::max_element(column(answer, "view_layers"));
    };
    const auto open = view_of(room());
    EXPECT_EQ(*std::ranges::min_element(column(open, "view_layers")), 3) << "open country";
    auto walled = room();
    add_block(walled, 30, 60);
    EXPECT_EQ(most(walled), 2) << "no sky above the wall";
    auto near = room();
    add_block(near, 1, 60);
    EXPECT_EQ(most(near), 1) << "at arm's length it hides the ground, too";
    auto frosted = room();
    frosted.materials[1].diffuse = 1;
    EXPECT_EQ(most(frosted), 0) << "a pane that scatters shows nothing";
    auto walled_up = room();
    walled_up.options[0].storeys[0].rooms[0].openings.clear();
    EXPECT_EQ(most(walled_up), 0);
}

// EN 17037, 5.2: from three quarters of the used area.
TEST(ViewOut, is_judged_by_width_distance_and_layers_together) {
    const auto set = *rule::criteria_set("en-17037-view-out");
    const auto judge = [&](const model::Project& project) {
        const auto answer = view_of(project);
        rule::Case judged;
        const auto& option = project.options[0];
        judged.subjects = rule::subjects_of(option, answer.table.planes, geometry::build_surfaces(project, option));
        judged.answers.tables[Question::Kind::view_out] = &answer.table;
        const auto all = rule::conclude(rule::evaluate(set, judged));
        EXPECT_EQ(all.size(), 1u);
        return std::pair(all[0].state, all[0].level);
    };
    using P = std::pair<rule::State, std::string>;
    auto wide = room();
    wide.options[0].storeys[0].rooms[0].openings[0].along = 0.2;
    wide.options[0].storeys[0].rooms[0].openings[0].width = 3.6;
    EXPECT_EQ(judge(wide), P(rule::State::met, "medium")) << "29 degrees from the back of the room";
    add_block(wide, 15, 8);
    EXPECT_EQ(judge(wide), P(rule::State::met, "minimum")) << "15 m are less than 20";
    wide.options[0].blocks.clear();
    add_block(wide, 5.5, 8);
    EXPECT_EQ(judge(wide).first, rule::State::not_met) << "5.5 m are less than 6";
    auto narrow = room();
    narrow.options[0].storeys[0].rooms[0].openings[0].width = 0.4;
    EXPECT_EQ(judge(narrow).first, rule::State::not_met);
}

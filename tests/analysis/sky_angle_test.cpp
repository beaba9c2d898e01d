// SPDX-License-Identifier: GPL-3.0-or-later
// Visible sky angle against what a protractor says of blocks, a slab in the air and an overhang.
#include <gtest/gtest.h>

#include <cmath>

#include "analysis/analysis.h"
#include "support.h"

using namespace wp;
using model::Question;

namespace {

constexpr double kFacade = -0.35;  // outer face of the room's window wall, looking to -y

question::TableAnswer asked(const model::Project& project, Question::At at = Question::At::windows) {
    Question q;
    q.id = "q";
    q.kind = Question::Kind::sky_angle;
    q.at = at;
    return *analysis::ask(project, project.options[0], q, nullptr, {0.05, 1, 0});
}

// How far before the facade the point of the window stands: it must not lie in it.
double off_the_face(const question::TableAnswer& answer) {
    const double off = kFacade - answer.table.planes[0].points[0].y;
    EXPECT_GT(off, 0);
    EXPECT_LT(off, 0.05);
    return off;
}

double value_of(const question::TableAnswer& answer, size_t column) { return answer.table.columns[column].value[0][0]; }
double middle(const model::Project& project) {
    const auto& o = project.options[0].storeys[0].rooms[0].openings[0];
    return o.sill + o.height / 2;
}
double degrees_up(double height, double away) { return std::atan2(height, away) * 180 / kPi; }

// A block across the whole view, its near face so far before the facade.
void add_block(model::Project& project, double away, double base, double height) {
    model::Block b;
    b.id = b.name = "b" + std::to_string(project.options[0].blocks.size());
    b.footprint = {
        {-400, kFacade - away - 1}, {400, kFacade - away - 1}, {400, kFacade - away}, {-400, kFacade - away}};
    b.base = base;
    b.height = height;
    project.options[0].blocks.push_back(b);
}

}  // namespace

TEST(SkyAngle, of_a_window_before_nothing_is_a_right_angle) {
    const auto answer = asked(test::one_room());
    EXPECT_NEAR(value_of(answer, 0), 90, 1e-6);
    EXPECT_EQ(value_of(answer, 1), 0);
    EXPECT_EQ(answer.table.columns[0].unit, "\u00b0");
}

TEST(SkyAngle, begins_above_the_highest_of_what_stands_opposite) {
    for (const auto& [away, height] : {std::pair{10.0, 8.0}, {25.0, 12.0}, {4.0, 30.0}}) {
        auto project = test::one_room();
        add_block(project, away, 0, height);
        const auto answer = asked(project);
        const double up = degrees_up(height - middle(project), away - off_the_face(answer));
        EXPECT_NEAR(value_of(answer, 0), 90 - up, 0.003) << away;
        EXPECT_NEAR(value_of(answer, 1), up, 0.003) << away;
        // A lower one before it takes nothing.
        add_block(project, away / 2, 0, 0.4 * height);
        EXPECT_NEAR(value_of(asked(project), 0), 90 - up, 0.003) << away;
    }
}

TEST(SkyAngle, counts_what_is_seen_below_a_slab_in_the_air) {
    auto project = test::one_room();
    add_block(project, 12, 10, 4);
    const auto answer = asked(project);
    const double off = off_the_face(answer), z = middle(project), low = degrees_up(10 - z, 13 - off),
                 high = degrees_up(14 - z, 12 - off);
    // The slab is 1 m deep: its lower far edge is what the eye passes below, its upper near edge what it passes above.
    EXPECT_NEAR(value_of(answer, 0), 90 - (high - low), 0.003);
    EXPECT_EQ(value_of(answer, 1), 0);
}

TEST(SkyAngle, ends_at_the_edge_of_an_overhang) {
    auto project = test::one_room();
    auto& opening = project.options[0].storeys[0].rooms[0].openings[0];
    model::ShadeLayer board;
    board.kind = model::ShadeLayer::Kind::overhang;
    board.depth = 1.2;
    board.thickness = 0;
    board.offset = 0.3;
    board.left = board.right = 3;
    opening.shading = {board};
    const auto answer = asked(project);
    EXPECT_NEAR(value_of(answer, 0), degrees_up(opening.height / 2 + board.offset, board.depth - off_the_face(answer)),
                0.01);
}

TEST(SkyAngle, is_not_told_of_a_point_that_looks_up) {
    const auto answer = asked(test::one_room(), Question::At::planes);
    for (const double v : answer.table.columns[0].value[0]) EXPECT_TRUE(std::isnan(v));
}

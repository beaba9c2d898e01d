// SPDX-License-Identifier: GPL-3.0-or-later
// Elements as another option has them.
#include "edit/take_over.h"

#include <gtest/gtest.h>

#include "describe/differences.h"
#include "edit/options.h"
#include "support.h"

using namespace wp;
using namespace wp::edit;

namespace {

// As it was, and a copy in which all sorts of things were changed.
model::Project two_options() {
    auto project = test::one_room();
    copy_option(project, 0, "Changed");
    auto& option = project.options[1];
    auto& room = option.storeys[0].rooms[0];
    room.openings[0].width += 0.4;
    room.height += 0.3;
    model::Opening second = room.openings[0];
    second.id = "second";
    room.openings.push_back(second);
    model::Block block;
    block.id = "tower";
    block.height = 20;
    option.blocks.push_back(block);
    option.outer_wall += 0.1;
    return project;
}

bool differs(const model::Project& p) { return !describe::differences(p, p.options[0], p.options[1]).empty(); }

}  // namespace

TEST(TakeOver, makes_a_window_what_it_is_there_and_nothing_else) {
    auto p = two_options();
    const std::string id = p.options[0].storeys[0].rooms[0].openings[0].id;
    ASSERT_FALSE(take_over(p.options[0], p.options[1], "opening", id));
    EXPECT_EQ(p.options[0].storeys[0].rooms[0].openings[0], p.options[1].storeys[0].rooms[0].openings[0]);
    EXPECT_EQ(p.options[0].storeys[0].rooms[0].openings.size(), 1u);
    EXPECT_TRUE(differs(p));
}

TEST(TakeOver, of_all_that_differs_leaves_no_difference) {
    auto p = two_options();
    for (const auto& d : describe::differences(p, p.options[0], p.options[1]))
        ASSERT_FALSE(take_over(p.options[0], p.options[1], d.owner, d.id)) << d.name;
    EXPECT_FALSE(differs(p));
}

TEST(TakeOver, takes_out_what_the_other_has_not) {
    auto p = two_options();
    ASSERT_FALSE(take_over(p.options[1], p.options[0], "opening", "second"));
    EXPECT_EQ(p.options[1].storeys[0].rooms[0].openings.size(), 1u);
    ASSERT_FALSE(take_over(p.options[1], p.options[0], "block", "tower"));
    EXPECT_TRUE(p.options[1].blocks.empty());
}

TEST(TakeOver, without_a_place_changes_nothing_and_says_why) {
    auto p = two_options();
    auto& bare = p.options[0];
    bare.storeys[0].rooms.clear();
    const auto before = bare;
    const auto fault = take_over(bare, p.options[1], "opening", "second");
    ASSERT_TRUE(fault);
    EXPECT_NE(fault->line().find("room"), std::string::npos) << fault->line();
    EXPECT_EQ(bare, before);
    EXPECT_TRUE(take_over(bare, p.options[1], "girder", "x")) << "what nobody knows";
    EXPECT_FALSE(take_over(bare, p.options[1], "opening", "nowhere")) << "what neither has is as it is there";
}

TEST(TakeOver, knows_all_elements_that_differences_tell_of) {
    for (const char* type : {"option", "storey", "room", "opening", "partition", "void", "roof", "rooflight", "block",
                             "thing", "plane", "observer", "reading", "window_group", "lighting"})
        EXPECT_TRUE(can_take_over(type)) << type;
    EXPECT_FALSE(can_take_over("view"));
}

TEST(Options, that_are_deleted_take_along_what_stands_on_them) {
    auto p = two_options();
    const model::Id gone = p.options[1].id;
    p.decision = {gone, "because", "K. Wren", "2026-11-30"};
    p.hand_figures.push_back(
        {"cost", "Cost", "k", model::HandFigure::Better::lower, {{gone, 3}, {p.options[0].id, 2}}});
    model::Series series;
    series.id = "s";
    series.option = gone;
    p.series.push_back(series);
    p.options[1].archived = true;
    const size_t copy = copy_option(p, 1, "Again");
    EXPECT_FALSE(p.options[copy].archived) << "a copy is there to be worked on";
    ASSERT_TRUE(remove_option(p, 1));
    EXPECT_TRUE(p.decision.option.empty());
    EXPECT_EQ(p.hand_figures[0].values.size(), 1u);
    EXPECT_TRUE(p.series.empty());
}

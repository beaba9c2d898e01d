// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/options.h"

#include <gtest/gtest.h>

#include "describe/differences.h"
#include "support.h"

using namespace wp;
using namespace wp::edit;

TEST(Options, a_copy_stands_behind_its_original_and_differs_in_nothing_that_is_built) {
    auto project = test::one_room();
    const size_t copy = copy_option(project, 0, "Wider");
    ASSERT_EQ(copy, 1u);
    EXPECT_EQ(project.options[1].name, "Wider");
    EXPECT_NE(project.options[1].id, project.options[0].id);
    EXPECT_TRUE(describe::differences(project, project.options[0], project.options[1]).empty());
    const size_t second = copy_option(project, 0, "Higher");
    EXPECT_EQ(second, 1u) << "behind the one it is a copy of";
    EXPECT_EQ(project.options[2].name, "Wider");
    EXPECT_NE(project.options[1].id, project.options[2].id);
}

TEST(Options, an_empty_one_keeps_the_neighbours_and_what_walls_are_made_of) {
    auto project = test::one_room();
    model::Block neighbour;
    neighbour.id = "b-1";
    project.options[0].blocks.push_back(neighbour);
    project.options[0].outer_wall = 0.61;
    const size_t at = add_empty_option(project, 0, "Another concept");
    const auto& fresh = project.options[at];
    ASSERT_EQ(fresh.storeys.size(), 1u);
    EXPECT_TRUE(fresh.storeys[0].rooms.empty());
    EXPECT_EQ(fresh.blocks.size(), 1u);
    EXPECT_DOUBLE_EQ(fresh.outer_wall, 0.61);
    EXPECT_EQ(fresh.types, project.options[0].types);
}

TEST(Options, are_put_in_another_order_and_the_last_one_stays) {
    auto project = test::one_room();
    copy_option(project, 0, "B");
    copy_option(project, 1, "C");
    const auto a = project.options[0].id, b = project.options[1].id, c = project.options[2].id;
    EXPECT_TRUE(move_option(project, 0, 2));
    EXPECT_EQ(project.options[0].id, b);
    EXPECT_EQ(project.options[2].id, a);
    EXPECT_TRUE(move_option(project, 2, 0));
    EXPECT_EQ(project.options[0].id, a);
    EXPECT_EQ(project.options[1].id, b);
    EXPECT_FALSE(move_option(project, 0, 3));
    project.former = c;
    EXPECT_TRUE(remove_option(project, 2));
    EXPECT_TRUE(project.former.empty()) << "nothing is compared with what is gone";
    EXPECT_TRUE(remove_option(project, 0));
    EXPECT_FALSE(remove_option(project, 0)) << "a project has one at least";
    EXPECT_EQ(project.options[0].id, b);
}

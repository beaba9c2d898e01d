// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "question/ask.h"
#include "support.h"

using namespace wp;
using namespace wp::model;

TEST(Openings, never_leave_their_wall) {
    const auto project = test::one_room();
    const Room& room = project.options[0].storeys[0].rooms[0];  // wall 0 is 4 m long, the room 3 m high
    for (const double along : {-5.0, 0.0, 3.9, 50.0})
        for (const double width : {-1.0, 0.5, 3.0, 40.0})
            for (const double sill : {-2.0, 1.0, 9.0}) {
                Opening o = room.openings[0];
                o.along = along;
                o.width = width;
                o.sill = sill;
                o.height = width;
                keep_in_wall(room, o);
                EXPECT_GE(o.along, 0);
                EXPECT_GE(o.sill, 0);
                EXPECT_GT(o.width, 0);
                EXPECT_GT(o.height, 0);
                EXPECT_LE(o.along + o.width, 4 + 1e-12);
                EXPECT_LE(o.sill + o.height, 3 + 1e-12);
            }
}

TEST(Openings, that_fit_stay_as_they_are) {
    const auto project = test::one_room();
    Opening o = project.options[0].storeys[0].rooms[0].openings[0];
    const Opening before = o;
    keep_in_wall(project.options[0].storeys[0].rooms[0], o);
    EXPECT_EQ(o, before);
}

TEST(Ids, are_fresh_whatever_is_there_already) {
    auto project = test::one_room();
    Option& option = project.options[0];
    EXPECT_EQ(fresh_id(option, "W"), "W-02");
    option.blocks.push_back({});
    option.blocks.back().id = "W-02";
    EXPECT_EQ(fresh_id(option, "W"), "W-03");
    EXPECT_EQ(fresh_id(option, "room"), "room-01");
}

TEST(Lookups, find_what_is_there_and_nothing_else) {
    auto project = test::one_room();
    Option& option = project.options[0];
    EXPECT_TRUE(find_room(option, "room"));
    EXPECT_FALSE(find_room(option, "attic"));
    EXPECT_EQ(find_opening(option, "W-01").room->id, "room");
    EXPECT_FALSE(find_opening(option, "W-99"));
    EXPECT_EQ(find(project.materials, "nothing"), nullptr);
}

TEST(Edges, run_counter_clockwise_around_the_room) {
    const auto project = test::one_room();
    const Room& room = project.options[0].storeys[0].rooms[0];
    EXPECT_DOUBLE_EQ(edge_length(room, 0), 4);
    EXPECT_DOUBLE_EQ(edge_length(room, 1), 6);
    EXPECT_EQ(edge_end(room, 3), edge_begin(room, 0));
}

TEST(Questions, are_asked_on_all_planes_or_on_those_they_name) {
    auto project = test::one_room();
    Option& option = project.options[0];
    option.planes.push_back(option.planes[0]);
    option.planes[1].id = "second";
    option.planes[1].height = 0.4;
    EXPECT_EQ(question::planes_of(option, project.questions[0])->size(), 2u);
    project.questions[0].planes = {"second"};
    const auto one = question::planes_of(option, project.questions[0]);
    ASSERT_EQ(one->size(), 1u);
    EXPECT_DOUBLE_EQ((*one)[0].points[0].z, 0.4);
    project.questions[0].planes = {"third"};
    EXPECT_FALSE(question::planes_of(option, project.questions[0]));
}

TEST(Questions, name_two_planes_of_a_room_apart) {
    auto project = test::one_room();
    Option& option = project.options[0];
    EXPECT_EQ(question::plane_names(option, *question::planes_of(option, project.questions[0])),
              std::vector<std::string>{"Room"});
    option.planes.push_back(option.planes[0]);
    option.planes[1].id = "floor";
    option.planes[1].name = "On the floor";
    option.planes[1].occupied = false;
    const auto planes = *question::planes_of(option, project.questions[0]);
    EXPECT_EQ(question::plane_names(option, planes),
              (std::vector<std::string>{"Room, Desk height", "Room, On the floor"}));
    EXPECT_EQ(question::occupied_planes(option, planes), (std::vector<bool>{true, false}));
}

TEST(Questions, without_a_weather_file_say_what_to_do) {
    const auto project = test::one_room();
    const auto none = question::weather_of(project, "/tmp/p.warmpane");
    ASSERT_FALSE(none);
    EXPECT_NE(none.fault().remedy.find("EPW"), std::string::npos);
}

TEST(Moments, know_their_day_and_their_hour) {
    EXPECT_EQ((climate::Moment{1, 1, 0.5}.hour_of_year()), 0);
    EXPECT_EQ((climate::Moment{12, 31, 24}.hour_of_year()), 8759);
    EXPECT_EQ((climate::Moment{3, 1, 12.25}.day_of_year()), 59);
    for (int day = 0; day < 365; ++day) EXPECT_EQ(climate::moment_of(day, 3).day_of_year(), day);
    EXPECT_EQ(climate::text({6, 21, 13.5}), "21 Jun 13:30");
}

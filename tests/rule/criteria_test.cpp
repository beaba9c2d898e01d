// SPDX-License-Identifier: GPL-3.0-or-later
// Criteria sets as files: those that come with the program are sound, those that people write are looked over.
#include "rule/criteria_file.h"

#include <gtest/gtest.h>

#include <set>

#include <filesystem>

#include "base/data_folder.h"
#include "base/file.h"
#include "figure/measures.h"
#include "model/project.h"
#include "rule/data.h"
#include "rule/needs.h"
#include "support.h"

using namespace wp;
using namespace wp::rule;

TEST(CriteriaSets, that_come_with_the_program_are_sound_and_say_where_every_number_is_from) {
    const auto ids = criteria_sets();
    EXPECT_GE(ids.size(), 11u);
    for (const auto& id : ids) {
        const auto set = criteria_set(id);
        ASSERT_TRUE(set) << set.fault().line();
        EXPECT_EQ(set->id, id);
        EXPECT_FALSE(set->name.empty() || set->source.empty());
        for (const auto& c : set->criteria) {
            EXPECT_FALSE(c.source.empty() || c.meaning.empty()) << id << " " << c.id;
            EXPECT_FALSE(value_text(c, c.thresholds[0].value).empty());
        }
    }
    EXPECT_FALSE(criteria_set("../secrets"));
    EXPECT_FALSE(criteria_set("no-such-set"));
}

TEST(CriteriaSets, come_back_from_a_file_as_they_were_written) {
    for (const auto& id : criteria_sets()) {
        const auto set = *criteria_set(id);
        const auto again = parse_criteria(write_criteria(set), "again");
        ASSERT_TRUE(again) << again.fault().line();
        EXPECT_TRUE(*again == set) << id;
    }
    const test::Folder folder;
    const auto path = folder.path() / "own.criteria.json";
    const auto set = *criteria_set("en-17037-glare");
    EXPECT_FALSE(save_criteria(set, path));
    EXPECT_TRUE(*read_criteria(path) == set);
    ASSERT_FALSE(write_file(path, "something else"));
    ASSERT_TRUE(save_criteria(set, path)) << "what is no criteria set is not overwritten";
    EXPECT_EQ(*read_file(path), "something else");
}

TEST(CriteriaSets, with_a_slip_are_refused_and_say_where) {
    const std::string good = *read_file(data_folder() / "criteria" / "leed-v41-daylight-option-1.json");
    ASSERT_TRUE(parse_criteria(good, "c"));
    const auto with = [&](const std::string& from, const std::string& to) {
        std::string text = good;
        const size_t at = text.find(from);
        EXPECT_NE(at, std::string::npos) << from;
        text.replace(at, from.size(), to);
        const auto read = parse_criteria(text, "c");
        return read ? std::string("taken") : read.fault().line();
    };
    const auto says = [&](const std::string& from, const std::string& to, const char* words) {
        const std::string told = with(from, to);
        EXPECT_NE(told.find(words), std::string::npos) << told;
    };
    says("\"time_share\"", "\"time_shares\"", "time_shares");
    says("\"from\": 8", "\"from\": 18", "end before they begin");
    says("\"value\": 0.4", "\"value\": 40", "more than 1");
    says("\"value\": 0.4", "\"value\": 0.6", "easiest");
    says("\"id\": \"ase\"", "\"id\": \"sda\"", "taken already");
    says("\"measure\": \"spatial_autonomy\"", "\"measure\": \"moonlight\"", "no measure");
    says("\"judges\": \"floor_area\"", "\"asks\": \"seance\", \"judges\": \"floor_area\"", "no way of asking");
    says("\"judges\": \"floor_area\"", "\"asks\": \"windows\", \"judges\": \"floor_area\"", "gives no");
    says("\"judges\": \"floor_area\"", "\"uses\": [\"throne\"], \"judges\": \"floor_area\"", "no use");
    says("\"warmpane_criteria\": 2", "\"warmpane_criteria\": 3", "newer program");
    EXPECT_NE(parse_criteria("{", "x.json").fault().place.find("line 1"), std::string::npos);
    EXPECT_FALSE(parse_criteria("[]", "x.json"));
    const auto fault =
        parse_criteria(R"({"warmpane_criteria":2,"id":"a","name":"A","source":"s","criteria":[{"id":"c"}]})", "x.json");
    ASSERT_FALSE(fault);
    EXPECT_NE(fault.fault().place.find("/criteria/0"), std::string::npos);
}

TEST(CriteriaSets, of_the_project_go_before_those_of_the_program) {
    model::Project project;
    EXPECT_EQ(set_of(project, "en-17037-glare")->name, "EN 17037 protection from glare");
    auto own = *criteria_set("en-17037-glare");
    own.name = "Ours";
    project.own_sets = {own};
    EXPECT_EQ(set_of(project, "en-17037-glare")->name, "Ours");
    project.own_sets[0].criteria[0].thresholds.clear();
    EXPECT_FALSE(set_of(project, "en-17037-glare")) << "one that is not sound judges nothing";
}

TEST(CriteriaSets, from_memory_say_so_until_somebody_has_checked_them) {
    model::Project project;
    const auto set = *criteria_set("breeam-hea-01");
    EXPECT_NE(doubt_of(project, set).find("from memory"), std::string::npos);
    project.set_checks = {{"breeam-hea-01", "A. Tern", "2026-11-30", "2018, issue 3"}};
    EXPECT_EQ(doubt_of(project, set), "");
    EXPECT_NE(doubt_of(project, *criteria_set("well-v2-light")), "") << "another set is another";
}

TEST(CriteriaSets, ask_what_they_need_and_know_it_again) {
    model::Project project = test::one_room();
    project.questions.clear();
    const auto weather = test::weather();
    const Circumstances of{&project, &weather};
    for (const auto& id : criteria_sets()) {
        const auto set = *criteria_set(id);
        const auto wanted = questions_of(set, of);
        ASSERT_FALSE(wanted.empty()) << id;
        project.questions = wanted;
        const auto again = questions_of(set, of);
        ASSERT_EQ(again.size(), wanted.size()) << id;
        for (size_t i = 0; i < again.size(); ++i) EXPECT_EQ(again[i].id, wanted[i].id) << id;
        project.questions.clear();
    }
}

TEST(Needs, sunlight_is_asked_on_one_day_between_february_and_the_equinox) {
    model::Project project = test::one_room();
    project.site.latitude = 55.4;
    const Circumstances of{&project, nullptr};
    const Need& need = *find_need("sunlight_day");
    auto q = *need.make(of);
    EXPECT_TRUE(need.fits(q, of));
    q.first = q.last = {2, 1, 0};
    EXPECT_TRUE(need.fits(q, of)) << "1 February is the first day";
    q.first = q.last = {1, 31, 0};
    EXPECT_FALSE(need.fits(q, of));
    q.first = q.last = {3, 22, 0};
    EXPECT_FALSE(need.fits(q, of));
    q.first = {2, 1, 0}, q.last = {3, 21, 0};
    EXPECT_FALSE(need.fits(q, of)) << "the hours of many days are not those of one";
    q = *need.make(of);
    q.least_altitude = 0;
    EXPECT_FALSE(need.fits(q, of)) << "a sun on the horizon does not count";
    q = *need.make(of);
    q.probable = true;
    EXPECT_FALSE(need.fits(q, of)) << "cloud is left out of account";
    q = *need.make(of);
    q.without = {"tree"};
    EXPECT_FALSE(need.fits(q, of));
}

TEST(Needs, clear_hours_are_those_with_most_direct_light_by_the_clock) {
    auto weather = test::weather();
    for (auto& hour : weather.hours) hour.direct_normal = 100;
    const auto shine = [&](int month, int day, int hour) {
        weather.hours[static_cast<size_t>(climate::Moment{month, day, hour + 0.5}.hour_of_year())].direct_normal = 900;
    };
    shine(3, 10, 9), shine(3, 10, 15);
    shine(3, 20, 9);                    // the afternoon is dull
    shine(9, 30, 8), shine(9, 30, 14);  // 9 and 15 by a clock that is an hour ahead
    shine(11, 1, 9), shine(11, 1, 15);  // too late in the year
    model::YearCalendar calendar;
    calendar.summer_time = true;
    const auto hours = clear_hours(calendar, weather);
    ASSERT_EQ(hours.size(), 4u);
    EXPECT_EQ(hours[0], (climate::Moment{3, 10, 9}));
    EXPECT_EQ(hours[1], (climate::Moment{3, 10, 15}));
    EXPECT_EQ(hours[2], (climate::Moment{9, 30, 8}));
    EXPECT_EQ(hours[3], (climate::Moment{9, 30, 14}));
}

TEST(Needs, a_question_that_was_changed_since_is_left_alone_and_another_one_made) {
    model::Project project = test::one_room();
    const Circumstances of{&project, nullptr};
    const auto sunlight = criteria_set("en-17037-sunlight")->criteria[0];
    auto asked = *question_of(sunlight, of);
    project.questions.push_back(asked);
    EXPECT_EQ(question_of(sunlight, of)->id, asked.id);
    project.questions.back().first = project.questions.back().last = {6, 21, 0};
    const auto other = *question_of(sunlight, of);
    EXPECT_NE(other.id, asked.id);
    project.questions.push_back(other);
    EXPECT_EQ(question_of(sunlight, of)->id, other.id) << "it fits, and is found again";
}

TEST(Needs, what_only_a_person_can_choose_is_not_made_up) {
    model::Project project = test::one_room();
    const Circumstances of{&project, nullptr};
    Criterion c;
    c.measure = "mean";
    c.figure = "illuminance";
    EXPECT_FALSE(question_of(c, of)) << "at which moment?";
    c.figure = "view_angle";
    EXPECT_EQ(question_of(c, of)->kind, model::Question::Kind::view_out);
    EXPECT_EQ(question_of(c, of)->name, "View out");
}

TEST(Needs, are_missing_until_an_answer_is_there_however_its_question_is_called) {
    model::Project project = test::one_room();
    const Circumstances of{&project, nullptr};
    const auto set = *criteria_set("en-17037-sunlight");
    ASSERT_EQ(missing_questions(set, {}, of).size(), 1u) << "two criteria, one question";
    auto question = missing_questions(set, {}, of)[0];
    question.id = "mine";
    const question::PointTable table;
    figure::Answers answers;
    answers.asked = {{&question, &table}};
    EXPECT_TRUE(missing_questions(set, answers, of).empty());
    question.probable = true;
    EXPECT_EQ(missing_questions(set, answers, of).size(), 1u);
}

TEST(Criteria, of_en_12464_1_judge_electric_light_by_what_rooms_are_for_and_say_that_they_are_from_memory) {
    const auto set = *criteria_set("en-12464-1-tasks");
    EXPECT_NE(set.doubt.find("from memory"), std::string::npos);
    std::set<std::string> uses;
    const auto project = test::one_room();
    const Circumstances of{&project, nullptr};
    for (const auto& c : set.criteria) {
        ASSERT_EQ(c.uses.size(), 1u) << c.id;
        uses.insert(c.uses[0]);
        const auto* need = find_need(c.asks);
        ASSERT_NE(need, nullptr) << c.id;
        auto asked = *need->make(of);
        EXPECT_TRUE(need->fits(asked, of));
        asked.electric.blinds_closed = false;
        EXPECT_FALSE(need->fits(asked, of)) << "maintained values are of the dark";
    }
    EXPECT_EQ(uses.size(), 14u);
    // Of the eyes of a room the one with most glare; one that sees no luminaire has none.
    question::PointTable table;
    for (const char* id : {"a", "b"}) {
        geometry::PlanePoints out;
        out.plane = id;
        out.room = "room";
        out.points = {{1, 1, 1.2}};
        table.planes.push_back(out);
    }
    table.columns = {{"ugr_all", "UGR", "", {{18.5}, {std::nan("")}}, {{0.1}, {0}}}};
    figure::Answers answers;
    answers.tables[model::Question::Kind::electric] = &table;
    geometry::PlanePoints plane;
    plane.room = "room";
    const auto glare = figure::find_measure("ugr_at_eyes")->find(answers, plane, 0, {});
    ASSERT_TRUE(glare);
    EXPECT_EQ(glare->value, 18.5);
    plane.room = "other";
    EXPECT_FALSE(figure::find_measure("ugr_at_eyes")->find(answers, plane, 0, {}));
}

TEST(Criteria, of_well_l03_judge_what_daylight_alone_holds_on_every_day_and_say_that_they_are_from_memory) {
    const auto set = *criteria_set("well-v2-l03-daylight");
    EXPECT_NE(set.doubt.find("from memory"), std::string::npos);
    ASSERT_EQ(set.criteria.size(), 1u);
    EXPECT_EQ(set.criteria[0].thresholds.size(), 2u);
    const auto* need = find_need(set.criteria[0].asks);
    ASSERT_NE(need, nullptr);
    const auto project = test::one_room();
    const Circumstances of{&project, nullptr};
    auto asked = *need->make(of);
    EXPECT_EQ(asked.body_clock.share, 1);
    EXPECT_EQ(asked.body_clock.begins_by, 12);
    EXPECT_TRUE(need->fits(asked, of));
    asked.body_clock.level = 218;
    EXPECT_TRUE(need->fits(asked, of)) << "what is held does not depend on the level";
    asked.body_clock.hours = 3;
    EXPECT_FALSE(need->fits(asked, of));
    // A room with two eyes: the one with less counts.
    question::PointTable table;
    const auto seat = [&](const char* id) {
        geometry::PlanePoints out;
        out.plane = id;
        out.room = "room";
        out.points = {{1, 1, 1.2}};
        return out;
    };
    table.planes = {seat("a"), seat("b")};
    table.columns = {{"held_own_lx", "Melanopic EDI held, as one looks", "lx", {{300}, {150}}, {{2}, {2}}}};
    figure::Answers answers;
    answers.tables[model::Question::Kind::body_clock] = &table;
    geometry::PlanePoints plane;
    plane.plane = "plane";
    plane.room = "room";
    const auto held = figure::find_measure("melanopic_held")->find(answers, plane, 0, {});
    ASSERT_TRUE(held);
    EXPECT_EQ(held->value, 150);
    EXPECT_LT(held->low, 150);
}

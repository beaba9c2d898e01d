// SPDX-License-Identifier: GPL-3.0-or-later
// LEED v4.1 daylight, both options, and WELL v2 on the same figures: on each side of each threshold, with the clause.
#include "rule/verdicts.h"

#include <gtest/gtest.h>

#include "base/text.h"
#include "model/project.h"
#include "question/ask.h"
#include "rule/data.h"
#include "rule/judged.h"
#include "support.h"

using namespace wp;
using namespace wp::rule;
using test::case_of;
using test::lit_share;
using test::plane_with;
using test::verdict_of;
using test::year_with;

namespace {

const CriteriaSet& leed() {
    static const CriteriaSet set = *criteria_set("leed-v41-daylight-option-1");
    return set;
}

}  // namespace

// LEED v4.1 daylight, option 1: sDA300/50% of 40, 55 and 75 % earns one, two and three points.
TEST(LeedOption1, points_come_at_forty_fifty_five_and_seventy_five_per_cent) {
    const auto points = [](const CriteriaSet& set, int share) {
        const auto year = lit_share(share);
        const auto v = verdict_of(evaluate(set, case_of(year, {"Room"})), "sda");
        return std::pair(v.state, v.points);
    };
    using P = std::pair<State, double>;
    EXPECT_EQ(points(leed(), 39), P(State::not_met, 0));
    EXPECT_EQ(points(leed(), 40), P(State::met, 1));
    EXPECT_EQ(points(leed(), 54), P(State::met, 1));
    EXPECT_EQ(points(leed(), 55), P(State::met, 2));
    EXPECT_EQ(points(leed(), 74), P(State::met, 2));
    EXPECT_EQ(points(leed(), 75), P(State::met, 3));
    const auto care = *criteria_set("leed-v41-daylight-option-1-health-care");
    EXPECT_EQ(points(care, 54), P(State::not_met, 0));
    EXPECT_EQ(points(care, 55), P(State::met, 1));
    EXPECT_EQ(points(care, 75), P(State::met, 2));
}

// LEED v4.1 daylight, option 1: above 10 % of ASE1000,250h a space needs a note; it has not failed.
TEST(LeedOption1, too_much_sun_needs_a_note_and_is_met_with_one) {
    std::vector<float> sun(100, 0.f);
    const auto judge = [&](int sunny, const std::string& note) {
        std::fill(sun.begin(), sun.end(), 0.f);
        std::fill(sun.begin(), sun.begin() + sunny, 2000.f);
        const auto year = year_with({plane_with(std::vector<float>(100, 400.f), sun, 0.001)});
        auto judged = case_of(year, {"Room"});
        judged.subjects[0].glare_note = note;
        const auto verdicts = evaluate(leed(), judged);
        const auto conclusions = conclude(verdicts);
        return std::pair(verdict_of(verdicts, "ase"), outcome_of(leed(), conclusions));
    };
    EXPECT_EQ(judge(10, "").first.state, State::met) << "10 % is within";
    const auto [verdict, outcome] = judge(11, "");
    EXPECT_EQ(verdict.state, State::needs_note);
    EXPECT_NEAR(verdict.margin, -0.01, 1e-9);
    EXPECT_EQ(outcome.state, State::needs_note);
    EXPECT_EQ(outcome.points, 3) << "the points stand";
    EXPECT_EQ(joined(outcome.words), "3 of 3 points, needs a note: 1");
    const auto noted = judge(11, "Desks stand clear of the south windows").first;
    EXPECT_EQ(noted.state, State::met);
    EXPECT_FALSE(noted.reached);
    EXPECT_NE(joined(noted.remarks).find("with a written note"), std::string::npos);
}

// LEED v4.1: the average over the regularly occupied floor area, not over points.
TEST(LeedOption1, rooms_count_by_their_floor_area_and_only_those_that_are_regularly_occupied) {
    auto small = plane_with({400, 400, 400, 400}, {0, 0, 0, 0}, 0.02), large = plane_with({0}, {0}, 0.02);
    small.plane.plane.room = "small", large.plane.plane.room = "large";
    const auto year = year_with({small, large});
    auto judged = case_of(year, {"Small", "Large"});
    judged.subjects[0].floor_area = 10;
    judged.subjects[1].floor_area = 30;
    EXPECT_NEAR(verdict_of(evaluate(leed(), judged), "sda").value, 0.25, 1e-9) << "four points of five would be 0.8";
    judged.subjects[1].regularly_occupied = false;
    const auto verdicts = evaluate(leed(), judged);
    EXPECT_NEAR(verdict_of(verdicts, "sda").value, 1, 1e-9);
    EXPECT_EQ(verdicts.size(), 2u) << "nor is its sun judged";
    judged.subjects[1].regularly_occupied = true;
    judged.subjects[1].occupied = false;
    EXPECT_NEAR(verdict_of(evaluate(leed(), judged), "sda").value, 1, 1e-9) << "a plane that nobody works at";
}

TEST(LeedOption1, two_planes_over_one_floor_count_it_once) {
    // A room of 4 m2 with two planes one over the other, and one of 4 m2 with a single plane: dark, dark, bright.
    auto planes =
        std::vector{plane_with({0, 0, 0, 0}, {0, 0, 0, 0}, 0.02), plane_with({0, 0, 0, 0}, {0, 0, 0, 0}, 0.02),
                    plane_with({900, 900, 900, 900}, {0, 0, 0, 0}, 0.02)};
    for (size_t p = 0; p < planes.size(); ++p) {
        auto& plane = planes[p].plane.plane;
        plane.room = p < 2 ? "a" : "b";
        for (size_t i = 0; i < 4; ++i)
            plane.points[i] = {0.53 + static_cast<double>(i % 2) + (p == 2 ? 10 : 0), 0.5 + static_cast<double>(i / 2),
                               p == 1 ? 1.2 : 0.8};
    }
    const auto sda = [&] {
        const auto year = year_with(planes);
        return verdict_of(evaluate(leed(), case_of(year, {"A", "A", "B"})), "sda").value;
    };
    EXPECT_NEAR(sda(), 0.5, 0.02) << "half of the floor, not a third of the planes";
    // Beside each other they are two parts of the floor.
    for (auto& p : planes[1].plane.plane.points) p.x += 2;
    EXPECT_NEAR(sda(), 1.0 / 3, 0.02);
}

// LEED v4.1: all regularly occupied spaces. One that was not asked leaves the credit open, and says so.
TEST(LeedOption1, a_room_that_was_not_asked_leaves_the_credit_open) {
    auto known = plane_with({400, 400, 400, 400}, {0, 0, 0, 0}, 0.02);
    known.plane.plane.room = "known";
    const auto year = year_with({known});
    auto judged = case_of(year, {"Known"});
    judged.rooms = {{"known", "Known", "office", 20, 5, true}, {"other", "Other", "office", 30, 5, true}};
    geometry::PlanePoints other;
    other.plane = "q", other.room = "other", other.dx = other.dy = 1, other.points.resize(9);
    judged.subjects.push_back(test::subject(other, "Other"));
    const auto sda = verdict_of(evaluate(leed(), judged), "sda");
    EXPECT_EQ(sda.state, State::not_asked);
    EXPECT_NE(joined(sda.remarks).find("asked on 1 of 2 regularly occupied rooms"), std::string::npos);
    judged.subjects.pop_back();
    const auto bare = evaluate(leed(), judged);
    EXPECT_EQ(verdict_of(bare, "ase", 1).why, "it has no reference plane") << "nor is a room without a plane left out";
    EXPECT_EQ(verdict_of(bare, "sda").state, State::not_asked);
    judged.rooms[1].regularly_occupied = false;
    EXPECT_EQ(verdict_of(evaluate(leed(), judged), "sda").state, State::met);
}

// IES LM-83: blinds on every outside opening. Rooflights and glazed doors too.
TEST(LeedOption1, openings_without_a_blind_are_named) {
    auto project = test::one_room();
    auto& option = project.options[0];
    auto door = option.storeys[0].rooms[0].openings[0];
    door.id = door.name = "D-01";
    door.kind = model::Opening::Kind::door;
    door.edge = 2, door.sill = 0, door.height = 2, door.width = 1;
    door.blind = false;
    option.storeys[0].rooms[0].openings.push_back(door);
    model::Rooflight light;
    light.id = light.name = "R-01";
    light.centre = {2, 4};
    light.glazing = "pane";
    option.storeys[0].rooflights = {light};
    const auto subjects =
        subjects_of(option, *question::planes_of(option, {}), geometry::build_surfaces(project, option));
    ASSERT_EQ(subjects.size(), 1u);
    EXPECT_EQ(joined(subjects[0].without_blind), "D-01, R-01");
    const auto year = lit_share(80);
    auto judged = case_of(year, {"Room"});
    judged.subjects[0].without_blind = subjects[0].without_blind;
    EXPECT_NE(joined(verdict_of(evaluate(leed(), judged), "sda").remarks).find("blinds are missing on D-01, R-01"),
              std::string::npos);
}

// IES LM-83: 0.76 m above the floor, at most 0.6 m apart, at most 0.3 m from the walls.
TEST(RulePlanes, that_do_not_fit_are_never_judged) {
    const auto year = lit_share(80);
    auto judged = case_of(year, {"Room"});
    Subject& s = judged.subjects[0];
    s.is_drawn = true;
    s.plane.dx = s.plane.dy = 0.6;
    const auto state = [&] { return verdict_of(evaluate(leed(), judged), "sda").state; };
    const auto because = [&] { return joined(verdict_of(evaluate(leed(), judged), "sda").remarks); };
    EXPECT_EQ(state(), State::met);
    s.drawn.height = 0;
    EXPECT_EQ(state(), State::not_asked) << "on the floor";
    EXPECT_NE(because().find("0.00 m, and 0.76 m"), std::string::npos) << because();
    s.drawn.height = 0.77;
    EXPECT_EQ(state(), State::not_asked);
    s.drawn.height = 0.76;
    s.drawn.margin = 0.5;
    EXPECT_EQ(state(), State::not_asked);
    s.drawn.margin = 0;
    EXPECT_EQ(state(), State::met) << "a smaller margin is stricter";
    s.plane.dx = 0.62;
    EXPECT_EQ(state(), State::not_asked);
    s.plane.dx = 0.6;
    s.drawn.on = model::ReferencePlane::On::wall;
    EXPECT_EQ(state(), State::not_asked);
}

// LEED v4.1 daylight, option 2: 300 to 3000 lx at both 9 and 15 h, each the mean of a day in March and in September.
TEST(LeedOption2, a_point_counts_that_is_in_range_at_both_hours) {
    model::Project project = test::one_room();
    const auto weather = test::weather();
    const Circumstances of{&project, &weather};
    const auto question = *find_need("clear_hours")->make(of);
    question::PointTable table;
    geometry::PlanePoints plane;
    plane.plane = "p", plane.room = "room", plane.dx = plane.dy = 0.5, plane.points.resize(4);
    table.planes = {plane};
    const std::vector<std::vector<double>> moments{{200, 100, 5000, 2000},   // March, 9 h
                                                   {400, 3000, 500, 2000},   // March, 15 h
                                                   {400, 490, 2000, 2000},   // September, 9 h
                                                   {400, 3000, 500, 4001}};  // September, 15 h
    for (size_t m = 0; m < 4; ++m) {
        table.columns.push_back({"lux_" + std::to_string(m), "", "lx", {moments[m]}, {}});
        table.columns.push_back({"sun_lux_" + std::to_string(m), "", "lx", {{0, 0, 0, 0}}, {}});
    }
    Case judged;
    judged.of = of;
    judged.subjects = {test::subject(plane, "Room")};
    judged.answers.asked = {{&question, &table}};
    const auto set = *criteria_set("leed-v41-daylight-option-2");
    const auto v = verdict_of(evaluate(set, judged), "range");
    // The first has 300 and 400 on average, the second 295 at 9 h, the third 3500, the fourth 3000.5 at 15 h.
    EXPECT_DOUBLE_EQ(v.value, 0.25);
    EXPECT_EQ(v.state, State::not_met);
    table.columns[6].value[0][3] = 3999;
    table.columns[4].value[0][1] = 500;
    EXPECT_DOUBLE_EQ(verdict_of(evaluate(set, judged), "range").value, 0.75);
    EXPECT_EQ(verdict_of(evaluate(set, judged), "range").points, 2);
    judged.of = Circumstances{&project, nullptr};
    EXPECT_EQ(verdict_of(evaluate(set, judged), "range").state, State::not_asked) << "which days, only weather knows";
}

// WELL v2, L01 and L05 on IES LM-83.
TEST(Well, asks_for_a_lower_target_in_fewer_hours) {
    const auto set = *criteria_set("well-v2-light");
    const auto judge = [&](int share, float lux) {
        const auto year = lit_share(share, lux);
        return evaluate(set, case_of(year, {"Room"}));
    };
    EXPECT_EQ(verdict_of(judge(29, 250), "l01").state, State::not_met);
    EXPECT_EQ(verdict_of(judge(30, 250), "l01").state, State::met);
    EXPECT_EQ(verdict_of(judge(100, 250), "l05").state, State::not_met) << "250 lx are no 300";
    EXPECT_EQ(verdict_of(judge(55, 310), "l05").points, 1);
    EXPECT_EQ(verdict_of(judge(75, 310), "l05").points, 2);
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Verdicts on buildings small enough to be judged by hand, on each side of each threshold, with the clause.
#include "rule/verdicts.h"

#include <gtest/gtest.h>

#include <cmath>

#include "base/text.h"
#include "figure/year_rooms.h"
#include "model/project.h"
#include "question/ask.h"
#include "rule/data.h"
#include "rule/judged.h"
#include "support.h"

using namespace wp;
using namespace wp::rule;
using test::at_windows;
using test::case_of;
using test::lit_share;
using test::plane_with;
using test::verdict_of;
using test::year_with;

// EN 17037:2018, annex B: p = 0.5 * 5^log10(d), at most 10 m.
TEST(RulePlanes, of_en_17037_have_points_by_the_size_of_the_room) {
    const auto rule = criteria_set("en-17037-provision")->criteria[0].plane;
    EXPECT_NEAR(spacing_of(rule, 1), 0.5, 1e-12);
    EXPECT_NEAR(spacing_of(rule, 10), 2.5, 1e-12);
    EXPECT_NEAR(spacing_of(rule, 6), 0.5 * std::pow(5, std::log10(6.0)), 1e-12);
    EXPECT_EQ(spacing_of(rule, 1e4), 10);
}

// EN 17037, 5.1 and table A.1: half of the plane and 95 % of it, in half of the daylight hours; one line a room.
TEST(En17037Provision, is_concluded_as_the_lowest_of_target_and_minimum_target) {
    const auto set = *criteria_set("en-17037-provision");
    const auto concluded = [&](float half, float rest) {
        std::vector<float> light(100, rest);
        std::fill(light.begin(), light.begin() + 50, half);
        const auto year = year_with({plane_with(light, std::vector<float>(100, 0.f), 0.0001)});
        const auto verdicts = evaluate(set, case_of(year, {"Room"}));
        const auto all = conclude(verdicts);
        EXPECT_EQ(all.size(), 1u) << "one line a room";
        return std::pair(all[0].state, all[0].level);
    };
    using P = std::pair<State, std::string>;
    EXPECT_EQ(concluded(299, 120), P(State::not_met, ""));
    EXPECT_EQ(concluded(301, 99), P(State::not_met, ""));
    EXPECT_EQ(concluded(301, 101), P(State::met, "minimum"));
    EXPECT_EQ(concluded(749, 299), P(State::met, "minimum")) << "the minimum target is that of the minimum";
    EXPECT_EQ(concluded(501, 301), P(State::met, "medium"));
    EXPECT_EQ(concluded(751, 501), P(State::met, "high"));
    EXPECT_EQ(concluded(751, 499), P(State::met, "medium"));
}

// EN 17037, table A.2: horizontal openings alone, 300, 500 and 750 lx over 95 %, and no minimum target.
TEST(En17037Provision, rooms_lit_by_horizontal_openings_are_judged_by_their_own_table) {
    const auto set = *criteria_set("en-17037-provision");
    std::vector<float> light(100, 310);
    std::fill(light.begin(), light.begin() + 10, 110.f);
    const auto year = year_with({plane_with(light, std::vector<float>(100, 0.f), 0.0001)});
    auto judged = case_of(year, {"Room"});
    EXPECT_EQ(conclude(evaluate(set, judged))[0].level, "minimum") << "by windows: 300 lx over half, 100 lx over 95 %";
    judged.subjects[0].lit_by = Criterion::LitBy::roof;
    const auto verdicts = evaluate(set, judged);
    EXPECT_EQ(verdicts.size(), 3u);
    EXPECT_EQ(conclude(verdicts)[0].state, State::not_met) << "from above: 300 lx over 95 %";
    std::fill(light.begin(), light.end(), 510.f);
    const auto brighter = year_with({plane_with(light, std::vector<float>(100, 0.f), 0.0001)});
    judged.answers.year = &brighter;
    EXPECT_EQ(conclude(evaluate(set, judged))[0].level, "medium");
}

TEST(En17037Provision, where_light_comes_in_is_seen_in_the_model) {
    auto project = test::one_room();
    auto& option = project.options[0];
    const auto lit_by = [&] {
        return subjects_of(option, *question::planes_of(option, {}), geometry::build_surfaces(project, option))[0]
            .lit_by;
    };
    EXPECT_EQ(lit_by(), Criterion::LitBy::walls);
    model::Rooflight light;
    light.id = "R-01";
    light.centre = {2, 4};
    light.glazing = "pane";
    option.storeys[0].rooflights = {light};
    EXPECT_EQ(lit_by(), Criterion::LitBy::walls) << "both: table A.1";
    option.storeys[0].rooms[0].openings.clear();
    EXPECT_EQ(lit_by(), Criterion::LitBy::roof);
    model::Roof roof;
    roof.id = "roof";
    roof.pitch = 30;
    option.storeys[0].roofs = {roof};
    EXPECT_EQ(lit_by(), Criterion::LitBy::walls) << "inclined";
}

TEST(En17037Provision, an_upper_level_within_the_error_leaves_the_lower_one_standing) {
    const auto set = *criteria_set("en-17037-provision");
    const auto year = year_with({plane_with(std::vector<float>(100, 510.f), std::vector<float>(100, 0.f), 0.1)});
    const auto verdicts = evaluate(set, case_of(year, {"Room"}));
    const auto c = conclude(verdicts)[0];
    EXPECT_EQ(c.state, State::met);
    EXPECT_EQ(c.level, "minimum");
    EXPECT_EQ(c.perhaps, "medium");
    EXPECT_EQ(outcome_of(set, {c}).state, State::met);
}

// EN 17037, 5.3: 1.5, 3 and 4 h on one day, in the best window of one habitable room.
TEST(En17037Sunlight, counts_the_best_window_of_the_best_room) {
    model::Project project = test::one_room();
    const auto set = *criteria_set("en-17037-sunlight");
    const auto judge = [&](std::vector<test::WindowRoom> rooms) {
        const auto table = at_windows(rooms, {"sunlight_hours"});
        const auto question = *find_need("sunlight_day")->make({&project, nullptr});
        Case judged;
        judged.of = Circumstances{&project, nullptr};
        judged.rooms = {{"bed", "Bedroom", "bedroom", 12, 4, true},
                        {"living", "Living room", "living_room", 25, 6, true},
                        {"hall", "Hall", "corridor", 8, 4, false}};
        judged.answers.asked = {{&question, &table}};
        return evaluate(set, judged);
    };
    const auto some = judge({{"bed", {0.5, 1.4}}, {"living", {2.9, 1}}, {"hall", {9}}});
    EXPECT_EQ(verdict_of(some, "best-room").level, "minimum");
    EXPECT_DOUBLE_EQ(verdict_of(some, "best-room").value, 2.9) << "not the sum, and not the corridor's";
    EXPECT_EQ(verdict_of(some, "room", 0).state, State::not_met) << "the bedroom";
    EXPECT_EQ(verdict_of(some, "room", 1).state, State::met);
    EXPECT_EQ(verdict_of(judge({{"bed", {1.49}}}), "best-room").state, State::not_met);
    EXPECT_EQ(verdict_of(judge({{"bed", {1.5}}}), "best-room").level, "minimum");
    EXPECT_EQ(verdict_of(judge({{"bed", {3}}}), "best-room").level, "medium");
    EXPECT_EQ(verdict_of(judge({{"bed", {4}}}), "best-room").level, "high");
    EXPECT_EQ(verdict_of(judge({}), "best-room").value, 0) << "rooms without a window have no sun";
    Case unasked;
    unasked.of = Circumstances{&project, nullptr};
    unasked.rooms = {{"bed", "Bedroom", "bedroom", 12, 4, true}};
    EXPECT_EQ(verdict_of(evaluate(set, unasked), "best-room").state, State::not_asked);
}

// BS EN 17037, national annex: bedrooms 100, living rooms 150, kitchens 200 lx over half of the plane.
TEST(BsEn17037Dwellings, ask_of_each_room_what_its_use_needs) {
    const auto set = *criteria_set("bs-en-17037-dwellings");
    const auto state = [&](const char* use, float lux) {
        const auto year = lit_share(50, lux);
        auto judged = case_of(year, {"Room"});
        judged.subjects[0].use = use;
        const auto all = evaluate(set, judged);
        EXPECT_EQ(all.size(), 1u);
        return all[0].state;
    };
    EXPECT_EQ(state("bedroom", 99), State::not_met);
    EXPECT_EQ(state("bedroom", 101), State::met);
    EXPECT_EQ(state("living_room", 149), State::not_met);
    EXPECT_EQ(state("living_room", 151), State::met);
    EXPECT_EQ(state("kitchen", 199), State::not_met);
    EXPECT_EQ(state("kitchen", 201), State::met);
    const auto year = lit_share(50);
    auto office = case_of(year, {"Office"});
    office.subjects[0].use = "office";
    EXPECT_TRUE(evaluate(set, office).empty()) << "it is no dwelling";
}

// BREEAM Hea 01: 2 % and 0.3, or 300 and 90 lx for 2000 h.
TEST(Breeam, counts_hours_of_the_rooms_mean_and_of_its_worst_point) {
    const auto set = *criteria_set("breeam-hea-01");
    auto given = plane_with({510, 100}, {0, 0}, 0.0001);
    // 1999 hours of light, then one more.
    const auto hours = [&](int lit) {
        given.open.row_of.assign(8760, -1);
        for (int h = 0; h < lit; ++h) given.open.row_of[static_cast<size_t>(h)] = 0;
        const auto year = year_with({given});
        const auto verdicts = evaluate(set, case_of(year, {"Room"}));
        EXPECT_DOUBLE_EQ(verdict_of(verdicts, "mean-lux").value, lit) << "300 lx on average";
        EXPECT_DOUBLE_EQ(verdict_of(verdicts, "worst-lux").value, lit);
        return verdict_of(verdicts, "mean-lux").state;
    };
    EXPECT_EQ(hours(1999), State::not_met);
    EXPECT_EQ(hours(2000), State::met);
    given.open.lux = {500, 89.5};
    const auto year = year_with({given});
    const auto verdicts = evaluate(set, case_of(year, {"Room"}));
    EXPECT_EQ(verdict_of(verdicts, "worst-lux").state, State::not_met);
    EXPECT_EQ(verdict_of(verdicts, "mean-lux").state, State::not_met) << "294.75 lx";
}

// BREEAM Hea 01: either way is enough for a room, and rooms of four fifths of the floor area for the credit.
TEST(Breeam, needs_one_way_in_each_room_and_four_fifths_of_the_floor_area) {
    const auto set = *criteria_set("breeam-hea-01");
    const auto verdict = [&](const char* criterion, const char* room, double area, bool reached) {
        Verdict v;
        for (const auto& c : set.criteria)
            if (c.id == criterion) v.criterion = &c;
        v.subject = v.room = room;
        v.floor_area = area;
        v.state = reached ? State::met : State::not_met;
        v.value = v.low = v.high = reached ? 1e6 : 0;
        v.reached = reached;
        return v;
    };
    const auto outcome = [&](double hall, double store, bool by_factor, bool by_hours) {
        const std::vector<Verdict> all{
            verdict("df", "hall", hall, by_factor),      verdict("uniformity", "hall", hall, by_factor),
            verdict("mean-lux", "hall", hall, by_hours), verdict("worst-lux", "hall", hall, by_hours),
            verdict("df", "store", store, true),         verdict("uniformity", "store", store, false),
            verdict("mean-lux", "store", store, true),   verdict("worst-lux", "store", store, false)};
        const auto concluded = conclude(all);
        EXPECT_EQ(concluded.size(), 2u) << "one line a room";
        EXPECT_EQ(concluded[1].state, State::not_met) << "half of each way is no way";
        return outcome_of(set, concluded);
    };
    EXPECT_EQ(outcome(80, 20, true, false).state, State::met);
    EXPECT_EQ(outcome(80, 20, false, true).state, State::met);
    EXPECT_EQ(outcome(80, 20, false, false).state, State::not_met);
    const auto close = outcome(79, 21, true, true);
    EXPECT_EQ(close.state, State::not_met);
    EXPECT_NE(std::ranges::find(close.words, "met on 79 % of the floor area, 80 % needed"), close.words.end());
}

namespace {

// A facade before and after, by the sky component of its windows or their sun.
struct Facade {
    model::Project project = test::one_room();
    climate::WeatherYear weather = test::weather();
    CriteriaSet set = *criteria_set("bre-209");
    Vec3 faces{0, -1, 0};

    Verdict judge(const char* need, const char* criterion, const char* column, double now,
                  std::optional<double> before) {
        const Circumstances of{&project, &weather};
        const auto question = *find_need(need)->make(of);
        auto table = at_windows({{"room", {now}}}, {column}),
             old = at_windows({{"room", {before.value_or(0)}}}, {column});
        table.planes[0].normal = old.planes[0].normal = faces;
        Case judged;
        judged.of = of;
        judged.answers.asked = {{&question, &table}};
        if (before) {
            judged.former = figure::Answers{};
            judged.former->asked = {{&question, &old}};
        }
        const auto all = evaluate(set, judged);
        for (const auto& v : all)
            if (v.criterion->id == criterion) return v;
        return {};
    }
};

}  // namespace

// BRE 209 (2022), 2.2: 27 %, or 0.8 of what it was.
TEST(Bre209, the_sky_component_may_fall_to_eight_tenths) {
    Facade f;
    const auto vsc = [&](double now, std::optional<double> before) {
        return f.judge("windows", "vsc", "vertical_sky_component_percent", now, before);
    };
    EXPECT_EQ(vsc(27, {}).state, State::met);
    EXPECT_EQ(vsc(26.9, {}).state, State::not_met);
    EXPECT_EQ(vsc(26.9, 33.0).state, State::met) << "more than 26.4";
    EXPECT_EQ(vsc(26.3, 33.0).state, State::not_met);
    EXPECT_DOUBLE_EQ(*vsc(26.3, 33.0).former, 33);
    EXPECT_EQ(vsc(30, 39.0).state, State::met) << "enough is enough, whatever it was";
}

// BRE 209 (2022), 3.2: 25 % of the year's probable sun and 5 % of it in winter, or 0.8, or a loss of at most 4 %.
TEST(Bre209, sun_may_be_lost_by_four_per_cent_and_counts_only_towards_the_sun) {
    Facade f;
    const auto year = [&](double now, std::optional<double> before) {
        return f.judge("probable_sun_year", "sun-year", "sun_of_year_percent", now, before).state;
    };
    EXPECT_EQ(year(25, {}), State::met);
    EXPECT_EQ(year(24, {}), State::not_met);
    EXPECT_EQ(year(24, 29.0), State::met) << "0.83 of what it was";
    EXPECT_EQ(year(10, 14.0), State::met) << "a loss of 4 %";
    EXPECT_EQ(year(10, 14.1), State::not_met);
    EXPECT_EQ(f.judge("probable_sun_winter", "sun-winter", "sun_of_year_percent", 5, {}).state, State::met);
    EXPECT_EQ(f.judge("probable_sun_winter", "sun-winter", "sun_of_year_percent", 4.9, {}).state, State::not_met);
    f.faces = {0, 1, 0};
    EXPECT_EQ(f.judge("probable_sun_year", "sun-year", "sun_of_year_percent", 3, {}).criterion, nullptr)
        << "a north window needs no sun";
    f.project.site.latitude = -35;
    EXPECT_EQ(year(3, {}), State::not_met) << "south of the equator it does";
}

// BRE 209 (2022), 3.3: half of an open ground has 2 h of sun on 21 March, or 0.8 of what had.
TEST(Bre209, half_of_an_open_ground_has_two_hours_of_sun) {
    const model::Project project = test::one_room();
    const climate::WeatherYear weather = test::weather();
    const auto set = *criteria_set("bre-209");
    const Circumstances of{&project, &weather};
    const auto question = *find_need("sun_on_ground")->make(of);
    EXPECT_EQ(question.first.month, 3);
    EXPECT_EQ(question.first.day, 21);
    const auto ground = [](std::vector<double> hours) {
        geometry::PlanePoints lawn;
        lawn.plane = "lawn";
        lawn.dx = lawn.dy = 1;
        lawn.points.resize(hours.size());
        question::PointTable table;
        table.planes = {lawn};
        table.columns = {{"sunlight_hours", "Sunlight hours", "h", {std::move(hours)}, {}}};
        return table;
    };
    const auto judge = [&](std::vector<double> now, std::vector<double> before) {
        const auto table = ground(std::move(now)), old = ground(std::move(before));
        Case judged;
        judged.of = of;
        judged.answers.asked = {{&question, &table}};
        judged.former = figure::Answers{};
        judged.former->asked = {{&question, &old}};
        Subject lawn;
        lawn.name = "Lawn";
        lawn.occupied = false;
        lawn.plane = table.planes[0];
        judged.subjects = {lawn};
        for (const auto& v : evaluate(set, judged))
            if (v.criterion->id == "open-ground") return v;
        return Verdict{};
    };
    EXPECT_EQ(judge({2, 3, 1.9, 0}, {9, 9, 9, 9}).state, State::met) << "half of it has 2 h";
    const auto shaded = judge({2, 1, 1.9, 0}, {9, 9, 9, 9});
    EXPECT_EQ(shaded.state, State::not_met);
    EXPECT_DOUBLE_EQ(shaded.value, 0.25);
    EXPECT_EQ(shaded.subject, "Lawn");
    EXPECT_EQ(judge({2, 1, 1.9, 0}, {2, 1, 1, 1}).state, State::met) << "it had no more before";
}

TEST(Verdicts, within_the_error_are_undecided) {
    // Two of four points have 310 lx give or take a tenth: each has the 300 lx with a chance of three quarters only.
    const auto close = year_with({plane_with({310, 310, 100, 100}, {0, 0, 0, 0}, 0.10)});
    const auto set = *criteria_set("leed-v41-daylight-option-1");
    const auto v = verdict_of(evaluate(set, case_of(close, {"Room"})), "sda");
    EXPECT_EQ(v.state, State::undecided);
    EXPECT_TRUE(v.reached);
    const double chance = 0.5 * std::erfc(-10 / (310 * 0.10 / 2.131) / std::sqrt(2.0)),
                 half = 1.96 * std::sqrt(2 * chance * (1 - chance)) / 4;
    EXPECT_NEAR(v.low, 2 * chance / 4 - half, 1e-9);
    EXPECT_NEAR(v.high, 2 * chance / 4 + half, 1e-9);
}

// IES LM-83: hours of the clock. The sun of the last standard hour before 18 counts only while the clock is not ahead.
TEST(Hours, are_those_of_the_clock_with_daylight_saving) {
    auto project = test::one_room();
    const auto sunny_hours = [&](int hour) {
        auto given = plane_with({400}, {2000}, 0.02);
        given.direct.row_of.assign(8760, -1);
        for (size_t day = 0; day < 365; ++day) given.direct.row_of[day * 24 + static_cast<size_t>(hour)] = 0;
        const auto year = year_with({given});
        const auto counted = [&](const model::YearCalendar& calendar) {
            const auto hours = model::clock_hours(calendar, 8, 18);
            return figure::sunlight_exposure(year, 0, {hours.begin(), hours.end()}, 1000, 250).hours[0];
        };
        model::YearCalendar ahead;
        ahead.summer_time = true;
        return std::pair(counted({}), counted(ahead));
    };
    const auto evening = sunny_hours(17), morning = sunny_hours(7);
    EXPECT_EQ(evening.first, 365);
    EXPECT_NEAR(evening.second, 155, 2) << "a west room loses its summer evenings";
    EXPECT_EQ(morning.first, 0);
    EXPECT_NEAR(morning.second, 210, 2) << "an east room is seen by people who come earlier";
}

TEST(Assumptions, name_what_nobody_chose) {
    auto project = test::one_room();
    const auto& option = project.options[0];
    auto weather = test::weather();
    weather.made_up = true;
    const auto all = joined(assumptions_of(project, geometry::build_surfaces(project, option), &weather));
    EXPECT_NE(all.find("not for a certificate"), std::string::npos);
    EXPECT_NE(all.find("dirt takes nothing"), std::string::npos);
    EXPECT_EQ(all.find("finishes"), std::string::npos) << all;
    project.options[0].storeys[0].rooms[0].floor.clear();
    EXPECT_NE(joined(assumptions_of(project, geometry::build_surfaces(project, option), &weather)).find("finishes"),
              std::string::npos);
}

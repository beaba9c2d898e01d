// SPDX-License-Identifier: GPL-3.0-or-later
// What would do, and the planes that rules ask for: on real rooms, traced once.
#include "rule/remedies.h"

#include <gtest/gtest.h>

#include <algorithm>

#include "model/project.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "rule/data.h"
#include "rule/judged.h"
#include "support.h"

using namespace wp;
using namespace wp::rule;

namespace {

std::optional<std::string> words_of(const std::vector<Remedy>& all, Remedy::Of of) {
    const auto it = std::ranges::find(all, of, &Remedy::of);
    return it == all.end() ? std::nullopt : std::optional(it->words);
}

double number_after(const std::string& text, const std::string& words) {
    return std::stod(text.substr(text.find(words) + words.size()));
}

// A year of a building with the verdicts of one criterion on it.
struct Year {
    model::Project project;
    climate::WeatherYear weather = test::weather();
    question::YearAnswer answer;

    explicit Year(model::Project of, double accuracy = 0.1) : project(std::move(of)) {
        model::Question q;
        q.kind = model::Question::Kind::year;
        const auto scene = *question::year_scene(project, project.options[0], q, weather);
        answer = question::ask_year(scene, weather, {accuracy, 1, 0}, {});
    }
    Case judged() const {
        Case out;
        const auto& option = project.options[0];
        out.subjects = subjects_of(option, *question::planes_of(option, {}), geometry::build_surfaces(project, option));
        out.rooms = rooms_of(option);
        out.answers.year = &answer;
        out.option = &option;
        out.of = Circumstances{&project, &weather};
        return out;
    }
};

CriteriaSet one(const char* measure, double lux, double needed) {
    CriteriaSet set;
    Criterion c;
    c.id = c.name = "c";
    c.measure = measure;
    c.lux = lux;
    c.thresholds = {{needed, "met", 0}};
    set.criteria = {c};
    return set;
}

const Year& south_room() {
    static const Year year(test::one_room());
    return year;
}

}  // namespace

TEST(WhatWouldDo, finds_the_target_that_is_met_and_a_little_more_is_not) {
    const Case judged = south_room().judged();
    CriteriaSet set = one("spatial_autonomy", 2000, 0.6);
    const auto v = evaluate(set, judged)[0];
    ASSERT_FALSE(v.reached) << v.value;
    const auto words = words_of(what_would_do(v, judged), Remedy::Of::target);
    ASSERT_TRUE(words);
    const double lux = number_after(*words, "a target of ");
    set.criteria[0].lux = lux;
    EXPECT_TRUE(evaluate(set, judged)[0].reached) << *words;
    set.criteria[0].lux = lux + 25;
    EXPECT_FALSE(evaluate(set, judged)[0].reached) << *words;
}

TEST(WhatWouldDo, finds_panes_that_do_what_such_panes_do_when_they_are_traced) {
    auto dim = test::one_room();
    dim.materials[1].transmittance = 0.4;
    const Year year(dim);
    const Case judged = year.judged();
    const CriteriaSet at_all = one("spatial_autonomy", 500, 0.01);
    const double now = evaluate(at_all, judged)[0].value;
    auto clear = dim;
    clear.materials[1].transmittance = 0.85;
    const Year traced(clear);
    const double later = evaluate(at_all, traced.judged())[0].value;
    ASSERT_GT(later, now + 0.1);
    const CriteriaSet set = one("spatial_autonomy", 500, (now + later) / 2);
    const auto words = words_of(what_would_do(evaluate(set, judged)[0], judged), Remedy::Of::glass);
    ASSERT_TRUE(words);
    const double pane = number_after(*words, "through: ");
    EXPECT_GT(pane, 0.4);
    EXPECT_LT(pane, 0.85);
    auto such = dim;
    such.materials[1].transmittance = pane + 0.02;
    const Year again(such);
    EXPECT_GE(evaluate(set, again.judged())[0].value, set.criteria[0].thresholds[0].value - 0.05) << *words;
}

TEST(WhatWouldDo, says_nothing_of_what_is_met_or_cannot_be_helped) {
    const Case judged = south_room().judged();
    const CriteriaSet easy = one("spatial_autonomy", 50, 0.1), hopeless = one("spatial_autonomy", 1e6, 1);
    EXPECT_TRUE(what_would_do(evaluate(easy, judged)[0], judged).empty());
    const auto all = what_would_do(evaluate(hopeless, judged)[0], judged);
    EXPECT_FALSE(words_of(all, Remedy::Of::glass));
    EXPECT_FALSE(words_of(all, Remedy::Of::blinds));
}

TEST(WhatWouldDo, hours_are_shortened_about_noon) {
    const Case judged = south_room().judged();
    CriteriaSet set = one("spatial_autonomy", 300, 0);
    set.criteria[0].from = 4, set.criteria[0].to = 22;
    double whole = evaluate(set, judged)[0].value;
    set.criteria[0].from = 9, set.criteria[0].to = 17;
    const double by_day = evaluate(set, judged)[0].value;
    ASSERT_GT(by_day, whole);
    set.criteria[0].from = 4, set.criteria[0].to = 22;
    set.criteria[0].thresholds[0].value = by_day;
    EXPECT_TRUE(words_of(what_would_do(evaluate(set, judged)[0], judged), Remedy::Of::hours));
}

TEST(RulePlanes, are_laid_where_the_drawn_ones_do_not_fit_and_fit_then) {
    auto project = test::one_room();
    auto& option = project.options[0];
    const auto judged = [&] {
        Case out;
        out.subjects = subjects_of(option, *question::planes_of(option, {}), geometry::build_surfaces(project, option));
        out.rooms = rooms_of(option);
        return out;
    };
    for (const auto& id : criteria_sets()) {
        const auto set = *criteria_set(id);
        const auto planes = planes_wanted({&set}, judged());
        for (const auto& plane : planes) EXPECT_TRUE(plane.for_rules);
        lay(option, planes);
        EXPECT_TRUE(planes_wanted({&set}, judged()).empty()) << id << ": what was laid fits";
    }
    option.storeys[0].rooms[0].regularly_occupied = false;
    option.planes.clear();
    const auto leed = *criteria_set("leed-v41-daylight-option-1"), well = *criteria_set("well-v2-light");
    EXPECT_TRUE(planes_wanted({&leed}, judged()).empty());
    option.storeys[0].rooms[0].regularly_occupied = true;
    EXPECT_EQ(planes_wanted({&leed, &well}, judged()).size(), 1u) << "one plane serves both";
}

// EN 17037, table A.2: a room of 10 x 10 m with one rooflight of 3 x 3 m has no 300 lx over 95 % in half of the
// daylight hours: by table A.1 it would pass.
TEST(En17037Provision, a_large_room_under_one_rooflight_fails) {
    auto project = test::one_room();
    auto& option = project.options[0];
    auto& room = option.storeys[0].rooms[0];
    room.footprint = {{0, 0}, {10, 0}, {10, 10}, {0, 10}};
    room.openings.clear();
    model::Rooflight light;
    light.id = "R-01";
    light.centre = {5, 5};
    light.width = light.length = 3;
    project.materials[1].transmittance = 0.65;
    light.glazing = "pane";
    option.storeys[0].rooflights = {light};
    option.planes[0].height = 0.85, option.planes[0].margin = 0.5, option.planes[0].spacing = 1;
    const Year year(project, 0.03);
    const auto set = *criteria_set("en-17037-provision");
    const auto verdicts = evaluate(set, year.judged());
    ASSERT_EQ(verdicts.size(), 3u) << "table A.2 alone";
    EXPECT_EQ(conclude(verdicts)[0].state, State::not_met);
    EXPECT_LT(verdicts[0].high, 0.5) << verdicts[0].value;
    auto by_windows = set;
    for (auto& c : by_windows.criteria) c.lit_by = Criterion::LitBy::any;
    std::erase_if(by_windows.criteria, [](const Criterion& c) { return c.id.starts_with("roof"); });
    EXPECT_EQ(conclude(evaluate(by_windows, year.judged()))[0].state, State::met);
}

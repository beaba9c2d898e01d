// SPDX-License-Identifier: GPL-3.0-or-later
// A window is moved: whose light does it change, by how much, and what is traced again?
#include "question/year_before.h"

#include <gtest/gtest.h>

#include "base/cache.h"
#include "describe/differing.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "question/daylight_factor.h"
#include "support.h"

using namespace wp;
using namespace wp::question;

namespace {

// Two rooms apart from each other. Facing: their windows look at each other over so many metres; else away.
model::Project two_houses(double apart, bool facing) {
    auto p = test::one_room();
    auto& rooms = p.options[0].storeys[0].rooms;
    model::Room other = rooms[0];
    other.id = other.name = "other";
    for (auto& corner : other.footprint) corner.y -= 6 + apart;
    other.openings[0].id = other.openings[0].name = "W-02";
    other.openings[0].edge = facing ? 2 : 0;
    rooms.push_back(other);
    model::ReferencePlane plane = p.options[0].planes[0];
    plane.id = "other-plane";
    plane.room = "other";
    p.options[0].planes.push_back(plane);
    model::Question year;
    year.kind = model::Question::Kind::year;
    year.id = "year";
    year.accuracy = 0.3;
    p.questions.push_back(year);
    return p;
}

model::Project with_moved_window(model::Project p) {
    auto& window = p.options[0].storeys[0].rooms[0].openings[0];
    window.along = 0.3;
    window.width = 3;
    window.height = 1.9;
    return p;
}

geometry::Surfaces built(const model::Project& p) { return geometry::build_surfaces(p, p.options[0]); }

std::vector<model::Id> moved(const model::Project& a, const model::Project& b) {
    return describe::differing_openings(a, b, "a").value_or(std::vector<model::Id>{"something else"});
}

// Mean daylight factor of a plane, many samples.
double mean_factor(const model::Project& p, size_t plane) {
    DaylightFactorSetup setup;
    setup.fixed_samples = 256;
    const auto answer = daylight_factor(built(p), *planes_of(p.options[0], p.questions[0]), {0.01, 5}, {}, {}, setup);
    return answer.planes[plane].figures.mean;
}

}  // namespace

TEST(YearBefore, knows_what_differs) {
    const auto before = two_houses(4, true), after = with_moved_window(before);
    EXPECT_EQ(moved(before, after), std::vector<model::Id>{"W-01"});
    EXPECT_TRUE(moved(before, before).empty());
    auto thicker = after;
    thicker.options[0].outer_wall += 0.1;
    EXPECT_FALSE(describe::differing_openings(before, thicker, "a")) << "not the opening alone";
    auto more = before;
    more.options[0].storeys[0].rooms[1].openings.push_back(more.options[0].storeys[0].rooms[1].openings[0]);
    more.options[0].storeys[0].rooms[1].openings.back().id = "W-03";
    EXPECT_FALSE(describe::differing_openings(before, more, "a")) << "panes no more stand for each other";
    auto renamed = before;
    renamed.options[0].storeys[0].rooms[1].name = "Elsewhere";
    EXPECT_TRUE(moved(before, renamed).empty()) << "names are nothing to light";
}

TEST(YearBefore, a_window_that_looks_away_from_another_room_hardly_changes_its_light) {
    const auto before = two_houses(4, false), after = with_moved_window(before);
    const auto holds = what_still_holds(built(before), built(after), moved(before, after), 0.03);
    ASSERT_TRUE(holds.spaces.contains(1)) << "the other room, behind the first one's back";
    EXPECT_FALSE(holds.spaces.contains(0)) << "its own room is changed by all that comes in";
    EXPECT_LT(holds.change.at(1), 0.03);
    EXPECT_EQ(holds.spaces.at(1), built(before).light_fingerprint(1));
    EXPECT_NE(holds.spaces.at(1), built(after).light_fingerprint(1)) << "by the letter it is another";
}

TEST(YearBefore, a_window_across_a_narrow_court_changes_what_stands_opposite) {
    const auto before = two_houses(2.5, true), after = with_moved_window(before);
    const auto holds = what_still_holds(built(before), built(after), moved(before, after), 0.03);
    EXPECT_FALSE(holds.spaces.contains(1));
}

// The limit is told by paths out of windows; the truth by daylight factors of points, before and after.
TEST(YearBefore, what_light_does_change_by_is_within_what_it_may) {
    for (const double apart : {2.5, 6.0, 14.0}) {
        const auto before = two_houses(apart, true), after = with_moved_window(before);
        const auto holds = what_still_holds(built(before), built(after), moved(before, after), 1e9);
        ASSERT_TRUE(holds.change.contains(1));
        const double was = mean_factor(before, 1), is = mean_factor(after, 1);
        EXPECT_LT(std::abs(is - was) / was, holds.change.at(1) + 0.004) << apart << " m apart";
    }
}

TEST(YearBefore, one_that_comes_or_goes_leaves_nothing_as_it_was) {
    const auto before = two_houses(4, false);
    auto after = before;
    after.options[0].storeys[0].rooms[0].openings.clear();
    EXPECT_TRUE(what_still_holds(built(before), built(after), {"W-01"}, 0.03).spaces.empty());
}

TEST(YearBefore, only_the_room_whose_window_was_moved_is_traced_again_and_the_others_errors_say_so) {
    const auto before = two_houses(4, false), after = with_moved_window(before);
    std::map<std::string, std::string> kept;
    const Cache cache{[&](const Fingerprint& print) -> std::optional<std::string> {
                          const auto at = kept.find(print.text());
                          return at != kept.end() ? std::optional(at->second) : std::nullopt;
                      },
                      [&](const Fingerprint& print, std::string_view bytes) { kept[print.text()] = bytes; }};
    const auto weather = test::weather();
    const auto ask = [&](const model::Project& p, std::shared_ptr<const YearBefore> holds) {
        const auto scene = year_scene(p, p.options[0], p.questions[1], weather);
        YearKnown known;
        known.before = std::move(holds);
        return ask_year(*scene, weather, effort_of(p.questions[1]), known, {}, {}, cache);
    };
    const auto first = ask(before, nullptr);
    const auto holds =
        std::make_shared<const YearBefore>(what_still_holds(built(before), built(after), moved(before, after), 0.03));
    const auto second = ask(after, holds);
    const auto& light = *second.inputs()->light;
    EXPECT_GT(light.found, 0u);
    EXPECT_LT(light.traced, first.inputs()->light->traced);
    ASSERT_EQ(light.may_differ.size(), 2u);
    EXPECT_EQ(light.may_differ[0], 0);
    EXPECT_EQ(light.may_differ[1], holds->change.at(1));
    EXPECT_NEAR(second.planes[1].relative_half_width, first.planes[1].relative_half_width + light.may_differ[1],
                0.2 * first.planes[1].relative_half_width);
    EXPECT_GE(second.planes[1].common, light.may_differ[1]);
    // By the letter, nothing of before serves.
    const auto exact = ask(after, nullptr);
    EXPECT_TRUE(exact.inputs()->light->may_differ.empty());
    const auto mean = [](const YearAnswer& year) {
        const auto lux = year.lux(1, Operation::open);
        double sum = 0;
        for (const float v : lux->lux) sum += static_cast<double>(v);
        return sum / static_cast<double>(lux->lux.size());
    };
    EXPECT_NEAR(mean(second) / mean(exact), 1,
                second.planes[1].common + second.planes[1].relative_half_width + exact.planes[1].relative_half_width);
}

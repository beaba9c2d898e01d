// SPDX-License-Identifier: GPL-3.0-or-later
// Series as an architect reads them: wider windows, clearer glass, a turned building, step by step.
#include "series/series.h"

#include <gtest/gtest.h>

#include <cmath>

#include "describe/numbers.h"
#include "model/project.h"
#include "question/ask.h"
#include "series/curves.h"
#include "series/kept_step.h"
#include "series/tables.h"
#include "series/turns.h"
#include "series/variables.h"
#include "store/answers.h"
#include "store/project_file.h"

using namespace wp;
using namespace wp::series;

namespace {

std::shared_ptr<const model::Project> demo() {
    static const auto project = [] {
        auto read = store::read_project(WARMPANE_DEMO);
        auto out = std::make_shared<model::Project>(std::move(*read));
        // Two rooms that share no light, few points, rough answers: what is told of steps holds whatever the spacing.
        for (auto& option : out->options) {
            std::erase_if(option.planes, [](const auto& p) { return p.room != "reading" && p.room != "meeting"; });
            for (auto& plane : option.planes)
                if (!plane.for_rules) plane.spacing = 2;
        }
        for (auto& q : out->questions) q.accuracy = 0.06;
        return out;
    }();
    return project;
}

std::shared_ptr<const climate::WeatherYear> weather() {
    static const auto year =
        std::make_shared<const climate::WeatherYear>(*question::weather_of(*demo(), WARMPANE_DEMO));
    return year;
}

model::Series of(model::VariedNumber varied, std::vector<model::Id> questions = {"df"}) {
    model::Series out;
    out.id = "s";
    out.option = "found";
    out.varied = {std::move(varied)};
    out.questions = std::move(questions);
    return out;
}
model::Series widths(int steps = 3) { return of({"opening", {"W-02", "W-03"}, "width", 0.9, 1.8, steps}); }

size_t room_of(const SeriesAnswer& answer, const char* id) {
    return static_cast<size_t>(std::ranges::find(answer.rooms, id) - answer.rooms.begin());
}
size_t line_of(const SeriesAnswer& answer, const char* id) {
    return static_cast<size_t>(std::ranges::find(answer.lines, id, [](const auto* l) { return l->id; }) -
                               answer.lines.begin());
}
SeriesAnswer asked(const model::Series& series) {
    Asker asker(demo(), series, weather());
    for (size_t i = 0; i < asker.answer().steps.size(); ++i) {
        const auto fault = asker.ask(i);
        EXPECT_FALSE(fault) << fault->line();
    }
    return asker.answer();
}

// Three widths, asked once.
const SeriesAnswer& wider() {
    static const SeriesAnswer answer = asked(widths());
    return answer;
}

}  // namespace

TEST(SeriesNumbers, are_all_that_is_described_of_what_is_chosen_and_of_what_it_is_made_of) {
    const auto& project = *demo();
    const auto all = variables_of(project, project.options[0], {"W-02", "W-03"});
    const auto has = [&](const char* type, const char* number) {
        return std::ranges::find_if(all, [&](const Variable& v) { return v.type == type && v.number == number; });
    };
    ASSERT_NE(has("opening", "width"), all.end());
    EXPECT_EQ(has("opening", "width")->elements, (std::vector<model::Id>{"W-02", "W-03"}));
    EXPECT_NEAR(has("opening", "width")->value, 0.9, 1e-9);
    ASSERT_NE(has("opening", "head"), all.end()) << "designers think of heads";
    EXPECT_NEAR(has("opening", "head")->value, 2.5, 1e-9);
    ASSERT_NE(has("material", "transmittance"), all.end()) << "glass that they have by type";
    EXPECT_EQ(has("material", "transmittance")->elements, (std::vector<model::Id>{"single-clear"}));
    EXPECT_NE(has("site", "north"), all.end()) << "the whole building may be turned";
    EXPECT_EQ(has("opening", "edge"), all.end()) << "which wall it is in is no measure";
}

TEST(SeriesNumbers, of_an_opening_keep_what_a_designer_means_to_keep) {
    model::Project project = *demo();
    auto& option = project.options[0];
    const auto before = *model::find_opening(option, "W-02").opening;
    ASSERT_TRUE(set(project, option, {"opening", {"W-02"}, "width", 0, 0, 2}, 1.3));
    auto& window = *model::find_opening(option, "W-02").opening;
    EXPECT_NEAR(window.along + window.width / 2, before.along + before.width / 2, 1e-9) << "it grows about its middle";
    ASSERT_TRUE(set(project, option, {"opening", {"W-02"}, "head", 0, 0, 2}, 2.7));
    EXPECT_NEAR(window.sill, before.sill, 1e-9);
    EXPECT_NEAR(window.sill + window.height, 2.7, 1e-9);
    ASSERT_TRUE(set(project, option, {"opening", {"W-02"}, "sill_under_head", 0, 0, 2}, 0.9));
    EXPECT_NEAR(window.sill, 0.9, 1e-9);
    EXPECT_NEAR(window.sill + window.height, 2.7, 1e-9) << "the head stays";
    EXPECT_FALSE(set(project, option, {"opening", {"W-99"}, "width", 0, 0, 2}, 1.3));
}

TEST(SeriesNumbers, of_layers_without_a_name_are_found_by_their_place) {
    model::Project project = *demo();
    auto& option = project.options[2];  // with louvres
    std::string number;
    model::Id window;
    for (const auto& n : describe::numbers_of(project, option))
        if (n.place.type == "opening" && n.place.number.starts_with("shading/0/") &&
            n.place.number.find("tilt") != std::string::npos)
            number = n.place.number, window = n.place.id;
    ASSERT_FALSE(number.empty());
    ASSERT_TRUE(describe::set_number(project, option, {"opening", window, number}, 33));
    for (const auto& n : describe::numbers_of(project, option))
        if (n.place.id == window && n.place.number == number) EXPECT_NEAR(n.value, 33, 1e-9);
    EXPECT_FALSE(describe::set_number(project, option, {"opening", window, "shading/9/tilt"}, 33));
}

TEST(SeriesSteps, run_from_end_to_end_and_of_two_numbers_over_every_pair) {
    auto two = widths(4);
    two.varied.push_back({"opening", {"W-02"}, "head", 2.2, 2.6, 3});
    const auto steps = steps_of(two);
    ASSERT_EQ(steps.size(), 12u);
    EXPECT_EQ(steps.front().values, (std::vector<double>{0.9, 2.2}));
    EXPECT_EQ(steps.back().values, (std::vector<double>{1.8, 2.6}));
    EXPECT_EQ(steps[1].values, (std::vector<double>{0.9, 2.4}));
}

TEST(SeriesSteps, are_asked_from_the_present_value_and_coarse_before_fine) {
    const auto series = of({"opening", {"W-02"}, "width", 0.8, 1.6, 9});
    const auto order = asking_order(series, {0.92});
    ASSERT_EQ(order.size(), 9u);
    EXPECT_EQ(order[0], 1u) << "0.9 m is nearest to what is built";
    // Then the ends and the middle, the nearer before the farther, then what lies between.
    EXPECT_EQ((std::vector<size_t>{order[1], order[2], order[3]}), (std::vector<size_t>{0, 4, 8}));
    EXPECT_EQ((std::vector<size_t>{order[4], order[5]}), (std::vector<size_t>{2, 6}));
    auto sorted = order;
    std::ranges::sort(sorted);
    for (size_t i = 0; i < sorted.size(); ++i) EXPECT_EQ(sorted[i], i);
}

TEST(SeriesSteps, that_cannot_be_are_refused_with_what_would_do) {
    const auto refused = [&](model::Series s, const char* why) {
        const auto fault = check(*demo(), s);
        ASSERT_TRUE(fault) << why;
        EXPECT_NE(fault->line().find(why), std::string::npos) << fault->line();
        EXPECT_FALSE(fault->remedy.empty());
    };
    auto s = widths();
    EXPECT_FALSE(check(*demo(), s));
    s.varied[0].to = 0.9;
    refused(s, "both ends are the same");
    s = widths();
    s.varied[0].from = -1;
    refused(s, "beyond what it may be");
    s = widths();
    s.varied[0].number = "girth";
    refused(s, "no such number");
    s = widths();
    s.option = "gone";
    refused(s, "no option");
    s = widths();
    s.questions = {"gone"};
    refused(s, "no question");
    s = widths(200);
    s.varied.push_back({"opening", {"W-02"}, "head", 2.2, 2.6, 200});
    refused(s, "more than 2000 steps");
}

TEST(SeriesText, names_numbers_as_one_line) {
    const auto& option = demo()->options[0];
    const auto varied = parse_varied(*demo(), option, "W-02+W-03.width=0.9:1.8:4");
    ASSERT_TRUE(varied) << varied.fault().line();
    EXPECT_EQ(varied->type, "opening");
    EXPECT_EQ(varied->elements.size(), 2u);
    EXPECT_EQ(varied->steps, 4);
    EXPECT_EQ(parse_varied(*demo(), option, "north=-20:20:5")->type, "site");
    EXPECT_EQ(parse_varied(*demo(), option, "single-clear.transmittance=0.5:0.8:4")->type, "material");
    EXPECT_EQ(parse_varied(*demo(), option, "W-02.head=2:2.6:4")->type, "opening");
    for (const char* wrong :
         {"W-02.width", "W-02.width=1:2", "W-02.width=1:x:3", "W-02.width=1:2:1", "W-02.width=1:2:2.5",
          "W-77.width=1:2:3", "W-02.girth=1:2:3", "girth=1:2:3", "=1:2:3", "", "W-02.width=1:inf:3"}) {
        const auto fault = parse_varied(*demo(), option, wrong);
        ASSERT_FALSE(fault) << wrong;
        EXPECT_FALSE(fault.fault().remedy.empty()) << wrong;
    }
}

TEST(Series, of_wider_windows_brighten_their_room_step_by_step_and_leave_others_alone) {
    const auto& answer = wider();
    const size_t reading = room_of(answer, "reading"), meeting = room_of(answer, "meeting"),
                 df = line_of(answer, "daylight_factor.mean");
    ASSERT_LT(reading, answer.rooms.size());
    for (size_t i = 1; i < answer.steps.size(); ++i) {
        const auto change = answer.change(i - 1, i, reading, df);
        ASSERT_TRUE(change);
        EXPECT_GT(change->by, 0);
        EXPECT_TRUE(change->told_apart) << "step " << i;
        // The meeting room shares no light with them but off the lane.
        const auto there = answer.change(i - 1, i, meeting, df);
        EXPECT_LT(std::fabs(there->by), 1e-9) << "what hardly changes is not traced again";
        EXPECT_GT(there->error, 0) << "and what it may have changed by is told";
    }
}

TEST(Series, give_at_each_step_what_that_building_gives_by_itself) {
    const auto& answer = wider();
    const size_t df = line_of(answer, "daylight_factor.mean");
    const auto at = *project_at(*demo(), answer.series, answer.steps[2]);
    const auto& option = at.options[0];
    const auto surfaces = geometry::build_surfaces(at, option);
    question::Effort effort{0.02, 77};
    const auto planes = *question::planes_of(option, {}, at.site.north);
    const auto alone = question::daylight_factor(surfaces, planes, effort);
    for (size_t r = 0; r < answer.rooms.size(); ++r)
        for (const auto& plane : alone.planes) {
            if (plane.plane.room != answer.rooms[r]) continue;
            const auto band = answer.band(2, r, df);
            const double apart = std::fabs(band->value - plane.figures.mean),
                         half = std::hypot((band->high - band->low) / 2, plane.figures.mean_half_width);
            EXPECT_LT(apart, 2 * half) << answer.room_names[r];
            break;
        }
}

TEST(Series,
     leave_out_rooms_that_have_little_of_their_light_through_what_differs_and_say_by_how_much_they_may_be_wrong) {
    // A window of the workshop, whose air reaches the reading room by way of the corner between them.
    const auto answer = asked(of({"opening", {"W-13"}, "width", 0.9, 1.2, 2}));
    const size_t reading = room_of(answer, "reading"), df = line_of(answer, "daylight_factor.mean");
    EXPECT_LT(answer.of[1]->rays, answer.of[0]->rays / 4);
    const auto change = *answer.change(0, 1, reading, df);
    // Both traced to the same number of samples by the same dice: hardly any chance is left in their difference.
    std::array<double, 2> mean{};
    for (size_t i = 0; i < 2; ++i) {
        const auto at = *project_at(*demo(), answer.series, answer.steps[i]);
        const auto& option = at.options[0];
        question::DaylightFactorSetup setup;
        setup.fixed_samples = 64;
        const auto planes = *question::planes_of(option, {}, at.site.north);
        const auto traced =
            question::daylight_factor(geometry::build_surfaces(at, option), planes, {0.06, 3}, {}, {}, setup);
        for (const auto& plane : traced.planes)
            if (plane.plane.plane == "p-reading") mean[i] = plane.figures.mean;
    }
    ASSERT_GT(mean[0], 0);
    EXPECT_LT(std::fabs(mean[1] - mean[0] - change.by), change.error);
}

TEST(Series, of_glass_cost_no_ray_and_are_what_tracing_that_glass_gives) {
    const auto answer = asked(of({"material", {"single-clear"}, "transmittance", 0.5, 0.85, 3}));
    EXPECT_GT(answer.of[0]->rays, 0u);
    EXPECT_EQ(answer.of[1]->rays, 0u);
    EXPECT_EQ(answer.of[2]->rays, 0u);
    const auto at = *project_at(*demo(), answer.series, answer.steps[2]);
    const auto& option = at.options[0];
    const auto surfaces = geometry::build_surfaces(at, option);
    const auto planes = *question::planes_of(option, {}, at.site.north);
    // By the same dice: what is left apart is what other glass sends back, which is part of the error.
    const auto traced = question::daylight_factor(surfaces, planes, {0.06, 1});
    const size_t df = line_of(answer, "daylight_factor.mean");
    for (size_t r = 0; r < answer.rooms.size(); ++r)
        for (const auto& plane : traced.planes) {
            if (plane.plane.room != answer.rooms[r]) continue;
            const auto band = *answer.band(2, r, df);
            EXPECT_NEAR(band.value, plane.figures.mean, 0.012 * plane.figures.mean) << answer.room_names[r];
            EXPECT_GT(plane.figures.mean, band.low) << answer.room_names[r];
            EXPECT_LT(plane.figures.mean, band.high) << answer.room_names[r];
            break;
        }
}

TEST(Series, tell_differences_more_surely_than_each_step_by_itself) {
    const auto& answer = wider();
    const size_t reading = room_of(answer, "reading"), df = line_of(answer, "daylight_factor.mean");
    const auto change = answer.change(0, 1, reading, df);
    const auto apart = figure::change(*answer.band(0, reading, df), *answer.band(1, reading, df));
    EXPECT_DOUBLE_EQ(change->by, apart.by);
    EXPECT_LT(change->error, apart.error) << "common dice make the difference quieter";
    EXPECT_GT(change->error, 0);
}

TEST(Series, judge_every_step_by_the_projects_criteria) {
    const auto& answer = wider();
    const auto plotted = plotted_of(answer);
    const auto criterion = std::ranges::find_if(plotted, [](const Plotted& p) { return p.line == nullptr; });
    ASSERT_NE(criterion, plotted.end());
    EXPECT_FALSE(criterion->thresholds.empty());
    const auto curve = curve_of(answer, *criterion, room_of(answer, "reading"));
    EXPECT_EQ(curve.size(), 3u);
    const auto json = series_json(*demo(), answer);
    EXPECT_NE(json.find("\"verdicts\""), std::string::npos);
    const auto csv = series_csv(*demo(), answer);
    EXPECT_EQ(csv.substr(0, csv.find('\n')),
              "\"Width of W-02, W-03 [m]\",room,figure,value,low_95,high_95,unit,settled");
}

TEST(Series, cancelled_keep_the_steps_that_were_asked) {
    Asker asker(demo(), widths(), weather());
    ASSERT_FALSE(asker.ask(0));
    Cancel cancel;
    cancel.request();
    EXPECT_FALSE(asker.ask(1, cancel));
    EXPECT_EQ(asker.answer().asked(), 1u);
    EXPECT_EQ(asker.answer().of[1], nullptr);
}

TEST(SeriesStep, becomes_an_option_that_leaves_all_others_as_they_are) {
    model::Project project = *demo();
    const auto glass = of({"material", {"single-clear"}, "transmittance", 0.5, 0.85, 3});
    const auto made = add_as_option(project, glass, steps_of(glass)[0]);
    ASSERT_TRUE(made) << made.fault().line();
    EXPECT_EQ(*made, 1u);
    EXPECT_NEAR(model::find(project.materials, "single-clear")->transmittance, 0.82, 1e-9) << "others keep their glass";
    const auto& option = project.options[1];
    const auto glazing = model::finish_of(project, option, model::Part::glazing, {});
    ASSERT_NE(glazing.material, nullptr);
    EXPECT_NEAR(glazing.material->transmittance, 0.5, 1e-9);
    EXPECT_NE(option.name.find("50 %"), std::string::npos) << option.name;
    // The site is everybody's.
    const auto turned = of({"site", {}, "north", -20, 20, 3});
    const model::Project before = project;
    EXPECT_FALSE(add_as_option(project, turned, steps_of(turned)[0]));
    EXPECT_EQ(project, before);
}

TEST(Turns, lie_where_the_curve_passes_and_as_wide_as_its_band_leaves_open) {
    // Rising 0 to 4 with a band of half a unit: passes 2 at 2, perhaps from 1.5 to 2.5.
    std::vector<CurvePoint> curve;
    for (int i = 0; i <= 4; ++i) curve.push_back({double(i), {double(i), i - 0.5, i + 0.5}});
    const auto turns = turns_of(curve, 2.2);
    ASSERT_EQ(turns.size(), 1u);
    EXPECT_NEAR(turns[0].at, 2.2, 1e-9);
    EXPECT_NEAR(turns[0].from, 1.7, 1e-9);
    EXPECT_NEAR(turns[0].to, 2.7, 1e-9);
    EXPECT_TRUE(turns[0].rises);
    EXPECT_TRUE(turns_of(curve, 9).empty());
}

TEST(Turns, without_error_are_points_and_falling_curves_have_them_too) {
    const std::vector<CurvePoint> curve = {{0, {4, 4, 4}}, {1, {2, 2, 2}}, {2, {3, 3, 3}}};
    const auto turns = turns_of(curve, 2.5);
    ASSERT_EQ(turns.size(), 2u);
    EXPECT_FALSE(turns[0].rises);
    EXPECT_NEAR(turns[0].at, 0.75, 1e-9);
    EXPECT_NEAR(turns[0].from, 0.75, 1e-9);
    EXPECT_NEAR(turns[0].to, 0.75, 1e-9);
    EXPECT_TRUE(turns[1].rises);
}

TEST(Turns, where_the_band_never_leaves_the_threshold_reach_to_the_ends) {
    const std::vector<CurvePoint> curve = {{0, {1, 0, 3}}, {1, {2, 1, 3}}};
    const auto turns = turns_of(curve, 1.5);
    ASSERT_EQ(turns.size(), 1u);
    EXPECT_EQ(turns[0].from, 0);
    EXPECT_EQ(turns[0].to, 1);
}

TEST(Series, steps_that_were_kept_are_found_again_without_a_ray_and_are_the_same) {
    store::MemoryCache memory;
    Asker first(demo(), widths(2), weather());
    first.keep_in(memory.cache());
    ASSERT_FALSE(first.find_kept(0)) << "nothing was asked yet";
    ASSERT_FALSE(first.ask(0));
    Asker again(demo(), widths(2), weather());
    again.keep_in(memory.cache());
    ASSERT_TRUE(again.find_kept(0));
    EXPECT_FALSE(again.find_kept(1));
    const auto &was = *first.answer().of[0], &is = *again.answer().of[0];
    ASSERT_EQ(was.bands.size(), is.bands.size());
    for (size_t i = 0; i < was.bands.size(); ++i) {
        ASSERT_EQ(was.bands[i].has_value(), is.bands[i].has_value());
        if (was.bands[i]) EXPECT_EQ(was.bands[i]->value, is.bands[i]->value);
    }
    EXPECT_EQ(was.replicates, is.replicates);
    ASSERT_EQ(was.verdicts.size(), is.verdicts.size());
    for (size_t i = 0; i < was.verdicts.size(); ++i) {
        EXPECT_EQ(was.verdicts[i].criterion, is.verdicts[i].criterion);
        EXPECT_EQ(was.verdicts[i].state, is.verdicts[i].state);
    }
    // Whiter walls, other steps.
    auto other = std::make_shared<model::Project>(*demo());
    for (auto& material : other->materials) material.reflectance *= 0.9;
    Asker changed(other, widths(2), weather());
    changed.keep_in(memory.cache());
    EXPECT_FALSE(changed.find_kept(0));
}

// What is taken over from another step comes from the same one always: else a series that went on after a break, or
// whose steps several processes made, would tell other figures.
TEST(Series, tell_the_same_of_a_step_whatever_was_asked_before_it) {
    const auto series = of({"opening", {"W-02", "W-03"}, "width", 0.9, 1.8, 3}, {"df", "year"});
    auto project = std::make_shared<model::Project>(*demo());
    for (auto& question : project->questions) question.planes.clear();
    Asker whole(project, series, weather(), 0.4);
    for (const size_t step : whole.order()) {
        const auto fault = whole.ask(step);
        ASSERT_FALSE(fault) << fault->line();
    }
    for (const size_t step : {whole.order().back()}) {
        Asker alone(project, series, weather(), 0.4);
        ASSERT_FALSE(alone.ask(step));
        const auto &a = *alone.answer().of[step], &b = *whole.answer().of[step];
        EXPECT_EQ(a.replicates, b.replicates) << step;
        ASSERT_EQ(a.bands.size(), b.bands.size());
        size_t told = 0;
        for (size_t i = 0; i < a.bands.size(); ++i) {
            ASSERT_EQ(a.bands[i].has_value(), b.bands[i].has_value());
            if (!a.bands[i]) continue;
            ++told;
            EXPECT_EQ(a.bands[i]->value, b.bands[i]->value) << step << ", " << i;
            EXPECT_EQ(a.bands[i]->low, b.bands[i]->low) << step << ", " << i;
        }
        EXPECT_GT(told, 10u);
    }
}

TEST(Series, kept_bytes_that_are_damaged_are_refused) {
    StepAnswer step;
    step.bands = {figure::Band{1, 0.9, 1.1}, std::nullopt};
    step.replicates = {{1, 2}};
    step.taken_over = {0};
    step.verdicts.push_back({});
    const std::string bytes = write_step(step);
    EXPECT_TRUE(read_step(bytes, 1, 2));
    EXPECT_FALSE(read_step(bytes, 2, 1)) << "of other rooms";
    EXPECT_FALSE(read_step(bytes, 1, 3)) << "of other figures";
    EXPECT_FALSE(read_step("", 1, 2));
    for (size_t cut = 1; cut < bytes.size(); ++cut) EXPECT_FALSE(read_step(bytes.substr(0, cut), 1, 2));
    step.verdicts[0].state = static_cast<rule::State>(99);
    EXPECT_FALSE(read_step(write_step(step), 1, 2)) << "there is no such state";
}

// What a wall's colour does: as bright, and not as waking.
TEST(Series, of_a_walls_hue_change_melanopic_light_and_hardly_illuminance) {
    auto project = std::make_shared<model::Project>(*demo());
    auto* walls = model::find(project->materials, "walls-lime");
    walls->spectrum.clear();
    walls->chroma = 35;
    model::Question q;
    q.id = "eyes";
    q.kind = model::Question::Kind::spectrum;
    q.moments = {{3, 21, 10}};
    q.sky.shape = model::SkyChoice::Shape::cie;
    q.sky.amount = model::SkyChoice::Amount::illuminance;
    q.sky.type = 1;
    q.accuracy = 0.1;
    project->questions.push_back(q);
    const auto series = of({"material", {"walls-lime"}, "hue", 40, 260, 2}, {"eyes"});
    Asker asker(project, series, weather());
    for (size_t i = 0; i < 2; ++i) ASSERT_FALSE(asker.ask(i));
    const auto& answer = asker.answer();
    const size_t room = room_of(answer, "reading");
    const auto value = [&](size_t step, const char* id) {
        const size_t line = line_of(answer, id);
        EXPECT_LT(line, answer.lines.size()) << id;
        return answer.band(step, room, line)->value;
    };
    EXPECT_GT(value(1, "melanopic_edi.mean"), 1.08 * value(0, "melanopic_edi.mean")) << "blue over orange";
    EXPECT_NEAR(value(1, "spectral_illuminance.mean") / value(0, "spectral_illuminance.mean"), 1, 0.08);
}

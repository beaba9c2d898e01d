// SPDX-License-Identifier: GPL-3.0-or-later
// The body clock's year: hours in the open against sums of their own, hours in a room against the same asked alone,
// days recounted from the hours.
#include "question/spectral_year.h"

#include <gtest/gtest.h>

#include <cmath>
#include <map>

#include "analysis/analysis.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "question/spectral.h"
#include "question/two_sides.h"
#include "spectrum/observer.h"
#include "support.h"
#include "validation/scenes.h"

using namespace wp;
using namespace wp::question;

namespace {

// What a year gives of all points, by plane, hour and point.
struct Heard {
    std::map<size_t, std::map<int, std::vector<std::pair<float, float>>>> melanopic;  // with half-widths
    std::map<size_t, std::map<int, std::vector<float>>> lux;
    TakeDays take() {
        return [this](const SpectralDays& days) {
            for (size_t h = 0; h < days.hours.size(); ++h)
                for (size_t i = 0; i < days.points; ++i) {
                    melanopic[days.plane][days.hours[h]].emplace_back(days.melanopic[days.at(h, i)],
                                                                      days.melanopic_half_width[days.at(h, i)]);
                    lux[days.plane][days.hours[h]].push_back(days.lux[days.at(h, i)]);
                }
        };
    }
};

struct Year {
    model::Project project;
    climate::WeatherYear weather = test::weather();
    YearScene scene;
    std::shared_ptr<const YearSky> sky;
    explicit Year(model::Project p) : project(std::move(p)) {
        scene = *year_scene(project, project.options[0], {}, weather);
        sky = year_sky(weather, scene.place, scene.north_azimuth, scene.ground_by_month);
    }
    SpectralYearTask task(const std::vector<geometry::PlanePoints>& planes) const {
        SpectralYearTask out;
        out.project = &project;
        out.surfaces = &scene.surfaces;
        out.groups = &scene.groups;
        out.planes = &planes;
        out.place = scene.place;
        out.north_azimuth = scene.north_azimuth;
        out.bands = 3;
        return out;
    }
    std::vector<geometry::PlanePoints> eye_towards(double heading) const {
        std::vector planes{validation::points_at({{2, 2, 1.2}}, {0, 0, 1}, 0)};
        face(planes[0], radians(heading), 0, false);
        return planes;
    }
};

// A sky onto an upright place, by rings of its own; lux.
double upright_under(const climate::Sky& sky, Vec3 normal) {
    constexpr int high = 90, round = 180;
    double sum = 0;
    for (int i = 0; i < high; ++i)
        for (int j = 0; j < round; ++j) {
            const double a = (i + 0.5) / high * kPi / 2, z = (j + 0.5) / round * 2 * kPi;
            const Vec3 d{std::cos(a) * std::sin(z), std::cos(a) * std::cos(z), std::sin(a)};
            sum +=
                sky.luminance(d) * std::max(0.0, dot(d, normal)) * std::cos(a) * (kPi / 2 / high) * (2 * kPi / round);
        }
    return sum;
}

}  // namespace

TEST(SpectralYear, an_eye_in_the_open_has_what_sky_sun_and_ground_send_in_every_hour) {
    Year year(test::one_room());
    geometry::Surfaces nothing;
    nothing.ground_reflectance = 0.2;
    std::vector planes{validation::points_at({{0, 0, 1.2}}, {0, -1, 0}, geometry::kOutdoors)};
    face(planes[0], kPi, 0, false);
    auto task = year.task(planes);
    const std::vector<YearGroup> none;
    task.surfaces = &nothing, task.groups = &none;
    Heard heard;
    ASSERT_TRUE(spectral_year(task, *year.sky, {0.01, 1, 0}, heard.take()).settled);
    ASSERT_EQ(heard.melanopic[0].size(), year.sky->hours.size());
    const auto outdoor = climate::outdoor_year(year.weather);
    size_t checked = 0;
    for (size_t r = 7; r < year.sky->hours.size(); r += 211, ++checked) {
        const int hour = year.sky->hours[r];
        const auto& now = outdoor[static_cast<size_t>(hour)];
        const Vec3 sun = climate::sun_direction(now.sun.sun, 0);
        const double direct = now.direct_lux * now.sun.sunlit,
                     expected = direct * std::max(0.0, -sun.y) + upright_under(climate::sky_of(now, 0), {0, -1, 0}) +
                                0.5 * 0.2 * now.global_lux();
        const auto& [melanopic, half] = heard.melanopic[0][hour][0];
        EXPECT_NEAR(melanopic, expected, 0.03 * expected + half + 1) << "hour " << hour;
        EXPECT_NEAR(melanopic, heard.lux[0][hour][0], half + 0.002 * expected) << "of D65 they are one";
    }
    EXPECT_GT(checked, 15u);
}

TEST(SpectralYear, an_hour_in_a_room_is_what_the_moment_alone_gives) {
    auto project = test::one_room();
    project.materials[0].spectrum.assign(81, 0.2);
    for (size_t i = 40; i < 81; ++i) project.materials[0].spectrum[i] = 0.7;
    Year year(project);
    const auto planes = year.eye_towards(180);
    auto task = year.task(planes);
    task.bands = 9;
    task.colour = model::SkyColour::by_luminance;
    Heard heard;
    spectral_year(task, *year.sky, {0.02, 1, 0}, heard.take());
    const auto field =
        trace_spectral_field(project, field_task(project, year.scene.surfaces, planes, {}), 9, {0.02, 2, 0});
    double sum = 0, asked = 0;
    for (const climate::Moment m : {climate::Moment{3, 21, 9.5}, {6, 21, 11.5}, {9, 2, 14.5}, {12, 10, 12.5}}) {
        const auto outdoors = *outdoors_at(project.site, {}, m, climate::outdoor_year(year.weather));
        const auto alone = spectrum_at(field, outdoors, model::SkyColour::by_luminance).planes[0].points[0];
        const double expected =
            spectrum::equivalent_daylight_illuminance(spectrum::Answer::melanopic, alone.irradiance);
        const auto& [melanopic, half] = heard.melanopic[0][m.day_of_year() * 24 + static_cast<int>(m.hour)][0];
        EXPECT_NEAR(melanopic, expected, 0.1 * expected + half) << climate::text(m);
        sum += static_cast<double>(melanopic), asked += expected;
    }
    EXPECT_NEAR(sum / asked, 1, 0.06);
}

TEST(SpectralYear, blinds_take_light_in_the_hours_in_which_they_are_closed_and_on_their_side) {
    auto project = test::one_room();
    test::add_west_window(project);
    Year year(project);
    ASSERT_EQ(year.scene.groups.size(), 2u);
    const auto planes = year.eye_towards(225);
    const auto run = [&](std::vector<std::vector<uint8_t>> states) {
        auto task = year.task(planes);
        task.states = std::move(states);
        Heard heard;
        spectral_year(task, *year.sky, {0.05, 1, 0}, heard.take());
        std::pair<double, double> sums;  // mornings, afternoons
        for (const auto& [hour, values] : heard.lux[0])
            (hour % 24 < 12 ? sums.first : sums.second) += static_cast<double>(values[0]);
        return sums;
    };
    const auto [open_morning, open_afternoon] = run({});
    const std::vector<uint8_t> open(climate::kHours, 0);
    std::vector<uint8_t> afternoon(climate::kHours, 0);
    for (size_t h = 0; h < afternoon.size(); ++h) afternoon[h] = h % 24 >= 12;
    const auto none = run({open, open});
    EXPECT_NEAR(none.first, open_morning, 0.001 * open_morning);
    const auto one = run({afternoon, open}), both = run({afternoon, afternoon});
    EXPECT_NEAR(one.first, open_morning, 0.01 * open_morning) << "in the morning nothing is closed";
    EXPECT_LT(both.second, 0.5 * open_afternoon);
    EXPECT_GT(one.second, both.second * 1.2) << "the other window still gives light";
    EXPECT_LT(one.second, 0.95 * open_afternoon);
}

namespace {

question::TableAnswer asked(const model::BodyClockChoice& choice, bool brow = false) {
    auto project = test::one_room();
    model::Question q;
    q.id = q.name = "clock";
    q.kind = model::Question::Kind::body_clock;
    q.body_clock = choice;
    q.bands = 3;
    q.accuracy = 0.1;
    q.brow = brow;
    const auto weather = test::weather();
    return *analysis::ask(project, project.options[0], q, &weather, effort_of(q));
}
double value_of(const question::TableAnswer& answer, const std::string& id) {
    for (const auto& column : answer.table.columns)
        if (column.id == id) return column.value[0][0];
    ADD_FAILURE() << id;
    return 0;
}

}  // namespace

// From 8 to 18, every day: what the hours beside the table say is what the table says.
TEST(SpectralYear, days_and_levels_are_those_of_the_hours) {
    model::BodyClockChoice choice;
    choice.level = 250;
    const auto answer = asked(choice);
    ASSERT_EQ(answer.hours.size(), 2u);
    const auto& hours = answer.hours[0];
    EXPECT_EQ(hours.place, "eye");
    ASSERT_EQ(hours.value.size(), 8760u);
    EXPECT_EQ(hours.value[0], 0.0f) << "at night";
    int days = 0, enough = 0, hours_enough = 0;
    std::vector<float> held;
    for (int day = 0; day < 365; ++day, ++days) {
        float best = 0;
        for (int from = 8; from <= 12; ++from) {
            float least = 1e9f;
            for (int h = from; h < from + 4; ++h)
                least = std::min(least, hours.value[static_cast<size_t>(day * 24 + h)]);
            best = std::max(best, least);
        }
        held.push_back(best);
        enough += best >= 250;
        for (int h = 8; h < 18; ++h) hours_enough += hours.value[static_cast<size_t>(day * 24 + h)] >= 250;
    }
    EXPECT_NEAR(value_of(answer, "days_own_percent"), 100.0 * enough / days, 0.01);
    EXPECT_NEAR(value_of(answer, "time_own_percent"), 100.0 * hours_enough / 3650, 0.01);
    std::sort(held.rbegin(), held.rend());
    EXPECT_NEAR(value_of(answer, "held_own_lx"), held[291], 0.01) << "on 80 % of 365 days";
    EXPECT_GT(value_of(answer, "days_own_percent"), 5);
    EXPECT_LT(value_of(answer, "days_own_percent"), 100);
}

TEST(SpectralYear, more_light_for_longer_is_had_on_fewer_days_and_towards_the_window_on_most) {
    model::BodyClockChoice choice;
    choice.level = 136;
    const auto usual = asked(choice);
    EXPECT_GT(value_of(usual, "days_best_percent"), value_of(usual, "days_worst_percent"));
    EXPECT_NEAR(value_of(usual, "days_own_percent"), value_of(usual, "days_best_percent"), 6)
        << "it looks to the window";
    // At a level that some directions have on the most of the days, and others do not.
    auto strict = choice;
    strict.level = 400;
    const auto some = asked(strict);
    EXPECT_GT(value_of(some, "days_best_percent"), value_of(some, "days_worst_percent"));
    EXPECT_LT(value_of(some, "enough_degrees"), value_of(usual, "enough_degrees"));
    auto longer = strict;
    longer.hours = 7;
    EXPECT_LT(value_of(asked(longer), "days_own_percent"), value_of(some, "days_own_percent"));
    auto brighter = choice;
    brighter.level = 600;
    EXPECT_LT(value_of(asked(brighter), "time_own_percent"), value_of(usual, "time_own_percent"));
    auto closed = choice;
    closed.blinds = model::SeatsChoice::Blinds::closed;
    EXPECT_LT(value_of(asked(closed), "mean_own_lx"), 0.3 * value_of(usual, "mean_own_lx"));
    const auto browed = asked(choice, true);
    EXPECT_LT(value_of(browed, "mean_own_lx"), value_of(usual, "mean_own_lx"));
    EXPECT_GT(value_of(browed, "mean_own_lx"), 0.5 * value_of(usual, "mean_own_lx"));
}

TEST(SpectralYear, needs_weather_and_somebody_who_looks) {
    auto project = test::one_room();
    model::Question q;
    q.kind = model::Question::Kind::body_clock;
    EXPECT_TRUE(analysis::needs_weather(q));
    EXPECT_FALSE(can_be_asked(project.options[0], q));
    project.options[0].observers.clear();
    EXPECT_TRUE(can_be_asked(project.options[0], q));
    q.body_clock.places = model::SeatsChoice::Places::lattice;
    EXPECT_FALSE(can_be_asked(project.options[0], q));
}

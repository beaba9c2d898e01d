// SPDX-License-Identifier: GPL-3.0-or-later
// A year that counts electric light: daylight hour by hour, and what circuits give on top of it.
#include "question/year_counted.h"

#include <gtest/gtest.h>

#include <cmath>

#include "figure/year_rooms.h"
#include "lit_room.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "question/year_over_time.h"
#include "support.h"

using namespace wp;
using namespace wp::question;

namespace {

// Two points with 200 and 100 lx from eight to four every day; one circuit of 150 and 250 lx.
YearAnswer by_numbers() {
    YearAnswer::Given g;
    g.plane.plane.plane = "desk";
    g.plane.plane.points = {{1, 1, 0.8}, {1, 4, 0.8}};
    g.plane.half_width = {0.1f, 0.02f};
    g.plane.relative_half_width = 0.07;
    g.open.points = 2;
    g.open.row_of.assign(8760, -1);
    int row = 0;
    for (int h = 0; h < 8760; ++h)
        if (h % 24 >= 8 && h % 24 < 16) {
            g.open.row_of[static_cast<size_t>(h)] = row++;
            g.open.lux.push_back(200);
            g.open.lux.push_back(100);
        }
    g.blinds = g.direct = g.open;
    return YearAnswer({g}, std::vector<climate::OutdoorHour>(8760));
}

// On from two to eight in the evening, half of it till four.
std::shared_ptr<const std::vector<ElectricByHour>> evening_lamps() {
    ElectricByHour e;
    e.lux = {{150, 250}};
    e.level = {std::vector<float>(8760, 0.0f)};
    e.level_half_width = {std::vector<float>(8760, 0.0f)};
    for (size_t h = 0; h < 8760; ++h)
        if (h % 24 >= 14 && h % 24 < 20) e.level[0][h] = h % 24 < 16 ? 0.5f : 1.0f;
    e.half_width = {{4.5f, 12.5f}};
    return std::make_shared<const std::vector<ElectricByHour>>(std::vector<ElectricByHour>{e});
}

metric::Hours from_to(size_t first, size_t last) {
    metric::Hours out(8760, false);
    for (size_t h = 0; h < 8760; ++h) out[h] = h % 24 >= first && h % 24 < last;
    return out;
}

}  // namespace

TEST(YearCounted, adds_lamps_hour_by_hour_also_where_it_is_dark) {
    const auto year = by_numbers();
    const auto both = year.counting(evening_lamps(), LightCounted::both),
               lamps = year.counting(evening_lamps(), LightCounted::electric);
    const auto at = [&](const YearAnswer& y, int h) {
        const auto light = y.lux(0, Operation::open);
        return std::vector<float>(light->at(h).begin(), light->at(h).end());
    };
    EXPECT_TRUE(at(both, 3).empty());
    EXPECT_FLOAT_EQ(at(both, 10)[1], 100);
    EXPECT_FLOAT_EQ(at(both, 14)[0], 275);
    EXPECT_FLOAT_EQ(at(both, 14)[1], 225);
    EXPECT_FLOAT_EQ(at(both, 18)[0], 150);
    EXPECT_FLOAT_EQ(at(lamps, 14)[0], 75);
    EXPECT_TRUE(at(lamps, 10).empty());
    EXPECT_FLOAT_EQ(at(year, 14)[0], 200);
    // Of the twelve hours from eight to eight: 8 by day, of them 2 with half of the lamps, 4 by lamps alone.
    const auto mean = mean_of_points(both, 0, from_to(8, 20), Operation::open);
    EXPECT_NEAR(mean[0], (6 * 200 + 2 * 275 + 4 * 150) / 12.0, 1e-3);
    EXPECT_NEAR(mean[1], (6 * 100 + 2 * 225 + 4 * 250) / 12.0, 1e-3);
    const auto& autonomy = figure::daylight_autonomy();
    YearLimits limits;
    limits.target = 220;
    const auto share = figure::point_values(both, 0, autonomy, limits, from_to(8, 20), Operation::open);
    EXPECT_NEAR(share.value[0], 100 * 2 / 12.0, 1e-9);
    EXPECT_NEAR(share.value[1], 100 * 6 / 12.0, 1e-9);
    EXPECT_FLOAT_EQ(at(both.by_daylight(), 14)[0], 200);
}

TEST(YearCounted, is_as_unsure_as_its_parts) {
    const auto year = by_numbers();
    const auto both = year.counting(evening_lamps(), LightCounted::both);
    // Of 200 lx that may be 10 % off and 75 that may be 3 %: at the worst less than 10 % of 275, and never stated as
    // less than each alone would be.
    const double width = both.width_of(0, 0, Operation::open), far = both.width_of(0, 1, Operation::open);
    EXPECT_GE(width * 275, std::hypot(0.1 * 200, 0.03 * 75));
    EXPECT_GE(far * 250, 0.05 * 250 - 1e-6) << "by lamps alone the lamps' error holds";
    // A level that may be a tenth off adds to it.
    auto unsure = *evening_lamps();
    for (float& v : unsure[0].level_half_width[0]) v = 0.1f;
    const auto less = year.counting(std::make_shared<const std::vector<ElectricByHour>>(unsure), LightCounted::both);
    EXPECT_GT(less.width_of(0, 0, Operation::open), width);
    const auto by_hour = less.half_width_part(0, 0, Operation::open).light;
    EXPECT_NEAR(by_hour->at(18)[0], std::hypot(0.03 * 150, 0.1 * 150), 1e-3);
}

namespace {

struct CountedRoom {
    model::Project project = test::lit_room();
    climate::WeatherYear weather = test::weather();
    YearScene scene = *year_scene(project, project.options[0], year_question(), weather);
    YearAnswer year = ask_year(scene, weather, {0.1, 1, 0});
    YearUse use = year_use(project, project.options[0], year_question(), scene.planes);

    model::Question year_question() const { return model::question_of(project, model::Question::Kind::year); }
    YearAnswer counted(LightCounted which) {
        use.counted = which;
        return counted_year(project, year, project.options[0], use);
    }
    /// Luminaires alone by a finer trace, circuits giving these shares.
    std::vector<double> traced(const std::vector<double>& shares) const {
        const auto surfaces = geometry::build_surfaces(project, project.options[0]);
        const ElectricTask task{&project, &project.options[0], &surfaces, &scene.planes, {}, {}, {}, 0};
        return electric_light(trace_electric(task, {0.01, 5, 0}), 0, shares).lux;
    }
};

}  // namespace

TEST(YearCounted, of_a_room_is_daylight_and_what_its_circuits_give_in_that_hour) {
    CountedRoom room;
    const auto both = room.counted(LightCounted::both), lamps = room.counted(LightCounted::electric);
    const auto circuits = electric_years(room.project, room.year, room.project.options[0], room.use);
    ASSERT_EQ(circuits.size(), 2u);
    const std::vector<double> front = room.traced({1, 0}), back = room.traced({0, 1});
    const auto day = room.year.lux(0, Operation::control), sum = both.lux(0, Operation::control),
               alone = lamps.lux(0, Operation::control);
    const auto unsure = lamps.half_width_part(0, 0, Operation::control).light;
    size_t partly = 0, looked = 0, beyond = 0;
    for (int h = 0; h < 8760; h += 11) {
        const auto a = static_cast<double>(circuits[0].light[static_cast<size_t>(h)]),
                   b = static_cast<double>(circuits[1].light[static_cast<size_t>(h)]);
        partly += a > 0 && a < 1;
        for (size_t i = 0; i < front.size(); i += 3) {
            const double by_lamps = a * front[i] + b * back[i];
            const auto at = [&](const auto& light) {
                return light->at(h).empty() ? 0.0 : static_cast<double>(light->at(h)[i]);
            };
            const double off = std::fabs(at(alone) - by_lamps);
            ++looked;
            beyond += off > at(unsure) + 0.01 * by_lamps + 1e-6;
            EXPECT_LE(off, 0.1 * by_lamps + 1e-6) << h << " " << i;
            EXPECT_NEAR(at(sum), at(day) + at(alone), 1e-4 * at(sum) + 1e-6) << h << " " << i;
        }
    }
    EXPECT_GT(partly, 20u);
    EXPECT_LE(beyond, looked / 20) << "95 % of what is told lies within what it is told to";
    // With both the occupied hours have the target at the sensors, which daylight alone has not.
    const auto& hours = room.use.hours[0];
    const auto sensor = static_cast<size_t>(circuits[1].sensor);
    const double with = metric::autonomy(*sum, hours, 0.95 * 300)[sensor],
                 without = metric::autonomy(*day, hours, 0.95 * 300)[sensor];
    EXPECT_GT(with, 0.99);
    EXPECT_LT(without, 0.8);
    // One hour of the map is the same hour of the year, and its parts are told.
    const int noon = 24 * 20 + 9;
    const auto hour = both.hour(0, noon, Operation::control);
    for (size_t i = 0; i < hour.lux.size(); ++i)
        EXPECT_NEAR(hour.lux[i], static_cast<double>(sum->at(noon)[i]), 0.02 * hour.lux[i]);
    const auto shares = both.shares(0, -1, hours, Operation::control);
    EXPECT_NEAR(shares.total, metric::mean_lux(*sum, hours), 0.02 * shares.total);
    EXPECT_NEAR(shares.electric, metric::mean_lux(*alone, hours), 0.01 * shares.electric);
}

TEST(YearCounted, bands_hold_what_other_dice_find) {
    CountedRoom room;
    const auto& figure = *figure::find_year_point_figure("mean");
    const auto of = [&](const YearAnswer& y) {
        return figure::point_values(y, 0, figure, room.use.limits, room.use.hours[0], Operation::control);
    };
    const auto rough = of(room.counted(LightCounted::both));
    room.year = ask_year(room.scene, room.weather, {0.02, 77, 0});
    const auto fine = of(room.counted(LightCounted::both));
    size_t out = 0;
    for (size_t i = 0; i < fine.value.size(); ++i) out += fine.value[i] < rough.low[i] || fine.value[i] > rough.high[i];
    EXPECT_LE(out, fine.value.size() / 20) << "95 % of the points";
}

TEST(YearCounted, figures_of_a_standard_stay_those_of_daylight) {
    CountedRoom room;
    const auto of = [&](const YearAnswer& y) {
        return figure::room_figures(y, 0, room.use.limits, room.use.hours[0], Operation::control);
    };
    const auto daylight = of(room.year), both = of(room.counted(LightCounted::both));
    ASSERT_EQ(daylight.size(), both.size());
    for (size_t i = 0; i < both.size(); ++i) {
        const auto& id = both[i].id;
        if (id == "spatial_autonomy_lm83" || id == "sunlight_exposure_lm83" || id.starts_with("provision"))
            EXPECT_DOUBLE_EQ(both[i].value, daylight[i].value) << id;
        if (id == "autonomy") EXPECT_EQ(both[i].name, "Time with the target");
        if (id == "autonomy" || id == "mean") EXPECT_GT(both[i].value, daylight[i].value + 5) << id;
    }
}

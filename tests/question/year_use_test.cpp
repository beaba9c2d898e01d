// SPDX-License-Identifier: GPL-3.0-or-later
// What is done with a year once its light is traced: glass, blinds, hours, electric light, the sun on panes.
#include <gtest/gtest.h>

#include <numeric>

#include "figure/year_rooms.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "question/year_over_time.h"
#include "rule/data.h"
#include "support.h"

using namespace wp;
using namespace wp::figure;
using namespace wp::question;
using Kind = model::BlindControl::Kind;

namespace {

YearAnswer year_of(const model::Project& project, double accuracy = 0.2, const YearKnown& known = {}) {
    const auto weather = test::weather();
    const auto scene = year_scene(project, project.options[0], {}, weather);
    return ask_year(*scene, weather, {accuracy, 1, 0}, known);
}

const YearAnswer& plain() {
    static const YearAnswer year = year_of(test::one_room());
    return year;
}

YearKnown known() { return {plain().inputs()->light, plain().inputs()->sky}; }

model::Project with_control(Kind kind, double limit = 0) {
    auto project = test::one_room();
    project.options[0].control.kind = kind;
    project.options[0].control.limit = limit;
    return project;
}

double mean(const YearAnswer& year, Operation operation) {
    return metric::mean_lux(*year.lux(0, operation), model::clock_hours({}, 8, 18));
}

}  // namespace

TEST(YearUse, windows_sun_sky_and_reflections_add_up_to_the_whole) {
    const auto hours = model::clock_hours({}, 8, 18);
    const auto shares = plain().shares(0, -1, hours, Operation::lm83);
    EXPECT_NEAR(shares.total / mean(plain(), Operation::lm83), 1, 1e-4);
    double windows = 0;
    for (const auto& w : shares.windows) windows += w.lux;
    EXPECT_NEAR(windows / shares.total, 1, 1e-9);
}

TEST(YearUse, one_hour_on_demand_is_that_hour_of_the_year) {
    for (const int hour : {24 * 100 + 12, 24 * 180 + 9, 24 * 350 + 14}) {
        const auto now = plain().hour(0, hour, Operation::lm83);
        const auto light = plain().lux(0, Operation::lm83);
        const auto lux = light->at(hour);
        for (size_t p = 0; p < lux.size(); ++p)
            EXPECT_NEAR(now.lux[p], static_cast<double>(lux[p]), 1e-3 * static_cast<double>(lux[p]) + 0.01);
    }
}

TEST(YearUse, an_hours_band_holds_what_other_dice_give) {
    const auto project = test::one_room();
    const auto weather = test::weather();
    const auto scene = year_scene(project, project.options[0], {}, weather);
    const auto one = ask_year(*scene, weather, {0.1, 1, 0}), other = ask_year(*scene, weather, {0.1, 2, 0});
    int within = 0, all = 0;
    for (int h = 8; h < climate::kHours; h += 97) {
        const auto a = one.hour(0, h, Operation::open), b = other.hour(0, h, Operation::open);
        for (size_t i = 0; i < a.lux.size(); ++i) {
            if (a.lux[i] <= 0) continue;
            ++all;
            within += std::fabs(a.lux[i] - b.lux[i]) <= std::hypot(a.half_width[i], b.half_width[i]);
        }
    }
    ASSERT_GT(all, 200);
    const double share = static_cast<double>(within) / all;
    EXPECT_GT(share, 0.90) << "95 % is what is said";
    EXPECT_LT(share, 0.995) << "and no more than is so";
}

TEST(YearUse, other_glass_and_dirt_cast_no_ray_and_give_what_tracing_gives) {
    auto dim = test::one_room();
    dim.materials[1].transmittance = 0.4;
    dim.site.dirt = 0.1;
    const auto quick = year_of(dim, 0.2, known());
    EXPECT_EQ(quick.inputs()->light, plain().inputs()->light);
    EXPECT_TRUE(quick.panes_changed());
    EXPECT_NE(quick.record.inputs, plain().record.inputs);
    const auto traced = year_of(dim);
    EXPECT_FALSE(traced.panes_changed());
    EXPECT_NEAR(mean(quick, Operation::open) / mean(traced, Operation::open), 1, 0.015);
}

TEST(YearUse, a_blind_that_is_always_closed_is_that_cloth_in_every_hour) {
    const auto always = year_of(with_control(Kind::closed), 0.2, known());
    EXPECT_EQ(always.inputs()->light, plain().inputs()->light);
    const auto& states = always.states(0, Operation::control);
    EXPECT_TRUE(std::all_of(states.begin(), states.end(), [](uint8_t s) { return s == 1; }));
    // The plain blind scatters 5 % through: direct sun is gone, and of all light about that is left.
    EXPECT_EQ(always.shares(0, -1, model::clock_hours({}, 0, 24), Operation::control).sun, 0);
    EXPECT_LT(mean(always, Operation::control), 0.1 * mean(always, Operation::open));
    const auto never = year_of(with_control(Kind::open), 0.2, known());
    EXPECT_DOUBLE_EQ(mean(never, Operation::control), mean(never, Operation::open));
}

TEST(YearUse, a_higher_limit_closes_blinds_in_fewer_hours) {
    for (const Kind kind : {Kind::plane_lux, Kind::window_lux, Kind::window_irradiance}) {
        long before = 9000;
        for (const double limit : {100.0, 400.0, 1600.0}) {
            const auto year = year_of(with_control(kind, kind == Kind::window_lux ? 25 * limit : limit), 0.2, known());
            const auto& states = year.states(0, Operation::control);
            const auto closed = std::count(states.begin(), states.end(), 1);
            EXPECT_LT(closed, before) << static_cast<int>(kind) << " above " << limit;
            before = closed;
        }
    }
}

TEST(YearUse, blinds_by_the_clock_close_an_hour_earlier_by_the_sun_in_summer_time) {
    auto project = with_control(Kind::schedule);
    project.options[0].control.from = 12;
    project.options[0].control.to = 14;
    project.calendar.summer_time = true;
    const auto year = year_of(project, 0.2, known());
    const auto& states = year.states(0, Operation::control);
    const auto closed = [&](int month, int hour) {
        return states[static_cast<size_t>(climate::Moment{month, 15, static_cast<double>(hour)}.hour_of_year())] > 0;
    };
    EXPECT_FALSE(closed(1, 11));
    EXPECT_TRUE(closed(1, 12));
    EXPECT_TRUE(closed(1, 13));
    EXPECT_TRUE(closed(7, 11));
    EXPECT_TRUE(closed(7, 12));
    EXPECT_FALSE(closed(7, 13));
}

TEST(YearUse, the_open_sky_shines_on_a_south_pane_more_than_through_it) {
    const auto heat = plain().heat();
    ASSERT_EQ(heat.size(), 1u);
    EXPECT_FALSE(heat[0].solar_known);
    double on = 0, through = 0, global = 0;
    const auto weather = test::weather();
    for (size_t h = 0; h < 8760; ++h) {
        on += static_cast<double>(heat[0].on[h]);
        through += static_cast<double>(heat[0].through[h]);
        global += weather.hours[h].global_horizontal;
    }
    EXPECT_GT(on, 0.5 * global);
    EXPECT_LT(on, 1.1 * global);
    EXPECT_LT(through, 0.8 * on);
    EXPECT_GT(through, 0.5 * on);
}

TEST(YearUse, bars_across_a_window_take_nothing_of_the_sun_on_its_glass) {
    auto barred = test::one_room();
    barred.options[0].storeys[0].rooms[0].openings[0].columns = 4;
    barred.options[0].storeys[0].rooms[0].openings[0].rows = 4;
    const auto free = plain().heat()[0], behind_bars = year_of(barred).heat()[0];
    const auto sum = [](const std::vector<float>& v) { return std::accumulate(v.begin(), v.end(), 0.0); };
    EXPECT_NEAR(sum(behind_bars.on) / sum(free.on), 1, 0.03);
    EXPECT_LT(behind_bars.area, free.area);
}

TEST(ElectricLight, takes_what_daylight_leaves) {
    model::Lighting l;
    l.power = 10;
    l.target = 500;
    l.least_power = 0.2;
    l.least_light = 0.1;
    l.stand_by = 0.5;
    EXPECT_DOUBLE_EQ(power_at(l, 500), 0.5);
    EXPECT_DOUBLE_EQ(power_at(l, 0), 10);
    EXPECT_DOUBLE_EQ(power_at(l, 475), 2);  // below its least light it does not go
    l.control = model::Lighting::Control::stepped;
    EXPECT_DOUBLE_EQ(power_at(l, 260), 5);
    EXPECT_DOUBLE_EQ(power_at(l, 240), 10);
    l.control = model::Lighting::Control::switched;
    EXPECT_DOUBLE_EQ(power_at(l, 499), 10);
}

namespace {

// The room with one circuit of a plain power density.
std::optional<LightingYear> electric_year(const model::Lighting& l, const metric::Hours& hours) {
    auto p = test::one_room();
    p.options[0].lighting = {l};
    const auto all = electric_years(p, plain(), p.options[0], {{}, {hours}, Operation::lm83});
    return all.empty() ? std::nullopt : std::optional(all[0]);
}

}  // namespace

TEST(ElectricLight, dimming_saves_more_than_switching_and_a_hand_more_than_nothing) {
    const auto hours = model::clock_hours({}, 8, 18);
    model::Lighting l;
    l.plane = "plane";
    // A hand looks once, when it comes: it may well save more than a switch that follows the light.
    double before = 1e9;
    for (const auto control :
         {model::Lighting::Control::manual, model::Lighting::Control::switched, model::Lighting::Control::dimmed}) {
        if (control == model::Lighting::Control::switched) before = 1e9;
        l.control = control;
        const auto year = electric_year(l, hours);
        ASSERT_TRUE(year);
        EXPECT_LE(year->kwh, before);
        EXPECT_LT(year->kwh, 0.9 * year->kwh_always);
        EXPECT_LE(year->kwh_low, year->kwh);
        EXPECT_GE(year->kwh_high, year->kwh);
        EXPECT_NEAR(std::accumulate(year->by_month.begin(), year->by_month.end(), 0.0), year->kwh, 1e-3 * year->kwh);
        before = year->kwh;
    }
    l.plane = "nowhere";
    EXPECT_FALSE(electric_year(l, hours));
}

TEST(ElectricLight, its_sensor_stands_where_a_tenth_of_the_area_is_darker_unless_it_is_placed) {
    const auto hours = model::clock_hours({}, 8, 18);
    model::Lighting l;
    l.plane = "plane";
    const auto mean = metric::mean_of_points(*plain().lux(0, Operation::lm83), hours);
    const auto year = electric_year(l, hours);
    const double own = mean[static_cast<size_t>(year->sensor)];
    const auto darker = std::count_if(mean.begin(), mean.end(), [&](double v) { return v < own; });
    EXPECT_EQ(darker, static_cast<long>(mean.size() / 10));
    l.sensor = {2, 1};
    l.sensor_placed = true;
    const auto& at = plain().planes[0].plane.points[static_cast<size_t>(electric_year(l, hours)->sensor)];
    EXPECT_LT(std::hypot(at.x - 2, at.y - 1), 0.75);
}

TEST(YearFigures, four_bands_of_useful_light_are_all_of_the_hours) {
    const auto hours = model::clock_hours({}, 8, 18);
    std::vector<double> sum;
    for (const char* id : {"udi_fell_short", "udi_supplementary", "udi_autonomous", "udi_exceeded"}) {
        const auto v = point_values(plain(), 0, *find_year_point_figure(id), {}, hours, Operation::lm83);
        sum.resize(v.value.size(), 0.0);
        for (size_t i = 0; i < sum.size(); ++i) sum[i] += v.value[i];
    }
    for (const double s : sum) EXPECT_NEAR(s, 100, 1e-9);
}

TEST(YearFigures, useful_light_at_all_is_that_with_some_electric_light_and_that_by_itself) {
    const auto hours = model::clock_hours({}, 8, 18);
    const auto of = [&](const char* id) {
        return point_values(plain(), 0, *find_year_point_figure(id), {}, hours, Operation::lm83).value;
    };
    const auto all = of("udi_combined"), some = of("udi_supplementary"), by_itself = of("udi_autonomous");
    for (size_t i = 0; i < all.size(); ++i) EXPECT_NEAR(all[i], some[i] + by_itself[i], 1e-9);
}

TEST(YearFigures, every_figure_has_its_definition) {
    for (const auto& f : room_figures(plain(), 0, {}, model::clock_hours({}, 8, 18), Operation::lm83)) {
        const auto* of = rule::usual_values().find(f.id);
        ASSERT_NE(of, nullptr) << f.id;
        EXPECT_GT(of->definition.size(), 20u) << f.id;
        EXPECT_EQ(of->unit, f.unit) << f.id;
    }
    for (const auto& f : year_point_figures()) {
        const auto* of = rule::usual_values().find(f.id);
        ASSERT_NE(of, nullptr) << f.id;
        EXPECT_GT(of->definition.size(), 20u) << f.id;
        EXPECT_EQ(find_year_point_figure(f.id), &f) << "ids are taken once";
    }
}

TEST(YearFigures, a_higher_level_of_provision_is_met_in_fewer_hours_and_blinds_take_area_away) {
    const auto all = room_figures(plain(), 0, {}, model::clock_hours({}, 8, 18), Operation::lm83);
    const auto value = [&](const std::string& id) {
        for (const auto& f : all)
            if (f.id == id) return f.value;
        return -1.0;
    };
    EXPECT_GE(value("provision_target"), value("provision_target_medium"));
    EXPECT_GE(value("provision_target_medium"), value("provision_target_high"));
    EXPECT_GE(value("provision_minimum"), value("provision_minimum_medium"));
    EXPECT_GE(value("provision_minimum_high"), 0);
    EXPECT_GE(value("spatial_autonomy_open"), value("spatial_autonomy_lm83"));
}

TEST(YearFigures, bands_hold_what_other_dice_give_and_are_not_much_wider_than_need_be) {
    const auto hours = model::clock_hours({}, 8, 18);
    const auto exact =
        point_values(year_of(test::one_room(), 0.04), 0, daylight_autonomy(), {}, hours, Operation::open);
    int within = 0, all = 0;
    double off = 0, said = 0;
    for (unsigned seed = 1; seed <= 6; ++seed) {
        const auto project = test::one_room();
        const auto weather = test::weather();
        const auto scene = year_scene(project, project.options[0], {}, weather);
        const auto v = point_values(ask_year(*scene, weather, {0.25, seed, 0}), 0, daylight_autonomy(), {}, hours,
                                    Operation::open);
        for (size_t i = 0; i < v.value.size(); ++i) {
            ++all;
            // A count of hours may be off by one hour where the band is a hair.
            within += exact.value[i] >= v.low[i] - 0.03 && exact.value[i] <= v.high[i] + 0.03;
            off += std::fabs(v.value[i] - exact.value[i]);
            said += (v.high[i] - v.low[i]) / 2;
        }
    }
    ASSERT_GT(all, 100);
    EXPECT_GT(static_cast<double>(within) / all, 0.85);
    // Half-widths of 95 % are about two and a half times the mean distance.
    EXPECT_GT(said / off, 1.5);
    EXPECT_LT(said / off, 6) << "no wider than can be believed";
}

TEST(YearFigures, the_error_of_a_year_is_that_of_its_hours_as_blinds_are_worked) {
    const auto& p = plain().planes[0];
    const auto always = year_of(with_control(Kind::closed), 0.2, known());
    EXPECT_EQ(plain().closed_share(0, Operation::open), 0);
    EXPECT_EQ(always.closed_share(0, Operation::control), 1);
    const double share = plain().closed_share(0, Operation::lm83);
    EXPECT_GT(share, 0.02);
    EXPECT_LT(share, 0.6);
    for (size_t i = 0; i < p.half_width.size(); ++i) {
        const double open = p.half_width[i], closed = p.closed_half_width[i];
        EXPECT_DOUBLE_EQ(plain().width_of(0, i, Operation::open), open);
        EXPECT_DOUBLE_EQ(always.width_of(0, i, Operation::control), always.planes[0].closed_half_width[i]);
        EXPECT_NEAR(plain().width_of(0, i, Operation::lm83),
                    std::sqrt((1 - share) * open * open + share * closed * closed), 1e-9);
    }
}

TEST(YearFigures, every_figure_of_a_room_lies_within_its_band) {
    for (const auto& f : room_figures(plain(), 0, {}, model::clock_hours({}, 8, 18), Operation::lm83)) {
        EXPECT_LE(f.low, f.value + 1e-9) << f.id;
        EXPECT_GE(f.high, f.value - 1e-9) << f.id;
    }
}

namespace {

// The room's plane in cells of 0.11 m: some 1900 points, of four blocks.
model::Project fine_room() {
    auto project = test::one_room();
    project.options[0].planes[0].spacing = 0.11;
    return project;
}
const YearAnswer& fine() {
    static const YearAnswer year = year_of(fine_room(), 0.9);
    return year;
}

}  // namespace

TEST(LargePlanes, figures_are_told_part_by_part_as_of_all_points_side_by_side) {
    ASSERT_GT(fine().parts(0), 2u);
    const auto hours = model::clock_hours({}, 8, 18);
    const YearLimits limits;
    for (const auto operation : {Operation::open, Operation::lm83}) {
        const auto whole = fine().lux(0, operation);
        const auto autonomy = metric::autonomy(*whole, hours, limits.target),
                   told = point_values(fine(), 0, daylight_autonomy(), limits, hours, operation).value;
        ASSERT_EQ(told.size(), fine().planes[0].plane.points.size());
        for (size_t i = 0; i < told.size(); ++i) EXPECT_DOUBLE_EQ(told[i], 100 * autonomy[i]) << i;
        EXPECT_DOUBLE_EQ(spatial_autonomy(fine(), 0, hours, 300, 0.5, operation).value,
                         metric::share_at_least(autonomy, 0.5));
        EXPECT_DOUBLE_EQ(provision(fine(), 0, hours, 100, 0.95, operation).value,
                         metric::spatial_provision(*whole, hours, 100, 0.95));
        const auto above = share_above(fine(), 0, 300, operation);
        for (const size_t h : {12u, 24u * 172 + 12, 24u * 60 + 9}) {
            const auto lux = whole->at(static_cast<int>(h));
            EXPECT_FLOAT_EQ(
                above[h], static_cast<float>(std::count_if(lux.begin(), lux.end(), [](float v) { return v >= 300; })) /
                              static_cast<float>(lux.size()));
        }
    }
    const auto exposure = sunlight_exposure(fine(), 0, hours, 1000, 250).hours,
               side_by_side = metric::hours_at_least(*fine().direct(0), hours, 1000);
    EXPECT_EQ(exposure, side_by_side);
    EXPECT_GT(metric::share_above(exposure, 250), 0) << "some of the plane has much sun";
}

TEST(LargePlanes, a_points_year_is_its_own_wherever_its_part_begins) {
    const auto whole = fine().lux(0, Operation::lm83);
    for (const size_t point : {size_t{0}, kBlock - 1, kBlock, 2 * kBlock + 7}) {
        const auto year = year_of_point(fine(), 0, point, Operation::lm83);
        for (const int h : {24 * 172 + 12, 24 * 20 + 11}) {
            EXPECT_FLOAT_EQ(year[static_cast<size_t>(h)], whole->at(h)[point]);
            EXPECT_NEAR(fine().hour(0, h, Operation::lm83).lux[point], static_cast<double>(whole->at(h)[point]),
                        0.01 + 1e-3 * static_cast<double>(whole->at(h)[point]));
        }
    }
}

TEST(LargePlanes, blinds_close_for_the_sun_on_the_whole_plane_not_on_a_part_of_it) {
    const auto& states = fine().states(0, Operation::lm83);
    const auto direct = fine().direct(0);
    const auto points = static_cast<double>(direct->points);
    size_t closed = 0;
    for (int h = 0; h < climate::kHours; ++h) {
        const auto lux = direct->at(h);
        const auto sunny = static_cast<double>(
            std::count_if(lux.begin(), lux.end(), [](float v) { return static_cast<double>(v) >= kBlindLux; }));
        EXPECT_EQ(states[static_cast<size_t>(h)] > 0, sunny > kBlindShare * points) << "hour " << h;
        closed += states[static_cast<size_t>(h)] > 0;
    }
    EXPECT_GT(closed, 100u);
}

TEST(LargePlanes, a_finer_plane_sees_the_same_sun_and_about_the_same_light) {
    const auto hours = model::clock_hours({}, 8, 18);
    auto coarse_room = test::one_room();
    coarse_room.options[0].planes[0].spacing = 0.5;
    const auto coarse = year_of(coarse_room, 0.2);
    const auto mean_of = [&](const YearAnswer& year) { return metric::mean_lux(*year.lux(0, Operation::open), hours); };
    EXPECT_NEAR(mean_of(fine()) / mean_of(coarse), 1, 0.05);
}

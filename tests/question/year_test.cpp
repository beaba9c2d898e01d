// SPDX-License-Identifier: GPL-3.0-or-later
#include "figure/year_rooms.h"

#include <gtest/gtest.h>

#include <numeric>

#include "base/give_up.h"
#include "question/ask.h"
#include "support.h"
#include "validation/brute.h"
#include "validation/scenes.h"

using namespace wp;
using namespace wp::figure;
using namespace wp::question;

namespace {

YearAnswer year_of(const model::Project& project, const climate::WeatherYear& weather, double accuracy = 0.15,
                   int threads = 0, unsigned seed = 1) {
    const auto& option = project.options[0];
    return solve_year(geometry::build_surfaces(project, option), *planes_of(option, project.questions[0]), weather,
                      radians(project.site.north), {accuracy, seed, threads});
}

const YearAnswer& plain_year() {
    static const YearAnswer year = year_of(test::one_room(), test::weather(), 0.06);
    return year;
}

}  // namespace

TEST(Year, every_hour_agrees_with_brute_force_under_its_own_sky_and_sun) {
    const auto project = test::one_room();
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const auto& year = plain_year();
    const auto& plane = year.planes[0];
    const auto light = year.lux(0, Operation::open);
    const light::Scene scene(surfaces);
    double brute_sum = 0, ours_sum = 0;
    int hours = 0;
    for (int h = 12; h < 8760; h += 24 * 13 + 1) {
        const auto& outdoor = year.outdoor[static_cast<size_t>(h)];
        if (outdoor.diffuse_lux < 1000 || outdoor.sun.sunlit < 1) continue;
        const SkyAndSun sky_and_sun = validation::sky_and_sun_of(outdoor, 0.2);
        ++hours;
        const auto lux = light->at(h);
        double brute_mean = 0, ours_mean = 0;
        for (size_t p = 0; p < plane.plane.points.size(); ++p) {
            constexpr uint32_t n = 2048;
            brute_mean += validation::brute_sum(scene, sky_and_sun, plane.plane.points[p], {0, 0, 1}, 0, n,
                                                random::hash(91, static_cast<uint32_t>(p))) /
                          n;
            ours_mean += static_cast<double>(lux[p]);
        }
        brute_sum += brute_mean;
        ours_sum += ours_mean;
        EXPECT_NEAR(ours_mean / brute_mean, 1, 0.12) << climate::text(climate::moment_of(h / 24, h % 24));
    }
    ASSERT_GE(hours, 10);
    EXPECT_NEAR(ours_sum / brute_sum, 1, 0.03);
}

TEST(Year, has_the_same_bits_with_one_thread_and_with_two) {
    const auto a = year_of(test::one_room(), test::weather(), 0.4, 1),
               b = year_of(test::one_room(), test::weather(), 0.4, 2);
    for (const auto operation : {Operation::open, Operation::lm83})
        EXPECT_EQ(a.lux(0, operation)->lux, b.lux(0, operation)->lux);
    EXPECT_EQ(a.record.rays, b.record.rays);
}

TEST(Year, a_building_turned_with_its_site_has_the_same_year) {
    // Turned a quarter clockwise in the drawing, with north turned back: the same building in the same world.
    auto turned = test::one_room();
    turned.site.north = -90;
    auto& room = turned.options[0].storeys[0].rooms[0];
    for (Vec2& p : room.footprint) p = {p.y, -p.x};
    const auto a = plain_year(), b = year_of(turned, test::weather(), 0.06);
    const auto hours = model::clock_hours({}, 8, 18);
    EXPECT_NEAR(
        metric::mean_lux(*b.lux(0, Operation::open), hours) / metric::mean_lux(*a.lux(0, Operation::open), hours), 1,
        0.02);
    const auto sa = sunlight_exposure(a, 0, hours, 1000, 250), sb = sunlight_exposure(b, 0, hours, 1000, 250);
    EXPECT_DOUBLE_EQ(sa.value, sb.value);
    EXPECT_NEAR(std::accumulate(sa.hours.begin(), sa.hours.end(), 0.0),
                std::accumulate(sb.hours.begin(), sb.hours.end(), 0.0), 2);
}

TEST(Year, direct_sun_on_an_open_plane_is_the_weathers_own) {
    geometry::Surfaces nothing;
    const auto weather = test::weather();
    const auto plane = validation::points_at({{0, 0, 1}}, {0, 0, 1}, -1);
    const auto year = solve_year(nothing, {plane}, weather, 0, {0.05, 1, 0});
    const auto all_direct = year.direct(0), all = year.lux(0, Operation::open);
    double lux = 0, expected = 0;
    for (int h = 0; h < 8760; ++h) {
        const auto& o = year.outdoor[static_cast<size_t>(h)];
        const auto direct = all_direct->at(h), total = all->at(h);
        const double beam = o.direct_lux * std::max(0.0, std::sin(o.sun.sun.altitude)) * o.sun.sunlit;
        if (direct.empty()) {
            EXPECT_EQ(o.diffuse_lux, 0);
            continue;
        }
        EXPECT_NEAR(static_cast<double>(direct[0]), beam, 1e-3 * beam + 0.1);
        lux += static_cast<double>(total[0]);
        expected += o.global_lux();
    }
    EXPECT_NEAR(lux / expected, 1, 0.005);
}

TEST(Year, blinds_close_only_with_the_sun_and_only_dim) {
    const auto& plane = plain_year().planes[0];
    ASSERT_EQ(plane.groups.size(), 1u);
    const auto all_open = plain_year().lux(0, Operation::open), all_dimmed = plain_year().lux(0, Operation::lm83),
               all_direct = plain_year().direct(0);
    const auto& states = plain_year().states(static_cast<size_t>(plane.groups[0]), Operation::lm83);
    const auto closed = std::count(states.begin(), states.end(), 1);
    EXPECT_GT(closed, 100);
    EXPECT_LT(closed, 3000);
    for (int h = 0; h < 8760; ++h) {
        const auto open = all_open->at(h), dimmed = all_dimmed->at(h), direct = all_direct->at(h);
        if (open.empty()) continue;
        const bool shut = states[static_cast<size_t>(h)] > 0;
        const auto sunny = std::count_if(direct.begin(), direct.end(), [](float v) { return v >= 1000; });
        EXPECT_EQ(shut, static_cast<double>(sunny) > 0.02 * static_cast<double>(direct.size()));
        if (!shut) {
            for (size_t p = 0; p < open.size(); ++p) EXPECT_FLOAT_EQ(open[p], dimmed[p]);
        } else {
            EXPECT_LT(std::accumulate(dimmed.begin(), dimmed.end(), 0.0),
                      0.4 * std::accumulate(open.begin(), open.end(), 0.0));
        }
    }
}

TEST(Year, more_transmittance_never_gives_less_autonomy) {
    auto clearer = test::one_room();
    clearer.materials[1].transmittance = 0.9;
    const auto hours = model::clock_hours({}, 8, 18);
    EXPECT_GT(metric::mean_lux(*year_of(clearer, test::weather(), 0.06).lux(0, Operation::open), hours),
              1.08 * metric::mean_lux(*plain_year().lux(0, Operation::open), hours));
}

TEST(Year, cancel_leaves_nothing_half_done) {
    const auto project = test::one_room();
    Cancel cancel;
    cancel.request();
    const auto year =
        solve_year(geometry::build_surfaces(project, project.options[0]),
                   *planes_of(project.options[0], project.questions[0]), test::weather(), 0, {0.05, 1, 0}, cancel);
    EXPECT_TRUE(year.planes.empty());
    EXPECT_FALSE(year.record.settled);
}

TEST(Year, a_reading_that_is_given_up_leaves_the_year_as_it_was) {
    const auto whole = *plain_year().lux(0, Operation::open);
    int looks = 0;
    {
        const GiveUpScope scope([&] { return ++looks > 0; });
        EXPECT_THROW((void)plain_year().lux(0, Operation::open), GivenUp);
    }
    EXPECT_GT(looks, 0);
    EXPECT_EQ(plain_year().lux(0, Operation::open)->lux, whole.lux);
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Hours of sun and views of sky, against what the sun's path and plain geometry say.
#include "question/sun_hours.h"

#include <gtest/gtest.h>

#include <cmath>

#include "geometry/window_points.h"
#include "question/ask.h"
#include "question/sky_view.h"
#include "support.h"

using namespace wp;
using namespace wp::question;

namespace {

constexpr climate::Place kPlace{50, 0, 0, 0};
const int kEquinox = climate::days_before(3) + 20;

geometry::PlanePoints point(Vec3 at, Vec3 normal, int space = geometry::kOutdoors) {
    geometry::PlanePoints out;
    out.plane = "p";
    out.dx = out.dy = 1;
    out.columns = out.rows = 1;
    out.cell_of = {0};
    out.points = {at};
    out.normal = normal;
    out.space = space;
    return out;
}

SunHoursTask task(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& points, int day) {
    SunHoursTask t;
    t.surfaces = &surfaces;
    t.planes = &points;
    t.place = kPlace;
    t.first_day = t.last_day = day;
    t.step = 2;
    return t;
}

// Hours with the sun above an altitude on a day, by its own count.
double hours_above(double altitude, int day) {
    int n = 0;
    for (int minute = 0; minute < 1440; ++minute)
        n += climate::sun_position(kPlace, climate::moment_of(day, (minute + 0.5) / 60)).altitude > altitude;
    return n / 60.0;
}

}  // namespace

TEST(SunHours, an_open_place_has_all_of_the_day) {
    const geometry::Surfaces nothing;
    const std::vector<geometry::PlanePoints> points = {point({0, 0, 0}, {0, 0, 1})};
    const auto answer = sun_hours(task(nothing, points, kEquinox), {});
    EXPECT_NEAR(answer.planes[0].hours[0], hours_above(0, kEquinox), 0.07);
    EXPECT_NEAR(answer.open_hours, answer.planes[0].hours[0], 1e-9);
    EXPECT_NEAR(answer.planes[0].hours[0], 12.1, 0.2);
    // Sunrise and sunset lie about the solar noon, which the equation of time puts 7 minutes after twelve.
    EXPECT_NEAR((answer.planes[0].first[0] + answer.planes[0].last[0]) / 2, 12 + 7.3 / 60, 0.05);
    EXPECT_NEAR(answer.planes[0].last[0] - answer.planes[0].first[0], answer.planes[0].hours[0], 1e-9);
}

TEST(SunHours, a_north_facade_has_none_in_winter_and_mornings_and_evenings_in_summer) {
    const geometry::Surfaces nothing;
    const std::vector<geometry::PlanePoints> points = {point({0, 0, 5}, {0, 1, 0}), point({0, 0, 5}, {0, -1, 0})};
    const auto winter = sun_hours(task(nothing, points, 354), {});
    EXPECT_EQ(winter.planes[0].hours[0], 0);
    EXPECT_TRUE(std::isnan(winter.planes[0].first[0]));
    EXPECT_NEAR(winter.planes[1].hours[0], winter.open_hours, 1e-9);
    const auto summer = sun_hours(task(nothing, points, 171), {});
    EXPECT_GT(summer.planes[0].hours[0], 4);
    EXPECT_NEAR(summer.planes[0].hours[0] + summer.planes[1].hours[0], summer.open_hours, 0.07);
}

TEST(SunHours, a_ring_of_walls_leaves_the_sun_above_it) {
    // A block all around, so distant that it is a level horizon of 20 degrees.
    auto project = test::one_room();
    project.options[0].storeys[0].rooms.clear();
    project.options[0].planes.clear();
    const double r = 200, h = r * std::tan(radians(20));
    const auto block = [&](const char* id, std::vector<Vec2> ring) {
        model::Block b;
        b.id = b.name = id;
        b.footprint = std::move(ring);
        b.height = h;
        project.options[0].blocks.push_back(b);
    };
    // Twelve flat sides of a regular ring.
    for (int k = 0; k < 48; ++k) {
        const auto at = [&](double radius, int i) {
            return Vec2{radius * std::cos(2 * kPi * i / 48), radius * std::sin(2 * kPi * i / 48)};
        };
        block(("b" + std::to_string(k)).c_str(), {at(r, k), at(r + 5, k), at(r + 5, k + 1), at(r, k + 1)});
    }
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const std::vector<geometry::PlanePoints> points = {point({0, 0, 0.001}, {0, 0, 1})};
    const auto answer = sun_hours(task(surfaces, points, 171), {});
    EXPECT_NEAR(answer.planes[0].hours[0], hours_above(radians(20), 171), 0.12);
    auto low = task(surfaces, points, 171);
    low.least_altitude = radians(30);
    EXPECT_NEAR(sun_hours(low, {}).planes[0].hours[0], hours_above(radians(30), 171), 0.07)
        << "a lower sun does not count";
}

TEST(SunHours, over_the_year_probable_sun_is_the_weathers_sunshine) {
    const auto weather = test::weather(50, 3);
    const geometry::Surfaces nothing;
    const std::vector<geometry::PlanePoints> points = {point({0, 0, 0}, {0, 0, 1})};
    auto year = task(nothing, points, 0);
    year.last_day = 364;
    year.step = 15;
    const double possible = sun_hours(year, {}).planes[0].hours[0];
    EXPECT_NEAR(possible, 4460, 30);
    year.weather = &weather;
    const auto probable = sun_hours(year, {});
    double sunshine = 0;
    const auto suns = climate::sun_of_year(kPlace);
    for (size_t i = 0; i < suns.size(); ++i)
        if (weather.hours[i].direct_normal >= kSunshine) sunshine += suns[i].sunlit;
    EXPECT_NEAR(probable.planes[0].hours[0], sunshine, 0.01 * sunshine);
    EXPECT_LT(probable.planes[0].hours[0], possible);
}

TEST(SunHours, a_period_may_run_over_the_new_year) {
    const geometry::Surfaces nothing;
    const std::vector<geometry::PlanePoints> points = {point({0, 0, 0}, {0, 0, 1})};
    auto turn = task(nothing, points, 363);
    turn.last_day = 1;
    const auto answer = sun_hours(turn, {});
    EXPECT_EQ(answer.days, 4);
    EXPECT_NEAR(answer.planes[0].hours[0],
                hours_above(0, 363) + hours_above(0, 364) + hours_above(0, 0) + hours_above(0, 1), 0.2);
}

TEST(WindowPoints, stand_before_the_outer_face_and_on_the_inner_face) {
    const auto project = test::one_room();
    const auto& option = project.options[0];
    const auto surfaces = geometry::build_surfaces(project, option);
    const auto outer = geometry::window_points(option, surfaces, geometry::WindowPoint::outer_face);
    ASSERT_EQ(outer.size(), 1u);
    EXPECT_EQ(outer[0].plane, "W-01");
    EXPECT_NEAR(outer[0].points[0].x, 2, 1e-9);
    EXPECT_NEAR(outer[0].points[0].y, -option.outer_wall - 0.01, 1e-9);
    EXPECT_NEAR(outer[0].points[0].z, 1 + 0.75, 1e-9);
    EXPECT_NEAR(outer[0].normal.y, -1, 1e-9);
    EXPECT_EQ(outer[0].space, geometry::kOutdoors);
    const auto inner = geometry::window_points(option, surfaces, geometry::WindowPoint::inner_face);
    EXPECT_NEAR(inner[0].points[0].y, 0, 1e-9);
    EXPECT_NEAR(inner[0].points[0].z, 1.3, 1e-9) << "0.3 m above the sill of 1 m";
    EXPECT_EQ(inner[0].space, 0);
}

TEST(SunHours, deep_reveals_take_sun_from_the_inner_face) {
    const auto project = test::one_room();
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const auto outer = geometry::window_points(project.options[0], surfaces, geometry::WindowPoint::outer_face);
    const auto inner = geometry::window_points(project.options[0], surfaces, geometry::WindowPoint::inner_face);
    const double out = sun_hours(task(surfaces, outer, kEquinox), {}).planes[0].hours[0],
                 in = sun_hours(task(surfaces, inner, kEquinox), {}).planes[0].hours[0];
    EXPECT_NEAR(out, 12, 0.3);
    EXPECT_LT(in, out - 1);
    EXPECT_GT(in, 6);
}

TEST(SkyView, an_open_place_sees_the_whole_sky_and_a_wall_half_of_it) {
    const geometry::Surfaces nothing;
    const auto answer = sky_view(nothing, {point({0, 0, 0}, {0, 0, 1}), point({0, 0, 5}, {0, -1, 0})}, {}, {});
    EXPECT_NEAR(answer.planes[0].solid_angle[0], 2 * kPi, 1e-6);
    EXPECT_NEAR(answer.planes[1].solid_angle[0], kPi, 0.01 * kPi);
    EXPECT_TRUE(answer.planes[1].sees[0]);
}

TEST(SkyView, through_a_window_is_the_windows_solid_angle_above_the_horizon) {
    const auto project = test::one_room();
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    // Four metres back on the sill's level: the reveal is thin from here, the outer face bounds the view.
    const Vec3 eye{2, 4, 1.0};
    const auto answer = sky_view(surfaces, {point(eye, {0, 0, 1}, 0)}, {}, {}, 64);
    // By brute force over directions, through the free panes only.
    const light::Scene scene(surfaces);
    double solid = 0;
    constexpr int n = 1600;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j) {
            const Vec3 d = direction(2 * kPi * (j + 0.5) / n, std::asin((i + 0.5) / n));
            if (d.y < 0 && scene.beam((eye + Vec3{0, 0, 1e-4}).as<float>(), d.as<float>()).share > 0)
                solid += 2 * kPi / (static_cast<double>(n) * n);
        }
    EXPECT_NEAR(answer.planes[0].solid_angle[0], solid, 0.02 * solid);
}

TEST(SkyView, behind_the_no_sky_line_of_a_facing_block_none_is_seen) {
    auto project = test::one_room();
    model::Block block;
    block.id = block.name = "block";
    block.footprint = {{-200, -30}, {200, -30}, {200, -20}, {-200, -20}};
    block.height = 12;
    project.options[0].blocks = {block};
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    // The line of sight from the working plane under the window's head to the block's top.
    const double head = 2.5 - 0.06, plane = 0.85, outside = -project.options[0].outer_wall;
    const double rise = (12 - head) / (20 + outside);
    const double line =
        outside + (head - plane) / rise;  // of y: before it sky is seen; the outer edge of the head bounds it
    ASSERT_GT(line, 0.5);
    std::vector<geometry::PlanePoints> points;
    for (double y = 0.2; y < 5.9; y += 0.1) points.push_back(point({2, y, plane}, {0, 0, 1}, 0));
    const auto answer = sky_view(surfaces, points, {}, {}, 64);
    for (size_t i = 0; i < points.size(); ++i) {
        const double y = points[i].points[0].y;
        if (std::fabs(y - line) < 0.25) continue;
        EXPECT_EQ(answer.planes[i].sees[0], y < line) << y << " line at " << line;
    }
}

TEST(SkyView, the_vertical_sky_component_of_an_open_facade_is_39_6_percent) {
    // BRE 209: 39.6 % of the open horizontal's light comes straight from half an overcast sky.
    geometry::Surfaces nothing;
    nothing.ground_reflectance = 0;
    const auto answer = daylight_factor(nothing, {point({0, 0, 5}, {0, -1, 0})}, {0.002, 1, 0});
    EXPECT_NEAR(answer.planes[0].component(light::Way::straight)[0], 39.6, 0.15);
}

TEST(Dome, says_what_stands_where_and_when_it_takes_the_sun) {
    auto project = test::one_room();
    model::Block block;
    block.id = "tower";
    block.name = "The tower";
    block.footprint = {{-2, -12}, {2, -12}, {2, -10}, {-2, -10}};
    block.height = 30;
    project.options[0].blocks = {block};
    project.options[0].storeys[0].rooms.clear();
    project.options[0].planes.clear();
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const light::Scene scene(surfaces);
    const Vec3 eye{0, 0, 1.5};
    const Dome dome = sky_dome(scene, eye, 0, 360);
    const int south = dome.at(kPi, radians(30));
    ASSERT_NE(south, Dome::kSky);
    EXPECT_EQ(surface_words(surfaces.surfaces[static_cast<size_t>(south)], project.options[0]), "The tower");
    EXPECT_EQ(dome.at(0, radians(30)), Dome::kSky);
    // The tower covers atan(2 / 10) to either side of south.
    EXPECT_NE(dome.at(kPi + std::atan(0.19), radians(20)), Dome::kSky);
    EXPECT_EQ(dome.at(kPi + std::atan(0.23), radians(20)), Dome::kSky);
    const auto day = sun_cut_off(scene, eye, kPlace, 0, kEquinox, 2);
    ASSERT_EQ(day.size(), 3u) << "sun, tower, sun";
    EXPECT_EQ(day[1].surface, south);
    // Around solar noon, for as long as the azimuth is within those 11.3 degrees.
    EXPECT_NEAR((day[1].from + day[1].to) / 2, 12 + 7.3 / 60, 0.05);
    const auto begin = climate::sun_position(kPlace, climate::moment_of(kEquinox, day[1].from));
    EXPECT_NEAR(degrees(begin.azimuth), 180 - degrees(std::atan(0.2)), 1);
}

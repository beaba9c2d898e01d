// SPDX-License-Identifier: GPL-3.0-or-later
// What is read from answers without tracing: profiles, reasons, what would be without a window.
#include <gtest/gtest.h>

#include <cmath>

#include "geometry/readings.h"
#include "question/ask.h"
#include "question/profile.h"
#include "question/why.h"
#include "rule/data.h"
#include "support.h"

namespace wp::question {
namespace {

geometry::PlanePoints lattice(double width, double depth, double spacing, Vec2 corner = {}) {
    geometry::PlanePoints p;
    p.plane = "plane";
    p.storey = "ground";
    p.corner = {corner.x, corner.y, 0.8};
    p.columns = static_cast<int>(std::lround(width / spacing));
    p.rows = static_cast<int>(std::lround(depth / spacing));
    p.dx = p.dy = spacing;
    for (int j = 0; j < p.rows; ++j)
        for (int i = 0; i < p.columns; ++i) {
            p.cell_of.push_back(j * p.columns + i);
            p.points.push_back({corner.x + (i + 0.5) * spacing, corner.y + (j + 0.5) * spacing, 0.8});
        }
    return p;
}

template <class Of>
std::vector<double> valued(const geometry::PlanePoints& plane, Of&& of) {
    std::vector<double> out;
    for (const Vec3 p : plane.points) out.push_back(of(p));
    return out;
}

TEST(Profiles, of_light_that_falls_evenly_are_straight) {
    const auto plane = lattice(8, 6, 0.5);
    const auto values = valued(plane, [](Vec3 p) { return 10 - p.y + 0.25 * p.x; });
    for (const auto& point : profile({plane}, {values}, {}, "ground", {1, 0.5}, {7, 5.5}, 0.05)) {
        const double t = point.along / std::hypot(6, 5);
        EXPECT_NEAR(point.value, 10 - (0.5 + 5 * t) + 0.25 * (1 + 6 * t), 1e-9);
    }
}

TEST(Profiles, end_where_the_plane_does_and_begin_again_on_the_next) {
    const auto near = lattice(2, 2, 0.5), far = lattice(2, 2, 0.5, {4, 0});
    const auto curve =
        profile({near, far}, {valued(near, [](Vec3) { return 1.0; }), valued(far, [](Vec3) { return 5.0; })}, {},
                "ground", {-1, 1}, {7, 1}, 0.1);
    EXPECT_NEAR(curve.back().along, 8, 1e-12);
    for (const auto& point : curve) {
        const double x = point.along - 1;
        if (x > 0.01 && x < 1.99)
            EXPECT_EQ(point.value, 1) << x;
        else if (x > 4.01 && x < 5.99)
            EXPECT_EQ(point.value, 5) << x;
        else if (x < -0.01 || (x > 2.01 && x < 3.99) || x > 6.01)
            EXPECT_TRUE(std::isnan(point.value)) << x;
    }
}

TEST(Profiles, carry_the_error_of_the_points_they_lie_between) {
    const auto plane = lattice(4, 4, 1);
    const auto curve = profile({plane}, {valued(plane, [](Vec3) { return 2.0; })},
                               {valued(plane, [](Vec3 p) { return p.x; })}, "ground", {0.5, 2}, {3.5, 2}, 0.5);
    for (const auto& point : curve) EXPECT_NEAR(point.half_width, 0.5 + point.along, 1e-9);
    EXPECT_TRUE(std::isnan(
        profile({plane}, {valued(plane, [](Vec3) { return 2.0; })}, {}, "another storey", {0.5, 2}, {3.5, 2}, 0.5)[2]
            .value));
}

// Two windows: a wide one to the south, a small one in the east wall.
model::Project two_windows() {
    auto p = test::one_room();
    auto second = p.options[0].storeys[0].rooms[0].openings[0];
    second.id = second.name = "W-02";
    second.edge = 1;
    second.along = 3;
    second.width = 0.8;
    p.options[0].storeys[0].rooms[0].openings.push_back(second);
    return p;
}

DaylightFactorAnswer factor_of(const model::Project& p, double accuracy = 0.01) {
    const auto& option = p.options[0];
    return daylight_factor(geometry::build_surfaces(p, option), *planes_of(option, p.questions[0]), {accuracy, 1, 0});
}

TEST(Why, parts_and_windows_sum_to_the_whole_at_a_point_and_over_a_room) {
    const auto answer = factor_of(two_windows(), 0.05);
    for (const int point : {-1, 0, 7}) {
        const Shares s = shares_of(answer, 0, point);
        EXPECT_NEAR(s.sun + s.sky + s.ground + s.around + s.inside + s.inside_off_ground, s.total, 1e-9);
        double through = 0;
        for (const auto& window : s.windows) through += window.value;
        EXPECT_NEAR(through, s.total, 1e-6 * s.total);
        for (size_t k = 1; k < s.windows.size(); ++k) EXPECT_GE(s.windows[k - 1].value, s.windows[k].value);
    }
    EXPECT_EQ(shares_of(answer, 0).windows[0].id, "W-01");
    EXPECT_NEAR(shares_of(answer, 0).total, answer.planes[0].figures.mean, 1e-9);
}

TEST(Why, in_another_unit_keeps_every_share) {
    const Shares percent = shares_of(factor_of(two_windows(), 0.1), 0), lux = percent.times(120);
    EXPECT_NEAR(lux.total, 120 * percent.total, 1e-9);
    EXPECT_NEAR(lux.sky / lux.total, percent.sky / percent.total, 1e-12);
    EXPECT_NEAR(lux.inside_off_ground, 120 * percent.inside_off_ground, 1e-9);
    ASSERT_EQ(lux.windows.size(), percent.windows.size());
    EXPECT_NEAR(lux.windows[0].value / lux.total, percent.windows[0].value / percent.total, 1e-12);
}

TEST(Components, are_the_three_of_the_standard_and_light_off_the_ground_is_part_of_two) {
    const auto answer = factor_of(two_windows(), 0.1);
    const auto& plane = answer.planes[0];
    const auto sky = plane.component(Component::sky), external = plane.component(Component::external),
               internal = plane.component(Component::internal), ground = plane.component(Component::off_ground);
    for (size_t i = 0; i < plane.value.size(); ++i) {
        EXPECT_NEAR(sky[i] + external[i] + internal[i], plane.value[i], 1e-9);
        EXPECT_LE(ground[i], external[i] + internal[i] + 1e-12);
        EXPECT_GE(plane.half_width_of(Component::internal)[i] + 1e-12,
                  plane.by_way_half_width[i * light::kWays + static_cast<size_t>(light::Way::from_inside)]);
    }
}

TEST(Why, a_room_without_a_window_is_told_without_tracing) {
    // Black walls reflect nothing where the window was: then it is exact.
    auto p = two_windows();
    p.materials[0].reflectance = 0;
    p.options[0].types[model::Part::facade] = "grey";
    const auto both = factor_of(p, 0.005);
    auto alone = p;
    alone.options[0].storeys[0].rooms[0].openings.pop_back();
    const auto traced = factor_of(alone, 0.005);
    const auto told = value_without(both, {"W-02"});
    ASSERT_EQ(told[0].size(), traced.planes[0].value.size());
    double sum = 0, wanted = 0;
    for (size_t i = 0; i < told[0].size(); ++i) {
        sum += told[0][i];
        wanted += traced.planes[0].value[i];
    }
    EXPECT_NEAR(sum, wanted, 0.01 * wanted);
    const auto neither = value_without(both, {"W-01", "W-02"});
    for (const double v : neither[0]) EXPECT_NEAR(v, 0, 1e-9);
}

TEST(Why, with_grey_walls_leaves_out_only_what_the_closed_hole_would_reflect) {
    const auto both = factor_of(two_windows(), 0.005);
    auto alone = two_windows();
    alone.options[0].storeys[0].rooms[0].openings.pop_back();
    const auto traced = factor_of(alone, 0.005);
    const auto told = value_without(both, {"W-02"});
    double sum = 0, wanted = 0;
    for (size_t i = 0; i < told[0].size(); ++i) {
        sum += told[0][i];
        wanted += traced.planes[0].value[i];
    }
    EXPECT_LT(sum, 1.005 * wanted);
    EXPECT_GT(sum, 0.96 * wanted);
}

TEST(Why, light_off_the_ground_is_told_from_that_off_a_facade) {
    auto p = two_windows();
    p.site.ground_reflectance = 0;
    EXPECT_NEAR(shares_of(factor_of(p, 0.1), 0).inside_off_ground, 0, 1e-9);
    p.site.ground_reflectance = 0.4;
    const Shares bright = shares_of(factor_of(p, 0.05), 0);
    EXPECT_GT(bright.inside_off_ground, 0.02 * bright.total);
    EXPECT_EQ(bright.ground, 0);  // a table looks up
    model::Block opposite;
    opposite.id = opposite.name = "opposite";
    opposite.footprint = {{-10, -8}, {14, -8}, {14, -6}, {-10, -6}};
    opposite.height = 12;
    opposite.material = "grey";
    p.options[0].blocks.push_back(opposite);
    const Shares shaded = shares_of(factor_of(p, 0.05), 0);
    EXPECT_GT(shaded.around, bright.around + 0.01 * bright.total);
    EXPECT_LT(shaded.sky, bright.sky);
}

TEST(UsualValues, of_every_figure_have_meaning_and_source_and_rise) {
    const auto& values = rule::usual_values();
    for (const char* figure : {"daylight_factor", "illuminance", "autonomy", "direct_sun_hours", "sun_hours"}) {
        const auto* of = values.find(figure);
        ASSERT_NE(of, nullptr) << figure;
        EXPECT_FALSE(of->definition.empty());
        EXPECT_FALSE(of->values.empty());
        for (const auto& v : of->values) {
            EXPECT_FALSE(v.meaning.empty());
            EXPECT_FALSE(v.source.empty());
        }
    }
    EXPECT_EQ(values.find("no such figure"), nullptr);
}

TEST(UsualValues, damaged_are_refused_with_place_and_remedy) {
    const auto falling = rule::parse_usual_values(
        R"({"format":1,"figures":[{"figure":"a","unit":"lx","definition":"d",)"
        R"("values":[{"value":2,"meaning":"m","source":"s"},{"value":1,"meaning":"m","source":"s"}]}]})",
        "file");
    ASSERT_FALSE(falling);
    EXPECT_NE(falling.fault().place.find("/figures/0/values"), std::string::npos) << falling.fault().place;
    EXPECT_FALSE(falling.fault().remedy.empty());
    EXPECT_FALSE(rule::parse_usual_values("{", "file"));
}

}  // namespace
}  // namespace wp::question

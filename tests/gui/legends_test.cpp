// SPDX-License-Identifier: GPL-3.0-or-later
// How maps come onto legends, and what two of them differ by.
#include <gtest/gtest.h>

#include <cmath>

#include "gui/legend/legends.h"

namespace wp::gui {
namespace {

SheetMap map_of(const std::vector<double>& values, const char* figure = "illuminance",
                const report::Scale& scale = {0, 1000, false}) {
    SheetMap map;
    map.figure = QString::fromLatin1(figure);
    map.unit = QStringLiteral("lx");
    map.scale = scale;
    report::MapLayer layer;
    for (size_t i = 0; i < values.size(); ++i) layer.plane.points.push_back({static_cast<double>(i), 0, 0.8});
    layer.value = values;
    map.half_width = {std::vector<double>(values.size(), 3.0)};
    map.layers = {layer};
    return map;
}

const std::function<std::vector<report::Scale>()> kNobody = [] { return std::vector<report::Scale>(); };

TEST(Legends, without_a_choice_leave_a_map_as_it_is) {
    Legends legends;
    legends.set_footcandles(false);
    auto map = map_of({100, 500});
    legends.dress(map, kNobody);
    EXPECT_EQ(map.scale, (report::Scale{0, 1000, false}));
    EXPECT_EQ(map.layers[0].value, (std::vector<double>{100, 500}));
    EXPECT_FALSE(map.marks.has_band());
}

TEST(Legends, stay_while_one_edits_so_that_darker_looks_darker) {
    Legends legends;
    auto bright = map_of({800}), dim = map_of({150}, "illuminance", {0, 200, false});
    legends.dress(bright, kNobody);
    legends.dress(dim, kNobody);
    EXPECT_EQ(dim.scale.top, 1000) << "louvres took light away: the colours say so";
    EXPECT_TRUE(legends.is_wide_for(dim)) << "and a press fits them";
    auto brighter = map_of({1900}, "illuminance", {0, 2000, false});
    legends.dress(brighter, kNobody);
    EXPECT_EQ(brighter.scale.top, 2000) << "values that leave the ends widen them";
    legends.refit();
    auto again = map_of({150}, "illuminance", {0, 200, false});
    legends.dress(again, kNobody);
    EXPECT_EQ(again.scale.top, 200);
    EXPECT_FALSE(legends.is_wide_for(again));
}

TEST(Legends, follow_the_first_coarse_maps_and_are_not_led_astray_by_later_ones) {
    Legends legends;
    auto coarse = map_of({1800}, "illuminance", {0, 2000, false}), settled = map_of({800});
    coarse.settled = false;
    legends.dress(coarse, kNobody);
    legends.dress(settled, kNobody);
    EXPECT_EQ(settled.scale.top, 1000) << "an error of the first map decides nothing";
    auto noisy = map_of({1100}, "illuminance", {0, 1200, false});
    noisy.settled = false;
    legends.dress(noisy, kNobody);
    EXPECT_EQ(noisy.scale.top, 1000) << "a little above may be an error";
}

TEST(Legends, of_another_moment_begin_anew) {
    Legends legends;
    auto noon = map_of({800}), night = map_of({3}, "illuminance", {0, 5, false});
    noon.name = QStringLiteral("Illuminance, noon");
    night.name = QStringLiteral("Illuminance, night");
    legends.dress(noon, kNobody);
    legends.dress(night, kNobody);
    EXPECT_EQ(night.scale.top, 5);
}

TEST(Legends, of_one_figure_say_nothing_about_another) {
    Legends legends;
    Legend free;
    free.ends = Legend::Ends::free;
    free.bottom = 100;
    free.top = 300;
    legends.set(QStringLiteral("illuminance"), free);
    auto lux = map_of({100}), percent = map_of({3}, "daylight_factor", {0, 5, false});
    legends.dress(lux, kNobody);
    legends.dress(percent, kNobody);
    EXPECT_EQ(lux.scale.bottom, 100);
    EXPECT_EQ(lux.scale.top, 300);
    EXPECT_EQ(percent.scale, (report::Scale{0, 5, false}));
}

TEST(Legends, in_footcandles_turn_values_errors_marks_and_ends_alike) {
    Legends legends;
    legends.set_footcandles(true);
    Legend band;
    band.ends = Legend::Ends::free;
    band.bottom = 0;
    band.top = 10 * kLuxOfFootcandle;
    band.low = 2 * kLuxOfFootcandle;
    legends.set(QStringLiteral("illuminance"), band);
    auto map = map_of({5 * kLuxOfFootcandle});
    map.usual = {{3 * kLuxOfFootcandle, QStringLiteral("enough")}};
    legends.dress(map, kNobody);
    EXPECT_EQ(map.unit, QStringLiteral("fc"));
    EXPECT_NEAR(map.layers[0].value[0], 5, 1e-9);
    EXPECT_NEAR(map.half_width[0][0], 3 / kLuxOfFootcandle, 1e-9);
    EXPECT_NEAR(map.scale.top, 10, 1e-9);
    EXPECT_NEAR(map.marks.low, 2, 1e-9);
    EXPECT_NEAR(*map.marks.level, 2, 1e-9);
    EXPECT_NEAR(map.usual[0].value, 3, 1e-9);
    EXPECT_NEAR(legends.from_shown(QStringLiteral("illuminance"), legends.shown(QStringLiteral("illuminance"), 77)), 77,
                1e-9);
    // Percent stay percent.
    auto percent = map_of({3}, "daylight_factor", {0, 5, false});
    legends.dress(percent, kNobody);
    EXPECT_EQ(percent.layers[0].value[0], 3);
    legends.set_footcandles(false);
}

TEST(Legends, made_logarithmic_begin_above_nought) {
    Legends legends;
    legends.set_footcandles(false);
    Legend log;
    log.logarithmic = true;
    legends.set(QStringLiteral("illuminance"), log);
    auto map = map_of({1, 1000});
    legends.dress(map, kNobody);
    EXPECT_TRUE(map.scale.logarithmic);
    EXPECT_GT(map.scale.bottom, 0);
    EXPECT_GT(map.scale.place(30), 0);
}

TEST(Legends, linked_hold_whatever_hangs_together) {
    Legends legends;
    legends.set_footcandles(false);
    Legend linked;
    linked.ends = Legend::Ends::linked;
    legends.set(QStringLiteral("illuminance"), linked);
    auto map = map_of({1, 1000});
    legends.dress(map, [] { return std::vector<report::Scale>{{0, 4000, false}, {0, 200, false}}; });
    EXPECT_EQ(map.scale.top, 4000);
    const auto mixed = common_scale({{0, 500, false}, {10, 20000, true}});
    EXPECT_TRUE(mixed.logarithmic);
    EXPECT_EQ(mixed.bottom, 10);
    EXPECT_EQ(mixed.top, 20000);
}

TEST(Differences, are_right_less_left_where_both_have_a_point) {
    auto left = map_of({100, 200, 300}), right = map_of({150, 120, 310});
    right.layers[0].plane.points[2].x = 9;  // somewhere else
    const auto difference = difference_of(left, right);
    ASSERT_EQ(difference.layers.size(), 1u);
    EXPECT_EQ(difference.layers[0].value[0], 50);
    EXPECT_EQ(difference.layers[0].value[1], -80);
    EXPECT_TRUE(std::isnan(difference.layers[0].value[2]));
    EXPECT_NEAR(difference.half_width[0][0], std::hypot(3, 3), 1e-12) << "independent errors";
    EXPECT_EQ(difference.scale.bottom, -difference.scale.top);
    EXPECT_GE(difference.scale.top, 80);
    // Told with their sign, and with nothing where there is nothing.
    EXPECT_TRUE(difference.reading(0, 0).first().startsWith(QStringLiteral("+50")));
    EXPECT_TRUE(difference.reading(0, 1).first().startsWith(QStringLiteral("-80")));
    EXPECT_TRUE(difference.reading(0, 2).isEmpty());
}

TEST(Differences, of_buildings_that_share_no_point_are_none) {
    auto left = map_of({100}), right = map_of({100});
    right.layers[0].plane.points[0].y = 5;
    EXPECT_TRUE(difference_of(left, right).layers.empty());
}

TEST(Differences, that_rest_on_a_stale_map_are_stale) {
    auto left = map_of({100}), right = map_of({150});
    left.layers[0].stale = true;
    const auto difference = difference_of(left, right);
    EXPECT_TRUE(difference.layers[0].stale);
    EXPECT_TRUE(difference.reading(0, 0).first().endsWith(QStringLiteral("(stale)")));
}

}  // namespace
}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// Every index of one bright disc in an even field, by hand.
#include "metric/glare_index.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

using namespace wp;
using namespace wp::metric;

namespace {

constexpr double kPiHere = std::numbers::pi;

// A window of 4000 cd/m^2 straight ahead, of 0.05 sr, before walls that give 200 lx at the eye beside it.
GlareView one_window() {
    GlareView view;
    view.sources = {{4000, 0.05, 1, {0, 0, 1}, false}};
    view.vertical_lux = 4000 * 0.05 + 200;
    view.mean_luminance = (4000 * 0.05 + 200 / kPiHere * (2 * kPiHere - 0.05)) / (2 * kPiHere);
    return view;
}

double value(const char* id, const GlareView& view) { return *find_glare_index(id)->value(view); }

TEST(GlareIndices, of_one_window_straight_ahead_are_those_worked_out_by_hand) {
    const GlareView view = one_window();
    EXPECT_NEAR(view.direct_lux(), 200, 1e-9);
    EXPECT_NEAR(view.background(), 63.662, 1e-3);
    // 0.25 / 63.662 * 800 000 = 3141.6; 8 log10 of it.
    EXPECT_NEAR(value("ugr", view), 27.977, 1e-3);
    // 2 (1 + 0.4) / 400 * 800 000 = 5600.
    EXPECT_NEAR(value("cgi", view), 29.985, 1e-3);
    // 4000^1.6 = 579 823.7; 0.05^0.8 = 0.091028; 63.662 + 0.07 * 0.223607 * 4000 = 126.272.
    EXPECT_NEAR(value("dgi", view), 10 * std::log10(0.478 * 579823.7 * 0.0910282 / 126.272), 1e-3);
    EXPECT_NEAR(value("dgp_by_illuminance", view), 6.22e-5 * 400 + 0.184, 1e-12);
    // Q = 1.02 + 1.52 * 0.549280 - 0.075 = 1.77991; F = 94.986, F^0.44 = 7.41602: M = 480.016.
    const double deviate = 6.374 - 1.3227 * std::log(480.016);
    EXPECT_NEAR(value("visual_comfort", view), 50 * std::erfc(-deviate / std::sqrt(2)), 0.001);
}

TEST(GlareIndices, know_no_value_where_nothing_glares_or_nothing_lights) {
    GlareView even;
    even.vertical_lux = 300;
    even.mean_luminance = 300 / kPiHere;
    for (const char* id : {"dgi", "ugr", "cgi", "visual_comfort"})
        EXPECT_FALSE(find_glare_index(id)->value(even)) << id;
    EXPECT_TRUE(find_glare_index("dgp")->value(even));
    const GlareView dark;
    for (const GlareIndex& index : glare_indices()) EXPECT_FALSE(index.value(dark)) << index.id;
}

TEST(GlareIndices, grow_with_a_sources_luminance_and_fall_as_it_moves_aside) {
    for (const GlareIndex& index : glare_indices()) {
        if (std::string_view(index.id) == "dgp_by_illuminance") continue;
        GlareView view = one_window(), brighter = view, aside = view;
        brighter.sources[0].luminance *= 2;
        brighter.vertical_lux += 200;
        brighter.mean_luminance += 4000 * 0.05 / (2 * kPiHere);
        aside.sources[0].position = 4;
        const double now = *index.value(view), more = *index.value(brighter), less = *index.value(aside);
        EXPECT_TRUE(index.rises ? more > now : more < now) << index.id;
        EXPECT_TRUE(index.rises ? less < now : less > now) << index.id;
    }
}

TEST(GlareIndices, fall_into_the_classes_of_their_publications) {
    const GlareIndex& dgp = *find_glare_index("dgp");
    EXPECT_STREQ(class_of(dgp, 0.35).name, "imperceptible");
    EXPECT_STREQ(class_of(dgp, 0.3501).name, "perceptible");
    EXPECT_STREQ(class_of(dgp, 0.9).name, "intolerable");
    const GlareIndex& comfort = *find_glare_index("visual_comfort");
    EXPECT_STREQ(class_of(comfort, 90).name, "imperceptible");
    EXPECT_STREQ(class_of(comfort, 10).name, "intolerable");
}

}  // namespace

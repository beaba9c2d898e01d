// SPDX-License-Identifier: GPL-3.0-or-later
// What blinds that stand otherwise than they were traced send back into the room.
#include "question/mixed_blinds.h"

#include <gtest/gtest.h>

#include "geometry/builder.h"
#include "question/ask_year.h"
#include "question/two_sides.h"

using namespace wp;
using namespace wp::question;

namespace {

// The room of 4 x 6 x 3 m with windows of 2 x 1.5 m to the south and to the west, each with the plain blind.
struct Setting {
    geometry::Surfaces surfaces;
    std::vector<YearGroup> groups;
    std::vector<int> group_of_portal;
    std::vector<light::BlindLayers> layers;
    Setting() {
        auto project = test::one_room();
        test::add_west_window(project);
        surfaces = geometry::build_surfaces(project, project.options[0]);
        groups = window_groups(project, project.options[0], surfaces);
        for (size_t k = 0; k < state_count(groups); ++k) layers.push_back(layers_of(surfaces, groups, k));
        for (const auto& portal : surfaces.portals) {
            group_of_portal.push_back(-1);
            for (size_t g = 0; g < groups.size(); ++g)
                if (groups[g].openings[0] == portal.opening) group_of_portal.back() = static_cast<int>(g);
        }
    }
    MixedBlinds mixed() const { return {enclosures_of(surfaces), surfaces, layers, group_of_portal}; }
};

}  // namespace

TEST(MixedBlinds, a_closed_blind_sends_back_what_its_cloth_does_and_a_hole_nothing) {
    const Setting s;
    const light::Panes open(s.surfaces, s.layers[0]), closed(s.surfaces, s.layers[1]);
    EXPECT_NEAR(closed.portals()[0].sends_back_evenly(), 0.5, 1e-3) << "the plain blind";
    // One uncoated pane, n = 1.526: about a sixth of evenly spread light.
    EXPECT_GT(open.portals()[0].sends_back_evenly(), 0.1);
    EXPECT_LT(open.portals()[0].sends_back_evenly(), 0.2);
    auto hole = s.surfaces;
    for (auto& portal : hole.portals) portal.glazing = -1;
    EXPECT_EQ(light::Panes(hole, s.layers[0]).portals()[0].sends_back_evenly(), 0);
}

TEST(MixedBlinds, an_enclosure_is_all_that_bounds_the_room_but_its_windows) {
    const Setting s;
    const auto all = enclosures_of(s.surfaces);
    ASSERT_EQ(all.size(), 1u);
    // Floor, ceiling and walls, less two windows, and their reveals; the room is drawn along the inside of its walls.
    const double bare = 2 * 24 + 3 * (2 * 4 + 2 * 6) - 2 * 2 * 1.5;
    EXPECT_GT(all[0].area, bare - 0.5);
    EXPECT_LT(all[0].area, bare + 6);
    EXPECT_NEAR(all[0].reflected / all[0].area, 0.5, 0.15) << "grey";
}

TEST(MixedBlinds, where_all_stand_as_they_were_traced_nothing_is_changed) {
    const auto mixed = Setting().mixed();
    for (const uint8_t k : {0, 1}) EXPECT_EQ(mixed.more(0, k, std::vector<uint8_t>{k, k}), 0);
    EXPECT_EQ(mixed.more(geometry::kOutdoors, 0, std::vector<uint8_t>{1, 0}), 0) << "the open air has no walls";
}

TEST(MixedBlinds, cloth_behind_a_window_makes_reflected_light_more_by_the_sphere) {
    const Setting s;
    const auto mixed = s.mixed();
    const double one = mixed.more(0, 0, std::vector<uint8_t>{1, 0});
    // By hand: r / (1 - r) with the blind's half in place of the pane's reflectance over 3 m^2.
    const auto room = enclosures_of(s.surfaces)[0];
    const light::Panes open(s.surfaces, s.layers[0]);
    double area = room.area, reflected = room.reflected, pane = 0;
    for (const auto& p : open.portals())
        area += static_cast<double>(p.area), reflected += static_cast<double>(p.area * p.sends_back_evenly()),
            pane = static_cast<double>(p.area * p.sends_back_evenly());
    const auto series = [&](double r) { return r / (1 - r); };
    const double closed = reflected - pane + 0.5 * static_cast<double>(open.portals()[0].area);
    EXPECT_NEAR(one, series(closed / area) / series(reflected / area) - 1, 1e-4);
    EXPECT_GT(one, 0.01);
    EXPECT_LT(one, 0.1);
    // There and back again is nothing; both closed is more than one.
    EXPECT_GT(mixed.more(0, 0, std::vector<uint8_t>{1, 1}), one);
    EXPECT_NEAR((1 + mixed.more(0, 0, std::vector<uint8_t>{1, 1})) * (1 + mixed.more(0, 1, std::vector<uint8_t>{0, 0})),
                1, 1e-12);
}

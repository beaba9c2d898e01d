// SPDX-License-Identifier: GPL-3.0-or-later
// Windows whose blinds move together: which belong together by themselves, by hand, and what states their blinds have.
#include "question/window_groups.h"

#include <gtest/gtest.h>

#include "geometry/builder.h"
#include "support.h"

using namespace wp;
using namespace wp::question;
using Kind = model::BlindControl::Kind;

namespace {

model::Opening window(const char* id, int edge, double along, double width = 1) {
    model::Opening out = test::one_room().options[0].storeys[0].rooms[0].openings[0];
    out.id = out.name = id;
    out.edge = edge;
    out.along = along;
    out.width = width;
    return out;
}

// A room of 4 x 6 m with those windows: edge 0 looks south, 1 east, 2 north, 3 west.
model::Project room_with(std::vector<model::Opening> windows) {
    auto project = test::one_room();
    project.options[0].storeys[0].rooms[0].openings = std::move(windows);
    return project;
}

std::vector<YearGroup> groups_of(const model::Project& project) {
    auto surfaces = geometry::build_surfaces(project, project.options[0]);
    return window_groups(project, project.options[0], surfaces);
}

std::vector<std::vector<model::Id>> windows_of(const std::vector<YearGroup>& groups) {
    std::vector<std::vector<model::Id>> out;
    for (const auto& g : groups) out.push_back(g.openings);
    return out;
}
using Ids = std::vector<std::vector<model::Id>>;

}  // namespace

TEST(WindowGroups, windows_of_a_room_that_look_the_same_way_are_one) {
    const auto groups = groups_of(room_with({window("a", 0, 0.5), window("b", 0, 2.5), window("c", 3, 2)}));
    EXPECT_EQ(windows_of(groups), (Ids{{"a", "b"}, {"c"}}));
    EXPECT_NE(groups[0].name, groups[1].name);
    EXPECT_TRUE(groups[0].id.empty()) << "made by nobody";
    EXPECT_EQ(groups[0].room, "room");
}

TEST(WindowGroups, windows_of_different_rooms_never_are) {
    auto project = room_with({window("a", 0, 1)});
    auto other = project.options[0].storeys[0].rooms[0];
    other.id = "other";
    other.name = "Other";
    for (Vec2& p : other.footprint) p.x += 4;
    other.openings = {window("b", 0, 1)};
    project.options[0].storeys[0].rooms.push_back(other);
    EXPECT_EQ(windows_of(groups_of(project)), (Ids{{"a"}, {"b"}}));
}

TEST(WindowGroups, a_window_that_is_shaded_otherwise_stands_apart) {
    auto shaded = window("b", 0, 2.5);
    model::ShadeLayer louvres;
    louvres.depth = 0.2;
    louvres.spacing = 0.3;
    louvres.material = "grey";
    shaded.shading = {louvres};
    EXPECT_EQ(windows_of(groups_of(room_with({window("a", 0, 0.5), shaded}))), (Ids{{"a"}, {"b"}}));
    auto twin = window("a", 0, 0.5);
    twin.shading = {louvres};
    EXPECT_EQ(windows_of(groups_of(room_with({twin, shaded}))), (Ids{{"a", "b"}}));
}

TEST(WindowGroups, a_window_behind_another_building_stands_apart) {
    auto project = room_with({window("a", 0, 0.2, 0.8), window("b", 0, 3, 0.8)});
    model::Block block;
    block.id = "block";
    block.name = "Block";
    block.footprint = {{2.2, -1.5}, {9, -1.5}, {9, -1}, {2.2, -1}};
    block.height = 12;
    block.material = "grey";
    project.options[0].blocks.push_back(block);
    EXPECT_EQ(windows_of(groups_of(project)), (Ids{{"a"}, {"b"}}));
    project.options[0].blocks.clear();
    EXPECT_EQ(windows_of(groups_of(project)), (Ids{{"a", "b"}}));
}

TEST(WindowGroups, made_by_hand_they_hold_what_they_were_given_and_the_rest_forms_itself) {
    auto project = room_with({window("a", 0, 0.3), window("b", 0, 1.5), window("c", 0, 2.7), window("d", 3, 2)});
    model::WindowGroup by_hand;
    by_hand.id = "g1";
    by_hand.name = "Corner";
    by_hand.openings = {"c", "d", "gone"};
    by_hand.control.kind = Kind::closed;
    project.options[0].groups = {by_hand};
    project.options[0].control.kind = Kind::open;
    const auto groups = groups_of(project);
    EXPECT_EQ(windows_of(groups), (Ids{{"c", "d"}, {"a", "b"}})) << "a window that is gone is left out";
    EXPECT_EQ(groups[0].name, "Corner");
    EXPECT_EQ(groups[0].control.kind, Kind::closed);
    EXPECT_EQ(groups[1].control.kind, Kind::open) << "all others share the option's";
}

TEST(WindowGroups, no_window_is_in_two_of_them) {
    auto project = room_with({window("a", 0, 0.5), window("b", 0, 2.5)});
    model::WindowGroup first, second;
    first.id = "g1";
    first.openings = {"a"};
    second.id = "g2";
    second.openings = {"a", "b"};
    project.options[0].groups = {first, second};
    EXPECT_EQ(windows_of(groups_of(project)), (Ids{{"a"}, {"b"}}));
}

TEST(WindowGroups, windows_without_blinds_have_no_state_to_close) {
    auto bare = window("a", 0, 1);
    bare.blind = false;
    const auto groups = groups_of(room_with({bare}));
    ASSERT_EQ(groups.size(), 1u);
    EXPECT_TRUE(groups[0].states.empty());
    EXPECT_EQ(state_count(groups), 1u);
}

TEST(WindowGroups, a_cloth_that_is_chosen_for_a_group_hangs_before_all_its_windows) {
    auto bare = window("a", 0, 0.5);
    bare.blind = false;
    auto project = room_with({bare, window("b", 0, 2.5)});
    model::Material thin, thick;
    thin.id = "thin";
    thick.id = "thick";
    thin.name = "Thin";
    thick.name = "Thick";
    thin.kind = thick.kind = model::Material::Kind::fabric;
    thin.openness = 0.1;
    thick.openness = 0.01;
    project.materials.push_back(thin);
    project.materials.push_back(thick);
    project.options[0].control.states = {"thin", "thick"};
    auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const auto groups = window_groups(project, project.options[0], surfaces);
    ASSERT_EQ(groups.size(), 1u);
    EXPECT_EQ(groups[0].state_names, (std::vector<std::string>{"Thin", "Thick"}));
    EXPECT_EQ(state_count(groups), 3u);
    EXPECT_EQ(layers_of(surfaces, groups, 0), light::BlindLayers(surfaces.portals.size(), light::kNoBlind));
    for (const size_t state : {1u, 2u})
        for (const int layer : layers_of(surfaces, groups, state)) {
            ASSERT_GE(layer, 0);
            EXPECT_NEAR(surfaces.blinds[static_cast<size_t>(layer)].openness, state == 1 ? 0.1 : 0.01, 1e-9);
        }
}

TEST(WindowGroups, slats_that_follow_the_sun_have_a_state_for_each_tilt_from_open_to_closed) {
    auto project = room_with({window("a", 0, 1)});
    model::Material slats;
    slats.id = slats.name = "slats";
    slats.kind = model::Material::Kind::slats;
    slats.slat_width = 0.05;
    slats.slat_spacing = 0.042;
    slats.reflectance = 0.5;
    project.materials.push_back(slats);
    project.options[0].control = {Kind::direct_sun, 0, 8, 18, 1, 12, {"slats"}, true};
    auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const auto groups = window_groups(project, project.options[0], surfaces);
    ASSERT_EQ(groups.size(), 1u);
    ASSERT_GT(groups[0].states.size(), 2u);
    double before = -1;
    for (const auto& state : groups[0].states) {
        const double tilt = surfaces.blinds[static_cast<size_t>(state[0])].slat_tilt;
        EXPECT_GT(tilt, before);
        before = tilt;
    }
}

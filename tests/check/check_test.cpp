// SPDX-License-Identifier: GPL-3.0-or-later
// The model check beyond the drawing: each fault is told in plain words with its place, and its mend removes it.
#include <gtest/gtest.h>

#include <algorithm>

#include "check/check.h"
#include "edit/lay.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;
using namespace wp::edit;
using namespace wp::check;
using namespace wp::model;
using Kind = ModelFault::Kind;

namespace {

std::vector<ModelFault> faults_of(const Project& project, bool blinds = false) {
    auto all = check_model(project, project.options[0], blinds);
    std::erase_if(all, [](const ModelFault& f) { return is_assumption(f); });
    return all;
}

// The one fault there is, mended; then there is none.
void expect_one(Project project, Kind kind, const std::string& words, bool blinds = false) {
    const auto faults = faults_of(project, blinds);
    ASSERT_EQ(faults.size(), 1u) << words << (faults.size() > 1 ? ": " + faults[0].what + " / " + faults[1].what : "");
    EXPECT_EQ(faults[0].kind, kind);
    EXPECT_NE(faults[0].what.find(words), std::string::npos) << faults[0].what;
    ASSERT_FALSE(faults[0].mend.empty()) << faults[0].what;
    ASSERT_TRUE(mend_fault(project, 0, faults[0])) << faults[0].mend;
    const auto left = faults_of(project, blinds);
    EXPECT_TRUE(left.empty()) << "after \"" << faults[0].mend << "\": " << left[0].what;
}

Room& room(Project& project) { return project.options[0].storeys[0].rooms[0]; }

Thing thing(Thing::Kind kind, Vec2 at, const Id& storey = {}) {
    Thing t = usual(kind);
    t.id = t.name = "thing";
    t.at = at;
    t.storey = storey;
    t.material = "grey";
    return t;
}

}  // namespace

TEST(MatterCheck, a_plain_room_has_no_fault) {
    auto project = test::one_room();
    for (const auto& fault : faults_of(project, true)) ADD_FAILURE() << fault.what;
}

TEST(MatterCheck, what_has_no_material_is_told_by_kind_of_part_with_how_much_of_it) {
    auto project = test::one_room();
    room(project).walls = "";
    expect_one(project, Kind::no_material, "Walls: 4 surfaces have no material; 50 %");
    project = test::one_room();
    room(project).openings[0].glazing = "";
    expect_one(project, Kind::no_material, "Windows: 1 surface has no material; 70 %");
    room(project).openings[0].glazing = "gone";
    expect_one(project, Kind::no_material, "Windows");
}

TEST(MatterCheck, matter_that_cannot_be_is_told_and_brought_back) {
    auto project = test::one_room();
    project.materials[0].reflectance = 0.97;
    expect_one(project, Kind::impossible_material, "reflects 97 %");
    project = test::one_room();
    project.materials[1].reflectance_out = 0.4;
    expect_one(project, Kind::impossible_material, "more than all the light");
    Material fabric;
    fabric.kind = Material::Kind::fabric;
    fabric.openness = 0.5;
    fabric.transmittance = 0.4;
    fabric.reflectance = 0.3;
    EXPECT_NE(impossible(fabric), "");
    EXPECT_EQ(impossible(possible(fabric)), "");
    Material mirror;
    mirror.reflectance = mirror.specular = 0.96;
    EXPECT_EQ(impossible(mirror), "") << "a silvered mirror can";
}

TEST(MatterCheck, what_is_drawn_inside_out_is_turned) {
    auto project = test::one_room();
    Block block;
    block.id = block.name = "warehouse";
    block.material = "grey";
    block.footprint = {{20, 0}, {20, 5}, {30, 5}, {30, 0}};
    project.options[0].blocks = {block};
    expect_one(project, Kind::inside_out, "warehouse is drawn clockwise");
}

TEST(MatterCheck, planes_out_of_place_are_fitted_anew) {
    auto project = test::one_room();
    ReferencePlane& plane = project.options[0].planes[0];
    plane.height = 3.2;
    expect_one(project, Kind::plane_misses, "no point");
    plane.height = 0.76;
    plane.area = {{40, 40}, {42, 40}, {42, 42}, {40, 42}};
    expect_one(project, Kind::plane_misses, "no point");
    plane.area.clear();
    plane.turned_over = true;
    expect_one(project, Kind::plane_faces_down, "faces down");
    project.options[0].planes.clear();
    expect_one(project, Kind::room_without_plane, "Room has no reference plane");
}

TEST(MatterCheck, a_facade_plane_inside_the_building_is_told) {
    auto project = test::one_room();
    Option& option = project.options[0];
    Room other = room(project);
    other.id = "other";
    other.openings.clear();
    for (Vec2& p : other.footprint) p.x += 4;
    option.storeys[0].rooms.push_back(other);
    lay_planes(option, {"other"}, {});
    lay_on_wall(option, "room", 1, true, 0.5);
    expect_one(project, Kind::plane_indoors, "lies inside the building");
}

TEST(MatterCheck, outside_windows_want_blinds_only_where_a_criteria_set_does) {
    auto project = test::one_room();
    room(project).openings[0].blind = false;
    EXPECT_TRUE(faults_of(project, false).empty());
    expect_one(project, Kind::window_without_blind, "One outside window has no blind", true);
}

TEST(MatterCheck, neighbours_and_trees_keep_out_of_rooms) {
    auto project = test::one_room();
    project.options[0].things = {thing(Thing::Kind::tree, {2, -1.5})};
    project.options[0].things[0].landing = 1;
    expect_one(project, Kind::context_cuts_room, "thing reaches into Room");
    project.options[0].things[0].landing = 5;
    EXPECT_TRUE(faults_of(project).empty()) << "its canopy hangs above the roof";
    project.options[0].things.clear();
    Block block;
    block.id = block.name = "warehouse";
    block.material = "grey";
    block.footprint = {{-10, -10}, {14, -10}, {14, 1}, {-10, 1}};
    project.options[0].blocks = {block};
    expect_one(project, Kind::context_cuts_room, "warehouse reaches into Room");
}

TEST(MatterCheck, furniture_stands_in_its_room) {
    auto project = test::one_room();
    project.options[0].things = {thing(Thing::Kind::table, {3.9, 3}, "ground")};
    expect_one(project, Kind::thing_in_wall, "reaches into the walls");
    project.options[0].things[0].at = {9, 3};
    expect_one(project, Kind::thing_in_wall, "stands in no room");
    project.options[0].things = {thing(Thing::Kind::shelf, {2, 3}, "ground")};
    project.options[0].things[0].height = 3.5;
    expect_one(project, Kind::thing_under_roof, "higher than Room");
}

TEST(MatterCheck, eyes_are_in_their_rooms) {
    auto project = test::one_room();
    project.options[0].observers[0].eye = {8, 3, 1.2};
    expect_one(project, Kind::observer_lost, "looks from outside Room");
    project.options[0].observers[0].eye = {2, 3, 7};
    expect_one(project, Kind::observer_lost, "looks from outside Room");
}

TEST(MatterCheck, what_shines_is_in_the_air_of_a_room) {
    auto project = test::one_room();
    Luminaire lamp;
    lamp.id = lamp.name = "lamp";
    lamp.storey = project.options[0].storeys[0].id;
    const auto hung = [&](Vec2 at, double height) {
        lamp.at = at;
        lamp.height = height;
        project.options[0].luminaires = {lamp};
        return project;
    };
    EXPECT_TRUE(faults_of(hung({2, 3}, 2.5), false).empty());
    EXPECT_TRUE(faults_of(hung({40, 3}, 2.5), false).empty()) << "outdoors";
    expect_one(hung({2, 3}, 3.2), Kind::luminaire_hidden, "lamp is in the ceiling of Room");
    expect_one(hung({2, 3}, 0), Kind::luminaire_hidden, "lamp is in the floor of Room");
    expect_one(hung({-0.01, 3}, 2.5), Kind::luminaire_hidden, "lamp is in a wall of Room");
}

TEST(MatterCheck, louvres_that_leave_no_blade_are_told) {
    auto project = test::one_room();
    ShadeLayer blades;
    blades.depth = 5;
    blades.tilt = 80;
    blades.material = "grey";
    room(project).openings[0].shading = {blades};
    expect_one(project, Kind::shade_without_blades, "leave no blade");
    room(project).openings[0].shading.clear();
    Rooflight light;
    light.id = light.name = "R-1";
    light.centre = {2, 4};
    light.glazing = "pane";
    light.shading = {blades};
    project.options[0].storeys[0].rooflights = {light};
    expect_one(project, Kind::shade_without_blades, "The louvres of R-1 leave no blade");
}

TEST(MatterCheck, sizes_that_look_like_a_slip_of_units_are_told) {
    auto project = test::one_room();
    room(project).openings.clear();
    room(project).height = 0.003;
    project.options[0].planes[0].height = 0;
    project.options[0].observers.clear();
    const auto faults = faults_of(project);
    const auto odd =
        std::find_if(faults.begin(), faults.end(), [](const ModelFault& f) { return f.kind == Kind::odd_size; });
    ASSERT_NE(odd, faults.end());
    EXPECT_NE(odd->what.find("3 mm high"), std::string::npos) << odd->what;
    EXPECT_NE(odd->mend.find("3 m"), std::string::npos) << odd->mend;
    ASSERT_TRUE(mend_fault(project, 0, *odd));
    EXPECT_NEAR(room(project).height, 3, 1e-9);
    project = test::one_room();
    project.options[0].things = {thing(Thing::Kind::box, {30, 30})};
    for (double* size : {&project.options[0].things[0].width, &project.options[0].things[0].length,
                         &project.options[0].things[0].height})
        *size = 2400;
    expect_one(project, Kind::odd_size, "2.4 km");
}

TEST(MatterCheck, nobody_asks_about_glare_in_the_night) {
    auto project = test::one_room();
    Question question;
    question.id = "glare";
    question.name = "Glare";
    question.kind = Question::Kind::glare;
    question.observer = "eye";
    question.moment = {12, 21, 23};
    project.questions.push_back(question);
    expect_one(project, Kind::sun_down, "below the horizon");
}

TEST(MatterCheck, what_is_only_assumed_is_listed_apart_and_last) {
    auto project = test::one_room();
    project.materials[0].assumed = true;
    project.materials[0].source = "IES LM-83-12";
    room(project).openings[0].glazing = "";
    const auto all = check_model(project, project.options[0]);
    ASSERT_GE(all.size(), 2u);
    EXPECT_FALSE(is_assumption(all.front()));
    ASSERT_TRUE(is_assumption(all.back()));
    EXPECT_NE(all.back().what.find("walls (4)"), std::string::npos) << all.back().what;
    EXPECT_NE(all.back().what.find("IES LM-83-12"), std::string::npos);
}

TEST(MatterCheck, weather_that_was_measured_elsewhere_is_a_fault_and_nothing_is_mended_unasked) {
    const auto project = test::one_room();
    const auto& site = project.site;
    const climate::Place near{site.latitude + 0.3, site.longitude, site.time_zone, 0},
        far{site.latitude + 2, site.longitude, site.time_zone, 0},
        late{site.latitude, site.longitude, site.time_zone + 1, 0};
    const auto faults = [&](const climate::Place* place) {
        const auto all = check_model(project, project.options[0], false, place);
        return std::count_if(all.begin(), all.end(),
                             [](const ModelFault& f) { return f.kind == Kind::weather_elsewhere && f.mend.empty(); });
    };
    EXPECT_EQ(faults(nullptr), 0) << "there is no weather";
    EXPECT_EQ(faults(&near), 0);
    EXPECT_EQ(faults(&far), 1);
    EXPECT_EQ(faults(&late), 1) << "another clock";
}

TEST(MatterCheck, the_demo_has_no_faults) {
    const auto project = store::read_project(WARMPANE_DEMO);
    ASSERT_TRUE(project);
    for (const Option& option : project->options)
        for (const auto& fault : check_model(*project, option, true))
            if (!is_assumption(fault)) ADD_FAILURE() << option.name << ": " << fault.what;
}

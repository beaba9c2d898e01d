// SPDX-License-Identifier: GPL-3.0-or-later
// Materials as files; what a project keeps of matter, things, planes and observers.
#include <gtest/gtest.h>

#include "base/data_folder.h"
#include "base/file.h"
#include "edit/lay.h"
#include "question/ask.h"
#include "question/spectral.h"
#include "shading/device.h"
#include "store/material_file.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::store;
using namespace wp::model;

namespace {

std::vector<Material> one_of_each() {
    Material paint, glass, fabric, blind;
    paint.id = "paint";
    paint.name = "Paint";
    paint.colour = "#aabbcc";
    paint.specular = 0.04;
    paint.roughness = 0.2;
    glass.id = "glass";
    glass.name = "Opal glass";
    glass.kind = Material::Kind::glazing;
    glass.transmittance = 0.5;
    glass.diffuse = 1;
    glass.reflectance_out = 0.3;
    glass.assumed = true;
    glass.low = 0.4;
    glass.high = 0.6;
    fabric.id = "fabric";
    fabric.name = "Fabric";
    fabric.kind = Material::Kind::fabric;
    fabric.openness = 0.03;
    fabric.transmittance = 0.1;
    blind.id = "blind";
    blind.name = "Blind";
    blind.kind = Material::Kind::slats;
    blind.slat_tilt = 60;
    blind.slats_upright = true;
    return {paint, glass, fabric, blind};
}

}  // namespace

TEST(MaterialFile, comes_back_as_it_was_written) {
    const test::Folder folder;
    for (Material m : one_of_each()) {
        // What a kind does not have is not kept.
        ASSERT_FALSE(save_materials({m}, folder / (m.id + ".materials.json")));
        const auto read = read_materials(folder / (m.id + ".materials.json"));
        ASSERT_TRUE(read) << read.fault().line();
        EXPECT_EQ((*read)[0], m);
    }
}

TEST(MaterialFile, with_impossible_or_double_entries_is_refused_with_the_place) {
    const test::Folder folder;
    auto list = one_of_each();
    list[0].reflectance = 0.99;
    ASSERT_FALSE(write_file(folder / "a.json", write_materials(list)));
    const auto bright = read_materials(folder / "a.json");
    ASSERT_FALSE(bright);
    EXPECT_EQ(bright.fault().place, "a.json, /materials/0");
    EXPECT_NE(bright.fault().what.find("99 %"), std::string::npos);
    list = one_of_each();
    list[3].id = "glass";
    ASSERT_FALSE(write_file(folder / "b.json", write_materials(list)));
    EXPECT_EQ(read_materials(folder / "b.json").fault().place, "b.json, /materials/3/id");
    ASSERT_FALSE(write_file(folder / "c.json", std::string("{\"warmpane_materials\": 7, \"materials\": []}")));
    EXPECT_FALSE(read_materials(folder / "c.json"));
    EXPECT_TRUE(save_materials(one_of_each(), folder / "c.json")) << "what cannot be read is not overwritten";
    ASSERT_FALSE(write_file(folder / "d.json",
                            std::string("{\"warmpane_materials\": 1, \"materials\": [{\"id\": \"x\", \"name\": \"X\", "
                                        "\"kind\": \"opaque\", \"reflectance\": 0.5, \"colour\": \"red\"}]}")));
    EXPECT_EQ(read_materials(folder / "d.json").fault().place, "d.json, /materials/0/colour");
}

TEST(MaterialFile, taken_in_twice_is_there_once_and_another_of_the_same_id_gets_one_of_its_own) {
    std::vector<Material> list = one_of_each();
    EXPECT_EQ(merge_materials(list, one_of_each()).size(), 4u);
    EXPECT_EQ(list.size(), 4u);
    Material other = list[0];
    other.reflectance = 0.2;
    EXPECT_EQ(merge_materials(list, {other}), std::vector<Id>{"paint-2"});
    EXPECT_EQ(list.size(), 5u);
}

TEST(MaterialFile, the_library_and_the_assumed_sets_that_come_with_the_program_are_sound) {
    const auto library = read_materials(data_folder() / "materials" / "general.json");
    ASSERT_TRUE(library) << library.fault().line();
    EXPECT_GT(library->size(), 80u);
    for (const Material& m : *library) {
        EXPECT_FALSE(m.source.empty()) << m.name;
        if (m.high > 0)
            EXPECT_TRUE(figure_of(m) >= m.low && figure_of(m) <= m.high) << m.name << " lies out of its own range";
    }
    for (const char* name : {"lm-83", "en-17037"}) {
        const auto set = read_assumed(data_folder() / "assumed" / (std::string(name) + ".json"));
        ASSERT_TRUE(set) << set.fault().line();
        for (const Part part :
             {Part::floor, Part::wall, Part::ceiling, Part::facade, Part::furniture, Part::block, Part::stair}) {
            ASSERT_TRUE(set->by_part.contains(part)) << part_word(part);
            EXPECT_TRUE(set->by_part.at(part).assumed);
        }
        if (name == std::string("lm-83"))
            for (const auto& [part, m] : set->by_part)
                EXPECT_EQ(m.reflectance, assumed_for(part).reflectance)
                    << part_word(part) << ": what is assumed without a material is what the set gives";
        EXPECT_EQ(set->by_part.at(Part::floor).reflectance, 0.2);
        EXPECT_EQ(set->by_part.at(Part::ceiling).reflectance, 0.7);
    }
    for (const shading::ShadePreset& preset : shading::shade_presets())
        for (const ShadeLayer& layer : preset.layers) EXPECT_EQ(layer, shading::within_reason(layer)) << preset.name;
}

TEST(ProjectFile, keeps_matter_things_planes_and_observers) {
    auto project = test::one_room();
    for (const Material& m : one_of_each()) project.materials.push_back(m);
    project.site.dirt = 0.04;
    project.site.leaf_from = 11;
    project.site.leaf_to = 4;
    Option& option = project.options[0];
    Room& room = option.storeys[0].rooms[0];
    room.walls = "";
    option.types[Part::wall] = "paint";
    set_own_finish(room, 2, "grey");
    set_own_finish(room, OwnFinish::kFloor, "paint");
    Opening& window = room.openings[0];
    window.blind_material = "blind";
    window.exposure = Exposure::sheltered;
    for (int k = 0; k < 5; ++k) {
        ShadeLayer layer;
        layer.kind = static_cast<ShadeLayer::Kind>(k);
        if (k == 3) {
            layer.tilt = -20;
            layer.by_number = layer.upright = layer.from_end = layer.inside = true;
        }
        layer.material = "fabric";
        window.shading.push_back(layer);
    }
    for (int k = 0; k < 9; ++k) {
        Thing thing = usual(static_cast<Thing::Kind>(k));
        thing.id = thing.name = "thing-" + std::to_string(k);
        if (!is_outdoors(thing.kind)) thing.storey = "ground";
        thing.turn = 15;
        if (thing.kind == Thing::Kind::stair)
            thing.flights = 2;
        else if (thing.kind != Thing::Kind::tree)
            thing.landing = 1.2;
        if (thing.kind != Thing::Kind::shelf && thing.kind != Thing::Kind::stair) thing.parts = 1;
        if (thing.kind != Thing::Kind::tree && thing.kind != Thing::Kind::fence) thing.gap = 0.2;
        if (thing.kind != Thing::Kind::tree) thing.bare_gap = 0.2;
        option.things.push_back(thing);
    }
    edit::lay_on_decks(option, "thing-4", 0.3, 0.05);
    edit::lay_on_wall(option, "room", 1, true, 0.4);
    option.planes[0].area = {{1, 1}, {3, 1}, {3, 3}, {1, 3}};
    option.planes[0].left_out = {{{1, 1}, {2, 1}, {2, 2}, {1, 2}}};
    option.planes[0].along = ReferencePlane::Along::true_north;
    option.planes[0].number = 40;
    option.observers[0].others = {90, 270};
    Block block;
    block.id = block.name = "block";
    block.footprint = {{20, 0}, {30, 0}, {30, 5}, {20, 5}};
    block.top = Block::Top::gable;
    option.blocks = {block};
    project.questions[0].without = {"tree", "block"};
    project.questions[0].season = Season::bare;
    const auto again = parse_project(write_project(project), "test");
    ASSERT_TRUE(again) << again.fault().line();
    EXPECT_TRUE(again->options[0].things == option.things);
    EXPECT_TRUE(again->options[0].planes == option.planes);
    EXPECT_TRUE(again->materials == project.materials);
    // A layer keeps what its kind has.
    ASSERT_EQ(again->options[0].storeys[0].rooms[0].openings[0].shading.size(), 5u);
    EXPECT_EQ(again->options[0].storeys[0].rooms[0].openings[0].shading[3], window.shading[3]);
    EXPECT_TRUE(*again == project);
}

TEST(ProjectFile, names_of_materials_and_things_that_are_not_there_are_refused_with_the_place) {
    const auto place_of_fault = [](const std::function<void(Project&)>& change) {
        auto project = test::one_room();
        change(project);
        const auto read = parse_project(write_project(project), "p");
        return read ? std::string("read") : read.fault().place;
    };
    EXPECT_EQ(place_of_fault([](Project& p) { p.options[0].types[Part::stair] = "pane"; }), "p, /options/0/types/stair")
        << "glass is no stair";
    EXPECT_EQ(place_of_fault([](Project& p) { set_own_finish(p.options[0].storeys[0].rooms[0], 1, "gone"); }),
              "p, /options/0/storeys/0/rooms/0/own_finishes/0/material");
    EXPECT_EQ(place_of_fault([](Project& p) { p.options[0].storeys[0].rooms[0].openings[0].blind_material = "grey"; }),
              "p, /options/0/storeys/0/rooms/0/openings/0/blind_material");
    EXPECT_EQ(place_of_fault([](Project& p) {
                  Thing t = usual(Thing::Kind::table);
                  t.id = "t";
                  t.storey = "attic";
                  p.options[0].things = {t};
              }),
              "p, /options/0/things/0/storey");
    EXPECT_EQ(place_of_fault([](Project& p) {
                  p.options[0].planes[0].on = ReferencePlane::On::deck;
                  p.options[0].planes[0].thing = "gone";
              }),
              "p, /options/0/planes/0/thing");
    EXPECT_EQ(place_of_fault([](Project& p) {
                  p.options[0].planes[0].on = ReferencePlane::On::wall;
                  p.options[0].planes[0].edge = 9;
              }),
              "p, /options/0/planes/0/edge");
    EXPECT_EQ(place_of_fault([](Project& p) { p.options[0].storeys[0].rooms[0].walls = ""; }), "read")
        << "none at all is for the model check";
}

TEST(MaterialLibrary, has_spectra_that_bear_their_figures_and_say_that_they_are_made_up) {
    const auto library = *read_materials(data_folder() / "materials" / "general.json");
    size_t coloured = 0;
    for (const Material& m : library) {
        if (m.spectrum.empty()) continue;
        ++coloured;
        EXPECT_NE(m.source.find("made up"), std::string::npos) << m.id;
        EXPECT_NEAR(spectrum::visible(question::matter_of(m)), figure_of(m), 1e-3) << m.id;
    }
    EXPECT_GE(coloured, 50u);
    // Leaves are green, and far brighter where nobody sees it; bricks are red, low-emissivity panes pass less red.
    const auto at = [&](const char* id, double nm) {
        return spectrum::at(question::matter_of(*model::find(library, id)), nm);
    };
    EXPECT_GT(at("leaves-summer", 550), 1.3 * at("leaves-summer", 670));
    EXPECT_GT(at("leaves-summer", 760), 3 * at("leaves-summer", 550));
    EXPECT_GT(at("brick-red", 650), 2 * at("brick-red", 500));
    EXPECT_LT(at("glass-double-low-e", 760), at("glass-double-low-e", 550));
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/project_file.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "base/file.h"
#include "base/random.h"
#include "support.h"

using namespace wp;
using Json = nlohmann::ordered_json;

namespace {

std::string good() { return store::write_project(test::one_room()); }

std::string changed(const std::function<void(Json&)>& change) {
    Json j = Json::parse(good());
    change(j);
    return j.dump();
}

void expect_fault(const std::string& text, const std::string& place, const std::string& what) {
    const auto project = store::parse_project(text, "x.warmpane");
    ASSERT_FALSE(project) << what;
    EXPECT_NE(project.fault().place.find(place), std::string::npos) << project.fault().line();
    EXPECT_NE(project.fault().what.find(what), std::string::npos) << project.fault().line();
    EXPECT_FALSE(project.fault().remedy.empty());
}

}  // namespace

TEST(ProjectFile, a_project_survives_the_round_trip_and_keeps_its_order) {
    const auto project = store::parse_project(good(), "x");
    ASSERT_TRUE(project) << project.fault().line();
    EXPECT_EQ(*project, test::one_room());
    EXPECT_EQ(store::write_project(*project), good());
}

TEST(ProjectFile, the_demo_is_written_as_the_program_writes_it) {
    const auto bytes = *read_file(WARMPANE_DEMO);
    const auto project = store::parse_project(bytes, "demo");
    ASSERT_TRUE(project) << project.fault().line();
    EXPECT_EQ(store::write_project(*project), bytes);
    EXPECT_EQ(project->options.size(), 3u);
}

TEST(ProjectFile, unknown_keys_survive_at_every_level) {
    const auto text = changed([](Json& j) {
        j["colour_of_the_cat"] = "tabby";
        j["options"][0]["storeys"][0]["rooms"][0]["mood"] = {1, 2, 3};
        j["options"][0]["storeys"][0]["rooms"][0]["openings"][0]["later"] = {{"nested", true}};
        j["site"]["tides"] = 2;
    });
    const auto project = store::parse_project(text, "x");
    ASSERT_TRUE(project);
    const Json again = Json::parse(store::write_project(*project));
    EXPECT_EQ(again["colour_of_the_cat"], "tabby");
    EXPECT_EQ(again["options"][0]["storeys"][0]["rooms"][0]["mood"], Json({1, 2, 3}));
    EXPECT_EQ(again["options"][0]["storeys"][0]["rooms"][0]["openings"][0]["later"]["nested"], true);
    EXPECT_EQ(again["site"]["tides"], 2);
}

namespace {

// Every object below, this one included.
void each_object(Json& j, const std::function<void(Json&)>& see) {
    if (j.is_object()) see(j);
    if (j.is_structured())
        for (Json& item : j) each_object(item, see);
}

}  // namespace

TEST(ProjectFile, unknown_keys_survive_in_every_object_of_the_demo) {
    Json demo = Json::parse(*read_file(WARMPANE_DEMO));
    size_t objects = 0;
    each_object(demo, [&](Json& object) { object["x-note"] = objects++; });
    ASSERT_GT(objects, 300u);
    const auto read = store::parse_project(demo.dump(), "demo");
    ASSERT_TRUE(read) << read.fault().line();
    Json again = Json::parse(store::write_project(*read));
    EXPECT_EQ(again, demo);

    // Views and the like have no place of their own for them: they are found by their id where the list has changed.
    auto viewed = test::one_room();
    model::View view;
    for (const char* id : {"first", "second"}) {
        view.id = view.name = id;
        viewed.options[0].views.push_back(view);
    }
    Json with_notes = Json::parse(store::write_project(viewed));
    each_object(with_notes, [&](Json& object) { object["x-note"] = objects++; });
    auto project = *store::parse_project(with_notes.dump(), "x");
    project.options[0].views.erase(project.options[0].views.begin());
    const Json moved = Json::parse(store::write_project(project));
    EXPECT_EQ(moved["options"][0]["views"][0]["x-note"], with_notes["options"][0]["views"][1]["x-note"]);
    const auto odd = store::parse_project(changed([](Json& j) { j["~within"] = {{"no pointer~", 1}}; }), "x");
    ASSERT_TRUE(odd);
    EXPECT_TRUE(store::parse_project(store::write_project(*odd), "x"));
}

TEST(ProjectFile, damage_is_named_with_its_place_and_remedy) {
    expect_fault(good().substr(0, 300), "line", "JSON");
    expect_fault("[]", "x.warmpane", "no Warm Pane project");
    expect_fault(changed([](Json& j) { j["warmpane"] = 99; }), "/warmpane", "newer");
    expect_fault(changed([](Json& j) { j["warmpane"] = "one"; }), "/warmpane", "version");
    expect_fault(changed([](Json& j) { j["materials"][0]["reflectance"] = 1.5; }), "/materials/0/reflectance",
                 "outside");
    expect_fault(changed([](Json& j) { j["materials"][0]["reflectance"] = "bright"; }), "/materials/0/reflectance",
                 "not a number");
    expect_fault(changed([](Json& j) { j["materials"][1]["id"] = "grey"; }), "/materials/1/id", "taken");
    expect_fault(changed([](Json& j) { j["options"] = Json::array(); }), "/options", "there is none");
    expect_fault(changed([](Json& j) { j["site"].erase("latitude"); }), "/site", "latitude");
    auto room = [](Json& j) -> Json& { return j["options"][0]["storeys"][0]["rooms"][0]; };
    expect_fault(changed([&](Json& j) { room(j)["footprint"] = {{0, 0}, {1, 0}}; }), "/rooms/0/footprint", "no area");
    expect_fault(changed([&](Json& j) { room(j)["footprint"][2] = {1, 2, 3}; }), "/footprint/2", "list of 2 numbers");
    expect_fault(changed([&](Json& j) { room(j)["floor"] = "marble"; }), "/rooms/0/floor",
                 "no opaque material \"marble\"");
    expect_fault(changed([&](Json& j) { room(j)["openings"][0]["glazing"] = "grey"; }), "/openings/0/glazing",
                 "no glazing");
    expect_fault(changed([&](Json& j) { room(j)["openings"][0]["edge"] = 4; }), "/openings/0/edge", "no wall 4");
    expect_fault(changed([&](Json& j) { room(j)["openings"][0]["along"] = 3; }), "/openings/0", "outside its wall");
    expect_fault(changed([&](Json& j) {
                     room(j)["own_walls"] = {{{"edge", 9}, {"thickness", 0.2}}};
                 }),
                 "/own_walls/0/edge", "no wall 9");
    const auto storey = [](Json& j) -> Json& { return j["options"][0]["storeys"][0]; };
    expect_fault(changed([&](Json& j) {
                     storey(j)["voids"] = {{{"id", "v"}, {"name", "V"}, {"outline", {{0, 0}, {1, 1}}}}};
                 }),
                 "/voids/0/outline", "no area");
    const Json roof = {{"id", "r"},   {"name", "R"},    {"kind", "gable"},   {"eaves", 3},
                       {"pitch", 30}, {"direction", 0}, {"rooms", {"attic"}}};
    expect_fault(changed([&](Json& j) { storey(j)["roofs"] = {roof}; }), "/roofs/0/rooms", "no room");
    expect_fault(changed([&](Json& j) {
                     storey(j)["roofs"] = {roof};
                     storey(j)["roofs"][0]["kind"] = "tent";
                 }),
                 "/roofs/0/kind", "none of");
    const Json screen = {{"id", "s"},        {"name", "S"}, {"from", {1, 1}},    {"to", {1, 1}},
                         {"thickness", 0.1}, {"height", 1}, {"material", "grey"}};
    expect_fault(changed([&](Json& j) { storey(j)["partitions"] = {screen}; }), "/partitions/0/to", "no length");
    expect_fault(changed([](Json& j) { j["questions"][0]["kind"] = "magic"; }), "/questions/0/kind", "none of");
    expect_fault(changed([](Json& j) { j["options"][0]["planes"][0]["room"] = "attic"; }), "/planes/0/room", "no room");
}

TEST(ProjectFile, a_clockwise_footprint_is_turned_with_its_windows) {
    const auto text = changed([](Json& j) {
        Json& room = j["options"][0]["storeys"][0]["rooms"][0];
        std::reverse(room["footprint"].begin(), room["footprint"].end());
        room["openings"][0]["edge"] = 2;  // the same wall, now from (4,0) to (0,0)
        room["openings"][0]["along"] = 0.5;
    });
    const auto project = store::parse_project(text, "x");
    ASSERT_TRUE(project) << project.fault().line();
    const auto& room = project->options[0].storeys[0].rooms[0];
    const auto& window = room.openings[0];
    const Vec2 a = model::edge_begin(room, window.edge), b = model::edge_end(room, window.edge);
    EXPECT_DOUBLE_EQ(a.y, 0);
    EXPECT_DOUBLE_EQ(b.y, 0);
    EXPECT_NEAR(a.x + window.along, 4 - 0.5 - 2, 1e-12);
}

TEST(ProjectFile, a_newer_or_damaged_file_is_never_overwritten) {
    const test::Folder folder;
    const std::string newer = changed([](Json& j) { j["warmpane"] = 2; });
    for (const std::string& there : {newer, std::string("not a project at all")}) {
        ASSERT_FALSE(write_file(folder / "p.warmpane", there));
        const auto fault = store::save_project(test::one_room(), folder / "p.warmpane");
        ASSERT_TRUE(fault);
        EXPECT_NE(fault->what.find("not overwritten"), std::string::npos);
        EXPECT_EQ(*read_file(folder / "p.warmpane"), there);
    }
    EXPECT_FALSE(store::save_project(test::one_room(), folder / "fresh.warmpane"));
    EXPECT_FALSE(store::save_project(test::one_room(), folder / "fresh.warmpane"));
}

TEST(ProjectFile, hostile_bytes_get_an_answer_and_no_crash) {
    // Flips, cuts and repeats at places the generator picks: each must parse or be refused, never worse.
    const std::string text = good();
    int refused = 0;
    for (uint32_t i = 0; i < 3000; ++i) {
        std::string broken = text;
        const auto at = random::hash(i, 1) % broken.size();
        switch (random::hash(i, 2) % 4) {
            case 0:
                broken[at] = static_cast<char>(random::hash(i, 3));
                break;
            case 1:
                broken.erase(at, random::hash(i, 3) % 40);
                break;
            case 2:
                broken.insert(at, broken.substr(random::hash(i, 4) % broken.size(), 30));
                break;
            default:
                broken.insert(at, std::to_string(static_cast<int>(random::hash(i, 3))));
                break;
        }
        if (!store::parse_project(broken, "x")) ++refused;
    }
    EXPECT_GT(refused, 1000);
    EXPECT_FALSE(store::parse_project(std::string(100000, '['), "x"));
}

TEST(ProjectFile, early_frame_shares_become_widths_of_frames_that_cover_as_much) {
    const auto project = store::parse_project(changed([&](Json& j) {
                                                  auto& o = j["options"][0]["storeys"][0]["rooms"][0]["openings"][0];
                                                  o.erase("frame");
                                                  o["frame_fraction"] = 0.25;
                                              }),
                                              "x.warmpane");
    ASSERT_TRUE(project) << project.fault().line();
    const auto& o = project->options[0].storeys[0].rooms[0].openings[0];
    EXPECT_NEAR((o.width - 2 * o.frame) * (o.height - 2 * o.frame), 0.75 * o.width * o.height, 1e-9);
    EXPECT_EQ(o.extra, "") << "it is converted, not kept beside";
}

TEST(ProjectFile, clockwise_rooms_keep_openings_and_thicknesses_on_their_walls) {
    const auto project = store::parse_project(
        changed([&](Json& j) {
            auto& room = j["options"][0]["storeys"][0]["rooms"][0];
            room["footprint"] = {{0, 0}, {0, 6}, {4, 6}, {4, 0}};  // clockwise: edge 3 is the south wall
            room["openings"][0]["edge"] = 3;
            room["own_walls"] = {{{"edge", 3}, {"thickness", 0.7}}};
        }),
        "x.warmpane");
    ASSERT_TRUE(project) << project.fault().line();
    const auto& room = project->options[0].storeys[0].rooms[0];
    const int edge = room.openings[0].edge;
    EXPECT_EQ(model::edge_begin(room, edge).y, 0);
    EXPECT_EQ(model::edge_end(room, edge).y, 0);
    EXPECT_EQ(model::own_thickness(room, edge, 0), 0.7);
}

TEST(ProjectFile, everything_of_a_building_survives_the_round_trip) {
    const auto project = store::read_project(WARMPANE_SOURCE "/tests/fuzz/corpus/everything.json");
    ASSERT_TRUE(project) << project.fault().line();
    const auto& option = project->options[0];
    EXPECT_FALSE(option.storeys[0].roofs.empty());
    EXPECT_FALSE(option.storeys[1].voids.empty());
    EXPECT_FALSE(option.storeys[1].rooflights.empty());
    EXPECT_FALSE(option.storeys[0].partitions.empty());
    EXPECT_FALSE(option.storeys[0].dimensions.empty());
    EXPECT_FALSE(option.views.empty());
    EXPECT_EQ(option.storeys[0].underlay.file, "x.png");
    const auto again = store::parse_project(store::write_project(*project), "again");
    ASSERT_TRUE(again);
    EXPECT_EQ(*again, *project);
}

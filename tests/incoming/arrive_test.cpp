// SPDX-License-Identifier: GPL-3.0-or-later
// A house from files of other programs, sound and broken in one way each: what arrives, and what is said.
#include <gtest/gtest.h>

#include <numeric>
#include <set>
#include <utility>

#include "analysis/analysis.h"
#include "base/file.h"
#include "geometry/leaks.h"
#include "geometry/roof_shape.h"
#include "incoming/foreign_files.h"
#include "incoming/put.h"
#include "incoming/reader.h"
#include "question/ask.h"
#include "support.h"

using namespace wp;
using namespace wp::incoming;
using wp::test::ForeignHouse;

namespace {

enum class Format { gbxml, ifc4, ifc2x3, obj };
const char* suffix_of(Format f) { return f == Format::gbxml ? ".xml" : f == Format::obj ? ".obj" : ".ifc"; }
std::string text_of(const ForeignHouse& house, Format f) {
    return f == Format::gbxml  ? house.gbxml()
           : f == Format::obj  ? house.obj()
           : f == Format::ifc4 ? house.ifc("IFC4")
                               : house.ifc("IFC2X3");
}

struct Arrives : testing::TestWithParam<Format> {
    test::Folder folder;
    Result<Building> read(const std::string& text, Format format = GetParam()) {
        const auto path = folder / (std::string("house") + suffix_of(format));
        EXPECT_FALSE(write_file(path, text));
        ReadWishes wishes;
        using Role = model::LayerChoice::Role;
        if (format == Format::obj) wishes.layers = {{"room", Role::room, {}}, {"glass", Role::window, {}}};
        return read_building(path, wishes);
    }
    Arranged arranged(const ForeignHouse& house) {
        const auto building = read(text_of(house, GetParam()));
        EXPECT_TRUE(building) << (building ? "" : building.fault().line());
        return building ? arrange(*building, {}) : Arranged();
    }
};

std::string all_of(const Account& account) {
    std::string out;
    for (const auto& line : account.lines()) out += line.element + ": " + line.words + "\n";
    return out;
}
bool says(const Arranged& a, const std::string& words) { return all_of(a.account).find(words) != std::string::npos; }

const model::Room* room_of(const Arranged& a, const std::string& name) {
    for (const auto& storey : a.storeys)
        for (const auto& room : storey.rooms)
            if (room.name == name) return &room;
    return nullptr;
}
const model::Opening* opening_of(const Arranged& a, const std::string& name) {
    for (const auto& storey : a.storeys)
        for (const auto& room : storey.rooms)
            for (const auto& o : room.openings)
                if (o.name == name) return &o;
    return nullptr;
}
double clear_area(const Arranged& a, const std::string& name) {
    model::Option option;
    option.storeys = a.storeys;
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms)
            if (room.name == name) return geometry::floor_area(option, storey, room);
    return 0;
}

}  // namespace

std::string format_name(const testing::TestParamInfo<Format>& info) {
    const char* names[] = {"gbxml", "ifc4", "ifc2x3", "obj"};
    return names[static_cast<int>(info.param)];
}
INSTANTIATE_TEST_SUITE_P(Formats, Arrives, testing::Values(Format::gbxml, Format::ifc4, Format::ifc2x3, Format::obj),
                         format_name);

TEST_P(Arrives, sound_as_rooms_on_storeys_with_the_files_own_areas) {
    const auto a = arranged(ForeignHouse::sound());
    ASSERT_EQ(a.storeys.size(), 2u) << all_of(a.account);
    ASSERT_EQ(a.storeys[0].rooms.size(), 2u);
    ASSERT_EQ(a.storeys[1].rooms.size(), 1u);
    EXPECT_NEAR(a.storeys[1].level, 3.3, 1e-6);
    EXPECT_NEAR(clear_area(a, "Study"), 20, 0.1);
    EXPECT_NEAR(clear_area(a, "Store"), 12, 0.06);
    EXPECT_NEAR(clear_area(a, "Loft"), 32.8, 0.16);
    EXPECT_NEAR(room_of(a, "Study")->height, 3, 1e-6);
    // The wall between them has the thickness that lay there.
    const auto* study = room_of(a, "Study");
    ASSERT_EQ(study->own_walls.size(), 1u) << all_of(a.account);
    EXPECT_NEAR(study->own_walls[0].thickness, 0.2, 1e-6);
    for (const auto& area : a.areas) EXPECT_NEAR(area.ours / area.theirs, 1, 0.005) << area.element;
}

TEST_P(Arrives, with_windows_and_doors_where_they_were) {
    const auto a = arranged(ForeignHouse::sound());
    const bool named = GetParam() != Format::obj;
    const auto* south = opening_of(a, named ? "South window" : "Panes 1");
    const auto* loft = opening_of(a, named ? "Loft window" : "Panes 3");
    if (!named) {
        // Patches of a mesh have no names of their own: they are told by where they are.
        size_t panes = 0;
        for (const auto& storey : a.storeys)
            for (const auto& room : storey.rooms) panes += room.openings.size();
        EXPECT_EQ(panes, 3u) << all_of(a.account);
        return;
    }
    ASSERT_NE(south, nullptr) << all_of(a.account);
    const auto* study = room_of(a, "Study");
    EXPECT_NEAR(model::edge_begin(*study, south->edge).y, 0, 1e-6) << "in the south wall";
    EXPECT_NEAR(model::edge_end(*study, south->edge).y, 0, 1e-6);
    EXPECT_NEAR(south->along, 1, 1e-4);
    EXPECT_NEAR(south->width, 1.5, 1e-4);
    EXPECT_NEAR(south->sill, 0.9, 1e-4);
    EXPECT_NEAR(south->height, 1.2, 1e-4);
    ASSERT_EQ(a.materials.size(), 1u);
    EXPECT_NEAR(a.materials[0].transmittance, 0.74, 1e-6);
    EXPECT_EQ(south->glazing, a.materials[0].id);
    ASSERT_NE(loft, nullptr);
    EXPECT_NEAR(loft->sill, 0.9, 1e-4);
    const auto* door = opening_of(a, "Door");
    ASSERT_NE(door, nullptr);
    EXPECT_EQ(door->kind, model::Opening::Kind::door);
}

TEST_P(Arrives, in_a_project_that_has_no_faults_and_leaks_no_ray) {
    const auto building = read(text_of(ForeignHouse::sound(), GetParam()));
    ASSERT_TRUE(building);
    const auto project = project_of(*building, arrange(*building, {}), {});
    const auto& option = project.options.front();
    EXPECT_EQ(option.planes.size(), 3u) << "each room can be asked at once";
    const auto leaks = test::find_leaks(project, option, GetParam() == Format::ifc4 ? 1000000 : 100000, 7);
    EXPECT_EQ(leaks.all(), 0) << leaks.first;
    if (GetParam() == Format::obj) return;
    EXPECT_NEAR(project.site.latitude, 55.4, 1e-9);
    EXPECT_NEAR(project.site.north, 20, 1e-4);
}

// The same rooms drawn by hand, with the wall between them in its middle.
TEST_P(Arrives, with_the_daylight_of_the_same_rooms_drawn_by_hand) {
    if (GetParam() == Format::ifc2x3 || GetParam() == Format::obj)
        GTEST_SKIP() << "the same rooms as of IFC 4 and gbXML";
    const auto building = read(text_of(ForeignHouse::sound(), GetParam()));
    ASSERT_TRUE(building);
    auto arrived = project_of(*building, arrange(*building, {}), {});
    auto drawn = arrived;
    auto& storey = drawn.options[0].storeys[0];
    for (auto& room : storey.rooms) {
        const bool study = room.name == "Study";
        const auto openings = std::exchange(room.openings, {});
        room.footprint = study ? std::vector<Vec2>{{0, 0}, {5.1, 0}, {5.1, 4}, {0, 4}}
                               : std::vector<Vec2>{{5.1, 0}, {8.2, 0}, {8.2, 4}, {5.1, 4}};
        room.own_walls.clear();
        model::Opening window;
        window.id = study ? "south" : "east";
        window.edge = study ? 0 : 1;
        window.along = 1;
        window.width = study ? 1.5 : 1;
        window.sill = study ? 0.9 : 1;
        window.height = study ? 1.2 : 1;
        window.glazing = openings.empty() ? model::Id() : openings[0].glazing;
        window.glazing = arrived.materials.back().id;
        room.openings.push_back(window);
    }
    drawn.options[0].inner_wall = 0.2;
    const auto means_of = [&](const model::Project& p) {
        model::Question q = p.questions[0];
        q.accuracy = 0.03;
        const auto answer = analysis::ask(p, p.options[0], q, nullptr, question::effort_of(q));
        EXPECT_TRUE(answer);
        std::map<std::string, double> means;
        for (size_t k = 0; k < answer->table.planes.size(); ++k) {
            const auto place = model::find_room(p.options[0], answer->table.planes[k].room);
            const auto& values = answer->table.columns[0].value[k];
            if (place)
                means[place.room->name] =
                    std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
        }
        return means;
    };
    auto ours = means_of(arrived), theirs = means_of(drawn);
    for (const char* name : {"Study", "Store"}) {
        ASSERT_GT(ours[name], 0) << name;
        EXPECT_NEAR(ours[name] / theirs[name], 1, 0.05) << name << " " << ours[name] << " " << theirs[name];
    }
}

TEST_P(Arrives, with_a_gap_of_three_centimetres_closed) {
    auto house = ForeignHouse::sound();
    for (auto& p : house.rooms[1].outline) p.x -= 0.17;
    const auto a = arranged(house);
    EXPECT_TRUE(says(a, "a gap to")) << all_of(a.account);
    EXPECT_NEAR(clear_area(a, "Study"), 20, 0.1);
}

TEST_P(Arrives, with_faces_the_wrong_way_round_all_the_same) {
    auto house = ForeignHouse::sound();
    house.turns_faces = true;
    const auto a = arranged(house);
    EXPECT_NEAR(clear_area(a, "Study"), 20, 0.1) << all_of(a.account);
    EXPECT_EQ(a.storeys.size(), 2u);
}

TEST_P(Arrives, in_inches_that_are_told) {
    if (GetParam() == Format::obj) GTEST_SKIP() << "meshes tell no unit";
    auto house = ForeignHouse::sound();
    house.unit = 0.0254;
    const auto a = arranged(house);
    EXPECT_NEAR(clear_area(a, "Study"), 20, 0.1) << all_of(a.account);
}

TEST_P(Arrives, without_a_unit_says_which_was_taken) {
    auto house = ForeignHouse::sound();
    house.tells_unit = false;
    const auto a = arranged(house);
    EXPECT_TRUE(says(a, "no unit")) << all_of(a.account);
    EXPECT_NEAR(clear_area(a, "Study"), 20, 0.1);
}

TEST_P(Arrives, without_storeys_on_storeys_made_of_its_floors) {
    auto house = ForeignHouse::sound();
    house.tells_storeys = false;
    const auto a = arranged(house);
    ASSERT_EQ(a.storeys.size(), 2u);
    EXPECT_EQ(a.storeys[1].name, "Level +3.30 m");
}

TEST_P(Arrives, without_rooms_that_stand_twice) {
    auto house = ForeignHouse::sound();
    auto again = house.rooms[0];
    again.name = "Study copy";
    house.rooms.push_back(again);
    const auto a = arranged(house);
    EXPECT_TRUE(says(a, "it is the same as")) << all_of(a.account);
    EXPECT_EQ(a.storeys[0].rooms.size(), 2u);
}

TEST_P(Arrives, without_rooms_within_rooms) {
    auto house = ForeignHouse::sound();
    house.rooms.push_back({"Cupboard", {{1, 1}, {2, 1}, {2, 2}, {1, 2}}, 0, 3, 1});
    const auto a = arranged(house);
    EXPECT_TRUE(says(a, "it lies within Study")) << all_of(a.account);
    EXPECT_EQ(room_of(a, "Cupboard"), nullptr);
}

TEST_P(Arrives, with_overlaps_cut_out_of_the_larger_room) {
    auto house = ForeignHouse::sound();
    for (auto& p : house.rooms[1].outline)
        if (p.x < 6) p.x = 4.5;
    const auto a = arranged(house);
    EXPECT_TRUE(says(a, "it overlapped")) << all_of(a.account);
    EXPECT_NEAR(clear_area(a, "Study") + clear_area(a, "Store"), 4.5 * 4 + 3.7 * 4, 0.2);
}

TEST_P(Arrives, with_the_larger_part_of_an_outline_that_crosses_itself) {
    if (GetParam() == Format::obj) GTEST_SKIP() << "triangles cannot cross themselves";
    auto house = ForeignHouse::sound();
    // A bow tie of 4 x 4 m and a small one beside it.
    house.rooms[0].outline = {{0, 0}, {5, 4}, {5, 2}, {0, 4}};
    house.holes.clear();
    const auto a = arranged(house);
    EXPECT_TRUE(says(a, "crosses itself")) << all_of(a.account);
    EXPECT_NE(room_of(a, "Study"), nullptr);
}

TEST_P(Arrives, without_a_window_that_is_outside_of_every_wall) {
    auto house = ForeignHouse::sound();
    house.holes.push_back({"Lost window", {20, 20}, {21, 20}, 1, 1, false});
    const auto a = arranged(house);
    EXPECT_TRUE(says(a, "no wall of a room lies within")) << all_of(a.account);
}

TEST_P(Arrives, with_a_window_beyond_the_end_of_its_wall_shortened) {
    auto house = ForeignHouse::sound();
    house.holes[0].to.x = 5.6;
    const auto a = arranged(house);
    EXPECT_TRUE(says(a, "it reaches beyond its wall")) << all_of(a.account);
}

TEST_P(Arrives, again_updates_forms_and_keeps_what_was_made_here) {
    auto house = ForeignHouse::sound();
    const auto first = read(text_of(house, GetParam()));
    ASSERT_TRUE(first);
    model::Arrival arrival;
    arrival.file = "house";
    auto project = project_of(*first, arrange(*first, {}), arrival);
    auto& option = project.options.front();
    arrival.option = option.id;
    auto& study = option.storeys[0].rooms[0].name == "Study" ? option.storeys[0].rooms[0] : option.storeys[0].rooms[1];
    const model::Id id = study.id;
    study.floor = "roof";
    study.openings[0].blind = true;
    const model::Id window = study.openings[0].id;
    model::Observer eye;
    eye.id = "eye";
    eye.room = id;
    option.observers.push_back(eye);
    // The study grows to the north, the store goes.
    for (auto& p : house.rooms[0].outline)
        if (p.y > 3) p.y = 4.5;
    house.rooms.erase(house.rooms.begin() + 1);
    house.holes.erase(house.holes.begin() + 1);
    const auto second = read(text_of(house, GetParam()));
    ASSERT_TRUE(second);
    const auto put = put_into(project, arrange(*second, {}), arrival);
    const auto place = model::find_room(project.options.front(), id);
    ASSERT_TRUE(place) << all_of(put.account);
    EXPECT_EQ(place.room->floor, "roof");
    EXPECT_TRUE(model::find(place.room->openings, window) != nullptr);
    EXPECT_TRUE(place.room->openings[0].blind);
    EXPECT_EQ(project.options.front().observers.size(), 1u);
    EXPECT_GE(put.removed, 1u) << all_of(put.account);
    EXPECT_GE(put.updated, 1u);
    EXPECT_NE(all_of(put.account).find("it is in the file no more"), std::string::npos);
    EXPECT_EQ(project.arrivals.size(), 1u);
    EXPECT_EQ(project.options.front().storeys[0].rooms.size(), 1u);
}

TEST_P(Arrives, with_names_that_stand_twice_and_again_nothing_is_added_or_lost) {
    auto house = ForeignHouse::sound();
    for (auto& hole : house.holes)
        if (!hole.door) hole.name = "Window";
    const auto building = read(text_of(house, GetParam()));
    ASSERT_TRUE(building);
    const auto arranged = arrange(*building, {});
    auto project = project_of(*building, arranged, {});
    const auto put = put_into(project, arranged, project.arrivals.front());
    EXPECT_EQ(put.added, 0u) << all_of(put.account);
    EXPECT_EQ(put.removed, 0u) << all_of(put.account);
}

TEST_P(Arrives, under_slopes_as_rooms_under_roofs) {
    for (const bool gable : {false, true}) {
        auto house = ForeignHouse::sound();
        auto& loft = house.rooms[2];
        loft.rise = 1.6, loft.gable = gable;
        house.holes.pop_back();
        const auto a = arranged(house);
        ASSERT_EQ(a.storeys.size(), 2u) << all_of(a.account);
        ASSERT_EQ(a.storeys[1].roofs.size(), 1u) << all_of(a.account);
        model::Option option;
        option.storeys = a.storeys;
        const auto& storey = option.storeys[1];
        const auto& room = storey.rooms[0];
        // The walls of the room stand between y = 0 and 4.
        const auto ceiling = [&](double y) {
            return geometry::ceiling_at(option, storey, room, {4, y}) - storey.level;
        };
        EXPECT_NEAR(ceiling(0.5), 2.4 + (gable ? 0.4 : 0.2), 0.005);
        EXPECT_NEAR(ceiling(2), 2.4 + (gable ? 1.6 : 0.8), 0.005);
        EXPECT_NEAR(ceiling(3.5), 2.4 + (gable ? 0.4 : 1.4), 0.005);
        EXPECT_NEAR(geometry::room_volume(option, storey, room), 8.2 * 4 * (2.4 + 0.8), 0.5);
        // Again: the same roof, in its place.
        const auto building = read(text_of(house, GetParam()));
        ASSERT_TRUE(building);
        auto project = project_of(*building, a, {});
        const auto put = put_into(project, a, project.arrivals.front());
        EXPECT_EQ(put.added + put.removed, 0u) << all_of(put.account);
        EXPECT_EQ(project.options[0].storeys[1].roofs.size(), 1u);
        EXPECT_EQ(project.options[0].storeys[1].roofs[0].rooms[0], project.options[0].storeys[1].rooms[0].id);
        EXPECT_EQ(test::find_leaks(project, project.options[0], 30000, 5).all(), 0);
    }
}

TEST_P(Arrives, under_two_slopes_that_are_no_gable_at_its_mean_height) {
    if (GetParam() == Format::ifc4 || GetParam() == Format::ifc2x3) GTEST_SKIP() << "its gables are cut by half spaces";
    auto house = ForeignHouse::sound();
    house.rooms[2].rise = 1.6, house.rooms[2].gable = true;
    std::string text = text_of(house, GetParam());
    // The ridge moves a metre to the north.
    const std::string ridge =
        GetParam() == Format::gbxml ? "<Coordinate>2.000000</Coordinate><Coordinate>7.300000" : " 2.000000 7.300000";
    for (size_t at = 0; (at = text.find(ridge, at)) != std::string::npos; ++at) text[text.find('2', at)] = '3';
    const auto building = read(text);
    ASSERT_TRUE(building);
    const auto a = arrange(*building, {});
    EXPECT_TRUE(a.storeys[1].roofs.empty());
    EXPECT_TRUE(says(a, "its ceiling is not level")) << all_of(a.account);
}

TEST_P(Arrives, with_openings_in_the_space_that_they_are_told_to_bound) {
    if (GetParam() == Format::obj) GTEST_SKIP() << "meshes tell no spaces";
    for (const char* room : {"Study", "Store"}) {
        auto house = ForeignHouse::sound();
        house.holes[2].bounds = room;
        const auto a = arranged(house);
        const auto* of = room_of(a, room);
        ASSERT_NE(of, nullptr);
        EXPECT_TRUE(std::ranges::any_of(of->openings, [](const auto& o) { return o.name == "Door"; }))
            << room << "\n"
            << all_of(a.account);
    }
}

TEST_P(Arrives, with_what_materials_say_of_light) {
    if (GetParam() != Format::ifc4 && GetParam() != Format::ifc2x3) GTEST_SKIP() << "materials of IFC";
    auto house = ForeignHouse::sound();
    house.rooms[0].floor_reflectance = 0.27;
    house.holes[0].transmittance = 0.41;
    const auto building = read(text_of(house, GetParam()));
    ASSERT_TRUE(building);
    const auto project = project_of(*building, arrange(*building, {}), {});
    const auto& rooms = project.options[0].storeys[0].rooms;
    const auto study = std::ranges::find(rooms, "Study", &model::Room::name);
    const auto* floor = model::find(project.materials, study->floor);
    ASSERT_NE(floor, nullptr);
    EXPECT_EQ(floor->name, "Cork");
    EXPECT_NEAR(floor->reflectance, 0.27, 1e-9);
    const auto south = std::ranges::find(study->openings, "South window", &model::Opening::name);
    const auto* glass = model::find(project.materials, south->glazing);
    ASSERT_NE(glass, nullptr);
    EXPECT_NEAR(glass->transmittance, 0.41, 1e-9);
}

TEST_P(Arrives, cut_off_in_the_middle_is_refused_and_never_half_read) {
    const std::string whole = text_of(ForeignHouse::sound(), GetParam());
    if (GetParam() == Format::obj) GTEST_SKIP() << "every line of an OBJ stands for itself";
    for (size_t part = 1; part < 20; ++part) {
        const auto building = read(whole.substr(0, whole.size() * part / 20));
        EXPECT_FALSE(building) << part;
        if (!building) EXPECT_FALSE(building.fault().what.empty());
    }
}

namespace {

struct MeshFormat {
    const char *exporter, *suffix;
    bool has_materials;
};
struct ArrivesAsMesh : testing::TestWithParam<MeshFormat> {};
std::string mesh_format_name(const testing::TestParamInfo<MeshFormat>& info) { return info.param.exporter; }

}  // namespace

INSTANTIATE_TEST_SUITE_P(Formats, ArrivesAsMesh,
                         testing::Values(MeshFormat{"glb2", ".glb", true}, MeshFormat{"collada", ".dae", true},
                                         MeshFormat{"fbxa", ".fbx", true}, MeshFormat{"3ds", ".3ds", true},
                                         MeshFormat{"stlb", ".stl", false}, MeshFormat{"plyb", ".ply", false}),
                         mesh_format_name);

TEST_P(ArrivesAsMesh, upright_and_of_its_size) {
    test::Folder folder;
    const auto path = folder / (std::string("house") + GetParam().suffix);
    const std::string bytes = ForeignHouse::sound().mesh(GetParam().exporter);
    ASSERT_FALSE(bytes.empty());
    ASSERT_FALSE(write_file(path, bytes));
    const auto building = read_building(path);
    ASSERT_TRUE(building) << building.fault().line();
    Vec3 low{1e9, 1e9, 1e9}, high{-1e9, -1e9, -1e9};
    for (const auto& body : building->bodies)
        for (const Vec3& p : body.mesh.points) {
            low = {std::min(low.x, p.x), std::min(low.y, p.y), std::min(low.z, p.z)};
            high = {std::max(high.x, p.x), std::max(high.y, p.y), std::max(high.z, p.z)};
        }
    // Rooms from 0 to 4.15, the neighbour to -20; the neighbour is 9 m high.
    EXPECT_NEAR(low.x, 0, 1e-3);
    EXPECT_NEAR(high.x, 12, 1e-3);
    EXPECT_NEAR(low.y, -20, 1e-3);
    EXPECT_NEAR(high.y, 4.15, 1e-3);
    EXPECT_NEAR(low.z, 0, 1e-3);
    EXPECT_NEAR(high.z, 9, 1e-3);
}

TEST_P(ArrivesAsMesh, with_rooms_and_windows_of_its_materials) {
    if (!GetParam().has_materials) GTEST_SKIP() << "the format has no materials";
    test::Folder folder;
    const auto path = folder / (std::string("house") + GetParam().suffix);
    ASSERT_FALSE(write_file(path, ForeignHouse::sound().mesh(GetParam().exporter)));
    ReadWishes wishes;
    using Role = model::LayerChoice::Role;
    // Some writers number materials: "glass_2".
    const auto first = read_building(path);
    ASSERT_TRUE(first) << first.fault().line();
    for (const auto& body : first->bodies)
        if (!body.layer.starts_with("neighbour"))
            wishes.layers.push_back({body.layer, body.layer.starts_with("room") ? Role::room : Role::window, {}});
    const auto building = read_building(path, wishes);
    ASSERT_TRUE(building) << building.fault().line();
    const auto a = arrange(*building, {});
    size_t rooms = 0, panes = 0;
    for (const auto& storey : a.storeys)
        for (const auto& room : storey.rooms) ++rooms, panes += room.openings.size();
    EXPECT_EQ(rooms, 3u) << all_of(a.account);
    EXPECT_EQ(panes, 3u) << all_of(a.account);
    EXPECT_EQ(a.things.size(), 1u) << "the neighbour";
}

TEST(DemoFiles, of_every_kind_are_read) {
    const std::filesystem::path folder = std::filesystem::path(WARMPANE_SOURCE) / "demo/import";
    std::set<std::string> kinds;
    for (const auto& entry : std::filesystem::directory_iterator(folder)) {
        if (entry.path().extension() == ".csv") continue;
        const auto building = read_building(entry.path());
        ASSERT_TRUE(building) << entry.path() << building.fault().line();
        EXPECT_FALSE(building->is_empty()) << entry.path();
        kinds.insert(entry.path().extension().string());
    }
    for (const auto& reader : readers())
        for (const char* suffix : reader.suffixes) {
            const std::string s = suffix;
            if (s == ".gbxml" || s == ".glb") continue;  // other suffixes of kinds that are there
            EXPECT_TRUE(kinds.contains(s)) << s;
        }
}

namespace {

struct ArrivesLit : testing::Test {
    test::Folder folder;
    Result<Building> read(const std::string& text, Format format) {
        const auto path = folder / (std::string("house") + suffix_of(format));
        EXPECT_FALSE(write_file(path, text));
        return read_building(path, {});
    }
};

// The sound house with a pendant that tells its light, the same turned, and one that tells nothing.
std::string with_luminaires(const std::string& ifc) {
    const std::string more =
        "#900001=IFCCARTESIANPOINT((2.,1.5,2.6));\n#900002=IFCAXIS2PLACEMENT3D(#900001,$,$);\n"
        "#900003=IFCLOCALPLACEMENT($,#900002);\n"
        "#900004=IFCLIGHTDISTRIBUTIONDATA(0.,(0.,45.,90.),(300.,200.,0.));\n"
        "#900005=IFCLIGHTINTENSITYDISTRIBUTION(.TYPE_C.,(#900004));\n#900006=IFCCOLOURRGB($,1.,1.,1.);\n"
        "#900007=IFCCARTESIANPOINT((0.,0.,-0.1));\n#900008=IFCAXIS2PLACEMENT3D(#900007,$,$);\n"
        "#900009=IFCLIGHTSOURCEGONIOMETRIC('Ball',#900006,$,$,#900008,$,3000.,800.,.LED.,#900005);\n"
        "#900010=IFCSHAPEREPRESENTATION($,'Lighting','LightSource',(#900009));\n"
        "#900011=IFCPRODUCTDEFINITIONSHAPE($,$,(#900010));\n"
        "#900012=IFCLIGHTFIXTURE('lamp-1',$,'Pendant',$,$,#900003,#900011,$,.POINTSOURCE.);\n"
        "#900013=IFCCARTESIANPOINT((4.,3.,2.6));\n#900014=IFCDIRECTION((0.,0.,1.));\n#900015=IFCDIRECTION((0.,1.,0.));"
        "\n"
        "#900016=IFCAXIS2PLACEMENT3D(#900013,#900014,#900015);\n#900017=IFCLOCALPLACEMENT($,#900016);\n"
        "#900018=IFCLIGHTFIXTURE('lamp-2',$,'Turned',$,$,#900017,#900011,$,.POINTSOURCE.);\n"
        "#900019=IFCLIGHTFIXTURE('lamp-3',$,'Silent',$,$,#900017,$,$,.POINTSOURCE.);\n";
    const size_t end = ifc.rfind("ENDSEC;");
    return ifc.substr(0, end) + more + ifc.substr(end);
}

}  // namespace

TEST_F(ArrivesLit, of_ifc_luminaires_hang_where_they_were_with_the_light_that_the_file_tells) {
    const auto building = read(with_luminaires(ForeignHouse::sound().ifc()), Format::ifc4);
    ASSERT_TRUE(building) << building.fault().line();
    ASSERT_EQ(building->lamps.size(), 3u);
    const auto a = arrange(*building, {});
    ASSERT_EQ(a.luminaires.size(), 3u);
    EXPECT_EQ(a.luminaire_types.size(), 2u) << "two of one kind, one that tells nothing";
    const auto& pendant = a.luminaires[0];
    EXPECT_NEAR(pendant.at.x, 2, 1e-9);
    EXPECT_NEAR(pendant.height, 2.5, 1e-6);
    EXPECT_NEAR(pendant.tilt, 0, 1e-6);
    EXPECT_EQ(pendant.storey, a.storeys[0].id);
    const auto* type = model::find(a.luminaire_types, pendant.type);
    ASSERT_NE(type, nullptr);
    EXPECT_EQ(type->candela, (std::vector<double>{300, 200, 0}));
    EXPECT_EQ(type->kelvin, 3000);
    EXPECT_NEAR(a.luminaires[1].turn, 90, 1e-6);
    EXPECT_TRUE(says(a, "tells no intensities"));
    // Into a project; read again they keep the circuit that they were given here, and go where they are gone.
    model::Project project = test::one_room();
    model::Arrival arrival;
    arrival.id = "a";
    arrival.option = project.options[0].id;
    arrival.file = "house.ifc";
    put_into(project, a, arrival);
    ASSERT_EQ(project.options[0].luminaires.size(), 3u);
    EXPECT_EQ(project.luminaire_types.size(), 2u);
    project.options[0].luminaires[0].circuit = "mine";
    const auto again = arrange(*read(with_luminaires(ForeignHouse::sound().ifc()), Format::ifc4), {});
    put_into(project, again, project.arrivals.back());
    ASSERT_EQ(project.options[0].luminaires.size(), 3u);
    EXPECT_EQ(project.options[0].luminaires[0].circuit, "mine");
    put_into(project, arrange(*read(ForeignHouse::sound().ifc(), Format::ifc4), {}), project.arrivals.back());
    EXPECT_TRUE(project.options[0].luminaires.empty());
}

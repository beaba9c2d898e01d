// SPDX-License-Identifier: GPL-3.0-or-later
// Out and in again: rooms, openings and areas stay.
#include <gtest/gtest.h>

#include <cmath>

#include "base/base64.h"
#include "base/file.h"
#include "base/json_text.h"
#include "geometry/roof_shape.h"
#include "incoming/put.h"
#include "incoming/reader.h"
#include "outgoing/writer.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;

namespace {

std::map<std::string, double> areas_of(const model::Option& option) {
    std::map<std::string, double> out;
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms) out[room.name] = geometry::floor_area(option, storey, room);
    return out;
}

size_t openings_of(const model::Option& option, model::Opening::Kind kind) {
    size_t n = 0;
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms)
            for (const auto& o : room.openings) n += o.kind == kind ? 1 : 0;
    return n;
}

double pane_area(const model::Option& option) {
    double sum = 0;
    for (const auto& storey : option.storeys)
        for (const auto& room : storey.rooms)
            for (const auto& o : room.openings)
                if (o.kind == model::Opening::Kind::window) sum += o.width * o.height;
    return sum;
}

struct RoundTrip : testing::TestWithParam<const char*> {};

}  // namespace

INSTANTIATE_TEST_SUITE_P(Formats, RoundTrip, testing::Values("gbxml", "ifc"));

TEST_P(RoundTrip, keeps_rooms_openings_and_areas_of_the_demo) {
    const auto project = store::read_project(WARMPANE_DEMO);
    ASSERT_TRUE(project);
    test::Folder folder;
    const auto path = folder / (std::string("out") + (GetParam() == std::string("ifc") ? ".ifc" : ".xml"));
    ASSERT_FALSE(outgoing::write_building({*project, project->options[1], {}}, path));
    const auto building = incoming::read_building(path);
    ASSERT_TRUE(building) << building.fault().line();
    const auto again = incoming::project_of(*building, incoming::arrange(*building, {}), {});
    const auto& was = project->options[1];
    const auto& is = again.options.front();
    const auto before = areas_of(was), after = areas_of(is);
    EXPECT_EQ(before.size(), after.size());
    for (const auto& [name, area] : before) {
        ASSERT_TRUE(after.contains(name)) << name;
        EXPECT_NEAR(after.at(name) / area, 1, 0.005) << name;
    }
    for (const auto kind : {model::Opening::Kind::window, model::Opening::Kind::door})
        EXPECT_EQ(openings_of(was, kind), openings_of(is, kind));
    EXPECT_NEAR(pane_area(is) / pane_area(was), 1, 0.005);
    EXPECT_NEAR(again.site.latitude, project->site.latitude, 1e-5);
    EXPECT_NEAR(std::remainder(again.site.north - project->site.north, 360), 0, 1e-4);
}

TEST(Outgoing, gltf_is_sound_and_has_maps_as_coloured_points) {
    const auto project = test::one_room();
    outgoing::Writing writing{project, project.options[0], {{{1, 1, 0.8}, {0.5, 0, 0}, {0, 0.5, 0}, 1, 0.5f, 0}}};
    const auto file = parse_json(outgoing::write_gltf(writing), "out.gltf");
    ASSERT_TRUE(file);
    const std::string uri = (*file)["buffers"][0]["uri"];
    const auto bytes = from_base64(uri.substr(uri.find(',') + 1));
    ASSERT_TRUE(bytes);
    EXPECT_EQ(bytes->size(), (*file)["buffers"][0]["byteLength"].get<size_t>());
    for (const auto& view : (*file)["bufferViews"])
        EXPECT_LE(view["byteOffset"].get<size_t>() + view["byteLength"].get<size_t>(), bytes->size());
    EXPECT_TRUE((*file)["meshes"].back()["primitives"][0]["attributes"].contains("COLOR_0"));
    // What we wrote, we read: the room's walls stand where they stood.
    test::Folder folder;
    ASSERT_FALSE(outgoing::write_building(writing, folder / "out.gltf"));
    const auto building = incoming::read_building(folder / "out.gltf");
    ASSERT_TRUE(building) << building.fault().line();
    double high = -1e9;
    for (const auto& body : building->bodies)
        for (const auto& p : body.mesh.points) high = std::max(high, p.z);
    EXPECT_GT(high, 2.9);
    EXPECT_LT(high, 4);
}

TEST(Outgoing, obj_and_dxf_are_read_again) {
    const auto project = test::one_room();
    test::Folder folder;
    for (const char* name : {"out.obj", "out.dxf"}) {
        ASSERT_FALSE(outgoing::write_building({project, project.options[0], {}}, folder / name));
        const auto building = incoming::read_building(folder / name);
        ASSERT_TRUE(building) << building.fault().line();
        EXPECT_FALSE(building->bodies.empty() && building->lines.empty()) << name;
    }
    EXPECT_TRUE(outgoing::write_building({project, project.options[0], {}}, folder / "out.xyz")) << "no such format";
}

TEST(Base64, gives_back_every_length_and_refuses_what_is_none) {
    std::string bytes;
    for (int i = 0; i < 40; ++i) {
        EXPECT_EQ(from_base64(to_base64(bytes)), bytes);
        bytes += static_cast<char>(i * 37);
    }
    for (const char* wrong : {"a", "ab=c", "ab==cd==", "a\nbc", "====", "ab*d"})
        EXPECT_FALSE(from_base64(wrong)) << wrong;
}

TEST(Leaves, sections_in_dxf_where_it_is_told_to_cut) {
    const auto project = store::read_project(WARMPANE_DEMO);
    ASSERT_TRUE(project);
    outgoing::Writing writing{*project, project->options[0], {}};
    const std::string usual = outgoing::write_dxf(writing);
    for (const char* layer : {"SECTION_A_CUT", "SECTION_B_CUT", "SECTIONS"})
        EXPECT_NE(usual.find(layer), std::string::npos) << layer;
    writing.sections = {{{-100, 2.5}, {100, 2.5}}};
    const std::string one = outgoing::write_dxf(writing);
    EXPECT_NE(one.find("SECTION_A_CUT"), std::string::npos);
    EXPECT_EQ(one.find("SECTION_B_CUT"), std::string::npos);
    // As an underlay its plan comes back, and the section's walls with it.
    test::Folder folder;
    ASSERT_FALSE(outgoing::write_building(writing, folder / "out.dxf"));
    const auto building = incoming::read_building(folder / "out.dxf");
    ASSERT_TRUE(building) << building.fault().line();
    double low = 1e9, high = -1e9;
    for (const auto& line : building->lines)
        if (line.layer == "SECTION_A_CUT")
            for (const Vec2 p : line.points) low = std::min(low, p.y), high = std::max(high, p.y);
    const auto& storeys = project->options[0].storeys;
    EXPECT_GT(high - low, storeys.back().level + storeys.back().height - storeys.front().level)
        << "walls, slabs and roof";
}

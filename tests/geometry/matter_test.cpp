// SPDX-License-Identifier: GPL-3.0-or-later
// What buildings are made of, and what shades their openings.
#include <gtest/gtest.h>

#include <algorithm>
#include <set>

#include "edit/edit.h"
#include "geometry/block_shape.h"
#include "geometry/finishes.h"
#include "geometry/surfaces.h"
#include "light/scene.h"
#include "shading/device.h"
#include "shading/shade.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;
using namespace wp::edit;
using namespace wp::model;

namespace {

Material opaque(const Id& id, double reflectance) {
    Material m;
    m.id = m.name = id;
    m.reflectance = reflectance;
    return m;
}

// All corners of what an element of a source is made of.
std::vector<Vec3> corners_of(const Surfaces& s, Element element) {
    std::vector<Vec3> out;
    for (size_t i = 0; i < s.triangles.size(); ++i)
        if (s.surfaces[s.surface_of[i]].element == element)
            for (const uint32_t k : s.triangles[i]) out.push_back(s.vertices[k]);
    return out;
}

struct Span {
    double low = 1e18, high = -1e18;
};
Span span(const std::vector<Vec3>& corners, double Vec3::*axis) {
    Span s;
    for (const Vec3& p : corners) {
        s.low = std::min(s.low, p.*axis);
        s.high = std::max(s.high, p.*axis);
    }
    return s;
}

ShadeLayer layer(ShadeLayer::Kind kind) {
    ShadeLayer s;
    s.kind = kind;
    return s;
}

Opening& window(Project& project) { return project.options[0].storeys[0].rooms[0].openings[0]; }

}  // namespace

TEST(Finishes, the_own_one_goes_before_the_rooms_and_that_before_the_type) {
    auto project = test::one_room();
    Option& option = project.options[0];
    Room& room = option.storeys[0].rooms[0];
    project.materials.push_back(opaque("type", 0.1));
    project.materials.push_back(opaque("own", 0.9));
    option.types[Part::wall] = "type";
    EXPECT_EQ(room_finish(project, option, room, 2).reason, Reason::room);
    room.walls.clear();
    EXPECT_EQ(room_finish(project, option, room, 2).id, "type");
    EXPECT_EQ(room_finish(project, option, room, 2).reason, Reason::type);
    set_own_finish(room, 2, "own");
    EXPECT_EQ(room_finish(project, option, room, 2).reason, Reason::own);
    EXPECT_EQ(room_finish(project, option, room, 1).reason, Reason::type) << "one wall alone was given it";
    const auto surfaces = build_surfaces(project, option);
    std::set<double> walls;
    for (const Surface& s : surfaces.surfaces)
        if (s.element == Element::wall) walls.insert(s.reflectance);
    EXPECT_EQ(walls, (std::set<double>{0.1, 0.9}));
    set_own_finish(room, 2, "");
    EXPECT_EQ(room_finish(project, option, room, 2).reason, Reason::type);
}

TEST(Finishes, what_has_no_material_is_computed_with_what_lm_83_assumes_and_never_skipped) {
    auto project = test::one_room();
    Option& option = project.options[0];
    const auto with = build_surfaces(project, option);
    Room& room = option.storeys[0].rooms[0];
    room.floor = room.walls = room.ceiling = "";
    option.types.clear();
    window(project).glazing = "";
    const auto without = build_surfaces(project, option);
    EXPECT_EQ(without.triangles.size(), with.triangles.size());
    ASSERT_EQ(without.portals.size(), 1u);
    EXPECT_GE(without.portals[0].glazing, 0) << "an opening without glass would let in too much";
    for (const Surface& s : without.surfaces)
        if (s.element == Element::floor)
            EXPECT_EQ(s.reflectance, 0.2);
        else if (s.element == Element::ceiling)
            EXPECT_EQ(s.reflectance, 0.7);
    EXPECT_EQ(assume_unknown(project, 0, {{Part::floor, opaque("f", 0.2)}, {Part::wall, opaque("w", 0.5)}}), 2);
    EXPECT_EQ(option.types.at(Part::wall), "w");
    EXPECT_EQ(assume_unknown(project, 0, {{Part::floor, opaque("f", 0.2)}}), 0) << "it has one now";
}

TEST(Finishes, gloss_cloth_and_dirt_reach_the_engine) {
    auto project = test::one_room();
    project.site.dirt = 0.08;
    Material& grey = project.materials[0];
    grey.reflectance = 0.5;
    grey.specular = 0.2;
    auto surfaces = build_surfaces(project, project.options[0]);
    for (const Surface& s : surfaces.surfaces)
        if (s.element == Element::wall) {
            EXPECT_NEAR(s.reflectance, 0.3, 1e-12);
            EXPECT_EQ(s.specular, 0.2);
        }
    EXPECT_NEAR(surfaces.portals[0].maintenance, 0.92, 1e-12);
    window(project).exposure = Exposure::sheltered;
    EXPECT_NEAR(build_surfaces(project, project.options[0]).portals[0].maintenance, 0.76, 1e-12);
    EXPECT_NEAR(maintenance_factor(project.site, Exposure::normal, 90), 0.76, 1e-12) << "a lying pane";
    EXPECT_NEAR(maintenance_factor(project.site, Exposure::driving_rain, 0), 0.96, 1e-12);
}

TEST(Shading, an_overhang_hangs_over_the_head_as_far_as_it_was_told) {
    auto project = test::one_room();
    ShadeLayer brow = layer(ShadeLayer::Kind::overhang);
    brow.depth = 0.8;
    brow.thickness = 0.1;
    brow.offset = 0.2;
    brow.left = 0.3;
    brow.right = 0.1;
    window(project).shading = {brow};
    const auto corners = corners_of(build_surfaces(project, project.options[0]), Element::shading);
    ASSERT_EQ(corners.size(), 36u) << "a board has six faces";
    // The window is 1 to 3 m along a south wall whose outer face lies at y = -0.35; its head at 2.5 m. Seen from
    // outside (from the south) left is west.
    EXPECT_NEAR(span(corners, &Vec3::x).low, 0.7, 1e-9);
    EXPECT_NEAR(span(corners, &Vec3::x).high, 3.1, 1e-9);
    EXPECT_NEAR(span(corners, &Vec3::y).low, -0.35 - 0.8, 1e-9);
    EXPECT_NEAR(span(corners, &Vec3::y).high, -0.35, 1e-9);
    EXPECT_NEAR(span(corners, &Vec3::z).low, 2.7, 1e-9);
    EXPECT_NEAR(span(corners, &Vec3::z).high, 2.8, 1e-9);
}

TEST(Shading, its_faces_look_outwards) {
    auto project = test::one_room();
    for (const bool inside : {false, true})
        for (const auto kind : {ShadeLayer::Kind::surround, ShadeLayer::Kind::overhang, ShadeLayer::Kind::fins,
                                ShadeLayer::Kind::louvres, ShadeLayer::Kind::shelf})
            for (const double tilt : {-40.0, 0.0, 35.0})
                for (const bool upright : {false, true}) {
                    ShadeLayer board = layer(kind);
                    board.inside = inside;
                    board.thickness = 0.05;
                    board.tilt = tilt;
                    board.upright = upright;
                    board.by_number = true;
                    board.number = 3;
                    window(project).shading = {board};
                    const auto s = build_surfaces(project, project.options[0]);
                    // The signed volume of closed boards is positive where all faces look outwards.
                    double volume = 0;
                    for (size_t i = 0; i < s.triangles.size(); ++i) {
                        if (s.surfaces[s.surface_of[i]].element != Element::shading) continue;
                        EXPECT_EQ(s.surfaces[s.surface_of[i]].space, inside ? 0 : kOutdoors);
                        const Vec3 a = s.vertices[s.triangles[i][0]], b = s.vertices[s.triangles[i][1]],
                                   c = s.vertices[s.triangles[i][2]];
                        volume += dot(a, cross(b, c)) / 6;
                    }
                    EXPECT_GT(volume, 1e-4)
                        << shading::device_of(kind).id << (inside ? " inside" : "") << ", tilt " << tilt;
                }
}

TEST(Shading, a_light_shelf_lies_below_the_head_from_the_frame_to_its_edge) {
    auto project = test::one_room();
    ShadeLayer shelf = shading::device_of(ShadeLayer::Kind::shelf).fresh;
    for (const bool inside : {false, true}) {
        shelf.inside = inside;
        window(project).shading = {shelf};
        const auto corners = corners_of(build_surfaces(project, project.options[0]), Element::shading);
        ASSERT_EQ(corners.size(), 36u);
        EXPECT_NEAR(span(corners, &Vec3::x).low, 1, 1e-9) << "as wide as the opening";
        EXPECT_NEAR(span(corners, &Vec3::x).high, 3, 1e-9);
        EXPECT_NEAR(span(corners, &Vec3::z).high, 2.5 - shelf.offset, 1e-9);
        EXPECT_NEAR(span(corners, &Vec3::z).low, 2.5 - shelf.offset - shelf.thickness, 1e-9);
        if (inside)
            EXPECT_NEAR(span(corners, &Vec3::y).high, shelf.depth, 1e-9);
        else
            EXPECT_NEAR(span(corners, &Vec3::y).low, -0.35 - shelf.depth, 1e-9);
        EXPECT_GT(span(corners, &Vec3::y).high - span(corners, &Vec3::y).low, shelf.depth + 0.05)
            << "and through the reveal";
    }
    shelf.offset = 2;
    window(project).shading = {shelf};
    EXPECT_TRUE(corners_of(build_surfaces(project, project.options[0]), Element::shading).empty()) << "under the sill";
}

TEST(Shading, blades_keep_within_the_opening_however_they_are_tilted) {
    auto project = test::one_room();
    for (const double tilt : {-70.0, -20.0, 0.0, 45.0, 80.0})
        for (const bool upright : {false, true})
            for (const bool inside : {false, true}) {
                ShadeLayer blades = layer(ShadeLayer::Kind::louvres);
                blades.depth = 0.15;
                blades.thickness = 0.02;
                blades.spacing = 0.11;
                blades.tilt = tilt;
                blades.upright = upright;
                blades.inside = inside;
                window(project).shading = {blades};
                const auto corners = corners_of(build_surfaces(project, project.options[0]), Element::shading);
                ASSERT_FALSE(corners.empty());
                EXPECT_GE(span(corners, &Vec3::x).low, 1 - 1e-9);
                EXPECT_LE(span(corners, &Vec3::x).high, 3 + 1e-9);
                EXPECT_GE(span(corners, &Vec3::z).low, 1 - 1e-9);
                EXPECT_LE(span(corners, &Vec3::z).high, 2.5 + 1e-9);
                if (inside)
                    EXPECT_GE(span(corners, &Vec3::y).low, 0.0);
                else
                    EXPECT_LE(span(corners, &Vec3::y).high, -0.35) << "nothing reaches into the wall";
            }
}

TEST(Shading, blades_are_counted_or_spaced_and_begin_at_the_end_that_was_told) {
    ShadeLayer blades = layer(ShadeLayer::Kind::louvres);
    blades.depth = 0.1;
    blades.thickness = 0.02;
    blades.spacing = 0.25;
    auto places = shading::blade_places(blades, 1.0);
    ASSERT_EQ(places.size(), 4u);
    EXPECT_NEAR(places[0], 0.01, 1e-12) << "half a blade's thickness above the sill";
    EXPECT_NEAR(places[1] - places[0], 0.25, 1e-12);
    blades.from_end = true;
    EXPECT_NEAR(shading::blade_places(blades, 1.0)[0], 0.99, 1e-12);
    blades.by_number = true;
    blades.number = 7;
    places = shading::blade_places(blades, 1.0);
    ASSERT_EQ(places.size(), 7u);
    EXPECT_NEAR(places.front(), 0.99, 1e-12);
    EXPECT_NEAR(places.back(), 0.01, 1e-12) << "from end to end";
    blades.tilt = 80;
    blades.depth = 2;
    EXPECT_TRUE(shading::blade_places(blades, 1.0).empty()) << "none keeps within";
}

TEST(Shading, goes_with_the_copies_of_its_opening) {
    auto project = test::one_room();
    Option& option = project.options[0];
    window(project).width = 1;
    window(project).along = 0.2;
    window(project).shading = shading::shade_presets()[1].layers;
    const auto made = copy_items(option, {{Item::Kind::opening, "W-01", -1}}, 0, Placing::move({2, 0}));
    ASSERT_EQ(made.size(), 1u);
    EXPECT_EQ(find_opening(option, made[0].id).opening->shading, shading::shade_presets()[1].layers);
    EXPECT_EQ(fill_wall(option, "W-01", 0.3), 2);
    for (const Opening& o : option.storeys[0].rooms[0].openings)
        EXPECT_EQ(o.shading.size(), 2u) << "a row of them, too";
}

TEST(Shading, follows_its_opening_and_lies_before_rooflights_too) {
    auto project = test::one_room();
    window(project).shading = {layer(ShadeLayer::Kind::surround)};
    const auto before = span(corners_of(build_surfaces(project, project.options[0]), Element::shading), &Vec3::x);
    window(project).along += 0.5;
    const auto after = span(corners_of(build_surfaces(project, project.options[0]), Element::shading), &Vec3::x);
    EXPECT_NEAR(after.low - before.low, 0.5, 1e-9);
    window(project).shading.clear();
    Rooflight light;
    light.id = "R";
    light.centre = {2, 4};
    light.glazing = "pane";
    light.shading = {layer(ShadeLayer::Kind::louvres)};
    project.options[0].storeys[0].rooflights = {light};
    const auto above = corners_of(build_surfaces(project, project.options[0]), Element::shading);
    ASSERT_FALSE(above.empty());
    EXPECT_GT(span(above, &Vec3::z).low, 3.3) << "above the roof";
}

TEST(Shading, a_perforated_screen_passes_its_openness_of_a_sunbeam) {
    auto project = test::one_room();
    Material mesh = opaque("mesh", 0.3);
    mesh.kind = Material::Kind::fabric;
    mesh.openness = 0.4;
    mesh.transmittance = 0;
    project.materials.push_back(mesh);
    const Vec3f from{2, 2, 1.6f}, to = normalized(Vec3f{0, -1, 0.15f});
    const float bare = light::Scene(build_surfaces(project, project.options[0])).beam(from, to).share;
    ShadeLayer screen = layer(ShadeLayer::Kind::screen);
    screen.material = "mesh";
    window(project).shading = {screen};
    EXPECT_NEAR(light::Scene(build_surfaces(project, project.options[0])).beam(from, to).share, 0.4f * bare, 1e-5f);
    screen.inside = true;
    window(project).shading.push_back(screen);
    EXPECT_NEAR(light::Scene(build_surfaces(project, project.options[0])).beam(from, to).share, 0.16f * bare, 1e-5f)
        << "two layers together";
}

TEST(Shading, a_mirrored_opening_has_mirrored_shading) {
    ShadeLayer fins = layer(ShadeLayer::Kind::fins);
    fins.tilt = 20;
    fins.fin_right = false;
    const ShadeLayer other = shading::mirrored(fins);
    EXPECT_EQ(other.tilt, -20);
    EXPECT_TRUE(other.fin_right);
    EXPECT_FALSE(other.fin_left);
    EXPECT_EQ(shading::mirrored(other), fins);
}

TEST(Blocks, have_roofs_of_their_own) {
    Block block;
    block.footprint = {{0, 0}, {8, 0}, {8, 6}, {0, 6}};
    block.height = 5;
    block.top = Block::Top::gable;
    block.pitch = 45;
    block.direction = 0;  // rises along y, so that the ridge runs along x
    EXPECT_NEAR(block_ridge(block), 8, 1e-12);
    EXPECT_NEAR(block_top(block, {4, 1}), 6, 1e-12);
    double volume = 0;
    for (const auto top : {Block::Top::flat, Block::Top::mono_pitch, Block::Top::gable}) {
        block.top = top;
        block.base = 1;
        volume = 0;
        build_block(block, 0, [&](Vec3 a, Vec3 b, Vec3 c) { volume += dot(a, cross(b, c)) / 6; });
        const double roof = top == Block::Top::gable        ? 8 * 6 * 3 / 2.0
                            : top == Block::Top::mono_pitch ? 8 * 6 * 6 / 2.0
                                                            : 0;
        EXPECT_NEAR(volume, 8 * 6 * 5 + roof, 1e-6) << "closed, and all faces look outwards";
    }
}

TEST(Things, are_closed_bodies_of_their_size) {
    for (const auto kind : {Thing::Kind::table, Thing::Kind::shelf, Thing::Kind::bench, Thing::Kind::box,
                            Thing::Kind::stair, Thing::Kind::ramp, Thing::Kind::terrain}) {
        auto project = test::one_room();
        Thing thing = usual(kind);
        thing.id = thing.name = "thing";
        thing.at = {20, 30};
        thing.turn = 90;
        thing.base = 0.5;  // so that it has an underside
        project.options[0].things = {thing};
        const auto s = build_surfaces(project, project.options[0]);
        double volume = 0;
        Span x, y, z;
        for (size_t i = 0; i < s.triangles.size(); ++i) {
            if (s.surfaces[s.surface_of[i]].source != "thing") continue;
            const Vec3 a = s.vertices[s.triangles[i][0]], b = s.vertices[s.triangles[i][1]],
                       c = s.vertices[s.triangles[i][2]];
            volume += dot(a, cross(b, c)) / 6;
            for (const Vec3 p : {a, b, c}) {
                x = {std::min(x.low, p.x), std::max(x.high, p.x)};
                y = {std::min(y.low, p.y), std::max(y.high, p.y)};
                z = {std::min(z.low, p.z), std::max(z.high, p.z)};
            }
        }
        EXPECT_GT(volume, 0) << kind_name(kind);
        EXPECT_NEAR(y.high - y.low, thing.width, 1e-9) << kind_name(kind) << " was turned by a quarter";
        EXPECT_NEAR(x.high - x.low, thing.length, 1e-9) << kind_name(kind);
        EXPECT_NEAR(z.high, 0.5 + thing.height, 1e-9) << kind_name(kind);
    }
}

TEST(Things, can_be_left_out_of_a_question_by_name_or_by_kind) {
    auto project = test::one_room();
    Thing tree = usual(Thing::Kind::tree), other = tree;
    tree.id = "old-oak";
    tree.at = {2, -8};
    other.id = "young-birch";
    other.at = {8, -8};
    project.options[0].things = {tree, other};
    const auto trees = [&](const std::vector<std::string>& without) {
        std::set<Id> left;
        for (const Surface& s : build_surfaces(project, project.options[0], without).surfaces)
            if (s.element == Element::tree) left.insert(s.source);
        return left.size();
    };
    EXPECT_EQ(trees({}), 2u);
    EXPECT_EQ(trees({"old-oak"}), 1u);
    EXPECT_EQ(trees({"tree"}), 0u);
    EXPECT_EQ(trees({"block"}), 2u);
}

TEST(Things, leaves_come_and_go_with_the_months) {
    EXPECT_EQ(season_of(5, 10, 7), Season::in_leaf);
    EXPECT_EQ(season_of(5, 10, 1), Season::bare);
    EXPECT_EQ(season_of(11, 4, 1), Season::in_leaf) << "south of the equator";
    EXPECT_EQ(season_of(11, 4, 7), Season::bare);
}

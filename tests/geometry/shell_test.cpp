// SPDX-License-Identifier: GPL-3.0-or-later
// Sums over all surfaces of a building that must come out right whatever its shape.
#include <gtest/gtest.h>
#include <rapidcheck.h>

#include "geometry/random_building.h"
#include "geometry/roof_shape.h"
#include "geometry/surfaces.h"
#include "geometry/walls.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;
using namespace wp::model;

namespace {

struct Sums {
    double volume = 0;  ///< enclosed, by the divergence theorem: a third of the place dotted with the area
    Vec3 area{};        ///< of all triangles as vectors along their lit sides
    double whole = 0;
};

Sums sums_of(const Surfaces& surfaces, int space, std::initializer_list<Element> only = {}) {
    Sums out;
    for (size_t t = 0; t < surfaces.triangles.size(); ++t) {
        const Surface& surface = surfaces.surfaces[surfaces.surface_of[t]];
        if (surface.space != space ||
            (only.size() > 0 && std::find(only.begin(), only.end(), surface.element) == only.end()))
            continue;
        const auto& k = surfaces.triangles[t];
        const Vec3 a = surfaces.vertices[k[0]], b = surfaces.vertices[k[1]], c = surfaces.vertices[k[2]];
        const Vec3 area = cross(b - a, c - a) * 0.5;
        out.volume += dot(a, area) / -3;  // the lit side looks inwards
        out.area = out.area + area;
        out.whole += length(area);
    }
    return out;
}

// Nothing but walls, floors and roofs.
Project bare(uint32_t seed) {
    Project project = test::random_building(seed);
    for (Storey& storey : project.options[0].storeys) {
        for (Room& room : storey.rooms) room.openings.clear();
        storey.rooflights.clear();
        storey.voids.clear();
        storey.partitions.clear();
    }
    return project;
}

}  // namespace

TEST(Shell, the_surfaces_of_a_room_enclose_its_volume) {
    EXPECT_TRUE(rc::check("volume by surfaces is volume by plan and height", [](uint32_t seed) {
        const Project project = bare(seed);
        const Option& option = project.options[0];
        const auto surfaces = build_surfaces(project, option);
        int space = 0;
        for (const Storey& storey : option.storeys)
            for (const Room& room : storey.rooms) {
                const Sums sums = sums_of(surfaces, space++);
                const double volume = room_volume(option, storey, room);
                RC_LOG() << room.id << ": " << sums.volume << " against " << volume << "\n";
                RC_ASSERT(std::fabs(sums.volume - volume) < 2e-3 * (1 + volume));
                RC_ASSERT(length(sums.area) < 1e-3 * sums.whole);  // a closed surface has no side
            }
    }));
}

TEST(Shell, a_building_shows_as_much_of_itself_to_each_side_as_to_the_other) {
    EXPECT_TRUE(rc::check("the shell is closed all round", [](uint32_t seed) {
        Project project = bare(seed);
        // Eaves hide parts of other roofs within them; their own test is below.
        for (Storey& storey : project.options[0].storeys)
            for (Roof& roof : storey.roofs) roof.overhang = 0;
        const auto surfaces = build_surfaces(project, project.options[0]);
        const Sums sums = sums_of(surfaces, kOutdoors, {Element::facade, Element::roof});
        RC_LOG() << sums.area.x << " " << sums.area.y << " of " << sums.whole << "\n";
        RC_ASSERT(std::fabs(sums.area.x) < 2e-3 * sums.whole);
        RC_ASSERT(std::fabs(sums.area.y) < 2e-3 * sums.whole);
    }));
}

TEST(Shell, seen_from_above_roofs_cover_what_stands_below) {
    EXPECT_TRUE(rc::check("roofs less undersides are the plan", [](uint32_t seed) {
        const Project project = bare(seed);
        const Option& option = project.options[0];
        const auto surfaces = build_surfaces(project, option);
        double plan = 0;
        for (const Polygon& ring : storey_walls(option, 0).outline) plan += signed_area(ring);
        const Sums sums = sums_of(surfaces, kOutdoors, {Element::facade, Element::roof});
        RC_LOG() << sums.area.z << " against " << plan << "\n";
        RC_ASSERT(std::fabs(sums.area.z - plan) < 2e-3 * plan + 1e-2);
    }));
}

TEST(Shell, storeys_that_stand_out_have_an_underside) {
    auto project = test::two_storeys();
    Option& option = project.options[0];
    for (Vec2& p : option.storeys[1].rooms[1].footprint)
        if (p.x > 10) p.x += 2;  // the study stands out 2 m over the lane
    option.storeys[1].roofs.clear();
    const auto surfaces = build_surfaces(project, option);
    double under = 0;
    for (size_t t = 0; t < surfaces.triangles.size(); ++t) {
        if (surfaces.surfaces[surfaces.surface_of[t]].element != Element::facade) continue;
        const auto& k = surfaces.triangles[t];
        const Vec3 a = surfaces.vertices[k[0]],
                   area = cross(surfaces.vertices[k[1]] - a, surfaces.vertices[k[2]] - a) * 0.5;
        if (area.z < -1e-9) {
            under -= area.z;
            EXPECT_NEAR(a.z, 3.1 - option.roof, 1e-6) << "under the slab, not in its floor";
        }
    }
    EXPECT_NEAR(under, 2 * 8.7, 1e-3);
}

TEST(Shell, eaves_hang_over_by_what_was_asked) {
    auto project = test::two_storeys();
    const auto lowest_y = [&] {
        double y = 1e9;
        const auto surfaces = build_surfaces(project, project.options[0]);
        for (size_t t = 0; t < surfaces.triangles.size(); ++t)
            if (surfaces.surfaces[surfaces.surface_of[t]].element == Element::roof)
                for (const uint32_t k : surfaces.triangles[t]) y = std::min(y, surfaces.vertices[k].y);
        return y;
    };
    EXPECT_NEAR(lowest_y(), -0.35 - 0.4, 1e-4);
    project.options[0].storeys[1].roofs[0].overhang = 0;
    EXPECT_NEAR(lowest_y(), -0.35, 1e-4);
}

TEST(Shell, reveals_may_have_a_finish_of_their_own) {
    auto project = test::one_room();
    Material white = project.materials[0];
    white.id = "white";
    white.reflectance = 0.9;
    project.materials.push_back(white);
    project.options[0].storeys[0].rooms[0].openings[0].reveals = "white";
    int white_reveals = 0;
    for (const Surface& surface : build_surfaces(project, project.options[0]).surfaces)
        white_reveals += surface.element == Element::reveal && surface.reflectance == 0.9;
    EXPECT_EQ(white_reveals, 2) << "inside and outside of the pane";
}

TEST(TallRooms, stand_in_the_storey_above_as_walls) {
    auto project = test::two_storeys();
    Option& option = project.options[0];
    option.storeys[1].rooms.erase(option.storeys[1].rooms.begin());  // no gallery: the hall goes up instead
    option.storeys[1].voids.clear();
    option.storeys[1].roofs.clear();
    option.storeys[1].rooflights.clear();
    option.storeys[0].rooms[0].height = 5.5;
    const auto upper = storey_walls(option, 1);
    ASSERT_EQ(upper.standing.size(), 2u);
    EXPECT_EQ(upper.standing[1].storey, 0u);
    ASSERT_EQ(upper.outline.size(), 1u);
    EXPECT_NEAR(signed_area(upper.outline[0]), 12.7 * 8.7, 1e-6) << "study and hall";
    EXPECT_NEAR(signed_area(upper.rooms[0].ring), (6 - 0.06) * 8, 1e-6) << "the study shares its wall with the hall";
    // A window from the study into the hall.
    Opening inner;
    inner.id = inner.name = "inner";
    inner.kind = Opening::Kind::opening_void;
    inner.edge = 3;
    inner.along = 3;
    inner.width = 2;
    inner.height = 1;
    option.storeys[1].rooms[0].openings = {inner};
    const auto surfaces = build_surfaces(project, option);
    const auto portal = std::find_if(surfaces.portals.begin(), surfaces.portals.end(),
                                     [](const Portal& p) { return p.opening == "inner"; });
    ASSERT_NE(portal, surfaces.portals.end());
    EXPECT_EQ(surfaces.spaces[static_cast<size_t>(portal->outside)], "hall");
}

TEST(FloorArea, is_without_walls_and_voids) {
    const auto project = test::two_storeys();
    const Option& option = project.options[0];
    EXPECT_NEAR(floor_area(option, option.storeys[1], option.storeys[1].rooms[0]), (6 - 0.06) * 8 - 3 * 5, 1e-4);
    EXPECT_NEAR(floor_area(option, option.storeys[0], option.storeys[0].rooms[0]), (6 - 0.06) * 8, 1e-4);
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Laws of drawing that hold for every building.
#include <gtest/gtest.h>
#include <rapidcheck.h>

#include "check/check.h"
#include "edit/edit.h"
#include "geometry/random_building.h"
#include "geometry/roof_shape.h"
#include "geometry/snapping.h"
#include "geometry/walls.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::geometry;
using namespace wp::edit;
using namespace wp::check;
using namespace wp::model;

namespace {

Option building(uint32_t seed) { return test::random_building(seed).options[0]; }

double storey_area(const Storey& storey) {
    double area = 0;
    for (const Room& room : storey.rooms) area += signed_area(room.footprint);
    return area;
}

Items all_rooms(const Storey& storey) {
    Items items;
    for (const Room& room : storey.rooms) items.push_back({Item::Kind::room, room.id, -1});
    return items;
}

bool nearly(const Option& a, const Option& b) {
    for (size_t s = 0; s < a.storeys.size(); ++s)
        for (size_t r = 0; r < a.storeys[s].rooms.size(); ++r)
            for (size_t i = 0; i < a.storeys[s].rooms[r].footprint.size(); ++i)
                if (length(a.storeys[s].rooms[r].footprint[i] - b.storeys[s].rooms[r].footprint[i]) > 1e-6)
                    return false;
    return true;
}

}  // namespace

TEST(DrawingLaws, every_edge_is_covered_by_its_pieces_without_gap) {
    EXPECT_TRUE(rc::check("pieces cover edges", [](uint32_t seed) {
        const Option option = building(seed);
        for (size_t r = 0; r < option.storeys[0].rooms.size(); ++r) {
            const Room& room = option.storeys[0].rooms[r];
            std::vector<double> at(room.footprint.size(), 0.0);
            for (const WallPiece& piece : wall_pieces(option, 0, r)) {
                RC_ASSERT(piece.thickness > 0);
                RC_ASSERT(std::fabs(piece.from - at[static_cast<size_t>(piece.edge)]) < 2 * kSameLine);
                RC_ASSERT(piece.to > piece.from);
                at[static_cast<size_t>(piece.edge)] = piece.to;
            }
            for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e)
                RC_ASSERT(std::fabs(at[static_cast<size_t>(e)] - edge_length(room, e)) < 2 * kSameLine);
        }
    }));
}

TEST(DrawingLaws, two_rooms_agree_on_the_wall_between_them) {
    EXPECT_TRUE(rc::check("a shared wall is the same from both sides", [](uint32_t seed) {
        const Option option = building(seed);
        const auto walls = storey_walls(option, 0);
        for (size_t r = 0; r < option.storeys[0].rooms.size(); ++r)
            for (const WallPiece& piece : walls.pieces[r]) {
                if (piece.neighbour < 0) continue;
                bool answered = false;
                for (const WallPiece& back : walls.pieces[static_cast<size_t>(piece.neighbour)])
                    answered =
                        answered || (back.neighbour == static_cast<int>(r) &&
                                     std::fabs((back.to - back.from) - (piece.to - piece.from)) < 5 * kSameLine &&
                                     back.thickness == piece.thickness);
                RC_ASSERT(answered);
            }
    }));
}

TEST(DrawingLaws, inner_faces_lie_within_the_lines_and_outer_faces_around_them) {
    EXPECT_TRUE(rc::check("faces nest", [](uint32_t seed) {
        const Option option = building(seed);
        const auto walls = storey_walls(option, 0);
        double outer = 0, inner = 0;
        for (const Polygon& ring : walls.outline) outer += signed_area(ring);
        for (size_t r = 0; r < option.storeys[0].rooms.size(); ++r) {
            const double mine = signed_area(walls.rooms[r].ring);
            inner += mine;
            RC_ASSERT(mine <= signed_area(option.storeys[0].rooms[r].footprint) + 1e-3);
            double outside = 0;
            for (const Region& region : difference({walls.rooms[r].ring}, walls.outline))
                outside += std::fabs(signed_area(region.outer));
            RC_ASSERT(outside < 1e-3);
        }
        RC_ASSERT(inner < outer);
    }));
}

TEST(DrawingLaws, mirrored_twice_and_turned_back_all_is_where_it_was) {
    EXPECT_TRUE(rc::check("placing has an inverse", [](uint32_t seed) {
        const Option before = building(seed);
        Option option = before;
        const auto angle = *rc::gen::inRange(1, 359);
        const Items rooms = all_rooms(option.storeys[0]);
        const Vec2 a{1, 2}, b{4, 3};
        RC_ASSERT(place_items(option, rooms, Placing::turn(a, angle)));
        RC_ASSERT(std::fabs(storey_area(option.storeys[0]) - storey_area(before.storeys[0])) < 1e-6);
        RC_ASSERT(place_items(option, rooms, Placing::turn(a, -angle)));
        RC_ASSERT(nearly(option, before));
        RC_ASSERT(place_items(option, rooms, Placing::mirror(a, b)));
        for (const Room& room : option.storeys[0].rooms) RC_ASSERT(signed_area(room.footprint) > 0);
        RC_ASSERT(place_items(option, rooms, Placing::mirror(a, b)));
        RC_ASSERT(std::fabs(storey_area(option.storeys[0]) - storey_area(before.storeys[0])) < 1e-6);
        for (size_t r = 0; r < rooms.size(); ++r)
            for (size_t o = 0; o < before.storeys[0].rooms[r].openings.size(); ++o) {
                RC_ASSERT(option.storeys[0].rooms[r].openings[o].edge == before.storeys[0].rooms[r].openings[o].edge);
                RC_ASSERT(std::fabs(option.storeys[0].rooms[r].openings[o].along -
                                    before.storeys[0].rooms[r].openings[o].along) < 1e-6);
            }
    }));
}

TEST(DrawingLaws, a_split_loses_no_floor_and_no_wall_opening_moves) {
    EXPECT_TRUE(rc::check("a split keeps what there is", [](uint32_t seed) {
        Option option = building(seed);
        const Storey before = option.storeys[0];
        const Room& room = before.rooms[0];
        const Vec2 a = (edge_begin(room, 0) + edge_end(room, 0)) * 0.5,
                   b = (edge_begin(room, 2) + edge_end(room, 2)) * 0.5;
        const Id made = split_room(option, 0, room.id, a, b);
        RC_PRE(!made.empty());
        RC_ASSERT(std::fabs(storey_area(option.storeys[0]) - storey_area(before)) < 1e-3);
        RC_ASSERT(option.storeys[0].rooms.size() == before.rooms.size() + 1);
        size_t openings = 0;
        for (const Room& r : option.storeys[0].rooms)
            for (const Opening& o : r.openings) {
                ++openings;
                RC_ASSERT(o.along >= -1e-9);
                RC_ASSERT(o.along + o.width <= edge_length(r, o.edge) + 1e-6);
            }
        size_t were = 0;
        for (const Room& r : before.rooms) were += r.openings.size();
        RC_ASSERT(openings <= were);
    }));
}

TEST(DrawingLaws, a_snap_is_near_what_was_meant) {
    EXPECT_TRUE(rc::check("snaps stay within reach", [](uint32_t seed) {
        const Option option = building(seed);
        const Vec2 base = option.storeys[0].rooms[0].footprint[0];
        const Vec2 p = base + Vec2{*rc::gen::inRange(-900, 900) / 100.0, *rc::gen::inRange(-900, 900) / 100.0};
        const double reach = 0.2;
        const Snap snap = find_snap(option, 0, p, reach, {});
        switch (snap.kind) {
            case Snap::Kind::end:
            case Snap::Kind::middle:
            case Snap::Kind::storey:
                RC_ASSERT(length(snap.at - p) < reach);
                break;
            case Snap::Kind::wall: {
                double nearest = 1e9;
                for (const Room& room : option.storeys[0].rooms)
                    nearest = std::min(nearest, distance_to_edges(room.footprint, snap.at));
                for (const Partition& wall : option.storeys[0].partitions)
                    nearest = std::min(nearest, distance_to_segment(snap.at, wall.from, wall.to));
                RC_ASSERT(nearest < 2.5 * reach);  // an alignment may carry it a little past a wall's end
                break;
            }
            default:
                RC_ASSERT(length(snap.at - p) < reach * 1.5);
        }
    }));
}

TEST(DrawingLaws, copies_share_no_id_and_change_nothing_that_was_there) {
    EXPECT_TRUE(rc::check("a copy is a copy", [](uint32_t seed) {
        auto project = test::random_building(seed);
        Option& option = project.options[0];
        const Storey before = option.storeys[0];
        const Items made = copy_items(option, all_rooms(before), 0, Placing::move({60, 0}));
        RC_ASSERT(made.size() == before.rooms.size());
        for (size_t r = 0; r < before.rooms.size(); ++r) RC_ASSERT(option.storeys[0].rooms[r] == before.rooms[r]);
        // Ids that clash would make the file unreadable.
        const auto again = store::parse_project(store::write_project(project), "copied");
        RC_ASSERT(static_cast<bool>(again));
        RC_ASSERT(std::fabs(storey_area(option.storeys[0]) - 2 * storey_area(before)) < 1e-6);
    }));
}

TEST(DrawingLaws, random_buildings_survive_the_file) {
    EXPECT_TRUE(rc::check("what is written is read", [](uint32_t seed) {
        const auto project = test::random_building(seed);
        const auto again = store::parse_project(store::write_project(project), "random");
        RC_ASSERT(static_cast<bool>(again));
        RC_ASSERT(store::write_project(*again) == store::write_project(project));  // a void has no frame to write
    }));
}

TEST(DrawingLaws, mending_ends_and_never_adds_faults) {
    EXPECT_TRUE(rc::check("mends converge", [](uint32_t seed) {
        Option option = building(seed);
        size_t before = check_drawing(option).size();
        for (int round = 0; round < 40; ++round) {
            const auto faults = check_drawing(option);
            bool mended = false;
            for (const auto& fault : faults) {
                Option after = option;
                if (!mend_drawing(after, fault)) continue;
                const size_t left = check_drawing(after).size();
                if (left >= faults.size()) continue;
                option = std::move(after);
                mended = true;
                break;
            }
            const size_t now = check_drawing(option).size();
            RC_ASSERT(now <= before);
            before = now;
            if (!mended) break;
        }
    }));
}

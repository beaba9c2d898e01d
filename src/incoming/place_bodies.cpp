// SPDX-License-Identifier: GPL-3.0-or-later
// What is no room: shapes that stand in rooms or around the building.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "incoming/arrange_parts.h"
#include "incoming/simplify.h"

namespace wp::incoming {
using namespace model;

namespace {

constexpr size_t kMostTriangles = 200000;  // of one body
// What a thing may be (describe/surroundings.cpp), metres; above the ground, and from the drawing's zero.
constexpr double kLargest = 2000, kLowest = -100, kTopmost = 500, kMostAway = 1e5;

const LayerChoice* choice_of(const Wishes& wishes, const std::string& layer) {
    const auto at = std::ranges::find(wishes.layers, layer, &LayerChoice::layer);
    return at != wishes.layers.end() ? &*at : nullptr;
}

// The room that it stands in; none: outdoors.
const RoomInMaking* room_of(const std::vector<RoomInMaking>& rooms, Vec3 foot) {
    for (const RoomInMaking& made : rooms)
        if (foot.z > made.outline.floor - 0.3 && foot.z < made.outline.floor + made.outline.height &&
            geometry::contains(made.room.footprint, {foot.x, foot.y}))
            return &made;
    return nullptr;
}

}  // namespace

void place_bodies(const Building& building, const Wishes& wishes, const std::vector<RoomInMaking>& rooms,
                  Arranged& out) {
    int count = 0;
    for (const Body& body : building.bodies) {
        const LayerChoice* choice = choice_of(wishes, body.layer);
        if (choice != nullptr && choice->role == LayerChoice::Role::leave_out) {
            out.account.left_out(body.name, "its layer " + body.layer + " is left out");
            continue;
        }
        if (body.mesh.triangles.empty()) {
            out.account.left_out(body.name, "it has no surface");
            continue;
        }
        const auto simpler = simplified_mesh(body.mesh, kMostTriangles);
        if (simpler.triangles_before != simpler.mesh.triangles.size())
            out.account.changed(
                body.name, fmt::format("{} triangles became {}, moved by {:.3f} m at most", simpler.triangles_before,
                                       simpler.mesh.triangles.size(), simpler.moved));
        auto placed = geometry::shape_of(simpler.mesh, "shape-" + std::to_string(++count), body.name);
        const double largest = std::max({placed.shape.width, placed.shape.length, placed.shape.height});
        const double off = placed.at.z - wishes.ground_level;
        if (largest > kLargest || off < kLowest || off > kTopmost ||
            std::max(std::fabs(placed.at.x), std::fabs(placed.at.y)) > kMostAway) {
            out.account.left_out(body.name, "it is larger than 2 km, or lies too far off: check unit and place");
            continue;
        }
        Thing thing;
        thing.kind = Thing::Kind::shape;
        thing.id = "thing-" + std::to_string(count);
        thing.name = body.name;
        thing.shape = placed.shape.id;
        thing.at = {placed.at.x, placed.at.y};
        thing.width = placed.shape.width, thing.length = placed.shape.length, thing.height = placed.shape.height;
        const bool furniture = choice != nullptr && choice->role != LayerChoice::Role::as_found
                                   ? choice->role == LayerChoice::Role::furniture
                                   : body.role == Body::Role::furniture;
        const auto* room = furniture ? room_of(rooms, placed.at) : nullptr;
        if (room != nullptr) thing.storey = out.storeys[room->storey].id;
        thing.base = placed.at.z - (room != nullptr ? out.storeys[room->storey].level : wishes.ground_level);
        thing.material = choice != nullptr && !choice->material.empty()
                             ? choice->material
                             : material_for(building, body.substance, false, out);
        out.origins.push_back({thing.id, body.id});
        out.account.made(body.name, room != nullptr ? "furniture of " + room->room.name : "surroundings");
        out.shapes.push_back(std::move(placed.shape));
        out.things.push_back(std::move(thing));
    }
}

}  // namespace wp::incoming

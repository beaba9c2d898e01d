// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/project.h"

#include <fmt/core.h>

#include <algorithm>
#include <set>

namespace wp::model {

RoomPlace find_room(Option& option, const Id& id) {
    for (Storey& storey : option.storeys)
        if (Room* room = find(storey.rooms, id)) return {&storey, room};
    return {};
}

ConstRoomPlace find_room(const Option& option, const Id& id) {
    const RoomPlace place = find_room(const_cast<Option&>(option), id);
    return {place.storey, place.room};
}

OpeningPlace find_opening(Option& option, const Id& id) {
    for (Storey& storey : option.storeys)
        for (Room& room : storey.rooms)
            if (Opening* opening = find(room.openings, id)) return {&storey, &room, opening};
    return {};
}

Storey new_storey(const Id& id, const std::string& name, double level) {
    Storey storey;
    storey.id = id;
    storey.name = name;
    storey.level = level;
    return storey;
}

std::set<Id> taken_ids(const Option& option) {
    std::set<Id> taken;
    const auto take = [&](const auto& list) {
        for (const auto& item : list) taken.insert(item.id);
    };
    take(option.storeys);
    for (const Storey& storey : option.storeys) {
        take(storey.rooms);
        for (const Room& room : storey.rooms) take(room.openings);
        take(storey.partitions);
        take(storey.voids);
        take(storey.roofs);
        take(storey.rooflights);
        take(storey.dimensions);
    }
    take(option.planes);
    take(option.observers);
    take(option.blocks);
    take(option.views);
    return taken;
}

Id fresh_id(const std::set<Id>& taken, const std::string& prefix) {
    for (int n = 1;; ++n) {
        const Id id = fmt::format("{}-{:02}", prefix, n);
        if (!taken.contains(id)) return id;
    }
}

Id fresh_id(const Option& option, const std::string& prefix) { return fresh_id(taken_ids(option), prefix); }

Vec2 edge_begin(const Room& room, int edge) { return room.footprint[static_cast<size_t>(edge)]; }
Vec2 edge_end(const Room& room, int edge) {
    return room.footprint[(static_cast<size_t>(edge) + 1) % room.footprint.size()];
}
double edge_length(const Room& room, int edge) { return length(edge_end(room, edge) - edge_begin(room, edge)); }

double own_thickness(const Room& room, int edge, double otherwise) {
    for (const Wall& wall : room.own_walls)
        if (wall.edge == edge) return wall.thickness;
    return otherwise;
}

void set_own_thickness(Room& room, int edge, double thickness) {
    for (Wall& wall : room.own_walls)
        if (wall.edge == edge) {
            wall.thickness = thickness;
            return;
        }
    room.own_walls.push_back({edge, thickness});
}

void keep_in_wall(const Room& room, Opening& opening) { keep_in_wall(room, opening, room.height); }

void keep_in_wall(const Room& room, Opening& opening, double top) {
    constexpr double least = 0.05, jamb = 0.02;
    const double wall = edge_length(room, opening.edge);
    opening.width = std::clamp(opening.width, least, std::max(least, wall - 2 * jamb));
    opening.height = std::clamp(opening.height, least, std::max(least, top));
    opening.along = std::clamp(opening.along, jamb, std::max(jamb, wall - jamb - opening.width));
    opening.sill = std::clamp(opening.sill, 0.0, std::max(0.0, top - opening.height));
}

}  // namespace wp::model

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

Id fresh_id(const Option& option, const std::string& prefix) {
    std::set<Id> taken;
    for (const Storey& storey : option.storeys) {
        taken.insert(storey.id);
        for (const Room& room : storey.rooms) {
            taken.insert(room.id);
            for (const Opening& opening : room.openings) taken.insert(opening.id);
        }
    }
    for (const auto& item : option.planes) taken.insert(item.id);
    for (const auto& item : option.observers) taken.insert(item.id);
    for (const auto& item : option.blocks) taken.insert(item.id);
    for (int n = 1;; ++n) {
        const Id id = fmt::format("{}-{:02}", prefix, n);
        if (!taken.contains(id)) return id;
    }
}

Vec2 edge_begin(const Room& room, int edge) { return room.footprint[static_cast<size_t>(edge)]; }
Vec2 edge_end(const Room& room, int edge) {
    return room.footprint[(static_cast<size_t>(edge) + 1) % room.footprint.size()];
}
double edge_length(const Room& room, int edge) { return length(edge_end(room, edge) - edge_begin(room, edge)); }

void keep_in_wall(const Room& room, Opening& opening) {
    constexpr double least = 0.05, jamb = 0.02;
    const double wall = edge_length(room, opening.edge);
    opening.width = std::clamp(opening.width, least, std::max(least, wall - 2 * jamb));
    opening.height = std::clamp(opening.height, least, std::max(least, room.height - jamb));
    opening.along = std::clamp(opening.along, jamb, std::max(jamb, wall - jamb - opening.width));
    opening.sill = std::clamp(opening.sill, 0.0, std::max(0.0, room.height - jamb - opening.height));
}

}  // namespace wp::model

// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/edit.h"

#include <algorithm>

#include "edit/edit_parts.h"
#include "edit/items.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

std::vector<Vec2> outline_of(const Option& option, const Item& item) { return kind_of(item).outline(option, item); }

std::optional<Vec2> middle_of(const Option& option, const Items& items) {
    Vec2 low{1e18, 1e18}, high{-1e18, -1e18};
    for (const Item& item : items)
        for (const Vec2 p : outline_of(option, item)) {
            low = {std::min(low.x, p.x), std::min(low.y, p.y)};
            high = {std::max(high.x, p.x), std::max(high.y, p.y)};
        }
    if (low.x > high.x) return {};
    return (low + high) * 0.5;
}

bool place_items(Option& option, const Items& items, const Placing& placing) {
    return std::all_of(items.begin(), items.end(),
                       [&](const Item& item) { return kind_of(item).place(option, item, items, placing); });
}

Items copy_items(Option& option, const Items& items, size_t to, const Placing& placing) {
    Copying copying{items, to, placing, taken_ids(option), {}};
    for (const Item& item : items) kind_of(item).copy(option, item, copying);
    return copying.made;
}

Items insert_items(Option& option, size_t to, const Storey& from, const std::vector<ReferencePlane>& planes,
                   const std::vector<Thing>& things, const Placing& placing) {
    // For a moment the other drawing is a storey of this one, under ids that nothing here has.
    static const std::string mark = "inserted:";
    Storey guest = from;
    guest.id = mark + guest.id;
    Items items;
    const auto take = [&](auto& list, Kind kind) {
        for (auto& item : list) {
            item.id = mark + item.id;
            items.push_back({kind, item.id, -1});
        }
    };
    take(guest.rooms, Kind::room);
    for (Room& room : guest.rooms)
        for (Opening& o : room.openings) o.id = mark + o.id;
    take(guest.partitions, Kind::partition);
    take(guest.voids, Kind::floor_void);
    take(guest.rooflights, Kind::rooflight);
    take(guest.dimensions, Kind::dimension);
    guest.roofs.clear();
    const size_t own_things = option.things.size();
    for (Thing t : things) {
        t.id = mark + t.id;
        if (!t.storey.empty()) t.storey = guest.id;
        // What stands in a room comes with the room.
        if (std::none_of(guest.rooms.begin(), guest.rooms.end(),
                         [&](const Room& room) { return stands_in(t, guest, room); }))
            items.push_back({Kind::thing, t.id, -1});
        option.things.push_back(t);
    }
    const size_t own_planes = option.planes.size();
    for (ReferencePlane p : planes) {
        p.id = mark + p.id;
        if (!p.room.empty()) p.room = mark + p.room;
        if (!p.thing.empty()) p.thing = mark + p.thing;
        option.planes.push_back(p);
    }
    option.storeys.push_back(std::move(guest));
    const Items made = copy_items(option, items, to, placing);
    option.storeys.pop_back();
    option.things.erase(option.things.begin() + static_cast<std::ptrdiff_t>(own_things),
                        option.things.begin() + static_cast<std::ptrdiff_t>(own_things + things.size()));
    option.planes.erase(option.planes.begin() + static_cast<std::ptrdiff_t>(own_planes),
                        option.planes.begin() + static_cast<std::ptrdiff_t>(own_planes + planes.size()));
    return made;
}

void keep_planes_on_walls(const Option& before, Option& after) {
    for (ReferencePlane& plane : after.planes) {
        if (plane.on != ReferencePlane::On::wall && plane.on != ReferencePlane::On::facade) continue;
        const ReferencePlane* was = find(before.planes, plane.id);
        const auto from = find_room(before, plane.room);
        const auto to = find_room(static_cast<const Option&>(after), plane.room);
        if (was == nullptr || was->edge != plane.edge || !from || !to ||
            from.room->footprint.size() == to.room->footprint.size())
            continue;
        if (plane.edge >= static_cast<int>(from.room->footprint.size())) continue;
        const Vec2 middle = (edge_begin(*from.room, plane.edge) + edge_end(*from.room, plane.edge)) * 0.5;
        double nearest = 1e18;
        for (int e = 0; e < static_cast<int>(to.room->footprint.size()); ++e)
            if (const double d = distance_to_segment(middle, edge_begin(*to.room, e), edge_end(*to.room, e));
                d < nearest) {
                nearest = d;
                plane.edge = e;
            }
    }
}

bool remove_items(Option& option, const Items& items) {
    bool any = false;
    for (const Item& item : items)
        if (exists(option, item) && kind_of(item).remove(option, item)) any = true;
    return any;
}

}  // namespace wp::edit

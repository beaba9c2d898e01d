// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/edit.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "geometry/edit_parts.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "shading/shade.h"

namespace wp::geometry {
using namespace model;
using Kind = Item::Kind;

namespace {

void place_room(Room& room, const Placing& placing) {
    for (Vec2& p : room.footprint) p = placing(p);
    if (!placing.mirrors()) return;
    // Mirrored rings run the other way round.
    for (Opening& o : room.openings)
        for (ShadeLayer& layer : o.shading) layer = shading::mirrored(layer);
    turn_ring(room);
}

double turned_heading(double heading, const Placing& placing) {
    const Vec2 d{std::sin(radians(heading)), std::cos(radians(heading))};
    const Vec2 to = placing(d) - placing({0, 0});
    return degrees(std::atan2(to.x, to.y));
}

void place(Partition& p, const Placing& placing) {
    p.from = placing(p.from);
    p.to = placing(p.to);
}
void place(FloorVoid& v, const Placing& placing) {
    for (Vec2& p : v.outline) p = placing(p);
    if (signed_area(v.outline) < 0) std::reverse(v.outline.begin(), v.outline.end());
}
void place(Roof& r, const Placing& placing) { r.direction = turned_heading(r.direction, placing); }
void place(Rooflight& r, const Placing& placing) {
    r.centre = placing(r.centre);
    r.turn = std::fmod(r.turn - turned_heading(0, placing), 360.0);
}
void place(Dimension& d, const Placing& placing) {
    d.from = placing(d.from);
    d.to = placing(d.to);
    if (placing.mirrors()) d.offset = -d.offset;
}
void place(Block& b, const Placing& placing) {
    for (Vec2& p : b.footprint) p = placing(p);
    if (signed_area(b.footprint) < 0) std::reverse(b.footprint.begin(), b.footprint.end());
}
void place(Observer& o, const Placing& placing) {
    const Vec2 p = placing({o.eye.x, o.eye.y});
    o.eye.x = p.x;
    o.eye.y = p.y;
    o.heading = turned_heading(o.heading, placing);
    for (double& other : o.others) other = turned_heading(other, placing);
}
void place(Thing& t, const Placing& placing) {
    t.at = placing(t.at);
    t.turn = std::fmod(t.turn - turned_heading(0, placing), 360.0);
}
void place(ReferencePlane& p, const Placing& placing, int edges) {
    const auto ring = [&](std::vector<Vec2>& points) {
        for (Vec2& q : points) q = placing(q);
        if (signed_area(points) < 0) std::reverse(points.begin(), points.end());
    };
    ring(p.area);
    for (auto& hole : p.left_out) ring(hole);
    if (placing.mirrors() && (p.on == ReferencePlane::On::wall || p.on == ReferencePlane::On::facade))
        p.edge = (2 * edges - 2 - p.edge) % edges;
}

void place(Reading& r, const Placing& placing) {
    const Vec2 p{r.at.x, r.at.y}, to = placing(p), facing = placing(p + Vec2{r.facing.x, r.facing.y}) - to;
    r.at = {to.x, to.y, r.at.z};
    r.facing = {facing.x, facing.y, r.facing.z};
}

// What stands in a room, by its middle.
bool stands_in(const Thing& thing, const Storey& storey, const Room& room) {
    return thing.storey == storey.id && contains(room.footprint, thing.at);
}

// Whoever looks around in a room, and its planes, go with it.
void place_observers_of(Option& option, const Room& room, const Placing& placing) {
    for (Observer& o : option.observers)
        if (o.room == room.id) place(o, placing);
    for (Reading& r : option.readings)
        if (r.room == room.id) place(r, placing);
    for (ReferencePlane& p : option.planes)
        if (p.room == room.id) place(p, placing, static_cast<int>(room.footprint.size()));
}

bool has(const Items& items, Kind kind, const Id& id) {
    return std::find(items.begin(), items.end(), Item{kind, id, -1}) != items.end();
}

void place_opening(Option& option, const Id& id, const Placing& placing) {
    const auto at = find_opening(option, id);
    if (!at) return;
    const Vec2 a = edge_begin(*at.room, at.opening->edge), d = normalized(edge_end(*at.room, at.opening->edge) - a);
    const Vec2 middle = a + d * (at.opening->along + at.opening->width / 2);
    at.opening->along += dot(placing(middle) - middle, d);
    keep_in_wall(option, *at.storey, *at.room, *at.opening);
}

}  // namespace

Placing Placing::move(Vec2 shift) { return {1, 0, 0, 1, shift}; }

Placing Placing::turn(Vec2 centre, double angle) {
    const double c = std::cos(radians(angle)), s = std::sin(radians(angle));
    return {c, -s, s, c, centre - Vec2{c * centre.x - s * centre.y, s * centre.x + c * centre.y}};
}

Placing Placing::mirror(Vec2 a, Vec2 b) {
    const Vec2 d = normalized(b - a);
    Placing p{d.x * d.x - d.y * d.y, 2 * d.x * d.y, 2 * d.x * d.y, d.y * d.y - d.x * d.x, {}};
    p.shift = a - p(a);
    return p;
}

std::vector<Vec2> outline_of(const Option& given, const Item& item) {
    Option& option = const_cast<Option&>(given);  // the look-ups come in one kind
    switch (item.kind) {
        case Kind::room:
            if (const auto at = find_room(option, item.id)) return at.room->footprint;
            return {};
        case Kind::wall:
            if (const auto at = find_room(option, item.id))
                return {edge_begin(*at.room, item.edge), edge_end(*at.room, item.edge)};
            return {};
        case Kind::opening:
            if (const auto at = find_opening(option, item.id)) {
                const Vec2 a = edge_begin(*at.room, at.opening->edge),
                           d = normalized(edge_end(*at.room, at.opening->edge) - a);
                return {a + d * at.opening->along, a + d * (at.opening->along + at.opening->width)};
            }
            return {};
        case Kind::partition:
            if (const auto at = find_on_storeys(option, &Storey::partitions, item.id))
                return {at.item->from, at.item->to};
            return {};
        case Kind::floor_void:
            if (const auto at = find_on_storeys(option, &Storey::voids, item.id)) return at.item->outline;
            return {};
        case Kind::rooflight:
            if (const auto at = find_on_storeys(option, &Storey::rooflights, item.id)) return {at.item->centre};
            return {};
        case Kind::dimension:
            if (const auto at = find_on_storeys(option, &Storey::dimensions, item.id))
                return {at.item->from, at.item->to};
            return {};
        case Kind::block:
            if (const Block* block = find(option.blocks, item.id)) return block->footprint;
            return {};
        case Kind::thing:
            if (const Thing* thing = find(option.things, item.id)) return footprint_of(*thing);
            return {};
        case Kind::observer:
            if (const Observer* eye = find(option.observers, item.id)) return {{eye->eye.x, eye->eye.y}};
            return {};
        case Kind::reading:
            if (const Reading* reading = find(option.readings, item.id)) return {{reading->at.x, reading->at.y}};
            return {};
        case Kind::plane:
            if (const ReferencePlane* plane = find(option.planes, item.id))
                return plane->on == ReferencePlane::On::deck ? outline_of(option, {Kind::thing, plane->thing, -1})
                                                             : outline_of(option, {Kind::room, plane->room, -1});
            return {};
        default:
            return {};
    }
}

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
    for (const Item& item : items) {
        const size_t s = storey_of(option, item);
        switch (item.kind) {
            case Kind::room: {
                const auto at = find_room(option, item.id);
                for (Thing& t : option.things)
                    if (stands_in(t, *at.storey, *at.room) && !has(items, Kind::thing, t.id)) place(t, placing);
                place_room(*at.room, placing);
                place_observers_of(option, *at.room, placing);
                break;
            }
            case Kind::wall: {
                const auto at = find_room(option, item.id);
                if (!at) break;
                const Vec2 a = edge_begin(*at.room, item.edge), d = normalized(edge_end(*at.room, item.edge) - a);
                if (!move_edge(option, s, item.id, item.edge, dot(placing(a) - a, Vec2{d.y, -d.x}))) return false;
                break;
            }
            case Kind::opening: {
                const auto at = find_opening(option, item.id);
                if (at && !has(items, Kind::room, at.room->id)) place_opening(option, item.id, placing);
                break;
            }
            case Kind::partition:
                place(*find_on_storeys(option, &Storey::partitions, item.id).item, placing);
                break;
            case Kind::floor_void:
                place(*find_on_storeys(option, &Storey::voids, item.id).item, placing);
                break;
            case Kind::roof:
                place(*find_on_storeys(option, &Storey::roofs, item.id).item, placing);
                break;
            case Kind::rooflight:
                place(*find_on_storeys(option, &Storey::rooflights, item.id).item, placing);
                break;
            case Kind::dimension:
                place(*find_on_storeys(option, &Storey::dimensions, item.id).item, placing);
                break;
            case Kind::block:
                place(*find(option.blocks, item.id), placing);
                break;
            case Kind::thing:
                place(*find(option.things, item.id), placing);
                break;
            case Kind::observer: {
                Observer& o = *find(option.observers, item.id);
                if (!has(items, Kind::room, o.room)) place(o, placing);
                break;
            }
            case Kind::reading: {
                Reading& r = *find(option.readings, item.id);
                if (!has(items, Kind::room, r.room)) place(r, placing);
                break;
            }
            default:
                break;
        }
    }
    return true;
}

Items copy_items(Option& option, const Items& items, size_t to, const Placing& placing) {
    Items made;
    auto taken = taken_ids(option);
    const auto fresh = [&](const char* prefix) {
        const Id id = fresh_id(taken, prefix);
        taken.insert(id);
        return id;
    };
    const auto add = [&](auto list, auto item, const char* prefix, Kind kind) {
        item.id = fresh(prefix);
        if constexpr (requires { item.name; }) item.name = item.name + ", copy";
        place(item, placing);
        (option.storeys[to].*list).push_back(item);
        made.push_back({kind, item.id, -1});
    };
    const double lift = to < option.storeys.size() ? option.storeys[to].level : 0;
    for (const Item& item : items) {
        switch (item.kind) {
            case Kind::room: {
                const auto at = find_room(option, item.id);
                Room room = *at.room;
                const double from_level = at.storey->level;
                room.id = fresh("room");
                if (at.storey == &option.storeys[to]) room.name += ", copy";
                for (Opening& o : room.openings) o.id = o.name = fresh(o.kind == Opening::Kind::window ? "W" : "D");
                // What stands there comes along, and the planes with it.
                std::map<Id, Id> copy_of;
                std::vector<Thing> things;
                for (const Thing& t : option.things)
                    if (stands_in(t, *at.storey, *at.room)) things.push_back(t);
                for (Thing& t : things) {
                    const Id from = t.id;
                    t.id = copy_of[from] = fresh("thing");
                    t.storey = option.storeys[to].id;
                    place(t, placing);
                    option.things.push_back(t);
                }
                place_room(room, placing);
                std::vector<ReferencePlane> planes;
                for (const ReferencePlane& p : option.planes)
                    if (p.room == item.id || copy_of.contains(p.thing)) planes.push_back(p);
                for (ReferencePlane& p : planes) {
                    if (p.on == ReferencePlane::On::deck && !copy_of.contains(p.thing)) continue;
                    p.id = fresh("plane");
                    if (!p.room.empty()) p.room = room.id;
                    if (p.on == ReferencePlane::On::deck) p.thing = copy_of[p.thing];
                    place(p, placing, static_cast<int>(room.footprint.size()));
                    option.planes.push_back(p);
                }
                // Who looks around there, and where light is read, come along.
                const auto along = [&](auto& list, const char* prefix, auto at) {
                    auto copies = list;
                    std::erase_if(copies, [&](const auto& one) { return one.room != item.id; });
                    for (auto& copy : copies) {
                        copy.id = fresh(prefix);
                        copy.room = room.id;
                        (copy.*at).z += lift - from_level;
                        place(copy, placing);
                        list.push_back(std::move(copy));
                    }
                };
                along(option.observers, "eye", &Observer::eye);
                along(option.readings, "reading", &Reading::at);
                made.push_back({Kind::room, room.id, -1});
                option.storeys[to].rooms.push_back(std::move(room));
                break;
            }
            case Kind::opening: {
                const auto at = find_opening(option, item.id);
                if (!at || has(items, Kind::room, at.room->id)) break;
                Opening o = *at.opening;
                o.id = o.name = fresh(o.kind == Opening::Kind::window ? "W" : "D");
                at.room->openings.push_back(o);
                place_opening(option, o.id, placing);
                made.push_back({Kind::opening, o.id, -1});
                break;
            }
            case Kind::partition:
                add(&Storey::partitions, *find_on_storeys(option, &Storey::partitions, item.id).item, "screen",
                    item.kind);
                break;
            case Kind::floor_void:
                add(&Storey::voids, *find_on_storeys(option, &Storey::voids, item.id).item, "void", item.kind);
                break;
            case Kind::rooflight:
                add(&Storey::rooflights, *find_on_storeys(option, &Storey::rooflights, item.id).item, "R", item.kind);
                break;
            case Kind::dimension:
                add(&Storey::dimensions, *find_on_storeys(option, &Storey::dimensions, item.id).item, "dim", item.kind);
                break;
            case Kind::block: {
                Block b = *find(option.blocks, item.id);
                b.id = fresh("block");
                place(b, placing);
                option.blocks.push_back(b);
                made.push_back({Kind::block, b.id, -1});
                break;
            }
            case Kind::thing: {
                Thing t = *find(option.things, item.id);
                t.id = fresh("thing");
                if (!t.storey.empty() && to < option.storeys.size()) t.storey = option.storeys[to].id;
                place(t, placing);
                option.things.push_back(t);
                made.push_back({Kind::thing, t.id, -1});
                break;
            }
            case Kind::observer: {
                Observer o = *find(option.observers, item.id);
                if (has(items, Kind::room, o.room)) break;
                o.id = fresh("eye");
                place(o, placing);
                option.observers.push_back(o);
                made.push_back({Kind::observer, o.id, -1});
                break;
            }
            case Kind::reading: {
                Reading r = *find(option.readings, item.id);
                if (has(items, Kind::room, r.room)) break;
                r.id = fresh("reading");
                place(r, placing);
                option.readings.push_back(r);
                made.push_back({Kind::reading, r.id, -1});
                break;
            }
            default:
                break;
        }
    }
    return made;
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

namespace {

void remove_room(Option& option, Storey& storey, const Id& id) {
    erase_by_id(storey.rooms, id);
    std::erase_if(option.planes,
                  [&](const ReferencePlane& p) { return p.room == id && p.on != ReferencePlane::On::deck; });
    std::erase_if(option.observers, [&](const Observer& o) { return o.room == id; });
    std::erase_if(option.readings, [&](const Reading& r) { return r.room == id; });
    for (ReferencePlane& p : option.planes)
        if (p.on == ReferencePlane::On::deck && p.room == id) p.room.clear();
    // A roof over this room only would else cover the whole storey.
    std::erase_if(storey.roofs, [&](const Roof& r) { return r.rooms.size() == 1 && r.rooms[0] == id; });
    for (Roof& r : storey.roofs) std::erase(r.rooms, id);
}

bool remove_wall(Option& option, const Item& item) {
    const size_t s = storey_of(option, item);
    if (const auto behind = wall_behind(option, s, item.id, item.edge))
        return join_rooms(option, s, item.id, behind->id);
    const auto at = find_room(option, item.id);
    if (!at) return false;
    std::erase_if(at.room->openings, [&](const Opening& o) { return o.edge == item.edge; });
    Opening open;
    open.id = open.name = fresh_id(option, "D");
    open.kind = Opening::Kind::opening_void;
    open.edge = item.edge;
    open.along = kLeastJamb;
    open.width = edge_length(*at.room, item.edge) - 2 * kLeastJamb;
    open.sill = 0;
    open.reveal = 0;
    open.height = wall_top(option, *at.storey, *at.room, item.edge, open.along, open.width);
    at.room->openings.push_back(open);
    return true;
}

}  // namespace

bool remove_items(Option& option, const Items& items) {
    bool any = false;
    for (const Item& item : items) {
        if (!exists(option, item)) continue;
        const size_t s = storey_of(option, item);
        any = true;
        switch (item.kind) {
            case Kind::storey:
                any = remove_storey(option, s) || any;
                break;
            case Kind::room:
                remove_room(option, option.storeys[s], item.id);
                break;
            case Kind::wall:
                any = remove_wall(option, item) || any;
                break;
            case Kind::opening:
                erase_by_id(find_opening(option, item.id).room->openings, item.id);
                break;
            case Kind::partition:
                erase_by_id(option.storeys[s].partitions, item.id);
                break;
            case Kind::floor_void:
                erase_by_id(option.storeys[s].voids, item.id);
                break;
            case Kind::roof:
                erase_by_id(option.storeys[s].roofs, item.id);
                break;
            case Kind::rooflight:
                erase_by_id(option.storeys[s].rooflights, item.id);
                break;
            case Kind::dimension:
                erase_by_id(option.storeys[s].dimensions, item.id);
                break;
            case Kind::observer:
                erase_by_id(option.observers, item.id);
                break;
            case Kind::reading:
                erase_by_id(option.readings, item.id);
                break;
            case Kind::block:
                erase_by_id(option.blocks, item.id);
                break;
            case Kind::plane:
                erase_by_id(option.planes, item.id);
                break;
            case Kind::thing:
                erase_by_id(option.things, item.id);
                std::erase_if(option.planes, [&](const ReferencePlane& p) {
                    return p.on == ReferencePlane::On::deck && p.thing == item.id;
                });
                break;
            case Kind::none:
                break;
        }
    }
    return any;
}

}  // namespace wp::geometry

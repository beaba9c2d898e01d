// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/edit.h"

#include <algorithm>
#include <cmath>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::geometry {
using namespace model;
using Kind = Item::Kind;

namespace {

constexpr double kLeastRoom = 0.25, kLeastEdge = 0.02;

bool is_whole(const Room& room) {
    if (room.footprint.size() < 3 || signed_area(room.footprint) < kLeastRoom || crosses_itself(room.footprint)) return false;
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e)
        if (edge_length(room, e) < kLeastEdge) return false;
    return true;
}

void keep_openings(const Option& option, const Storey& storey, Room& room) {
    for (Opening& o : room.openings) keep_in_wall(option, storey, room, o);
}

// Where an opening's jambs were, for finding its wall again.
struct Spot {
    Opening opening;
    Vec2 from, to;
};

std::vector<Spot> spots(const Room& room) {
    std::vector<Spot> out;
    for (const Opening& o : room.openings) {
        const Vec2 a = edge_begin(room, o.edge), d = normalized(edge_end(room, o.edge) - a);
        out.push_back({o, a + d * o.along, a + d * (o.along + o.width)});
    }
    return out;
}

// Puts openings onto the edges of a room they lie on. Those that lie on none are left out.
void settle_openings(Room& room, const std::vector<Spot>& all) {
    for (const Spot& spot : all)
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            const Vec2 a = edge_begin(room, e), b = edge_end(room, e), middle = (spot.from + spot.to) * 0.5;
            if (distance_to_segment(middle, a, b) > 2 * kSameLine || dot(b - a, spot.to - spot.from) < 0.99 * length(b - a) * length(spot.to - spot.from)) continue;
            Opening o = spot.opening;
            const double l = length(b - a), from = std::max(0.0, dot(spot.from - a, normalized(b - a))), to = std::min(l, dot(spot.to - a, normalized(b - a)));
            if (to - from < 0.05) continue;
            o.edge = e;
            o.along = from;
            o.width = to - from;
            room.openings.push_back(o);
            break;
        }
}

// Own thicknesses, by the middle of their edges.
void settle_walls(Room& room, const Room& before) {
    room.own_walls.clear();
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
        const Vec2 middle = (edge_begin(room, e) + edge_end(room, e)) * 0.5;
        for (const Wall& wall : before.own_walls)
            if (distance_to_segment(middle, edge_begin(before, wall.edge), edge_end(before, wall.edge)) < 2 * kSameLine) room.own_walls.push_back({e, wall.thickness});
    }
}

Polygon without_doubles(Polygon ring) {
    for (size_t i = 0; i < ring.size() && ring.size() > 3;) {
        const Vec2 a = ring[(i + ring.size() - 1) % ring.size()], b = ring[i], c = ring[(i + 1) % ring.size()];
        if (length(b - a) < kSameLine || distance_to_segment(b, a, c) < 1e-5) ring.erase(ring.begin() + static_cast<std::ptrdiff_t>(i));
        else ++i;
    }
    return ring;
}

void place_room(Room& room, const Placing& placing) {
    for (Vec2& p : room.footprint) p = placing(p);
    if (!placing.mirrors()) return;
    // Mirrored rings run the other way round: edge e, from corner e to e + 1, becomes edge n - 2 - e of the turned ring.
    const int n = static_cast<int>(room.footprint.size());
    for (Opening& o : room.openings) {
        o.along = std::max(0.0, edge_length(room, o.edge) - o.along - o.width);
        o.edge = (2 * n - 2 - o.edge) % n;
    }
    for (Wall& w : room.own_walls) w.edge = (2 * n - 2 - w.edge) % n;
    std::reverse(room.footprint.begin(), room.footprint.end());
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
}

void place_observers_of(Option& option, const Id& room, const Placing& placing) {
    for (Observer& o : option.observers)
        if (o.room == room) place(o, placing);
}

bool has(const Items& items, Kind kind, const Id& id) { return std::find(items.begin(), items.end(), Item{kind, id, -1}) != items.end(); }

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

bool place_items(Option& option, const Items& items, const Placing& placing) {
    for (const Item& item : items) {
        const size_t s = storey_of(option, item);
        switch (item.kind) {
            case Kind::room:
                place_room(*find_room(option, item.id).room, placing);
                place_observers_of(option, item.id, placing);
                break;
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
            case Kind::partition: place(*find_on_storeys(option, &Storey::partitions, item.id).item, placing); break;
            case Kind::floor_void: place(*find_on_storeys(option, &Storey::voids, item.id).item, placing); break;
            case Kind::roof: place(*find_on_storeys(option, &Storey::roofs, item.id).item, placing); break;
            case Kind::rooflight: place(*find_on_storeys(option, &Storey::rooflights, item.id).item, placing); break;
            case Kind::dimension: place(*find_on_storeys(option, &Storey::dimensions, item.id).item, placing); break;
            case Kind::block: place(*find(option.blocks, item.id), placing); break;
            case Kind::observer: {
                Observer& o = *find(option.observers, item.id);
                if (!has(items, Kind::room, o.room)) place(o, placing);
                break;
            }
            default: break;
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
                place_room(room, placing);
                std::vector<ReferencePlane> planes;
                for (const ReferencePlane& p : option.planes)
                    if (p.room == item.id) planes.push_back(p);
                for (ReferencePlane& p : planes) {
                    p.id = fresh("plane");
                    p.room = room.id;
                    option.planes.push_back(p);
                }
                std::vector<Observer> eyes;
                for (const Observer& o : option.observers)
                    if (o.room == item.id) eyes.push_back(o);
                for (Observer& o : eyes) {
                    o.id = fresh("eye");
                    o.room = room.id;
                    o.eye.z += lift - from_level;
                    place(o, placing);
                    option.observers.push_back(o);
                }
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
            case Kind::partition: add(&Storey::partitions, *find_on_storeys(option, &Storey::partitions, item.id).item, "screen", item.kind); break;
            case Kind::floor_void: add(&Storey::voids, *find_on_storeys(option, &Storey::voids, item.id).item, "void", item.kind); break;
            case Kind::rooflight: add(&Storey::rooflights, *find_on_storeys(option, &Storey::rooflights, item.id).item, "R", item.kind); break;
            case Kind::dimension: add(&Storey::dimensions, *find_on_storeys(option, &Storey::dimensions, item.id).item, "dim", item.kind); break;
            case Kind::block: {
                Block b = *find(option.blocks, item.id);
                b.id = fresh("block");
                place(b, placing);
                option.blocks.push_back(b);
                made.push_back({Kind::block, b.id, -1});
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
            default: break;
        }
    }
    return made;
}

Items insert_items(Option& option, size_t to, const Storey& from, const std::vector<ReferencePlane>& planes, const Placing& placing) {
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
    const size_t own_planes = option.planes.size();
    for (ReferencePlane p : planes) {
        p.id = mark + p.id;
        p.room = mark + p.room;
        option.planes.push_back(p);
    }
    option.storeys.push_back(std::move(guest));
    const Items made = copy_items(option, items, to, placing);
    option.storeys.pop_back();
    option.planes.erase(option.planes.begin() + static_cast<std::ptrdiff_t>(own_planes), option.planes.begin() + static_cast<std::ptrdiff_t>(own_planes + planes.size()));
    return made;
}

namespace {

template <class T>
void erase_by_id(std::vector<T>& list, const Id& id) {
    std::erase_if(list, [&](const T& item) { return item.id == id; });
}

void remove_room(Option& option, Storey& storey, const Id& id) {
    erase_by_id(storey.rooms, id);
    std::erase_if(option.planes, [&](const ReferencePlane& p) { return p.room == id; });
    std::erase_if(option.observers, [&](const Observer& o) { return o.room == id; });
    // A roof over this room only would else cover the whole storey.
    std::erase_if(storey.roofs, [&](const Roof& r) { return r.rooms.size() == 1 && r.rooms[0] == id; });
    for (Roof& r : storey.roofs) std::erase(r.rooms, id);
}

bool remove_wall(Option& option, const Item& item) {
    const size_t s = storey_of(option, item);
    if (const auto behind = wall_behind(option, s, item.id, item.edge)) return join_rooms(option, s, item.id, behind->id);
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
            case Kind::storey: any = remove_storey(option, s) || any; break;
            case Kind::room: remove_room(option, option.storeys[s], item.id); break;
            case Kind::wall: any = remove_wall(option, item) || any; break;
            case Kind::opening: erase_by_id(find_opening(option, item.id).room->openings, item.id); break;
            case Kind::partition: erase_by_id(option.storeys[s].partitions, item.id); break;
            case Kind::floor_void: erase_by_id(option.storeys[s].voids, item.id); break;
            case Kind::roof: erase_by_id(option.storeys[s].roofs, item.id); break;
            case Kind::rooflight: erase_by_id(option.storeys[s].rooflights, item.id); break;
            case Kind::dimension: erase_by_id(option.storeys[s].dimensions, item.id); break;
            case Kind::observer: erase_by_id(option.observers, item.id); break;
            case Kind::block: erase_by_id(option.blocks, item.id); break;
            case Kind::none: break;
        }
    }
    return any;
}

bool add_corner(Room& room, int edge, double along) {
    const double l = edge_length(room, edge);
    if (along < kSameLine || along > l - kSameLine) return false;
    const Vec2 a = edge_begin(room, edge), corner = a + normalized(edge_end(room, edge) - a) * along;
    const auto all = spots(room);
    const Room before = room;
    room.footprint.insert(room.footprint.begin() + edge + 1, corner);
    room.openings.clear();
    settle_openings(room, all);
    settle_walls(room, before);
    return true;
}

bool remove_corner(Room& room, int corner) {
    if (room.footprint.size() <= 3) return false;
    Room after = room;
    const int n = static_cast<int>(room.footprint.size()), before = (corner + n - 1) % n;
    after.footprint.erase(after.footprint.begin() + corner);
    if (!is_whole(after)) return false;
    // Both edges at the corner become one: the one before it.
    const auto renumbered = [&](int edge) { return edge == corner || edge == before ? (corner == 0 ? n - 2 : before) : edge > corner ? edge - 1 : edge; };
    const double first = edge_length(room, before);
    for (Opening& o : after.openings) {
        if (o.edge == corner) o.along += first;
        o.edge = renumbered(o.edge);
    }
    for (Wall& w : after.own_walls) w.edge = renumbered(w.edge);
    std::sort(after.own_walls.begin(), after.own_walls.end(), [](const Wall& a, const Wall& b) { return a.edge < b.edge; });
    after.own_walls.erase(std::unique(after.own_walls.begin(), after.own_walls.end(), [](const Wall& a, const Wall& b) { return a.edge == b.edge; }), after.own_walls.end());
    for (Opening& o : after.openings) model::keep_in_wall(after, o);
    room = std::move(after);
    return true;
}

namespace {

// Makes the stretch between two points an edge of its own wherever a room has them on a longer edge. Where the rest of the
// edge stays behind, the corner is doubled, so that a jog can open there.
void free_stretch(Room& room, Vec2 a, Vec2 b) {
    for (const Vec2 p : {a, b})
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            const Vec2 s = edge_begin(room, e), t = edge_end(room, e), d = normalized(t - s);
            if (distance_to_segment(a, s, t) > kSameLine || distance_to_segment(b, s, t) > kSameLine) {
                // Only the overlap matters: the edge must run along a-b and hold p.
                if (std::fabs(cross(d, normalized(b - a))) > 1e-3) continue;
            }
            if (std::fabs(cross(d, normalized(b - a))) > 1e-3 || distance_to_segment(p, s, t) > kSameLine) continue;
            const double way = dot(p - s, d), l = length(t - s);
            if (way < kSameLine || way > l - kSameLine) continue;
            add_corner(room, e, way);
            // A second corner in the same place: it stays when the first one moves.
            room.footprint.insert(room.footprint.begin() + e + 1, room.footprint[static_cast<size_t>(e) + 1]);
            for (Opening& o : room.openings)
                if (o.edge > e) ++o.edge;
            for (Wall& w : room.own_walls)
                if (w.edge > e) ++w.edge;
            break;
        }
}

}  // namespace

bool move_edge(Option& option, size_t s, const Id& id, int edge, double outwards) {
    Option after = option;
    Storey& storey = after.storeys[s];
    Room* own = find(storey.rooms, id);
    if (own == nullptr || edge < 0 || edge >= static_cast<int>(own->footprint.size())) return false;
    const Vec2 a = edge_begin(*own, edge), b = edge_end(*own, edge), d = normalized(b - a), shift = Vec2{d.y, -d.x} * outwards;
    for (Room& room : storey.rooms) {
        if (&room != own) free_stretch(room, a, b);
        const auto n = static_cast<int>(room.footprint.size());
        std::vector<bool> moves(static_cast<size_t>(n), false);
        for (int e = 0; e < n; ++e) {
            const Vec2 p = edge_begin(room, e), q = edge_end(room, e);
            if (length(q - p) < kSameLine) continue;
            // Edges that lie on the moved stretch move as a whole.
            if (std::fabs(cross(normalized(q - p), d)) > 1e-3 || distance_to_segment(p, a, b) > kSameLine || distance_to_segment(q, a, b) > kSameLine) continue;
            moves[static_cast<size_t>(e)] = moves[static_cast<size_t>((e + 1) % n)] = true;
        }
        // A wall that ends on the moved stretch from the other side follows it.
        for (int e = 0; e < n; ++e)
            if (&room != own && distance_to_segment(room.footprint[static_cast<size_t>(e)], a, b) < kSameLine) {
                const Vec2 before = room.footprint[static_cast<size_t>((e + n - 1) % n)], next = room.footprint[static_cast<size_t>((e + 1) % n)], at = room.footprint[static_cast<size_t>(e)];
                const bool doubled = length(before - at) < kSameLine || length(next - at) < kSameLine;
                // Where the line goes on past the stretch, the corner stays with it.
                const auto on_line = [&](Vec2 q) { return std::fabs(cross(normalized(q - at), d)) < 1e-3; };
                if (!doubled && !on_line(before) && !on_line(next)) moves[static_cast<size_t>(e)] = true;
            }
        for (int e = 0; e < n; ++e)
            if (moves[static_cast<size_t>(e)]) room.footprint[static_cast<size_t>(e)] = room.footprint[static_cast<size_t>(e)] + shift;
        // Doubled corners that did not part are one again.
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e)
            if (edge_length(room, e) < kSameLine && room.footprint.size() > 3) {
                room.footprint.erase(room.footprint.begin() + e);
                for (Opening& o : room.openings)
                    if (o.edge > e) --o.edge;
                for (Wall& w : room.own_walls)
                    if (w.edge > e) --w.edge;
                --e;
            }
        if (!is_whole(room)) return false;
        keep_openings(after, storey, room);
    }
    option = std::move(after);
    return true;
}

bool move_corner(Option& option, size_t s, const Id& id, int corner, Vec2 to) {
    Option after = option;
    Storey& storey = after.storeys[s];
    const Room* own = find(storey.rooms, id);
    if (own == nullptr || corner < 0 || corner >= static_cast<int>(own->footprint.size())) return false;
    const Vec2 from = own->footprint[static_cast<size_t>(corner)];
    for (Room& room : storey.rooms) {
        bool touched = false;
        for (Vec2& p : room.footprint)
            if (length(p - from) < kSameLine) {
                p = to;
                touched = true;
            }
        if (!touched) continue;
        if (!is_whole(room)) return false;
        keep_openings(after, storey, room);
    }
    option = std::move(after);
    return true;
}

Id split_room(Option& option, size_t s, const Id& id, Vec2 a, Vec2 b) {
    Storey& storey = option.storeys[s];
    Room* room = find(storey.rooms, id);
    if (room == nullptr || length(b - a) < kSameLine) return {};
    const Vec2 d = normalized(b - a), left{-d.y, d.x};
    const Vec2 p = a - d * 1e3, q = a + d * 1e3;
    const auto one = intersection({room->footprint}, {{p, q, q + left * 2e3, p + left * 2e3}});
    const auto other = intersection({room->footprint}, {{p - left * 2e3, q - left * 2e3, q, p}});
    if (one.size() != 1 || other.size() != 1 || signed_area(one[0].outer) < kLeastRoom || signed_area(other[0].outer) < kLeastRoom) return {};
    const auto all = spots(*room);
    const Room before = *room;
    Room second = before;
    second.id = fresh_id(option, "room");
    second.name = before.name + " 2";
    second.extra.clear();
    for (auto& [part, outline] : {std::pair{room, one[0].outer}, std::pair{&second, other[0].outer}}) {
        part->footprint = without_doubles(outline);
        part->openings.clear();
        settle_openings(*part, all);
        settle_walls(*part, before);
    }
    // An opening that the new wall cuts through belongs to where its middle is; the other half is gone.
    for (const Opening& o : room->openings) erase_by_id(second.openings, o.id);
    std::vector<ReferencePlane> planes;
    for (const ReferencePlane& plane : option.planes)
        if (plane.room == id) planes.push_back(plane);
    for (ReferencePlane plane : planes) {
        plane.room = second.id;
        plane.id = fresh_id(option, "plane");
        option.planes.push_back(plane);
    }
    for (Observer& o : option.observers)
        if (o.room == id && !contains(room->footprint, {o.eye.x, o.eye.y})) o.room = second.id;
    for (Roof& roof : storey.roofs)
        if (std::find(roof.rooms.begin(), roof.rooms.end(), id) != roof.rooms.end()) roof.rooms.push_back(second.id);
    const Id made = second.id;
    storey.rooms.push_back(std::move(second));
    return made;
}

bool join_rooms(Option& option, size_t s, const Id& first, const Id& second) {
    Storey& storey = option.storeys[s];
    Room *one = find(storey.rooms, first), *other = find(storey.rooms, second);
    if (one == nullptr || other == nullptr || one == other) return false;
    // The hair between two lines that are the same line must not keep them apart.
    const auto grown = offset_union({one->footprint, other->footprint}, kSameLine);
    if (grown.size() != 1 || !grown[0].holes.empty()) return false;
    const auto whole = offset_union({grown[0].outer}, -kSameLine);
    if (whole.size() != 1) return false;
    auto all = spots(*one);
    for (const Spot& spot : spots(*other)) all.push_back(spot);
    const Room before = *one;
    one->footprint = without_doubles(whole[0].outer);
    // Back to the corners that were drawn, where the library's grid moved them.
    for (Vec2& p : one->footprint)
        for (const Room* of : {&before, static_cast<const Room*>(other)})
            for (const Vec2 q : of->footprint)
                if (length(p - q) < kSameLine) p = q;
    one->openings.clear();
    settle_openings(*one, all);
    settle_walls(*one, before);
    for (Observer& o : option.observers)
        if (o.room == second) o.room = first;
    for (Roof& roof : storey.roofs) {
        const bool covered = std::find(roof.rooms.begin(), roof.rooms.end(), second) != roof.rooms.end();
        std::erase(roof.rooms, second);
        if (covered && std::find(roof.rooms.begin(), roof.rooms.end(), first) == roof.rooms.end()) roof.rooms.push_back(first);
    }
    std::erase_if(option.planes, [&](const ReferencePlane& p) { return p.room == second; });
    erase_by_id(storey.rooms, second);
    return true;
}

bool offset_room(Option& option, size_t s, const Id& id, double distance) {
    Room* room = find(option.storeys[s].rooms, id);
    if (room == nullptr) return false;
    Room after = *room;
    const size_t n = after.footprint.size();
    for (size_t i = 0; i < n; ++i) {
        const Vec2 before = room->footprint[(i + n - 1) % n], at = room->footprint[i], next = room->footprint[(i + 1) % n];
        const Vec2 d = normalized(at - before), e = normalized(next - at), out{d.y, -d.x};
        const double turn = cross(d, e);
        after.footprint[i] = std::fabs(turn) < 1e-6 ? at + out * distance : at + (d - e) * (distance / turn);
    }
    // Every edge keeps its direction, or the room has turned inside out.
    for (int e = 0; e < static_cast<int>(n); ++e)
        if (dot(edge_end(after, e) - edge_begin(after, e), edge_end(*room, e) - edge_begin(*room, e)) <= 0) return false;
    if (!is_whole(after)) return false;
    keep_openings(option, option.storeys[s], after);
    *room = std::move(after);
    return true;
}

std::optional<Item> wall_behind(const Option& option, size_t s, const Id& id, int edge) {
    const Storey& storey = option.storeys[s];
    const Room* room = find(storey.rooms, id);
    if (room == nullptr) return {};
    const auto index = static_cast<size_t>(room - storey.rooms.data());
    const auto standing = standing_rooms(option, s);
    double longest = 0;
    std::optional<Item> found;
    for (const WallPiece& piece : wall_pieces(option, s, index)) {
        if (piece.edge != edge || piece.to - piece.from <= longest) continue;
        longest = piece.to - piece.from;
        found.reset();
        if (piece.neighbour < 0) continue;
        const RoomIndex at = standing[static_cast<size_t>(piece.neighbour)];
        if (at.storey == s) found = Item{Kind::room, storey.rooms[at.room].id, -1};
    }
    return found;
}

void set_wall_thickness(Option& option, size_t s, const Id& id, int edge, double thickness) {
    Storey& storey = option.storeys[s];
    Room* own = find(storey.rooms, id);
    if (own == nullptr) return;
    const Vec2 a = edge_begin(*own, edge), b = edge_end(*own, edge), d = normalized(b - a);
    set_own_thickness(*own, edge, thickness);
    for (Room& room : storey.rooms)
        for (int e = 0; &room != own && e < static_cast<int>(room.footprint.size()); ++e) {
            const Vec2 p = edge_begin(room, e), q = edge_end(room, e);
            if (std::fabs(cross(d, p - a)) > kSameLine || std::fabs(cross(d, q - a)) > kSameLine) continue;
            const double from = std::min(dot(p - a, d), dot(q - a, d)), to = std::max(dot(p - a, d), dot(q - a, d));
            if (std::min(to, length(b - a)) - std::max(from, 0.0) > kSameLine) set_own_thickness(room, e, thickness);
        }
}

}  // namespace wp::geometry

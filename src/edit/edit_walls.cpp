// SPDX-License-Identifier: GPL-3.0-or-later
// Corners and walls: moved with their neighbours, split, joined, grown.
#include <algorithm>
#include <cmath>

#include "edit/edit_parts.h"

namespace wp::edit {
using Kind = Item::Kind;

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
    const auto renumbered = [&](int edge) {
        return edge == corner || edge == before ? (corner == 0 ? n - 2 : before) : edge > corner ? edge - 1 : edge;
    };
    const double first = edge_length(room, before);
    for (Opening& o : after.openings) {
        if (o.edge == corner) o.along += first;
        o.edge = renumbered(o.edge);
    }
    each_wall_edge(after, [&](int& e) { e = renumbered(e); });
    std::stable_sort(after.own_finishes.begin(), after.own_finishes.end(),
                     [](const OwnFinish& a, const OwnFinish& b) { return a.surface < b.surface; });
    after.own_finishes.erase(std::unique(after.own_finishes.begin(), after.own_finishes.end(),
                                         [](const OwnFinish& a, const OwnFinish& b) { return a.surface == b.surface; }),
                             after.own_finishes.end());
    std::sort(after.own_walls.begin(), after.own_walls.end(),
              [](const Wall& a, const Wall& b) { return a.edge < b.edge; });
    after.own_walls.erase(std::unique(after.own_walls.begin(), after.own_walls.end(),
                                      [](const Wall& a, const Wall& b) { return a.edge == b.edge; }),
                          after.own_walls.end());
    for (Opening& o : after.openings) model::keep_in_wall(after, o);
    room = std::move(after);
    return true;
}

namespace {

// Makes the stretch between two points an edge of its own wherever a room has them on a longer edge. Where the rest of
// the edge stays behind, the corner is doubled, so that a jog can open there.
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
            each_edge(room, [&](int& edge) { edge += edge > e; });
            break;
        }
}

}  // namespace

bool move_edge(Option& option, size_t s, const Id& id, int edge, double outwards) {
    Option after = option;
    Storey& storey = after.storeys[s];
    Room* own = find(storey.rooms, id);
    if (own == nullptr || edge < 0 || edge >= static_cast<int>(own->footprint.size())) return false;
    const Vec2 a = edge_begin(*own, edge), b = edge_end(*own, edge), d = normalized(b - a),
               shift = Vec2{d.y, -d.x} * outwards;
    for (Room& room : storey.rooms) {
        if (&room != own) free_stretch(room, a, b);
        const auto n = static_cast<int>(room.footprint.size());
        std::vector<bool> moves(static_cast<size_t>(n), false);
        for (int e = 0; e < n; ++e) {
            const Vec2 p = edge_begin(room, e), q = edge_end(room, e);
            if (length(q - p) < kSameLine) continue;
            // Edges that lie on the moved stretch move as a whole.
            if (std::fabs(cross(normalized(q - p), d)) > 1e-3 || distance_to_segment(p, a, b) > kSameLine ||
                distance_to_segment(q, a, b) > kSameLine)
                continue;
            moves[static_cast<size_t>(e)] = moves[static_cast<size_t>((e + 1) % n)] = true;
        }
        // A wall that ends on the moved stretch from the other side follows it.
        for (int e = 0; e < n; ++e)
            if (&room != own && distance_to_segment(room.footprint[static_cast<size_t>(e)], a, b) < kSameLine) {
                const Vec2 before = room.footprint[static_cast<size_t>((e + n - 1) % n)],
                           next = room.footprint[static_cast<size_t>((e + 1) % n)],
                           at = room.footprint[static_cast<size_t>(e)];
                const bool doubled = length(before - at) < kSameLine || length(next - at) < kSameLine;
                // Where the line goes on past the stretch, the corner stays with it.
                const auto on_line = [&](Vec2 q) { return std::fabs(cross(normalized(q - at), d)) < 1e-3; };
                if (!doubled && !on_line(before) && !on_line(next)) moves[static_cast<size_t>(e)] = true;
            }
        for (int e = 0; e < n; ++e)
            if (moves[static_cast<size_t>(e)])
                room.footprint[static_cast<size_t>(e)] = room.footprint[static_cast<size_t>(e)] + shift;
        // Doubled corners that did not part are one again.
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e)
            if (edge_length(room, e) < kSameLine && room.footprint.size() > 3) {
                room.footprint.erase(room.footprint.begin() + e);
                each_edge(room, [&](int& of) { of -= of > e; });
                --e;
            }
        if (!is_whole(room)) return false;
        keep_openings(after, storey, room);
    }
    option = std::move(after);
    return true;
}

bool stretch_wall(Option& option, size_t s, const Id& id, int edge, double by) {
    const Room* room = find(option.storeys[s].rooms, id);
    if (room == nullptr || edge < 0 || edge >= static_cast<int>(room->footprint.size())) return false;
    const int next = (edge + 1) % static_cast<int>(room->footprint.size());
    const Vec2 d = normalized(edge_end(*room, edge) - edge_begin(*room, edge)),
               e = normalized(edge_end(*room, next) - edge_begin(*room, next));
    const double facing = dot(d, Vec2{e.y, -e.x});
    return std::fabs(facing) > 0.1 && move_edge(option, s, id, next, by * facing);
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
    if (one.size() != 1 || other.size() != 1 || signed_area(one[0].outer) < kLeastRoom ||
        signed_area(other[0].outer) < kLeastRoom)
        return {};
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
    for (Reading& r : option.readings)
        if (r.room == id && !contains(room->footprint, {r.at.x, r.at.y})) r.room = second.id;
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
    for (Reading& r : option.readings)
        if (r.room == second) r.room = first;
    for (Roof& roof : storey.roofs) {
        const bool covered = std::find(roof.rooms.begin(), roof.rooms.end(), second) != roof.rooms.end();
        std::erase(roof.rooms, second);
        if (covered && std::find(roof.rooms.begin(), roof.rooms.end(), first) == roof.rooms.end())
            roof.rooms.push_back(first);
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
        const Vec2 before = room->footprint[(i + n - 1) % n], at = room->footprint[i],
                   next = room->footprint[(i + 1) % n];
        const Vec2 d = normalized(at - before), e = normalized(next - at), out{d.y, -d.x};
        const double turn = cross(d, e);
        after.footprint[i] = std::fabs(turn) < 1e-6 ? at + out * distance : at + (d - e) * (distance / turn);
    }
    // Every edge keeps its direction, or the room has turned inside out.
    for (int e = 0; e < static_cast<int>(n); ++e)
        if (dot(edge_end(after, e) - edge_begin(after, e), edge_end(*room, e) - edge_begin(*room, e)) <= 0)
            return false;
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

}  // namespace wp::edit

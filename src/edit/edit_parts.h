// SPDX-License-Identifier: GPL-3.0-or-later
// What the edits share: when a room is whole, and how openings find their walls again. Used in this folder, and by the
// model check.
#pragma once
#include <algorithm>
#include <vector>

#include "edit/edit.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::edit {
using namespace model;
using namespace geometry;

inline constexpr double kLeastRoom = 0.25, kLeastEdge = 0.02;

inline bool is_whole(const Room& room) {
    if (room.footprint.size() < 3 || signed_area(room.footprint) < kLeastRoom || crosses_itself(room.footprint))
        return false;
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e)
        if (edge_length(room, e) < kLeastEdge) return false;
    return true;
}

inline const char* prefix_of(Opening::Kind kind) { return kind == Opening::Kind::window ? "W" : "D"; }

inline bool holds(const Items& items, Item::Kind kind, const Id& id) {
    return std::find(items.begin(), items.end(), Item{kind, id, -1}) != items.end();
}

// What stands in a room, by its middle.
inline bool stands_in(const Thing& thing, const Storey& storey, const Room& room) {
    return thing.storey == storey.id && contains(room.footprint, thing.at);
}

/// Whether a luminaire hangs in a room.
inline bool hangs_in(const Luminaire& luminaire, const Storey& storey, const Room& room) {
    return luminaire.storey == storey.id && contains(room.footprint, luminaire.at);
}

inline void keep_openings(const Option& option, const Storey& storey, Room& room) {
    for (Opening& o : room.openings) keep_in_wall(option, storey, room, o);
}

// Where an opening's jambs were, for finding its wall again.
struct Spot {
    Opening opening;
    Vec2 from, to;
};

inline std::vector<Spot> spots(const Room& room) {
    std::vector<Spot> out;
    for (const Opening& o : room.openings) {
        const Vec2 a = edge_begin(room, o.edge), d = normalized(edge_end(room, o.edge) - a);
        out.push_back({o, a + d * o.along, a + d * (o.along + o.width)});
    }
    return out;
}

// Puts openings onto the edges of a room they lie on. Those that lie on none are left out.
inline void settle_openings(Room& room, const std::vector<Spot>& all) {
    for (const Spot& spot : all)
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            const Vec2 a = edge_begin(room, e), b = edge_end(room, e), middle = (spot.from + spot.to) * 0.5;
            if (distance_to_segment(middle, a, b) > 2 * kSameLine ||
                dot(b - a, spot.to - spot.from) < 0.99 * length(b - a) * length(spot.to - spot.from))
                continue;
            Opening o = spot.opening;
            const double l = length(b - a), from = std::max(0.0, dot(spot.from - a, normalized(b - a))),
                         to = std::min(l, dot(spot.to - a, normalized(b - a)));
            if (to - from < 0.05) continue;
            o.edge = e;
            o.along = from;
            o.width = to - from;
            room.openings.push_back(o);
            break;
        }
}

// All numbers of edges that a room holds, but for those of its openings.
template <class Change>
void each_wall_edge(Room& room, Change&& change) {
    for (Wall& w : room.own_walls) change(w.edge);
    for (OwnFinish& f : room.own_finishes)
        if (f.surface >= 0) change(f.surface);
}
template <class Change>
void each_edge(Room& room, Change&& change) {
    for (Opening& o : room.openings) change(o.edge);
    each_wall_edge(room, change);
}

// Own thicknesses and finishes, by the middle of their edges.
inline void settle_walls(Room& room, const Room& before) {
    room.own_walls.clear();
    std::erase_if(room.own_finishes, [](const OwnFinish& f) { return f.surface >= 0; });
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
        const Vec2 middle = (edge_begin(room, e) + edge_end(room, e)) * 0.5;
        for (const Wall& wall : before.own_walls)
            if (distance_to_segment(middle, edge_begin(before, wall.edge), edge_end(before, wall.edge)) < 2 * kSameLine)
                room.own_walls.push_back({e, wall.thickness});
        for (const OwnFinish& f : before.own_finishes)
            if (f.surface >= 0 &&
                distance_to_segment(middle, edge_begin(before, f.surface), edge_end(before, f.surface)) < 2 * kSameLine)
                room.own_finishes.push_back({e, f.material});
    }
}

inline Polygon without_doubles(Polygon ring) {
    for (size_t i = 0; i < ring.size() && ring.size() > 3;) {
        const Vec2 a = ring[(i + ring.size() - 1) % ring.size()], b = ring[i], c = ring[(i + 1) % ring.size()];
        if (length(b - a) < kSameLine || distance_to_segment(b, a, c) < 1e-5)
            ring.erase(ring.begin() + static_cast<std::ptrdiff_t>(i));
        else
            ++i;
    }
    return ring;
}

template <class T>
void erase_by_id(std::vector<T>& list, const Id& id) {
    std::erase_if(list, [&](const T& item) { return item.id == id; });
}

}  // namespace wp::edit

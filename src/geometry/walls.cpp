// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/walls.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace wp::geometry {
using namespace model;

double on_grid(double metres) { return std::llround(metres * 1e5) / 1e5; }

namespace {

struct Box {
    Vec2 low{1e18, 1e18}, high{-1e18, -1e18};
};

Box box_of(const Polygon& polygon) {
    Box box;
    for (const Vec2 p : polygon) {
        box.low = {std::min(box.low.x, p.x), std::min(box.low.y, p.y)};
        box.high = {std::max(box.high.x, p.x), std::max(box.high.y, p.y)};
    }
    return box;
}

bool touch(const Box& a, const Box& b, double slack) {
    return a.low.x <= b.high.x + slack && b.low.x <= a.high.x + slack && a.low.y <= b.high.y + slack &&
           b.low.y <= a.high.y + slack;
}

struct Shared {
    double from, to;
    int neighbour;
    double thickness;
};

// Where other rooms lie with an edge on this one, the other way round.
void find_shared(const Option& option, const Room& room, int edge, const Room& other, int index,
                 std::vector<Shared>& out) {
    const Vec2 a = edge_begin(room, edge), b = edge_end(room, edge);
    const double l = length(b - a);
    if (l < kSameLine) return;
    const Vec2 d = (b - a) * (1 / l);
    for (int e = 0; e < static_cast<int>(other.footprint.size()); ++e) {
        const Vec2 p = edge_begin(other, e), q = edge_end(other, e);
        if (dot(q - p, d) >= 0 || std::fabs(cross(d, p - a)) > kSameLine || std::fabs(cross(d, q - a)) > kSameLine)
            continue;
        const double from = std::max(0.0, dot(q - a, d)), to = std::min(l, dot(p - a, d));
        if (to - from < kSameLine) continue;
        const double mine = own_thickness(room, edge, 0), theirs = own_thickness(other, e, 0);
        const double own = std::max(mine, theirs);
        out.push_back(
            {from < kSameLine ? 0 : from, to > l - kSameLine ? l : to, index, own > 0 ? own : option.inner_wall});
    }
}

// Moves every side of a ring along its outward normal by its own distance; corners are mitred.
struct Side {
    Vec2 begin;
    Vec2 along;    // unit
    double shift;  // outwards
    int tag;
};

struct Moved {
    Polygon ring;
    std::vector<int> tag;
};

constexpr double kLongestMitre = 4;

Moved move_sides(const std::vector<Side>& sides) {
    Moved out;
    const size_t n = sides.size();
    const auto outward = [](Vec2 d) { return Vec2{d.y, -d.x}; };
    const auto put = [&](Vec2 p, int tag) {
        out.ring.push_back(on_grid(p));
        out.tag.push_back(tag);
    };
    for (size_t i = 0; i < n; ++i) {
        const Side &before = sides[(i + n - 1) % n], &side = sides[i];
        const Vec2 p = side.begin + outward(before.along) * before.shift,
                   q = side.begin + outward(side.along) * side.shift;
        const double turn = cross(before.along, side.along);
        if (std::fabs(turn) < 1e-4) {
            // Straight on: where the thickness changes there is a jog.
            if (std::fabs(before.shift - side.shift) > 1e-6) put(p, -1);
            put(q, side.tag);
            continue;
        }
        const double t = cross(q - p, side.along) / turn;
        const Vec2 corner = p + before.along * t;
        const double reach = std::max({std::fabs(before.shift), std::fabs(side.shift), 1e-9});
        if (length(corner - side.begin) <= kLongestMitre * reach) {
            put(corner, side.tag);
        } else {  // a needle: cut it square
            put(p, -1);
            put(q, side.tag);
        }
    }
    // Corners that fell together on the grid.
    for (size_t i = 0; i < out.ring.size() && out.ring.size() > 3;) {
        if (out.ring[i] == out.ring[(i + 1) % out.ring.size()]) {
            out.ring.erase(out.ring.begin() + static_cast<std::ptrdiff_t>(i));
            out.tag.erase(out.tag.begin() + static_cast<std::ptrdiff_t>(i));
        } else {
            ++i;
        }
    }
    return out;
}

std::vector<Side> sides_of(const Room& room, const std::vector<WallPiece>& pieces) {
    std::vector<Side> sides;
    for (const WallPiece& piece : pieces) {
        const Vec2 a = edge_begin(room, piece.edge), b = edge_end(room, piece.edge), d = normalized(b - a);
        sides.push_back({a + d * piece.from, d, 0, piece.edge});
    }
    return sides;
}

// Distance from p along unit d to the segment a-b, or infinity.
double hit_segment(Vec2 p, Vec2 d, Vec2 a, Vec2 b) {
    const Vec2 e = b - a;
    const double denominator = cross(d, e);
    if (std::fabs(denominator) < 1e-12) return std::numeric_limits<double>::infinity();
    const double t = cross(a - p, e) / denominator, s = cross(a - p, d) / denominator;
    return t > -1e-3 && s >= -1e-9 && s <= 1 + 1e-9 ? std::max(t, 0.0) : std::numeric_limits<double>::infinity();
}

// The other face of a wall may stand askew to this one, up to the cosine here; beyond, nothing opens through it.
constexpr double kMostSlant = 0.5;

// The point of a face that lies from p along a direction, on the grid along the face and within it. A jamb always
// remains: two openings at a corner would else share a reveal without thickness.
Vec2 across(Vec2 p, Vec2 direction, Vec2 a, Vec2 b) {
    const double l = length(b - a), turn = cross(direction, b - a);
    const Vec2 d = (b - a) * (1 / l);
    const double way = std::fabs(turn) < 1e-9 * l ? dot(p - a, d) : cross(a - p, direction) / turn * l;
    return a + d * on_grid(std::clamp(way, std::min(kLeastJamb, l / 2), std::max(l - kLeastJamb, l / 2)));
}

}  // namespace

std::vector<RoomIndex> standing_rooms(const Option& option, size_t storey) {
    std::vector<RoomIndex> out;
    for (size_t r = 0; r < option.storeys[storey].rooms.size(); ++r) out.push_back({storey, r});
    for (size_t s = 0; s < storey; ++s)
        for (size_t r = 0; r < option.storeys[s].rooms.size(); ++r)
            if (option.storeys[s].level + option.storeys[s].rooms[r].height > option.storeys[storey].level + kSameLine)
                out.push_back({s, r});
    return out;
}

namespace {

const Room& room_at(const Option& option, RoomIndex at) { return option.storeys[at.storey].rooms[at.room]; }

std::vector<WallPiece> pieces_among(const Option& option, const std::vector<RoomIndex>& standing, size_t index) {
    const Room& room = room_at(option, standing[index]);
    const Box box = box_of(room.footprint);
    std::vector<size_t> near;
    for (size_t k = 0; k < standing.size(); ++k)
        if (k != index && touch(box, box_of(room_at(option, standing[k]).footprint), kSameLine)) near.push_back(k);
    std::vector<WallPiece> out;
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
        const double l = edge_length(room, e), own = own_thickness(room, e, option.outer_wall);
        if (l < 1e-9) continue;
        std::vector<Shared> shared;
        for (const size_t k : near)
            find_shared(option, room, e, room_at(option, standing[k]), static_cast<int>(k), shared);
        std::sort(shared.begin(), shared.end(), [](const Shared& a, const Shared& b) { return a.from < b.from; });
        double at = 0;
        for (const Shared& s : shared) {
            if (s.to <= at + kSameLine) continue;  // rooms that overlap: the first counts
            if (s.from > at + kSameLine) out.push_back({e, at, s.from, -1, own});
            out.push_back({e, std::max(at, s.from), s.to, s.neighbour, s.thickness});
            at = s.to;
        }
        if (at < l - kSameLine || at == 0)
            out.push_back({e, at, l, -1, own});
        else
            out.back().to = l;
    }
    return out;
}

}  // namespace

std::vector<WallPiece> wall_pieces(const Option& option, size_t storey, size_t index) {
    return pieces_among(option, standing_rooms(option, storey), index);
}

InnerFace inner_face(const Room& room, const std::vector<WallPiece>& pieces) {
    std::vector<Side> sides = sides_of(room, pieces);
    for (size_t i = 0; i < sides.size(); ++i)
        if (pieces[i].neighbour >= 0) sides[i].shift = -pieces[i].thickness / 2;
    const Moved moved = move_sides(sides);
    if (signed_area(moved.ring) > 1e-3 && !crosses_itself(moved.ring)) return {moved.ring, moved.tag};
    // Walls thicker than the room: the drawn line is all there is. The model check says so.
    InnerFace plain;
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
        plain.ring.push_back(on_grid(edge_begin(room, e)));
        plain.edge.push_back(e);
    }
    return plain;
}

InnerFace inner_face(const Option& option, const Storey& storey, const Room& room) {
    return inner_face(room, wall_pieces(option, static_cast<size_t>(&storey - option.storeys.data()),
                                        static_cast<size_t>(&room - storey.rooms.data())));
}

namespace {

Polygon grown(const Option& option, const Room& room, const std::vector<WallPiece>& pieces) {
    std::vector<Side> sides = sides_of(room, pieces);
    // Under a neighbour the outside thickness too: so that corners are whole where two rooms' walls meet.
    for (size_t i = 0; i < sides.size(); ++i)
        sides[i].shift = pieces[i].neighbour >= 0 ? option.outer_wall : pieces[i].thickness;
    return move_sides(sides).ring;
}

}  // namespace

std::vector<Region> outer_faces(const Option& option, size_t storey, const std::vector<size_t>& rooms) {
    std::vector<Polygon> all;
    for (const size_t k : rooms)
        all.push_back(grown(option, option.storeys[storey].rooms[k], wall_pieces(option, storey, k)));
    return unite(all);
}

StoreyWalls storey_walls(const Option& option, size_t storey) {
    StoreyWalls out;
    out.standing = standing_rooms(option, storey);
    std::vector<Polygon> all;
    for (size_t k = 0; k < out.standing.size(); ++k) {
        const RoomIndex at = out.standing[k];
        // A tall room's walls are those of the storey it stands on.
        out.pieces.push_back(at.storey == storey ? pieces_among(option, out.standing, k)
                                                 : wall_pieces(option, at.storey, at.room));
        out.rooms.push_back(inner_face(room_at(option, at), out.pieces.back()));
        all.push_back(grown(option, room_at(option, at), out.pieces.back()));
    }
    out.outline = rings(unite(all));
    return out;
}

Passage passage(const StoreyWalls& walls, const Option& option, size_t index, int edge, double along, double width) {
    const Room& room = room_at(option, walls.standing[index]);
    const Vec2 a = edge_begin(room, edge), d = normalized(edge_end(room, edge) - a), out{d.y, -d.x};
    const Vec2 p = a + d * along, q = p + d * width, middle = (p + q) * 0.5;
    Passage found;
    const Polygon& ring = walls.rooms[index].ring;
    double best = std::numeric_limits<double>::infinity();
    for (size_t i = 0; i < ring.size(); ++i) {
        if (walls.rooms[index].edge[i] != edge) continue;
        const Vec2 s = ring[i], t = ring[(i + 1) % ring.size()];
        if (length(t - s) < 1e-6) continue;
        const double m = distance_to_segment(middle, s, t);
        if (m >= best) continue;
        best = m;
        found.side = static_cast<int>(i);
        found.inner[0] = across(p, out, s, t);
        found.inner[1] = across(q, out, s, t);
    }
    if (found.side < 0) return found;
    const Vec2 start = (found.inner[0] + found.inner[1]) * 0.5;
    double depth = std::numeric_limits<double>::infinity(), blocked = depth;
    const Polygon* outer_ring = nullptr;
    const auto consider = [&](const Polygon& face, bool facing, int room_behind) {
        for (size_t i = 0; i < face.size(); ++i) {
            const Vec2 s = face[i], t = face[(i + 1) % face.size()];
            const double l = length(t - s);
            if (l < 1e-6) continue;
            const double hit = hit_segment(start, out, s, t);
            if (facing) blocked = std::min(blocked, hit);
            if (hit >= depth || dot(t - s, d) * (facing ? -1 : 1) < kMostSlant * l) continue;
            depth = hit;
            found.room_behind = room_behind;
            if (!facing) outer_ring = &face;
            found.side_behind = static_cast<int>(i);
            found.outer[0] = across(p, out, s, t);
            found.outer[1] = across(q, out, s, t);
        }
    };
    const double reach = 2 * option.outer_wall + option.inner_wall + 1e-6;
    for (size_t k = 0; k < walls.rooms.size(); ++k)
        if (k != index && distance_to_edges(walls.rooms[k].ring, middle) < reach)
            consider(walls.rooms[k].ring, true, static_cast<int>(k));
    if (depth > reach) {
        depth = std::numeric_limits<double>::infinity();
        found.room_behind = -1;
    }
    if (found.room_behind < 0)
        for (const Polygon& face : walls.outline) consider(face, false, -1);
    double thickness = option.outer_wall;
    for (const WallPiece& piece : walls.pieces[index])
        if (piece.edge == edge && piece.neighbour < 0 && along + width / 2 >= piece.from) thickness = piece.thickness;
    // Through the body of a wall that joins here there is no way out.
    const bool too_deep = found.room_behind < 0 && depth > 1.5 * std::max(thickness, option.outer_wall) + 1e-3;
    if (!std::isfinite(depth) || too_deep || blocked < depth - 1e-6) {
        found.side = -1;
        return found;
    }
    // Cut to what both faces have: jambs run straight through the wall, never askew.
    const Vec2 s = ring[static_cast<size_t>(found.side)], t = ring[(static_cast<size_t>(found.side) + 1) % ring.size()];
    for (int i = 0; i < 2; ++i) found.inner[i] = across(found.outer[i], out, s, t);
    const Polygon* behind =
        found.room_behind >= 0 ? &walls.rooms[static_cast<size_t>(found.room_behind)].ring : outer_ring;
    const Vec2 u = (*behind)[static_cast<size_t>(found.side_behind)],
               v = (*behind)[(static_cast<size_t>(found.side_behind) + 1) % behind->size()];
    for (int i = 0; i < 2; ++i) found.outer[i] = across(found.inner[i], out, u, v);
    found.depth = depth;
    return found;
}

}  // namespace wp::geometry

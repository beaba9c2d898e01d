// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/plane_points.h"

#include <algorithm>
#include <cmath>
#include <functional>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::geometry {
using namespace model;

Fingerprint PlanePoints::fingerprint() const {
    Fingerprint print;
    print.add(space);
    for (const Vec3 p : points)
        for (const double c : {p.x, p.y, p.z}) print.add(c);
    for (const double c : {normal.x, normal.y, normal.z, dx, dy}) print.add(c);
    if (seen_least > -1 || seen_most < 1)
        for (const double c : {up.x, up.y, up.z, seen_least, seen_most}) print.add(c);
    return print;
}

std::optional<Vec2> PlanePoints::cells_at(Vec2 place) const {
    // In plan the axes are their shadows, which need not be square to each other.
    const Vec2 u{across.x * dx, across.y * dx}, v{up.x * dy, up.y * dy}, to = place - Vec2{corner.x, corner.y};
    const double det = cross(u, v);
    if (std::fabs(det) < 1e-12) return {};
    return Vec2{cross(to, v) / det, cross(u, to) / det};
}

int PlanePoints::point_of(int column, int row) const {
    if (column < 0 || row < 0 || column >= columns || row >= rows) return -1;
    const auto it = std::find(cell_of.begin(), cell_of.end(), row * columns + column);
    return it == cell_of.end() ? -1 : static_cast<int>(it - cell_of.begin());
}

std::vector<int> PlanePoints::points_of_cells() const {
    std::vector<int> out(static_cast<size_t>(columns) * static_cast<size_t>(rows), -1);
    for (size_t i = 0; i < cell_of.size(); ++i) out[static_cast<size_t>(cell_of[i])] = static_cast<int>(i);
    return out;
}

int PlanePoints::point_at(Vec2 place) const {
    const auto cells = cells_at(place);
    return cells ? point_of(static_cast<int>(std::floor(cells->x)), static_cast<int>(std::floor(cells->y))) : -1;
}

const std::vector<UsualHeight>& usual_heights() {
    static const std::vector<UsualHeight> heights = {
        {0.0, "Floor", "circulation and sport"},
        {0.4, "Children's tables", "low tables of nurseries"},
        {0.76, "Desks, 0.76 m", "IES LM-83-12"},
        {0.85, "Working plane, 0.85 m", "EN 17037:2018"},
    };
    return heights;
}

namespace {

constexpr int kMostCells = 1000;  // each way: a slip of the spacing must not eat the memory

// A rectangle in space, cut into cells; those that are wanted become points.
void fill(PlanePoints& out, double width, double height, const ReferencePlane& plane,
          const std::function<bool(Vec2 own, Vec3 place)>& wanted) {
    const auto cells = [](double span, double spacing) {
        return std::clamp(static_cast<int>(std::ceil(span / spacing - 1e-9)), 1, kMostCells);
    };
    const auto lay = [&](double spacing) {
        out.cell_of.clear();
        out.points.clear();
        out.columns = cells(width, spacing);
        out.rows = cells(height, spacing);
        out.dx = width / out.columns;
        out.dy = height / out.rows;
        for (int j = 0; j < out.rows; ++j)
            for (int i = 0; i < out.columns; ++i) {
                const Vec2 own{out.dx * (i + 0.5), out.dy * (j + 0.5)};
                const Vec3 p = out.corner + out.across * own.x + out.up * own.y;
                if (!wanted(own, p)) continue;
                out.cell_of.push_back(j * out.columns + i);
                out.points.push_back(p);
            }
    };
    if (plane.number <= 0) return lay(plane.spacing);
    // The widest spacing that gives so many points.
    double spacing = std::sqrt(width * height / plane.number);
    for (int i = 0; i < 60; ++i, spacing *= 0.97) {
        lay(spacing);
        if (static_cast<int>(out.points.size()) >= plane.number) return;
    }
}

// Over a floor void, where a partition stands, and within or under what stands on the floor and is higher, nobody
// works.
bool is_free(const Option& option, const Storey& storey, Vec2 p, double height) {
    const auto in = [&](const FloorVoid& hole) { return contains(hole.outline, p); };
    const auto on = [&](const Partition& wall) {
        return distance_to_segment(p, wall.from, wall.to) < wall.thickness / 2;
    };
    const auto within = [&](const Thing& t) {
        const bool stands =
            t.kind != Thing::Kind::tree && t.kind != Thing::Kind::fence && t.kind != Thing::Kind::terrain;
        return stands && t.storey == storey.id && height >= t.base && height < t.base + t.height &&
               contains(footprint_of(t), p);
    };
    return std::none_of(storey.voids.begin(), storey.voids.end(), in) &&
           std::none_of(storey.partitions.begin(), storey.partitions.end(), on) &&
           std::none_of(option.things.begin(), option.things.end(), within);
}

double turn_of(const ReferencePlane& plane, const Room& room, double north) {
    if (plane.along == ReferencePlane::Along::true_north) return radians(north);
    if (plane.along == ReferencePlane::Along::drawing) return 0;
    double longest = 0, angle = 0;
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
        const Vec2 d = edge_end(room, e) - edge_begin(room, e);
        if (length(d) <= longest + 1e-6) continue;
        longest = length(d);
        angle = std::atan2(d.y, d.x);
    }
    // A quarter of a turn is none.
    return angle - std::round(angle / (kPi / 2)) * (kPi / 2);
}

void lay_on_floor(PlanePoints& out, const Option& option, const Storey& on, const Room& room,
                  const ReferencePlane& plane, double north) {
    const Polygon ring = inner_face(option, on, room).ring;
    const double turn = turn_of(plane, room, north);
    out.across = {std::cos(turn), std::sin(turn), 0};
    out.up = {-std::sin(turn), std::cos(turn), 0};
    const Vec2 x{out.across.x, out.across.y}, y{out.up.x, out.up.y};
    Vec2 low{1e18, 1e18}, high{-1e18, -1e18};
    for (const Vec2 p : ring) {
        low = {std::min(low.x, dot(p, x)), std::min(low.y, dot(p, y))};
        high = {std::max(high.x, dot(p, x)), std::max(high.y, dot(p, y))};
    }
    low = low + Vec2{plane.margin, plane.margin};
    high = high - Vec2{plane.margin, plane.margin};
    if (!plane.area.empty()) {
        Vec2 from{1e18, 1e18}, to{-1e18, -1e18};
        for (const Vec2 p : plane.area) {
            from = {std::min(from.x, dot(p, x)), std::min(from.y, dot(p, y))};
            to = {std::max(to.x, dot(p, x)), std::max(to.y, dot(p, y))};
        }
        low = {std::max(low.x, from.x), std::max(low.y, from.y)};
        high = {std::min(high.x, to.x), std::min(high.y, to.y)};
    }
    if (high.x - low.x < 1e-6 || high.y - low.y < 1e-6) return;
    const double z = on.level + plane.height;
    const Vec2 begin = x * low.x + y * low.y;
    out.corner = {begin.x, begin.y, z};
    fill(out, high.x - low.x, high.y - low.y, plane, [&](Vec2, Vec3 place) {
        const Vec2 p{place.x, place.y};
        if (!contains(ring, p) || distance_to_edges(ring, p) < plane.margin) return false;
        if (!plane.area.empty() && !contains(plane.area, p)) return false;
        if (std::any_of(plane.left_out.begin(), plane.left_out.end(),
                        [&](const auto& hole) { return contains(hole, p); }))
            return false;
        return is_free(option, on, p, plane.height) && ceiling_at(option, on, room, p) >= z;
    });
}

// A wall from inside, or a facade from outside, but for the holes in it.
void lay_on_wall(PlanePoints& out, const Option& option, size_t storey, size_t index, const ReferencePlane& plane) {
    const Storey& on = option.storeys[storey];
    const Room& room = on.rooms[index];
    if (plane.edge < 0 || plane.edge >= static_cast<int>(room.footprint.size())) return;
    const bool inside = plane.on == ReferencePlane::On::wall;
    Vec2 a = edge_begin(room, plane.edge), b = edge_end(room, plane.edge);
    const Vec2 d = normalized(b - a), inwards{-d.y, d.x};
    double face = 0;  // from the drawn line to the face, outwards
    for (const WallPiece& piece : wall_pieces(option, storey, index)) {
        if (piece.edge != plane.edge) continue;
        // The thickest part decides how far to stand off.
        if (inside && piece.neighbour >= 0) face = std::max(face, piece.thickness / 2);
        if (!inside) face = std::max(face, piece.neighbour < 0 ? piece.thickness : piece.thickness / 2);
    }
    const double off = (inside ? face : -face) + (inside ? 1 : -1) * std::max(plane.height, 0.005);
    const double width = length(b - a), top = wall_top(option, on, room, plane.edge, 0, width);
    // Seen from its lit side the plane runs from left to right: along the edge from outside, against it from inside.
    const Vec2 begin = (inside ? b : a) + inwards * off + (inside ? d * -1.0 : d) * plane.margin;
    out.normal = inside ? Vec3{inwards.x, inwards.y, 0} : Vec3{-inwards.x, -inwards.y, 0};
    out.across = inside ? Vec3{-d.x, -d.y, 0} : Vec3{d.x, d.y, 0};
    out.up = {0, 0, 1};
    if (!inside) out.space = -1;
    const double w = width - 2 * plane.margin, h = top - 2 * plane.margin;
    if (w < 1e-3 || h < 1e-3) return;
    out.corner = {begin.x, begin.y, on.level + plane.margin};
    fill(out, w, h, plane, [&](Vec2 own, Vec3 place) {
        const double along = inside ? width - plane.margin - own.x : plane.margin + own.x, z = place.z - on.level;
        const bool in_wall = z < wall_top(option, on, room, plane.edge, std::clamp(along - 0.01, 0.0, width), 0.02);
        return in_wall && std::none_of(room.openings.begin(), room.openings.end(), [&](const Opening& o) {
                   return o.edge == plane.edge && along > o.along && along < o.along + o.width && z > o.sill &&
                          z < o.sill + o.height;
               });
    });
}

void lay_on_deck(PlanePoints& out, const Option& option, const Thing& drawn, const ReferencePlane& plane) {
    const Thing thing = within_reason(drawn);
    const auto decks = decks_of(thing);
    if (plane.deck < 0 || plane.deck >= static_cast<int>(decks.size())) return;
    const Deck& deck = decks[static_cast<size_t>(plane.deck)];
    double level = 0;
    int space = 0;
    for (const Storey& storey : option.storeys)
        for (const Room& room : storey.rooms) {
            if (storey.id == thing.storey) {
                level = storey.level;
                out.storey = storey.id;
                if (contains(room.footprint, thing.at)) {
                    out.space = space;
                    out.room = room.id;
                }
            }
            ++space;
        }
    const auto lift = [&](Vec3 own) {
        const Vec2 p = place_of(thing, {own.x, own.y});
        return Vec3{p.x, p.y, level + own.z};
    };
    const Vec3 begin = lift(deck.corner), u = lift(deck.corner + deck.u) - begin,
               v = lift(deck.corner + deck.v) - begin;
    out.across = normalized(u);
    out.up = normalized(v);
    out.normal = normalized(cross(u, v));
    const double w = length(u) - 2 * plane.margin, h = length(v) - 2 * plane.margin;
    if (w < 1e-3 || h < 1e-3) return;
    // Steps rise above the slope through their edges: the points stand at least that much higher.
    const double step = thing.kind == Thing::Kind::stair && deck.v.z != 0 ? thing.height / thing.parts : 0;
    out.corner =
        begin + out.across * plane.margin + out.up * plane.margin + out.normal * (std::max(plane.height, 0.005) + step);
    fill(out, w, h, plane, [](Vec2, Vec3) { return true; });
}

}  // namespace

namespace {

std::optional<PlanePoints> lay(const Option& option, const ReferencePlane& plane, double north) {
    PlanePoints out;
    out.plane = plane.id;
    out.room = plane.room;
    if (plane.on == ReferencePlane::On::deck) {
        const Thing* thing = find(option.things, plane.thing);
        if (thing == nullptr) return {};
        lay_on_deck(out, option, *thing, plane);
        return out;
    }
    int space = 0;
    for (size_t s = 0; s < option.storeys.size(); ++s)
        for (size_t r = 0; r < option.storeys[s].rooms.size(); ++r, ++space) {
            const Storey& storey = option.storeys[s];
            if (storey.rooms[r].id != plane.room) continue;
            out.space = space;
            out.storey = storey.id;
            if (plane.on == ReferencePlane::On::floor)
                lay_on_floor(out, option, storey, storey.rooms[r], plane, north);
            else
                lay_on_wall(out, option, s, r, plane);
            return out;
        }
    return {};
}

}  // namespace

std::optional<PlanePoints> plane_points(const Option& option, const ReferencePlane& plane, double north) {
    auto out = lay(option, plane, north);
    if (out && plane.turned_over) out->normal = -out->normal;
    return out;
}

}  // namespace wp::geometry

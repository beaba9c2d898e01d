// SPDX-License-Identifier: GPL-3.0-or-later
// Openings into the walls, and into the roofs, of the rooms that they belong to.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <utility>

#include "geometry/roof_shape.h"
#include "incoming/arrange_parts.h"

namespace wp::incoming {
using namespace model;

namespace {

constexpr double kUpright = 0.5;      // of the normal's height: below that it stands in a wall
constexpr double kAskew = 0.26;       // sine of the angle between an opening and its wall, 15 degrees
constexpr double kLeast = 0.05;       // metres of a side
constexpr double kTold = 0.02;        // metres that an opening may be shortened by without a word
constexpr double kSlab = 0.6;         // metres between a floor and the middle of what is cut out of it
constexpr double kToldReach = 2;      // times as far an opening may be from a wall of the space that it bounds
constexpr double kWithinFloor = 0.3;  // metres that an opening may reach below its floor

struct Outlined {
    Vec3 middle{}, normal{};
    double low = 1e18, high = -1e18, area = 0;
};

Outlined outlined(const Ring& ring) {
    Outlined out;
    const Vec3 n = area_vector(ring);
    for (size_t i = 0; i < ring.size(); ++i) {
        out.middle = out.middle + ring[i] * (1 / static_cast<double>(ring.size()));
        out.low = std::min(out.low, ring[i].z), out.high = std::max(out.high, ring[i].z);
    }
    out.area = length(n);
    if (out.area > 1e-9) out.normal = n * (1 / out.area);
    return out;
}

struct Spot {
    RoomInMaking* room = nullptr;
    int edge = 0;
    double away = 1e18;
};

// The wall that is nearest, of those that it is parallel to and stands before.
Spot spot_of(const Outlined& hole, std::vector<RoomInMaking>& rooms, double reach,
             const std::vector<std::string>& only = {}) {
    Spot best;
    const Vec2 middle{hole.middle.x, hole.middle.y};
    for (RoomInMaking& made : rooms) {
        if (!only.empty() && std::ranges::find(only, made.outline.space->id) == only.end()) continue;
        const auto& ring = made.room.footprint;
        const double floor = made.outline.floor, top = floor + made.outline.height;
        if (hole.middle.z < floor - kWithinFloor || hole.middle.z > top + kWithinFloor) continue;
        for (size_t e = 0; e < ring.size(); ++e) {
            const Vec2 a = ring[e], b = ring[(e + 1) % ring.size()];
            const double l = length(b - a);
            if (l < kLeast) continue;
            const Vec2 along = (b - a) * (1 / l);
            if (std::fabs(along.x * hole.normal.x + along.y * hole.normal.y) > kAskew) continue;
            const double t = dot(middle - a, along), away = std::fabs(cross(along, middle - a));
            if (t < -kLeast || t > l + kLeast || away > reach || away >= best.away - 1e-6) continue;
            best = {&made, static_cast<int>(e), away};
        }
    }
    return best;
}

Opening::Kind kind_of(Hole::Kind kind) {
    return kind == Hole::Kind::window ? Opening::Kind::window
           : kind == Hole::Kind::door ? Opening::Kind::door
                                      : Opening::Kind::opening_void;
}

bool covers(const Opening& a, const Opening& b) {
    const double across = std::min(a.along + a.width, b.along + b.width) - std::max(a.along, b.along),
                 up = std::min(a.sill + a.height, b.sill + b.height) - std::max(a.sill, b.sill);
    return across > 0.9 * std::min(a.width, b.width) && up > 0.9 * std::min(a.height, b.height);
}

class Placer {
 public:
    Placer(const Building& building, const Wishes& wishes, std::vector<RoomInMaking>& rooms, Arranged& out)
        : building_(building), wishes_(wishes), rooms_(rooms), out_(out) {}

    void place(const Hole& hole) {
        const Outlined shape = outlined(hole.ring);
        if (hole.ring.size() < 3 || shape.area < kLeast * kLeast)
            return out_.account.left_out(hole.name, "it has no size", shape.middle);
        std::fabs(shape.normal.z) < kUpright ? into_wall(hole, shape) : into_roof(hole, shape);
    }

 private:
    void into_wall(const Hole& hole, const Outlined& shape) {
        // The file's own word on which space it bounds comes before what lies nearest.
        Spot spot = hole.spaces.empty() ? Spot() : spot_of(shape, rooms_, kToldReach * wishes_.reach, hole.spaces);
        if (spot.room == nullptr) spot = spot_of(shape, rooms_, wishes_.reach);
        if (spot.room == nullptr)
            return out_.account.left_out(
                hole.name, fmt::format("no wall of a room lies within {:.2g} m of it", wishes_.reach), shape.middle);
        Room& room = spot.room->room;
        const Vec2 a = edge_begin(room, spot.edge), b = edge_end(room, spot.edge);
        const Vec2 along = (b - a) * (1 / length(b - a));
        double from = 1e18, to = -1e18;
        for (const Vec3& p : hole.ring) {
            const double t = dot(Vec2{p.x, p.y} - a, along);
            from = std::min(from, t), to = std::max(to, t);
        }
        Opening o;
        o.kind = kind_of(hole.kind);
        o.name = hole.name;
        o.edge = spot.edge;
        o.along = from;
        o.width = to - from;
        o.sill = shape.low - spot.room->outline.floor;
        o.height = shape.high - shape.low;
        if (o.width < kLeast || o.height < kLeast)
            return out_.account.left_out(hole.name, "it is narrower than 5 cm", shape.middle);
        keep_area(hole, shape, o);
        shorten(hole, shape, room, o);
        if (hole.frame_share) frame_by_share(o, *hole.frame_share);
        for (const Opening& other : room.openings)
            if (other.edge == o.edge && covers(o, other))
                return out_.account.left_out(hole.name, other.name + " lies in the same place already", shape.middle);
        if (o.kind == Opening::Kind::window) o.glazing = material_for(building_, hole.substance, true, out_);
        o.id = "opening-" + std::to_string(++count_);
        out_.origins.push_back({o.id, hole.id});
        room.openings.push_back(std::move(o));
    }

    // What is no rectangle keeps its area, and its head.
    void keep_area(const Hole& hole, const Outlined& shape, Opening& o) {
        const double share = shape.area / (o.width * o.height);
        if (share > 0.97) return;
        const double lost = o.height * (1 - share);
        o.sill += lost;
        o.height -= lost;
        out_.account.changed(
            hole.name, fmt::format("it is no rectangle: one of the same {:.2f} m\u00b2 was made of it", shape.area),
            shape.middle);
    }

    // To as long as its wall; how high a wall reaches is known once all rooms stand.
    void shorten(const Hole& hole, const Outlined& shape, const Room& room, Opening& o) {
        const double from = std::max(0.0, o.along), to = std::min(edge_length(room, o.edge), o.along + o.width);
        const double sill = std::max(0.0, o.sill);
        if (o.width - (to - from) > kTold || sill - o.sill > kTold)
            out_.account.changed(hole.name, "it reaches beyond its wall: it was shortened to the wall", shape.middle);
        o.along = from, o.width = std::max(kLeast, to - from);
        o.height = std::max(kLeast, o.height - (sill - o.sill)), o.sill = sill;
    }

    // A frame of one width all around that takes that share of the area.
    static void frame_by_share(Opening& o, double share) {
        const double a = o.width + o.height, d = a * a - 4 * o.width * o.height * std::clamp(share, 0.0, 0.9);
        o.frame = std::clamp((a - std::sqrt(std::max(0.0, d))) / 4, 0.0, 0.45 * std::min(o.width, o.height));
    }

    // What is cut out of a floor is open to the room below.
    void into_floor(const Hole& hole, const Outlined& shape) {
        for (const RoomInMaking& made : rooms_) {
            if (std::fabs(made.outline.floor - shape.middle.z) > kSlab ||
                !geometry::contains(made.room.footprint, {shape.middle.x, shape.middle.y}))
                continue;
            FloorVoid open;
            open.id = "void-" + std::to_string(++count_);
            open.name = hole.name;
            for (const Vec3& p : hole.ring) open.outline.push_back({p.x, p.y});
            if (geometry::signed_area(open.outline) < 0) std::ranges::reverse(open.outline);
            out_.origins.push_back({open.id, hole.id});
            out_.storeys[made.storey].voids.push_back(std::move(open));
            return;
        }
        out_.account.left_out(hole.name, "no floor of a room lies there", shape.middle);
    }

    void into_roof(const Hole& hole, const Outlined& shape) {
        if (hole.kind != Hole::Kind::window) return into_floor(hole, shape);
        RoomInMaking* under = nullptr;
        for (RoomInMaking& made : rooms_)
            if (made.outline.floor < shape.middle.z &&
                geometry::contains(made.room.footprint, {shape.middle.x, shape.middle.y}) &&
                (under == nullptr || made.outline.floor > under->outline.floor))
                under = &made;
        if (under == nullptr) return out_.account.left_out(hole.name, "no room lies under it", shape.middle);
        double low_x = 1e18, high_x = -1e18, low_y = 1e18, high_y = -1e18;
        for (const Vec3& p : hole.ring) {
            low_x = std::min(low_x, p.x), high_x = std::max(high_x, p.x);
            low_y = std::min(low_y, p.y), high_y = std::max(high_y, p.y);
        }
        Rooflight light;
        light.id = "rooflight-" + std::to_string(++count_);
        light.name = hole.name;
        light.centre = {(low_x + high_x) / 2, (low_y + high_y) / 2};
        light.width = std::max(kLeast, high_x - low_x);
        light.length = std::max(kLeast, high_y - low_y);
        light.glazing = material_for(building_, hole.substance, true, out_);
        if (std::fabs(shape.normal.z) < 0.98)
            out_.account.changed(hole.name, "it lies in a slope: it was laid into a level roof", shape.middle);
        out_.origins.push_back({light.id, hole.id});
        out_.storeys[under->storey].rooflights.push_back(std::move(light));
    }

    const Building& building_;
    const Wishes& wishes_;
    std::vector<RoomInMaking>& rooms_;
    Arranged& out_;
    int count_ = 0;
};

}  // namespace

void fit_heights(Arranged& out) {
    Option option;
    option.storeys = out.storeys;
    for (Storey& storey : out.storeys)
        for (Room& room : storey.rooms) {
            const auto place = find_room(std::as_const(option), room.id);
            for (Opening& o : room.openings) {
                const double before = o.height;
                geometry::keep_in_wall(option, *place.storey, *place.room, o);
                if (before - o.height > kTold)
                    out.account.changed(o.name, "it reaches beyond its wall: it was shortened to the wall");
            }
        }
}

void place_openings(const Building& building, const Wishes& wishes, std::vector<RoomInMaking>& rooms, Arranged& out) {
    Placer placer(building, wishes, rooms, out);
    for (const Hole& hole : building.holes) placer.place(hole);
}

}  // namespace wp::incoming

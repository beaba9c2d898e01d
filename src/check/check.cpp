// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "check/check_parts.h"
#include "edit/edit_parts.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::check {
using Kind = ModelFault::Kind;

namespace {

constexpr double kSliver = 1e-3;  // square metres below which an overlap is the line they share

Item room_item(const Room& room) { return {Item::Kind::room, room.id, -1}; }
Item opening_item(const Opening& opening) { return {Item::Kind::opening, opening.id, -1}; }

struct Miss {
    Vec2 from, to;
    double distance;
};

// The place that a corner just misses on another room: its nearest corner, else its nearest wall.
std::optional<Miss> near_miss(Vec2 p, const Room& other) {
    std::optional<Miss> found;
    double corner = kNearMiss, edge = kNearMiss;
    for (const Vec2 q : other.footprint)
        if (const double d = length(q - p); d < corner) {
            corner = d;
            found = Miss{p, q, d};
        }
    if (found) return found->distance > kSameLine ? found : std::nullopt;
    for (int e = 0; e < static_cast<int>(other.footprint.size()); ++e) {
        const Vec2 a = edge_begin(other, e), b = edge_end(other, e), d = normalized(b - a);
        const double way = std::clamp(dot(p - a, d), 0.0, length(b - a)), far = length(p - (a + d * way));
        if (far >= edge) continue;
        edge = far;
        found = Miss{p, a + d * way, far};
    }
    return found && found->distance > kSameLine ? found : std::nullopt;
}

class Check {
 public:
    explicit Check(const Option& option) : option_(option) {}

    std::vector<ModelFault> run() {
        for (storey_ = 0; storey_ < option_.storeys.size(); ++storey_) {
            walls_ = storey_walls(option_, storey_);
            rooms();
            openings();
            voids();
            rooflights();
        }
        return std::move(out_);
    }

 private:
    const Storey& storey() const { return option_.storeys[storey_]; }
    void add(Kind kind, Vec2 place, Items items, std::string what, std::string mend = {}) {
        out_.push_back({kind, storey_, place, std::move(items), std::move(what), std::move(mend), {}, Part::wall});
    }

    void rooms() {
        const auto& list = storey().rooms;
        for (size_t i = 0; i < list.size(); ++i) {
            if (crosses_itself(list[i].footprint)) {
                add(Kind::crosses_itself, list[i].footprint[0], {room_item(list[i])},
                    fmt::format("The walls of {} cross one another.", list[i].name));
                continue;
            }
            if (signed_area(walls_.rooms[i].ring) < 0.05 * signed_area(list[i].footprint) ||
                walls_.rooms[i].ring.size() < 3 || takes_all(i))
                add(Kind::thin_room, list[i].footprint[0], {room_item(list[i])},
                    fmt::format("The walls around {} are thicker than it is wide.", list[i].name),
                    fmt::format("Remove {}", list[i].name));
            for (size_t k = 0; k < list.size(); ++k) {
                if (k == i || apart(list[i], list[k])) continue;
                if (k > i) overlap(list[i], list[k]);
                if (k > i || !overlaps(list[i], list[k])) misses(list[i], list[k]);
            }
        }
        for (size_t k = list.size(); k < walls_.standing.size(); ++k) {
            const Room& tall = option_.storeys[walls_.standing[k].storey].rooms[walls_.standing[k].room];
            for (const Room& room : list)
                if (!apart(room, tall) && overlaps(room, tall))
                    add(Kind::storeys_overlap, room.footprint[0], {room_item(room), room_item(tall)},
                        fmt::format("{} reaches up through the floor of {}.", tall.name, room.name),
                        fmt::format("Lower {} to end below this storey", tall.name));
        }
    }

    // inner_face falls back to the drawn line where nothing is left.
    bool takes_all(size_t i) const {
        const bool inner = std::any_of(walls_.pieces[i].begin(), walls_.pieces[i].end(),
                                       [](const WallPiece& p) { return p.neighbour >= 0; });
        return inner && std::fabs(signed_area(walls_.rooms[i].ring) - signed_area(storey().rooms[i].footprint)) < 1e-6;
    }

    // Most rooms of a large storey have nothing to do with each other.
    static bool apart(const Room& a, const Room& b) {
        const auto span = [](const Room& room, double Vec2::*axis) {
            const auto [low, high] = std::minmax_element(room.footprint.begin(), room.footprint.end(),
                                                         [&](Vec2 p, Vec2 q) { return p.*axis < q.*axis; });
            return std::pair{(*low).*axis, (*high).*axis};
        };
        for (double Vec2::*axis : {&Vec2::x, &Vec2::y}) {
            const auto [a0, a1] = span(a, axis);
            const auto [b0, b1] = span(b, axis);
            if (a0 > b1 + kNearMiss || b0 > a1 + kNearMiss) return true;
        }
        return false;
    }
    static std::vector<Region> common(const Room& a, const Room& b) {
        return intersection({a.footprint}, {b.footprint});
    }
    static bool overlaps(const Room& a, const Room& b) {
        double area = 0;
        for (const Region& r : common(a, b)) area += std::fabs(signed_area(r.outer));
        return area > kSliver && area > kNearMiss;
    }
    void overlap(const Room& a, const Room& b) {
        if (!overlaps(a, b)) return;
        const auto regions = common(a, b);
        double area = 0;
        for (const Region& r : regions) area += std::fabs(signed_area(r.outer));
        Vec2 middle{};
        for (const Vec2 p : regions[0].outer)
            middle = middle + p * (1.0 / static_cast<double>(regions[0].outer.size()));
        add(Kind::rooms_overlap, middle, {room_item(a), room_item(b)},
            fmt::format("{} and {} overlap by {:.2f} m\u00b2.", a.name, b.name, area),
            fmt::format("Cut the overlap out of {}", b.name));
    }

    void misses(const Room& a, const Room& b) {
        for (const Vec2 p : a.footprint)
            if (const auto miss = near_miss(p, b)) {
                const bool told = std::any_of(out_.begin(), out_.end(), [&](const ModelFault& f) {
                    return f.kind == Kind::near_miss && f.storey == storey_ && length(f.place - miss->to) < kSameLine;
                });
                if (!told)
                    add(Kind::near_miss, p, {room_item(a), room_item(b)},
                        fmt::format("A corner of {} is {:.1f} cm off {}.", a.name, 100 * miss->distance, b.name),
                        "Move the corner onto it");
            }
    }

    struct Stretch {
        const Opening* opening;
        Vec2 a, b;
        double z0, z1;
    };

    void openings() {
        std::vector<Stretch> all;
        for (size_t r = 0; r < storey().rooms.size(); ++r)
            for (const Opening& o : storey().rooms[r].openings) opening(r, o, all);
        for (size_t i = 0; i < all.size(); ++i)
            for (size_t k = i + 1; k < all.size(); ++k) {
                const Stretch &x = all[i], &y = all[k];
                const Vec2 d = normalized(x.b - x.a);
                if (std::fabs(cross(d, y.a - x.a)) > 0.05 || std::fabs(cross(d, y.b - x.a)) > 0.05) continue;
                const double from = std::min(dot(y.a - x.a, d), dot(y.b - x.a, d)),
                             to = std::max(dot(y.a - x.a, d), dot(y.b - x.a, d));
                if (from > length(x.b - x.a) - 1e-6 || to < 1e-6 || y.z0 > x.z1 - 1e-6 || y.z1 < x.z0 + 1e-6) continue;
                add(Kind::openings_overlap, (y.a + y.b) * 0.5, {opening_item(*x.opening), opening_item(*y.opening)},
                    fmt::format("{} and {} overlap.", x.opening->name, y.opening->name),
                    fmt::format("Move {} beside {}", y.opening->name, x.opening->name));
            }
    }

    void opening(size_t r, const Opening& o, std::vector<Stretch>& all) {
        const Room& room = storey().rooms[r];
        const Vec2 a = edge_begin(room, o.edge), d = normalized(edge_end(room, o.edge) - a);
        const double wall = edge_length(room, o.edge),
                     top = wall_top(option_, storey(), room, o.edge, std::clamp(o.along, 0.0, wall),
                                    std::max(0.0, std::min(o.width, wall - o.along)));
        const Vec2 middle = a + d * (o.along + o.width / 2);
        all.push_back({&o, a + d * o.along, a + d * (o.along + o.width), o.sill, o.sill + o.height});
        if (o.along < -1e-6 || o.along + o.width > wall + 1e-6 || o.sill + o.height > top + 1e-4)
            return add(Kind::opening_off_wall, middle, {opening_item(o)},
                       fmt::format("{} reaches past its wall and is cut off there.", o.name), "Fit it into the wall");
        const Passage way = passage(walls_, option_, r, o.edge, o.along, o.width);
        if (way.side < 0)
            return add(Kind::opening_to_nothing, middle, {opening_item(o)},
                       fmt::format("{} opens neither to a room nor to the open air.", o.name),
                       fmt::format("Remove {}", o.name));
        if (length(way.inner[1] - way.inner[0]) < o.width - 2 * kLeastJamb - 1e-3)
            add(Kind::opening_off_wall, middle, {opening_item(o)},
                fmt::format("{} runs into a wall that joins on the other side, and is cut off there.", o.name),
                "Fit it into the wall");
    }

    void voids() {
        for (const FloorVoid& hole : storey().voids) {
            double open = 0;
            for (size_t above = 0; storey_ > 0 && above < storey().rooms.size(); ++above)
                for (const Room& below : option_.storeys[storey_ - 1].rooms)
                    if (below.top == Room::Top::flat || roof_over(option_.storeys[storey_ - 1], below) == nullptr)
                        for (const Region& r :
                             intersection({hole.outline},
                                          rings(intersection({storey().rooms[above].footprint}, {below.footprint}))))
                            open += signed_area(r.outer);
            const Item item{Item::Kind::floor_void, hole.id, -1};
            if (open < 0.01)
                add(Kind::void_without_rooms, hole.outline[0], {item},
                    fmt::format("{} joins no room to one below.", hole.name), fmt::format("Remove {}", hole.name));
            else if (open < 0.98 * signed_area(hole.outline))
                add(Kind::void_without_rooms, hole.outline[0], {item},
                    fmt::format("Only {:.0f} % of {} lies over a room below: the rest stays closed.",
                                100 * open / signed_area(hole.outline), hole.name));
        }
    }

    void rooflights() {
        const auto& list = storey().rooflights;
        for (size_t i = 0; i < list.size(); ++i) {
            const Rooflight& light = list[i];
            const Item item{Item::Kind::rooflight, light.id, -1};
            if (!fits(light))
                add(Kind::rooflight_off_roof, light.centre, {item},
                    fmt::format("{} does not lie within one face of a roof and of the ceiling below: it is left out.",
                                light.name),
                    fmt::format("Remove {}", light.name));
            for (size_t k = i + 1; k < list.size(); ++k)
                if (light.upright == list[k].upright && overlap_in_plan(light, list[k]))
                    add(Kind::rooflights_overlap, list[k].centre, {item, {Item::Kind::rooflight, list[k].id, -1}},
                        fmt::format("{} and {} overlap.", light.name, list[k].name),
                        fmt::format("Remove {}", list[k].name));
        }
    }

    // Upright lights meet only in the same riser.
    bool overlap_in_plan(const Rooflight& a, const Rooflight& b) const {
        if (!a.upright) {
            const double reach = 0.16;  // two upstands
            return std::fabs(a.centre.x - b.centre.x) < (a.width + b.width) / 2 + reach &&
                   std::fabs(a.centre.y - b.centre.y) < (a.length + b.length) / 2 + reach;
        }
        for (const Room& room : storey().rooms) {
            const Roof* roof = contains(room.footprint, a.centre) ? roof_over(storey(), room) : nullptr;
            if (roof == nullptr) continue;
            const RoofShape shape(storey(), *roof, option_.roof);
            const auto riser = [&](Vec2 p) {
                double best = 1e18, at = 0;
                for (const double u : shape.risers())
                    if (std::fabs(u - shape.along(p)) < best) {
                        best = std::fabs(u - shape.along(p));
                        at = u;
                    }
                return at;
            };
            const Vec2 across{shape.rise().y, -shape.rise().x};
            return riser(a.centre) == riser(b.centre) &&
                   std::fabs(dot(a.centre - b.centre, across)) < (a.width + b.width) / 2;
        }
        return false;
    }

    bool fits(const Rooflight& light) const {
        for (size_t r = 0; r < storey().rooms.size(); ++r) {
            const Room& room = storey().rooms[r];
            const Polygon& ring = walls_.rooms[r].ring;
            if (!contains(ring, light.centre)) continue;
            const Roof* roof = roof_over(storey(), room);
            if (light.upright)
                return roof != nullptr && roof->kind == Roof::Kind::sawtooth && room.top == Room::Top::follows_roof &&
                       roof->bays > 1;
            const double turn = roof != nullptr ? -radians(roof->direction) : radians(light.turn);
            const Vec2 x{std::cos(turn), std::sin(turn)}, y{-x.y, x.x};
            const std::optional<RoofShape> shape =
                roof != nullptr ? std::optional<RoofShape>(RoofShape(storey(), *roof, option_.roof)) : std::nullopt;
            for (const double u : {-0.5, 0.5})
                for (const double v : {-0.5, 0.5}) {
                    const Vec2 p = light.centre + x * (u * light.width) + y * (v * light.length);
                    if (!contains(ring, p) || (storey_ + 1 < option_.storeys.size() && covered(p))) return false;
                    if (shape && &RoofShape::slope_at(shape->inner(), shape->along(p)) !=
                                     &RoofShape::slope_at(shape->inner(), shape->along(light.centre)))
                        return false;
                }
            return true;
        }
        return false;
    }

    bool covered(Vec2 p) const {
        const auto& rooms = option_.storeys[storey_ + 1].rooms;
        return std::any_of(rooms.begin(), rooms.end(), [&](const Room& r) { return contains(r.footprint, p); });
    }

    const Option& option_;
    size_t storey_ = 0;
    StoreyWalls walls_;
    std::vector<ModelFault> out_;
};

bool mend_near_miss(Option& option, const ModelFault& fault) {
    Storey& storey = option.storeys[fault.storey];
    const Room *own = find(storey.rooms, fault.items[0].id), *other = find(storey.rooms, fault.items[1].id);
    if (own == nullptr || other == nullptr) return false;
    const auto miss = near_miss(fault.place, *other);
    if (!miss) return false;
    for (size_t i = 0; i < own->footprint.size(); ++i)
        if (length(own->footprint[i] - fault.place) < kSameLine)
            return move_corner(option, fault.storey, own->id, static_cast<int>(i), miss->to);
    return false;
}

bool mend_overlap(Option& option, const ModelFault& fault) {
    Storey& storey = option.storeys[fault.storey];
    const Room* first = find(storey.rooms, fault.items[0].id);
    Room* second = find(storey.rooms, fault.items[1].id);
    if (first == nullptr || second == nullptr) return false;
    auto rest = difference({second->footprint}, {first->footprint});
    std::erase_if(rest, [](const Region& r) { return signed_area(r.outer) < 0.25; });
    if (rest.size() != 1 || !rest[0].holes.empty()) return false;
    // The openings of the walls that stay keep their places.
    Room after = *second;
    after.footprint = rest[0].outer;
    after.openings.clear();
    settle_walls(after, *second);
    for (const Opening& o : second->openings) {
        const Vec2 a = edge_begin(*second, o.edge), d = normalized(edge_end(*second, o.edge) - a),
                   middle = a + d * (o.along + o.width / 2);
        for (int e = 0; e < static_cast<int>(after.footprint.size()); ++e)
            if (distance_to_segment(middle, edge_begin(after, e), edge_end(after, e)) < kSameLine) {
                Opening moved = o;
                moved.edge = e;
                moved.along =
                    dot(middle - edge_begin(after, e), normalized(edge_end(after, e) - edge_begin(after, e))) -
                    o.width / 2;
                model::keep_in_wall(after, moved);
                after.openings.push_back(moved);
                break;
            }
    }
    *second = std::move(after);
    return true;
}

bool mend_beside(Option& option, const ModelFault& fault) {
    const auto one = find_opening(option, fault.items[0].id), other = find_opening(option, fault.items[1].id);
    if (!one || !other) return false;
    const Vec2 a = edge_begin(*other.room, other.opening->edge),
               d = normalized(edge_end(*other.room, other.opening->edge) - a);
    const Vec2 p = edge_begin(*one.room, one.opening->edge), e = normalized(edge_end(*one.room, one.opening->edge) - p);
    const double u = dot(p + e * one.opening->along - a, d),
                 v = dot(p + e * (one.opening->along + one.opening->width) - a, d);
    const double wall = edge_length(*other.room, other.opening->edge), gap = 0.05, w = other.opening->width;
    const double after = std::max(u, v) + gap, before = std::min(u, v) - gap - w;
    const bool fits_after = after + w <= wall - kLeastJamb, fits_before = before >= kLeastJamb;
    if (!fits_after && !fits_before) return false;
    other.opening->along = fits_after && (!fits_before || std::fabs(after - other.opening->along) <=
                                                              std::fabs(before - other.opening->along))
                               ? after
                               : before;
    return true;
}

}  // namespace

bool spoils_answers(Kind kind) {
    switch (kind) {
        case Kind::rooms_overlap:
        case Kind::crosses_itself:
        case Kind::thin_room:
        case Kind::openings_overlap:
        case Kind::rooflights_overlap:
        case Kind::storeys_overlap:
        case Kind::impossible_material:
        case Kind::inside_out:
        case Kind::plane_misses:
        case Kind::context_cuts_room:
            return true;
        default:
            return false;
    }
}

std::vector<ModelFault> check_drawing(const Option& option) { return Check(option).run(); }

bool mend_drawing(Option& option, const ModelFault& fault) {
    if (fault.mend.empty()) return false;
    switch (fault.kind) {
        case Kind::near_miss:
            return mend_near_miss(option, fault);
        case Kind::rooms_overlap:
            return mend_overlap(option, fault);
        case Kind::openings_overlap:
            return mend_beside(option, fault);
        case Kind::rooflights_overlap:
            return remove_items(option, {fault.items[1]});
        case Kind::thin_room:
        case Kind::rooflight_off_roof:
        case Kind::opening_to_nothing:
        case Kind::void_without_rooms:
            return remove_items(option, fault.items);
        case Kind::opening_off_wall: {
            const auto at = find_opening(option, fault.items[0].id);
            if (!at) return false;
            keep_in_wall(option, *at.storey, *at.room, *at.opening);
            const auto walls = storey_walls(option, fault.storey);
            const auto room = static_cast<size_t>(at.room - at.storey->rooms.data());
            const Passage way = passage(walls, option, room, at.opening->edge, at.opening->along, at.opening->width);
            if (way.side < 0) return true;
            // To what both faces of the wall have.
            const Vec2 a = edge_begin(*at.room, at.opening->edge),
                       d = normalized(edge_end(*at.room, at.opening->edge) - a);
            const double from = dot(way.inner[0] - a, d), to = dot(way.inner[1] - a, d);
            if (to - from < at.opening->width - 1e-3) {
                at.opening->along = from;
                at.opening->width = to - from;
            }
            return true;
        }
        case Kind::storeys_overlap: {
            const auto tall = find_room(option, fault.items[1].id);
            if (!tall) return false;
            tall.room->height = option.storeys[fault.storey].level - option.roof - tall.storey->level;
            return tall.room->height > 0.5;
        }
        default:
            return false;
    }
}

}  // namespace wp::check

// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/arrange.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <map>
#include <utility>

#include "geometry/roof_shape.h"
#include "incoming/arrange_parts.h"

namespace wp::incoming {
using namespace model;

namespace {

constexpr double kSameShare = 0.98;  // of the smaller outline that lies in another: it is the same, or within it
constexpr double kThinWall = 0.01;   // metres of a wall between rooms that touch in the file
constexpr double kOnLine = 0.002;    // metres between an edge and the middle line it was grown to
constexpr double kLeastEaves = 0.1, kMostEaves = 50, kSteepestRoof = 75;  // metres, degrees
constexpr double kLeastThickness = 0.02, kMostThickness = 2;

double area_of(const geometry::Polygon& ring) { return std::fabs(geometry::signed_area(ring)); }

double area_of(const std::vector<geometry::Region>& regions) {
    double sum = 0;
    for (const auto& r : regions) {
        sum += area_of(r.outer);
        for (const auto& hole : r.holes) sum -= area_of(hole);
    }
    return sum;
}

// Doubles go, what lies within another goes, what overlaps is cut out of the larger.
void part_overlaps(std::vector<Outline>& outlines, Account& account) {
    std::ranges::stable_sort(outlines, std::greater(), [](const Outline& o) { return area_of(o.ring); });
    for (size_t i = 0; i < outlines.size(); ++i)
        for (size_t k = i + 1; k < outlines.size();) {
            Outline &large = outlines[i], &small = outlines[k];
            const bool apart =
                large.floor + large.height < small.floor + 0.1 || small.floor + small.height < large.floor + 0.1;
            const double both = apart ? 0 : area_of(geometry::intersection({large.ring}, {small.ring}));
            const double share = both / std::max(area_of(small.ring), 1e-9);
            if (both < 0.02) {
                ++k;
                continue;
            }
            const Vec3 at{small.ring[0].x, small.ring[0].y, small.floor};
            if (share > kSameShare) {
                const bool same = area_of(large.ring) * kSameShare < area_of(small.ring);
                account.left_out(small.space->name,
                                 same ? "it is the same as " + large.space->name
                                      : "it lies within " + large.space->name + ": draw its walls as partitions",
                                 at);
                outlines.erase(outlines.begin() + static_cast<std::ptrdiff_t>(k));
                continue;
            }
            const auto rest = geometry::difference({large.ring}, {small.ring});
            const auto most = std::ranges::max_element(rest, {}, [](const auto& r) { return area_of(r.outer); });
            if (most != rest.end()) {
                large.ring = simplified(most->outer);
                account.changed(
                    large.space->name,
                    fmt::format("it overlapped {} by {:.2f} m\u00b2, which were cut off", small.space->name, both), at);
            }
            ++k;
        }
}

// Storeys of the file, and those that floors ask for besides.
std::vector<Storey> storeys_of(const Building& building, const std::vector<Outline>& outlines, Account& account) {
    std::vector<Storey> out;
    const auto near = [&](double z) {
        return std::ranges::any_of(out, [&](const Storey& s) { return std::fabs(s.level - z) <= kSameLevel; });
    };
    for (const Level& level : building.levels) {
        const bool used = std::ranges::any_of(
            outlines, [&](const Outline& o) { return std::fabs(o.floor - level.elevation) <= kSameLevel; });
        if (used && !near(level.elevation)) {
            out.push_back(model::new_storey("storey-" + std::to_string(out.size() + 1), level.name, level.elevation));
            account.made(level.name, "storey");
        }
    }
    std::vector<double> floors;
    for (const Outline& o : outlines) floors.push_back(o.floor);
    std::ranges::sort(floors);
    for (const double z : floors) {
        if (near(z)) continue;
        const std::string name = fmt::format("Level {:+.2f} m", z);
        out.push_back(model::new_storey("storey-" + std::to_string(out.size() + 1), name, z));
        if (!building.levels.empty()) account.changed(name, "no storey of the file lies at these floors: one was made");
    }
    std::ranges::sort(out, {}, &Storey::level);
    return out;
}

size_t storey_at(const std::vector<Storey>& storeys, double z) {
    const auto at = std::ranges::min_element(storeys, {}, [&](const Storey& s) { return std::fabs(s.level - z); });
    return static_cast<size_t>(at - storeys.begin());
}

// Edges that were grown to a middle line have the wall that lay there.
void set_walls(RoomInMaking& made, size_t index, const std::vector<Between>& walls) {
    const auto& ring = made.room.footprint;
    for (size_t e = 0; e < ring.size(); ++e) {
        const Vec2 a = ring[e], b = ring[(e + 1) % ring.size()], middle = (a + b) * 0.5;
        const Between* found = nullptr;
        for (const Between& wall : walls) {
            if (wall.a != index && wall.b != index) continue;
            // It may run on past the rooms that made it, through what was filled where walls meet.
            const double l = length(wall.to - wall.from);
            if (l < 1e-6) continue;
            const Vec2 along = (wall.to - wall.from) * (1 / l);
            const bool on_line =
                std::fabs(cross(along, a - wall.from)) < kOnLine && std::fabs(cross(along, b - wall.from)) < kOnLine;
            const double t = dot(middle - wall.from, along);
            if (on_line && t > -0.7 && t < l + 0.7 && (found == nullptr || wall.thickness > found->thickness))
                found = &wall;
        }
        if (found != nullptr)
            model::set_own_thickness(made.room, static_cast<int>(e),
                                     found->thickness > 0 ? found->thickness : kThinWall);
    }
}

void tell_thin_walls(const std::vector<Between>& walls, const std::vector<Outline>& outlines, Account& account) {
    size_t thin = 0;
    for (const Between& wall : walls) thin += wall.thickness == 0 ? 1 : 0;
    if (thin > 0)
        account.changed(outlines[walls.front().a].space->name,
                        fmt::format("{} walls between rooms have no thickness in the file: they have 1 cm", thin));
}

// The ceiling's slopes as a roof over this room alone.
void make_roof(RoomInMaking& made, Storey& storey, Arranged& out) {
    if (!made.outline.slope) return;
    const SlopedCeiling& slope = *made.outline.slope;
    Roof roof;
    roof.id = "roof-" + made.room.id;
    roof.name = made.room.name;
    roof.kind = slope.kind;
    roof.rooms = {made.room.id};
    roof.direction = slope.direction;
    roof.pitch = slope.pitch;
    const Vec2 rise{std::sin(radians(slope.direction)), std::cos(radians(slope.direction))};
    double low = 1e18;
    for (const Vec2 p : made.room.footprint) low = std::min(low, dot(p, rise));
    roof.eaves = slope.base + std::tan(radians(slope.pitch)) * low - storey.level;
    if (roof.eaves < kLeastEaves || roof.eaves > kMostEaves || slope.pitch > kSteepestRoof)
        return out.account.changed(made.room.name,
                                   fmt::format("its ceiling slopes down to the floor or too steeply: it has the mean "
                                               "height of {:.2f} m",
                                               made.room.height));
    out.origins.push_back({roof.id, made.outline.space->id + "/ceiling"});
    out.account.made(made.room.name, fmt::format("its ceiling slopes by {:.1f} degrees", slope.pitch));
    storey.roofs.push_back(std::move(roof));
}

void make_rooms(const Building& building, const Wishes& wishes, Arranged& out, std::vector<RoomInMaking>& rooms) {
    std::vector<Outline> outlines;
    for (const Space& space : building.spaces)
        if (auto outline = outline_of(space, out.account)) outlines.push_back(std::move(*outline));
    part_overlaps(outlines, out.account);
    out.storeys = storeys_of(building, outlines, out.account);
    for (size_t s = 0; s < out.storeys.size(); ++s) {
        std::vector<Outline> here;
        for (const Outline& o : outlines)
            if (storey_at(out.storeys, o.floor) == s) here.push_back(o);
        if (here.empty()) continue;
        double highest = 0;
        for (const Outline& o : here) highest = std::max(highest, o.height);
        out.storeys[s].height = highest;
        const auto walls = join_outlines(here, wishes.gap, wishes.wall, out.account);
        if (!walls.empty()) tell_thin_walls(walls, here, out.account);
        for (size_t i = 0; i < here.size(); ++i) {
            RoomInMaking made{here[i], s, {}};
            made.room.id = "room-" + std::to_string(rooms.size() + 1);
            made.room.name = here[i].space->name;
            made.room.footprint = here[i].ring;
            made.room.height = here[i].height;
            set_walls(made, i, walls);
            make_roof(made, out.storeys[s], out);
            const Space& space = *here[i].space;
            made.room.floor = material_for(building, space.floor, false, out);
            made.room.ceiling = material_for(building, space.ceiling, false, out);
            made.room.walls = material_for(building, space.walls, false, out);
            const double off = here[i].floor - out.storeys[s].level;
            if (std::fabs(off) > kOnLine)
                out.account.changed(made.room.name,
                                    fmt::format("its floor lies {:+.2f} m off its storey's: it was moved "
                                                "there",
                                                off));
            out.origins.push_back({made.room.id, here[i].space->id});
            out.account.made(made.room.name, "room on " + out.storeys[s].name);
            rooms.push_back(std::move(made));
        }
    }
}

// Files give the same name twice, or none: by their order they are told apart.
void tell_apart(std::vector<Origin>& origins) {
    std::map<std::string, int> seen;
    for (Origin& origin : origins)
        if (const int n = ++seen[origin.foreign]; n > 1) origin.foreign += "#" + std::to_string(n);
}

// How much clear floor came of what the file says.
void compare_areas(const std::vector<RoomInMaking>& rooms, Arranged& out) {
    Option option;
    option.storeys = out.storeys;
    for (const RoomInMaking& made : rooms) {
        const auto place = model::find_room(std::as_const(option), made.room.id);
        if (!place || !made.outline.space->area) continue;
        out.areas.push_back(
            {made.room.name, geometry::floor_area(option, *place.storey, *place.room), *made.outline.space->area});
    }
}

}  // namespace

Building moved(const Building& building, const Wishes& wishes) {
    Building out = building;
    const double a = radians(wishes.turn), c = std::cos(a), s = std::sin(a);
    const auto move = [&](Vec3& p) { p = Vec3{c * p.x - s * p.y, s * p.x + c * p.y, p.z} + wishes.offset; };
    for (Lamp& lamp : out.lamps) {
        const Vec3 tip = lamp.at + lamp.ahead, top = lamp.at + lamp.up;
        Vec3 at = lamp.at, ahead = tip, up = top;
        for (Vec3* p : {&at, &ahead, &up}) move(*p);
        lamp.at = at, lamp.ahead = ahead - at, lamp.up = up - at;
    }
    for (Level& level : out.levels) level.elevation += wishes.offset.z;
    for (Space& space : out.spaces)
        for (Ring& ring : space.faces)
            for (Vec3& p : ring) move(p);
    for (Hole& hole : out.holes)
        for (Vec3& p : hole.ring) move(p);
    for (Body& body : out.bodies)
        for (Vec3& p : body.mesh.points) move(p);
    for (Line& line : out.lines)
        for (Vec2& p : line.points) {
            Vec3 q{p.x, p.y, 0};
            move(q);
            p = {q.x, q.y};
        }
    return out;
}

Id material_for(const Building& building, const std::string& substance, bool is_glass, Arranged& out) {
    const auto from = std::ranges::find(building.substances, substance, &Substance::id);
    if (from == building.substances.end()) return {};
    const bool says = is_glass ? from->transmittance.has_value() : from->reflectance.has_value();
    if (!says) return {};
    const Id id = (is_glass ? "glazing-" : "material-") + std::to_string(from - building.substances.begin() + 1);
    if (model::find(out.materials, id) != nullptr) return id;
    Material material;
    material.id = id;
    material.name = from->name;
    material.kind = is_glass ? Material::Kind::glazing : Material::Kind::opaque;
    if (is_glass)
        material.transmittance = std::clamp(*from->transmittance, 0.0, 1.0);
    else
        material.reflectance = std::clamp(*from->reflectance, 0.0, 1.0);
    out.materials.push_back(std::move(material));
    return id;
}

Arranged arrange(const Building& given, const Wishes& wishes) {
    const Building building = moved(given, wishes);
    Arranged out;
    out.account = building.account;
    if (building.outer_wall) out.outer_wall = std::clamp(*building.outer_wall, kLeastThickness, kMostThickness);
    std::vector<RoomInMaking> rooms;
    make_rooms(building, wishes, out, rooms);
    place_openings(building, wishes, rooms, out);
    place_bodies(building, wishes, rooms, out);
    place_lamps(building, rooms, out);
    for (const RoomInMaking& made : rooms) out.storeys[made.storey].rooms.push_back(made.room);
    fit_heights(out);
    tell_apart(out.origins);
    compare_areas(rooms, out);
    return out;
}

}  // namespace wp::incoming

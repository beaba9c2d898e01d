// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/lay.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "geometry/plane_points.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::edit {
using namespace model;
using namespace geometry;

namespace {

constexpr double kSameHeight = 0.005;

ReferencePlane new_plane(const Option& option, const std::string& name) {
    ReferencePlane plane;
    plane.id = fresh_id(option, "plane");
    plane.name = name;
    return plane;
}

// "A" to "Z", then "AA" and so on.
std::string row_letter(int row) {
    std::string text;
    for (; row >= 0; row = row / 26 - 1) text.insert(text.begin(), static_cast<char>('A' + row % 26));
    return text;
}

double round_heading(double degrees) { return std::fmod(std::fmod(degrees, 360.0) + 360.0, 360.0); }

}  // namespace

Items lay_planes(Option& option, const std::vector<Id>& rooms, const PlaneWish& wish) {
    Items made;
    for (const Id& room : rooms) {
        if (!find_room(option, room)) continue;
        auto it = std::find_if(option.planes.begin(), option.planes.end(), [&](const ReferencePlane& p) {
            const bool there = p.room == room && p.on == ReferencePlane::On::floor;
            return there && (!wish.beside || std::fabs(p.height - wish.height) < kSameHeight);
        });
        if (it == option.planes.end()) {
            ReferencePlane plane =
                new_plane(option, wish.beside ? fmt::format("{:.2f} m", wish.height) : "Desk height");
            plane.room = room;
            it = option.planes.insert(option.planes.end(), plane);
        }
        it->height = wish.height;
        it->margin = wish.margin;
        it->spacing = wish.spacing;
        it->number = wish.number;
        it->along = wish.along;
        made.push_back({Item::Kind::plane, it->id, -1});
    }
    return made;
}

Items lay_on_decks(Option& option, const Id& id, double spacing, double margin) {
    Items made;
    const Thing* thing = find(option.things, id);
    if (thing == nullptr) return made;
    const auto decks = decks_of(within_reason(*thing));
    for (int d = 0; d < static_cast<int>(decks.size()); ++d) {
        const bool there = std::any_of(option.planes.begin(), option.planes.end(), [&](const ReferencePlane& p) {
            return p.on == ReferencePlane::On::deck && p.thing == id && p.deck == d;
        });
        if (there) continue;
        ReferencePlane plane = new_plane(option, thing->name + ", " + decks[static_cast<size_t>(d)].name);
        plane.on = ReferencePlane::On::deck;
        plane.thing = id;
        plane.deck = d;
        plane.height = 0.02;
        plane.margin = margin;
        plane.spacing = spacing;
        plane.occupied = false;
        option.planes.push_back(plane);
        made.push_back({Item::Kind::plane, plane.id, -1});
    }
    return made;
}

Items lay_on_wall(Option& option, const Id& room, int edge, bool facade, double spacing) {
    const auto on = facade ? ReferencePlane::On::facade : ReferencePlane::On::wall;
    const auto place = find_room(option, room);
    const bool there = std::any_of(option.planes.begin(), option.planes.end(), [&](const ReferencePlane& p) {
        return p.on == on && p.room == room && p.edge == edge;
    });
    if (there || !place) return {};
    ReferencePlane plane = new_plane(option, fmt::format("{} {}", facade ? "Facade" : "Wall", edge + 1));
    plane.on = on;
    plane.room = room;
    plane.edge = edge;
    plane.height = 0.02;
    plane.margin = 0.1;
    plane.spacing = spacing;
    plane.occupied = false;
    option.planes.push_back(plane);
    return {{Item::Kind::plane, plane.id, -1}};
}

bool make_finer(const Option& option, ReferencePlane& plane, double north) {
    const auto points = plane_points(option, plane, north);
    if (!points || points->columns == 0) return false;
    const double w = points->dx * points->columns, h = points->dy * points->rows;
    // Three times as many cells each way leave every middle where it is. The spacing must round up to just that.
    const double least = std::max(points->dx, points->dy) / 3;
    const double most =
        std::min(w / std::max(0.5, 3.0 * points->columns - 1), h / std::max(0.5, 3.0 * points->rows - 1));
    plane.number = 0;
    const bool kept = least < most * (1 - 1e-9);
    plane.spacing =
        std::max(0.02, kept ? std::min(least * 1.000001, (least + most) / 2) : std::max(points->dx, points->dy) / 2);
    return kept;
}

Items place_lattice(Option& option, const Id& id, const LatticeWish& wish) {
    Items made;
    const auto place = find_room(option, id);
    if (!place || wish.spacing < 0.05) return made;
    const Room room = *place.room;
    const double level = place.storey->level;
    ReferencePlane plane;
    plane.room = id;
    plane.spacing = wish.spacing;
    plane.margin = wish.margin;
    plane.height = wish.eye;
    const auto points = plane_points(option, plane);
    if (!points) return made;
    auto taken = taken_ids(option);
    int row = -1, last = -1, number = 0;
    for (size_t i = 0; i < points->points.size() && i < 2000; ++i) {
        const int of = points->cell_of[i] / points->columns;
        if (of != last) {
            ++row;
            last = of;
            number = 0;
        }
        Observer eye;
        eye.id = fresh_id(taken, "eye");
        taken.insert(eye.id);
        eye.name = fmt::format("{} {}{}", room.name, row_letter(row), ++number);
        eye.room = id;
        eye.eye = {points->points[i].x, points->points[i].y, level + wish.eye};
        eye.heading = round_heading(wish.first);
        look_around(eye, wish.directions);
        option.observers.push_back(eye);
        made.push_back({Item::Kind::observer, eye.id, -1});
    }
    return made;
}

void aim(Observer& observer, Vec3 at) {
    const Vec3 to = at - observer.eye;
    const double flat = std::hypot(to.x, to.y);
    if (flat < 1e-6 && std::fabs(to.z) < 1e-6) return;
    if (flat > 1e-6) observer.heading = round_heading(degrees(std::atan2(to.x, to.y)));
    observer.altitude = std::clamp(degrees(std::atan2(to.z, flat)), -89.0, 89.0);
}

void look_around(Observer& observer, int directions) {
    observer.others.clear();
    for (int k = 1; k < std::clamp(directions, 1, 360); ++k)
        observer.others.push_back(round_heading(observer.heading + 360.0 * k / directions));
}

}  // namespace wp::edit

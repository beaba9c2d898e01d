// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/project.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>
#include <set>

namespace wp::model {

RoomPlace find_room(Option& option, const Id& id) {
    for (Storey& storey : option.storeys)
        if (Room* room = find(storey.rooms, id)) return {&storey, room};
    return {};
}

ConstRoomPlace find_room(const Option& option, const Id& id) {
    const RoomPlace place = find_room(const_cast<Option&>(option), id);
    return {place.storey, place.room};
}

OpeningPlace find_opening(Option& option, const Id& id) {
    for (Storey& storey : option.storeys)
        for (Room& room : storey.rooms)
            if (Opening* opening = find(room.openings, id)) return {&storey, &room, opening};
    return {};
}

Storey new_storey(const Id& id, const std::string& name, double level) {
    Storey storey;
    storey.id = id;
    storey.name = name;
    storey.level = level;
    return storey;
}

std::set<Id> taken_ids(const Option& option) {
    std::set<Id> taken;
    const auto take = [&](const auto& list) {
        for (const auto& item : list) taken.insert(item.id);
    };
    take(option.storeys);
    for (const Storey& storey : option.storeys) {
        take(storey.rooms);
        for (const Room& room : storey.rooms) take(room.openings);
        take(storey.partitions);
        take(storey.voids);
        take(storey.roofs);
        take(storey.rooflights);
        take(storey.dimensions);
    }
    take(option.planes);
    take(option.observers);
    take(option.readings);
    take(option.blocks);
    take(option.things);
    take(option.luminaires);
    take(option.views);
    return taken;
}

Id fresh_id(const std::set<Id>& taken, const std::string& prefix) {
    for (int n = 1;; ++n) {
        const Id id = fmt::format("{}-{:02}", prefix, n);
        if (!taken.contains(id)) return id;
    }
}

Id fresh_id(const Option& option, const std::string& prefix) { return fresh_id(taken_ids(option), prefix); }

std::vector<double> headings(const Observer& observer) {
    std::vector<double> all{observer.heading};
    all.insert(all.end(), observer.others.begin(), observer.others.end());
    return all;
}

std::string view_name(const Observer& observer, size_t heading) {
    const auto all = headings(observer);
    const double angle = std::fmod(std::fmod(all[std::min(heading, all.size() - 1)], 360.0) + 360.0, 360.0);
    return fmt::format("{}, {:03.0f}\u00b0", observer.name, angle);
}

Season season_of(int leaf_from, int leaf_to, int month) {
    return within_months(leaf_from, leaf_to, month) ? Season::in_leaf : Season::bare;
}

double maintenance_factor(const Site& site, Exposure exposure, double tilt) {
    // Rows: upright, sloping, lying; rain washes upright panes and cannot wash those under a canopy.
    static constexpr double factors[3][3] = {{1, 2, 3}, {3, 4, 5}, {0.5, 1.5, 3}};
    const int slope = tilt < 15 ? 0 : tilt < 75 ? 1 : 2;
    return std::clamp(1 - site.dirt * factors[static_cast<int>(exposure)][slope], 0.05, 1.0);
}

const char* reason_name(Reason reason) {
    static constexpr const char* names[] = {"own", "by room", "by type", "none"};
    return names[static_cast<int>(reason)];
}

Finish finish_of(const Project& project, const Option& option, Part part, const Id& own, const Id& of_room) {
    if (!own.empty()) return {find(project.materials, own), own, Reason::own};
    if (!of_room.empty()) return {find(project.materials, of_room), of_room, Reason::room};
    const auto type = option.types.find(part);
    if (type != option.types.end() && !type->second.empty())
        return {find(project.materials, type->second), type->second, Reason::type};
    return {};
}

Finish room_finish(const Project& project, const Option& option, const Room& room, int surface) {
    Id own;
    for (const OwnFinish& f : room.own_finishes)
        if (f.surface == surface) own = f.material;
    if (surface == OwnFinish::kFloor) return finish_of(project, option, Part::floor, own, room.floor);
    if (surface == OwnFinish::kCeiling) return finish_of(project, option, Part::ceiling, own, room.ceiling);
    return finish_of(project, option, Part::wall, own, room.walls);
}

void set_own_finish(Room& room, int surface, const Id& material) {
    std::erase_if(room.own_finishes, [&](const OwnFinish& f) { return f.surface == surface; });
    if (!material.empty()) room.own_finishes.push_back({surface, material});
}

Material assumed_for(Part part) {
    Material m;
    m.name = "not known";
    m.assumed = true;
    m.source = "IES LM-83-12, surfaces of unknown finish";
    switch (part) {
        case Part::floor:
        case Part::stair:
            m.reflectance = 0.2;
            break;
        case Part::ceiling:
            m.reflectance = 0.7;
            break;
        case Part::facade:
        case Part::fence:
        case Part::block:
            m.reflectance = 0.3;
            break;
        case Part::roof:
        case Part::tree:
            m.reflectance = 0.2;
            break;
        case Part::terrain:
            m.reflectance = 0.1;
            break;
        case Part::glazing:
        case Part::rooflight:
            m.kind = Material::Kind::glazing;
            m.transmittance = 0.7;
            break;
        default:
            m.reflectance = 0.5;
            break;
    }
    return m;
}

bool left_out(const std::vector<std::string>& without, const Id& id, const char* kind) {
    return std::any_of(without.begin(), without.end(),
                       [&](const std::string& word) { return word == id || word == kind; });
}

Vec2 edge_begin(const Room& room, int edge) { return room.footprint[static_cast<size_t>(edge)]; }
Vec2 edge_end(const Room& room, int edge) {
    return room.footprint[(static_cast<size_t>(edge) + 1) % room.footprint.size()];
}
double edge_length(const Room& room, int edge) { return length(edge_end(room, edge) - edge_begin(room, edge)); }

void turn_ring(Room& room) {
    // Edge e joins corners e and e + 1; turned about, corner i becomes n - 1 - i.
    const int n = static_cast<int>(room.footprint.size());
    const auto turned = [n](int edge) { return (2 * n - 2 - edge) % n; };
    for (Opening& o : room.openings) {
        o.along = std::max(0.0, edge_length(room, o.edge) - o.along - o.width);
        o.edge = turned(o.edge);
    }
    for (Wall& w : room.own_walls) w.edge = turned(w.edge);
    for (OwnFinish& f : room.own_finishes)
        if (f.surface >= 0) f.surface = turned(f.surface);
    std::reverse(room.footprint.begin(), room.footprint.end());
}

double own_thickness(const Room& room, int edge, double otherwise) {
    for (const Wall& wall : room.own_walls)
        if (wall.edge == edge) return wall.thickness;
    return otherwise;
}

void set_own_thickness(Room& room, int edge, double thickness) {
    for (Wall& wall : room.own_walls)
        if (wall.edge == edge) {
            wall.thickness = thickness;
            return;
        }
    room.own_walls.push_back({edge, thickness});
}

void keep_in_wall(const Room& room, Opening& opening) { keep_in_wall(room, opening, room.height); }

void keep_in_wall(const Room& room, Opening& opening, double top) {
    constexpr double least = 0.05, jamb = 0.02;
    const double wall = edge_length(room, opening.edge);
    opening.width = std::clamp(opening.width, least, std::max(least, wall - 2 * jamb));
    opening.height = std::clamp(opening.height, least, std::max(least, top));
    opening.along = std::clamp(opening.along, jamb, std::max(jamb, wall - jamb - opening.width));
    opening.sill = std::clamp(opening.sill, 0.0, std::max(0.0, top - opening.height));
}

Question question_of(const Project& project, Question::Kind kind) {
    for (const Question& q : project.questions)
        if (q.kind == kind && q.at == Question::At::planes) {
            Question question = q;
            question.planes.clear();
            return question;
        }
    Question question;
    question.kind = kind;
    question.accuracy = kind == Question::Kind::year ? 0.1 : kind == Question::Kind::glare ? 0.01 : 0.05;
    return question;
}

}  // namespace wp::model

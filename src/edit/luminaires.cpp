// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/luminaires.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "edit/edit_parts.h"
#include "geometry/polygon.h"

namespace wp::edit {
using namespace model;

namespace {

constexpr double kBelowCeiling = 0.05;  // metres
// Luminaires whose distances from the windows differ by less stand in one row.
constexpr double kSameRow = 0.6;

const Room* room_at(const Storey& storey, Vec2 at) {
    for (const Room& room : storey.rooms)
        if (geometry::contains(room.footprint, at)) return &room;
    return nullptr;
}

struct Box {
    Vec2 low, high;
};
Box box_of(const std::vector<Vec2>& ring) {
    Box out{ring.front(), ring.front()};
    for (const Vec2& p : ring) {
        out.low = {std::min(out.low.x, p.x), std::min(out.low.y, p.y)};
        out.high = {std::max(out.high.x, p.x), std::max(out.high.y, p.y)};
    }
    return out;
}

const ReferencePlane* plane_of(const Option& option, const Id& room) {
    const ReferencePlane* rule = nullptr;
    for (const ReferencePlane& plane : option.planes)
        if (plane.room == room && plane.on == ReferencePlane::On::floor) {
            if (!plane.for_rules) return &plane;
            rule = &plane;
        }
    return rule;
}

// The wall with most glass: rows lie along it. Of a room without windows its longest.
int window_wall(const Room& room) {
    std::vector<double> glass(room.footprint.size(), 0.0);
    for (const Opening& o : room.openings)
        if (o.kind == Opening::Kind::window && o.edge >= 0 && static_cast<size_t>(o.edge) < glass.size())
            glass[static_cast<size_t>(o.edge)] += o.width * o.height;
    const auto most = std::ranges::max_element(glass);
    if (most != glass.end() && *most > 0) return static_cast<int>(most - glass.begin());
    int longest = 0;
    for (int e = 1; e < static_cast<int>(room.footprint.size()); ++e)
        if (edge_length(room, e) > edge_length(room, longest)) longest = e;
    return longest;
}

bool has_luminaires(const Option& option, const Id& circuit) {
    return std::ranges::any_of(option.luminaires, [&](const Luminaire& l) { return l.circuit == circuit; });
}

// A plain power over a plane of the room: what is asked of it holds for the luminaires that take its place.
const Lighting* plain_light(const Option& option, const Id& room) {
    for (const Lighting& l : option.lighting) {
        const ReferencePlane* plane = find(option.planes, l.plane);
        if (plane != nullptr && plane->room == room && !has_luminaires(option, l.id)) return &l;
    }
    return nullptr;
}

Id add_circuit(Option& option, const Id& room, const std::vector<Id>& luminaires, const std::string& name) {
    const ReferencePlane* plane = plane_of(option, room);
    Lighting circuit;
    circuit.target = 500;
    if (const Lighting* plain = plain_light(option, room)) circuit = *plain;
    circuit.area.clear();
    circuit.id = unused_id(option.lighting, "circuit");
    circuit.name = name.empty() ? "Circuit " + std::to_string(option.lighting.size() + 1) : name;
    circuit.plane = plane->id;
    Vec2 middle{0, 0};
    for (const Id& id : luminaires) {
        Luminaire& l = *find(option.luminaires, id);
        l.circuit = circuit.id;
        middle = middle + l.at * (1.0 / static_cast<double>(luminaires.size()));
    }
    circuit.sensor = middle;
    circuit.sensor_placed = true;
    const Id id = circuit.id;
    option.lighting.push_back(std::move(circuit));
    return id;
}

void drop_empty_circuits(Option& option, const std::set<Id>& among) {
    for (const Id& id : among)
        if (std::ranges::none_of(option.luminaires, [&](const Luminaire& l) { return l.circuit == id; }))
            remove_circuit(option, id);
}

// Luminaires took its place.
void drop_plain_light(Option& option, const Id& room, const std::vector<Id>& made) {
    if (made.empty()) return;
    while (const Lighting* plain = plain_light(option, room)) remove_circuit(option, Id(plain->id));
}

}  // namespace

const Room* room_of(const Option& option, const Luminaire& luminaire) {
    const Storey* storey = find(option.storeys, luminaire.storey);
    return storey != nullptr ? room_at(*storey, luminaire.at) : nullptr;
}

Luminaire next_luminaire(const Option& option, size_t storey, const Id& type, Vec2 at) {
    Luminaire out;
    out.type = type;
    if (storey < option.storeys.size()) {
        out.storey = option.storeys[storey].id;
        if (const Room* room = room_at(option.storeys[storey], at)) out.height = room->height - kBelowCeiling;
    }
    for (const Luminaire& l : option.luminaires)
        if (l.type == type && l.storey == out.storey) {
            const Vec2 place = out.at;
            const double fits = out.height;
            out = l;
            out.at = place;
            out.height = std::min(l.height, fits);
        }
    out.at = at;
    out.id.clear();
    out.name.clear();
    out.circuit.clear();
    out.extra.clear();
    return out;
}

Luminaire mounted(const Option& option, Luminaire l, Mount mount) {
    constexpr double kOffWall = 0.05, kOnWall = 2.2, kOverTable = 0.45;  // metres
    const Room* room = room_of(option, l);
    if (room == nullptr) return l;
    if (mount == Mount::ceiling) l.height = room->height - kBelowCeiling;
    if (mount == Mount::table)
        for (const Thing& t : option.things)
            if (t.storey == l.storey && geometry::contains(footprint_of(t), l.at))
                l.height = t.base + t.height + kOverTable;
    if (mount != Mount::wall) return l;
    double nearest = 1e9;
    const Vec2 at = l.at;
    for (int e = 0; e < static_cast<int>(room->footprint.size()); ++e) {
        const Vec2 a = edge_begin(*room, e), d = normalized(edge_end(*room, e) - a), in{-d.y, d.x};
        const double along = std::clamp(dot(at - a, d), 0.0, edge_length(*room, e)), off = std::fabs(dot(at - a, in));
        if (off >= nearest) continue;
        nearest = off;
        l.at = a + d * along + in * kOffWall;
        l.turn = degrees(std::atan2(in.y, in.x));
    }
    l.height = std::min(kOnWall, room->height - kBelowCeiling);
    return l;
}

Item add_luminaire(Option& option, Luminaire luminaire) {
    luminaire.id = fresh_id(option, "light");
    if (luminaire.name.empty()) luminaire.name = luminaire.id;
    if (const Room* room = luminaire.circuit.empty() ? room_of(option, luminaire) : nullptr) {
        double nearest = 1e9;
        for (const Luminaire& other : option.luminaires) {
            const double away = length(other.at - luminaire.at);
            if (!other.circuit.empty() && room_of(option, other) == room && away < nearest) {
                nearest = away;
                luminaire.circuit = other.circuit;
            }
        }
    }
    option.luminaires.push_back(luminaire);
    return {Item::Kind::luminaire, luminaire.id, -1};
}

std::vector<Luminaire> luminaire_row(const Luminaire& like, Vec2 from, Vec2 to, int count, bool along) {
    std::vector<Luminaire> out;
    const Vec2 way = to - from;
    for (int i = 0; i < count; ++i) {
        Luminaire l = like;
        l.at = from + way * ((i + 0.5) / count);
        if (along && length(way) > 0) l.turn = degrees(std::atan2(way.y, way.x)) - 90;
        out.push_back(std::move(l));
    }
    return out;
}

std::vector<Luminaire> luminaire_field(const Luminaire& like, const Room& room, int columns, int rows) {
    std::vector<Luminaire> out;
    const Box box = box_of(room.footprint);
    for (int j = 0; j < rows; ++j)
        for (int i = 0; i < columns; ++i) {
            Luminaire l = like;
            l.at = {box.low.x + (box.high.x - box.low.x) * (i + 0.5) / columns,
                    box.low.y + (box.high.y - box.low.y) * (j + 0.5) / rows};
            if (geometry::contains(room.footprint, l.at)) out.push_back(std::move(l));
        }
    return out;
}

std::pair<int, int> field_of(const Room& room, int count) {
    const Box box = box_of(room.footprint);
    const double wide = box.high.x - box.low.x, deep = box.high.y - box.low.y;
    std::pair<int, int> best{1, std::max(1, count)};
    double best_worth = 1e18;
    for (int columns = 1; columns <= std::max(1, count); ++columns) {
        const int rows = (count + columns - 1) / columns;
        const double gap_x = wide / columns, gap_y = deep / rows;
        // More of them than wanted weigh as much as gaps that are not alike.
        const double worth = std::fabs(std::log(gap_x / gap_y)) + 3.0 * (columns * rows - count) / count;
        if (worth < best_worth) best_worth = worth, best = {columns, rows};
    }
    return best;
}

std::vector<Id> circuits_by_rows(Option& option, const Id& id) {
    const auto place = find_room(static_cast<const Option&>(option), id);
    if (!place || plane_of(option, id) == nullptr) return {};
    const int wall = window_wall(*place.room);
    const Vec2 a = edge_begin(*place.room, wall), b = edge_end(*place.room, wall), d = normalized(b - a);
    std::vector<std::pair<double, Id>> by_distance;
    std::set<Id> before;
    for (const Luminaire& l : option.luminaires)
        if (hangs_in(l, *place.storey, *place.room)) {
            by_distance.emplace_back(cross(d, l.at - a), l.id);
            if (!l.circuit.empty()) before.insert(l.circuit);
        }
    std::ranges::stable_sort(by_distance, {}, &std::pair<double, Id>::first);
    std::vector<Id> made;
    std::vector<Id> row;
    const std::string room = place.room->name;
    const auto finish = [&] {
        if (row.empty()) return;
        made.push_back(add_circuit(option, id, row, room + ", row " + std::to_string(made.size() + 1)));
        row.clear();
    };
    double last = 0;
    for (const auto& [distance, luminaire] : by_distance) {
        if (!row.empty() && distance - last > kSameRow) finish();
        row.push_back(luminaire);
        last = distance;
    }
    finish();
    drop_empty_circuits(option, before);
    drop_plain_light(option, id, made);
    return made;
}

std::optional<Id> circuit_of(Option& option, const std::vector<Id>& luminaires) {
    std::set<Id> before;
    Id room;
    for (const Id& id : luminaires) {
        const Luminaire* l = find(option.luminaires, id);
        if (l == nullptr) return {};
        if (!l->circuit.empty()) before.insert(l->circuit);
        if (const Room* in = room_of(option, *l); in != nullptr && room.empty()) room = in->id;
    }
    if (luminaires.empty() || plane_of(option, room) == nullptr) return {};
    const auto place = find_room(static_cast<const Option&>(option), room);
    const auto all_of_room = [&] {
        return std::ranges::all_of(option.luminaires, [&](const Luminaire& l) {
            const Room* in = room_of(option, l);
            return in == nullptr || in->id != room || std::ranges::find(luminaires, l.id) != luminaires.end();
        });
    }();
    const Id made =
        add_circuit(option, room, luminaires, place.room->name + ", " + std::to_string(option.lighting.size() + 1));
    drop_empty_circuits(option, before);
    if (all_of_room) drop_plain_light(option, room, {made});
    return made;
}

void remove_circuit(Option& option, const Id& circuit) {
    erase_by_id(option.lighting, circuit);
    for (Luminaire& l : option.luminaires)
        if (l.circuit == circuit) l.circuit.clear();
    for (LightScene& scene : option.scenes)
        std::erase_if(scene.levels, [&](const SceneLevel& level) { return level.circuit == circuit; });
}

}  // namespace wp::edit

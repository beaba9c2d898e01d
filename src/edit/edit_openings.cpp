// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of openings, and storeys.
#include <algorithm>
#include <cmath>

#include "edit/edit_parts.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"

namespace wp::edit {
using namespace model;
using namespace geometry;

int fill_wall(Option& option, const Id& id, double between) {
    const auto at = find_opening(option, id);
    if (!at) return 0;
    const Opening model = *at.opening;
    const double wall = edge_length(*at.room, model.edge);
    std::erase_if(at.room->openings, [&](const Opening& o) { return o.edge == model.edge && o.id != id; });
    // n openings and n + 1 stretches of wall, the outer ones as wide as those between.
    const int n = std::max(1, static_cast<int>(std::floor((wall - between + 1e-9) / (model.width + between))));
    const double gap = (wall - n * model.width) / (n + 1);
    auto taken = taken_ids(option);
    for (int i = 0; i < n; ++i) {
        Opening o = model;
        if (i > 0) {
            o.id = o.name = fresh_id(taken, prefix_of(o.kind));
            taken.insert(o.id);
            o.extra.clear();
        }
        o.along = std::max(0.0, gap + i * (model.width + gap));
        if (i == 0)
            *find_opening(option, id).opening = o;
        else
            at.room->openings.push_back(o);
    }
    return n;
}

bool take_share_of_wall(Option& option, const Id& id, double share) {
    const auto at = find_opening(option, id);
    if (!at || share <= 0 || share > 1) return false;
    Opening& o = *at.opening;
    const double wall = edge_length(*at.room, o.edge), top = wall_top(option, *at.storey, *at.room, o.edge, 0, wall);
    const double wanted = share * wall * top, width_left = wall - 2 * kLeastJamb;
    o.width = std::clamp(wanted / o.height, 0.05, width_left);
    o.along = std::clamp(o.along, kLeastJamb, wall - kLeastJamb - o.width);
    o.height = std::min(wanted / o.width, top);
    o.sill = std::clamp(o.sill, 0.0, top - o.height);
    return std::fabs(o.width * o.height - wanted) < 1e-6 * wanted + 1e-9;
}

bool make_full_height(Option& option, const Id& id) {
    const auto at = find_opening(option, id);
    if (!at) return false;
    at.opening->sill = 0;
    at.opening->height = wall_top(option, *at.storey, *at.room, at.opening->edge, at.opening->along, at.opening->width);
    return true;
}

bool align_openings(Option& option, const Items& items, Align how) {
    const Opening* first = nullptr;
    bool any = false;
    for (const Item& item : items) {
        const auto at = item.kind == Item::Kind::opening ? find_opening(option, item.id) : OpeningPlace{};
        if (!at) continue;
        if (first == nullptr) {
            first = at.opening;
            continue;
        }
        Opening& o = *at.opening;
        const double head = first->sill + first->height;
        switch (how) {
            case Align::sill:
                o.sill = first->sill;
                break;
            case Align::head:
                o.sill = std::max(0.0, head - o.height);
                break;
            case Align::width:
                o.along += (o.width - first->width) / 2;
                o.width = first->width;
                break;
            case Align::height:
                o.height = first->height;
                break;
        }
        keep_in_wall(option, *at.storey, *at.room, o);
        any = true;
    }
    return any;
}

bool spread_openings(Option& option, const Items& items) {
    std::vector<Opening*> row;
    const Room* room = nullptr;
    for (const Item& item : items) {
        const auto at = item.kind == Item::Kind::opening ? find_opening(option, item.id) : OpeningPlace{};
        if (!at || (room != nullptr && (at.room != room || at.opening->edge != row.front()->edge))) continue;
        room = at.room;
        row.push_back(at.opening);
    }
    if (row.size() < 3) return false;
    std::sort(row.begin(), row.end(), [](const Opening* a, const Opening* b) { return a->along < b->along; });
    double widths = 0;
    for (const Opening* o : row) widths += o->width;
    const double gap =
        (row.back()->along + row.back()->width - row.front()->along - widths) / static_cast<double>(row.size() - 1);
    double at = row.front()->along;
    for (Opening* o : row) {
        o->along = at;
        at += o->width + gap;
    }
    return gap >= 0;
}

namespace {

double rise(const Option& option, const Storey& storey) {
    double height = storey.height;
    for (const Room& room : storey.rooms) height = std::max(height, std::min(room.height, 2 * storey.height));
    return height + option.roof;
}

void lift_observers(Option& option, const Storey& storey, double by) {
    for (Observer& o : option.observers)
        if (find(storey.rooms, o.room) != nullptr) o.eye.z += by;
    for (Reading& r : option.readings)
        if (find(storey.rooms, r.room) != nullptr) r.at.z += by;
}

void stack(Option& option, double lowest) {
    double level = lowest;
    for (Storey& storey : option.storeys) {
        lift_observers(option, storey, level - storey.level);
        storey.level = level;
        level += rise(option, storey);
    }
}

}  // namespace

size_t add_storey(Option& option, size_t above, bool with_rooms) {
    Storey made = new_storey(fresh_id(option, "storey"), "", 0);
    const size_t at = option.storeys.empty() ? 0 : above + 1;
    if (!option.storeys.empty()) {
        const Storey& below = option.storeys[above];
        made.height = below.height;
        made.level = below.level + rise(option, below);
        // What is already higher moves up as far as it must.
        if (at < option.storeys.size()) {
            const double need = made.level + made.height + option.roof - option.storeys[at].level;
            for (size_t s = at; need > 0 && s < option.storeys.size(); ++s) {
                lift_observers(option, option.storeys[s], need);
                option.storeys[s].level += need;
            }
        }
    }
    made.name = "Storey " + std::to_string(at + 1);
    option.storeys.insert(option.storeys.begin() + static_cast<std::ptrdiff_t>(at), made);
    if (with_rooms && at > 0) {
        Items rooms;
        for (const Room& room : option.storeys[at - 1].rooms) rooms.push_back({Item::Kind::room, room.id, -1});
        copy_items(option, rooms, at, {});
    }
    return at;
}

bool remove_storey(Option& option, size_t storey) {
    if (option.storeys.size() < 2 || storey >= option.storeys.size()) return false;
    Items rooms;
    for (const Room& room : option.storeys[storey].rooms) rooms.push_back({Item::Kind::room, room.id, -1});
    for (const Thing& thing : option.things)
        if (thing.storey == option.storeys[storey].id) rooms.push_back({Item::Kind::thing, thing.id, -1});
    for (const Luminaire& l : option.luminaires)
        if (l.storey == option.storeys[storey].id) rooms.push_back({Item::Kind::luminaire, l.id, -1});
    remove_items(option, rooms);
    option.storeys.erase(option.storeys.begin() + static_cast<std::ptrdiff_t>(storey));
    return true;
}

bool move_storey(Option& option, size_t from, size_t to) {
    if (from >= option.storeys.size() || to >= option.storeys.size() || from == to) return false;
    const double lowest = option.storeys.front().level;
    Storey moved = std::move(option.storeys[from]);
    option.storeys.erase(option.storeys.begin() + static_cast<std::ptrdiff_t>(from));
    option.storeys.insert(option.storeys.begin() + static_cast<std::ptrdiff_t>(to), std::move(moved));
    stack(option, lowest);
    return true;
}

}  // namespace wp::edit

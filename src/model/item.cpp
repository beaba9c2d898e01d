// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/item.h"

#include <algorithm>
#include <cctype>

namespace wp::model {
using Kind = Item::Kind;

namespace {

// Dimension lines are known by their id.
template <class T>
const std::string& name_of(const T& item) {
    if constexpr (requires { item.name; })
        return item.name.empty() ? item.id : item.name;
    else
        return item.id;
}

// Calls visit(kind, thing, storey) for everything that has an id.
template <class O, class Visit>
void each(O& option, Visit&& visit) {
    for (size_t s = 0; s < option.storeys.size(); ++s) {
        auto& storey = option.storeys[s];
        visit(Kind::storey, storey, s);
        for (auto& room : storey.rooms) {
            visit(Kind::room, room, s);
            for (auto& opening : room.openings) visit(Kind::opening, opening, s);
        }
        for (auto& item : storey.partitions) visit(Kind::partition, item, s);
        for (auto& item : storey.voids) visit(Kind::floor_void, item, s);
        for (auto& item : storey.roofs) visit(Kind::roof, item, s);
        for (auto& item : storey.rooflights) visit(Kind::rooflight, item, s);
        for (auto& item : storey.dimensions) visit(Kind::dimension, item, s);
    }
    for (auto& item : option.blocks) visit(Kind::block, item, option.storeys.size());
    for (auto& item : option.things) {
        size_t on = option.storeys.size();
        for (size_t s = 0; s < option.storeys.size(); ++s)
            if (option.storeys[s].id == item.storey) on = s;
        visit(Kind::thing, item, on);
    }
    for (auto& item : option.planes) {
        size_t on = option.storeys.size();
        const auto* thing = item.on == ReferencePlane::On::deck ? find(option.things, item.thing) : nullptr;
        for (size_t s = 0; s < option.storeys.size(); ++s)
            if (find(option.storeys[s].rooms, item.room) != nullptr ||
                (thing != nullptr && thing->storey == option.storeys[s].id))
                on = s;
        visit(Kind::plane, item, on);
    }
    for (auto& item : option.observers) {
        size_t on = option.storeys.size();
        for (size_t s = 0; s < option.storeys.size(); ++s)
            if (find(option.storeys[s].rooms, item.room) != nullptr) on = s;
        visit(Kind::observer, item, on);
    }
    for (auto& item : option.readings) {
        size_t on = item.room.empty() ? 0 : option.storeys.size();
        for (size_t s = 0; s < option.storeys.size(); ++s)
            if (find(option.storeys[s].rooms, item.room) != nullptr) on = s;
        visit(Kind::reading, item, on);
    }
}

// A wall is known by its room.
Kind holder(const Item& item) { return item.kind == Kind::wall ? Kind::room : item.kind; }

std::string lower(std::string text) {
    std::transform(text.begin(), text.end(), text.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return text;
}

}  // namespace

const char* kind_name(Kind kind) {
    static constexpr const char* names[] = {
        "nothing",   "storey",    "room",     "wall",  "opening", "partition",       "floor void", "roof",
        "rooflight", "dimension", "observer", "block", "thing",   "reference plane", "reading"};
    return names[static_cast<int>(kind)];
}

std::string item_name(const Option& option, const Item& item) {
    std::string name;
    each(option, [&](Kind kind, const auto& thing, size_t) {
        if (kind == holder(item) && thing.id == item.id) name = name_of(thing);
    });
    if (item.kind == Kind::wall && !name.empty()) return name + ", wall " + std::to_string(item.edge + 1);
    return name;
}

bool exists(const Option& option, const Item& item) {
    bool found = false;
    each(option,
         [&](Kind kind, const auto& thing, size_t) { found = found || (kind == holder(item) && thing.id == item.id); });
    if (found && item.kind == Kind::wall)
        return item.edge >= 0 && item.edge < static_cast<int>(find_room(option, item.id).room->footprint.size());
    return found;
}

size_t storey_of(const Option& option, const Item& item) {
    size_t on = option.storeys.size();
    each(option, [&](Kind kind, const auto& thing, size_t s) {
        if (kind == holder(item) && thing.id == item.id) on = s;
    });
    return on;
}

std::vector<Item> items_on(const Option& option, size_t storey) {
    std::vector<Item> out;
    each(option, [&](Kind kind, const auto& thing, size_t s) {
        if (s == storey) out.push_back({kind, thing.id, -1});
    });
    return out;
}

void rename(Option& option, const Item& item, const std::string& name) {
    each(option, [&](Kind kind, auto& thing, size_t) {
        if constexpr (requires { thing.name; })
            if (kind == item.kind && thing.id == item.id) thing.name = name;
    });
}

std::vector<Item> find_by_name(const Option& option, const std::string& text) {
    std::vector<Item> out;
    const std::string wanted = lower(text);
    each(option, [&](Kind kind, const auto& thing, size_t) {
        if constexpr (requires { thing.name; })
            if (lower(thing.name).find(wanted) != std::string::npos ||
                lower(thing.id).find(wanted) != std::string::npos)
                out.push_back({kind, thing.id, -1});
    });
    return out;
}

}  // namespace wp::model

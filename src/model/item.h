// SPDX-License-Identifier: GPL-3.0-or-later
// One thing of an option that can be pointed at: what is selected, what a fault is about, what a command acts on.
#pragma once
#include "model/option.h"

namespace wp::model {

struct Item {
    enum class Kind {
        none,
        storey,
        room,
        wall,
        opening,
        partition,
        floor_void,
        roof,
        rooflight,
        dimension,
        observer,
        block,
        thing,
        plane,
        reading
    } kind = Kind::none;
    Id id;          ///< of the thing; of the room for a wall
    int edge = -1;  ///< wall only
    bool operator==(const Item&) const = default;
};

/// What people call that kind of thing.
const char* kind_name(Item::Kind kind);

/// The name of an item, or its id where it has none; empty where it is gone.
std::string item_name(const Option& option, const Item& item);
bool exists(const Option& option, const Item& item);
/// The storey an item is on; the number of storeys for things that are on none (blocks) or are gone.
size_t storey_of(const Option& option, const Item& item);
/// All that storey_of puts there, in the order of the building; walls are left out.
std::vector<Item> items_on(const Option& option, size_t storey);
void rename(Option& option, const Item& item, const std::string& name);

/// Everything of an option whose name or id holds the text, whatever its case, in the order of the building.
std::vector<Item> find_by_name(const Option& option, const std::string& text);

}  // namespace wp::model

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
        reading,
        luminaire
    } kind = Kind::none;
    Id id;          ///< of the thing; of the room for a wall
    int edge = -1;  ///< wall only
    bool operator==(const Item&) const = default;
};

}  // namespace wp::model

// SPDX-License-Identifier: GPL-3.0-or-later
// The model check: what is wrong with a drawing, in plain words, with its place and, where one is certain, its mend.
#pragma once
#include <string>
#include <vector>

#include "geometry/edit.h"

namespace wp::geometry {

struct ModelFault {
    enum class Kind {
        rooms_overlap,        ///< two rooms claim the same floor
        near_miss,            ///< a corner lies close to a neighbour's corner or wall, but not on it
        thin_room,            ///< walls leave nothing of the room
        opening_off_wall,     ///< reaches past the end or the top of its wall: it is cut off there
        openings_overlap,     ///< in the same wall, from whichever side
        opening_to_nothing,   ///< no room and no open air behind
        void_without_rooms,   ///< no floor above, or no flat ceiling below
        rooflight_off_roof,   ///< not within one face of roof and ceiling
        rooflights_overlap,
        storeys_overlap,      ///< a room reaches into the floor of a room above
    };
    Kind kind;
    size_t storey = 0;
    Vec2 place{};              ///< in plan
    Items items;
    std::string what;          ///< one sentence
    std::string mend;          ///< what mend_fault would do; empty: nothing
};

/// All faults of an option, storey by storey.
std::vector<ModelFault> check_model(const model::Option& option);

/// Mends a fault that offers it. False where that is not possible (any more).
bool mend_fault(model::Option& option, const ModelFault& fault);

}  // namespace wp::geometry

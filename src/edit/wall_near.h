// SPDX-License-Identifier: GPL-3.0-or-later
// The wall of a storey that is nearest to a place.
#pragma once
#include <optional>

#include "model/building.h"

namespace wp::edit {

struct WallSpot {
    model::Id room;
    int edge = -1;
    double along = 0;  ///< from the edge's begin, metres
};
/// None within reach, in metres. Of two rooms on one line the one is meant that the place is in.
std::optional<WallSpot> wall_near(const model::Storey& storey, Vec2 place, double reach);

}  // namespace wp::edit

// SPDX-License-Identifier: GPL-3.0-or-later
// Along which line one asks how deep light reaches.
#pragma once
#include <utility>

#include "base/vec.h"

namespace wp::model {
struct Room;
}

namespace wp::geometry {

/// In plan, from the middle of the room's longest wall with a window, or of its longest, across to the other side.
std::pair<Vec2, Vec2> depth_line(const model::Room& room);

}  // namespace wp::geometry

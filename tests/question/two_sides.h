// SPDX-License-Identifier: GPL-3.0-or-later
// The room of the tests with a second window to the west, like the one to the south and with blinds of its own.
#pragma once
#include "support.h"

namespace wp::test {

inline void add_west_window(model::Project& project) {
    auto& room = project.options[0].storeys[0].rooms[0];
    model::Opening west = room.openings[0];
    west.id = west.name = "west";
    west.edge = 3;
    west.along = 2;
    room.openings.push_back(west);
}

}  // namespace wp::test

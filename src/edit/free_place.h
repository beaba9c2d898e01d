// SPDX-License-Identifier: GPL-3.0-or-later
// Where an opening finds room in its wall, beside those that are there.
#pragma once
#include <optional>

#include "model/building.h"

namespace wp::edit {

/// The place along its edge, in metres, nearest to where the opening is, at which it overlaps no other of the room's
/// openings in that edge, keeps `apart` from those at its height, and stays within length; none where it finds no
/// room. length: of the edge.
std::optional<double> free_place(const model::Room& room, const model::Opening& opening, double length,
                                 double apart = 0.02);

}  // namespace wp::edit

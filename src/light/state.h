// SPDX-License-Identifier: GPL-3.0-or-later
// What changes about a building by the month: leaves of trees, and the ground's reflectance.
#pragma once
#include <array>
#include <vector>

#include "geometry/surfaces.h"

namespace wp::light {

struct State {
    model::Season season = model::Season::in_leaf;
    double ground = -1;  ///< reflectance of the open ground; below 0: as the surfaces say
    State(model::Season in = model::Season::in_leaf, double ground_reflectance = -1) : season(in), ground(ground_reflectance) {}
    bool operator==(const State&) const = default;
};

/// The states that differ, and which of them holds in each month.
struct States {
    std::vector<State> all;
    std::array<size_t, 12> of_month{};
    size_t in(int month) const { return of_month[static_cast<size_t>(month - 1)]; }
};
States states_of(const geometry::Surfaces& surfaces);

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
// What changes about a building by the month: leaves of trees, and the ground's reflectance.
#pragma once
#include <array>
#include <vector>
#include "model/site.h"

#include "geometry/surfaces.h"
#include "model/site.h"

namespace wp::light {

struct State {
    model::Season season = model::Season::in_leaf;
    double ground = -1;  ///< reflectance of the open ground; below 0: as the surfaces say
    State(model::Season in = model::Season::in_leaf, double ground_reflectance = -1)
        : season(in), ground(ground_reflectance) {}
    bool operator==(const State&) const = default;
};

/// So many states are traced together at most, and a number for each of them. Numbers of states that are not there are
/// of no meaning.
inline constexpr size_t kMostStates = 4;
using ByState = std::array<float, kMostStates>;
inline constexpr ByState kAllAlike{1, 1, 1, 1};
inline ByState operator*(const ByState& a, const ByState& b) {
    return {a[0] * b[0], a[1] * b[1], a[2] * b[2], a[3] * b[3]};
}

/// The states that differ, and which of them holds in each month.
struct States {
    std::vector<State> all;
    std::array<size_t, 12> of_month{};
    size_t in(int month) const { return of_month[static_cast<size_t>(month - 1)]; }
};
States states_of(const geometry::Surfaces& surfaces);

}  // namespace wp::light

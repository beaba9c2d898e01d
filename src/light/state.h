// SPDX-License-Identifier: GPL-3.0-or-later
// What changes about a building by the month: leaves of trees, and the ground's reflectance.
#pragma once
#include <array>
#include <vector>

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
inline constexpr size_t kMostStates = 12;
using ByState = std::array<float, kMostStates>;
inline constexpr ByState kAllAlike{1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1};
inline ByState operator*(const ByState& a, const ByState& b) {
    ByState out;
    for (size_t k = 0; k < kMostStates; ++k) out[k] = a[k] * b[k];
    return out;
}

inline ByState operator+(const ByState& a, const ByState& b) {
    ByState out;
    for (size_t k = 0; k < kMostStates; ++k) out[k] = a[k] + b[k];
    return out;
}
inline ByState operator*(const ByState& a, float by) {
    ByState out;
    for (size_t k = 0; k < kMostStates; ++k) out[k] = a[k] * by;
    return out;
}

/// What surfaces and glazings do in states that are bands of wavelength. Each path is of one wavelength in every band,
/// one of a few choices: the mean of a band would be wrong where matter changes within it, for light that is reflected
/// often is not linear in reflectance.
struct Tints {
    struct Choice {
        ByState share = kAllAlike;  ///< of the band's light that is of this wavelength, over that of an even share
        std::vector<ByState>
            surfaces;  ///< by place in Surfaces::surfaces: factors of all that they send back of visible light
        std::vector<ByState> glazings;  ///< by place in Surfaces::glazings: transmittance at normal incidence
        std::vector<ByState> blinds{};  ///< by place in Surfaces::blinds: factors of all that they scatter
    };
    std::vector<Choice> choices;
    ByState counts = kAllAlike;  ///< how much errors of each state count: rays are drawn by it
};

/// The states that differ, and which of them holds in each month.
struct States {
    std::vector<State> all;
    std::array<size_t, 12> of_month{};
    size_t in(int month) const { return of_month[static_cast<size_t>(month - 1)]; }
};
States states_of(const geometry::Surfaces& surfaces);

}  // namespace wp::light

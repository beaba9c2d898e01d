// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/state.h"

#include <algorithm>

namespace wp::light {

States states_of(const geometry::Surfaces& surfaces) {
    States out;
    const bool seasons = surfaces.has_seasons();
    for (int month = 1; month <= 12; ++month) {
        State state;
        if (seasons) state.season = model::season_of(surfaces.leaf_from, surfaces.leaf_to, month);
        state.ground = surfaces.ground_by_month.size() == 12 ? surfaces.ground_by_month[static_cast<size_t>(month - 1)]
                                                             : surfaces.ground_reflectance;
        const auto known = std::find(out.all.begin(), out.all.end(), state);
        out.of_month[static_cast<size_t>(month - 1)] = static_cast<size_t>(known - out.all.begin());
        if (known == out.all.end()) out.all.push_back(state);
    }
    return out;
}

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/free_place.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace wp::edit {

std::optional<double> free_place(const model::Room& room, const model::Opening& opening, double length, double apart) {
    struct Taken {
        double from, to;  // where the opening's near end may not be
    };
    std::vector<Taken> taken;
    for (const model::Opening& other : room.openings) {
        if (other.id == opening.id || other.edge != opening.edge) continue;
        const bool beside_in_height =
            other.sill >= opening.sill + opening.height || opening.sill >= other.sill + other.height;
        if (beside_in_height) continue;
        taken.push_back({other.along - opening.width - apart, other.along + other.width + apart});
    }
    // The nearest place is where it stands, an end of the wall, or right beside another.
    std::vector<double> places{opening.along, 0.0, length - opening.width};
    for (const Taken& t : taken) places.insert(places.end(), {t.from, t.to});
    constexpr double slack = 1e-9;
    std::optional<double> best;
    for (const double place : places) {
        if (place < -slack || place > length - opening.width + slack) continue;
        if (std::any_of(taken.begin(), taken.end(),
                        [&](const Taken& t) { return place > t.from + slack && place < t.to - slack; }))
            continue;
        if (!best || std::fabs(place - opening.along) < std::fabs(*best - opening.along)) best = place;
    }
    return best;
}

}  // namespace wp::edit

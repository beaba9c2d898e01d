// SPDX-License-Identifier: GPL-3.0-or-later
// Bright parts of a field that lie near each other are one source: the one way in which pictures and years join them.
#pragma once
#include <algorithm>
#include <cmath>
#include <functional>
#include <vector>

#include "base/vec.h"

namespace wp::metric {

/// The brightest first; each part goes into the brightest whose middle is within an angle, radians; nought: none does.
/// A part has flux, middle (a direction of any length) and absorb(Part&&), which adds what else it is made of.
template <class Part>
void join_near(std::vector<Part>& parts, double within) {
    std::ranges::stable_sort(parts, std::greater(), &Part::flux);
    if (within <= 0) return;
    std::vector<Part> joined;
    for (Part& part : parts) {
        const Vec3 to = normalized(part.middle);
        const auto near = std::ranges::find_if(
            joined, [&](const Part& p) { return dot(normalized(p.middle), to) >= std::cos(within); });
        if (near == joined.end()) {
            joined.push_back(std::move(part));
            continue;
        }
        near->middle = near->middle + part.middle;
        near->flux += part.flux;
        near->absorb(std::move(part));
    }
    parts = std::move(joined);
}

}  // namespace wp::metric

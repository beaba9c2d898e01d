// SPDX-License-Identifier: GPL-3.0-or-later
#include "figure/unbeaten.h"

#include <algorithm>

namespace wp::figure {

std::vector<size_t> unbeaten(std::span<const Pair> designs, Better first, Better second) {
    const double a = first == Better::lower ? -1 : 1, b = second == Better::lower ? -1 : 1;
    const auto beats = [&](const Pair& x, const Pair& y) {
        return a * x.first >= a * y.first && b * x.second >= b * y.second &&
               (a * x.first > a * y.first || b * x.second > b * y.second);
    };
    std::vector<size_t> out;
    for (size_t i = 0; i < designs.size(); ++i)
        if (std::ranges::none_of(designs, [&](const Pair& other) { return beats(other, designs[i]); }))
            out.push_back(i);
    std::ranges::stable_sort(out, {}, [&](size_t i) { return designs[i].first; });
    return out;
}

}  // namespace wp::figure

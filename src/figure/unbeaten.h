// SPDX-License-Identifier: GPL-3.0-or-later
// Of many designs judged by two figures those that none beats in both.
#pragma once
#include <cstddef>
#include <span>
#include <vector>

#include "figure/comparison.h"

namespace wp::figure {

struct Pair {
    double first = 0, second = 0;
};
/// Indices from the least of the first figure on. Better::unsaid counts as higher. Of designs alike in both all stay.
std::vector<size_t> unbeaten(std::span<const Pair> designs, Better first, Better second);

}  // namespace wp::figure

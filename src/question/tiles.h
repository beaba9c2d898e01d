// SPDX-License-Identifier: GPL-3.0-or-later
// Sums of a tile of points for a few hours at once.
#pragma once
#include <algorithm>
#include <cstddef>
#include <span>

namespace wp::question {

/// Hours that are reckoned with a tile together, and points of a tile: as many sums as registers hold.
inline constexpr size_t kAbreast = 4, kLanes = 16;

/// Eight numbers abreast, in one register where the machine has such wide ones. Each sum is made in the order of its columns whatever the
// width and whatever hours are made with it, so that every machine gives the same bits.
using Lanes = float __attribute__((vector_size(32), aligned(4), may_alias));

/// Adds sums of a tile, hour by hour, to lit hours x points.
inline void add_sums(const float* sums, size_t points, size_t tile, std::span<const size_t> hours, float* to) {
    for (size_t k = 0; k < hours.size(); ++k) {
        float* out = to + hours[k] * points + tile * kLanes;
        for (size_t p = 0; p < std::min(kLanes, points - tile * kLanes); ++p) out[p] += sums[k * kLanes + p];
    }
}

}  // namespace wp::question

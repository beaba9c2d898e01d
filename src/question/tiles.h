// SPDX-License-Identifier: GPL-3.0-or-later
// Sums of a tile of points for a few hours at once.
#pragma once
#include <algorithm>
#include <cstddef>
#include <span>

namespace wp::question {

/// Hours that are computed with a tile together, and points of a tile: as many sums as registers hold.
inline constexpr size_t kAbreast = 4, kTile = 16;

/// Eight numbers abreast, in one register where the machine has such wide ones. Each sum is made in the order of its
/// rows whatever the width and whatever hours are made with it, so that every machine gives the same bits.
using Lanes = float __attribute__((vector_size(32), aligned(4), may_alias));

/// Sums of n rows, each of a tile's points, times what an hour brings of it: kAbreast x kTile. place(i): of the i-th
/// row among rows; light(i, hour).
template <class Place, class Light>
[[gnu::always_inline]] inline void sum_rows(size_t n, const float* rows, Place&& place, Light&& light, float* sums) {
    Lanes a[kAbreast][2] = {};
    for (size_t i = 0; i < n; ++i) {
        const Lanes* row = reinterpret_cast<const Lanes*>(rows + place(i) * kTile);
        const Lanes low = row[0], high = row[1];
        for (size_t h = 0; h < kAbreast; ++h) {
            const float s = light(i, h);
            a[h][0] += s * low;
            a[h][1] += s * high;
        }
    }
    for (size_t h = 0; h < kAbreast; ++h) {
        reinterpret_cast<Lanes*>(sums + h * kTile)[0] = a[h][0];
        reinterpret_cast<Lanes*>(sums + h * kTile)[1] = a[h][1];
    }
}

/// Adds sums of a tile, hour by hour, to lit hours x points.
inline void add_sums(const float* sums, size_t points, size_t tile, std::span<const size_t> hours, float* to) {
    for (size_t k = 0; k < hours.size(); ++k) {
        float* out = to + hours[k] * points + tile * kTile;
        for (size_t p = 0; p < std::min(kTile, points - tile * kTile); ++p) out[p] += sums[k * kTile + p];
    }
}

}  // namespace wp::question

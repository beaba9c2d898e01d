// SPDX-License-Identifier: GPL-3.0-or-later
// Outlines in space.
#pragma once
#include <vector>

#include "base/vec.h"

namespace wp::incoming {

using Ring = std::vector<Vec3>;

/// Along the normal of a flat outline, as long as its area, m2; by its first corner, so that it holds far from zero.
inline Vec3 area_vector(const Ring& ring) {
    Vec3 n{};
    for (size_t i = 0; i < ring.size(); ++i) n = n + cross(ring[i] - ring[0], ring[(i + 1) % ring.size()] - ring[0]);
    return n * 0.5;
}

}  // namespace wp::incoming

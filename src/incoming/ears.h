// SPDX-License-Identifier: GPL-3.0-or-later
// Flat outlines in space as triangles.
#pragma once
#include <array>
#include <cstdint>
#include <vector>

#include "incoming/ring.h"

namespace wp::incoming {

/// Places in the ring, three each; in the plane that it is largest in. Empty where it has no area.
std::vector<std::array<uint32_t, 3>> ears_of(const Ring& ring);

}  // namespace wp::incoming

// SPDX-License-Identifier: GPL-3.0-or-later
// Closed hulls of polygons, cut off by a plane.
#pragma once
#include <vector>

#include "incoming/ring.h"

namespace wp::incoming {

/// What lies on the side of a plane that its normal points to, closed by the faces of the cut.
std::vector<Ring> clipped(const std::vector<Ring>& hull, Vec3 on_plane, Vec3 normal);

}  // namespace wp::incoming

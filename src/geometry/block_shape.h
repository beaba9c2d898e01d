// SPDX-License-Identifier: GPL-3.0-or-later
// Neighbouring blocks: a prism with a flat, mono-pitch or gable top over any footprint.
#pragma once
#include <functional>

#include "geometry/polygon.h"
#include "model/building.h"

namespace wp::geometry {

/// Height of a block's top over a place in plan, above the site's zero.
double block_top(const model::Block& block, Vec2 p);
/// Its highest point.
double block_ridge(const model::Block& block);

/// Triangles, counter-clockwise seen from outside. The underside is made only where it stands above the ground.
void build_block(const model::Block& block, double ground, const std::function<void(Vec3, Vec3, Vec3)>& add);

}  // namespace wp::geometry

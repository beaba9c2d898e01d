// SPDX-License-Identifier: GPL-3.0-or-later
// What the model check and its mends share. Used by check*.cpp and mend*.cpp alone.
#pragma once
#include "geometry/check.h"
#include "geometry/polygon.h"
#include "geometry/walls.h"

namespace wp::geometry {

/// Mean of the corners.
Vec2 middle(const Polygon& ring);
/// What a size outside its usual range would have to be multiplied by if it is a slip of units; 1 where it is none.
double likely_factor(double size, double low, double high);
const model::Room* room_at(const model::Storey& storey, Vec2 p);
const model::Room* nearest_room(const model::Storey& storey, Vec2 p);

}  // namespace wp::geometry

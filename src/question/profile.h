// SPDX-License-Identifier: GPL-3.0-or-later
// A map along a line: how deep light reaches.
#pragma once
#include <vector>

#include "geometry/plane_points.h"

namespace wp::question {

struct ProfilePoint {
    double along = 0;       ///< metres from the line's begin
    double value = 0;       ///< NaN where the line is over no plane
    double half_width = 0;  ///< 95 %; 0 where none was given
};

/// Values of planes that lie, along a line in plan, every step metres and at both ends (step > 0; no more than 4000
/// points). Between the middles of cells they are bilinear, towards the border of a plane those of the outermost
/// middle. Where planes lie over each other the first is taken. storey: of the planes that count.
std::vector<ProfilePoint> profile(const std::vector<geometry::PlanePoints>& planes,
                                  const std::vector<std::vector<double>>& value,
                                  const std::vector<std::vector<double>>& half_width, const model::Id& storey,
                                  Vec2 from, Vec2 to, double step);

}  // namespace wp::question

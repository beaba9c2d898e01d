// SPDX-License-Identifier: GPL-3.0-or-later
// Single places where light is told as a number.
#pragma once
#include <optional>
#include <vector>

#include "geometry/plane_points.h"
#include "geometry/surfaces.h"

namespace wp::geometry {

/// How high above the floor a reading on a wall is taken, m: eyes of somebody who sits.
inline constexpr double kWallReading = model::kSeatedEye;
/// How far readings stand off what they lie on, m.
inline constexpr double kReadingLift = 0.01;

/// The highest surface of a storey under a place in plan and below the cut: a table's top, a step, the floor. Over the
/// bare floor of a room that has a plane there, the reading is taken on the plane. None where there is nothing, or no
/// room. cut: metres above the storey's floor. The reading has no id and no name yet.
std::optional<model::Reading> reading_under(const model::Option& option, const Surfaces& surfaces, size_t storey,
                                            Vec2 at, double cut);
/// On the inner face of a wall, kWallReading above the floor, facing the room.
std::optional<model::Reading> reading_on_wall(const model::Option& option, size_t storey, const model::Id& room,
                                              int edge, double along);

/// Readings as planes of one point each, in their order; PlanePoints::plane is the reading's id.
std::vector<PlanePoints> reading_points(const model::Option& option);

}  // namespace wp::geometry

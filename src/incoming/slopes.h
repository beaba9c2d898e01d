// SPDX-License-Identifier: GPL-3.0-or-later
// The ceiling of a space as a roof of ours: one slope, or two that meet in a ridge.
#pragma once
#include <optional>

#include "incoming/building.h"
#include "model/building.h"

namespace wp::incoming {

struct SlopedCeiling {
    model::Roof::Kind kind = model::Roof::Kind::mono_pitch;
    double direction = 0;  ///< the way its first slope rises, degrees clockwise from +y
    double pitch = 0;      ///< degrees
    double base = 0;       ///< z of the first slope where the distance along its rise is nought, m
};
/// None where it is level, stepped, of other slopes than these, or its ridge lies off the middle. floor: z of the
/// space's floor.
std::optional<SlopedCeiling> sloped_ceiling(const Space& space, double floor);

}  // namespace wp::incoming

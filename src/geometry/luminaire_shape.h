// SPDX-License-Identifier: GPL-3.0-or-later
// Where luminaires are and how they lie: for their light, and to be drawn.
#pragma once
#include <array>

#include "base/vec.h"
#include "model/project.h"

namespace wp::geometry {

/// A luminaire's own axes in the building, unit: x where C 0 looks, z upwards while it is not tilted.
struct LuminaireAxes {
    Vec3 x, y, z;
};
LuminaireAxes axes_of(const model::Luminaire& luminaire);

/// The middle of what shines, metres.
Vec3 middle_of(const model::Option& option, const model::Luminaire& luminaire);

/// Corners of the box around what shines, of its kind (null: not known), at least a hand wide and a finger thick:
/// bits 1, 2 and 4 of the index are the far sides along x, y and z.
std::array<Vec3, 8> box_of(const model::Option& option, const model::Luminaire& luminaire,
                           const model::LuminaireType* type);

}  // namespace wp::geometry

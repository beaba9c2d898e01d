// SPDX-License-Identifier: GPL-3.0-or-later
// The smoothest reflectance between 0 and 1 that has a given colour (S. A. Burns, "Numerical methods for smoothest
// reflectance reconstruction", Color Research and Application 45 (2020) 8-21: least slope of the hyperbolic tangent's
// argument).
#pragma once
#include <optional>

#include "spectrum/colour.h"

namespace wp::spectrum {

/// The colour under D65, y from 0 to 1. None where no such matter can be: brighter or more saturated than any.
std::optional<Spectrum> smoothest(const Xyz& colour);

}  // namespace wp::spectrum

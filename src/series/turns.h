// SPDX-License-Identifier: GPL-3.0-or-later
// Where a curve passes a threshold, and how sure that is.
#pragma once
#include <span>
#include <vector>

#include "figure/measures.h"

namespace wp::series {

/// A point of a curve that was asked.
struct CurvePoint {
    double at = 0;
    figure::Band band;
};

struct Turn {
    double at = 0;            ///< where the value passes the threshold, straight between points
    double from = 0, to = 0;  ///< it may be anywhere between: there the threshold lies within the band
    bool rises = true;
};

/// All, points in the order of at.
std::vector<Turn> turns_of(std::span<const CurvePoint> curve, double threshold);

}  // namespace wp::series

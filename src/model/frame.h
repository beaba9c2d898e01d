// SPDX-License-Identifier: GPL-3.0-or-later
// How far frames, bars and leaves stand out of the pane's plane.
#pragma once

namespace wp::model {

/// Half of their depth, metres: so far to each side, or less in a thin wall.
inline constexpr double kFrameHalf = 0.03;
/// Just before them.
inline constexpr double kBeforeFrame = 0.032;

}  // namespace wp::model

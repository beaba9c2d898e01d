// SPDX-License-Identifier: GPL-3.0-or-later
// Unified glare rating of a kind of luminaire in rooms of standard sizes, by the tabular method (CIE 190:2010, on CIE
// 117:1995): luminaires a quarter of their height over the eyes apart, all over the room; the observer at the middle of
// a wall looks straight across.
#pragma once
#include <array>
#include <optional>

#include "model/luminaire.h"

namespace wp::question {

struct RoomReflectances {
    double ceiling = 0.7, walls = 0.5, floor = 0.2;
};
/// The five of the table.
inline constexpr std::array<RoomReflectances, 5> kUgrReflectances{
    {{0.7, 0.5, 0.2}, {0.7, 0.3, 0.2}, {0.5, 0.5, 0.2}, {0.5, 0.3, 0.2}, {0.3, 0.3, 0.2}}};
/// Room sizes over the height of luminaires above the eyes: across the line of sight, and along it.
inline constexpr std::array<double, 4> kUgrAcross{2, 4, 8, 12};
inline constexpr std::array<double, 6> kUgrAlong{2, 3, 4, 6, 8, 12};

/// x across, y along the line of sight, in heights. endwise: C 90 looks along it; else across it (seen crosswise). None
/// where nothing glares, or what shines has no area. What comes back from surfaces is found by three of them, each
/// even: ceiling in the plane of the luminaires, walls, floor at the eyes.
std::optional<double> ugr_of_room(const model::LuminaireType& type, double x, double y,
                                  const RoomReflectances& reflectances, bool endwise);

}  // namespace wp::question

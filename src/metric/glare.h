// SPDX-License-Identifier: GPL-3.0-or-later
// Daylight glare probability and what it is made of.
#pragma once
#include <cstdint>
#include <vector>

#include "base/vec.h"

namespace wp::metric {

/// A bright part of the field of view.
struct GlareSource {
    double luminance = 0;            ///< cd/m^2, mean by solid angle
    double solid_angle = 0;          ///< sr
    double position = 1;             ///< Guth's position index of its middle
    Vec3 direction;                  ///< unit, in the axes of the eye: x right, y up, z along the line of sight
    bool is_sun = false;             ///< a disc: the sun's own, or its image in a mirror
    int disc = -1;                   ///< which of the field's discs; -1: none
    std::vector<uint32_t> pixels{};  ///< of the field that it was found in

    /// By what it counts in DGP's sum, L^2 omega / P^2.
    double contrast() const { return luminance * luminance * solid_angle / (position * position); }
};

/// Guth's position index: above the line of sight by the formula of Levin ("Position index in VCP calculations", J. IES
/// 4(2), 1975), below it by that of Iwata and Tokura (Lighting Research and Technology 29(4), 1997), at most 16.
/// direction in the eye's axes.
double position_index(Vec3 direction);

/// Wienold and Christoffersen, Energy and Buildings 38 (2006) 743-757; below Ev of 1000 lx times the low-light
/// correction of Wienold, "Dynamic daylight glare evaluation", Building Simulation 2009. Not defined below 380 lx: see
/// dgp_in_range.
double daylight_glare_probability(double vertical_lux, const std::vector<GlareSource>& sources);
/// The same of the sum of what the sources count by.
double daylight_glare_probability(double vertical_lux, double contrast);

/// DGP was fitted for vertical illuminances above 380 lx and values of 0.2 to 0.8.
bool dgp_in_range(double vertical_lux, double dgp);

}  // namespace wp::metric

// SPDX-License-Identifier: GPL-3.0-or-later
// Daylight glare probability and what it is made of.
#pragma once
#include <vector>

#include "base/vec.h"

namespace wp::metric {

/// A bright part of the field of view.
struct GlareSource {
    double luminance = 0;    ///< cd/m^2, mean by solid angle
    double solid_angle = 0;  ///< sr
    double position = 1;     ///< Guth's position index of its middle
    Vec3 direction;          ///< unit, in the axes of the eye: x right, y up, z along the line of sight
    bool is_sun = false;
};

/// Guth's position index: above the line of sight by the formula of Levin ("Position index in VCP calculations", J. IES
/// 4(2), 1975), below it by that of Iwata and Tokura (Lighting Research and Technology 29(4), 1997), at most 16.
/// direction in the eye's axes.
double position_index(Vec3 direction);

/// Wienold and Christoffersen, Energy and Buildings 38 (2006) 743-757; below Ev of 1000 lx times the low-light
/// correction of Wienold, "Dynamic daylight glare evaluation", Building Simulation 2009. Not defined below 380 lx: see
/// dgp_in_range.
double daylight_glare_probability(double vertical_lux, const std::vector<GlareSource>& sources);

/// DGP was fitted for vertical illuminances above 380 lx and values of 0.2 to 0.8.
bool dgp_in_range(double vertical_lux, double dgp);

struct GlareField {
    int size = 0;  ///< pixels across, equidistant hemisphere
    const std::vector<float>* luminance = nullptr;
    double sun_normal_lux = 0;  ///< at the eye
    Vec3 sun;                   ///< unit, in the eye's axes
};

/// What counts as a source: parts of the picture at least so many times as bright as the mean of the whole picture.
/// faintest: cd/m^2, below which nothing counts; no publication asks for it, so that it is nought unless it is asked
/// for.
struct SourceRule {
    double over_mean = 5, faintest = 0;
};
/// Grouped where they touch; the sun's disc is a source of its own.
std::vector<GlareSource> find_sources(const GlareField& field, const SourceRule& rule = {});

}  // namespace wp::metric

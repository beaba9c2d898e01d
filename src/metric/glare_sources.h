// SPDX-License-Identifier: GPL-3.0-or-later
// Where a field of view is so bright that it glares: the published ways to say what a source is.
#pragma once
#include <span>
#include <vector>

#include "metric/glare.h"

namespace wp::metric {

/// A disc that is not drawn in the field: the sun, or its image in a mirror.
struct Disc {
    Vec3 direction;         ///< unit, in the field's axes
    double normal_lux = 0;  ///< that reaches the eye, normal to it
};

/// Luminances by direction, row by row, and an eye that looks at them.
struct LuminanceField {
    int width = 0, height = 0;
    bool wraps = false;                       ///< its left edge meets its right one
    std::span<const Vec3> direction;          ///< unit, in axes of its own; nought outside the picture
    std::span<const double> solid_angle;      ///< sr
    std::span<const float> luminance, error;  ///< cd/m^2, and its standard error; no errors: they are not known
    std::span<const Disc> discs;
    /// The eye's axes in the field's.
    Vec3 right{1, 0, 0}, up{0, 1, 0}, forward{0, 0, 1};

    Vec3 to_eye(const Vec3& d) const { return {dot(d, right), dot(d, up), dot(d, forward)}; }
};

/// What counts as a source.
struct SourceRule {
    enum class Against {
        field_mean,       ///< so many times the mean of the field
        task_zone,        ///< so many times the mean of a zone that one works in
        fixed_luminance,  ///< a luminance that is given
    };
    Against against = Against::field_mean;
    double times = 5;
    double luminance = 2000;  ///< cd/m^2
    /// The zone's middle, in the eye's axes, and its angle across, radians.
    Vec3 zone{0, 0, 1};
    double zone_angle = 0.53;
    /// cd/m^2, below which nothing counts; no publication asks for it, so that it is nought unless it is asked for.
    double faintest = 0;
    /// What lies within such an angle of a brighter source's middle is part of it, radians (J. Wienold, "Daylight glare
    /// in offices", Freiburg 2009: 0.2). Nought: only what touches is one source.
    double joined_within = 0.2;
};

/// cd/m^2: what is brighter is a source. Nought where the field is dark.
double source_limit(const LuminanceField& field, const SourceRule& rule);

/// Grouped where they touch, then joined as the rule says, the strongest first. Each disc is a source of its own. A
/// single pixel that chance may have made bright is none: what is no brighter than the limit by twice its error, or
/// where no errors are known stands alone.
std::vector<GlareSource> find_sources(const LuminanceField& field, const SourceRule& rule = {});

/// Of the hemisphere before the eye, discs included: cd/m^2 by solid angle, and lux.
double mean_luminance(const LuminanceField& field);
double vertical_illuminance(const LuminanceField& field);
/// How unevenly the field is lit: standard deviation of luminance over its mean, by solid angle, without discs.
double field_contrast(const LuminanceField& field);

}  // namespace wp::metric

// SPDX-License-Identifier: GPL-3.0-or-later
// A sky and the ground in the columns of daylight coefficients: the row that turns coefficients into light. The sun has
// none: see light/patches.h.
#pragma once
#include <optional>
#include <span>
#include <vector>

#include "climate/sky.h"
#include "climate/sky_parts.h"
#include "climate/sun.h"
#include "light/coefficients.h"

namespace wp::question {

/// What shines, in the model's axes.
struct SkyAndSun {
    climate::Sky sky = climate::Sky::uniform(0);
    climate::SunPosition sun;     ///< azimuth clockwise from true north
    Vec3 to_sun{0, 0, -1};        ///< unit
    double sun_lux = 0;           ///< normal to the sun; 0 where it is down
    double ground_luminance = 0;  ///< of the far ground, cd/m^2
};

class SkyColumns {
 public:
    /// coarse: with columns for coarse sky parts, as rows split by entry want them.
    explicit SkyColumns(bool coarse = false);

    const climate::SkyParts& parts() const { return parts_; }
    /// Null without them.
    const climate::SkyParts* coarse() const { return coarse_ ? &*coarse_ : nullptr; }
    const light::CoefficientLayout& layout() const { return layout_; }
    /// Writes layout().columns() numbers: mean luminance of each part, scaled so that together they carry what the sky
    /// carries; the ground's.
    void fill(const SkyAndSun& sky_and_sun, std::span<float> row) const;

 private:
    // Directions that stand for each part: so many each, in their order; of each its height's place in the list of
    // heights, for they are few.
    struct Directions {
        Directions(const climate::SkyParts& parts);
        std::vector<Vec3> all;
        std::vector<size_t> height;
        std::vector<double> heights;
        std::vector<double> weight;  // by part: what unit luminance of it carries on the horizontal
    };
    static void fill_parts(const climate::Sky& sky, const climate::Indicatrix& by_angle, const Directions& directions,
                           std::span<float> row);
    climate::SkyParts parts_;
    std::optional<climate::SkyParts> coarse_;
    light::CoefficientLayout layout_;
    std::optional<Directions> directions_, coarse_directions_;
};

/// Overcast and clear skies of one day a month, every two hours, and the sun of six of these days: what errors are
/// judged by, whatever the weather. north_azimuth: azimuth of the model's +y, radians clockwise from true north.
light::TypicalLight typical_light(const SkyColumns& columns, const climate::Place& place, double north_azimuth,
                                  double ground_reflectance);

}  // namespace wp::question

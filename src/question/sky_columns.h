// SPDX-License-Identifier: GPL-3.0-or-later
// A sky, the ground and the sun in the columns of daylight coefficients: the row that turns coefficients into light.
#pragma once
#include <span>
#include <vector>

#include "climate/sky.h"
#include "climate/sky_parts.h"
#include "light/coefficients.h"
#include "light/sun_nodes.h"

namespace wp::question {

/// What shines, in the model's axes.
struct Shine {
    climate::Sky sky = climate::Sky::uniform(0);
    climate::SunPosition sun;     ///< azimuth clockwise from true north
    Vec3 to_sun{0, 0, -1};        ///< unit
    double sun_lux = 0;           ///< normal to the sun; 0 where it is down
    double ground_luminance = 0;  ///< of the far ground, cd/m^2
};

class SkyColumns {
 public:
    /// north_azimuth: azimuth of the model's +y, radians clockwise from true north.
    SkyColumns(const climate::Place& place, double north_azimuth);

    const climate::SkyParts& parts() const { return parts_; }
    const light::SunNodes& nodes() const { return nodes_; }
    const light::CoefficientLayout& layout() const { return layout_; }
    /// Writes layout().columns() numbers: mean luminance of each part, scaled so that together they carry what the sky
    /// carries; the ground's; beam illuminance on the nodes around the sun.
    void fill(const Shine& shine, std::span<float> row) const;

 private:
    climate::SkyParts parts_;
    light::SunNodes nodes_;
    light::CoefficientLayout layout_;
    std::vector<std::vector<Vec3>> directions_;
};

}  // namespace wp::question

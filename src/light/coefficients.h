// SPDX-License-Identifier: GPL-3.0-or-later
// Daylight coefficients (P. R. Tregenza, I. M. Waters, Lighting Research and Technology 15 (1983) 65-71): the illuminance
// of a point for a unit luminance of each sky part, and for a unit illuminance of the sun at each of its nodes, by the
// window group the light came through.
#pragma once
#include <vector>

#include "base/progress.h"
#include "climate/sky_parts.h"
#include "geometry/plane_points.h"
#include "light/path.h"
#include "light/scene.h"
#include "light/sun_nodes.h"

namespace wp::light {

/// Columns of a coefficient row: sky parts, then the far ground (per unit luminance), then sun nodes (interreflected
/// light per lux of the beam, normal to it).
struct CoefficientLayout {
    size_t parts = 0, nodes = 0, groups = 0;  ///< groups + 1 rows a point: the last is light through no group
    size_t columns() const { return parts + 1 + nodes; }
    size_t ground() const { return parts; }
    size_t node(size_t n) const { return parts + 1 + n; }
};

struct PointCoefficients {
    std::vector<int> groups;      ///< groups (or layout.groups for none) that light came through, ascending
    std::vector<float> values;    ///< row-major: for each of them, columns() numbers
};

struct Coefficients {
    CoefficientLayout layout;
    std::vector<PointCoefficients> points;
    double reached = 0;   ///< root mean square of the points' relative half-widths of the typical illuminance
    bool settled = false;
    uint32_t samples = 0; ///< of each replicate
    Tally tally;
};

/// Luminances and beam illuminances typical of the year, in the layout's columns: the weights by which error is judged.
using TypicalLight = std::vector<double>;

struct CoefficientTask {
    const Scene* scene = nullptr;
    const climate::SkyParts* parts = nullptr;
    const SunNodes* nodes = nullptr;
    const std::vector<geometry::PlanePoints>* planes = nullptr;  ///< points in the order of planes
    TypicalLight typical;
    double accuracy = 0.05;
    unsigned seed = 1;
};

/// Traces until the root mean square over each plane of the half-widths of typical illuminance is at most accuracy times
/// its mean. Same bits for any number of threads.
Coefficients trace_coefficients(const CoefficientTask& task, const Cancel& cancel, const Progress& progress);

}  // namespace wp::light

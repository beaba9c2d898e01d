// SPDX-License-Identifier: GPL-3.0-or-later
// How much sky a place sees: the no-sky line and the view of the sky on planes, and the whole dome from one point.
#pragma once
#include <string>
#include <vector>

#include "base/progress.h"
#include "climate/weather.h"
#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "light/scene.h"
#include "question/record.h"

namespace wp::question {

struct PlaneSkyView {
    geometry::PlanePoints plane;
    std::vector<double> solid_angle;  ///< of the sky seen, sr; panes count as open, canopies by what they leave
    std::vector<bool> sees;   ///< whether any sky is seen at all: false lies behind the no-sky line (BRE 209, 2.2)
    double share_seeing = 0;  ///< of the plane's points
};

struct SkyViewAnswer {
    std::vector<PlaneSkyView> planes;
    Record record;
};

/// Looks on a lattice of every opening (indoors), or of the upper hemisphere (outdoors): looks across each. Nothing is
/// random.
SkyViewAnswer sky_view(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                       const light::State& state, const Effort& effort, int looks = 16, const Cancel& cancel = {},
                       const Progress& progress = {});

/// What stands in the way from a point: by azimuth and altitude in cells of equal angle.
struct Dome {
    static constexpr int kSky = -1;
    int columns = 0, rows = 0;  ///< columns from azimuth 0 (true north) clockwise; rows from the horizon up
    std::vector<int>
        surface;  ///< row-major: index into Surfaces::surfaces of what is met first, panes looked through; kSky
    std::vector<bool> through_pane;
    int at(double azimuth, double altitude) const;
};
Dome sky_dome(const light::Scene& scene, Vec3 from, double north_azimuth, int columns = 360);

/// The surface a look meets, panes looked through; Dome::kSky for none.
int what_stands(const light::Scene& scene, Vec3 from, Vec3 direction, bool* through_pane = nullptr);

/// One stretch of a day's sun path that is cut off, and by which surface.
struct CutOff {
    double from = 0, to = 0;   ///< hours of the day
    int surface = Dome::kSky;  ///< kSky: the sun reaches the point
};
/// From sunrise to sunset on a day (0 to 364), looked at every step minutes.
std::vector<CutOff> sun_cut_off(const light::Scene& scene, Vec3 from, const climate::Place& place, double north_azimuth,
                                int day, double step = 5);

/// "The old warehouse", "Wall of Reading room": a surface in plain words.
std::string surface_words(const geometry::Surface& surface, const model::Option& option);

}  // namespace wp::question

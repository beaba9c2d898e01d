// SPDX-License-Identifier: GPL-3.0-or-later
// One point at every glazed opening to the outdoors: where sky and sun are asked for a window.
#pragma once
#include <vector>

#include "geometry/plane_points.h"
#include "geometry/surfaces.h"

namespace wp::geometry {

enum class WindowPoint {
    outer_face,  ///< its middle, on the outer face of the wall (BRE 209, vertical sky component and sunlight hours)
    inner_face,  ///< its middle across, on the inner face, at least 1.2 m above the floor and 0.3 m above the sill (EN
                 ///< 17037:2018, 5.3)
};

/// A plane of one cell for each, that faces outwards; PlanePoints::plane is the opening's id. Rooflights are asked at
/// the middle of their pane. surfaces tells which openings are glazed and lead outdoors.
std::vector<PlanePoints> window_points(const model::Option& option, const Surfaces& surfaces, WindowPoint where);

}  // namespace wp::geometry

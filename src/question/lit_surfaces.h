// SPDX-License-Identifier: GPL-3.0-or-later
// Points on the surfaces of rooms, so that a year's light is known of everything an eye may see in them.
#pragma once
#include <vector>

#include "geometry/plane_points.h"
#include "geometry/surfaces.h"

namespace wp::question {

struct SurfacePlane {
    uint32_t surface = 0;  ///< index in Surfaces::surfaces
    geometry::PlanePoints points;
};

/// Lattices on all flat parts of the surfaces of some spaces, about so many points in all; of small parts one point.
/// spaces: by number.
std::vector<SurfacePlane> surface_planes(const geometry::Surfaces& surfaces, const std::vector<bool>& spaces,
                                         size_t about);

/// Where a place on a surface finds its light: index of plane and point; none where the surface has no plane.
struct SurfacePoint {
    size_t plane = 0, point = 0;
};
class SurfaceIndex {
 public:
    explicit SurfaceIndex(const std::vector<SurfacePlane>& planes);
    std::optional<SurfacePoint> nearest(uint32_t surface, const Vec3& at, const Vec3& normal) const;

 private:
    const std::vector<SurfacePlane>& planes_;
    std::vector<std::vector<size_t>> of_surface_;
};

}  // namespace wp::question

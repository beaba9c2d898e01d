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

/// Lattices on the flat parts of the surfaces of some spaces, about so many points in all. Small parts have none: what
/// is near them and faces like them stands for them. spaces: by number.
std::vector<SurfacePlane> surface_planes(const geometry::Surfaces& surfaces, const std::vector<bool>& spaces,
                                         size_t about);

/// Where a place on a surface finds its light: index of plane and point.
struct SurfacePoint {
    size_t plane = 0, point = 0;
};
class SurfaceIndex {
 public:
    explicit SurfaceIndex(const std::vector<SurfacePlane>& planes);
    /// On the surface itself, facing alike, where it has points; else in the same space. None where that has none.
    std::optional<SurfacePoint> nearest(uint32_t surface, int space, const Vec3& at, const Vec3& normal) const;

 private:
    const std::vector<SurfacePlane>& planes_;
    std::vector<std::vector<size_t>> of_surface_, of_space_;
};

}  // namespace wp::question

// SPDX-License-Identifier: GPL-3.0-or-later
// All that is seen from a place, cell by cell of the sphere: through which panes, and on what the look ends. Of a
// building, whatever the hour; what shines there is looked up hour by hour (glare_year.h).
#pragma once
#include <array>
#include <optional>
#include <vector>

#include "light/scene.h"
#include "question/lit_surfaces.h"

namespace wp::question {

struct EyeCell {
    static constexpr int kSky = -1, kFarGround = -2;
    Vec3f along{};
    float solid_angle = 0;
    std::array<int16_t, 3> panes{-1, -1, -1};  ///< portals that are looked through, from the eye outwards
    int ends_on = kSky;                        ///< index in Surfaces::surfaces, or one of these
    Vec3f at{}, normal{};                      ///< of that surface, the normal towards the eye
    float reflectance = 0;
    int space = geometry::kOutdoors;  ///< into which that surface looks
    int point = -1;                   ///< of all lit points; -1: it has none
    uint32_t thing = 0;               ///< cells of one thing make one source: see EyeCells::things
};

struct EyeCells {
    Vec3 eye;
    std::vector<EyeCell> cells;
    /// What they show: an opening (its id), or else a surface.
    struct Thing {
        model::Id opening;
        int surface = -1;
    };
    std::vector<Thing> things;
};

/// Cells of about equal solid angle, so many degrees wide. first_of_plane: the number of each plane's first point among
/// all lit points.
EyeCells look_from(const light::Scene& scene, const geometry::Surfaces& surfaces, const Vec3& eye, double degrees,
                   const SurfaceIndex& index, const std::vector<size_t>& first_of_plane);

}  // namespace wp::question

// SPDX-License-Identifier: GPL-3.0-or-later
// Small scenes with known answers.
#pragma once
#include <vector>

#include "geometry/plane_points.h"
#include "geometry/surfaces.h"
#include "question/daylight_factor.h"

namespace wp::validation {

/// A closed box [0,w]x[0,d]x[0,h] seen from inside, all surfaces with one reflectance, in space 0.
geometry::Surfaces closed_box(double w, double d, double h, double reflectance);

/// The same box with an unglazed rectangular hole in the wall at y = 0 (looking to -y), x from x0 to x1, z from z0 to
/// z1. wall thickness zero. No ground but the far one.
geometry::Surfaces box_with_wall_hole(double w, double d, double h, double reflectance, double x0, double x1, double z0,
                                      double z1, double ground_reflectance);
/// A hole in the ceiling instead.
geometry::Surfaces box_with_roof_hole(double w, double d, double h, double reflectance, double x0, double x1, double y0,
                                      double y1);

/// A plane of single points.
geometry::PlanePoints points_at(std::vector<Vec3> points, Vec3 normal, int space);

/// Illuminance at the points as a share of the open horizontal one (1 = 100 %), with standard errors.
struct Share {
    double value, standard_error;
};
std::vector<Share> daylight(const geometry::Surfaces& surfaces, const geometry::PlanePoints& points, unsigned samples,
                            const question::DaylightFactorSetup& setup = {});

/// Irradiance inside a closed 3 x 4 x 2.5 m box whose surfaces all emit an exitance of 1 and reflect rho.
Share glowing_box(double rho, unsigned samples);

}  // namespace wp::validation

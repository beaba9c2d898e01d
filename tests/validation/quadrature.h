// SPDX-License-Identifier: GPL-3.0-or-later
// Reference values by closed forms and by quadrature, written without the engine.
#pragma once
#include <functional>

#include "base/vec.h"

namespace wp::validation::quadrature {

/// Configuration factor from a plane element at the origin, facing +c, to the parallel rectangle [x0,x1] x [y0,y1] at
/// distance c (Siegel and Howell, Thermal Radiation Heat Transfer, configuration 1 of appendix C, by signed corners).
double parallel_rectangle(double x0, double x1, double y0, double y1, double c);

/// Form factor from the hole [1,3] x [1,3] at height 3 to the floor [0,4] x [0,4], by the midpoint rule.
double form_factor_hole_to_floor();

using Luminance = std::function<double(Vec3)>;

/// Illuminance on a horizontal element from the sky seen through a hole in the ceiling at height h, and in the wall y =
/// 0. Midpoint rule on 800 x 800 cells of the hole.
double sky_component_roof(Vec3 at, double x0, double x1, double y0, double y1, double h, const Luminance& sky);
double sky_component_wall(Vec3 at, double x0, double x1, double z0, double z1, const Luminance& sky);

}  // namespace wp::validation::quadrature

// SPDX-License-Identifier: GPL-3.0-or-later
#include "validation/quadrature.h"

#include <algorithm>
#include <cmath>

namespace wp::validation::quadrature {

namespace {

double corner(double x, double y, double c) {
    const double a = std::sqrt(x * x + c * c), b = std::sqrt(y * y + c * c);
    return (x / a * std::atan(y / a) + y / b * std::atan(x / b)) / (2 * kPi);
}

constexpr int kCells = 800;

// Sum over the hole of luminance, cosine at the element, cosine at the hole, over the distance squared.
double through_hole(Vec3 at, Vec3 origin, Vec3 u, Vec3 v, Vec3 normal, const Luminance& sky) {
    double sum = 0;
    for (int i = 0; i < kCells; ++i)
        for (int j = 0; j < kCells; ++j) {
            const Vec3 to = origin + u * ((i + 0.5) / kCells) + v * ((j + 0.5) / kCells) - at;
            const double square = dot(to, to), distance = std::sqrt(square);
            const Vec3 d = to * (1 / distance);
            if (d.z <= 0) continue;
            sum += sky(d) * d.z * std::fabs(dot(d, normal)) / square;
        }
    return sum * length(u) * length(v) / (static_cast<double>(kCells) * kCells);
}

}  // namespace

double parallel_rectangle(double x0, double x1, double y0, double y1, double c) {
    return corner(x1, y1, c) - corner(x0, y1, c) - corner(x1, y0, c) + corner(x0, y0, c);
}

double form_factor_hole_to_floor() {
    constexpr int n = 200;
    double sum = 0;
    for (int i = 0; i < n; ++i)
        for (int j = 0; j < n; ++j) {
            const double x = 1 + 2 * (i + 0.5) / n, y = 1 + 2 * (j + 0.5) / n;
            sum += parallel_rectangle(-x, 4 - x, -y, 4 - y, 3);
        }
    return sum / (n * n);
}

double sky_component_roof(Vec3 at, double x0, double x1, double y0, double y1, double h, const Luminance& sky) {
    return through_hole(at, {x0, y0, h}, {x1 - x0, 0, 0}, {0, y1 - y0, 0}, {0, 0, 1}, sky);
}

double sky_component_wall(Vec3 at, double x0, double x1, double z0, double z1, const Luminance& sky) {
    return through_hole(at, {x0, 0, z0}, {x1 - x0, 0, 0}, {0, 0, z1 - z0}, {0, 1, 0}, sky);
}

}  // namespace wp::validation::quadrature

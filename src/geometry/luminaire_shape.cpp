// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/luminaire_shape.h"

#include <algorithm>
#include <cmath>

namespace wp::geometry {
using namespace model;

LuminaireAxes axes_of(const Luminaire& luminaire) {
    // Turned about the vertical, then what looked down raised towards where C 0 looks.
    const double c = std::cos(radians(luminaire.turn)), s = std::sin(radians(luminaire.turn)),
                 ct = std::cos(radians(luminaire.tilt)), st = std::sin(radians(luminaire.tilt));
    const Vec3 ahead{c, s, 0}, side{-s, c, 0};
    return {ahead * ct + Vec3{0, 0, st}, side, ahead * -st + Vec3{0, 0, ct}};
}

Vec3 middle_of(const Option& option, const Luminaire& luminaire) {
    const Storey* storey = find(option.storeys, luminaire.storey);
    return {luminaire.at.x, luminaire.at.y, (storey != nullptr ? storey->level : 0) + luminaire.height};
}

std::array<Vec3, 8> box_of(const Option& option, const Luminaire& luminaire, const LuminaireType* type) {
    constexpr double kWide = 0.1, kThick = 0.02;  // metres
    const LuminaireAxes axes = axes_of(luminaire);
    const Vec3 at = middle_of(option, luminaire), x = axes.x * std::max(kWide, type != nullptr ? type->size_x : 0),
               y = axes.y * std::max(kWide, type != nullptr ? type->size_y : 0),
               z = axes.z * std::max(kThick, type != nullptr ? type->depth : 0);
    std::array<Vec3, 8> out;
    for (size_t i = 0; i < 8; ++i)
        out[i] =
            at + x * ((i & 1) != 0 ? 0.5 : -0.5) + y * ((i & 2) != 0 ? 0.5 : -0.5) + z * ((i & 4) != 0 ? 0.5 : -0.5);
    return out;
}

}  // namespace wp::geometry

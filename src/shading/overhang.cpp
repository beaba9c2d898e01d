// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "shading/device.h"

namespace wp::shading {

namespace {

void build(const ShadeLayer& layer, const Boards& boards) {
    const double a = radians(layer.tilt), s0 = -layer.left, s1 = boards.width() + layer.right,
                 t = boards.height() + layer.offset;
    if (s1 - s0 < 0.01) return;
    const Boards::Corner out{0, -layer.depth * std::sin(a), layer.depth * std::cos(a)},
        thick{0, layer.thickness * std::cos(a), layer.thickness * std::sin(a)};
    const double lift = std::max(0.0, -layer.thickness * std::sin(a));
    boards.board({s0, t, lift}, {s1, t, lift}, out, thick);
}

}  // namespace

Device overhang() {
    using Kind = ShadeLayer::Kind;
    const auto brow = layer(Kind::overhang, [](ShadeLayer& s) {
        s.depth = 0.6, s.thickness = 0.06, s.offset = 0.05, s.left = s.right = 0.2;
    });
    const auto deep = layer(Kind::overhang, [](ShadeLayer& s) {
        s.depth = 1.0, s.thickness = 0.08, s.offset = 0.02, s.left = s.right = 0.05;
    });
    const auto cheeks = layer(Kind::fins, [](ShadeLayer& s) { s.depth = 1.0, s.thickness = 0.05, s.offset = 0; });
    return {Kind::overhang,
            "overhang",
            layer(Kind::overhang, [](ShadeLayer& s) { s.depth = 0.5; }),
            {figures::depth(), figures::thickness(), figures::tilt(), figures::offset("Above head"),
             figures::past_left(), figures::past_right()},
            build,
            {{"brow", "Brow", "A shallow board over the head", {brow}},
             {"deep-brow", "Deep brow and cheeks", "An overhang with fins on both sides", {deep, cheeks}}}};
}

}  // namespace wp::shading

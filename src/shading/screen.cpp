// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "shading/device.h"

namespace wp::shading {

namespace {

void build(const ShadeLayer& layer, const Boards& boards) {
    const double s0 = -layer.left, s1 = boards.width() + layer.right, t0 = -layer.below,
                 t1 = boards.height() + layer.above, w = std::max(kSheet, layer.offset);
    if (s1 - s0 < 0.01 || t1 - t0 < 0.01) return;
    boards.quad({s0, t0, w}, {s1, t0, w}, {s1, t1, w}, {s0, t1, w});
}

}  // namespace

Device screen() {
    using Kind = ShadeLayer::Kind;
    Device out{
        Kind::screen,
        "screen",
        layer(Kind::screen, [](ShadeLayer&) {}),
        {figures::offset("Off the wall"), figures::past_left(), figures::past_right(), figures::past_head(),
         figures::past_sill()},
        build,
        {{"veil",
          "Veil",
          "A perforated sheet a hand's breadth before the wall",
          {layer(Kind::screen, [](ShadeLayer& s) { s.offset = 0.1, s.left = s.right = s.above = s.below = 0.1; })}}}};
    out.is_sheet = true;
    return out;
}

}  // namespace wp::shading

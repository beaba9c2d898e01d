// SPDX-License-Identifier: GPL-3.0-or-later
#include "shading/device.h"

namespace wp::shading {

namespace {

void build(const ShadeLayer& layer, const Boards& boards) {
    const double s0 = -layer.left, s1 = boards.width() + layer.right, t0 = -layer.below,
                 t1 = boards.height() + layer.above, d = layer.depth, k = layer.thickness;
    if (s1 - s0 < 0.01 || t1 - t0 < 0.01) return;
    boards.board({s0 - k, t1, 0}, {s1 + k, t1, 0}, {0, 0, d}, {0, k, 0});
    boards.board({s0 - k, t0 - k, 0}, {s1 + k, t0 - k, 0}, {0, 0, d}, {0, k, 0});
    boards.board({s0 - k, t0, 0}, {s0 - k, t1, 0}, {0, 0, d}, {k, 0, 0});
    boards.board({s1, t0, 0}, {s1, t1, 0}, {0, 0, d}, {k, 0, 0});
}

}  // namespace

Device surround() {
    using Kind = ShadeLayer::Kind;
    return {Kind::surround,
            "surround",
            layer(Kind::surround, [](ShadeLayer&) {}),
            {figures::depth(), figures::thickness(), figures::past_left(), figures::past_right(), figures::past_head(),
             figures::past_sill()},
            build,
            {{"picture-box",
              "Picture box",
              "A surround that stands out all around",
              {layer(Kind::surround, [](ShadeLayer& s) { s.depth = 0.4, s.thickness = 0.04; })}}}};
}

}  // namespace wp::shading

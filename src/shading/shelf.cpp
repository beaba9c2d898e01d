// SPDX-License-Identifier: GPL-3.0-or-later
// Light shelf: a level board across the opening that keeps the sky off what is near and sends it to the ceiling.
#include <algorithm>
#include <cmath>

#include "model/frame.h"
#include "shading/device.h"

namespace wp::shading {

namespace {

// From before the frame to its edge in the open or the room; within the reveal it has the opening's own width.
void build(const ShadeLayer& layer, const Boards& boards) {
    const double a = radians(layer.tilt), t = boards.height() - layer.offset - layer.thickness,
                 from = std::min(0.0, model::kBeforeFrame - boards.to_face()), reach = layer.depth - from;
    if (t < 0) return;  // lower than the sill
    const Boards::Corner out{0, -reach * std::sin(a), reach * std::cos(a)},
        thick{0, layer.thickness * std::cos(a), layer.thickness * std::sin(a)};
    // Turned up, it leans on the frame with one edge only.
    const double lift = std::max(0.0, -layer.thickness * std::sin(a));
    boards.board({0, t, from + lift}, {boards.width(), t, from + lift}, out, thick);
}

}  // namespace

Device shelf() {
    using Kind = ShadeLayer::Kind;
    const auto side = [](bool inside, double depth) {
        return layer(Kind::shelf,
                     [&](ShadeLayer& s) { s.inside = inside, s.depth = depth, s.thickness = 0.04, s.offset = 0.5; });
    };
    return {Kind::shelf,
            "shelf",
            side(true, 0.5),
            {figures::depth("Reaches"), figures::thickness(), figures::tilt(), figures::offset("Below head")},
            build,
            {{"day-shelf",
              "Day shelf",
              "A light shelf outside and in, below the upper light",
              {side(false, 0.6), side(true, 0.4)}}}};
}

}  // namespace wp::shading

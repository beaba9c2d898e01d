// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "shading/device.h"

namespace wp::shading {

namespace {

void build(const ShadeLayer& layer, const Boards& boards) {
    const double a = radians(layer.tilt), t0 = -layer.below, t1 = boards.height() + layer.above;
    if (t1 - t0 < 0.01) return;
    const Boards::Corner out{layer.depth * std::sin(a), 0, layer.depth * std::cos(a)},
        thick{layer.thickness * std::cos(a), 0, -layer.thickness * std::sin(a)};
    // Turned boards lean on the wall with one edge only, never into it.
    const double lift = std::max(0.0, layer.thickness * std::sin(a));
    const auto fin = [&](double s) { boards.board({s, t0, lift}, {s, t1, lift}, out, thick); };
    if (layer.fin_left) fin(-layer.offset - layer.thickness);
    if (layer.fin_right) fin(boards.width() + layer.offset);
}

}  // namespace

Device fins() {
    using Kind = ShadeLayer::Kind;
    const auto side = [](const char* key, const char* label, bool ShadeLayer::*field, auto words) {
        return ShadeFigure{key, label, field, 0, 0, ShadeFigure::Unit::count, words};
    };
    Device out{Kind::fins,
               "fins",
               layer(Kind::fins, [](ShadeLayer& s) { s.depth = 0.5; }),
               {figures::depth(), figures::thickness(), figures::tilt(), figures::offset("Beside jambs"),
                figures::past_head(), figures::past_sill(),
                side("fin_left", "Fins", &ShadeLayer::fin_left,
                     [](const ShadeLayer&) { return std::pair<const char*, const char*>(nullptr, "at the left"); }),
                side("fin_right", "", &ShadeLayer::fin_right,
                     [](const ShadeLayer&) { return std::pair<const char*, const char*>(nullptr, "at the right"); })},
               build,
               {}};
    out.mirror = [](ShadeLayer& s) { s.tilt = -s.tilt; };
    return out;
}

}  // namespace wp::shading

// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "shading/device.h"

namespace wp::shading {

namespace {

using Words = std::pair<const char*, const char*>;

void blade(const ShadeLayer& layer, const Boards& boards, double middle, double across0, double across1) {
    const double a = radians(layer.tilt), d = layer.depth, k = layer.thickness, n = layer.upright ? 1 : -1;
    // Along the line: the edge towards the wall is higher by depth sin(tilt) than the outer one.
    const double along = n * d * std::sin(a), out = d * std::cos(a), thick_along = k * std::cos(a),
                 thick_out = -n * k * std::sin(a);
    const double near_wall = layer.offset + std::max(0.0, -thick_out);
    const auto corner = [&](double line, double over, double w) {
        return layer.upright ? Boards::Corner{line, over, w} : Boards::Corner{over, line, w};
    };
    const double start = middle - (along + thick_along) / 2;
    boards.board(corner(start, across0, near_wall), corner(start, across1, near_wall), corner(along, 0, out),
                 corner(thick_along, 0, thick_out));
}

// Blades across one axis, lined up along the other.
void build(const ShadeLayer& layer, const Boards& boards) {
    const double across0 = layer.upright ? -layer.below : -layer.left,
                 across1 = layer.upright ? boards.height() + layer.above : boards.width() + layer.right;
    const double from = layer.upright ? -layer.left : -layer.below,
                 to = layer.upright ? boards.width() + layer.right : boards.height() + layer.above;
    if (across1 - across0 < 0.01 || to - from < 1e-3) return;
    for (const double middle : blade_places(layer, to - from)) blade(layer, boards, from + middle, across0, across1);
}

std::vector<ShadeFigure> all_figures() {
    using Unit = ShadeFigure::Unit;
    return {{"upright", "Blades", &ShadeLayer::upright, 0, 0, Unit::count,
             [](const ShadeLayer&) { return Words("level", "upright"); }},
            {"by_number", "Laid out by", &ShadeLayer::by_number, 0, 0, Unit::count,
             [](const ShadeLayer&) { return Words("spacing", "number"); }},
            {"number", "Number", &ShadeLayer::number, 1, 500, Unit::count, nullptr,
             [](const ShadeLayer& s) { return s.by_number; }},
            {"spacing", "Spacing", &ShadeLayer::spacing, 0.002, 20, Unit::metre, nullptr,
             [](const ShadeLayer& s) { return !s.by_number; }},
            {"from_end", "First blade", &ShadeLayer::from_end, 0, 0, Unit::count,
             [](const ShadeLayer& s) {
                 return s.upright ? Words("at the left", "at the right") : Words("at the sill", "at the head");
             }},
            figures::depth("Blade depth"),
            figures::thickness(),
            figures::tilt("Blade tilt"),
            figures::offset("Off the wall"),
            figures::past_left(),
            figures::past_right(),
            figures::past_head(),
            figures::past_sill()};
}

std::vector<ShadePreset> all_presets() {
    const auto blades = [](auto&& set) { return layer(ShadeLayer::Kind::louvres, set); };
    return {
        {"shutters", "Shutter slats", "Level blades close before the pane", {blades([](ShadeLayer& s) {
             s.depth = 0.08, s.thickness = 0.008, s.spacing = 0.08, s.tilt = 30, s.offset = 0.03;
         })}},
        {"river-blades", "River blades", "Few wide blades well before the wall", {blades([](ShadeLayer& s) {
             s.depth = 0.3, s.thickness = 0.03, s.spacing = 0.4, s.tilt = 20, s.offset = 0.1, s.above = 0.1;
         })}},
        {"standing-blades", "Standing blades", "Upright blades turned against the low sun", {blades([](ShadeLayer& s) {
             s.depth = 0.25, s.thickness = 0.02, s.spacing = 0.3, s.tilt = 30, s.offset = 0.08, s.upright = true;
         })}},
        {"reading-shelf", "Reading shelf", "A blade inside that sends light to the ceiling", {blades([](ShadeLayer& s) {
             s.inside = true, s.by_number = true, s.number = 1, s.depth = 0.5, s.thickness = 0.03, s.from_end = true,
             s.above = -0.45, s.offset = 0;
         })}}};
}

}  // namespace

std::vector<double> blade_places(const ShadeLayer& layer, double span) {
    const double a = radians(layer.tilt), size = std::fabs(layer.depth * std::sin(a)) + layer.thickness * std::cos(a);
    std::vector<double> out;
    const double room = span - size;
    if (room < -1e-9) return out;  // not one blade keeps within
    int n = layer.number;
    double step = n > 1 ? room / (n - 1) : 0;
    if (!layer.by_number) {
        step = layer.spacing;
        n = std::min(2000, static_cast<int>(std::floor(room / step + 1e-6)) + 1);
    }
    for (int i = 0; i < n; ++i) {
        const double way = size / 2 + (layer.by_number && n == 1 && !layer.from_end ? room / 2 : step * i);
        out.push_back(layer.from_end ? span - way : way);
    }
    return out;
}

bool leaves_no_blade(const ShadeLayer& layer, double width, double height) {
    const double span = layer.upright ? width + layer.left + layer.right : height + layer.above + layer.below;
    return layer.kind == ShadeLayer::Kind::louvres && blade_places(within_reason(layer), span).empty();
}

Device louvres() {
    Device out{ShadeLayer::Kind::louvres,
               "louvres",
               layer(ShadeLayer::Kind::louvres, [](ShadeLayer&) {}),
               all_figures(),
               build,
               all_presets()};
    out.mirror = [](ShadeLayer& s) {
        if (s.upright) s.tilt = -s.tilt, s.from_end = !s.from_end;
    };
    // Of level blades one stands for all.
    out.seen_from_above = [](ShadeLayer& s) {
        if (!s.upright) s.by_number = true, s.number = 1;
    };
    return out;
}

}  // namespace wp::shading

// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/shading.h"

#include <algorithm>
#include <utility>

namespace wp::model {

const char* kind_name(ShadeLayer::Kind kind) {
    static constexpr const char* names[] = {"surround", "overhang", "fins", "louvres", "screen"};
    return names[static_cast<int>(kind)];
}

ShadeLayer within_reason(ShadeLayer s) {
    s.depth = std::clamp(s.depth, 0.001, 20.0);
    s.thickness = std::clamp(s.thickness, 0.0, 2.0);
    s.offset = std::clamp(s.offset, 0.0, 20.0);
    for (double* past : {&s.left, &s.right, &s.above, &s.below}) *past = std::clamp(*past, -20.0, 20.0);
    s.tilt = std::clamp(s.tilt, -89.0, 89.0);
    s.number = std::clamp(s.number, 1, 500);
    s.spacing = std::clamp(s.spacing, 0.002, 20.0);
    return s;
}

ShadeLayer mirrored(ShadeLayer s) {
    std::swap(s.left, s.right);
    std::swap(s.fin_left, s.fin_right);
    const bool upright = s.kind == ShadeLayer::Kind::fins || (s.kind == ShadeLayer::Kind::louvres && s.upright);
    if (upright) s.tilt = -s.tilt;
    if (s.kind == ShadeLayer::Kind::louvres && s.upright) s.from_end = !s.from_end;
    return s;
}

const std::vector<ShadePreset>& shade_presets() {
    using Kind = ShadeLayer::Kind;
    const auto layer = [](Kind kind, auto&& set) {
        ShadeLayer s;
        s.kind = kind;
        set(s);
        return s;
    };
    static const std::vector<ShadePreset> presets = {
        {"brow",
         "Brow",
         "A shallow board over the head",
         {layer(Kind::overhang,
                [](ShadeLayer& s) { s.depth = 0.6, s.thickness = 0.06, s.offset = 0.05, s.left = s.right = 0.2; })}},
        {"deep-brow",
         "Deep brow and cheeks",
         "An overhang with fins on both sides",
         {layer(Kind::overhang,
                [](ShadeLayer& s) { s.depth = 1.0, s.thickness = 0.08, s.offset = 0.02, s.left = s.right = 0.05; }),
          layer(Kind::fins, [](ShadeLayer& s) { s.depth = 1.0, s.thickness = 0.05, s.offset = 0; })}},
        {"picture-box",
         "Picture box",
         "A surround that stands out all around",
         {layer(Kind::surround, [](ShadeLayer& s) { s.depth = 0.4, s.thickness = 0.04; })}},
        {"shutters",
         "Shutter slats",
         "Level blades close before the pane",
         {layer(Kind::louvres,
                [](ShadeLayer& s) {
                    s.depth = 0.08, s.thickness = 0.008, s.spacing = 0.08, s.tilt = 30, s.offset = 0.03;
                })}},
        {"river-blades",
         "River blades",
         "Few wide blades well before the wall",
         {layer(Kind::louvres,
                [](ShadeLayer& s) {
                    s.depth = 0.3, s.thickness = 0.03, s.spacing = 0.4, s.tilt = 20, s.offset = 0.1, s.above = 0.1;
                })}},
        {"standing-blades",
         "Standing blades",
         "Upright blades turned against the low sun",
         {layer(Kind::louvres,
                [](ShadeLayer& s) {
                    s.depth = 0.25, s.thickness = 0.02, s.spacing = 0.3, s.tilt = 30, s.offset = 0.08, s.upright = true;
                })}},
        {"reading-shelf",
         "Reading shelf",
         "A blade inside that sends light to the ceiling",
         {layer(Kind::louvres,
                [](ShadeLayer& s) {
                    s.inside = true, s.by_number = true, s.number = 1, s.depth = 0.5, s.thickness = 0.03,
                    s.from_end = true, s.above = -0.45, s.offset = 0;
                })}},
        {"veil",
         "Veil",
         "A perforated sheet a hand's breadth before the wall",
         {layer(Kind::screen, [](ShadeLayer& s) { s.offset = 0.1, s.left = s.right = s.above = s.below = 0.1; })}},
    };
    return presets;
}

}  // namespace wp::model

// SPDX-License-Identifier: GPL-3.0-or-later
// From the figures of a shading layer to its boards, blades and sheets. Builder makes surfaces of them, drawings lines.
#pragma once
#include <functional>
#include <vector>

#include "base/vec.h"
#include "model/shading.h"

namespace wp::shading {

using model::ShadeLayer;

/// The opening that a layer follows. Unit axes as seen from outside: right, up, out.
struct ShadeFrame {
    Vec3 corner;  ///< lower left corner of the pane, seen from outside
    Vec3 right, up, out;
    double width = 1, height = 1;
    double to_outer_face = 0;  ///< from the pane's plane to the outer face of the wall or roof
    double to_inner_face = 0;  ///< and to the inner one
};

/// Corners counter-clockwise seen from the lit side; sheets are seen from both.
using AddQuad = std::function<void(Vec3, Vec3, Vec3, Vec3)>;

void build_shade(const ShadeLayer& layer, const ShadeFrame& frame, const AddQuad& add);

/// Figures within what can be built: no more than 500 blades, nothing negative that cannot be.
ShadeLayer within_reason(ShadeLayer layer);
/// The same layer on an opening that is mirrored left to right.
ShadeLayer mirrored(ShadeLayer layer);

/// Middles of the blades along a span, metres from its begin, in their order; none where not even one keeps within it.
/// Blades never stand out over the span's ends, however tilted.
std::vector<double> blade_places(const ShadeLayer& layer, double span);
/// Whether louvres before an opening of that size leave nothing, because not one blade keeps within them.
bool leaves_no_blade(const ShadeLayer& layer, double width, double height);

}  // namespace wp::shading

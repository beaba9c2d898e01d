// SPDX-License-Identifier: GPL-3.0-or-later
// A picture made quiet for the eye: light on one surface is evened out as far as its errors allow. Figures are never
// taken from it.
#pragma once
#include <vector>

#include "light/picture.h"
#include "light/sight.h"

namespace wp::light {

/// Values in place of the picture's own. Pixels of one surface, seen through the same pane, lend each other what lies
/// within their errors: what is exact stays. Widening holes (H. Dammertz and others,
/// "Edge-Avoiding A-Trous Wavelet Transform for fast Global Illumination Filtering", High Performance Graphics 2010).
/// No sights: as it is.
std::vector<float> quietened(const Picture& picture, const std::vector<Sight>& sights);

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
// Luminances shown as an eye would see them on a screen of some hundred cd/m^2: G. Ward Larson, H. Rushmeier and
// C. Piatko, "A visibility matching tone reproduction operator for high dynamic range scenes", IEEE Transactions on
// Visualization and Computer Graphics 3(4), 1997.
#pragma once
#include <vector>

#include "light/picture.h"

namespace wp::report {

/// From 0 (the screen's black) to 1 (its white), linear in the screen's luminance. What the eye scatters dims contrasts
/// beside bright parts (their veil), what it cannot resolve in the dark is blurred, and luminances are spread over the
/// screen so that no step is seen that an eye would not see. Of luminance alone there is no colour to be lost.
std::vector<float> as_seen(const light::Picture& picture, const std::vector<float>& luminance);

}  // namespace wp::report

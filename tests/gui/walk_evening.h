// SPDX-License-Identifier: GPL-3.0-or-later
// The demo's meeting room lit for the evening: the fewest luminaires for 500 lx, a scene, its year: clicks, keys and
// seconds.
#pragma once
#include "gui/window/window.h"

namespace wp::gui {

/// Tells on standard output what each step took.
void walk_evening(Window& window);

}  // namespace wp::gui

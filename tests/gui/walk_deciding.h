// SPDX-License-Identifier: GPL-3.0-or-later
// "Wider or higher windows in the reading room?", from the demo to a decision with reasons: clicks, keys and seconds.
#pragma once
#include <functional>

#include "gui/window/window.h"

namespace wp::gui {

/// Tells on standard output what each step took; take makes a picture.
void walk_deciding(Window& window, const std::function<void(const char*)>& take);

}  // namespace wp::gui

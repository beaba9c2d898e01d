// SPDX-License-Identifier: GPL-3.0-or-later
// From a file of another program to the first map of daylight: clicks, keys and seconds.
#pragma once
#include <filesystem>

#include "gui/window/window.h"

namespace wp::gui {

/// Tells on standard output what each step took.
void walk_importing(Window& window, const std::filesystem::path& file);

}  // namespace wp::gui

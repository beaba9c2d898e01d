// SPDX-License-Identifier: GPL-3.0-or-later
// A walk through all that the desktop has, by mouse and keys.
#pragma once
#include "watch.h"

namespace wp::gui {
class Window;
}

namespace wp::bench {

/// Goes to every desk, page and companion, takes every tool, puts every figure on the sheet, shows every option, asks
/// every question and edits in between. Actions begin with the round's own name.
void walk(gui::Window& window, Watch& watch, bool asks);

}  // namespace wp::bench

// SPDX-License-Identifier: GPL-3.0-or-later
// All desks, pages and companions, in the order in which the window shows them. A new one is a line here.
#pragma once
#include <vector>

#include "gui/desk/desk.h"

namespace wp::gui {

std::vector<MakePage>& companion_makers();
std::vector<MakePage>& page_makers();
std::vector<MakeDesk>& desk_makers();

}  // namespace wp::gui

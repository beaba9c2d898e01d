// SPDX-License-Identifier: GPL-3.0-or-later
// All tools, desks, pages and companions, in the order in which the window shows them. A new one is a line here.
#pragma once
#include <vector>

#include "gui/desk/desk.h"
#include "gui/sheet/sheet_tool.h"

namespace wp::gui {

std::vector<MakeTool>& tool_makers();
std::vector<MakePage>& companion_makers();
std::vector<MakePage>& page_makers();
std::vector<MakeDesk>& desk_makers();

}  // namespace wp::gui

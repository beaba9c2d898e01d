// SPDX-License-Identifier: GPL-3.0-or-later
// The tools that draw: their names, keys and icons, for the tool bar, the keys and the palette.
#pragma once
#include <span>

#include "gui/sheet/sheet.h"

namespace wp::gui {

struct ToolEntry {
    Tool tool;
    const char* name;     ///< on its button
    const char* command;  ///< in the palette
    const char* icon;
    const char* key;
    const char* tip;   ///< what it is for
    const char* also;  ///< the trade's other words for it
    bool worded;       ///< its button bears its name
};
std::span<const ToolEntry> tool_table();

}  // namespace wp::gui

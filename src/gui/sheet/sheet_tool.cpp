// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/sheet/sheet_tool.h"

#include "gui/sheet/sheet.h"

namespace wp::gui {

SheetTool::SheetTool(Sheet& sheet, const ToolTraits& traits, SheetUse use)
    : QObject(&sheet), sheet_(sheet), traits_(traits), use_(use) {}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// The tools that draw, for window/parts.cpp.
#pragma once
#include "gui/sheet/sheet_tool.h"

namespace wp::gui {

/// Name of the tool that makes rooms of outlines of the drawing under a storey.
inline constexpr const char* kTraceTool = QT_TRANSLATE_NOOP("QObject", "From drawing");

SheetTool* make_select_tool(Sheet& sheet);
SheetTool* make_look_tool(Sheet& sheet);
SheetTool* make_read_tool(Sheet& sheet);
SheetTool* make_room_tool(Sheet& sheet);
SheetTool* make_outline_tool(Sheet& sheet);
SheetTool* make_trace_tool(Sheet& sheet);
SheetTool* make_window_tool(Sheet& sheet);
SheetTool* make_door_tool(Sheet& sheet);
SheetTool* make_opening_tool(Sheet& sheet);
SheetTool* make_partition_tool(Sheet& sheet);
SheetTool* make_floor_void_tool(Sheet& sheet);
SheetTool* make_rooflight_tool(Sheet& sheet);
SheetTool* make_observer_tool(Sheet& sheet);
SheetTool* make_split_tool(Sheet& sheet);
SheetTool* make_dimension_tool(Sheet& sheet);
SheetTool* make_measure_tool(Sheet& sheet);
SheetTool* make_section_tool(Sheet& sheet);
SheetTool* make_thing_tool(Sheet& sheet);
SheetTool* make_block_tool(Sheet& sheet);
SheetTool* make_area_tool(Sheet& sheet);
SheetTool* make_aim_tool(Sheet& sheet);
SheetTool* make_scale_tool(Sheet& sheet);
SheetTool* make_luminaire_tool(Sheet& sheet);

}  // namespace wp::gui

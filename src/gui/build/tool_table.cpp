// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/build/tool_table.h"

namespace wp::gui {

std::span<const ToolEntry> tool_table() {
    static const ToolEntry tools[] = {
        {Tool::select, "Select", "Select", "mouse-pointer-2", "S", "Select, move and reshape", "pointer arrow pick",
         true},
        {Tool::rectangle, "Room", "Draw room by rectangle", "square-dashed", "R", "Draw a rectangular room",
         "space zone box", true},
        {Tool::outline, "Outline", "Draw room by outline", "pentagon", "O", "Draw a room corner by corner",
         "space zone polygon", true},
        {Tool::window, "Window", "Place window", "grid-2x2", "W", "Place windows on walls", "glazing opening pane",
         true},
        {Tool::door, "Door", "Place door", "door-closed", "D", "Place doors on walls", "leaf", true},
        {Tool::opening, "Opening", "Place opening", "door-open", "G", "Place openings without a leaf on walls",
         "hole passage", false},
        {Tool::partition, "Partition", "Draw partition", "fence", "P", "Draw a free-standing or partial-height wall",
         "screen wall", false},
        {Tool::floor_void, "Floor void", "Draw floor void", "square-dashed-x", "V", "Open the floor to the room below",
         "atrium hole stairwell", false},
        {Tool::rooflight, "Rooflight", "Place rooflight", "panel-top-bottom-dashed", "K", "Place rooflights",
         "skylight roof window dome", false},
        {Tool::observer, "Observer", "Place observer", "eye", "E", "Place an observer", "seat view point glare", false},
        {Tool::split, "Split", "Split room", "split-square-horizontal", "X", "Split a room by a new wall", "divide cut",
         false},
        {Tool::dimension, "Dimension", "Place dimension", "ruler-dimension-line", "N", "Place a dimension line",
         "measurement annotation", false},
        {Tool::measure, "Measure", "Measure", "ruler", "M", "Measure length, angle and area", "distance", false},
        {Tool::section, "Section", "Cut section", "scissors", "C", "Cut a section", "elevation", false}};
    return tools;
}

}  // namespace wp::gui

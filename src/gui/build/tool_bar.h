// SPDX-License-Identifier: GPL-3.0-or-later
// The bar of the Build desk: tools, things, colours, what the pointer snaps to.
#pragma once
#include <QButtonGroup>
#include <QToolButton>
#include <QWidget>

#include "gui/build/building_commands.h"
#include "gui/desk/desktop.h"

namespace wp::gui {

class ToolBar : public QWidget {
    Q_OBJECT
 public:
    ToolBar(Desktop& desktop, BuildingCommands& commands);

 private:
    void add_tools(QBoxLayout& row);
    void add_tool(QBoxLayout& row, SheetTool& tool);
    QToolButton* build_roof();
    QToolButton* build_things();
    QToolButton* build_tint();
    void colour_by(report::TintBy by);
    QToolButton* build_snaps();
    void add_thing_commands();
    void place(model::Thing::Kind kind);

    Desktop& desktop_;
    BuildingCommands& commands_;
    QButtonGroup* tools_;
    QHash<const SheetTool*, QToolButton*> buttons_;
};

}  // namespace wp::gui

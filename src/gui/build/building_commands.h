// SPDX-License-Identifier: GPL-3.0-or-later
// What can be done with the selected parts of the building, and with the storey: turning, copying, rows, roofs, planes,
// observers.
#pragma once
#include "edit/edit.h"
#include "gui/desk/desktop.h"

namespace wp::gui {

class BuildingCommands : public QObject {
    Q_OBJECT
 public:
    explicit BuildingCommands(Desktop& desktop);

    void add_roof();
    /// The menu of the selected part, at a place of the screen.
    void open_menu(const QPoint& at);

 private:
    void act(CommandGroup group, const char* text, const char* keys, std::function<void()> run);
    void add_editing();
    void add_building();
    void add_planes();
    void add_views();
    void place_selected(const QString& name, const std::function<edit::Placing(Vec2)>& placing);
    void array_selected();
    void copy_selected(bool cut);
    void paste();
    void join_selected();
    void offset_selected();
    // planes_and_observers.cpp
    void lay_planes();
    void lay_lattice();
    std::vector<model::Id> rooms_meant() const;
    Document& document() const { return desktop_.document(); }
    Sheet& sheet() const { return desktop_.sheet(); }

    Desktop& desktop_;
};

}  // namespace wp::gui

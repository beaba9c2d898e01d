// SPDX-License-Identifier: GPL-3.0-or-later
// The building as an outline: storeys from the top, rooms and what is in them. Shows and sets the selection, renames in
// place, and takes drags: a storey to another place in the order, a room to another storey.
#pragma once
#include <QToolButton>
#include <QTreeWidget>

#include "gui/desk/page.h"
#include "gui/document/document.h"

namespace wp::gui {

class BuildingTree : public QWidget {
    Q_OBJECT
 public:
    explicit BuildingTree(Document& document, QWidget* parent = nullptr);
    /// Above the one that is shown; empty, or with copies of its rooms. The new one is shown and selected.
    void add_storey(bool with_rooms);

 signals:
    void picked(const wp::gui::Selection& item);
    void menu_wanted(const QPoint& at);

 private:
    class List;
    void refresh();
    void show_selection();
    void take_selection();
    void renamed(QTreeWidgetItem* item);
    void dropped(const Selection& what, const Selection& onto);
    QTreeWidgetItem* add(QTreeWidgetItem* under, const Selection& item, const QString& text);

    Document& document_;
    List* list_;
    std::string shown_;  // ids and names of all rows, in order
    size_t shown_option_ = 0;
    bool filling_ = false;
};

/// The outline with the inspector under it.
Page building_page(Desktop& desktop);

}  // namespace wp::gui

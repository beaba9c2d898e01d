// SPDX-License-Identifier: GPL-3.0-or-later
// Why a point or a room is as light as it is: parts of its light, windows by what they give, and what would be without
// some.
#pragma once
#include <QLabel>
#include <QPushButton>
#include <QTreeWidget>

#include "gui/answers/maps.h"
#include "gui/desk/page.h"
#include "gui/legend/legends.h"

namespace wp::gui {

class WhyPanel : public QWidget {
    Q_OBJECT
 public:
    WhyPanel(Document& document, Maps& maps, Legends& legends, QWidget* parent = nullptr);
    /// Which map is asked about, dressed.
    void show_map(const SheetMap& map, Shown shown);
    /// A place on the storey that is drawn; none: the selected room, or the first.
    void ask_at(std::optional<Vec2> place);
    const std::optional<Vec2>& place() const { return place_; }

 signals:
    /// Windows to be pointed at on the sheet.
    void pointed_at(std::set<model::Id> windows);
    void place_changed();

 protected:
    void leaveEvent(QEvent*) override;
    void showEvent(QShowEvent*) override;

 private:
    struct Subject {
        size_t layer = 0;
        int point = -1;
        QString name;
    };
    std::optional<Subject> subject() const;
    void refresh();
    void fill(const question::Shares& shares, double half_width, const QString& unit);
    void point_at(QTreeWidgetItem* item);
    void tick(QTreeWidgetItem* item);

    Document& document_;
    Maps& maps_;
    Legends& legends_;
    SheetMap map_;
    Shown shown_ = Shown::daylight_factor;
    std::optional<Vec2> place_;
    bool filling_ = false;
    QLabel *title_, *total_, *without_, *empty_;
    QTreeWidget *parts_, *windows_;
    QPushButton *whole_room_, *all_back_;
};

Page why_page(Desktop& desktop);

}  // namespace wp::gui

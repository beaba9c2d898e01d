// SPDX-License-Identifier: GPL-3.0-or-later
// The legend under a map, as a tool: its ends are dragged, a stretch of it is dragged out and all beyond is hatched,
// its button offers the rest.
#pragma once
#include <QMenu>
#include <QToolButton>
#include <QWidget>

#include "gui/legend/legends.h"

namespace wp::gui {

class LegendBar : public QWidget {
    Q_OBJECT
 public:
    /// name: of the widget; its button is called the same with "-menu".
    LegendBar(Legends& legends, const QString& name, QWidget* parent);
    /// The map it belongs to, dressed. Hides itself where there is none.
    void show_map(const SheetMap& map);
    /// Stands at the foot of a parent that is so large, clear of what its lower corners hold.
    void place_in(QSize parent);
    /// Middle of the bar at a value, in own pixels.
    QPointF at(double value) const;
    QMenu& menu() { return *menu_; }
    QSize sizeHint() const override { return {396, 62}; }

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;

 private:
    enum class Grip { none, bottom, top, band };
    Grip grip_at(QPointF p) const;
    QRectF area() const;
    double share_at(double x) const;
    void fill_menu();
    void change(const std::function<void(Legend&)>& edit);
    void ask_ends();
    void ask_band();

    Legends& legends_;
    SheetMap map_;
    QToolButton *button_, *fit_;
    QMenu* menu_;
    Grip grip_ = Grip::none;
    report::Scale held_;  // the scale when an end was taken up
    double pressed_ = 0;  // x
    bool dragged_ = false;
};

}  // namespace wp::gui

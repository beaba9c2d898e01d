// SPDX-License-Identifier: GPL-3.0-or-later
// The building cut along a line drawn on the sheet: poche, panes, rooms by name, heights.
#pragma once
#include <QWidget>

#include "geometry/elevation.h"
#include "gui/desk/page.h"
#include "gui/document/document.h"

namespace wp::gui {

class SectionView : public QWidget {
    Q_OBJECT
 public:
    explicit SectionView(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {420, 300}; }
    void show_line(Vec2 a, Vec2 b);
    bool has_line() const { return has_line_; }
    Vec2 from() const { return a_; }
    Vec2 to() const { return b_; }

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

 private:
    void refresh();
    QPointF to_screen(Vec2 p) const { return {origin_.x() + p.x * scale_, origin_.y() - p.y * scale_}; }

    Document& document_;
    Vec2 a_{}, b_{};
    bool has_line_ = false;
    geometry::Section section_;
    double scale_ = 30;
    QPointF origin_;
};

Page section_companion(Desktop& desktop);

}  // namespace wp::gui

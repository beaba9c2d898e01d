// SPDX-License-Identifier: GPL-3.0-or-later
// Two maps side by side on one legend, or what became more and what less from one to the other. Moments, skies,
// questions, options, or the model before and after an edit: whatever was kept stands on the left.
#pragma once
#include <QWidget>

#include "gui/legend/legend_bar.h"
#include "gui/saving/save.h"

namespace wp::gui {

/// A map with the building it belongs to.
struct PairSide {
    std::shared_ptr<const model::Project> project;
    size_t option = 0, storey = 0;
    SheetMap map;
    QString who;  ///< whose map it is
    QString title() const { return QStringLiteral("%1, %2").arg(who, map.name); }
};

class PairView : public QWidget {
    Q_OBJECT
 public:
    PairView(Document& document, Legends& legends, QWidget* parent = nullptr);
    /// Both dressed on one scale already. A side without a map says so.
    void show_pair(PairSide left, PairSide right, bool difference);
    const report::PlanView& view() const { return view_; }
    /// The box that a side is painted in; one only, in full, for the difference.
    QRectF box(int side) const;
    const SheetMap& shown(int side) const { return difference_ ? difference_map_ : side == 0 ? left_.map : right_.map; }
    Takeaway takeaway() const;

 protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    void fit();
    bool stacked(QSizeF size) const;
    QRectF box_in(QSizeF size, int side) const;
    void paint_side(QPainter& painter, const PairSide& side, const SheetMap& map, QRectF box,
                    const report::PlanView& view, const report::Ink& ink) const;
    std::optional<Vec2> place_at(QPointF p) const;
    QStringList reading(const PairSide& side, const SheetMap& map, Vec2 place) const;

    Document& document_;
    PairSide left_, right_;
    SheetMap difference_map_;
    bool difference_ = false, fitted_ = false;
    report::PlanView view_;  // within a box whose corner is at nought
    LegendBar* legend_;
    QPointF pointer_{-1, -1}, pressed_, origin_before_;
    bool panning_ = false;
};

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// The elevation of a wall, from inside or outside, as a working view: openings are moved, sized and placed on it,
// snapping to each other's sills, heads and jambs.
#pragma once
#include <QToolButton>
#include <QWidget>

#include "geometry/elevation.h"
#include "gui/desk/page.h"
#include "gui/document/document.h"
#include "gui/sheet/sheet.h"
#include "report/tint.h"

namespace wp::gui {

class WallView : public QWidget {
    Q_OBJECT
 public:
    explicit WallView(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {420, 300}; }
    /// Shows a wall whatever is selected.
    void show_wall(const model::Id& room, int edge, bool outside);
    bool outside() const { return outside_; }
    const model::Id& room() const { return room_; }
    int edge() const { return edge_; }
    /// Where a place of the drawing (metres along, absolute height) is on the widget.
    QPointF to_screen(Vec2 p) const;

    /// The map of the planes that lie on the wall.
    void show_map(const SheetMap& map) {
        map_ = map;
        update();
    }
    void set_tint(report::TintBy by) {
        tint_ = by;
        update();
    }

 signals:
    void hint(const QString& text);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

 private:
    // Which part of an opening is held: sides as -1, 0, 1; all of it as 0, 0.
    struct Grip {
        model::Id opening;
        int side_x = 0, side_y = 0;
        Vec2 from;
        model::Option before;
        bool active = false;
        bool tilts = false;  ///< the handle that turns blades is held
    };
    void follow_selection();
    void refresh();
    Vec2 to_model(QPointF p) const;
    const geometry::ElevationOpening* opening_at(QPointF p, int& side_x, int& side_y) const;
    double snapped(double value, bool horizontal, const model::Id& moving);
    void drag_to(Vec2 p);
    void draw_opening(QPainter& painter, const geometry::ElevationOpening& o) const;
    void draw_figures(QPainter& painter) const;
    // wall_shading.cpp
    void draw_shading(QPainter& painter, const geometry::ElevationOpening& o) const;
    void draw_tilt_handle(QPainter& painter) const;
    /// Middle of the handle that turns the blades of the selected opening; none where it has no louvres.
    std::optional<QPointF> tilt_handle() const;
    void drag_tilt(QPointF to);
    QColor tint_of(model::Part part, const model::Finish& finish) const;

    Document& document_;
    model::Id room_;
    int edge_ = -1;
    bool outside_ = false;
    void draw_map(QPainter& painter) const;
    void draw_value(QPainter& painter) const;
    std::vector<size_t> layers_here() const;
    SheetMap map_;
    QPointF pointer_{-1, -1};
    geometry::Elevation drawing_;
    double scale_ = 40;
    QPointF origin_;
    Grip grip_;
    std::vector<std::pair<Vec2, Vec2>> guides_;
    int gesture_ = 0;
    report::TintBy tint_ = report::TintBy::nothing;
    QToolButton* flip_;
};

Page wall_companion(Desktop& desktop);

}  // namespace wp::gui

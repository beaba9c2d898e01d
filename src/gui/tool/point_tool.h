// SPDX-License-Identifier: GPL-3.0-or-later
// Tools that take points: clicked or dragged, on a snap, or typed as a length and an angle, a width and a depth.
#pragma once
#include "gui/sheet/sheet.h"

namespace wp::gui {

class PointTool : public SheetTool {
    Q_OBJECT
 public:
    using SheetTool::SheetTool;

    void press(const Pointing& pointing) override;
    bool key(const QKeyEvent& event) override;
    bool cancel() override;
    void paint(QPainter& painter) const override;
    std::optional<Typing> typing() const override;
    void typed(double first, std::optional<double> second) override;

 protected:
    /// How many points end it; 0: as many as are wanted.
    virtual size_t points_needed() const { return 2; }
    virtual void finish(const std::vector<Vec2>& points) = 0;
    /// What stands beside the line to the pointer.
    virtual QString words(Vec2 here) const;
    /// The lines of what is begun; here: where the next point would be.
    virtual void paint_points(QPainter& painter, Vec2 here) const;
    virtual void add_point(Vec2 at);
    /// What the points make, made; from here on nothing is begun.
    virtual void finish_points();

    /// To the centimetre, without the unit, as drawings have it.
    bool begun() const { return !points_.empty(); }
    /// Where the pointer snaps to.
    geometry::Snap snapped() const;
    void paint_line_to(QPainter& painter, Vec2 here) const;

    std::vector<Vec2> points_;
};

/// Two opposite corners: dragged, clicked or typed.
class BoxTool : public PointTool {
    Q_OBJECT
 public:
    using PointTool::PointTool;

    void press(const Pointing& pointing) override;
    void release(const Pointing& pointing) override;
    bool cancel() override;
    std::optional<Typing> typing() const override;
    void typed(double first, std::optional<double> second) override;

 protected:
    /// Counter-clockwise, from the lower left.
    virtual void finish_box(const std::vector<Vec2>& ring) = 0;
    void finish(const std::vector<Vec2>& points) override;
    void paint_points(QPainter& painter, Vec2 here) const override;
    QString box_hint(const char* first) const;

    std::optional<Pointing> dragged_from_;
};

/// Counter-clockwise, from the lower left.
std::vector<Vec2> box(Vec2 a, Vec2 b);

}  // namespace wp::gui

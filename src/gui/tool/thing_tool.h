// SPDX-License-Identifier: GPL-3.0-or-later
// Places furniture, stairs, trees, fences, sloped ground.
#pragma once
#include "gui/tool/point_tool.h"

namespace wp::gui {

class ThingTool : public BoxTool {
    Q_OBJECT
 public:
    explicit ThingTool(Sheet& sheet);
    /// Takes it up for that kind.
    void place(model::Thing::Kind kind);
    model::Thing::Kind kind() const { return kind_; }

    QString hint() const override;
    void press(const Pointing& pointing) override;
    void release(const Pointing& pointing) override;
    std::optional<Typing> typing() const override;
    void typed(double first, std::optional<double> second) override;

 protected:
    size_t points_needed() const override;
    void finish_points() override;
    void finish(const std::vector<Vec2>& points) override;
    void finish_box(const std::vector<Vec2>&) override {}
    void paint_points(QPainter& painter, Vec2 here) const override;

 private:
    bool is_box() const;
    bool is_one_click() const;

    model::Thing::Kind kind_ = model::Thing::Kind::table;
};

}  // namespace wp::gui

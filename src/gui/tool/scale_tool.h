// SPDX-License-Identifier: GPL-3.0-or-later
// Scales the drawing under the storey: two points on it, and how far they are apart.
#pragma once
#include "gui/tool/point_tool.h"

namespace wp::gui {

class ScaleTool : public PointTool {
    Q_OBJECT
 public:
    explicit ScaleTool(Sheet& sheet);
    QString hint() const override;
    std::optional<Typing> typing() const override;
    void typed(double first, std::optional<double> second) override;

 protected:
    size_t points_needed() const override { return 0; }
    void add_point(Vec2 at) override;
    void finish_points() override;
    void finish(const std::vector<Vec2>&) override {}
};

}  // namespace wp::gui

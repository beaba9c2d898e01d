// SPDX-License-Identifier: GPL-3.0-or-later
// Places luminaires of a kind: one by one, or a row of them from one place to another.
#pragma once
#include "edit/luminaires.h"
#include "gui/tool/point_tool.h"

namespace wp::gui {

class LuminaireTool : public PointTool {
    Q_OBJECT
 public:
    explicit LuminaireTool(Sheet& sheet);
    /// Takes it up. count: of a row; 1: each click places one.
    void place(const model::Id& type, int count, edit::Mount mount);
    const model::Id& type() const { return type_; }

    QString hint() const override;

 protected:
    size_t points_needed() const override { return count_ > 1 ? 2 : 1; }
    void finish(const std::vector<Vec2>& points) override;

 private:
    model::Id type_;
    int count_ = 1;
    edit::Mount mount_ = edit::Mount::ceiling;
};

}  // namespace wp::gui

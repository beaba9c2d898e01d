// SPDX-License-Identifier: GPL-3.0-or-later
// The part of a room that a plane covers, one that it leaves out, or the part that electric light is for.
#pragma once
#include "gui/tool/point_tool.h"

namespace wp::gui {

class AreaTool : public BoxTool {
    Q_OBJECT
 public:
    enum class Of { plane, left_out, lighting };
    explicit AreaTool(Sheet& sheet);
    /// subject: the plane or the electric light.
    void take_up_for(const model::Id& subject, Of of);
    QString hint() const override;

 protected:
    void finish_box(const std::vector<Vec2>& ring) override;

 private:
    model::Id subject_;
    Of of_ = Of::plane;
};

}  // namespace wp::gui

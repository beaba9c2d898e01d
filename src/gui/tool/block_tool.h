// SPDX-License-Identifier: GPL-3.0-or-later
// Draws a neighbouring building.
#pragma once
#include "gui/tool/point_tool.h"

namespace wp::gui {

class BlockTool : public BoxTool {
    Q_OBJECT
 public:
    explicit BlockTool(Sheet& sheet);
    QString hint() const override;

 protected:
    void finish_box(const std::vector<Vec2>& ring) override;
};

}  // namespace wp::gui

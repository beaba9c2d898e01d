// SPDX-License-Identifier: GPL-3.0-or-later
// What is set on a map to read it by: readings, and the line of a profile.
#pragma once
#include "gui/tool/point_tool.h"

namespace wp::gui {

class ReadingTool : public SheetTool {
    Q_OBJECT
 public:
    explicit ReadingTool(Sheet& sheet);
    bool shows_values() const override { return true; }
    QString hint() const override;
    void press(const Pointing& pointing) override { emit placed(pointing.place); }

 signals:
    void placed(Vec2 at);
};

class ProfileTool : public PointTool {
    Q_OBJECT
 public:
    explicit ProfileTool(Sheet& sheet);
    QString hint() const override;
    void release(const Pointing& pointing) override;

 signals:
    void drawn(Vec2 a, Vec2 b);

 protected:
    void finish(const std::vector<Vec2>& points) override;
};

SheetTool* make_reading_tool(Sheet& sheet);
SheetTool* make_profile_tool(Sheet& sheet);

}  // namespace wp::gui

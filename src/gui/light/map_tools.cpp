// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/light/map_tools.h"

namespace wp::gui {

namespace {
constexpr ToolTraits kReading{QT_TRANSLATE_NOOP("QObject", "Reading")},
    kProfile{QT_TRANSLATE_NOOP("QObject", "Profile")};
// A line that is dragged is at least this long, in pixels; a shorter way is a click.
constexpr double kLeastDrag = 12;
}  // namespace

ReadingTool::ReadingTool(Sheet& sheet) : SheetTool(sheet, kReading, SheetUse::read) {}

QString ReadingTool::hint() const {
    return QObject::tr(
        "Click a desk, a stair, the floor or a wall: the light there is told from now on; Escape "
        "leaves");
}

ProfileTool::ProfileTool(Sheet& sheet) : PointTool(sheet, kProfile, SheetUse::read) {}

QString ProfileTool::hint() const {
    return begun() ? QObject::tr("Click the other end of the profile")
                   : QObject::tr("Drag a line across the rooms: the curve along it is drawn beside");
}

void ProfileTool::release(const Pointing& pointing) {
    if (begun() && length(pointing.place - points_[0]) * sheet().view().scale > kLeastDrag) add_point(snapped().at);
}

void ProfileTool::finish(const std::vector<Vec2>& points) {
    sheet().rest();
    emit drawn(points[0], points[1]);
}

SheetTool* make_reading_tool(Sheet& sheet) { return new ReadingTool(sheet); }
SheetTool* make_profile_tool(Sheet& sheet) { return new ProfileTool(sheet); }

}  // namespace wp::gui

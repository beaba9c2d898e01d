// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/scale_tool.h"

#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;

namespace {
constexpr ToolTraits kScale{QT_TRANSLATE_NOOP("QObject", "Scale underlay")};
}

ScaleTool::ScaleTool(Sheet& sheet) : PointTool(sheet, kScale) {}

QString ScaleTool::hint() const {
    return begun() ? QObject::tr("Click the other end of the known distance")
                   : QObject::tr("Click one end of a distance that you know on the picture");
}

void ScaleTool::add_point(Vec2 at) {
    if (points_.size() < 2) PointTool::add_point(at);
    if (points_.size() == 2) sheet().type_numbers({});
}

// It ends with the distance.
void ScaleTool::finish_points() {
    if (points_.size() == 2) sheet().type_numbers({});
}

std::optional<SheetTool::Typing> ScaleTool::typing() const {
    if (points_.size() != 2) return {};
    return Typing{QObject::tr("Known distance"), {}, Unit::metre};
}

// The picture grows about the first point.
void ScaleTool::typed(double distance, std::optional<double>) {
    if (points_.size() != 2 || distance <= 0) return;
    const Vec2 fixed = points_[0];
    const double factor = distance / length(points_[1] - points_[0]);
    points_.clear();
    sheet().document().edit_storey(QObject::tr("Scale underlay"), [&](Option&, Storey& on) {
        on.underlay.place = fixed + (on.underlay.place - fixed) * factor;
        on.underlay.width *= factor;
    });
    sheet().rest();
}

SheetTool* make_scale_tool(Sheet& sheet) { return new ScaleTool(sheet); }

}  // namespace wp::gui

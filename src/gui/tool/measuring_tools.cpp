// SPDX-License-Identifier: GPL-3.0-or-later
// What measures and cuts: dimension lines, lengths and areas, sections.
#include <algorithm>
#include <cmath>

#include "gui/look/look.h"
#include "gui/tool/point_tool.h"
#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;

namespace {

// No dimension line is shorter, in metres.
constexpr double kLeastDimension = 0.02;

constexpr ToolTraits kDimension{QT_TRANSLATE_NOOP("QObject", "Dimension"),
                                ToolGroup::measures,
                                QT_TRANSLATE_NOOP("QObject", "Place dimension"),
                                "ruler-dimension-line",
                                "N",
                                QT_TRANSLATE_NOOP("QObject", "Place a dimension line"),
                                QT_TRANSLATE_NOOP("QObject", "measurement annotation")};
constexpr ToolTraits kMeasure{QT_TRANSLATE_NOOP("QObject", "Measure"),
                              ToolGroup::measures,
                              QT_TRANSLATE_NOOP("QObject", "Measure"),
                              "ruler",
                              "M",
                              QT_TRANSLATE_NOOP("QObject", "Measure length, angle and area"),
                              "distance"};
constexpr ToolTraits kSection{QT_TRANSLATE_NOOP("QObject", "Section"),
                              ToolGroup::measures,
                              QT_TRANSLATE_NOOP("QObject", "Cut section"),
                              "scissors",
                              "C",
                              QT_TRANSLATE_NOOP("QObject", "Cut a section"),
                              "elevation"};

class DimensionTool : public PointTool {
 public:
    explicit DimensionTool(Sheet& sheet) : PointTool(sheet, kDimension) {}
    QString hint() const override {
        return points_.size() == 2 ? QObject::tr("Click where the dimension line stands")
               : begun()           ? QObject::tr("Click the other end")
                                   : QObject::tr("Click one end of what is to be dimensioned");
    }

 protected:
    size_t points_needed() const override { return 3; }
    void finish(const std::vector<Vec2>& p) override {
        if (length(p[1] - p[0]) < kLeastDimension || sheet().storey() == nullptr) return;
        sheet().document().edit_storey(QObject::tr("Place dimension"), [&](Option& option, Storey& on) {
            const Vec2 d = normalized(p[1] - p[0]);
            on.dimensions.push_back({fresh_id(option, "dim"), p[0], p[1], dot(p[2] - p[0], Vec2{-d.y, d.x})});
        });
    }
    void paint_points(QPainter& painter, Vec2 here) const override {
        if (points_.size() < 2) return PointTool::paint_points(painter, here);
        const Vec2 d = normalized(points_[1] - points_[0]), left{-d.y, d.x};
        const double off = dot(here - points_[0], left);
        painter.setPen(QPen(ink().accent, 1));
        report::draw_dimension(painter, sheet().view(), ink(), points_[0], points_[1], off < 0 ? left * -1.0 : left,
                               std::fabs(off) * sheet().view().scale, report::metres(length(points_[1] - points_[0])));
    }
};

class MeasureTool : public PointTool {
 public:
    explicit MeasureTool(Sheet& sheet) : PointTool(sheet, kMeasure) {}
    QString hint() const override {
        return begun() ? QObject::tr("Click further points for length, angle and area; Escape leaves")
                       : QObject::tr("Click the first point");
    }
    void double_click(const Pointing&) override { finish_points(); }

 protected:
    size_t points_needed() const override { return 0; }
    void finish(const std::vector<Vec2>&) override {}
    QString words(Vec2 here) const override {
        const Vec2 d = here - points_.back();
        QString text = report::metres(length(d)) + QStringLiteral(" m");
        if (points_.size() < 2) return text;
        double sum = length(d);
        for (size_t i = 0; i + 1 < points_.size(); ++i) sum += length(points_[i + 1] - points_[i]);
        auto ring = points_;
        ring.push_back(here);
        const Vec2 before = points_[points_.size() - 2] - points_.back();
        const double angle = degrees(std::acos(std::clamp(dot(before, d) / (length(before) * length(d)), -1.0, 1.0)));
        return text + QObject::tr("   all %1 m   %L2\u00b0   %L3 m\u00b2")
                          .arg(report::metres(sum))
                          .arg(angle, 0, 'f', 1)
                          .arg(std::fabs(geometry::signed_area(ring)), 0, 'f', 2);
    }
};

class SectionTool : public PointTool {
 public:
    explicit SectionTool(Sheet& sheet) : PointTool(sheet, kSection) {}
    QString hint() const override {
        return begun() ? QObject::tr("Click the other end: one looks to the left of the line")
                       : QObject::tr("Click where the section begins");
    }

 protected:
    void finish(const std::vector<Vec2>& points) override {
        sheet().show_section_line(points[0], points[1]);
        sheet().rest();
        emit sheet().section_drawn(points[0], points[1]);
    }
};

}  // namespace

SheetTool* make_dimension_tool(Sheet& sheet) { return new DimensionTool(sheet); }
SheetTool* make_measure_tool(Sheet& sheet) { return new MeasureTool(sheet); }
SheetTool* make_section_tool(Sheet& sheet) { return new SectionTool(sheet); }

}  // namespace wp::gui

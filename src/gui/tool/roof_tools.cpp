// SPDX-License-Identifier: GPL-3.0-or-later
// What opens floors and roofs: floor voids and rooflights.
#include "gui/tool/point_tool.h"
#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;

namespace {

// No floor void is smaller, in square metres.
constexpr double kLeastVoid = 0.05;

constexpr ToolTraits kVoid{QT_TRANSLATE_NOOP("QObject", "Floor void"),
                           ToolGroup::openings,
                           QT_TRANSLATE_NOOP("QObject", "Draw floor void"),
                           "square-dashed-x",
                           "V",
                           QT_TRANSLATE_NOOP("QObject", "Open the floor to the room below"),
                           QT_TRANSLATE_NOOP("QObject", "atrium hole stairwell")};
constexpr ToolTraits kRooflight{QT_TRANSLATE_NOOP("QObject", "Rooflight"),
                                ToolGroup::openings,
                                QT_TRANSLATE_NOOP("QObject", "Place rooflight"),
                                "panel-top-bottom-dashed",
                                "K",
                                QT_TRANSLATE_NOOP("QObject", "Place rooflights"),
                                QT_TRANSLATE_NOOP("QObject", "skylight roof window dome")};

class FloorVoidTool : public BoxTool {
 public:
    explicit FloorVoidTool(Sheet& sheet) : BoxTool(sheet, kVoid) {}
    QString hint() const override {
        return box_hint(QT_TRANSLATE_NOOP("QObject", "Click or drag the hole in this storey's floor"));
    }

 protected:
    void finish_box(const std::vector<Vec2>& ring) override {
        Document& document = sheet().document();
        if (geometry::signed_area(ring) < kLeastVoid) return;
        if (document.storey_index() == 0)
            return emit sheet().hint(QObject::tr("A floor void opens to the storey below: show an upper storey first"));
        Id made;
        document.edit_storey(QObject::tr("Draw floor void"), [&](Option& option, Storey& on) {
            FloorVoid hole;
            hole.id = made = fresh_id(option, "void");
            hole.name = QObject::tr("Void ").toStdString() + hole.id.substr(5);
            hole.outline = ring;
            on.voids.push_back(std::move(hole));
        });
        sheet().rest();
        document.select({Selection::Kind::floor_void, made, -1});
    }
};

class RooflightTool : public PointTool {
 public:
    explicit RooflightTool(Sheet& sheet) : PointTool(sheet, kRooflight) {}
    QString hint() const override { return QObject::tr("Click where the middle of the rooflight is"); }

 protected:
    size_t points_needed() const override { return 1; }
    void finish(const std::vector<Vec2>& points) override {
        if (sheet().storey() == nullptr) return;
        Document& document = sheet().document();
        Id made;
        document.edit_storey(QObject::tr("Place rooflight"), [&](Option& option, Storey& on) {
            Rooflight light;
            // Like the last one.
            if (!on.rooflights.empty()) light = on.rooflights.back();
            light.extra.clear();
            light.id = light.name = made = fresh_id(option, "R");
            light.centre = points[0];
            on.rooflights.push_back(std::move(light));
        });
        document.select({Selection::Kind::rooflight, made, -1});
    }
};

}  // namespace

SheetTool* make_floor_void_tool(Sheet& sheet) { return new FloorVoidTool(sheet); }
SheetTool* make_rooflight_tool(Sheet& sheet) { return new RooflightTool(sheet); }

}  // namespace wp::gui

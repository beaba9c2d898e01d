// SPDX-License-Identifier: GPL-3.0-or-later
// Rooms: by a rectangle, or corner by corner with arcs.
#include <algorithm>

#include "edit/edit_parts.h"
#include "geometry/roof_shape.h"
#include "gui/tool/point_tool.h"
#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;

namespace {

// The first corner takes the pointer in at this distance, in pixels.
constexpr double kClosing = 12;

// Like the last room drawn, on this storey where it has one.
void finish_like_the_last(Room& room, const Option& option, const Storey& on) {
    const Room* like = nullptr;
    for (const Storey& s : option.storeys)
        if (!s.rooms.empty() && (like == nullptr || &s == &on)) like = &s.rooms.back();
    if (like == nullptr) return;
    room.floor = like->floor;
    room.walls = like->walls;
    room.ceiling = like->ceiling;
}

void make_room(Sheet& sheet, std::vector<Vec2> footprint) {
    if (geometry::signed_area(footprint) < 0) std::reverse(footprint.begin(), footprint.end());
    if (geometry::signed_area(footprint) < edit::kLeastRoom || geometry::crosses_itself(footprint))
        return emit sheet.hint(QObject::tr("Too small, or the outline crosses itself: no room was drawn"));
    Document& document = sheet.document();
    Id made;
    document.edit_option(QObject::tr("Draw room"), [&](Option& option) {
        if (option.storeys.empty())
            option.storeys.push_back(new_storey("ground", QT_TRANSLATE_NOOP("QObject", "Ground floor"), 0));
        Storey& on = option.storeys[document.storey_index()];
        Room room;
        room.id = made = fresh_id(option, "room");
        room.name = QObject::tr("Room ").toStdString() + room.id.substr(5);
        room.footprint = std::move(footprint);
        finish_like_the_last(room, option, on);
        room.height = on.height;
        on.rooms.push_back(std::move(room));
        ReferencePlane plane;
        plane.room = made;
        plane.id = fresh_id(option, "plane");
        plane.name = QObject::tr("Desk height").toStdString();
        option.planes.push_back(plane);
    });
    sheet.rest();
    document.select({Selection::Kind::room, made, -1});
}

class RoomTool : public BoxTool {
    static constexpr ToolTraits kTraits{QT_TRANSLATE_NOOP("QObject", "Room"),
                                        ToolGroup::rooms,
                                        QT_TRANSLATE_NOOP("QObject", "Draw room by rectangle"),
                                        "square-dashed",
                                        "R",
                                        QT_TRANSLATE_NOOP("QObject", "Draw a rectangular room"),
                                        QT_TRANSLATE_NOOP("QObject", "space zone box")};

 public:
    explicit RoomTool(Sheet& sheet) : BoxTool(sheet, kTraits) {}
    QString hint() const override {
        return box_hint(QT_TRANSLATE_NOOP("QObject", "Click or drag from one corner of the room to the other"));
    }

 protected:
    void finish_box(const std::vector<Vec2>& ring) override { make_room(sheet(), ring); }
};

class OutlineTool : public PointTool {
    static constexpr ToolTraits kTraits{QT_TRANSLATE_NOOP("QObject", "Outline"),
                                        ToolGroup::rooms,
                                        QT_TRANSLATE_NOOP("QObject", "Draw room by outline"),
                                        "pentagon",
                                        "O",
                                        QT_TRANSLATE_NOOP("QObject", "Draw a room corner by corner"),
                                        QT_TRANSLATE_NOOP("QObject", "space zone polygon")};

 public:
    explicit OutlineTool(Sheet& sheet) : PointTool(sheet, kTraits) {}
    QString hint() const override {
        if (arc_)
            return arc_end_ ? QObject::tr("Click a point that the arc goes through")
                            : QObject::tr("Click the end of the arc");
        return begun() ? QObject::tr(
                             "Click the next corner, or type length and angle; A for an arc; Enter or the "
                             "first corner closes; Escape leaves")
                       : QObject::tr("Click the first corner of the room");
    }
    void double_click(const Pointing&) override { finish_points(); }
    bool key(const QKeyEvent& event) override {
        if (event.key() != Qt::Key_A || !begun()) return PointTool::key(event);
        const bool arc = !arc_;
        forget_arc();
        arc_ = arc;
        return true;
    }
    bool cancel() override {
        const bool arc = arc_;
        forget_arc();
        return PointTool::cancel() || arc;
    }

 protected:
    size_t points_needed() const override { return 0; }
    void add_point(Vec2 at) override {
        if (arc_) return add_to_arc(at);
        if (points_.size() >= 3 && length(at - points_.front()) * sheet().view().scale < kClosing)
            return finish_points();
        PointTool::add_point(at);
    }
    void finish_points() override {
        forget_arc();
        PointTool::finish_points();
    }
    void finish(const std::vector<Vec2>& points) override {
        if (points.size() >= 3) make_room(sheet(), points);
    }
    void paint_points(QPainter& painter, Vec2 here) const override {
        if (!arc_ || !arc_end_) return PointTool::paint_points(painter, here);
        QPolygonF line;
        for (const Vec2 p : points_) line << sheet().view().to_screen(p);
        for (const Vec2 p : geometry::arc_points(points_.back(), *arc_end_, here)) line << sheet().view().to_screen(p);
        painter.drawPolyline(line);
        paint_line_to(painter, here);
    }

 private:
    // The end comes first, then a point that the arc goes through.
    void add_to_arc(Vec2 at) {
        if (!arc_end_) {
            arc_end_ = at;
            return;
        }
        const auto arc = geometry::arc_points(points_.back(), *arc_end_, at);
        points_.insert(points_.end(), arc.begin(), arc.end());
        forget_arc();
    }
    void forget_arc() {
        arc_ = false;
        arc_end_.reset();
    }

    bool arc_ = false;
    std::optional<Vec2> arc_end_;
};

// A click within a closed outline of the drawing that lies under the storey makes it a room.
class TraceTool : public SheetTool {
    static constexpr ToolTraits kTraits{kTraceTool, ToolGroup::rooms};

 public:
    explicit TraceTool(Sheet& sheet) : SheetTool(sheet, kTraits) {}
    QString hint() const override {
        return sheet().drawing() != nullptr ? QObject::tr("Click within a closed outline of the drawing; Escape leaves")
                                            : QObject::tr("Lay a DXF drawing under the storey first: Underlay\u2026");
    }
    void press(const Pointing& pointing) override {
        if (sheet().drawing() == nullptr) return;
        const auto ring = sheet().drawing()->outline_around(pointing.place);
        if (ring.empty())
            return emit sheet().hint(QObject::tr("No closed outline of the drawing goes around this place"));
        make_room(sheet(), ring);
        sheet().take_up(*this);
    }
};

}  // namespace

SheetTool* make_trace_tool(Sheet& sheet) { return new TraceTool(sheet); }
SheetTool* make_room_tool(Sheet& sheet) { return new RoomTool(sheet); }
SheetTool* make_outline_tool(Sheet& sheet) { return new OutlineTool(sheet); }

}  // namespace wp::gui

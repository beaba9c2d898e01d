// SPDX-License-Identifier: GPL-3.0-or-later
// Windows, doors and openings, placed on walls. What is there already is taken hold of; a new one comes where nothing
// is.
#include <algorithm>
#include <cmath>

#include "edit/free_place.h"
#include "geometry/roof_shape.h"
#include "gui/look/look.h"
#include "gui/tool/item_drag.h"
#include "gui/tool/tools.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

// A wall takes the pointer in at this distance, in pixels.
constexpr double kReach = 24;
// Places along walls are multiples of this, in metres.
constexpr double kAlongStep = 0.05;

struct OpeningWords {
    Opening::Kind kind;
    const char *edit, *hint, *prefix;
};

Opening usual_opening(const OpeningWords& words, const Room& room, bool with_blind) {
    const bool window = words.kind == Opening::Kind::window;
    Opening o;
    o.kind = words.kind;
    o.width = window ? 1.2 : 0.9;
    o.height = window ? std::min(1.5, room.height - 1.0) : 2.1;
    o.sill = window ? 0.9 : 0;
    if (words.kind == Opening::Kind::door) o.reveal = 0.05;
    o.blind = window && with_blind;
    // Like the last one of its kind in the room, so that a row of windows is a row.
    for (const Opening& other : room.openings)
        if (other.kind == words.kind) o = other;
    o.extra.clear();
    return o;
}

class OpeningTool : public SheetTool {
 public:
    OpeningTool(Sheet& sheet, const ToolTraits& traits, const OpeningWords& words)
        : SheetTool(sheet, traits), words_(words), hold_(sheet) {}
    QString hint() const override { return language::words(words_.hint); }

    void press(const Pointing& pointing) override {
        const Selection under = sheet().pick(pointing.at);
        if (under.kind == Selection::Kind::opening) {
            sheet().document().select(under);
            hold_.take(ItemDrag::What::items, under, -1, pointing);
        } else if (const auto spot = sheet().wall_near(pointing.at, kReach)) {
            place(*spot);
        }
    }
    void move(const Pointing& pointing) override { hold_.drag(pointing); }
    void release(const Pointing&) override { hold_.release(); }
    bool cancel() override { return hold_.release(); }

    void paint(QPainter& painter) const override {
        const auto spot = sheet().wall_near(sheet().pointer(), kReach);
        if (!spot || hold_.holds()) return;
        const Room& room = *find_room(sheet().document().option(), spot->room).room;
        const double width = usual_opening(words_, room, false).width;
        const Vec2 a = edge_begin(room, spot->edge), d = normalized(edge_end(room, spot->edge) - a), out{d.y, -d.x};
        const double depth = sheet().document().option().outer_wall;
        const Vec2 p = a + d * (spot->along - width / 2), q = p + d * width;
        painter.setPen(QPen(ink().accent, 2, Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        QPolygonF box;
        for (const Vec2 c : {p, q, q + out * depth, p + out * depth}) box << sheet().view().to_screen(c);
        painter.drawPolygon(box);
    }

 private:
    void place(const edit::WallSpot& spot) {
        Document& document = sheet().document();
        std::optional<Id> made;
        document.edit_option(language::words(words_.edit), [&](Option& option) {
            const auto at = find_room(option, spot.room);
            Opening o = usual_opening(words_, *at.room, document.blinds_wanted());
            o.id = o.name = fresh_id(option, words_.prefix);
            o.edge = spot.edge;
            o.along = std::round((spot.along - o.width / 2) / kAlongStep) * kAlongStep;
            geometry::keep_in_wall(option, *at.storey, *at.room, o);
            const auto along = edit::free_place(*at.room, o, edge_length(*at.room, o.edge));
            if (!along) return;
            o.along = *along;
            geometry::keep_in_wall(option, *at.storey, *at.room, o);
            made = o.id;
            at.room->openings.push_back(std::move(o));
        });
        if (!made) return emit sheet().hint(QObject::tr("This wall has no room left for one so wide: none was placed"));
        document.select({Selection::Kind::opening, *made, -1});
    }

    OpeningWords words_;
    ItemDrag hold_;
};

constexpr ToolTraits kWindow{QT_TRANSLATE_NOOP("QObject", "Window"),
                             ToolGroup::openings,
                             QT_TRANSLATE_NOOP("QObject", "Place window"),
                             "grid-2x2",
                             "W",
                             QT_TRANSLATE_NOOP("QObject", "Place windows on walls"),
                             QT_TRANSLATE_NOOP("QObject", "glazing opening pane")};
constexpr ToolTraits kDoor{QT_TRANSLATE_NOOP("QObject", "Door"),
                           ToolGroup::openings,
                           QT_TRANSLATE_NOOP("QObject", "Place door"),
                           "door-closed",
                           "D",
                           QT_TRANSLATE_NOOP("QObject", "Place doors on walls"),
                           "leaf"};
constexpr ToolTraits kOpening{QT_TRANSLATE_NOOP("QObject", "Opening"),
                              ToolGroup::openings,
                              QT_TRANSLATE_NOOP("QObject", "Place opening"),
                              "door-open",
                              "G",
                              QT_TRANSLATE_NOOP("QObject", "Place openings without a leaf on walls"),
                              QT_TRANSLATE_NOOP("QObject", "hole passage")};

}  // namespace

SheetTool* make_window_tool(Sheet& sheet) {
    return new OpeningTool(sheet, kWindow,
                           {Opening::Kind::window, QT_TRANSLATE_NOOP("QObject", "Place window"),
                            QT_TRANSLATE_NOOP("QObject", "Click a wall to place a window"), "W"});
}
SheetTool* make_door_tool(Sheet& sheet) {
    return new OpeningTool(sheet, kDoor,
                           {Opening::Kind::door, QT_TRANSLATE_NOOP("QObject", "Place door"),
                            QT_TRANSLATE_NOOP("QObject", "Click a wall to place a door"), "D"});
}
SheetTool* make_opening_tool(Sheet& sheet) {
    return new OpeningTool(sheet, kOpening,
                           {Opening::Kind::opening_void, QT_TRANSLATE_NOOP("QObject", "Place opening"),
                            QT_TRANSLATE_NOOP("QObject", "Click a wall to place an opening without glass"), "D"});
}

}  // namespace wp::gui

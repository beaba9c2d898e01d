// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/select_tool.h"

#include <algorithm>
#include <cmath>

#include "edit/items.h"
#include "gui/look/look.h"
#include "gui/tool/tools.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

// Corners and handles take the pointer in at this distance, in pixels.
constexpr double kCornerPixels = 8;

constexpr ToolTraits kSelect{QT_TRANSLATE_NOOP("QObject", "Select"),
                             ToolGroup::select,
                             QT_TRANSLATE_NOOP("QObject", "Select"),
                             "mouse-pointer-2",
                             "S",
                             QT_TRANSLATE_NOOP("QObject", "Select, move and reshape"),
                             QT_TRANSLATE_NOOP("QObject", "pointer arrow pick")};
constexpr ToolTraits kLook{QT_TRANSLATE_NOOP("QObject", "Look")};

bool is_delete(const QKeyEvent& event) { return event.key() == Qt::Key_Delete || event.key() == Qt::Key_Backspace; }

std::optional<int> near_corner(const Sheet& sheet, const std::vector<Vec2>& corners, Vec2 place) {
    for (size_t i = 0; i < corners.size(); ++i)
        if (length(corners[i] - place) * sheet.view().scale < kCornerPixels) return static_cast<int>(i);
    return {};
}

}  // namespace

SelectTool::SelectTool(Sheet& sheet) : SheetTool(sheet, kSelect), hold_(sheet) {}

QString SelectTool::hint() const {
    const Document& document = sheet().document();
    if (document.selected().size() > 1)
        return QObject::tr("Drag to move them all, with Ctrl to copy them; right click for what can be done with them");
    if (document.selection().kind == Kind::none)
        return QObject::tr(
            "Click a room, wall or window; drag over empty paper to select many; drag a window along its wall");
    return QObject::tr(
        "Drag to move, with Ctrl to copy; click a figure to type over it; Delete removes it; Escape ends it");
}

// Corners of the room that is selected alone, and what draws a thing or block out, come before what lies there.
bool SelectTool::take_corner(const Pointing& pointing) {
    const Document& document = sheet().document();
    const Selection selection = document.selection();
    const Room* room = model::find(sheet().storey()->rooms, selection.id);
    const bool by_room = room != nullptr && document.selected().size() == 1 &&
                         (selection.kind == Kind::room || selection.kind == Kind::wall);
    if (by_room)
        if (const auto i = near_corner(sheet(), room->footprint, pointing.place)) {
            hold_.take(ItemDrag::What::corner, selection, *i, pointing);
            return true;
        }
    if (const auto i = near_corner(sheet(), ItemDrag::handles(document), pointing.place)) {
        hold_.take(ItemDrag::What::handle, selection, *i, pointing);
        return true;
    }
    return false;
}

void SelectTool::take(const Selection& under, const Pointing& pointing) {
    Document& document = sheet().document();
    const bool among = document.is_selected(under);
    // Rooms, voids and blocks move only once they are selected, so that a click beside a window never shifts a
    // building.
    const bool lies = under.kind == Kind::room || under.kind == Kind::floor_void || under.kind == Kind::block;
    if (under.kind == Kind::none || (lies && !among))
        band_ = pointing.at;
    else if (among && document.selected().size() > 1)
        hold_.take(ItemDrag::What::items, under, -1, pointing);
    else if (under.kind == Kind::wall)
        hold_.take(ItemDrag::What::wall, under, -1, pointing);
    else
        hold_.take(ItemDrag::What::items, under, -1, pointing);
    const bool keeps = hold_.what() == ItemDrag::What::items && among;
    if (!keeps) return document.select(under);
    pressed_among_ = {under, pointing.at};
}

void SelectTool::press(const Pointing& pointing) {
    if (sheet().edit_figure_at(pointing.at) || sheet().storey() == nullptr) return;
    const bool adds = pointing.modifiers.testFlag(Qt::ShiftModifier);
    if (!adds && take_corner(pointing)) return;
    const Selection under = sheet().pick(pointing.at);
    if (!adds) return take(under, pointing);
    if (under.kind != Kind::none) return sheet().document().toggle(under);
    band_ = pointing.at;
}

void SelectTool::release(const Pointing& pointing) {
    hold_.release();
    // One of many was clicked, not dragged with the others: it is meant alone.
    if (pressed_among_ && !sheet().is_drag(pressed_among_->second, pointing.at))
        sheet().document().select(pressed_among_->first);
    pressed_among_.reset();
    if (band_ && sheet().is_drag(*band_, pointing.at))
        select_band(pointing.at, pointing.modifiers.testFlag(Qt::ShiftModifier));
    band_.reset();
}

// On a wall it makes a new corner.
void SelectTool::double_click(const Pointing& pointing) {
    const auto wall = sheet().wall_near(pointing.at, kWallPixels);
    if (!wall || sheet().pick(pointing.at).kind != Kind::wall) return press(pointing);
    sheet().document().edit_storey(QObject::tr("New corner"), [&](Option&, Storey& s) {
        edit::add_corner(*model::find(s.rooms, wall->room), wall->edge, std::round(wall->along * 20) / 20);
    });
    sheet().document().select({Kind::room, wall->room, -1});
}

bool SelectTool::cancel() {
    const bool band = band_.has_value();
    band_.reset();
    return hold_.release() || band;
}

bool SelectTool::key(const QKeyEvent& event) {
    if (!is_delete(event)) return nudge(event);
    sheet().delete_selection();
    return true;
}

// By a grid step, with Shift by a centimetre.
bool SelectTool::nudge(const QKeyEvent& event) {
    Document& document = sheet().document();
    const double step = event.modifiers().testFlag(Qt::ShiftModifier) ? 0.01 : sheet().snaps().step;
    Vec2 by{};
    if (event.key() == Qt::Key_Left) by.x = -step;
    if (event.key() == Qt::Key_Right) by.x = step;
    if (event.key() == Qt::Key_Up) by.y = step;
    if (event.key() == Qt::Key_Down) by.y = -step;
    if ((by.x == 0 && by.y == 0) || document.selection().kind == Kind::none) return false;
    const auto items = document.selected();
    document.edit_option(QObject::tr("Nudge"),
                         [&](Option& o) { edit::place_items(o, items, edit::Placing::move(by)); });
    return true;
}

// Everything that lies wholly inside the band.
void SelectTool::select_band(QPointF to, bool add) {
    const QRectF band = QRectF(*band_, to).normalized();
    Document& document = sheet().document();
    const auto holds = [&](const Selection& item) {
        const auto points = edit::outline_of(document.option(), item);
        return !points.empty() && std::all_of(points.begin(), points.end(),
                                              [&](Vec2 p) { return band.contains(sheet().view().to_screen(p)); });
    };
    std::vector<Selection> items = add ? document.selected() : std::vector<Selection>{};
    for (const Selection& item : edit::items_drawn(document.option(), document.storey_index()))
        if (holds(item) && std::find(items.begin(), items.end(), item) == items.end()) items.push_back(item);
    // A room goes with its windows.
    Option& option = const_cast<Option&>(document.option());  // the look-up comes in one kind
    std::erase_if(items, [&](const Selection& item) {
        return item.kind == Kind::opening && holds({Kind::room, find_opening(option, item.id).room->id, -1});
    });
    document.select_all(std::move(items));
}

void SelectTool::paint(QPainter& painter) const {
    painter.setPen(QPen(ink().accent, 1));
    painter.setBrush(ink().paper);
    for (const Vec2 p : ItemDrag::handles(sheet().document()))
        painter.drawRect(QRectF(sheet().view().to_screen(p) - QPointF(4, 4), QSizeF(8, 8)));
    if (!band_) return;
    QColor wash = ink().accent;
    wash.setAlpha(28);
    painter.setPen(QPen(ink().accent, 1, Qt::DashLine));
    painter.setBrush(wash);
    painter.drawRect(QRectF(*band_, sheet().pointer()).normalized());
}

// Looking and reading

LookTool::LookTool(Sheet& sheet, SheetUse use) : SheetTool(sheet, kLook, use) {}

QString LookTool::hint() const {
    return QObject::tr("Click to select; move over the map to read it; wheel zooms, middle button pans");
}

QString ReadTool::hint() const {
    return QObject::tr(
        "Move over the map to read it, Enter pins the value; click to ask why, drag for a mean; hold Space for the map "
        "before the last edit");
}

void ReadTool::move(const Pointing& pointing) {
    if (pressed_ && sheet().is_drag(pressed_->at, pointing.at))
        sheet().show_mean_of(std::pair{pressed_->place, pointing.place});
}

// A drag keeps its area; a click gives it up and asks about the place.
void ReadTool::release(const Pointing& pointing) {
    if (!pressed_) return;
    const Pointing from = *pressed_;
    pressed_.reset();
    if (sheet().is_drag(from.at, pointing.at)) return sheet().show_mean_of(std::pair{from.place, pointing.place});
    sheet().show_mean_of({});
    sheet().document().select(sheet().pick(from.at));
    emit sheet().place_read(from.place);
}

bool ReadTool::key(const QKeyEvent& event) {
    if (!is_delete(event) || sheet().document().selection().kind != Kind::reading) return false;
    sheet().delete_selection();
    return true;
}

bool ReadTool::cancel() {
    const bool held = pressed_.has_value();
    pressed_.reset();
    return held;
}

SheetTool* make_select_tool(Sheet& sheet) { return new SelectTool(sheet); }
SheetTool* make_look_tool(Sheet& sheet) { return new LookTool(sheet); }
SheetTool* make_read_tool(Sheet& sheet) { return new ReadTool(sheet); }

}  // namespace wp::gui

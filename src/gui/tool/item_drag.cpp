// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/item_drag.h"

#include <algorithm>
#include <cmath>

#include "edit/items.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

// What does not snap keeps to this grid, in metres.
constexpr double kFineStep = 0.05;
// The pointer must go this far before anything moves, in pixels.
constexpr double kStart = 2;

double stepped(double v) { return std::round(v / kFineStep) * kFineStep; }

QString named(const Option& option, const Selection& item) { return language::words(edit::item_name(option, item)); }

std::set<Id> ids_of(const std::vector<Selection>& items) {
    std::set<Id> ids;
    for (const Selection& item : items) ids.insert(item.id);
    return ids;
}

std::optional<Vec2> snapping_corner(const Option& option, const Selection& item) {
    const auto outline = edit::outline_of(option, item);
    return outline.empty() || !edit::kind_of(item).snaps() ? std::nullopt : std::optional(outline[0]);
}

QString draw_out(Block& block, int corner, Vec2 to) {
    Vec2& at = block.footprint[static_cast<size_t>(corner)];
    const Vec2 before = at;
    at = to;
    if (geometry::crosses_itself(block.footprint) || geometry::signed_area(block.footprint) < 0.01) at = before;
    return QObject::tr("Reshape %1").arg(QString::fromStdString(block.name));
}

// A thing grows from its opposite corner, a tree from its trunk.
QString draw_out(Thing& t, int corner, Vec2 to) {
    const double a = radians(t.turn);
    const Vec2 x{std::cos(a), std::sin(a)}, y{-x.y, x.x};
    if (t.kind == Thing::Kind::tree) {
        t.width = std::max(0.2, 2 * std::max(std::fabs(dot(to - t.at, x)), std::fabs(dot(to - t.at, y))));
    } else {
        const Vec2 fixed = footprint_of(t)[static_cast<size_t>((corner + 2) % 4)], d = to - fixed;
        t.width = std::max(0.05, std::fabs(dot(d, x)));
        if (t.kind != Thing::Kind::fence) t.length = std::max(0.05, std::fabs(dot(d, y)));
        const Vec2 middle = fixed + x * (dot(d, x) / 2) + y * (dot(d, y) / 2);
        t.at = t.kind == Thing::Kind::fence ? t.at + x * dot(middle - t.at, x) : middle;
    }
    t = within_reason(t);
    return QObject::tr("Size %1").arg(QString::fromStdString(t.name));
}

}  // namespace

std::vector<Vec2> ItemDrag::handles(const Document& document) {
    const Selection& selection = document.selection();
    if (document.selected().size() != 1) return {};
    if (selection.kind == Kind::block)
        if (const Block* block = model::find(document.option().blocks, selection.id)) return block->footprint;
    if (selection.kind == Kind::thing)
        if (const Thing* thing = model::find(document.option().things, selection.id))
            return footprint_of(within_reason(*thing));
    return {};
}

void ItemDrag::take(What what, const Selection& item, int index, const Pointing& pointing) {
    what_ = what;
    item_ = item;
    index_ = index;
    from_ = pointing;
    before_ = sheet_.document().option();
    copies_ = pointing.modifiers.testFlag(Qt::ControlModifier);
    moved_ = false;
}

bool ItemDrag::release() {
    const bool held = holds();
    what_ = What::none;
    before_ = {};
    return held;
}

void ItemDrag::drag(const Pointing& pointing) {
    if (!holds()) return;
    const QPointF way = pointing.at - from_.at;
    if (!moved_ && std::hypot(way.x(), way.y()) < kStart) return;
    moved_ = true;
    Option after = before_;
    const auto name = moved(after, pointing.place);
    if (!name) return;
    sheet_.document().edit_option(
        *name, [&](Option& option) { option = std::move(after); }, QObject::tr("drag %1").arg(sheet_.gesture()));
}

Vec2 ItemDrag::snapped(Vec2 place, const std::set<Id>& without) const {
    return geometry::find_snap(before_, sheet_.document().storey_index(), place, kSnapPixels / sheet_.view().scale,
                               sheet_.snaps(), {}, without)
        .at;
}

std::optional<QString> ItemDrag::moved(Option& after, Vec2 to) const {
    switch (what_) {
        case What::none:
            break;
        case What::items:
            return move_items(after, to);
        case What::corner:
            if (!edit::move_corner(after, sheet_.document().storey_index(), item_.id, index_, snapped(to, {item_.id})))
                return {};
            return QObject::tr("Move corner");
        case What::handle:
            return move_handle(after, to);
        case What::wall:
            return move_wall(after, to);
    }
    return {};
}

QString ItemDrag::move_handle(Option& after, Vec2 to) const {
    const Vec2 at = snapped(to, {item_.id});
    if (Block* block = model::find(after.blocks, item_.id)) return draw_out(*block, index_, at);
    return draw_out(*model::find(after.things, item_.id), index_, at);
}

// Walls move along their normal.
std::optional<QString> ItemDrag::move_wall(Option& after, Vec2 to) const {
    const size_t s = sheet_.document().storey_index();
    const Room* room = model::find(after.storeys[s].rooms, item_.id);
    if (room == nullptr) return {};
    const Vec2 a = edge_begin(*room, item_.edge), d = normalized(edge_end(*room, item_.edge) - a), out{d.y, -d.x};
    const Vec2 target = snapped(a + out * dot(to - from_.place, out), {item_.id});
    if (!edit::move_edge(after, s, item_.id, item_.edge, dot(target - a, out))) return {};
    return QObject::tr("Move wall");
}

// All that is selected by one shift; the first corner of what is dragged lands on a snap.
std::optional<QString> ItemDrag::move_items(Option& after, Vec2 to) const {
    const Document& document = sheet_.document();
    const size_t s = document.storey_index();
    const auto items = document.is_selected(item_) ? document.selected() : std::vector<Selection>{item_};
    Vec2 shift = to - from_.place;
    const QString what = items.size() > 1 ? QObject::tr("%1 things").arg(items.size()) : named(before_, item_);
    if (items.size() == 1 && !copies_ && edit::kind_of(item_).drag(after, item_, shift))
        return QObject::tr("Move %1").arg(what);
    if (const auto corner = snapping_corner(before_, item_))
        shift = snapped(*corner + shift, ids_of(items)) - *corner;
    else if (sheet_.snaps().grid)
        shift = {stepped(shift.x), stepped(shift.y)};
    if (copies_)
        edit::copy_items(after, items, s, edit::Placing::move(shift));
    else if (!edit::place_items(after, items, edit::Placing::move(shift)))
        return {};
    // Who is carried into another room stands there.
    for (Observer& o : after.observers)
        for (const Room& room : after.storeys[s].rooms)
            if (o.id == item_.id && geometry::contains(room.footprint, {o.eye.x, o.eye.y})) o.room = room.id;
    return (copies_ ? QObject::tr("Copy %1") : QObject::tr("Move %1")).arg(what);
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// Moving what the pointer holds.
#include <algorithm>
#include <cmath>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

QString named(const Option& option, const Selection& item) { return QString::fromStdString(item_name(option, item)); }

// The first corner of something that moves: what snaps when it is dragged.
std::optional<Vec2> handle_of(const Option& option, const Selection& item) {
    Option& o = const_cast<Option&>(option);
    switch (item.kind) {
        case Kind::room:
            return find_room(option, item.id).room->footprint[0];
        case Kind::partition:
            return find_on_storeys(o, &Storey::partitions, item.id).item->from;
        case Kind::floor_void:
            return find_on_storeys(o, &Storey::voids, item.id).item->outline[0];
        case Kind::rooflight:
            return find_on_storeys(o, &Storey::rooflights, item.id).item->centre;
        case Kind::block:
            return model::find(option.blocks, item.id)->footprint[0];
        case Kind::thing:
            return footprint_of(*model::find(option.things, item.id))[0];
        default:
            return {};
    }
}

std::set<Id> ids_of(const std::vector<Selection>& items) {
    std::set<Id> ids;
    for (const Selection& item : items) ids.insert(item.id);
    return ids;
}

}  // namespace

void Sheet::edit_storey(const QString& name, const std::function<void(Option&, Storey&)>& change,
                        const QString& gesture) {
    const size_t s = document_.storey_index();
    document_.edit_option(
        name, [&](Option& option) { change(option, option.storeys[s]); }, gesture);
}

// All that is selected by one shift; what is dragged lands on a snap.
std::optional<QString> Sheet::drag_items(Option& after, Vec2 p) const {
    std::vector<Selection> items =
        document_.is_selected(grip_.item) ? document_.selected() : std::vector<Selection>{grip_.item};
    Vec2 shift = p - grip_.from;
    const auto handle = handle_of(grip_.before, grip_.item);
    // A handle that lies on the pointer's way snaps; small things keep to the grid.
    if (handle)
        shift = geometry::find_snap(grip_.before, document_.storey_index(), *handle + shift, 9 / view_.scale, snaps_,
                                    {}, ids_of(items))
                    .at -
                *handle;
    else if (snaps_.grid)
        shift = {std::round(shift.x * 20) / 20, std::round(shift.y * 20) / 20};
    if (grip_.item.kind == Kind::dimension) {
        Dimension& line = *find_on_storeys(after, &Storey::dimensions, grip_.item.id).item;
        const Vec2 d = normalized(line.to - line.from);
        line.offset += dot(p - grip_.from, Vec2{-d.y, d.x});
        return QStringLiteral("Move dimension");
    }
    if (grip_.copies)
        geometry::copy_items(after, items, document_.storey_index(), geometry::Placing::move(shift));
    else if (!geometry::place_items(after, items, geometry::Placing::move(shift)))
        return {};
    for (Observer& o : after.observers)
        for (const Room& room : after.storeys[document_.storey_index()].rooms)
            if (o.id == grip_.item.id && geometry::contains(room.footprint, {o.eye.x, o.eye.y})) o.room = room.id;
    const QString what =
        items.size() > 1 ? QStringLiteral("%1 things").arg(items.size()) : named(grip_.before, grip_.item);
    return (grip_.copies ? QStringLiteral("Copy %1") : QStringLiteral("Move %1")).arg(what);
}

void Sheet::drag_to(QPointF at) {
    if (!grip_.moved && std::hypot(at.x() - grip_.pressed.x(), at.y() - grip_.pressed.y()) < 2) return;
    grip_.moved = true;
    const Vec2 p = view_.to_model(at);
    const size_t s = document_.storey_index();
    Option after = grip_.before;
    QString name;
    switch (grip_.what) {
        case Grip::What::opening: {
            if (grip_.copies) {
                const auto done = drag_items(after, p);
                if (!done) return;
                name = *done;
                break;
            }
            const auto place = find_opening(after, grip_.item.id);
            if (!place) return;
            const Vec2 a = edge_begin(*place.room, place.opening->edge),
                       d = normalized(edge_end(*place.room, place.opening->edge) - a);
            place.opening->along = std::round((place.opening->along + dot(p - grip_.from, d)) * 20) / 20;
            geometry::keep_in_wall(after, *place.storey, *place.room, *place.opening);
            name = QStringLiteral("Move %1 %2")
                       .arg(place.opening->kind == Opening::Kind::window ? QStringLiteral("window")
                                                                         : QStringLiteral("opening"),
                            named(after, grip_.item));
            break;
        }
        case Grip::What::corner: {
            const auto to = geometry::find_snap(grip_.before, s, p, 9 / view_.scale, snaps_, {}, {grip_.item.id}).at;
            if (!geometry::move_corner(after, s, grip_.item.id, grip_.index, to)) return;
            name = QStringLiteral("Move corner");
            break;
        }
        case Grip::What::handle:
            name = drag_handle(
                after, geometry::find_snap(grip_.before, s, p, 9 / view_.scale, snaps_, {}, {grip_.item.id}).at);
            break;
        case Grip::What::wall: {
            const Room* room = model::find(after.storeys[s].rooms, grip_.item.id);
            if (room == nullptr) return;
            const Vec2 a = edge_begin(*room, grip_.item.edge), d = normalized(edge_end(*room, grip_.item.edge) - a),
                       out{d.y, -d.x};
            const Vec2 target = geometry::find_snap(grip_.before, s, a + out * dot(p - grip_.from, out),
                                                    9 / view_.scale, snaps_, {}, {grip_.item.id})
                                    .at;
            if (!geometry::move_edge(after, s, grip_.item.id, grip_.item.edge, dot(target - a, out))) return;
            name = QStringLiteral("Move wall");
            break;
        }
        case Grip::What::items: {
            const auto done = drag_items(after, p);
            if (!done) return;
            name = *done;
            break;
        }
        default:
            return;
    }
    document_.edit_option(
        name, [&](Option& option) { option = after; }, QStringLiteral("drag %1").arg(gesture_));
}

// Everything that lies wholly inside the band.
void Sheet::select_band(QPointF a, QPointF b, bool add) {
    const QRectF band = QRectF(a, b).normalized();
    const auto holds = [&](const std::vector<Vec2>& points) {
        return std::all_of(points.begin(), points.end(), [&](Vec2 p) { return band.contains(view_.to_screen(p)); });
    };
    std::vector<Selection> items = add ? document_.selected() : std::vector<Selection>{};
    const auto take = [&](Kind kind, const Id& id, const std::vector<Vec2>& points) {
        const Selection item{kind, id, -1};
        if (holds(points) && std::find(items.begin(), items.end(), item) == items.end()) items.push_back(item);
    };
    if (storey() == nullptr) return;
    for (const Room& room : storey()->rooms) {
        const bool whole = holds(room.footprint);
        take(Kind::room, room.id, room.footprint);
        for (const Opening& o : room.openings) {
            const Vec2 p = edge_begin(room, o.edge), d = normalized(edge_end(room, o.edge) - p);
            if (!whole) take(Kind::opening, o.id, {p + d * o.along, p + d * (o.along + o.width)});
        }
    }
    for (const Partition& p : storey()->partitions) take(Kind::partition, p.id, {p.from, p.to});
    for (const FloorVoid& v : storey()->voids) take(Kind::floor_void, v.id, v.outline);
    for (const Rooflight& r : storey()->rooflights) take(Kind::rooflight, r.id, {r.centre});
    for (const Dimension& d : storey()->dimensions) take(Kind::dimension, d.id, {d.from, d.to});
    for (const Observer& o : document_.option().observers)
        if (model::find(storey()->rooms, o.room) != nullptr) take(Kind::observer, o.id, {{o.eye.x, o.eye.y}});
    for (const Thing& t : document_.option().things)
        if (t.storey.empty() || t.storey == storey()->id) take(Kind::thing, t.id, footprint_of(t));
    document_.select_all(std::move(items));
}

void Sheet::select_everything() {
    std::vector<Selection> items;
    if (storey() == nullptr) return;
    for (const Room& room : storey()->rooms) items.push_back({Kind::room, room.id, -1});
    for (const Partition& p : storey()->partitions) items.push_back({Kind::partition, p.id, -1});
    for (const FloorVoid& v : storey()->voids) items.push_back({Kind::floor_void, v.id, -1});
    for (const Rooflight& r : storey()->rooflights) items.push_back({Kind::rooflight, r.id, -1});
    for (const Dimension& d : storey()->dimensions) items.push_back({Kind::dimension, d.id, -1});
    // What stands in rooms goes with them.
    for (const Thing& t : document_.option().things)
        if (t.storey == storey()->id &&
            std::none_of(storey()->rooms.begin(), storey()->rooms.end(),
                         [&](const Room& r) { return geometry::contains(r.footprint, t.at); }))
            items.push_back({Kind::thing, t.id, -1});
    document_.select_all(std::move(items));
}

void Sheet::delete_selection() {
    const auto items = document_.selected();
    if (items.empty()) return;
    const QString name =
        items.size() == 1 ? named(document_.option(), items[0]) : QStringLiteral("%1 things").arg(items.size());
    document_.edit_option(QStringLiteral("Delete %1").arg(name),
                          [&](Option& option) { geometry::remove_items(option, items); });
    document_.select({});
}

}  // namespace wp::gui

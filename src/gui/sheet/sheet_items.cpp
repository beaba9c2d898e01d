// SPDX-License-Identifier: GPL-3.0-or-later
// What lies where on the sheet.
#include <algorithm>
#include <cmath>

#include "geometry/lay.h"
#include "geometry/walls.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

QString named(const Option& option, const Selection& item) { return QString::fromStdString(item_name(option, item)); }

bool is_drawn(Kind kind) { return kind != Kind::storey && kind != Kind::roof && kind != Kind::plane; }

}  // namespace

Selection Sheet::thing_at(Vec2 p, bool outdoors) const {
    const auto& things = document_.option().things;
    for (auto it = things.rbegin(); it != things.rend(); ++it) {
        if (it->storey.empty() != outdoors || (!outdoors && it->storey != storey()->id)) continue;
        const Thing t = within_reason(*it);
        const double slack = 4 / view_.scale;
        const bool hit = t.kind == Thing::Kind::tree ? length(t.at - p) < t.width / 2
                         : t.kind == Thing::Kind::fence
                             ? geometry::distance_to_segment(p, place_of(t, {-t.width / 2, 0}),
                                                             place_of(t, {t.width / 2, 0})) < slack
                             : geometry::contains(footprint_of(t), p);
        if (hit) return {Kind::thing, it->id, -1};
    }
    return {};
}

Selection Sheet::pick(QPointF at) const {
    const Option& option = document_.option();
    const Vec2 p = view_.to_model(at);
    if (storey() == nullptr) return {};
    const double slack = 5 / view_.scale;
    for (const Observer& o : option.observers)
        if (model::find(storey()->rooms, o.room) != nullptr && length(Vec2{o.eye.x, o.eye.y} - p) * view_.scale < 9)
            return {Kind::observer, o.id, -1};
    for (const Room& room : storey()->rooms)
        for (const Opening& o : room.openings) {
            const Vec2 a = edge_begin(room, o.edge), d = normalized(edge_end(room, o.edge) - a), out{d.y, -d.x};
            const double s = dot(p - a, d), t = dot(p - a, out), inner = option.inner_wall / 2 + slack;
            if (s >= o.along - slack && s <= o.along + o.width + slack && t >= -inner &&
                t <= own_thickness(room, o.edge, option.outer_wall) + slack)
                return {Kind::opening, o.id, -1};
        }
    for (const Rooflight& r : storey()->rooflights)
        if (std::fabs(p.x - r.centre.x) < r.width / 2 &&
            std::fabs(p.y - r.centre.y) < (r.upright ? 0.15 : r.length / 2))
            return {Kind::rooflight, r.id, -1};
    for (const Partition& wall : storey()->partitions)
        if (geometry::distance_to_segment(p, wall.from, wall.to) < wall.thickness / 2 + slack)
            return {Kind::partition, wall.id, -1};
    for (const Dimension& line : storey()->dimensions) {
        const Vec2 d = normalized(line.to - line.from), off = Vec2{-d.y, d.x} * line.offset;
        if (geometry::distance_to_segment(p, line.from + off, line.to + off) < slack)
            return {Kind::dimension, line.id, -1};
    }
    for (const Reading& r : option.readings)
        if (model::storey_of(option, {Kind::reading, r.id, -1}) == document_.storey_index() &&
            QRectF(view_.to_screen({r.at.x, r.at.y}) - QPointF(8, 12), QSizeF(16, 18)).contains(at))
            return {Kind::reading, r.id, -1};
    if (const Selection thing = thing_at(p, false); thing.kind != Kind::none) return thing;
    if (const auto wall = wall_near(at, kWallPixels)) return {Kind::wall, wall->room, wall->edge};
    for (const FloorVoid& hole : storey()->voids)
        if (geometry::contains(hole.outline, p)) return {Kind::floor_void, hole.id, -1};
    for (const Room& room : storey()->rooms)
        if (geometry::contains(room.footprint, p)) return {Kind::room, room.id, -1};
    if (const Selection thing = thing_at(p, true); thing.kind != Kind::none) return thing;
    for (const Block& block : option.blocks)
        if (geometry::contains(block.footprint, p)) return {Kind::block, block.id, -1};
    return {};
}

std::vector<Selection> Sheet::items_drawn() const {
    std::vector<Selection> out;
    for (const Selection& item : model::items_on(document_.option(), document_.storey_index()))
        if (is_drawn(item.kind)) out.push_back(item);
    for (const Selection& item : model::items_on(document_.option(), document_.option().storeys.size()))
        if (item.kind == Kind::thing || item.kind == Kind::block) out.push_back(item);
    return out;
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

// SPDX-License-Identifier: GPL-3.0-or-later
// What the pointer and the keys do on the sheet.
#include <QKeyEvent>
#include <QMouseEvent>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr double kGrid = 0.1;         // m
constexpr double kInnerWall = 0.15;   // m, left between a room and the one drawn beside it
constexpr double kSnapPixels = 9, kCornerPixels = 8, kWallPixels = 7;

double to_grid(double v) { return std::round(v / kGrid) * kGrid; }

}  // namespace

void remove_selected(Option& option, const Selection& selection) {
    const auto has_id = [&](const auto& item) { return item.id == selection.id; };
    const auto in_room = [&](const auto& item) { return item.room == selection.id; };
    switch (selection.kind) {
        case Selection::Kind::room:
            for (Storey& storey : option.storeys) std::erase_if(storey.rooms, has_id);
            std::erase_if(option.planes, in_room);
            std::erase_if(option.observers, in_room);
            break;
        case Selection::Kind::opening:
            for (Storey& storey : option.storeys)
                for (Room& room : storey.rooms) std::erase_if(room.openings, has_id);
            break;
        case Selection::Kind::observer: std::erase_if(option.observers, has_id); break;
        case Selection::Kind::block: std::erase_if(option.blocks, has_id); break;
        case Selection::Kind::wall:
        case Selection::Kind::none: break;
    }
}

void Sheet::set_tool(Tool tool) {
    tool_ = tool;
    outline_.clear();
    grip_ = {};
    setCursor(tool == Tool::select ? Qt::ArrowCursor : Qt::CrossCursor);
    emit tool_changed(tool);
    say_hint();
    update();
}

void Sheet::say_hint() {
    if (!editable_) return emit hint(QStringLiteral("Click to select; move over the map to read it; wheel zooms, middle button pans"));
    switch (tool_) {
        case Tool::select:
            return emit hint(document_.selection().kind == Selection::Kind::none
                                 ? QStringLiteral("Click a room, wall, window or observer; drag a window along its wall, a wall or corner to reshape")
                                 : QStringLiteral("Drag to move; Delete removes; type figures on the right; Escape lets go"));
        case Tool::rectangle: return emit hint(QStringLiteral("Press at one corner, drag to the opposite one; Escape leaves"));
        case Tool::outline: return emit hint(QStringLiteral("Click corner after corner; click the first one or press Enter to close; Escape leaves"));
        case Tool::window: return emit hint(QStringLiteral("Click on a wall to place a window there; Escape leaves"));
        case Tool::observer: return emit hint(QStringLiteral("Click in a room to place an observer; Escape leaves"));
    }
}

Sheet::Snap Sheet::snap(Vec2 p, const Id& ignore_room) const {
    Snap out{{to_grid(p.x), to_grid(p.y)}, false, false};
    if (storey() == nullptr) return out;
    const double reach = kSnapPixels / view_.scale;
    double best_x = reach, best_y = reach;
    const auto consider = [&](double value, double at, double& best, double& target, bool& flag) {
        const double d = std::fabs(value - at);
        if (d >= best) return;
        best = d;
        target = value;
        flag = true;
    };
    for (const Room& room : storey()->rooms) {
        if (room.id == ignore_room) continue;
        for (const Vec2 c : room.footprint)
            for (const double gap : {0.0, kInnerWall, -kInnerWall}) {
                consider(c.x + gap, p.x, best_x, out.at.x, out.on_x);
                consider(c.y + gap, p.y, best_y, out.at.y, out.on_y);
            }
    }
    return out;
}

std::optional<Sheet::WallSpot> Sheet::wall_near(QPointF at, double pixels) const {
    if (storey() == nullptr) return {};
    const Vec2 p = view_.to_model(at);
    double best = pixels / view_.scale;
    std::optional<WallSpot> out;
    for (const Room& room : storey()->rooms)
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            const Vec2 a = edge_begin(room, e), b = edge_end(room, e);
            const double d = geometry::distance_to_segment(p, a, b);
            if (d >= best) continue;
            best = d;
            out = WallSpot{room.id, e, dot(p - a, normalized(b - a))};
        }
    return out;
}

Selection Sheet::pick(QPointF at) const {
    using Kind = Selection::Kind;
    const Option& option = document_.option();
    const Vec2 p = view_.to_model(at);
    for (const Observer& o : option.observers)
        if (length(Vec2{o.eye.x, o.eye.y} - p) * view_.scale < 9)
            return {Kind::observer, o.id, -1};
    if (storey() == nullptr) return {};
    for (const Room& room : storey()->rooms)
        for (const Opening& o : room.openings) {
            const Vec2 a = edge_begin(room, o.edge), d = normalized(edge_end(room, o.edge) - a), out{d.y, -d.x};
            const double s = dot(p - a, d), t = dot(p - a, out), slack = 5 / view_.scale;
            if (s >= o.along - slack && s <= o.along + o.width + slack && t >= -slack && t <= option.outer_wall + slack) return {Kind::opening, o.id, -1};
        }
    if (const auto wall = wall_near(at, kWallPixels)) return {Kind::wall, wall->room, wall->edge};
    for (const Room& room : storey()->rooms)
        if (geometry::contains(room.footprint, p)) return {Kind::room, room.id, -1};
    for (const Block& block : option.blocks)
        if (geometry::contains(block.footprint, p)) return {Kind::block, block.id, -1};
    return {};
}

std::optional<Sheet::Grip> Sheet::grip_at(QPointF at) const {
    Grip grip;
    grip.from = view_.to_model(at);
    grip.before = document_.option();
    const Selection& selection = document_.selection();
    const auto place = find_room(document_.option(), selection.id);
    if (place && (selection.kind == Selection::Kind::room || selection.kind == Selection::Kind::wall))
        for (size_t i = 0; i < place.room->footprint.size(); ++i)
            if (length(place.room->footprint[i] - grip.from) * view_.scale < kCornerPixels) {
                grip.what = Grip::What::corner;
                grip.id = selection.id;
                grip.index = static_cast<int>(i);
                return grip;
            }
    const Selection under = pick(at);
    grip.id = under.id;
    grip.index = under.edge;
    switch (under.kind) {
        case Selection::Kind::opening: grip.what = Grip::What::opening; return grip;
        case Selection::Kind::wall: grip.what = Grip::What::wall; return grip;
        case Selection::Kind::observer: grip.what = Grip::What::observer; return grip;
        // A room moves only once it is selected, so that a click beside a window never shifts a building.
        case Selection::Kind::room:
            if (selection != under) return {};
            grip.what = Grip::What::room;
            return grip;
        default: return {};
    }
}

bool Sheet::reshape(Option& option, const std::function<void(Room&)>& change) const {
    const auto place = find_room(option, grip_.id);
    if (!place) return false;
    change(*place.room);
    if (geometry::signed_area(place.room->footprint) < 0.25 || geometry::crosses_itself(place.room->footprint)) return false;
    for (int e = 0; e < static_cast<int>(place.room->footprint.size()); ++e)
        if (edge_length(*place.room, e) < 0.1) return false;
    for (Opening& o : place.room->openings) keep_in_wall(*place.room, o);
    return true;
}

void Sheet::drag_opening(Option& option, Vec2 p) const {
    const auto place = find_opening(option, grip_.id);
    if (!place) return;
    const Vec2 a = edge_begin(*place.room, place.opening->edge), d = normalized(edge_end(*place.room, place.opening->edge) - a);
    const double moved = dot(p - grip_.from, d);
    place.opening->along = std::round((place.opening->along + moved) * 20) / 20;
    keep_in_wall(*place.room, *place.opening);
}

void Sheet::drag_to(QPointF at) {
    const Vec2 p = view_.to_model(at);
    Option after = grip_.before;
    QString name;
    switch (grip_.what) {
        case Grip::What::opening:
            drag_opening(after, p);
            name = QStringLiteral("Move window %1").arg(QString::fromStdString(grip_.id));
            break;
        case Grip::What::corner:
            if (!reshape(after, [&](Room& room) { room.footprint[static_cast<size_t>(grip_.index)] = snap(p, room.id).at; })) return;
            name = QStringLiteral("Move corner");
            break;
        case Grip::What::wall:
            if (!reshape(after, [&](Room& room) {
                    const auto i = static_cast<size_t>(grip_.index), j = (i + 1) % room.footprint.size();
                    const Vec2 d = normalized(room.footprint[j] - room.footprint[i]), out{d.y, -d.x};
                    const Vec2 target = snap(room.footprint[i] + out * dot(p - grip_.from, out), room.id).at;
                    const Vec2 shift = out * dot(target - room.footprint[i], out);
                    room.footprint[i] = room.footprint[i] + shift;
                    room.footprint[j] = room.footprint[j] + shift;
                }))
                return;
            name = QStringLiteral("Move wall");
            break;
        case Grip::What::room:
            if (!reshape(after, [&](Room& room) {
                    const Vec2 shift = snap(room.footprint[0] + (p - grip_.from), room.id).at - room.footprint[0];
                    for (Vec2& c : room.footprint) c = c + shift;
                }))
                return;
            name = QStringLiteral("Move room");
            break;
        case Grip::What::observer:
            if (Observer* o = model::find(after.observers, grip_.id)) {
                o->eye.x = std::round(p.x * 20) / 20;
                o->eye.y = std::round(p.y * 20) / 20;
                for (const Room& room : after.storeys[document_.storey_index()].rooms)
                    if (geometry::contains(room.footprint, {o->eye.x, o->eye.y})) o->room = room.id;
            }
            name = QStringLiteral("Move observer");
            break;
        default: return;
    }
    document_.edit_option(name, [&](Option& option) { option = after; }, QStringLiteral("drag %1").arg(gesture_));
}

void Sheet::add_room(std::vector<Vec2> footprint) {
    if (geometry::signed_area(footprint) < 0) std::reverse(footprint.begin(), footprint.end());
    if (geometry::signed_area(footprint) < 0.25 || geometry::crosses_itself(footprint))
        return emit hint(QStringLiteral("Too small, or the outline crosses itself: no room was drawn"));
    Selection made;
    document_.edit_option(QStringLiteral("Draw room"), [&](Option& option) {
        if (option.storeys.empty()) option.storeys.push_back(model::new_storey("ground", "Ground floor", 0));
        Room room;
        room.id = fresh_id(option, "room");
        room.name = "Room " + room.id.substr(5);
        room.footprint = std::move(footprint);
        const auto& materials = document_.project().materials;
        // Like the last room drawn; else the first opaque materials there are.
        const auto& rooms = option.storeys[document_.storey_index()].rooms;
        const auto first = std::find_if(materials.begin(), materials.end(), [](const Material& m) { return m.kind == Material::Kind::opaque; });
        const auto named = [&](const Id& id) { return model::find(materials, id) != nullptr ? id : first != materials.end() ? first->id : Id(); };
        room.floor = rooms.empty() ? named("floor") : rooms.back().floor;
        room.walls = rooms.empty() ? named("walls") : rooms.back().walls;
        room.ceiling = rooms.empty() ? named("ceiling") : rooms.back().ceiling;
        room.height = rooms.empty() ? 3.0 : rooms.back().height;
        made = {Selection::Kind::room, room.id, -1};
        ReferencePlane plane;
        plane.room = room.id;
        option.storeys[document_.storey_index()].rooms.push_back(std::move(room));
        plane.id = fresh_id(option, "plane");
        plane.name = "Desk height";
        option.planes.push_back(plane);
    });
    set_tool(Tool::select);
    document_.select(made);
}

void Sheet::add_window(const WallSpot& spot) {
    Selection made;
    document_.edit_option(QStringLiteral("Place window"), [&](Option& option) {
        const auto place = find_room(option, spot.room);
        Opening o;
        o.id = fresh_id(option, "W");
        o.name = o.id;
        o.edge = spot.edge;
        o.width = 1.2;
        o.height = std::min(1.5, place.room->height - 1.0);
        o.sill = 0.9;
        // Like the last window of the room, so that a row of windows is a row.
        for (const Opening& other : place.room->openings)
            if (other.kind == Opening::Kind::window) {
                const Id id = o.id;
                o = other;
                o.id = o.name = id;
                o.edge = spot.edge;
                o.extra.clear();
            }
        if (o.glazing.empty())
            for (const Material& m : document_.project().materials)
                if (m.kind == Material::Kind::glazing) o.glazing = m.id;
        o.along = std::round((spot.along - o.width / 2) * 20) / 20;
        keep_in_wall(*place.room, o);
        place.room->openings.push_back(o);
        made = {Selection::Kind::opening, o.id, -1};
    });
    document_.select(made);
}

void Sheet::add_observer(Vec2 at) {
    Selection made;
    document_.edit_option(QStringLiteral("Place observer"), [&](Option& option) {
        for (const Room& room : option.storeys[document_.storey_index()].rooms) {
            if (!geometry::contains(room.footprint, at)) continue;
            Observer o;
            o.id = fresh_id(option, "eye");
            o.name = "Observer " + o.id.substr(4);
            o.room = room.id;
            o.eye = {at.x, at.y, option.storeys[document_.storey_index()].level + 1.2};
            o.heading = 180;
            option.observers.push_back(o);
            made = {Selection::Kind::observer, o.id, -1};
        }
    });
    if (made.kind == Selection::Kind::none) return emit hint(QStringLiteral("An observer stands in a room: click inside one"));
    set_tool(Tool::select);
    document_.select(made);
}

void Sheet::finish_outline() {
    auto footprint = std::move(outline_);
    outline_.clear();
    if (footprint.size() >= 3) add_room(std::move(footprint));
    update();
}

void Sheet::delete_selection() {
    const Selection selection = document_.selection();
    if (selection.kind == Selection::Kind::none || selection.kind == Selection::Kind::wall) return;
    document_.select({});
    document_.edit_option(QStringLiteral("Delete %1").arg(QString::fromStdString(selection.id)), [&](Option& option) { remove_selected(option, selection); });
}

void Sheet::mousePressEvent(QMouseEvent* event) {
    pointer_ = event->position();
    setFocus();
    ++gesture_;
    if (event->button() == Qt::MiddleButton) {
        grip_ = {};
        grip_.what = Grip::What::pan;
        grip_.from = {pointer_.x(), pointer_.y()};
        grip_.view_origin = view_.origin;
        return;
    }
    if (event->button() != Qt::LeftButton) return;
    const Vec2 p = view_.to_model(pointer_);
    switch (tool_) {
        case Tool::select: {
            const auto grip = editable_ ? grip_at(pointer_) : std::nullopt;
            if (!grip || grip->what != Grip::What::corner) document_.select(pick(pointer_));
            grip_ = grip ? *grip : Grip{};
            break;
        }
        case Tool::rectangle:
            grip_ = {};
            grip_.what = Grip::What::rectangle;
            grip_.from = snap(p, {}).at;
            break;
        case Tool::outline: {
            const Vec2 at = snap(p, {}).at;
            if (outline_.size() >= 3 && length(at - outline_.front()) * view_.scale < 12) finish_outline();
            else if (outline_.empty() || length(at - outline_.back()) > 0.05) outline_.push_back(at);
            break;
        }
        case Tool::window:
            if (const auto spot = wall_near(pointer_, 24)) add_window(*spot);
            break;
        case Tool::observer: add_observer(p); break;
    }
    update();
}

void Sheet::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    if (grip_.what == Grip::What::pan) view_.origin = grip_.view_origin + pointer_ - QPointF(grip_.from.x, grip_.from.y);
    else if (grip_.what != Grip::What::none && grip_.what != Grip::What::rectangle) drag_to(pointer_);
    update();
}

void Sheet::mouseReleaseEvent(QMouseEvent* event) {
    pointer_ = event->position();
    const Grip grip = std::move(grip_);
    grip_ = {};
    if (grip.what == Grip::What::rectangle) {
        const Vec2 a = grip.from, b = snap(view_.to_model(pointer_), {}).at;
        if (std::fabs(a.x - b.x) > 0.3 && std::fabs(a.y - b.y) > 0.3)
            add_room({{std::min(a.x, b.x), std::min(a.y, b.y)}, {std::max(a.x, b.x), std::min(a.y, b.y)},
                      {std::max(a.x, b.x), std::max(a.y, b.y)}, {std::min(a.x, b.x), std::max(a.y, b.y)}});
    }
    update();
}

void Sheet::mouseDoubleClickEvent(QMouseEvent* event) {
    if (tool_ == Tool::outline) finish_outline();
    else mousePressEvent(event);
}

void Sheet::wheelEvent(QWheelEvent* event) {
    const double factor = std::pow(1.0015, event->angleDelta().y()), scale = std::clamp(view_.scale * factor, 2.0, 800.0);
    const QPointF at = event->position();
    view_.origin = at + (view_.origin - at) * (scale / view_.scale);
    view_.scale = scale;
    update();
}

void Sheet::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    update();
}

void Sheet::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        if (!outline_.empty() || grip_.what != Grip::What::none) {
            outline_.clear();
            grip_ = {};
        } else if (tool_ != Tool::select) {
            set_tool(Tool::select);
        } else {
            document_.select({});
        }
        return update();
    }
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return finish_outline();
    if (editable_ && (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace)) return delete_selection();
    QWidget::keyPressEvent(event);
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// What the pointer and the keys do on the sheet.
#include <QKeyEvent>
#include <QMouseEvent>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "geometry/walls.h"
#include "gui/entry/number_field.h"
#include "gui/sheet/sheet.h"
#include "gui/sheet/typed_entry.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

constexpr double kSnapPixels = 9, kCornerPixels = 8, kWallPixels = 7, kClickPixels = 4;

const char* thing_hint(Thing::Kind kind, bool begun) {
    switch (kind) {
        case Thing::Kind::tree:
            return "Click where the trunk stands";
        case Thing::Kind::stair:
        case Thing::Kind::ramp:
            return begun ? "Click its top, or type length and angle" : "Click the middle of its foot, then of its top";
        case Thing::Kind::fence:
            return begun ? "Click its other end, or type length and angle" : "Click one end of the fence";
        case Thing::Kind::terrain:
            return begun ? "Click the opposite corner"
                         : "Click or drag the sloped piece of ground; it rises upwards on the sheet until it is turned";
        default:
            return "Click to place one of the usual size, or drag its rectangle";
    }
}

}  // namespace

void Sheet::set_tool(Tool tool) {
    tool_ = tool;
    points_.clear();
    arc_ = false;
    arc_end_.reset();
    grip_ = {};
    entry_->hide();
    setCursor(tool == Tool::select ? Qt::ArrowCursor : Qt::CrossCursor);
    emit tool_changed(tool);
    say_hint();
    update();
}

bool Sheet::is_drawing() const {
    if (tool_ == Tool::profile) return true;
    return editable_ && tool_ != Tool::reading && tool_ != Tool::select && tool_ != Tool::window &&
           tool_ != Tool::door && tool_ != Tool::opening && tool_ != Tool::observer && tool_ != Tool::aim;
}

void Sheet::say_hint() {
    if (!editable_ && tool_ == Tool::select)
        return emit hint(
            reads_ ? QStringLiteral("Move over the map to read it, click to ask why, drag over it for a mean; wheel "
                                    "zooms, middle button pans")
                   : QStringLiteral("Click to select; move over the map to read it; wheel zooms, middle button pans"));
    const bool begun = !points_.empty();
    const auto text = [&]() -> const char* {
        switch (tool_) {
            case Tool::select:
                if (document_.selected().size() > 1)
                    return "Drag to move them all, with Ctrl to copy them; right click for what can be done with them";
                return document_.selection().kind == Kind::none ? "Click a room, wall or window; drag over empty paper "
                                                                  "to select many; drag a window along its wall"
                                                                : "Drag to move, with Ctrl to copy; click a figure to "
                                                                  "type over it; Delete removes it; Escape ends it";
            case Tool::rectangle:
                return begun ? "Click the opposite corner, or type width and depth"
                             : "Click or drag from one corner of the room to the other";
            case Tool::outline:
                if (arc_) return arc_end_ ? "Click a point that the arc goes through" : "Click the end of the arc";
                return begun ? "Click the next corner, or type length and angle; A for an arc; Enter or the first "
                               "corner closes; Escape leaves"
                             : "Click the first corner of the room";
            case Tool::window:
                return "Click a wall to place a window";
            case Tool::door:
                return "Click a wall to place a door";
            case Tool::opening:
                return "Click a wall to place an opening without glass";
            case Tool::observer:
                return "Click where the observer's eye is";
            case Tool::partition:
                return begun ? "Click its other end, or type length and angle" : "Click one end of the partition";
            case Tool::floor_void:
                return begun ? "Click the opposite corner, or type width and depth"
                             : "Click or drag the hole in this storey's floor";
            case Tool::rooflight:
                return "Click where the middle of the rooflight is";
            case Tool::split:
                return begun ? "Click where the new wall ends" : "Click where the new wall begins";
            case Tool::dimension:
                return points_.size() == 2 ? "Click where the dimension line stands"
                       : begun             ? "Click the other end"
                                           : "Click one end of what is to be dimensioned";
            case Tool::measure:
                return begun ? "Click further points for length, angle and area; Escape leaves"
                             : "Click the first point";
            case Tool::section:
                return begun ? "Click the other end: one looks to the left of the line"
                             : "Click where the section begins";
            case Tool::thing:
                return thing_hint(thing_kind_, begun);
            case Tool::block:
                return begun ? "Click the opposite corner, or type width and depth"
                             : "Click or drag the footprint of a neighbouring building";
            case Tool::area:
                return area_of_ == AreaOf::left_out   ? "Click or drag the part that the plane leaves out"
                       : area_of_ == AreaOf::lighting ? "Click or drag the part that this electric light is for"
                                                      : "Click or drag the part that the plane covers";
            case Tool::reading:
                return "Click a desk, a stair, the floor or a wall: the light there is told from now on; Escape leaves";
            case Tool::profile:
                return begun ? "Click the other end of the profile"
                             : "Drag a line across the rooms: the curve along it is drawn beside";
            case Tool::aim:
                return "Click what the observer looks at";
            case Tool::scale_underlay:
                return begun ? "Click the other end of the known distance"
                             : "Click one end of a distance that you know on the picture";
        }
        return "";
    };
    emit hint(QString::fromLatin1(text()));
}

geometry::Snap Sheet::snap(Vec2 p) const {
    const std::optional<Vec2> from = points_.empty() ? std::nullopt : std::optional(points_.back());
    return geometry::find_snap(document_.option(), document_.storey_index(), p, kSnapPixels / view_.scale, snaps_,
                               from);
}

std::optional<Sheet::WallSpot> Sheet::wall_near(QPointF at, double pixels) const {
    if (storey() == nullptr) return {};
    const Vec2 p = view_.to_model(at);
    double best = pixels / view_.scale;
    std::optional<WallSpot> out;
    for (const Room& room : storey()->rooms)
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            const Vec2 a = edge_begin(room, e), b = edge_end(room, e);
            // Of two rooms on one line the one is meant that the pointer is in.
            double d = geometry::distance_to_segment(p, a, b);
            if (geometry::contains(room.footprint, p)) d -= 1e-6;
            if (d >= best) continue;
            best = d;
            out = WallSpot{room.id, e, dot(p - a, normalized(b - a))};
        }
    return out;
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

Sheet::Grip Sheet::grip_at(QPointF at) const {
    Grip grip;
    grip.from = view_.to_model(at);
    grip.pressed = at;
    grip.before = document_.option();
    const Selection& selection = document_.selection();
    const Room* room = storey() != nullptr ? model::find(storey()->rooms, selection.id) : nullptr;
    if (room != nullptr && document_.selected().size() == 1 &&
        (selection.kind == Kind::room || selection.kind == Kind::wall))
        for (size_t i = 0; i < room->footprint.size(); ++i)
            if (length(room->footprint[i] - grip.from) * view_.scale < kCornerPixels) {
                grip.what = Grip::What::corner;
                grip.item = selection;
                grip.index = static_cast<int>(i);
                return grip;
            }
    const auto corners = handles();
    for (size_t i = 0; i < corners.size(); ++i)
        if (length(corners[i] - grip.from) * view_.scale < kCornerPixels) {
            grip.what = Grip::What::handle;
            grip.item = selection;
            grip.index = static_cast<int>(i);
            return grip;
        }
    const Selection under = pick(at);
    grip.item = under;
    const bool among = document_.is_selected(under);
    if (among && document_.selected().size() > 1)
        grip.what = Grip::What::items;
    else if (under.kind == Kind::opening)
        grip.what = Grip::What::opening;
    else if (under.kind == Kind::wall)
        grip.what = Grip::What::wall;
    // Rooms, voids and blocks move only once they are selected, so that a click beside a window never shifts a
    // building.
    else if (under.kind == Kind::room || under.kind == Kind::floor_void || under.kind == Kind::block)
        grip.what = among ? Grip::What::items : Grip::What::band;
    else if (under.kind != Kind::none)
        grip.what = Grip::What::items;
    else
        grip.what = Grip::What::band;
    return grip;
}

void Sheet::press_select(Qt::KeyboardModifiers modifiers) {
    if (!editable_ && reads_) {
        grip_ = {};
        grip_.what = Grip::What::mean;
        grip_.from = view_.to_model(pointer_);
        grip_.pressed = pointer_;
        return;
    }
    if (!editable_) return document_.select(pick(pointer_));
    grip_ = grip_at(pointer_);
    grip_.copies = modifiers.testFlag(Qt::ControlModifier);
    if (modifiers.testFlag(Qt::ShiftModifier)) {
        if (grip_.item.kind != Kind::none) {
            grip_.what = Grip::What::none;
            return document_.toggle(grip_.item);
        }
        return;  // a band that adds
    }
    const bool keep = grip_.what == Grip::What::corner || grip_.what == Grip::What::handle ||
                      (grip_.what == Grip::What::items && document_.is_selected(grip_.item));
    if (!keep) document_.select(grip_.item);
}

// What is there already is taken hold of; a new one comes where nothing is.
void Sheet::press_opening() {
    if (const Selection under = pick(pointer_); under.kind == Kind::opening) {
        document_.select(under);
        grip_ = grip_at(pointer_);
    } else if (const auto spot = wall_near(pointer_, 24)) {
        make_opening(*spot);
    }
}

void Sheet::mousePressEvent(QMouseEvent* event) {
    pointer_ = event->position();
    setFocus();
    entry_->hide();
    ++gesture_;
    if (event->button() == Qt::MiddleButton) {
        grip_ = {};
        grip_.what = Grip::What::pan;
        grip_.pressed = pointer_;
        grip_.view_origin = view_.origin;
        return;
    }
    if (event->button() == Qt::RightButton) {
        if (!points_.empty()) {
            points_.clear();
            arc_end_.reset();
        } else {
            const Selection under = pick(pointer_);
            if (!document_.is_selected(under)) document_.select(under);
            emit menu_wanted(event->globalPosition().toPoint());
        }
        return update();
    }
    if (event->button() != Qt::LeftButton || press_site()) return;
    const Vec2 p = view_.to_model(pointer_);
    if (tool_ == Tool::select) {
        for (const Figure& figure : figures_)
            if (figure.box.contains(pointer_)) return edit_figure(Figure(figure));
        press_select(event->modifiers());
    } else if (tool_ == Tool::window || tool_ == Tool::door || tool_ == Tool::opening) {
        press_opening();
    } else if (tool_ == Tool::observer) {
        make_observer(p);
    } else if (tool_ == Tool::aim) {
        make_aim(p);
    } else if (tool_ == Tool::reading) {
        emit reading_wanted(p);
    } else {
        if (is_box() && points_.empty()) {
            grip_ = {};
            grip_.what = Grip::What::rectangle;
            grip_.from = snap(p).at;
            grip_.pressed = pointer_;
        } else {
            add_point(snap(p).at);
        }
    }
    update();
}

void Sheet::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    if (grip_.what == Grip::What::none || grip_.what == Grip::What::mean || grip_.what == Grip::What::rectangle ||
        grip_.what == Grip::What::band)
        return QWidget::update();
    if (grip_.what == Grip::What::north)
        turn_north();
    else if (grip_.what == Grip::What::pan)
        view_.origin = grip_.view_origin + pointer_ - grip_.pressed;
    else if (grip_.what != Grip::What::none && grip_.what != Grip::What::rectangle && grip_.what != Grip::What::band &&
             editable_)
        drag_to(pointer_);
    update();
}

void Sheet::mouseReleaseEvent(QMouseEvent* event) {
    pointer_ = event->position();
    const Grip grip = std::move(grip_);
    grip_ = {};
    const double moved = std::hypot(pointer_.x() - grip.pressed.x(), pointer_.y() - grip.pressed.y());
    if (grip.what == Grip::What::mean) release_read(grip, moved);
    if (tool_ == Tool::profile && points_.size() == 1 &&
        length(view_.to_model(pointer_) - points_[0]) * view_.scale > 3 * kClickPixels)
        add_point(snap(view_.to_model(pointer_)).at);
    if (grip.what == Grip::What::rectangle) {
        points_ = {grip.from};
        // Dragged: the box is done. Clicked: the opposite corner comes by another click, or typed.
        if (moved > kClickPixels)
            add_point(snap(view_.to_model(pointer_)).at);
        else if (takes_one_click())
            finish_points();
        say_hint();
    }
    if (grip.what == Grip::What::band && moved > kClickPixels && editable_)
        select_band(grip.pressed, pointer_, event->modifiers().testFlag(Qt::ShiftModifier));
    update();
}

void Sheet::mouseDoubleClickEvent(QMouseEvent* event) {
    if (tool_ == Tool::outline || tool_ == Tool::measure) return finish_points();
    if (tool_ == Tool::select && editable_ && event->button() == Qt::LeftButton) {
        // A double click on a wall makes a new corner there.
        const auto wall = wall_near(event->position(), kWallPixels);
        if (wall && pick(event->position()).kind == Kind::wall) {
            edit_storey(QStringLiteral("New corner"), [&](Option&, Storey& s) {
                geometry::add_corner(*model::find(s.rooms, wall->room), wall->edge, std::round(wall->along * 20) / 20);
            });
            return document_.select({Kind::room, wall->room, -1});
        }
    }
    mousePressEvent(event);
}

void Sheet::wheelEvent(QWheelEvent* event) {
    const double factor = std::pow(1.0015, event->angleDelta().y()),
                 scale = std::clamp(view_.scale * factor, 1.0, 1500.0);
    const QPointF at = event->position();
    view_.origin = at + (view_.origin - at) * (scale / view_.scale);
    view_.scale = scale;
    update();
}

void Sheet::leaveEvent(QEvent*) {
    pointer_ = {-1, -1};
    QWidget::update();
}

void Sheet::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        if (!points_.empty() || grip_.what != Grip::What::none || arc_) {
            points_.clear();
            arc_ = false;
            arc_end_.reset();
            grip_ = {};
        } else if (tool_ != Tool::select) {
            set_tool(Tool::select);
        } else if (mean_area_) {
            mean_area_.reset();
        } else {
            document_.select({});
        }
        say_hint();
        return update();
    }
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return finish_points();
    if (event->key() == Qt::Key_Backspace && !points_.empty()) {
        points_.pop_back();
        say_hint();
        return update();
    }
    if (event->key() == Qt::Key_A && tool_ == Tool::outline && !points_.empty()) {
        arc_ = !arc_;
        arc_end_.reset();
        say_hint();
        return update();
    }
    if ((editable_ || (reads_ && document_.selection().kind == Kind::reading)) &&
        (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace))
        return delete_selection();
    const QString text = event->text();
    if (!points_.empty() && text.size() == 1 &&
        (text[0].isDigit() || text[0] == QLatin1Char('.') || text[0] == QLatin1Char('-')))
        return type_numbers(text);
    // Arrow keys nudge what is selected by a grid step, with Shift by a centimetre.
    const double step = event->modifiers().testFlag(Qt::ShiftModifier) ? 0.01 : snaps_.step;
    Vec2 by{};
    if (event->key() == Qt::Key_Left) by.x = -step;
    if (event->key() == Qt::Key_Right) by.x = step;
    if (event->key() == Qt::Key_Up) by.y = step;
    if (event->key() == Qt::Key_Down) by.y = -step;
    if (editable_ && tool_ == Tool::select && (by.x != 0 || by.y != 0) && document_.selection().kind != Kind::none) {
        const auto items = document_.selected();
        return document_.edit_option(QStringLiteral("Nudge"),
                                     [&](Option& o) { geometry::place_items(o, items, geometry::Placing::move(by)); });
    }
    QWidget::keyPressEvent(event);
}

void Sheet::type_numbers(const QString& first_digit) {
    const bool box = is_box();
    const bool known = tool_ == Tool::scale_underlay && points_.size() == 2;
    if (points_.empty() || (tool_ == Tool::scale_underlay && !known)) return;
    entry_->open(pointer_.x() < 0 ? rect().center() : pointer_.toPoint(),
                 known ? QStringLiteral("Known distance")
                 : box ? QStringLiteral("Width")
                       : QStringLiteral("Length"),
                 known ? QString()
                 : box ? QStringLiteral("Depth")
                       : QStringLiteral("Angle"),
                 box ? Unit::metre : Unit::degree, first_digit);
}

void Sheet::edit_figure(const Figure& figure) {
    auto* field = new NumberField(figure.value, Unit::metre, figure.commit, this);
    field->setObjectName(QStringLiteral("figure-entry"));
    field->setGeometry(figure.box.adjusted(-14, -4, 14, 4).toRect());
    field->show();
    field->setFocus();
    field->selectAll();
    // It goes once its figure is given, or another place is clicked.
    connect(field, &QLineEdit::editingFinished, field, [this, field] {
        field->deleteLater();
        setFocus();
    });
}

void Sheet::reveal(const Selection& item) {
    const size_t s = model::storey_of(document_.option(), item);
    if (s < document_.option().storeys.size()) document_.show_storey(s);
    const auto place = geometry::middle_of(document_.option(), {item});
    if (place && !QRectF(rect()).adjusted(30, 30, -30, -30).contains(view_.to_screen(*place))) {
        fit();
        // What stands far out is brought into the middle.
        if (!QRectF(rect()).adjusted(30, 30, -30, -30).contains(view_.to_screen(*place)))
            view_.origin += QPointF(rect().center()) - view_.to_screen(*place);
    }
    update();
}

}  // namespace wp::gui

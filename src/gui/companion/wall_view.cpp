// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/companion/wall_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "edit/edit.h"
#include "geometry/roof_shape.h"
#include "gui/desk/desktop.h"
#include "gui/look/look.h"
#include "report/language/words.h"
#include "report/plan.h"

namespace wp::gui {
using namespace model;
using Kind = Selection::Kind;

namespace {

constexpr double kEdgePixels = 6, kWallSnap = 7, kGrid = 0.05;

using report::metres;

}  // namespace

WallView::WallView(Document& document, QWidget* parent)
    : QWidget(parent), document_(document), flip_(new QToolButton(this)) {
    setObjectName(QStringLiteral("wall-view"));
    setAccessibleName(QObject::tr("Wall in elevation"));
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setMinimumSize(220, 160);
    flip_->setText(QObject::tr("Seen from inside"));
    flip_->setObjectName(QStringLiteral("wall-side"));
    flip_->setToolTip(QObject::tr("Inside the room, or the whole facade from outside"));
    flip_->move(space::small, space::small);
    connect(flip_, &QToolButton::clicked, this, [this] { show_wall(room_, edge_, !outside_); });
    connect(&document, &Document::selection_changed, this, &WallView::follow_selection);
    connect(&document, &Document::project_changed, this, &WallView::refresh);
}

void WallView::show_wall(const Id& room, int edge, bool outside) {
    room_ = room;
    edge_ = edge;
    outside_ = outside;
    flip_->setText(outside ? QObject::tr("Seen from outside") : QObject::tr("Seen from inside"));
    flip_->adjustSize();
    refresh();
}

void WallView::follow_selection() {
    const Selection& selection = document_.selection();
    if (selection.kind == Kind::wall) return show_wall(selection.id, selection.edge, outside_);
    Option copy = document_.option();
    if (selection.kind == Kind::opening)
        if (const auto at = find_opening(copy, selection.id)) {
            // An opening that is on the drawing already needs no other drawing.
            const bool shown = std::any_of(drawing_.openings.begin(), drawing_.openings.end(),
                                           [&](const auto& o) { return o.id == selection.id; });
            if (!shown) return show_wall(at.room->id, at.opening->edge, outside_);
        }
    if (selection.kind == Kind::room && selection.id != room_) return show_wall(selection.id, 0, outside_);
    update();
}

void WallView::refresh() {
    const auto place = find_room(document_.option(), room_);
    if (!place || edge_ >= static_cast<int>(place.room->footprint.size())) {
        room_.clear();
        const auto& storeys = document_.option().storeys;
        if (document_.storey_index() < storeys.size() && !storeys[document_.storey_index()].rooms.empty()) {
            room_ = storeys[document_.storey_index()].rooms[0].id;
            edge_ = 0;
        }
    }
    const auto again = find_room(document_.option(), room_);
    drawing_ = again ? geometry::wall_elevation(document_.option(),
                                                static_cast<size_t>(again.storey - document_.option().storeys.data()),
                                                room_, edge_, outside_)
                     : geometry::Elevation{};
    update();
}

QPointF WallView::to_screen(Vec2 p) const { return {origin_.x() + p.x * scale_, origin_.y() - p.y * scale_}; }
Vec2 WallView::to_model(QPointF p) const { return {(p.x() - origin_.x()) / scale_, (origin_.y() - p.y()) / scale_}; }

void WallView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), ink().paper);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    if (drawing_.walls.empty()) {
        painter.setPen(ink().faint);
        painter.drawText(rect(), Qt::AlignCenter | Qt::TextWordWrap,
                         QObject::tr("Select a wall, a room or a window to see its wall straight on."));
        return;
    }
    const QRectF area = QRectF(rect()).adjusted(46, 40, -24, -40);
    const double w = drawing_.high.x - drawing_.low.x, h = drawing_.high.y - drawing_.low.y;
    if (!grip_.active) {
        scale_ = std::min(area.width() / std::max(0.5, w), area.height() / std::max(0.5, h));
        origin_ = area.center() - QPointF((drawing_.low.x + w / 2) * scale_, -(drawing_.low.y + h / 2) * scale_);
    }
    for (const auto& wall : drawing_.walls) {
        QPolygonF shape;
        for (const Vec2 p : wall) shape << to_screen(p);
        painter.setPen(QPen(ink().ink, 1.4));
        painter.setBrush(outside_ ? ink().ground : ink().room);
        const auto of = find_room(document_.option(), room_);
        if (of) {
            const Finish finish = outside_ ? finish_of(document_.project(), document_.option(), Part::facade, {})
                                           : room_finish(document_.project(), document_.option(), *of.room, edge_);
            if (const QColor c = tint_of(outside_ ? Part::facade : Part::wall, finish); c.isValid())
                painter.setBrush(c);
        }
        painter.drawPolygon(shape);
    }
    painter.setPen(QPen(ink().faint, 1, Qt::DashLine));
    for (const double level : drawing_.levels) {
        const QPointF at = to_screen({drawing_.low.x, level});
        painter.drawLine(QPointF(8, at.y()), QPointF(width() - 8, at.y()));
        painter.drawText(QPointF(8, at.y() - 3),
                         QStringLiteral("%1%2").arg(level >= 0 ? QStringLiteral("+") : QString()).arg(metres(level)));
    }
    if (tint_ == report::TintBy::nothing) draw_map(painter);
    for (const auto& o : drawing_.openings) draw_opening(painter, o);
    for (const auto& o : drawing_.openings) draw_shading(painter, o);
    painter.setPen(QPen(ink().accent, 1, Qt::DashLine));
    for (const auto& [a, b] : guides_) painter.drawLine(to_screen(a), to_screen(b));
    draw_figures(painter);
    draw_tilt_handle(painter);
    if (tint_ == report::TintBy::nothing) draw_value(painter);
}

void WallView::draw_opening(QPainter& painter, const geometry::ElevationOpening& o) const {
    const bool chosen = document_.is_selected({Kind::opening, o.id, -1});
    const QRectF box(to_screen({o.low.x, o.high.y}), to_screen({o.high.x, o.low.y}));
    painter.setPen(
        QPen(chosen ? ink().accent : ink().ink, chosen ? 2.2 : 1.2, o.from_behind ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(o.opening->kind == Opening::Kind::window
                         ? QBrush(QColor(ink().glass.red(), ink().glass.green(), ink().glass.blue(), 90))
                     : o.opening->kind == Opening::Kind::opening_void ? QBrush(ink().paper)
                                                                      : QBrush(ink().ground));
    if (o.opening->kind != Opening::Kind::opening_void) {
        const Part part = o.opening->kind == Opening::Kind::window ? Part::glazing : Part::door;
        if (const QColor c =
                tint_of(part, finish_of(document_.project(), document_.option(), part, o.opening->glazing));
            c.isValid())
            painter.setBrush(c);
    }
    painter.drawRect(box);
    if (o.opening->kind == Opening::Kind::window || o.opening->kind == Opening::Kind::door) {
        const double frame = o.opening->frame * scale_;
        painter.setPen(QPen(chosen ? ink().accent : ink().ink, std::clamp(frame * 0.5, 0.8, 3.0)));
        painter.setBrush(Qt::NoBrush);
        for (int i = 1; i < o.opening->columns; ++i)
            painter.drawLine(QPointF(box.left() + box.width() * i / o.opening->columns, box.top()),
                             QPointF(box.left() + box.width() * i / o.opening->columns, box.bottom()));
        for (int i = 1; i < o.opening->rows; ++i)
            painter.drawLine(QPointF(box.left(), box.top() + box.height() * i / o.opening->rows),
                             QPointF(box.right(), box.top() + box.height() * i / o.opening->rows));
        if (frame > 2 && o.opening->kind == Opening::Kind::window) {
            painter.setPen(QPen(chosen ? ink().accent : ink().faint, 1));
            painter.drawRect(box.adjusted(frame, frame, -frame, -frame));
        }
    }
    painter.setPen(chosen ? ink().accent : ink().ink);
    if (box.width() <= 30 || box.height() <= 18) return;
    const QString name = painter.fontMetrics().elidedText(QString::fromStdString(o.opening->name), Qt::ElideRight,
                                                          static_cast<int>(box.width()) - 4);
    const QRectF plate(box.center().x() - painter.fontMetrics().horizontalAdvance(name) / 2.0 - 3, box.center().y() - 8,
                       painter.fontMetrics().horizontalAdvance(name) + 6, 16);
    QColor paper = ink().paper;
    paper.setAlpha(225);
    painter.fillRect(plate, paper);
    painter.drawText(plate, Qt::AlignCenter, name);
}

void WallView::draw_figures(QPainter& painter) const {
    if (document_.selected().size() > 1) return;  // figures of many would hide each other
    for (const auto& o : drawing_.openings) {
        if (!document_.is_selected({Kind::opening, o.id, -1})) continue;
        report::PlanView view;
        view.scale = scale_;
        view.origin = origin_;
        painter.setPen(QPen(ink().accent, 1));
        const double floor =
            drawing_.levels.empty()
                ? 0
                : *std::max_element(drawing_.levels.begin(), drawing_.levels.end(), [&](double a, double b) {
                      return (a > o.low.y + 1e-6 ? -1e9 : a) < (b > o.low.y + 1e-6 ? -1e9 : b);
                  });
        report::draw_dimension(painter, view, ink(), {o.low.x, o.high.y}, {o.high.x, o.high.y}, {0, 1}, 12,
                               metres(o.high.x - o.low.x));
        report::draw_dimension(painter, view, ink(), {o.high.x, o.low.y}, {o.high.x, o.high.y}, {1, 0}, 14,
                               metres(o.high.y - o.low.y));
        if (o.low.y > floor + 0.05)
            report::draw_dimension(painter, view, ink(), {o.low.x, floor}, {o.low.x, o.low.y}, {-1, 0}, 14,
                                   metres(o.low.y - floor));
    }
}

const geometry::ElevationOpening* WallView::opening_at(QPointF p, int& side_x, int& side_y) const {
    for (auto it = drawing_.openings.rbegin(); it != drawing_.openings.rend(); ++it) {
        const QRectF box(to_screen({it->low.x, it->high.y}), to_screen({it->high.x, it->low.y}));
        if (!box.adjusted(-kEdgePixels, -kEdgePixels, kEdgePixels, kEdgePixels).contains(p)) continue;
        side_x = std::fabs(p.x() - box.left()) < kEdgePixels    ? -1
                 : std::fabs(p.x() - box.right()) < kEdgePixels ? 1
                                                                : 0;
        side_y = std::fabs(p.y() - box.bottom()) < kEdgePixels ? -1
                 : std::fabs(p.y() - box.top()) < kEdgePixels  ? 1
                                                               : 0;
        return &*it;
    }
    return nullptr;
}

// To another opening's line, else to the grid.
double WallView::snapped(double value, bool horizontal, const Id& moving) {
    double best = kWallSnap / scale_, out = std::round(value / kGrid) * kGrid;
    if (!horizontal) out = drawing_.floor + std::round((value - drawing_.floor) / kGrid) * kGrid;
    std::optional<std::pair<Vec2, Vec2>> guide;
    for (const auto& o : drawing_.openings) {
        if (o.id == moving) continue;
        for (const double line : horizontal ? std::array{o.low.x, o.high.x} : std::array{o.low.y, o.high.y})
            if (std::fabs(line - value) < best) {
                best = std::fabs(line - value);
                out = line;
                guide = horizontal ? std::pair{Vec2{line, drawing_.low.y}, Vec2{line, drawing_.high.y}}
                                   : std::pair{Vec2{drawing_.low.x, line}, Vec2{drawing_.high.x, line}};
            }
    }
    if (guide) guides_.push_back(*guide);
    return out;
}

void WallView::drag_to(Vec2 p) {
    guides_.clear();
    Option after = grip_.before;
    const auto at = find_opening(after, grip_.opening);
    const auto shown = std::find_if(drawing_.openings.begin(), drawing_.openings.end(),
                                    [&](const auto& o) { return o.id == grip_.opening; });
    if (!at || shown == drawing_.openings.end()) return;
    Opening& o = *at.opening;
    // The opening as it was, in the drawing's own coordinates.
    const Vec2 a = edge_begin(*at.room, o.edge), d = normalized(edge_end(*at.room, o.edge) - a);
    const double x_begin = dot(a - drawing_.origin, drawing_.right), sign = dot(d, drawing_.right) > 0 ? 1 : -1;
    double x0 = x_begin + sign * o.along, x1 = x_begin + sign * (o.along + o.width);
    if (x0 > x1) std::swap(x0, x1);
    const double level = at.storey->level;
    double z0 = level + o.sill, z1 = z0 + o.height;
    const Vec2 by = p - grip_.from;
    if (grip_.side_x == 0 && grip_.side_y == 0) {
        const double w = x1 - x0, h = z1 - z0, left = snapped(x0 + by.x, true, o.id),
                     low = snapped(z0 + by.y, false, o.id);
        x0 = left;
        x1 = left + w;
        z0 = std::max(level, low);
        z1 = z0 + h;
    }
    if (grip_.side_x < 0) x0 = std::min(snapped(x0 + by.x, true, o.id), x1 - 0.1);
    if (grip_.side_x > 0) x1 = std::max(snapped(x1 + by.x, true, o.id), x0 + 0.1);
    if (grip_.side_y < 0) z0 = std::clamp(snapped(z0 + by.y, false, o.id), level, z1 - 0.1);
    if (grip_.side_y > 0) z1 = std::max(snapped(z1 + by.y, false, o.id), z0 + 0.1);
    o.width = x1 - x0;
    o.along = sign > 0 ? x0 - x_begin : x_begin - x1;
    o.sill = z0 - level;
    o.height = z1 - z0;
    geometry::keep_in_wall(after, *at.storey, *at.room, o);
    document_.edit_option(
        QObject::tr("Move %1").arg(QString::fromStdString(o.name)), [&](Option& option) { option = after; },
        QObject::tr("wall drag %1").arg(gesture_));
}

void WallView::mousePressEvent(QMouseEvent* event) {
    setFocus();
    if (event->button() != Qt::LeftButton) return;
    if (const auto handle = tilt_handle(); handle && QLineF(*handle, event->position()).length() < 20) {
        ++gesture_;
        grip_ = {document_.selection().id, 0, 0, {}, document_.option(), true, true};
        return drag_tilt(event->position());
    }
    int x = 0, y = 0;
    const auto* hit = opening_at(event->position(), x, y);
    if (hit == nullptr) return document_.select({});
    Id id = hit->id;
    if (event->modifiers().testFlag(Qt::ControlModifier)) {  // a copy comes along instead
        edit::Items made;
        document_.edit_option(QObject::tr("Copy %1").arg(QString::fromStdString(hit->opening->name)), [&](Option& o) {
            made = edit::copy_items(o, {{Kind::opening, id, -1}}, document_.storey_index(), {});
        });
        if (made.size() == 1) id = made[0].id;
    }
    if (event->modifiers().testFlag(Qt::ShiftModifier)) return document_.toggle({Kind::opening, id, -1});
    document_.select({Kind::opening, id, -1});
    ++gesture_;
    grip_ = {id, x, y, to_model(event->position()), document_.option(), true, false};
}

void WallView::mouseMoveEvent(QMouseEvent* event) {
    pointer_ = event->position();
    if (!layers_here().empty() && !grip_.active) update();
    if (grip_.active && grip_.tilts) return drag_tilt(event->position());
    if (grip_.active) return drag_to(to_model(event->position()));
    int x = 0, y = 0;
    const bool hit = opening_at(event->position(), x, y) != nullptr;
    setCursor(!hit               ? Qt::ArrowCursor
              : x != 0 && y == 0 ? Qt::SizeHorCursor
              : x == 0 && y != 0 ? Qt::SizeVerCursor
              : x != 0           ? Qt::CrossCursor
                                 : Qt::SizeAllCursor);
    emit hint(hit ? QObject::tr("Drag to move the opening on its wall, with Ctrl to copy it, its edges to size it; "
                                "it snaps to the others")
                  : QObject::tr("Double-click the wall to place a window; Delete removes what is selected"));
}

void WallView::mouseReleaseEvent(QMouseEvent*) {
    grip_.active = false;
    guides_.clear();
    update();
}

void WallView::mouseDoubleClickEvent(QMouseEvent* event) {
    int x = 0, y = 0;
    if (opening_at(event->position(), x, y) != nullptr) return;
    const Vec2 p = to_model(event->position());
    if (outside_) return emit hint(QObject::tr("Place windows from inside, where their room is certain"));
    Selection made;
    document_.edit_option(QObject::tr("Place window"), [&](Option& option) {
        const auto at = find_room(option, room_);
        if (!at) return;
        Opening o;
        o.id = o.name = fresh_id(option, "W");
        o.edge = edge_;
        o.width = 1.2;
        o.height = 1.2;
        o.blind = document_.blinds_wanted();
        for (const Opening& other : at.room->openings)
            if (other.kind == Opening::Kind::window) {
                const Id id = o.id;
                o = other;
                o.id = o.name = id;
                o.edge = edge_;
                o.extra.clear();
            }
        const double way = (p.x - drawing_.wall_begin) * drawing_.wall_sign;
        o.along = std::round((way - o.width / 2) / kGrid) * kGrid;
        o.sill = std::max(0.0, std::round((p.y - at.storey->level - o.height / 2) / kGrid) * kGrid);
        geometry::keep_in_wall(option, *at.storey, *at.room, o);
        at.room->openings.push_back(o);
        made = {Kind::opening, o.id, -1};
    });
    if (made.kind != Kind::none) document_.select(made);
}

void WallView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Delete || event->key() == Qt::Key_Backspace) {
        const auto items = document_.selected();
        if (items.empty()) return;
        document_.edit_option(
            QObject::tr("Delete %1").arg(language::words(edit::item_name(document_.option(), items[0]))),
            [&](Option& o) { edit::remove_items(o, items); });
        return document_.select({});
    }
    if (event->key() == Qt::Key_Escape) return document_.select({});
    QWidget::keyPressEvent(event);
}

Page wall_companion(Desktop& desktop) {
    auto* view = new WallView(desktop.document(), desktop.window());
    QObject::connect(&desktop, &Desktop::map_shown, view, &WallView::show_map);
    QObject::connect(view, &WallView::hint, &desktop, &Desktop::say);
    return {QObject::tr("Wall"), QObject::tr("The selected wall straight on: a working view"),
            on_desk(DeskKind::build) | on_desk(DeskKind::light), view};
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// What the tools show on the sheet: figures that can be typed over, snaps, points, ghosts, faults.
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "gui/entry/number_field.h"
#include "gui/look/look.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {
using namespace model;

namespace {

QString metres(double v) { return QString::number(v, 'f', 2); }

double turned(Vec2 d) { return std::fmod(degrees(std::atan2(d.y, d.x)) + 360, 360.0); }

}  // namespace

void Sheet::figure(QPainter& painter, Vec2 a, Vec2 b, Vec2 away, double value, std::function<void(double)> commit) {
    if (length(b - a) * view_.scale < 14) return;
    const QRectF box = report::draw_dimension(painter, view_, ink(), a, b, away, 22, metres(value));
    if (editable_ && commit) figures_.push_back({box, value, std::move(commit)});
}

// The inner length of a wall; typing over it moves the wall at its far end.
void Sheet::draw_wall_figure(QPainter& painter, const Room& room, const std::vector<double>& inner, int edge) {
    const Vec2 a = edge_begin(room, edge), b = edge_end(room, edge), d = normalized(b - a);
    const double shown = inner[static_cast<size_t>(edge)];
    figure(painter, a, b, {-d.y, d.x}, shown, [this, id = room.id, edge, shown](double v) {
        document_.edit_option(QStringLiteral("Wall length"), [&](Option& o) {
            geometry::stretch_wall(o, document_.storey_index(), id, edge, v - shown);
        });
    });
}

void Sheet::draw_figures(QPainter& painter) {
    figures_.clear();
    const Selection& selection = document_.selection();
    if (!editable_ || storey() == nullptr) return;
    painter.setPen(QPen(ink().accent, 1));
    painter.setBrush(ink().paper);
    for (const Vec2 p : handles()) painter.drawRect(QRectF(view_.to_screen(p) - QPointF(4, 4), QSizeF(8, 8)));
    if (model::storey_of(document_.option(), selection) != document_.storey_index()) return;
    QFont font = painter.font();
    font.setPixelSize(type::small);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.setPen(QPen(ink().accent, 1));
    const auto* room = model::find(storey()->rooms, selection.id);
    if (room != nullptr && (selection.kind == Selection::Kind::room || selection.kind == Selection::Kind::wall)) {
        const auto face = geometry::inner_face(document_.option(), *storey(), *room);
        std::vector<double> inner(room->footprint.size(), 0.0);
        for (size_t i = 0; i < face.ring.size(); ++i)
            if (face.edge[i] >= 0)
                inner[static_cast<size_t>(face.edge[i])] +=
                    length(face.ring[(i + 1) % face.ring.size()] - face.ring[i]);
        for (int e = 0; e < static_cast<int>(room->footprint.size()); ++e) {
            if (selection.kind == Selection::Kind::wall && e != selection.edge) continue;
            if (selection.kind == Selection::Kind::wall) {
                painter.setPen(QPen(ink().accent, 4));
                painter.drawLine(view_.to_screen(edge_begin(*room, e)), view_.to_screen(edge_end(*room, e)));
                painter.setPen(QPen(ink().accent, 1));
            }
            draw_wall_figure(painter, *room, inner, e);
        }
        if (document_.selected().size() > 1) return;
        for (const Vec2 p : room->footprint) {
            painter.setBrush(ink().paper);
            painter.drawRect(QRectF(view_.to_screen(p) - QPointF(4, 4), QSizeF(8, 8)));
        }
    }
    Option& option = const_cast<Option&>(document_.option());
    if (selection.kind == Selection::Kind::opening) {
        const auto place = find_opening(option, selection.id);
        const Vec2 a = edge_begin(*place.room, place.opening->edge), b = edge_end(*place.room, place.opening->edge),
                   d = normalized(b - a);
        const Vec2 p = a + d * place.opening->along, q = p + d * place.opening->width, in{-d.y, d.x};
        const auto change = [this, id = selection.id](auto set) {
            return [this, id, set](double v) {
                document_.edit_option(QStringLiteral("Place of %1").arg(QString::fromStdString(id)), [&](Option& o) {
                    const auto at = find_opening(o, id);
                    set(*at.room, *at.opening, v);
                    geometry::keep_in_wall(o, *at.storey, *at.room, *at.opening);
                });
            };
        };
        figure(painter, p, q, in, length(q - p), change([](const Room&, Opening& o, double v) { o.width = v; }));
        figure(painter, a, p, in, length(p - a), change([](const Room&, Opening& o, double v) { o.along = v; }));
        figure(painter, q, b, in, length(b - q),
               change([](const Room& r, Opening& o, double v) { o.along = edge_length(r, o.edge) - o.width - v; }));
    }
    if (selection.kind == Selection::Kind::partition) {
        const Partition& wall = *model::find(storey()->partitions, selection.id);
        const Vec2 d = normalized(wall.to - wall.from);
        figure(painter, wall.from, wall.to, {-d.y, d.x}, length(wall.to - wall.from),
               [this, id = selection.id, d](double v) {
                   edit_storey(QStringLiteral("Length of partition"), [&](Option&, Storey& s) {
                       Partition& p = *model::find(s.partitions, id);
                       if (v > 0.05) p.to = p.from + d * v;
                   });
               });
    }
}

void Sheet::draw_faults(QPainter& painter) const {
    if (!editable_) return;
    for (const Vec2 p : faults_) {
        const QPointF at = view_.to_screen(p);
        painter.setPen(QPen(ink().accent, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(at, 11, 11);
        painter.drawLine(at + QPointF(0, -6), at + QPointF(0, 2));
        painter.drawPoint(at + QPointF(0, 6));
    }
}

void Sheet::draw_snap(QPainter& painter) const {
    const geometry::Snap s = snap(view_.to_model(pointer_));
    const QPointF at = view_.to_screen(s.at);
    painter.setPen(QPen(ink().accent, 1, Qt::DashLine));
    for (const auto& [a, b] : s.guides) {
        const QPointF p = view_.to_screen(a), q = view_.to_screen(b), d = q - p;
        const double l = std::hypot(d.x(), d.y());
        painter.drawLine(p, l > 1 ? q + d * (12 / l) : q);
    }
    painter.setPen(QPen(ink().accent, 1.6));
    painter.setBrush(Qt::NoBrush);
    using Kind = geometry::Snap::Kind;
    switch (s.kind) {
        case Kind::end:
        case Kind::storey:
            painter.drawRect(QRectF(at - QPointF(5, 5), QSizeF(10, 10)));
            break;
        case Kind::middle:
            painter.drawPolygon(QPolygonF{at + QPointF(0, -6), at + QPointF(6, 5), at + QPointF(-6, 5)});
            break;
        case Kind::wall:
            painter.drawEllipse(at, 5, 5);
            break;
        case Kind::perpendicular:
            painter.drawPolyline(QPolygonF{at + QPointF(-6, -6), at + QPointF(-6, 6), at + QPointF(6, 6)});
            break;
        default:
            painter.drawLine(at - QPointF(6, 0), at + QPointF(6, 0));
            painter.drawLine(at - QPointF(0, 6), at + QPointF(0, 6));
    }
    const QString name = QString::fromLatin1(geometry::snap_name(s.kind));
    if (name.isEmpty()) return;
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    const QRectF box(at.x() + 10, at.y() + 8, painter.fontMetrics().horizontalAdvance(name) + 8, 16);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().paper);
    painter.drawRect(box);
    painter.setPen(ink().accent);
    painter.drawText(box, Qt::AlignCenter, name);
}

void Sheet::draw_points(QPainter& painter) const {
    const Vec2 here = snap(view_.to_model(pointer_)).at;
    painter.setPen(QPen(ink().accent, 1.6));
    painter.setBrush(Qt::NoBrush);
    const bool box = grip_.what == Grip::What::rectangle || (is_box() && points_.size() == 1);
    if (box) {
        const Vec2 a = grip_.what == Grip::What::rectangle ? grip_.from : points_[0];
        painter.drawRect(QRectF(view_.to_screen(a), view_.to_screen(here)).normalized());
        const double low_x = std::min(a.x, here.x), high_x = std::max(a.x, here.x), low_y = std::min(a.y, here.y),
                     high_y = std::max(a.y, here.y);
        painter.setPen(QPen(ink().accent, 1));
        report::draw_dimension(painter, view_, ink(), {low_x, high_y}, {high_x, high_y}, {0, 1}, 18,
                               metres(high_x - low_x));
        report::draw_dimension(painter, view_, ink(), {low_x, low_y}, {low_x, high_y}, {-1, 0}, 18,
                               metres(high_y - low_y));
        return;
    }
    if (points_.empty()) return;
    QPolygonF line;
    for (const Vec2 p : points_) line << view_.to_screen(p);
    if (arc_ && arc_end_)
        for (const Vec2 p : geometry::arc_points(points_.back(), *arc_end_, here)) line << view_.to_screen(p);
    else if (tool_ != Tool::dimension || points_.size() < 2)
        line << view_.to_screen(here);
    painter.drawPolyline(line);
    painter.setPen(QPen(ink().accent, 1));
    if (tool_ == Tool::dimension && points_.size() == 2) {
        const Vec2 d = normalized(points_[1] - points_[0]), left{-d.y, d.x};
        const double off = dot(here - points_[0], left);
        report::draw_dimension(painter, view_, ink(), points_[0], points_[1], off < 0 ? left * -1.0 : left,
                               std::fabs(off) * view_.scale, metres(length(points_[1] - points_[0])));
        return;
    }
    const Vec2 d = here - points_.back();
    if (length(d) < 1e-6) return;
    QString text = metres(length(d));
    if (tool_ != Tool::measure) text += QStringLiteral("   %1\u00b0").arg(turned(d), 0, 'f', 0);
    if (tool_ == Tool::measure) {
        double sum = length(d);
        for (size_t i = 0; i + 1 < points_.size(); ++i) sum += length(points_[i + 1] - points_[i]);
        auto ring = points_;
        ring.push_back(here);
        text += QStringLiteral(" m");
        if (points_.size() > 1) {
            const Vec2 before = points_[points_.size() - 2] - points_.back();
            const double angle =
                degrees(std::acos(std::clamp(dot(before, d) / (length(before) * length(d)), -1.0, 1.0)));
            text += QStringLiteral("   all %1 m   %2\u00b0   %3 m\u00b2")
                        .arg(metres(sum))
                        .arg(angle, 0, 'f', 1)
                        .arg(std::fabs(geometry::signed_area(ring)), 0, 'f', 2);
        }
    }
    const Vec2 unit = normalized(d);
    report::draw_dimension(painter, view_, ink(), points_.back(), here, {-unit.y, unit.x}, 18, text);
}

void Sheet::draw_ghost_opening(QPainter& painter) const {
    const auto spot = wall_near(pointer_, 24);
    if (!spot) return;
    const Room& room = *find_room(document_.option(), spot->room).room;
    const double width = tool_ == Tool::door ? 0.9 : 1.2;
    const Vec2 a = edge_begin(room, spot->edge), d = normalized(edge_end(room, spot->edge) - a), out{d.y, -d.x};
    const double depth = document_.option().outer_wall;
    const Vec2 p = a + d * (spot->along - width / 2), q = p + d * width;
    painter.setPen(QPen(ink().accent, 2, Qt::DashLine));
    QPolygonF box;
    for (const Vec2 c : {p, q, q + out * depth, p + out * depth}) box << view_.to_screen(c);
    painter.drawPolygon(box);
}

void Sheet::draw_tools(QPainter& painter) const {
    painter.setPen(QPen(ink().accent, 1.6));
    painter.setBrush(Qt::NoBrush);
    if (section_ && tool_ != Tool::section) {
        const auto [a, b] = *section_;
        const Vec2 d = normalized(b - a), left{-d.y, d.x};
        painter.setPen(QPen(ink().faint, 1.2, Qt::DashDotLine));
        painter.drawLine(view_.to_screen(a), view_.to_screen(b));
        for (const Vec2 end : {a, b}) {  // arrows the way one looks
            const QPointF p = view_.to_screen(end), tip = p + QPointF(left.x, -left.y) * 14;
            painter.drawLine(p, tip);
        }
    }
    if (grip_.what == Grip::What::band) {
        QColor wash = ink().accent;
        wash.setAlpha(28);
        painter.setPen(QPen(ink().accent, 1, Qt::DashLine));
        painter.setBrush(wash);
        painter.drawRect(QRectF(grip_.pressed, pointer_).normalized());
        painter.setBrush(Qt::NoBrush);
    }
    const bool on_walls = tool_ == Tool::window || tool_ == Tool::door || tool_ == Tool::opening;
    if (on_walls && editable_) draw_ghost_opening(painter);
    if (!is_drawing() || pointer_.x() < 0) return;
    draw_points(painter);
    draw_snap(painter);
}

}  // namespace wp::gui

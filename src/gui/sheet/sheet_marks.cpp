// SPDX-License-Identifier: GPL-3.0-or-later
// What stands on the drawing for editing: figures that can be typed over, the section, faults.
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "gui/entry/number_field.h"
#include "gui/look/look.h"
#include "gui/sheet/sheet.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

using report::metres;

}  // namespace

void Sheet::figure(QPainter& painter, Vec2 a, Vec2 b, Vec2 away, double value, std::function<void(double)> commit) {
    if (length(b - a) * view_.scale < 14) return;
    const QRectF box = report::draw_dimension(painter, view_, ink(), a, b, away, 22, metres(value));
    if (is_drawn_on() && commit) figures_.push_back({box, value, std::move(commit)});
}

// The inner length of a wall; typing over it moves the wall at its far end.
void Sheet::draw_wall_figure(QPainter& painter, const Room& room, const std::vector<double>& inner, int edge) {
    const Vec2 a = edge_begin(room, edge), b = edge_end(room, edge), d = normalized(b - a);
    const double shown = inner[static_cast<size_t>(edge)];
    figure(painter, a, b, {-d.y, d.x}, shown, [this, id = room.id, edge, shown](double v) {
        document_.edit_option(QObject::tr("Wall length"),
                              [&](Option& o) { edit::stretch_wall(o, document_.storey_index(), id, edge, v - shown); });
    });
}

void Sheet::draw_figures(QPainter& painter) {
    figures_.clear();
    const Selection& selection = document_.selection();
    if (!is_drawn_on() || storey() == nullptr ||
        edit::storey_of(document_.option(), selection) != document_.storey_index())
        return;
    QFont font = painter.font();
    font.setPixelSize(type::small);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.setPen(QPen(ink().accent, 1));
    const auto* room = model::find(storey()->rooms, selection.id);
    if (room != nullptr && (selection.kind == Selection::Kind::room || selection.kind == Selection::Kind::wall))
        draw_room_figures(painter, *room);
    if (selection.kind == Selection::Kind::opening) draw_opening_figures(painter, selection.id);
    if (selection.kind == Selection::Kind::partition)
        draw_partition_figure(painter, *model::find(storey()->partitions, selection.id));
}

// Of all its walls, or of the one that is selected.
void Sheet::draw_room_figures(QPainter& painter, const Room& room) {
    const Selection& selection = document_.selection();
    const bool wall = selection.kind == Selection::Kind::wall;
    const auto face = geometry::inner_face(document_.option(), *storey(), room);
    std::vector<double> inner(room.footprint.size(), 0.0);
    for (size_t i = 0; i < face.ring.size(); ++i)
        if (face.edge[i] >= 0)
            inner[static_cast<size_t>(face.edge[i])] += length(face.ring[(i + 1) % face.ring.size()] - face.ring[i]);
    for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
        if (wall && e != selection.edge) continue;
        if (wall) {
            painter.setPen(QPen(ink().accent, 4));
            painter.drawLine(view_.to_screen(edge_begin(room, e)), view_.to_screen(edge_end(room, e)));
            painter.setPen(QPen(ink().accent, 1));
        }
        draw_wall_figure(painter, room, inner, e);
    }
    if (document_.selected().size() > 1) return;
    painter.setBrush(ink().paper);
    for (const Vec2 p : room.footprint) painter.drawRect(QRectF(view_.to_screen(p) - QPointF(4, 4), QSizeF(8, 8)));
}

void Sheet::draw_opening_figures(QPainter& painter, const Id& id) {
    Option& option = const_cast<Option&>(document_.option());  // the look-up comes in one kind
    const auto place = find_opening(option, id);
    const Vec2 a = edge_begin(*place.room, place.opening->edge), b = edge_end(*place.room, place.opening->edge),
               d = normalized(b - a);
    const Vec2 p = a + d * place.opening->along, q = p + d * place.opening->width, in{-d.y, d.x};
    const auto change = [this, id](auto set) {
        return [this, id, set](double v) {
            document_.edit_option(QObject::tr("Place of %1").arg(QString::fromStdString(id)), [&](Option& o) {
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

void Sheet::draw_partition_figure(QPainter& painter, const Partition& wall) {
    const Vec2 d = normalized(wall.to - wall.from);
    figure(painter, wall.from, wall.to, {-d.y, d.x}, length(wall.to - wall.from), [this, id = wall.id, d](double v) {
        document_.edit_storey(QObject::tr("Length of partition"), [&](Option&, Storey& s) {
            Partition& p = *model::find(s.partitions, id);
            if (v > 0.05) p.to = p.from + d * v;
        });
    });
}

// With arrows the way one looks.
void Sheet::draw_section_line(QPainter& painter) const {
    const auto [a, b] = *section_;
    const Vec2 d = normalized(b - a), left{-d.y, d.x};
    painter.setPen(QPen(ink().faint, 1.2, Qt::DashDotLine));
    painter.drawLine(view_.to_screen(a), view_.to_screen(b));
    for (const Vec2 end : {a, b}) {
        const QPointF p = view_.to_screen(end);
        painter.drawLine(p, p + QPointF(left.x, -left.y) * 14);
    }
}

void Sheet::draw_faults(QPainter& painter) const {
    if (!is_drawn_on()) return;
    for (const Vec2 p : faults_) {
        const QPointF at = view_.to_screen(p);
        painter.setPen(QPen(ink().accent, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(at, 11, 11);
        painter.drawLine(at + QPointF(0, -6), at + QPointF(0, 2));
        painter.drawPoint(at + QPointF(0, 6));
    }
}

}  // namespace wp::gui

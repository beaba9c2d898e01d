// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/snap_mark.h"

#include <cmath>

#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {

void paint_snap(QPainter& painter, const report::PlanView& view, const geometry::Snap& s) {
    const QPointF at = view.to_screen(s.at);
    painter.setPen(QPen(ink().accent, 1, Qt::DashLine));
    for (const auto& [a, b] : s.guides) {
        const QPointF p = view.to_screen(a), q = view.to_screen(b), d = q - p;
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
    const QString name = language::words(geometry::snap_name(s.kind));
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

}  // namespace wp::gui

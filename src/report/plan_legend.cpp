// SPDX-License-Identifier: GPL-3.0-or-later
// Scale bar, north point and legend of a plan.
#include <algorithm>
#include <cmath>

#include "report/plan.h"

namespace wp::report {

void draw_scale_bar(QPainter& painter, const PlanView& view, const Ink& ink, QRectF area, double north) {
    double metres = 1;
    for (const double m : {0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 50.0})
        if (m * view.scale <= 140) metres = m;
    const double w = metres * view.scale, x = area.left() + 16, y = area.bottom() - 22;
    painter.setPen(QPen(ink.ink, 1));
    for (int i = 0; i < 4; ++i) {
        painter.setBrush(i % 2 == 0 ? QBrush(ink.ink) : QBrush(ink.paper));
        painter.drawRect(QRectF(x + w * i / 4, y, w / 4, 4));
    }
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.drawText(QPointF(x + w + 6, y + 6), QStringLiteral("%1 m").arg(metres));
    // True north stands -north degrees from the drawing's up.
    const QPointF c(area.right() - 30, area.bottom() - 34);
    painter.save();
    painter.translate(c);
    painter.rotate(-north);
    painter.setBrush(ink.ink);
    painter.drawPolygon(QPolygonF{QPointF(0, -18), QPointF(6, 8), QPointF(0, 3)});
    painter.setBrush(ink.paper);
    painter.drawPolygon(QPolygonF{QPointF(0, -18), QPointF(-6, 8), QPointF(0, 3)});
    painter.drawText(QRectF(-10, 8, 20, 14), Qt::AlignCenter, QStringLiteral("N"));
    painter.restore();
}

void draw_legend(QPainter& painter, const Scale& scale, const QString& name, const QString& unit, const Ink& ink, QRectF area) {
    const QRectF bar(area.left(), area.top() + 18, area.width(), 10);
    QImage ramp(256, 1, QImage::Format_RGB32);
    for (int i = 0; i < 256; ++i) ramp.setPixelColor(i, 0, light_colour(i / 255.0));
    painter.drawImage(bar, ramp);
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.setPen(ink.ink);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 16), Qt::AlignLeft | Qt::AlignVCenter, name);
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 16), Qt::AlignRight | Qt::AlignVCenter, unit);
    std::vector<double> marks;
    if (scale.logarithmic) {
        // 1, 3, 10, 30 where there are few decades, else only the decades.
        const bool few = scale.top / scale.bottom < 2e3;
        for (double v = scale.bottom; v <= scale.top * 1.001; v *= 10) {
            marks.push_back(v);
            if (few && 3 * v <= scale.top * 1.001) marks.push_back(3 * v);
        }
    } else {
        for (int i = 0; i <= 5; ++i) marks.push_back(scale.bottom + (scale.top - scale.bottom) * i / 5);
    }
    for (const double value : marks) {
        const double t = scale.place(value), x = bar.left() + t * bar.width();
        painter.drawLine(QPointF(x, bar.bottom()), QPointF(x, bar.bottom() + 3));
        const auto align = t < 0.02 ? Qt::AlignLeft : t > 0.98 ? Qt::AlignRight : Qt::AlignHCenter;
        const double left = t < 0.02 ? x : t > 0.98 ? x - 60 : x - 30;
        painter.drawText(QRectF(left, bar.bottom() + 3, 60, 14), align, std::fabs(value) < 1e-12 ? QStringLiteral("0") : value >= 10000 ? QStringLiteral("%1k").arg(value / 1000) : value >= 1000 ? QString::number(value, 'f', 0) : QString::number(value, 'g', 3));
    }
}

}  // namespace wp::report

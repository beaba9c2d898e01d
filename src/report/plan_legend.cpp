// SPDX-License-Identifier: GPL-3.0-or-later
// Scale bar, north point and legend of a plan.
#include <QFontMetricsF>
#include <algorithm>
#include <cmath>

#include "report/language/words.h"
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
    // Above the bar: beside it a legend may stand.
    painter.drawText(QPointF(x, y - 5), QStringLiteral("%1 m").arg(metres));
    // True north stands -north degrees from the drawing's up.
    const QPointF c(area.right() - 30, area.bottom() - 34);
    painter.save();
    painter.translate(c);
    painter.rotate(-north);
    painter.setBrush(ink.ink);
    painter.drawPolygon(QPolygonF{QPointF(0, -18), QPointF(6, 8), QPointF(0, 3)});
    painter.setBrush(ink.paper);
    painter.drawPolygon(QPolygonF{QPointF(0, -18), QPointF(-6, 8), QPointF(0, 3)});
    painter.drawText(QRectF(-10, 8, 20, 14), Qt::AlignCenter, QObject::tr("N"));
    painter.restore();
}

QRectF legend_bar(QRectF area) { return {area.left(), area.top() + 20, area.width(), 10}; }

QString mark_text(double value) {
    if (std::fabs(value) < 1e-12) return QStringLiteral("0");
    if (std::fabs(value) >= 10000) return QStringLiteral("%L1k").arg(value / 1000, 0, 'g', 3);
    return std::fabs(value) >= 1000 ? language::number(value, 'f', 0) : language::number(value, 'g', 3);
}

namespace {

void draw_ramp(QPainter& painter, const Scale& scale, QRectF bar) {
    QImage ramp(256, 1, QImage::Format_RGB32);
    for (int i = 0; i < 256; ++i) ramp.setPixelColor(i, 0, scale.colour(scale.value_at((i + 0.5) / 256)));
    painter.drawImage(bar, ramp);
}

// What is beyond the band is veiled as it is on the map.
void draw_band(QPainter& painter, const Scale& scale, const MapMarks& marks, QRectF bar, const Ink& ink) {
    if (!marks.has_band()) return;
    const auto x = [&](double value) { return bar.left() + scale.place(value) * bar.width(); };
    const double low = std::isfinite(marks.low) ? x(marks.low) : bar.left(),
                 high = std::isfinite(marks.high) ? x(marks.high) : bar.right();
    QColor veil = ink.paper;
    veil.setAlphaF(0.62f);
    for (const auto& [beyond, pattern] :
         {std::pair{QRectF(bar.left(), bar.top(), low - bar.left(), bar.height()), Qt::FDiagPattern},
          {QRectF(high, bar.top(), bar.right() - high, bar.height()), Qt::BDiagPattern}}) {
        painter.fillRect(beyond, veil);
        painter.fillRect(beyond, QBrush(ink.ink, pattern));
    }
    painter.setPen(QPen(ink.ink, 1.6));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(QRectF(low, bar.top() - 1, high - low, bar.height() + 2));
}

}  // namespace

void draw_legend(QPainter& painter, const Scale& scale, const QString& name, const QString& unit, const Ink& ink,
                 QRectF area, const MapMarks& band, const std::vector<LegendMark>& usual) {
    const QRectF bar = legend_bar(area);
    draw_ramp(painter, scale, bar);
    draw_band(painter, scale, band, bar, ink);
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.setPen(ink.ink);
    const QFontMetricsF metrics(font);
    const double unit_width = metrics.horizontalAdvance(unit);
    painter.drawText(QRectF(area.left(), area.top(), area.width() - unit_width - 8, 16),
                     Qt::AlignLeft | Qt::AlignVCenter,
                     metrics.elidedText(name, Qt::ElideRight, area.width() - unit_width - 8));
    painter.drawText(QRectF(area.left(), area.top(), area.width(), 16), Qt::AlignRight | Qt::AlignVCenter, unit);
    for (const LegendMark& mark : usual) {
        const double t = scale.place(mark.value);
        if (t <= 0 || t >= 1) continue;
        const double x = bar.left() + t * bar.width();
        painter.setPen(Qt::NoPen);
        painter.setBrush(ink.ink);
        painter.drawPolygon(
            QPolygonF{QPointF(x - 4, bar.top() - 5), QPointF(x + 4, bar.top() - 5), QPointF(x, bar.top())});
    }
    painter.setPen(ink.ink);
    double taken = -1e9;  // marks that would touch are left without their figure
    const auto marks = marks_of(scale);
    for (size_t k = 0; k < marks.size(); ++k) {
        const double t = scale.place(marks[k]), x = bar.left() + t * bar.width();
        painter.drawLine(QPointF(x, bar.bottom()), QPointF(x, bar.bottom() + 3));
        const QString text = mark_text(marks[k]);
        const double w = metrics.horizontalAdvance(text) + 4,
                     left = std::clamp(x - w / 2, bar.left() - 4, bar.right() + 4 - w);
        const bool last = k + 1 == marks.size();
        if (!last &&
            (left < taken || (k > 0 && left + w > bar.right() - metrics.horizontalAdvance(mark_text(marks.back())))))
            continue;
        taken = left + w;
        painter.drawText(QRectF(left, bar.bottom() + 3, w, 14), Qt::AlignCenter, text);
    }
}

}  // namespace wp::report

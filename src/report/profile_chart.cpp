// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/profile_chart.h"

#include <QFontMetricsF>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "report/section_drawing.h"

namespace wp::report {

namespace {

constexpr double kLeft = 46, kTop = 22, kGap = 30, kMostSection = 0.5;  // kMostSection: of the height

// Lines are told apart by their strokes; colour is kept for light.
QPen pen_of(const Ink& ink, size_t index, bool main) {
    static const std::vector<std::vector<qreal>> strokes = {
        {}, {6, 3}, {1.5, 2.5}, {8, 3, 1.5, 3}, {3, 2}, {10, 2, 2, 2, 2, 2}};
    QPen pen(main ? ink.accent : ink.ink, main ? 2.4 : 1.5);
    if (!main && !strokes[index % strokes.size()].empty())
        pen.setDashPattern(
            QList<qreal>(strokes[index % strokes.size()].begin(), strokes[index % strokes.size()].end()));
    pen.setCapStyle(Qt::FlatCap);
    return pen;
}

double label_width(const ProfileChart& chart, const QFontMetricsF& metrics) {
    double width = 40;
    for (const Curve& curve : chart.curves) width = std::max(width, metrics.horizontalAdvance(curve.name));
    return std::min(width, 150.0) + 14;
}

void draw_axes(QPainter& painter, const ProfileChart& chart, const ProfileFrame& frame, const Ink& ink) {
    QColor grid = ink.faint;
    grid.setAlpha(90);
    for (const double value : marks_of(chart.scale)) {
        const double y = frame.at(chart, 0, value).y();
        painter.setPen(QPen(grid, 1));
        painter.drawLine(QPointF(frame.plot.left(), y), QPointF(frame.plot.right(), y));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(frame.plot.left() - kLeft, y - 8, kLeft - 6, 16), Qt::AlignRight | Qt::AlignVCenter,
                         value >= 10000 ? QStringLiteral("%1k").arg(value / 1000) : QString::number(value, 'g', 4));
    }
    for (const LegendMark& mark : chart.usual) {
        const double t = chart.scale.place(mark.value);
        if (t <= 0 || t >= 1) continue;
        const double y = frame.at(chart, 0, mark.value).y();
        painter.setPen(Qt::NoPen);
        painter.setBrush(ink.ink);
        painter.drawPolygon(QPolygonF{QPointF(frame.plot.left() - 5, y - 4), QPointF(frame.plot.left() - 5, y + 4),
                                      QPointF(frame.plot.left(), y)});
    }
    const double metres = chart.length > 30 ? 5 : chart.length > 12 ? 2 : 1;
    painter.setPen(ink.ink);
    for (double m = 0; m <= chart.length + 1e-9; m += metres) {
        const double x = frame.x(m);
        painter.drawLine(QPointF(x, frame.plot.bottom()), QPointF(x, frame.plot.bottom() + 3));
        painter.drawText(QRectF(x - 24, frame.plot.bottom() + 3, 48, 14), Qt::AlignCenter,
                         m == 0 ? QStringLiteral("0 m") : QString::number(m));
    }
}

// Beyond the band, as on the map.
void draw_beyond(QPainter& painter, const ProfileChart& chart, const ProfileFrame& frame, const Ink& ink) {
    if (std::isfinite(chart.marks.low))
        painter.fillRect(
            QRectF(QPointF(frame.plot.left(), frame.at(chart, 0, chart.marks.low).y()), frame.plot.bottomRight()),
            QBrush(ink.faint, Qt::FDiagPattern));
    if (std::isfinite(chart.marks.high))
        painter.fillRect(
            QRectF(frame.plot.topLeft(), QPointF(frame.plot.right(), frame.at(chart, 0, chart.marks.high).y())),
            QBrush(ink.faint, Qt::BDiagPattern));
}

// Stretches of a curve that lie over a plane.
std::vector<QPolygonF> stretches(const ProfileChart& chart, const Curve& curve, const ProfileFrame& frame, double by) {
    std::vector<QPolygonF> out(1);
    for (const auto& point : curve.points) {
        if (std::isnan(point.value)) {
            if (!out.back().isEmpty()) out.emplace_back();
            continue;
        }
        out.back() << frame.at(chart, point.along, point.value + by * point.half_width);
    }
    return out;
}

void draw_curve(QPainter& painter, const ProfileChart& chart, size_t index, const ProfileFrame& frame, const Ink& ink) {
    const Curve& curve = chart.curves[index];
    painter.save();
    painter.setClipRect(frame.plot.adjusted(0, -3, 0, 2));
    if (curve.stale) painter.setOpacity(0.45);
    if (curve.main) {
        const auto low = stretches(chart, curve, frame, -1), high = stretches(chart, curve, frame, 1);
        QColor wash = ink.accent;
        wash.setAlpha(46);
        painter.setPen(Qt::NoPen);
        painter.setBrush(wash);
        for (size_t k = 0; k < low.size(); ++k) {
            QPolygonF band = low[k];
            for (auto p = high[k].rbegin(); p != high[k].rend(); ++p) band << *p;
            painter.drawPolygon(band);
        }
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(pen_of(ink, index, curve.main));
    for (const auto& line : stretches(chart, curve, frame, 0)) painter.drawPolyline(line);
    painter.restore();
}

// Names at the right, apart from each other, each led to where its curve ends.
void draw_labels(QPainter& painter, const ProfileChart& chart, const ProfileFrame& frame, const Ink& ink) {
    struct Label {
        double wanted, y;
        QPointF end;
        size_t curve;
    };
    std::vector<Label> labels;
    for (size_t k = 0; k < chart.curves.size(); ++k)
        for (auto p = chart.curves[k].points.rbegin(); p != chart.curves[k].points.rend(); ++p) {
            if (std::isnan(p->value)) continue;
            const QPointF end = frame.at(chart, p->along, p->value);
            labels.push_back({end.y(), end.y(), end, k});
            break;
        }
    std::sort(labels.begin(), labels.end(), [](const Label& a, const Label& b) { return a.wanted < b.wanted; });
    constexpr double apart = 15;
    double lowest = frame.plot.top();
    for (Label& label : labels) {
        label.y = std::max(label.wanted, lowest);
        lowest = label.y + apart;
    }
    // Pushed out at the foot: all move up again.
    double highest = frame.plot.bottom();
    for (auto label = labels.rbegin(); label != labels.rend(); ++label) {
        label->y = std::min(label->y, highest);
        highest = label->y - apart;
    }
    const QFontMetricsF metrics(painter.font());
    const double x = frame.plot.right() + 12;
    for (const Label& label : labels) {
        const Curve& curve = chart.curves[label.curve];
        QPen pen = pen_of(ink, label.curve, curve.main);
        pen.setWidthF(pen.widthF() * 0.8);
        painter.setPen(pen);
        painter.drawLine(QPointF(x - 12, label.y), QPointF(x - 1, label.y));
        painter.setPen(curve.main ? ink.accent : ink.ink);
        painter.drawText(QRectF(x + 2, label.y - 8, 150, 16), Qt::AlignLeft | Qt::AlignVCenter,
                         metrics.elidedText(curve.name, Qt::ElideRight, 150));
    }
}

}  // namespace

QPointF ProfileFrame::at(const ProfileChart& chart, double along, double value) const {
    double t = chart.scale.place(value);
    // Above the top a linear curve leaves the plot instead of lying flat on its edge.
    if (!chart.scale.logarithmic && chart.scale.top > chart.scale.bottom)
        t = (value - chart.scale.bottom) / (chart.scale.top - chart.scale.bottom);
    return {x(along), plot.bottom() - t * plot.height()};
}

ProfileFrame profile_frame(const ProfileChart& chart, QRectF area) {
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(11);
    ProfileFrame out;
    const double right = label_width(chart, QFontMetricsF(font));
    const double width = std::max(60.0, area.width() - kLeft - right);
    out.left = area.left() + kLeft;
    out.pixels = width / std::max(chart.length, 0.1);
    double below = 0;
    if (chart.section != nullptr && !chart.section->solid.empty())
        below =
            std::min((chart.section->high.y - std::min(chart.section->low.y, chart.section->ground)) * out.pixels + 16,
                     area.height() * kMostSection);
    out.plot = QRectF(out.left, area.top() + kTop, width, area.height() - kTop - kGap - below);
    out.below = QRectF(area.left(), out.plot.bottom() + kGap, area.width(), below);
    return out;
}

void draw_profile(QPainter& painter, const ProfileChart& chart, const Ink& ink, QRectF area) {
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    const ProfileFrame frame = profile_frame(chart, area);
    draw_beyond(painter, chart, frame, ink);
    draw_axes(painter, chart, frame, ink);
    painter.drawText(QRectF(area.left() + 4, area.top(), 80, 16), Qt::AlignLeft | Qt::AlignVCenter, chart.unit);
    for (size_t k = 0; k < chart.curves.size(); ++k)
        if (!chart.curves[k].main) draw_curve(painter, chart, k, frame, ink);
    for (size_t k = 0; k < chart.curves.size(); ++k)
        if (chart.curves[k].main) draw_curve(painter, chart, k, frame, ink);
    draw_labels(painter, chart, frame, ink);
    if (frame.below.height() < 20 || chart.option == nullptr) return;
    painter.save();
    painter.setClipRect(frame.below);
    // Its foot stands on the paper's: what is too high is cut at the top.
    const double foot = std::min(chart.section->low.y, chart.section->ground);
    const auto place = [&](Vec2 p) {
        return QPointF(frame.x(p.x), frame.below.bottom() - 8 - (p.y - foot) * frame.pixels);
    };
    draw_section(painter, *chart.section, *chart.option, place, ink, frame.below);
    painter.restore();
}

std::string profile_csv(const std::vector<Curve>& curves, const QString& unit) {
    if (curves.empty()) return {};
    QString out = QStringLiteral("along_m");
    for (const Curve& curve : curves) {
        QString name = curve.name;
        name.replace(QLatin1Char('"'), QStringLiteral("\"\""));
        out += QStringLiteral(",\"%1 (%2)\",\"%1 half-width\"").arg(name, unit);
    }
    out += QLatin1Char('\n');
    for (size_t i = 0; i < curves.front().points.size(); ++i) {
        out += QString::number(curves.front().points[i].along, 'f', 3);
        for (const Curve& curve : curves) {
            const bool has = i < curve.points.size() && !std::isnan(curve.points[i].value);
            out += has ? QStringLiteral(",%1,%2").arg(QString::number(curve.points[i].value, 'g', 6),
                                                      QString::number(curve.points[i].half_width, 'g', 3))
                       : QStringLiteral(",,");
        }
        out += QLatin1Char('\n');
    }
    return out.toStdString();
}

}  // namespace wp::report

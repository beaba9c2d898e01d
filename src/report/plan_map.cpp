// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/plan_map.h"

#include <QFontMetricsF>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "geometry/contours.h"
#include "report/language/words.h"

namespace wp::report {

namespace {

constexpr double kCoarse = 0.15;  // relative error above which a map is smoothed for the eye
constexpr double kLabelWidth = 34, kLabelHeight = 15;
constexpr double kLeastContour = 46;  // pixels: a shorter line carries no value

// Values smoothed over their neighbours while they are coarse.
std::vector<double> shown_values(const MapLayer& layer) {
    if (layer.reached < kCoarse) return layer.value;
    const auto at = layer.plane.points_of_cells();
    std::vector<double> out(layer.value.size());
    for (size_t i = 0; i < out.size(); ++i) {
        const int column = layer.plane.cell_of[i] % layer.plane.columns,
                  row = layer.plane.cell_of[i] / layer.plane.columns;
        double sum = 0, weight = 0;
        for (int dy = -1; dy <= 1; ++dy)
            for (int dx = -1; dx <= 1; ++dx) {
                const int x = column + dx, y = row + dy;
                if (x < 0 || y < 0 || x >= layer.plane.columns || y >= layer.plane.rows) continue;
                const int k = at[static_cast<size_t>(y * layer.plane.columns + x)];
                if (k < 0) continue;
                const double w = (dx == 0 ? 2 : 1) * (dy == 0 ? 2 : 1);
                sum += w * layer.value[static_cast<size_t>(k)];
                weight += w;
            }
        out[i] = sum / weight;
    }
    return out;
}

// Cells to paper.
struct Frame {
    QPointF corner, across, up;
    QPointF operator()(double u, double v) const { return corner + across * u + up * v; }
    QPointF operator()(Vec2 p) const { return (*this)(p.x, p.y); }
};

Frame frame_of(const geometry::PlanePoints& p, const OnPaper& on_paper) {
    const QPointF corner = on_paper(p.corner);
    return {corner, on_paper(p.corner + p.across * p.dx) - corner, on_paper(p.corner + p.up * p.dy) - corner};
}

double span(QPointF d) { return std::hypot(d.x(), d.y()); }

void draw_hatching(QPainter& painter, const geometry::Lattice& lattice, const MapMarks& marks, const Frame& frame,
                   const Ink& ink) {
    for (const auto& [level, above, pattern] :
         {std::tuple{marks.low, false, Qt::FDiagPattern}, {marks.high, true, Qt::BDiagPattern}}) {
        if (!std::isfinite(level)) continue;
        QPainterPath path;
        path.setFillRule(Qt::WindingFill);
        for (const auto& polygon : geometry::area_beyond(lattice, level, above)) {
            QPolygonF shape;
            for (const Vec2 p : polygon) shape << frame(p);
            path.addPolygon(shape);
            path.closeSubpath();
        }
        painter.save();
        painter.setRenderHint(QPainter::Antialiasing, false);  // neighbours must meet without a seam
        QColor veil = ink.paper;
        veil.setAlphaF(0.62f);
        painter.fillPath(path, veil);
        painter.fillPath(path, QBrush(ink.ink, pattern));
        painter.restore();
    }
}

// At a window, or at one point: a plate that is read whatever lies under it.
void draw_single(QPainter& painter, const MapLayer& layer, const Frame& frame, const Ink& ink, Labels& labels) {
    if (std::isnan(layer.value[0])) return;
    QFont font = painter.font();
    font.setPixelSize(11);
    painter.setFont(font);
    const QPointF at = frame(0.5, 0.5);
    const QString text = figure(layer.value[0]);
    const double w = painter.fontMetrics().horizontalAdvance(text) + 8;
    const auto box = labels.take_first({{at.x() - w / 2, at.y() + 8, w, 16},
                                        {at.x() - w / 2, at.y() - 24, w, 16},
                                        {at.x() + 8, at.y() - 8, w, 16},
                                        {at.x() - w - 8, at.y() - 8, w, 16}});
    if (!box) return;
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink.paper);
    painter.drawRoundedRect(*box, 3, 3);
    painter.setPen(layer.stale ? ink.faint : ink.ink);
    painter.drawText(*box, Qt::AlignCenter, text);
}

// Every so many columns and rows that figures do not touch.
void draw_values(QPainter& painter, const MapLayer& layer, const Scale& scale, const Frame& frame, const Ink& ink,
                 Labels& labels) {
    const auto& p = layer.plane;
    if (p.columns == 1 && p.rows == 1) return draw_single(painter, layer, frame, ink, labels);
    const auto stride = [](double cell, double wanted) {
        return std::max(1, static_cast<int>(std::ceil(wanted / std::max(cell, 0.1))));
    };
    int every_column = stride(span(frame.across), kLabelWidth), every_row = stride(span(frame.up), kLabelHeight);
    // Thinned evenly both ways, as long as one point is left.
    if (every_column > 1 || every_row > 1)
        every_row = std::max(every_row, std::min(every_column, std::max(1, p.rows / 2)));
    if (every_column > p.columns || every_row > 2 * p.rows) return;
    QFont font = painter.font();
    font.setPixelSize(11);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    for (size_t i = 0; i < p.points.size(); ++i) {
        const int column = p.cell_of[i] % p.columns, row = p.cell_of[i] / p.columns;
        if (std::isnan(layer.value[i]) || column % every_column != (every_column - 1) / 2 ||
            row % every_row != (every_row - 1) / 2)
            continue;
        const QPointF at = frame(column + 0.5, row + 0.5);
        const QString text = figure(layer.value[i]);
        const double w = painter.fontMetrics().horizontalAdvance(text);
        const QRectF box(at.x() - w / 2, at.y() - 6, w, 12);
        // Half a number is worse than none.
        if (painter.hasClipping() && !painter.clipPath().contains(box)) continue;
        if (!labels.take_bare(box)) continue;
        painter.setPen(layer.stale ? ink.faint : scale.ink(layer.value[i]));
        painter.drawText(QRectF(at.x() - 30, at.y() - 9, 60, 18), Qt::AlignCenter, text);
    }
}

}  // namespace

void draw_contours(QPainter& painter, const geometry::Lattice& lattice, const Scale& scale,
                   const std::function<QPointF(Vec2)>& frame, const Ink& ink, Labels& labels) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    QFont font = painter.font();
    font.setPixelSize(10);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    const auto marks = marks_of(scale);
    for (size_t k = 1; k + 1 < marks.size(); ++k)
        for (const auto& line : geometry::contour_lines(lattice, marks[k])) {
            QPainterPath path(frame(line.front()));
            for (size_t i = 1; i < line.size(); ++i) path.lineTo(frame(line[i]));
            // A pale edge keeps the line apart from dark and bright colours alike.
            QColor edge = ink.paper;
            edge.setAlpha(140);
            painter.setPen(QPen(edge, 2.6));
            painter.drawPath(path);
            painter.setPen(QPen(ink.ink, 1.1));
            painter.drawPath(path);
            if (path.length() < kLeastContour) continue;
            const QPointF at = path.pointAtPercent(0.5);
            const QString text = mark_text(marks[k]);
            const double w = painter.fontMetrics().horizontalAdvance(text) + 6;
            const QRectF box(at.x() - w / 2, at.y() - 7, w, 14);
            if (!labels.take_bare(box)) continue;
            painter.setPen(Qt::NoPen);
            painter.setBrush(ink.room);
            painter.drawRoundedRect(box, 3, 3);
            painter.setBrush(Qt::NoBrush);
            painter.setPen(ink.ink);
            painter.drawText(box, Qt::AlignCenter, text);
        }
    painter.restore();
}

QImage map_image(const MapLayer& layer, const Scale& scale) {
    const auto lattice = geometry::lattice_of(layer.plane, shown_values(layer));
    const int w = lattice.columns, h = lattice.rows;
    // Bands have hard borders: they are laid over values in between, else the picture's smoothing would blur them.
    const int fine = scale.steps > 0 ? std::clamp(1200 / std::max({1, w, h}), 1, 8) : 1;
    QImage image(w * fine, h * fine, QImage::Format_ARGB32);
    const auto between = [&](double x, double y) {
        const double u = std::clamp(x, 0.0, w - 1.0), v = std::clamp(y, 0.0, h - 1.0);
        const int i = std::min(static_cast<int>(u), std::max(0, w - 2)),
                  j = std::min(static_cast<int>(v), std::max(0, h - 2));
        const int i1 = std::min(i + 1, w - 1), j1 = std::min(j + 1, h - 1);
        const double s = u - i, t = v - j;
        return (lattice.at(i, j) * (1 - s) + lattice.at(i1, j) * s) * (1 - t) +
               (lattice.at(i, j1) * (1 - s) + lattice.at(i1, j1) * s) * t;
    };
    for (int y = 0; y < h * fine; ++y) {
        auto* line = reinterpret_cast<QRgb*>(image.scanLine(h * fine - 1 - y));
        for (int x = 0; x < w * fine; ++x) {
            const double v = fine == 1 ? lattice.at(x, y) : between((x + 0.5) / fine - 0.5, (y + 0.5) / fine - 0.5);
            line[x] = std::isnan(v) ? 0u : scale.colour(v).rgba();
        }
    }
    return image;
}

void draw_layer(QPainter& painter, const MapLayer& layer, const Scale& scale, const MapMarks& marks,
                const OnPaper& on_paper, const Ink& ink, Labels& labels) {
    if (layer.value.empty() || layer.plane.columns < 1 || layer.plane.rows < 1) return;
    const Frame frame = frame_of(layer.plane, on_paper);
    painter.save();
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (layer.stale) painter.setOpacity(0.45);
    // The picture's upper left corner is that of the last row.
    const QPointF corner = frame(0, layer.plane.rows), right = frame(layer.plane.columns, layer.plane.rows) - corner,
                  down = frame(0, 0) - corner;
    painter.setTransform(QTransform(right.x(), right.y(), down.x(), down.y(), corner.x(), corner.y()), true);
    painter.drawImage(QRectF(0, 0, 1, 1), map_image(layer, scale));
    painter.restore();
    if (marks.contours || marks.has_band()) {
        const auto lattice = geometry::lattice_of(layer.plane, shown_values(layer));
        if (marks.has_band()) draw_hatching(painter, lattice, marks, frame, ink);
        if (marks.contours) draw_contours(painter, lattice, scale, frame, ink, labels);
    }
    if (marks.values) draw_values(painter, layer, scale, frame, ink, labels);
}

LayerFigures figures_of(const MapLayer& layer, const MapMarks& marks) {
    std::vector<double> sorted;
    for (const double v : layer.value)
        if (!std::isnan(v)) sorted.push_back(v);
    LayerFigures out;
    out.points = sorted.size();
    if (sorted.empty()) return out;
    std::sort(sorted.begin(), sorted.end());
    const size_t n = sorted.size();
    double sum = 0;
    size_t above = 0, within = 0;
    for (const double v : sorted) {
        sum += v;
        if (marks.level && v >= *marks.level) ++above;
        if (marks.within(v)) ++within;
    }
    out.mean = sum / static_cast<double>(n);
    out.median = n % 2 == 1 ? sorted[n / 2] : (sorted[n / 2 - 1] + sorted[n / 2]) / 2;
    out.least = sorted.front();
    out.most = sorted.back();
    out.uniformity = out.mean != 0 ? out.least / out.mean : 0;
    if (marks.level) out.share = static_cast<double>(above) / static_cast<double>(n);
    out.within = static_cast<double>(within) / static_cast<double>(n);
    return out;
}

QStringList figure_lines(const LayerFigures& f, const MapMarks& marks, const QString& unit) {
    if (f.points == 0) return {};
    QStringList lines{QObject::tr("mean %1 %2   median %3").arg(figure(f.mean), unit, figure(f.median))};
    QString second = QObject::tr("least %1   Uo %2").arg(figure(f.least), language::number(f.uniformity, 'f', 2));
    if (marks.has_band())
        second += QObject::tr("   in band %L1 %").arg(100 * f.within, 0, 'f', 0);
    else if (f.share)
        second += QStringLiteral("   \u2265 %1: %L2 %").arg(figure(*marks.level)).arg(100 * *f.share, 0, 'f', 0);
    lines << second;
    return lines;
}

}  // namespace wp::report

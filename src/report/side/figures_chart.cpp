// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/side/figures_chart.h"

#include <algorithm>
#include <cmath>

#include "report/paper.h"
#include "report/side/board.h"

namespace wp::report {

namespace {

constexpr int kWide = 1200, kHead = 56, kKey = 26, kPanelHead = 26, kPanelFoot = 26, kRow = 24, kAcross = 2,
              kBetweenPanels = 28, kEdge = 28, kNames = 170, kMark = 5;

int panel_height(const FiguresChart::Panel& panel) {
    return kPanelHead + kRow * static_cast<int>(panel.rows.size()) + kPanelFoot;
}

// Panels stand two in a row, each row as high as its higher one.
std::vector<QRect> places(const FiguresChart& chart) {
    std::vector<QRect> out;
    constexpr int wide = (kWide - 2 * kEdge - (kAcross - 1) * kBetweenPanels) / kAcross;
    int y = kHead + kKey;
    for (size_t first = 0; first < chart.panels.size(); first += kAcross) {
        int high = 0;
        for (size_t k = first; k < std::min(first + kAcross, chart.panels.size()); ++k) {
            out.emplace_back(kEdge + static_cast<int>(k - first) * (wide + kBetweenPanels), y, wide,
                             panel_height(chart.panels[k]));
            high = std::max(high, out.back().height());
        }
        y += high + 10;
    }
    return out;
}

// Shapes before colours: an option is told by both.
void draw_mark(QPainter& painter, QPointF at, size_t option, const Ink& ink) {
    const QColor colours[] = {ink.ink, ink.accent, ink.glass, ink.faint};
    const QColor colour = colours[option % std::size(colours)];
    painter.setPen(QPen(colour, 1.6));
    painter.setBrush(option % 2 == 0 ? QBrush(colour) : QBrush(ink.paper));
    constexpr double r = kMark;
    switch (option % 4) {
        case 0:
            return painter.drawEllipse(at, r - 0.5, r - 0.5);
        case 1:
            return painter.drawRect(QRectF(at - QPointF(r - 1, r - 1), QSizeF(2 * r - 2, 2 * r - 2)));
        case 2:
            return painter.drawPolygon(QPolygonF{at + QPointF(0, -r), at + QPointF(r, r - 1), at + QPointF(-r, r - 1)});
        default:
            return painter.drawPolygon(
                QPolygonF{at + QPointF(0, -r), at + QPointF(r, 0), at + QPointF(0, r), at + QPointF(-r, 0)});
    }
}

double top_of(const FiguresChart::Panel& panel) {
    double top = 0;
    for (const auto& row : panel.rows)
        for (const auto& band : row.bands)
            if (band) top = std::max({top, band->high, band->value});
    return panel.unit == QStringLiteral("%") && top > 50 ? 100 : nice_top(std::max(top, 1e-6));
}

void draw_panel(QPainter& painter, const FiguresChart::Panel& panel, const QRect& box, const Ink& ink) {
    painter.setFont(page_font(13, QFont::DemiBold));
    painter.setPen(ink.ink);
    painter.drawText(QRect(box.left(), box.top(), box.width(), kPanelHead), Qt::AlignLeft | Qt::AlignVCenter,
                     panel.unit.isEmpty() ? panel.figure : QStringLiteral("%1, %2").arg(panel.figure, panel.unit));
    painter.setFont(page_font(kSideText));
    const double top = top_of(panel), left = box.left() + kNames, right = box.right() - 12,
                 high = box.top() + kPanelHead, low = box.bottom() - kPanelFoot + 1;
    const auto x = [&](double value) { return left + std::clamp(value / top, 0.0, 1.0) * (right - left); };
    for (int i = 0; i <= 4; ++i) {
        const double at = x(top * i / 4);
        painter.setPen(QPen(ink.faint, 0.6));
        painter.drawLine(QPointF(at, high), QPointF(at, low));
        painter.setPen(ink.ink);
        painter.drawText(QRectF(at - 40, low + 2, 80, 16), Qt::AlignCenter, mark_text(top * i / 4));
    }
    for (size_t r = 0; r < panel.rows.size(); ++r) {
        const auto& row = panel.rows[r];
        const double y = high + kRow * (static_cast<double>(r) + 0.5);
        painter.setPen(ink.ink);
        painter.drawText(QRectF(box.left(), y - 9, kNames - 10, 18), Qt::AlignLeft | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(row.room, Qt::ElideRight, kNames - 10));
        for (size_t o = 0; o < row.bands.size(); ++o) {
            const auto& band = row.bands[o];
            if (!band) continue;
            // Options stand a little under each other, so that equal ones are both seen.
            const double down = y + (static_cast<double>(o) - (static_cast<double>(row.bands.size()) - 1) / 2) * 3.0;
            painter.setPen(QPen(ink.ink, 1));
            painter.drawLine(QPointF(x(band->low), down), QPointF(x(band->high), down));
            draw_mark(painter, {x(band->value), down}, o, ink);
        }
    }
}

}  // namespace

QSize figures_chart_size(const FiguresChart& chart) {
    int bottom = kHead + kKey;
    for (const QRect& place : places(chart)) bottom = std::max(bottom, place.bottom());
    return {kWide, bottom + kEdge};
}

void draw_figures_chart(QPainter& painter, const FiguresChart& chart, const Ink& ink) {
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(QRect(QPoint(0, 0), figures_chart_size(chart)), ink.paper);
    painter.setFont(page_font(18, QFont::DemiBold));
    painter.setPen(ink.ink);
    painter.drawText(QRectF(kEdge, 14, kWide - 2 * kEdge, 28), Qt::AlignLeft | Qt::AlignVCenter, chart.title);
    painter.setFont(page_font(13));
    double left = kEdge + kMark;
    for (size_t o = 0; o < chart.options.size(); ++o) {
        draw_mark(painter, {left, kHead + 4}, o, ink);
        painter.setPen(ink.ink);
        painter.drawText(QPointF(left + 12, kHead + 8), chart.options[o]);
        left += 36 + painter.fontMetrics().horizontalAdvance(chart.options[o]);
    }
    const auto boxes = places(chart);
    for (size_t i = 0; i < boxes.size(); ++i) draw_panel(painter, chart.panels[i], boxes[i], ink);
}

Outcome write_figures_chart(const FiguresChart& chart, const std::filesystem::path& path) {
    return write_paper(path, figures_chart_size(chart), chart.title,
                       [&](QPainter& painter) { draw_figures_chart(painter, chart, Ink()); });
}

}  // namespace wp::report

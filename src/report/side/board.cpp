// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/side/board.h"

#include <algorithm>
#include <cmath>

#include "report/paper.h"

namespace wp::report {

namespace {

constexpr double kName = 26, kLegend = 58, kFoot = 20, kGap = 6;
constexpr int kBodyPixels = 13;

double legend_height(const SideBoard& board) {
    return (board.scale ? kLegend : 8) + (board.foot.isEmpty() ? 0 : kFoot);
}

// Width by height of the cells, as most of them are.
double shape_of(const SideBoard& board) {
    for (const auto& of : board.cells)
        if (of.cell != nullptr) return of.cell->shape();
    return 1.5;
}

void set_font(QPainter& painter, int pixels, bool bold = false) {
    QFont font = painter.font();
    font.setPixelSize(pixels);
    font.setWeight(bold ? QFont::Bold : QFont::Normal);
    painter.setFont(font);
}

void draw_name(QPainter& painter, const SideBoard::Of& of, const Ink& ink, const QRectF& cell, bool chosen) {
    set_font(painter, kBodyPixels, chosen);
    painter.setPen(chosen ? ink.accent : ink.ink);
    const QRectF line(cell.left() + 8, cell.top() + 3, cell.width() - 16, kName - 6);
    // Of a name that is too long the note stays whole.
    const QString note = of.note.isEmpty() || of.name.isEmpty() ? of.note : QStringLiteral(" \u2013 ") + of.note;
    const int room = static_cast<int>(line.width()) - painter.fontMetrics().horizontalAdvance(note);
    painter.drawText(line, Qt::AlignCenter, painter.fontMetrics().elidedText(of.name, Qt::ElideRight, room) + note);
}

}  // namespace

SideLayout lay_out(const SideBoard& board, QRectF area) {
    SideLayout out;
    const size_t n = std::max<size_t>(1, board.cells.size());
    const double foot = legend_height(board), shape = shape_of(board);
    const QRectF room = area.adjusted(0, 0, 0, -foot);
    size_t across = 1;
    double largest = 0;
    for (size_t k = 1; k <= n; ++k) {
        const double rows = std::ceil(static_cast<double>(n) / static_cast<double>(k));
        const double w = room.width() / static_cast<double>(k) - 2 * kGap, h = room.height() / rows - kName - kGap;
        const double size = std::min(w / shape, h);
        if (size > largest) largest = size, across = k;
    }
    const double rows = std::ceil(static_cast<double>(n) / static_cast<double>(across));
    const double w = room.width() / static_cast<double>(across), h = room.height() / rows;
    for (size_t i = 0; i < board.cells.size(); ++i) {
        const QRectF cell(room.left() + static_cast<double>(i % across) * w,
                          room.top() + static_cast<double>(i / across) * h, w, h);
        out.cells.push_back(cell);
        out.pictures.push_back(cell.adjusted(kGap, kName, -kGap, -kGap));
    }
    out.legend = QRectF(area.left(), area.bottom() - foot, area.width(), foot);
    return out;
}

void draw_side(QPainter& painter, const SideBoard& board, const Ink& ink, QRectF area, const SideLook& look) {
    const auto layout = lay_out(board, area);
    for (size_t i = 0; i < board.cells.size(); ++i) {
        const auto& of = board.cells[i];
        draw_name(painter, of, ink, layout.cells[i], of.option && look.chosen == of.option);
        const QRectF& box = layout.pictures[i];
        if (of.cell == nullptr) {
            painter.setPen(ink.faint);
            painter.drawText(box, Qt::AlignCenter | Qt::TextWordWrap, of.missing);
            continue;
        }
        painter.save();
        painter.setClipRect(box);
        const bool is_under = look.under && look.under->first == of.cell->terms();
        of.cell->paint(painter, box, ink, is_under ? std::optional(look.under->second) : std::nullopt);
        painter.restore();
    }
    QRectF legend = layout.legend;
    if (!board.foot.isEmpty()) {
        set_font(painter, kSideText);
        painter.setPen(ink.ink);
        painter.drawText(QRectF(legend.left(), legend.bottom() - kFoot, legend.width(), kFoot), Qt::AlignCenter,
                         board.foot);
        legend.setBottom(legend.bottom() - kFoot);
    }
    if (!board.scale) return;
    const double w = std::min(440.0, legend.width() - 16);
    draw_legend(painter, *board.scale, board.words, board.unit, ink,
                QRectF(legend.center().x() - w / 2, legend.top() + 6, w, kLegend - 8));
}

QString told_at(const SideBoard& board, size_t pointed, QPointF place) {
    QStringList words;
    const auto terms = board.cells[pointed].cell->terms();
    for (size_t i = 0; i < board.cells.size(); ++i) {
        const auto& of = board.cells[i];
        if (of.cell == nullptr || of.cell->terms() != terms || (board.tells_one && i != pointed)) continue;
        const QString told = of.cell->told(place);
        words << (of.name.isEmpty()
                      ? told
                      : QStringLiteral("%1 %2").arg(of.name, told.isEmpty() ? QStringLiteral("\u2013") : told));
    }
    const QString where = board.cells[pointed].cell->where(place);
    if (words.isEmpty()) return {};
    return (where.isEmpty() ? QString() : where + QStringLiteral(":  ")) + words.join(QStringLiteral("   "));
}

void draw_side_page(QPainter& painter, const SideBoard& board, const QString& title) {
    const Ink paper;
    painter.fillRect(QRectF(QPointF(0, 0), kSidePage), paper.paper);
    painter.setFont(page_font(18, QFont::DemiBold));
    painter.setPen(paper.ink);
    painter.drawText(QRectF(24, 14, kSidePage.width() - 48, 28), Qt::AlignLeft | Qt::AlignVCenter, title);
    painter.setFont(page_font(kBodyPixels));
    draw_side(painter, board, paper, QRectF(12, 48, kSidePage.width() - 24, kSidePage.height() - 56));
}

Outcome write_side(const SideBoard& board, const QString& title, const std::filesystem::path& path) {
    return write_paper(path, kSidePage, title, [&](QPainter& painter) { draw_side_page(painter, board, title); });
}

}  // namespace wp::report

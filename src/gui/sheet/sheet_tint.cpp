// SPDX-License-Identifier: GPL-3.0-or-later
// What the drawing is coloured by, and the legend of it.
#include <QPainter>
#include <algorithm>

#include "gui/look/look.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {

void Sheet::set_tint(report::TintBy by) {
    tint_ = by;
    update();
}

void Sheet::draw_tint_legend(QPainter& painter) const {
    const auto entries = report::tint_legend(tint_, document_.project(), document_.option());
    if (entries.empty()) return;
    QFont font = painter.font();
    font.setPixelSize(type::small);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    // Along the foot of the sheet, in columns, between scale bar and north point.
    constexpr int rows = 4;
    const int columns = static_cast<int>((entries.size() + rows - 1) / rows);
    const double left = 150, room = width() - left - 60, column = std::min(170.0, room / columns);
    const QRectF plate(left, height() - 18.0 * rows - 20, column * columns, 18.0 * rows + 10);
    QColor paper = ink().paper;
    paper.setAlpha(235);
    painter.setPen(Qt::NoPen);
    painter.setBrush(paper);
    painter.drawRect(plate);
    for (size_t i = 0; i < entries.size(); ++i) {
        const QRectF row(plate.left() + 8 + column * static_cast<double>(i / rows),
                         plate.top() + 5 + 18.0 * static_cast<double>(i % rows), column - 10, 18);
        painter.setPen(QPen(ink().ink, 0.8));
        painter.setBrush(entries[i].colour);
        painter.drawRect(QRectF(row.left(), row.top() + 3, 12, 12));
        painter.drawText(
            row.adjusted(20, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft,
            painter.fontMetrics().elidedText(entries[i].text, Qt::ElideRight, static_cast<int>(row.width()) - 22));
    }
}

}  // namespace wp::gui

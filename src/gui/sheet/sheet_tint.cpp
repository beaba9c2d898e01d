// SPDX-License-Identifier: GPL-3.0-or-later
// What the drawing is coloured by, and the legend of it.
#include <QPainter>
#include <algorithm>
#include <cmath>

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
    // Along the foot of the sheet, between scale bar and north point, in as many columns as whole names leave; above
    // both where that is one column alone.
    constexpr double swatch = 34, row_height = 18;
    double left = 150, foot = 10;
    double longest = 0;
    for (const auto& entry : entries)
        longest = std::max<double>(longest, painter.fontMetrics().horizontalAdvance(entry.text));
    double room = width() - left - 60;
    if (room < 2 * (longest + swatch)) {
        left = 10;
        foot = 64;
        room = width() - 2 * left;
    }
    const double column = std::min(longest + swatch, room);
    const auto columns = static_cast<size_t>(std::max(1.0, std::floor(room / column)));
    const size_t rows = (entries.size() + columns - 1) / columns;
    const double tall = row_height * static_cast<double>(rows);
    const QRectF plate(left, height() - tall - 10 - foot, column * static_cast<double>(columns), tall + 10);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().paper);
    painter.drawRect(plate);
    for (size_t i = 0; i < entries.size(); ++i) {
        const QRectF row(plate.left() + 8 + column * static_cast<double>(i / rows),
                         plate.top() + 5 + row_height * static_cast<double>(i % rows), column - 10, row_height);
        painter.setPen(QPen(ink().ink, 0.8));
        painter.setBrush(entries[i].colour);
        painter.drawRect(QRectF(row.left(), row.top() + 3, 12, 12));
        painter.drawText(
            row.adjusted(20, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft,
            painter.fontMetrics().elidedText(entries[i].text, Qt::ElideRight, static_cast<int>(row.width()) - 20));
    }
}

}  // namespace wp::gui

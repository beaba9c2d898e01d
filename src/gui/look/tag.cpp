// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/look/tag.h"

#include <algorithm>

#include "gui/look/look.h"

namespace wp::gui {

void draw_tag(QPainter& painter, QPointF pointer, QRectF bounds, const QStringList& lines) {
    QFont heavy = painter.font(), plain = painter.font();
    heavy.setPixelSize(12);
    heavy.setWeight(QFont::DemiBold);
    plain.setPixelSize(type::small);
    plain.setWeight(QFont::Normal);
    double w = 0;
    for (int k = 0; k < lines.size(); ++k)
        w = std::max<double>(w, QFontMetrics(k == 0 ? heavy : plain).horizontalAdvance(lines[k]));
    const double h = 22 + 15 * static_cast<double>(lines.size() - 1) + (lines.size() > 1 ? 3 : 0);
    QRectF box(pointer.x() + 14, pointer.y() - 8 - h, w + 16, h);
    if (box.right() > bounds.right()) box.moveRight(pointer.x() - 10);
    if (box.left() < bounds.left()) box.moveLeft(bounds.left());
    if (box.top() < bounds.top()) box.moveTop(pointer.y() + 16);
    painter.setPen(QPen(ink().faint, 1));
    painter.setBrush(ink().room);
    painter.drawRoundedRect(box, 3, 3);
    painter.setPen(ink().ink);
    for (int k = 0; k < lines.size(); ++k) {
        painter.setFont(k == 0 ? heavy : plain);
        painter.drawText(QRectF(box.left() + 8, box.top() + (k == 0 ? 0 : 6 + 15.0 * k), w, k == 0 ? 22 : 15),
                         Qt::AlignLeft | Qt::AlignVCenter, lines[k]);
    }
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/state_mark.h"

#include <QPainter>

#include "gui/look/look.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

constexpr int kSize = 16;
constexpr double kSharp = 3;  // pixels drawn for each shown

void draw_tick(QPainter& painter) {
    painter.setPen(QPen(ink().paper, 1.8, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(QPolygonF({{4.8, 8.2}, {7.1, 10.6}, {11.4, 5.6}}));
}

void draw_mark(QPainter& painter, rule::State state) {
    using rule::State;
    const QRectF box(2.5, 2.5, 11, 11);
    const QColor strong = ink().ink;
    switch (state) {
        case State::met:
            painter.setPen(Qt::NoPen);
            painter.setBrush(strong);
            painter.drawRoundedRect(box.adjusted(-0.5, -0.5, 0.5, 0.5), 2.5, 2.5);
            return draw_tick(painter);
        case State::not_met:
            painter.setPen(QPen(ink().accent, 1.8));
            painter.drawRoundedRect(box, 2.5, 2.5);
            painter.drawLine(QPointF(5.4, 10.6), QPointF(10.6, 5.4));
            return;
        case State::undecided:
            painter.setPen(QPen(strong, 1.4));
            painter.drawRoundedRect(box, 2.5, 2.5);
            painter.fillRect(QRectF(3, 8, 10, 5), strong);
            return;
        case State::needs_note:
            painter.setPen(QPen(ink().accent, 1.5));
            painter.drawPolygon(QPolygonF({{3.5, 2.5}, {9.8, 2.5}, {12.5, 5.2}, {12.5, 13.5}, {3.5, 13.5}}));
            for (const double y : {6.8, 9.2, 11.4}) painter.drawLine(QPointF(5.6, y), QPointF(10.4, y));
            return;
        case State::not_asked:
            painter.setPen(QPen(ink().faint, 1.5, Qt::DotLine));
            painter.drawEllipse(box);
    }
}

}  // namespace

QIcon state_icon(rule::State state) {
    QPixmap pixmap(static_cast<int>(kSize * kSharp), static_cast<int>(kSize * kSharp));
    pixmap.setDevicePixelRatio(kSharp);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    draw_mark(painter, state);
    return QIcon(pixmap);
}

QString state_text(rule::State state) { return language::words(rule::state_words(state)); }

}  // namespace wp::gui

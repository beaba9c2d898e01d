// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/verdict_mark.h"

#include "report/language/words.h"

namespace wp::report {

namespace {

constexpr double kDrawn = 16;  // what the mark is drawn for

void draw_tick(QPainter& painter, const Ink& ink) {
    painter.setPen(QPen(ink.paper, 1.8, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(QPolygonF({{4.8, 8.2}, {7.1, 10.6}, {11.4, 5.6}}));
}

QString sign(const rule::Criterion& c) { return c.at_least ? QStringLiteral("\u2265 ") : QStringLiteral("\u2264 "); }

}  // namespace

void draw_verdict_mark(QPainter& painter, rule::State state, const QRectF& box, const Ink& ink) {
    using rule::State;
    painter.save();
    painter.translate(box.topLeft());
    painter.scale(box.width() / kDrawn, box.height() / kDrawn);
    painter.setBrush(Qt::NoBrush);
    const QRectF square(2.5, 2.5, 11, 11);
    switch (state) {
        case State::met:
            painter.setPen(Qt::NoPen);
            painter.setBrush(ink.ink);
            painter.drawRoundedRect(square.adjusted(-0.5, -0.5, 0.5, 0.5), 2.5, 2.5);
            painter.setBrush(Qt::NoBrush);
            draw_tick(painter, ink);
            break;
        case State::not_met:
            painter.setPen(QPen(ink.accent, 1.8));
            painter.drawRoundedRect(square, 2.5, 2.5);
            painter.drawLine(QPointF(5.4, 10.6), QPointF(10.6, 5.4));
            break;
        case State::undecided:
            painter.setPen(QPen(ink.ink, 1.4));
            painter.drawRoundedRect(square, 2.5, 2.5);
            painter.fillRect(QRectF(3, 8, 10, 5), ink.ink);
            break;
        case State::needs_note:
            painter.setPen(QPen(ink.accent, 1.5));
            painter.drawPolygon(QPolygonF({{3.5, 2.5}, {9.8, 2.5}, {12.5, 5.2}, {12.5, 13.5}, {3.5, 13.5}}));
            for (const double y : {6.8, 9.2, 11.4}) painter.drawLine(QPointF(5.6, y), QPointF(10.4, y));
            break;
        case State::not_asked:
            painter.setPen(QPen(ink.faint, 1.5, Qt::DotLine));
            painter.drawEllipse(square);
    }
    painter.restore();
}

QString state_name(rule::State state) { return language::words(rule::state_words(state)); }

QString value_words(const rule::Verdict& v, double value) {
    return language::figures(rule::value_text(*v.criterion, value));
}

QString needed_words(const rule::Verdict& v, double value) { return sign(*v.criterion) + value_words(v, value); }

QString levels_words(const rule::Criterion& c) {
    QStringList all;
    for (const auto& t : c.thresholds)
        all << QStringLiteral("%1 %2").arg(language::figures(rule::value_text(c, t.value)), language::words(t.level));
    return sign(c) + all.join(QStringLiteral(", "));
}

}  // namespace wp::report

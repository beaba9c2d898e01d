// SPDX-License-Identifier: GPL-3.0-or-later
// What the sheet takes on the Site desk: the north point, and the point that the sky is seen from.
#include <cmath>

#include "gui/look/look.h"
#include "gui/sheet/sheet.h"

namespace wp::gui {

namespace {
constexpr double kRing = 25;
}

// As report::draw_scale_bar places it.
QPointF Sheet::north_point() const { return {width() - 30.0, height() - 34.0}; }

bool Sheet::press_site() {
    if (!with_blocks_) return false;
    const QPointF off = pointer_ - north_point();
    if (std::hypot(off.x(), off.y()) <= kRing + 6) {
        hold_ = {Hold::What::north, pointer_, {}};
        turn_north();
        return true;
    }
    emit place_pressed(view_.to_model(pointer_));
    return false;
}

void Sheet::turn_north() {
    const QPointF off = pointer_ - north_point();
    if (std::hypot(off.x(), off.y()) < 4) return;
    // The needle follows the pointer; true north stands -north degrees from the sheet's up.
    const double turned = degrees(std::atan2(off.x(), -off.y())), north = -std::round(turned * 2) / 2;
    document_.edit(
        QObject::tr("Turn north"), [&](model::Project& p) { p.site.north = north == 0 ? 0 : north; },
        QObject::tr("north %1").arg(gesture_));
}

void Sheet::show_sky_point(std::optional<Vec2> at) {
    sky_point_ = at;
    update();
}

void Sheet::draw_site(QPainter& painter) const {
    if (!with_blocks_) return;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const QPointF c = north_point();
    const double north = document_.project().site.north;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(ink().faint, 1));
    painter.drawEllipse(c, kRing, kRing);
    const QPointF handle = c + QPointF(std::sin(radians(-north)), -std::cos(radians(-north))) * kRing;
    painter.setPen(QPen(ink().accent, 1.6));
    painter.setBrush(ink().room);
    painter.drawEllipse(handle, 4.5, 4.5);
    QFont font = painter.font();
    font.setPixelSize(type::small);
    painter.setFont(font);
    painter.setPen(ink().ink);
    const QString words = std::fabs(north) < 0.01 ? QObject::tr("north is up")
                                                  : QObject::tr("north %1\u00b0 to the %2")
                                                        .arg(std::fabs(north))
                                                        .arg(north < 0 ? QObject::tr("right") : QObject::tr("left"));
    painter.drawText(QRectF(c.x() - 150, c.y() - kRing - 24, 176, 16), Qt::AlignRight | Qt::AlignVCenter, words);
    if (sky_point_) {
        const QPointF p = view_.to_screen(*sky_point_);
        painter.setPen(QPen(ink().paper, 4));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(p, 7, 7);
        painter.setPen(QPen(ink().accent, 1.8));
        painter.drawEllipse(p, 7, 7);
        for (int k = 0; k < 4; ++k) {
            const QPointF d(std::cos(k * kPi / 2), std::sin(k * kPi / 2));
            painter.drawLine(p + d * 4, p + d * 11);
        }
        painter.setPen(ink().ink);
        const QRectF box(p.x() + 14, p.y() - 9,
                         painter.fontMetrics().horizontalAdvance(QObject::tr("sky from here")) + 10, 18);
        QColor paper = ink().paper;
        paper.setAlpha(225);
        painter.fillRect(box, paper);
        painter.drawText(box, Qt::AlignCenter, QObject::tr("sky from here"));
    }
    painter.restore();
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/look/lamp.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "gui/look/look.h"

namespace wp::gui {

Lamp::Lamp(QWidget* parent) : QWidget(parent) {
    setFixedSize(sizeHint());
    setAccessibleName(QObject::tr("Settling lamp"));
    setObjectName(QStringLiteral("lamp"));
}

QString Lamp::words() const {
    const QString error = QStringLiteral("\u00b1 %L1 %").arg(100 * reached_, 0, 'f', 100 * reached_ < 9.95 ? 1 : 0);
    switch (state_) {
        case State::nothing:
            return QObject::tr("nothing to show yet");
        case State::settling:
            return QObject::tr("settling  ") + error;
        case State::settled:
            return QObject::tr("settled  ") + error;
        case State::stale:
            return QObject::tr("stale");
        case State::foreign:
            return QObject::tr("from elsewhere");
        case State::held:
            return QObject::tr("on hold  ") + error;
    }
    return {};
}

void Lamp::show_state(State state, double reached, double wanted) {
    state_ = state;
    reached_ = reached;
    wanted_ = wanted;
    setToolTip(
        QObject::tr("%1 of the room's mean at a point (95 %, root mean square over the points); wanted \u00b1 %L2 %.\n"
                    "A ring: nothing yet. A filling disc: settling. A full disc: settled. A struck ring: stale. A ring "
                    "with a cross: read from a file.")
            .arg(words())
            .arg(100 * wanted, 0, 'g', 3));
    update();
}

void Lamp::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRectF disc(6, height() / 2.0 - 8, 16, 16);
    painter.setPen(QPen(state_ == State::settled ? ink().ink : ink().accent, 1.6));
    painter.drawEllipse(disc);
    painter.setPen(Qt::NoPen);
    painter.setBrush(state_ == State::settled ? QColor(0xe7, 0xb4, 0x6b) : ink().accent);
    if (state_ == State::settled) painter.drawEllipse(disc.adjusted(2, 2, -2, -2));
    if (state_ == State::settling || state_ == State::held) {
        const double done = std::clamp(wanted_ / std::max(reached_, 1e-6), 0.04, 1.0);
        painter.drawPie(disc.adjusted(2, 2, -2, -2), 90 * 16, -static_cast<int>(done * 360 * 16));
    }
    if (state_ == State::foreign) {
        painter.setPen(QPen(ink().ink, 1.6));
        painter.drawLine(QPointF(disc.left() + 4, disc.center().y()), QPointF(disc.right() - 4, disc.center().y()));
        painter.drawLine(QPointF(disc.center().x(), disc.top() + 4), QPointF(disc.center().x(), disc.bottom() - 4));
    }
    if (state_ == State::stale) {
        painter.setPen(QPen(ink().accent, 1.6));
        painter.drawLine(disc.bottomLeft(), disc.topRight());
    }
    painter.setPen(ink().ink);
    painter.drawText(QRectF(30, 0, width() - 32, height()), Qt::AlignVCenter | Qt::AlignLeft, words());
}

}  // namespace wp::gui

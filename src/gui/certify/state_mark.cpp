// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/state_mark.h"

#include <QPainter>

#include "gui/look/look.h"
#include "report/verdict_mark.h"

namespace wp::gui {

namespace {

constexpr int kSize = 16;
constexpr double kSharp = 3;  // pixels drawn for each shown

}  // namespace

QIcon state_icon(rule::State state) {
    QPixmap pixmap(static_cast<int>(kSize * kSharp), static_cast<int>(kSize * kSharp));
    pixmap.setDevicePixelRatio(kSharp);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    report::draw_verdict_mark(painter, state, QRectF(0, 0, kSize, kSize), ink());
    return QIcon(pixmap);
}

}  // namespace wp::gui

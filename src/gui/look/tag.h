// SPDX-License-Identifier: GPL-3.0-or-later
// The small plate beside the pointer that tells what is under it.
#pragma once
#include <QPainter>
#include <QStringList>

namespace wp::gui {

/// The first line in heavy type, the others below it; kept within the bounds.
void draw_tag(QPainter& painter, QPointF pointer, QRectF bounds, const QStringList& lines);

}  // namespace wp::gui

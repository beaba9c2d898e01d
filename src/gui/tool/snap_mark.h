// SPDX-License-Identifier: GPL-3.0-or-later
// The mark of what the pointer snaps to.
#pragma once
#include <QPainter>

#include "geometry/snapping.h"
#include "report/plan.h"

namespace wp::gui {

void paint_snap(QPainter& painter, const report::PlanView& view, const geometry::Snap& snap);

}  // namespace wp::gui

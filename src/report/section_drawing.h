// SPDX-License-Identifier: GPL-3.0-or-later
// A building cut along a line, drawn: poche, panes, rooms by name, what is seen beyond.
#pragma once
#include <functional>
#include <set>
#include <string>

#include "geometry/elevation.h"
#include "report/plan.h"

namespace wp::report {

/// place: metres along the cut and absolute height to paper. selected: ids of rooms and openings.
void draw_section(QPainter& painter, const geometry::Section& section, const model::Option& option,
                  const std::function<QPointF(Vec2)>& place, const Ink& ink, QRectF area,
                  const std::set<std::string>& selected = {});

}  // namespace wp::report

// SPDX-License-Identifier: GPL-3.0-or-later
// The wall view's share in answers: maps of planes that lie on the wall, and figures at its windows.
#include <QPainter>
#include <cmath>

#include "gui/companion/wall_view.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"
#include "report/plan_map.h"

namespace wp::gui {

namespace {

constexpr double kOffTheWall = 0.8;  // metres between the drawn line and a plane on its wall

}  // namespace

// Layers that face whoever looks at the drawing, on this wall.
std::vector<size_t> WallView::layers_here() const {
    std::vector<size_t> out;
    const Vec3 facing{drawing_.right.y, -drawing_.right.x, 0};
    for (size_t l = 0; l < map_.layers.size(); ++l) {
        const auto& plane = map_.layers[l].plane;
        if (plane.lies() || map_.layers[l].value.empty() || dot(plane.normal, facing) < 0.99) continue;
        if (!outside_ && plane.room != room_) continue;
        const Vec2 off = Vec2{plane.corner.x, plane.corner.y} - drawing_.origin;
        if (std::fabs(off.x * facing.x + off.y * facing.y) < kOffTheWall) out.push_back(l);
    }
    return out;
}

void WallView::draw_map(QPainter& painter) const {
    const auto place = [this](Vec3 p) {
        return to_screen({dot(Vec2{p.x, p.y} - drawing_.origin, drawing_.right), p.z});
    };
    report::Labels labels;
    for (const size_t l : layers_here())
        report::draw_layer(painter, map_.layers[l], map_.scale, map_.marks, place, ink(), labels);
}

void WallView::draw_value(QPainter& painter) const {
    if (pointer_.x() < 0 || !rect().contains(pointer_.toPoint()) || grip_.active) return;
    const Vec2 at = to_model(pointer_);
    for (const size_t l : layers_here()) {
        const auto& plane = map_.layers[l].plane;
        const Vec2 corner{dot(Vec2{plane.corner.x, plane.corner.y} - drawing_.origin, drawing_.right), plane.corner.z};
        const double across = plane.across.x * drawing_.right.x + plane.across.y * drawing_.right.y;
        const int i = static_cast<int>(std::floor((at.x - corner.x) * across / plane.dx)),
                  j = static_cast<int>(std::floor((at.y - corner.y) / (plane.up.z * plane.dy)));
        const int point = plane.point_of(i, j);
        if (point < 0) continue;
        if (const auto lines = map_.reading(l, static_cast<size_t>(point)); !lines.isEmpty())
            return draw_tag(painter, pointer_, rect(), lines);
    }
}

}  // namespace wp::gui

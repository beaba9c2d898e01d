// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/tool/point_tool.h"

#include <algorithm>
#include <cmath>

#include "gui/look/look.h"
#include "gui/tool/snap_mark.h"
#include "report/language/words.h"

namespace wp::gui {

namespace {

// Points nearer than this are one, in metres.
constexpr double kSamePoint = 0.02;
// Without an angle, a length is laid along the nearest multiple of this, where the pointer is about there; degrees.
constexpr double kAngleStep = 15, kAngleSlack = 6;

double turned(Vec2 d) { return std::fmod(degrees(std::atan2(d.y, d.x)) + 360, 360.0); }

}  // namespace

std::vector<Vec2> box(Vec2 a, Vec2 b) {
    const Vec2 low{std::min(a.x, b.x), std::min(a.y, b.y)}, high{std::max(a.x, b.x), std::max(a.y, b.y)};
    return {low, {high.x, low.y}, high, {low.x, high.y}};
}

geometry::Snap PointTool::snapped() const {
    return sheet().snap(sheet().view().to_model(sheet().pointer()),
                        points_.empty() ? std::nullopt : std::optional(points_.back()));
}

void PointTool::press(const Pointing&) { add_point(snapped().at); }

void PointTool::add_point(Vec2 at) {
    if (begun() && length(at - points_.back()) < kSamePoint) return;
    points_.push_back(at);
    if (points_needed() > 0 && points_.size() >= points_needed()) finish_points();
}

void PointTool::finish_points() {
    const auto points = std::move(points_);
    points_.clear();
    if (points.size() >= points_needed()) finish(points);
    sheet().say_hint();
    sheet().update();
}

bool PointTool::key(const QKeyEvent& event) {
    if (event.key() == Qt::Key_Return || event.key() == Qt::Key_Enter) {
        finish_points();
        return true;
    }
    if (!begun()) return false;
    if (event.key() == Qt::Key_Backspace) {
        points_.pop_back();
        return true;
    }
    const QString text = event.text();
    if (text.size() != 1 || !(text[0].isDigit() || QStringLiteral(".,-").contains(text[0]))) return false;
    sheet().type_numbers(text);
    return true;
}

bool PointTool::cancel() {
    if (!begun()) return false;
    points_.clear();
    return true;
}

std::optional<SheetTool::Typing> PointTool::typing() const {
    if (!begun()) return {};
    return Typing{QObject::tr("Length"), QObject::tr("Angle"), Unit::degree};
}

// From the last point, towards the pointer where no angle is given.
void PointTool::typed(double first, std::optional<double> second) {
    if (!begun()) return;
    const Vec2 towards = sheet().view().to_model(sheet().pointer()) - points_.back();
    double angle = second ? radians(*second) : std::atan2(towards.y, towards.x);
    if (!second) {
        const double step = radians(kAngleStep), nearest = std::round(angle / step) * step;
        if (std::fabs(angle - nearest) < radians(kAngleSlack)) angle = nearest;
    }
    add_point(points_.back() + Vec2{std::cos(angle), std::sin(angle)} * first);
}

void PointTool::paint(QPainter& painter) const {
    if (sheet().pointer().x() < 0) return;
    const geometry::Snap snap = snapped();
    painter.setPen(QPen(ink().accent, 1.6));
    painter.setBrush(Qt::NoBrush);
    paint_points(painter, snap.at);
    paint_snap(painter, sheet().view(), snap);
}

QString PointTool::words(Vec2 here) const {
    const Vec2 d = here - points_.back();
    return report::metres(length(d)) + QStringLiteral("   %L1\u00b0").arg(turned(d), 0, 'f', 0);
}

void PointTool::paint_line_to(QPainter& painter, Vec2 here) const {
    const Vec2 d = here - points_.back();
    if (length(d) < 1e-6) return;
    const Vec2 unit = normalized(d);
    painter.setPen(QPen(ink().accent, 1));
    report::draw_dimension(painter, sheet().view(), ink(), points_.back(), here, {-unit.y, unit.x}, 18, words(here));
}

void PointTool::paint_points(QPainter& painter, Vec2 here) const {
    if (!begun()) return;
    QPolygonF line;
    for (const Vec2 p : points_) line << sheet().view().to_screen(p);
    line << sheet().view().to_screen(here);
    painter.drawPolyline(line);
    paint_line_to(painter, here);
}

// Boxes

void BoxTool::press(const Pointing& pointing) {
    if (begun()) return PointTool::press(pointing);
    add_point(snapped().at);
    dragged_from_ = pointing;
}

// Dragged: the box is done. Clicked: the opposite corner comes by another click, or typed.
void BoxTool::release(const Pointing& pointing) {
    const auto from = dragged_from_;
    dragged_from_.reset();
    if (from && sheet().is_drag(from->at, pointing.at)) add_point(snapped().at);
}

bool BoxTool::cancel() {
    dragged_from_.reset();
    return PointTool::cancel();
}

std::optional<SheetTool::Typing> BoxTool::typing() const {
    if (!begun()) return {};
    return Typing{QObject::tr("Width"), QObject::tr("Depth"), Unit::metre};
}

void BoxTool::typed(double first, std::optional<double> second) {
    if (!begun()) return;
    const Vec2 from = points_.back(), towards = sheet().view().to_model(sheet().pointer()) - from;
    add_point(from +
              Vec2{towards.x < 0 ? -first : first, towards.y < 0 ? -second.value_or(first) : second.value_or(first)});
}

void BoxTool::finish(const std::vector<Vec2>& points) { finish_box(box(points[0], points[1])); }

QString BoxTool::box_hint(const char* first) const {
    return begun() ? QObject::tr("Click the opposite corner, or type width and depth") : language::words(first);
}

void BoxTool::paint_points(QPainter& painter, Vec2 here) const {
    if (!begun()) return;
    const report::PlanView& view = sheet().view();
    const auto ring = box(points_[0], here);
    painter.drawRect(QRectF(view.to_screen(ring[0]), view.to_screen(ring[2])).normalized());
    painter.setPen(QPen(ink().accent, 1));
    report::draw_dimension(painter, view, ink(), ring[3], ring[2], {0, 1}, 18, report::metres(ring[2].x - ring[0].x));
    report::draw_dimension(painter, view, ink(), ring[0], ring[3], {-1, 0}, 18, report::metres(ring[2].y - ring[0].y));
}

}  // namespace wp::gui

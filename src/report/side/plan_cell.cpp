// SPDX-License-Identifier: GPL-3.0-or-later
#include "report/side/plan_cell.h"

#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "report/language/words.h"
#include "report/pictures.h"

namespace wp::report {

namespace {

constexpr double kNear = 1.0;  // metres to a seat

}  // namespace

std::optional<double> value_at(const MapLayer& layer, Vec2 place) {
    std::optional<double> out;
    double least = 1e18;
    for (size_t i = 0; i < layer.plane.points.size() && i < layer.value.size(); ++i) {
        const Vec3 p = layer.plane.points[i];
        const double d = std::hypot(p.x - place.x, p.y - place.y);
        if (d < least) least = d, out = layer.value[i];
    }
    // Beyond the last point there is no map.
    if (least > 0.75 * std::max(layer.plane.dx, layer.plane.dy) || (out && std::isnan(*out))) return {};
    return out;
}

double take_away(std::vector<MapLayer>& layers, const std::vector<MapLayer>& base) {
    double most = 0;
    for (auto& layer : layers) {
        const auto other = std::ranges::find(base, layer.plane.plane, [](const auto& l) { return l.plane.plane; });
        for (size_t p = 0; p < layer.value.size(); ++p) {
            const Vec3 at = layer.plane.points[p];
            const auto was = other != base.end() ? value_at(*other, {at.x, at.y}) : std::nullopt;
            layer.value[p] = was ? layer.value[p] - *was : std::nan("");
            if (was && !std::isnan(layer.value[p])) most = std::max(most, std::fabs(layer.value[p]));
        }
    }
    return most;
}

Scale map_scale(const std::vector<MapLayer>& layers) { return {0, nice_top(std::max(high_of(layers), 1e-6)), false}; }

Scale difference_scale(double most) {
    const double top = nice_top(std::max(most, 1e-6));
    return {-top, top, false, 0, true};
}

QString value_words(double value, const Scale& scale, const QString& unit) {
    return (scale.difference && value > 0 ? QStringLiteral("+") : QString()) + figure(value) +
           (unit.isEmpty() ? QString() : QStringLiteral(" ") + unit);
}

double PlanCell::shape() const {
    const auto& of = project->options[option];
    if (of.storeys.empty()) return 1.5;
    double low_x = 1e9, high_x = -1e9, low_y = 1e9, high_y = -1e9;
    for (const auto& room : of.storeys[storey].rooms)
        for (const Vec2 p : room.footprint) {
            low_x = std::min(low_x, p.x), high_x = std::max(high_x, p.x);
            low_y = std::min(low_y, p.y), high_y = std::max(high_y, p.y);
        }
    return high_x > low_x && high_y > low_y ? (high_x - low_x) / (high_y - low_y) : 1.5;
}

PlanView PlanCell::view(const QRectF& box) const { return PlanView::fit(project->options[option], storey, box); }

void PlanCell::paint(QPainter& painter, const QRectF& box, const Ink& ink, std::optional<QPointF> under) const {
    PlanScene scene;
    scene.option = &project->options[option];
    scene.project = project.get();
    scene.storey = storey;
    scene.scale = scale;
    scene.maps = layers;
    scene.marks.values = scene.room_names = scene.dimensions = false;
    const PlanView plan = view(box);
    draw_plan(painter, scene, plan, ink, box);
    const double ring = std::clamp(0.55 * plan.scale, 7.0, 24.0);
    for (const auto& seat : arcs)
        draw_arc(painter, plan.to_screen(seat.at), seat.arc, {ring, true, false, seat.value}, ink);
    if (!under) return;
    const QPointF at = plan.to_screen({under->x(), under->y()});
    painter.setPen(QPen(ink.ink, 1.2));
    painter.drawLine(at - QPointF(9, 0), at + QPointF(9, 0));
    painter.drawLine(at - QPointF(0, 9), at + QPointF(0, 9));
}

std::optional<QPointF> PlanCell::place_at(const QRectF& box, QPointF point) const {
    const Vec2 p = view(box).to_model(point);
    return QPointF(p.x, p.y);
}

std::optional<double> PlanCell::value_at(Vec2 place) const {
    const auto& of = project->options[option];
    if (storey >= of.storeys.size()) return {};
    for (const auto& layer : layers)
        if (layer.plane.storey == of.storeys[storey].id)
            if (const auto value = report::value_at(layer, place)) return value;
    return {};
}

QString PlanCell::told(QPointF place) const {
    const SideArc* nearest = nullptr;
    double least = kNear;
    for (const auto& seat : arcs)
        if (const double d = std::hypot(seat.at.x - place.x(), seat.at.y - place.y()); d < least)
            least = d, nearest = &seat;
    if (nearest != nullptr)
        return QObject::tr("%1: clear of glare in %2\u00b0, worst DGP %3")
            .arg(nearest->name, language::number(nearest->arc.clear, 'f', 0), nearest->value);
    const auto value = value_at({place.x(), place.y()});
    return value ? value_words(*value, scale, unit) : QString();
}

namespace {

// Upwards on the drawing is heading 0, clockwise.
QPointF towards(const QPointF& middle, double heading, double distance) {
    const double a = radians(heading);
    return middle + QPointF(std::sin(a), -std::cos(a)) * distance;
}

QPainterPath arc_path(const QPointF& middle, double radius, const question::ArcSpan& span) {
    const QRectF box(middle - QPointF(radius, radius), QSizeF(2 * radius, 2 * radius));
    QPainterPath path;
    // Counter-clockwise from the right, as the painter counts.
    path.arcMoveTo(box, 90 - span.from);
    path.arcTo(box, 90 - span.from, -span.width());
    return path;
}

void draw_plate(QPainter& painter, QPointF at, const QString& text, const Ink& ink) {
    QFont font = painter.font();
    font.setPixelSize(kSideText);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    const double w = painter.fontMetrics().horizontalAdvance(text) + 8;
    const QRectF plate(at.x() - w / 2, at.y() - 8, w, 16);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink.room);
    painter.drawRoundedRect(plate, 3, 3);
    painter.setPen(ink.ink);
    painter.drawText(plate, Qt::AlignCenter, text);
}

}  // namespace

void draw_arc(QPainter& painter, QPointF middle, const question::ClearArc& arc, const ArcLook& look, const Ink& ink) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    QColor edge = ink.paper;
    edge.setAlpha(200);
    const double thick = look.small ? 2.2 : 3.2;
    for (const auto& span : arc.spans) {
        const QPainterPath path = arc_path(middle, look.ring, span);
        painter.setPen(QPen(edge, thick + 3, Qt::SolidLine, Qt::FlatCap));
        painter.drawPath(path);
        painter.setPen(QPen(ink.ink, thick, look.settled ? Qt::SolidLine : Qt::DashLine, Qt::FlatCap));
        painter.drawPath(path);
    }
    if (arc.worst && !look.small) {
        const QPointF from = towards(middle, arc.worst_heading, look.ring - 4),
                      to = towards(middle, arc.worst_heading, look.ring + kArcTick);
        painter.setPen(QPen(edge, 4));
        painter.drawLine(from, to);
        painter.setPen(QPen(ink.ink, 1.6));
        painter.drawLine(from, to);
        draw_plate(painter, towards(middle, arc.worst_heading, look.ring + kArcTick + 13), look.value, ink);
    }
    painter.restore();
}

}  // namespace wp::report

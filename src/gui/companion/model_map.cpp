// SPDX-License-Identifier: GPL-3.0-or-later
// The answer in the model: its planes in colour, contours, and the value under the pointer.
#include <QGuiApplication>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "geometry/contours.h"
#include "gui/companion/model_view.h"
#include "gui/look/look.h"
#include "gui/look/tag.h"

namespace wp::gui {

namespace {

constexpr double kLift = 0.004;  // metres that contours lie above their plane

QColor blended(const QColor& a, const QColor& b, float part) {
    return QColor::fromRgbF(a.redF() + (b.redF() - a.redF()) * part, a.greenF() + (b.greenF() - a.greenF()) * part,
                            a.blueF() + (b.blueF() - a.blueF()) * part);
}

}  // namespace

void ModelView::add_map() {
    map_dirty_ = false;
    auto mesh = std::make_shared<MapMesh>();
    map_mesh_ = mesh;
    if (to_sun_ || tint_ != report::TintBy::nothing) return;  // the map would lie over the sun, or over colours
    for (const auto& layer : map_.layers) {
        const auto& plane = layer.plane;
        for (size_t i = 0; i < layer.value.size(); ++i) {
            if (std::isnan(layer.value[i])) continue;
            const Vec3 p = plane.points[i], x = plane.across * (plane.dx / 2), y = plane.up * (plane.dy / 2);
            // Beyond the band it pales, as hatching would be too fine to see from here.
            QColor colour = map_.scale.colour(layer.value[i]);
            if (!map_.marks.within(layer.value[i])) colour = blended(colour, ink().paper, 0.75f);
            if (layer.stale) colour = blended(colour, ink().paper, 0.4f);
            for (const Vec3 q : {p - x - y, p + x - y, p + x + y, p - x - y, p + x + y, p - x + y})
                mesh->flat.push_back(vertex(q, plane.normal, colour));
        }
        if (!map_.marks.contours) continue;
        const auto lattice = geometry::lattice_of(plane, layer.value);
        const auto marks = report::marks_of(map_.scale);
        for (size_t k = 1; k + 1 < marks.size(); ++k)
            for (const auto& line : geometry::contour_lines(lattice, marks[k]))
                for (size_t i = 1; i < line.size(); ++i)
                    for (const Vec2 p : {line[i - 1], line[i]})
                        mesh->contours.push_back(vertex(plane.corner + plane.across * (p.x * plane.dx) +
                                                            plane.up * (p.y * plane.dy) + plane.normal * kLift,
                                                        plane.normal, ink().ink));
    }
}

ModelView::Ray ModelView::ray_through(QPointF at) const {
    const double aspect = static_cast<double>(width()) / std::max(1, height()), half = std::tan(radians(17.5));
    const Vec3 ahead = normalized(target_ - eye()), right = normalized(cross(ahead, Vec3{0, 0, 1})),
               up = cross(right, ahead);
    return {eye(), normalized(ahead + right * ((2 * at.x() / width() - 1) * half * aspect) +
                              up * ((1 - 2 * at.y() / height()) * half))};
}

// Of the nearest plane that the pointer is over.
void ModelView::draw_value(QPainter& painter) {
    if (pointer_.x() < 0 || QGuiApplication::mouseButtons() != Qt::NoButton || map_mesh_ == nullptr ||
        map_mesh_->flat.empty())
        return;
    const auto [from, along] = ray_through(pointer_);
    double nearest = 1e18;
    QStringList lines;
    for (size_t l = 0; l < map_.layers.size(); ++l) {
        const auto& plane = map_.layers[l].plane;
        const double towards = dot(along, plane.normal);
        if (map_.layers[l].value.empty() || std::fabs(towards) < 1e-9) continue;
        const double t = dot(plane.corner - from, plane.normal) / towards;
        if (t <= 0 || t >= nearest) continue;
        const Vec3 d = from + along * t - plane.corner;
        const int i = static_cast<int>(std::floor(dot(d, plane.across) / plane.dx)),
                  j = static_cast<int>(std::floor(dot(d, plane.up) / plane.dy));
        const int point = plane.point_of(i, j);
        if (point < 0 || std::isnan(map_.layers[l].value[static_cast<size_t>(point)])) continue;
        nearest = t;
        lines = map_.reading(l, static_cast<size_t>(point)).mid(0, 1);
    }
    if (lines.isEmpty()) return;
    draw_tag(painter, pointer_, rect(), lines);
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// Shading in elevation, and the handle that turns blades.
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "gui/companion/wall_view.h"
#include "gui/look/look.h"
#include "shading/shade.h"

namespace wp::gui {
using namespace model;

namespace {

constexpr double kHandle = 17;  // pixels

const ShadeLayer* louvres_of(const std::vector<ShadeLayer>& layers) {
    const auto it = std::find_if(layers.begin(), layers.end(),
                                 [](const ShadeLayer& s) { return s.kind == ShadeLayer::Kind::louvres; });
    return it == layers.end() ? nullptr : &*it;
}

}  // namespace

QColor WallView::tint_of(Part part, const Finish& finish) const {
    return tint_ == report::TintBy::nothing ? QColor() : report::tint(tint_, part, finish);
}

void WallView::draw_shading(QPainter& painter, const geometry::ElevationOpening& o) const {
    // Its own outside may lie on the other side of the drawing.
    const bool from_outside = outside_ != o.from_behind;
    const double w = o.high.x - o.low.x, h = o.high.y - o.low.y;
    const shading::ShadeFrame frame =
        from_outside ? shading::ShadeFrame{{o.low.x, 0, o.low.y}, {1, 0, 0}, {0, 0, 1}, {0, -1, 0}, w, h, 0, 0}
                     : shading::ShadeFrame{{o.high.x, 0, o.low.y}, {-1, 0, 0}, {0, 0, 1}, {0, 1, 0}, w, h, 0, 0};
    const bool chosen = document_.is_selected({Selection::Kind::opening, o.id, -1});
    for (const ShadeLayer& layer : o.opening->shading) {
        const bool behind = layer.inside == from_outside;
        QColor fill = ink().paper;
        if (const QColor c = tint_of(Part::shading,
                                     finish_of(document_.project(), document_.option(), Part::shading, layer.material));
            c.isValid())
            fill = c;
        fill.setAlpha(behind ? 60 : layer.kind == ShadeLayer::Kind::screen ? 110 : 200);
        painter.setBrush(fill);
        painter.setPen(QPen(chosen ? ink().accent : ink().ink, 0.8, behind ? Qt::DotLine : Qt::SolidLine));
        shading::build_shade(layer, frame, [&](Vec3 a, Vec3 b, Vec3 c, Vec3 d) {
            const QPolygonF shape{to_screen({a.x, a.z}), to_screen({b.x, b.z}), to_screen({c.x, c.z}),
                                  to_screen({d.x, d.z})};
            // Faces that look at the drawing's reader; sheets either way.
            const double area = (b.x - a.x) * (d.z - a.z) - (b.z - a.z) * (d.x - a.x);
            if (area > 1e-9 || layer.kind == ShadeLayer::Kind::screen || layer.thickness < 1e-3)
                painter.drawPolygon(shape);
        });
    }
}

std::optional<QPointF> WallView::tilt_handle() const {
    const Selection& selection = document_.selection();
    std::optional<QPointF> at;
    double right = -1e18;
    for (const auto& o : drawing_.openings) {
        if (!document_.is_selected({Selection::Kind::opening, o.id, -1})) continue;
        right = std::max(right, o.high.x);
        if (selection == Selection{Selection::Kind::opening, o.id, -1} && louvres_of(o.opening->shading) != nullptr)
            at = to_screen({0, (o.low.y + o.high.y) / 2});
    }
    if (!at) return {};
    // Beside the one, or beside all of them.
    return QPointF(std::min(to_screen({right, 0}).x() + 44, width() - kHandle - 4), at->y());
}

// A blade in section, the outside to the right: it is turned by its outer end.
void WallView::draw_tilt_handle(QPainter& painter) const {
    const auto at = tilt_handle();
    if (!at) return;
    Option copy = document_.option();
    const ShadeLayer* layer = louvres_of(find_opening(copy, document_.selection().id).opening->shading);
    QColor plate = ink().paper;
    plate.setAlpha(235);
    painter.setPen(QPen(ink().accent, 1));
    painter.setBrush(plate);
    painter.drawEllipse(*at, kHandle, kHandle);
    const double a = radians(layer->tilt);
    const QPointF end(kHandle * std::cos(a), kHandle * std::sin(a));
    painter.setPen(QPen(ink().accent, 3));
    painter.drawLine(*at - end * 0.7, *at + end * 0.7);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink().accent);
    painter.drawEllipse(*at + end, 4, 4);
    painter.setPen(ink().accent);
    painter.drawText(QRectF(at->x() - 24, at->y() + kHandle + 2, 48, 14), Qt::AlignCenter,
                     QStringLiteral("%L1\u00b0").arg(layer->tilt, 0, 'f', 0));
}

void WallView::drag_tilt(QPointF to) {
    const auto handle = tilt_handle();
    if (!handle) return;
    const QPointF d = to - *handle;
    if (std::hypot(d.x(), d.y()) < 3) return;
    const double tilt = std::clamp(std::round(degrees(std::atan2(d.y(), d.x()))), -89.0, 89.0);
    const auto items = document_.selected();
    Option after = grip_.before;
    for (const Selection& item : items)
        if (const auto at = find_opening(after, item.id))
            for (ShadeLayer& layer : at.opening->shading)
                if (layer.kind == ShadeLayer::Kind::louvres) layer.tilt = tilt;
    document_.edit_option(
        items.size() > 1 ? QObject::tr("Turn blades of %1 openings").arg(items.size()) : QObject::tr("Turn blades"),
        [&](Option& option) { option = after; }, QObject::tr("wall drag %1").arg(gesture_));
}

}  // namespace wp::gui

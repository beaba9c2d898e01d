// SPDX-License-Identifier: GPL-3.0-or-later
// Sun and shade in the model, and what lies under the pointer.
#include <algorithm>
#include <cmath>

#include "geometry/surfaces.h"
#include "gui/companion/model_view.h"
#include "gui/look/look.h"

namespace wp::gui {

namespace {

constexpr double kSunReach = 30;  // metres around the building that show shade

}  // namespace

void ModelView::show_sun(std::optional<Vec3> to_sun) {
    const bool was = to_sun_.has_value();
    to_sun_ = to_sun && to_sun->z > 0 ? to_sun : std::nullopt;
    dirty_ = dirty_ || was != to_sun_.has_value();
    map_dirty_ = true;
    update();
}

// Everything that can stand in the sun's way, also what is left out of the picture; and ground for the shade to fall
// on.
void ModelView::add_sun() {
    if (!to_sun_) return;
    for (size_t t = 0; t < surfaces_->triangles.size(); ++t) {
        if (surfaces_->surfaces[surfaces_->surface_of[t]].element == geometry::Element::ground) continue;
        for (const uint32_t k : surfaces_->triangles[t]) {
            const Vec3 p = surfaces_->vertices[k];
            mesh_->before_sun.push_back(vertex(p, {0, 0, 1}, Qt::black));
        }
    }
    const double z = document_.project().site.ground_level - 0.02;
    const Vec3 c = middle();
    add_triangle({c.x - kSunReach, c.y - kSunReach, z}, {c.x + kSunReach, c.y - kSunReach, z},
                 {c.x + kSunReach, c.y + kSunReach, z}, {0, 0, 1}, ink().ground);
    add_triangle({c.x - kSunReach, c.y - kSunReach, z}, {c.x + kSunReach, c.y + kSunReach, z},
                 {c.x - kSunReach, c.y + kSunReach, z}, {0, 0, 1}, ink().ground);
}

Vec3 ModelView::middle() const {
    Vec2 low{1e9, 1e9}, high{-1e9, -1e9};
    for (const auto& storey : document_.option().storeys)
        for (const auto& room : storey.rooms)
            for (const Vec2 p : room.footprint) {
                low = {std::min(low.x, p.x), std::min(low.y, p.y)};
                high = {std::max(high.x, p.x), std::max(high.y, p.y)};
            }
    return low.x > high.x ? Vec3{} : Vec3{(low.x + high.x) / 2, (low.y + high.y) / 2, 3};
}

// The nearest thing under the pointer becomes the selection.
void ModelView::pick(QPointF at) {
    if (!surfaces_) return;
    const auto [o, d] = ray_through(at);
    double nearest = 1e18;
    Selection found;
    const auto hit = [o = o, d = d](
                         Vec3 a, Vec3 e1, Vec3 e2,
                         bool whole) {  // Moeller and Trumbore; both sides of a pane, the seen one of a surface
        const Vec3 p = cross(d, e2);
        const double det = dot(e1, p);
        if (std::fabs(det) < 1e-12 || (!whole && det < 0)) return 1e18;
        const Vec3 s = o - a;
        const double u = dot(s, p) / det, v = dot(d, cross(s, e1)) / det;
        if (u < 0 || v < 0 || (whole ? u > 1 || v > 1 : u + v > 1)) return 1e18;
        const double t = dot(e2, cross(s, e1)) / det;
        return t > 0.1 ? t : 1e18;
    };
    using Kind = Selection::Kind;
    const auto kind_of = [&](const model::Id& id) {
        model::Option& option = const_cast<model::Option&>(document_.option());
        for (const Kind kind :
             {Kind::opening, Kind::rooflight, Kind::partition, Kind::room, Kind::floor_void, Kind::block, Kind::storey})
            if (edit::exists(option, {kind, id, -1})) return kind;
        return Kind::none;
    };
    for (size_t t = 0; t < surfaces_->triangles.size(); ++t) {
        const auto& surface = surfaces_->surfaces[surfaces_->surface_of[t]];
        if (!is_shown(surface)) continue;
        const auto& k = surfaces_->triangles[t];
        const Vec3 a = surfaces_->vertices[k[0]];
        const double distance = hit(a, surfaces_->vertices[k[1]] - a, surfaces_->vertices[k[2]] - a, false);
        if (distance >= nearest) continue;
        nearest = distance;
        found = {kind_of(surface.source), surface.source, -1};
    }
    for (const auto& portal : surfaces_->portals)
        if (const double distance = hit(portal.corner, portal.u, portal.v, true); distance < nearest + 0.02) {
            nearest = distance;
            found = {kind_of(portal.opening), portal.opening, -1};
        }
    document_.select(found.kind == Kind::none ? Selection{} : found);
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// Directions towards an opening, uniform in solid angle.
//
// C. Urena, M. Fajardo, A. King, "An Area-Preserving Parametrization for Spherical Rectangles", Computer Graphics Forum
// 32(4), 2013. Where the rectangle is small and far, uniform points on it serve as well, are cheaper, and keep their
// precision; which of the two is used depends on the place and the rectangle alone, so both ends of multiple importance
// sampling agree.
#pragma once
#include <cmath>

#include "base/random.h"
#include "light/scene.h"

namespace wp::light {

class PortalView {
 public:
    PortalView(const ScenePortal& portal, Vec3f from) : portal_(portal), from_(from) {
        const Vec3f to_centre = portal.centre - from;
        by_area_ = dot(to_centre, to_centre) > 9.0f * portal.area;
        if (!by_area_) prepare();
    }

    /// Point of the rectangle that the pair stands for.
    Vec3f point(random::Pair pair) const;
    /// Density by solid angle of a unit direction that meets the rectangle at distance.
    float density(Vec3f direction, float distance) const {
        if (by_area_) return distance * distance / (portal_.area * std::fabs(dot(direction, portal_.normal)) + 1e-20f);
        return solid_angle_ > 0 ? 1 / solid_angle_ : 0.0f;
    }

 private:
    void prepare();

    const ScenePortal& portal_;
    Vec3f from_;
    bool by_area_;
    // Names as in the paper.
    float x0_ = 0, x1_ = 0, y0_ = 0, y1_ = 0, z0_ = 0, b0_ = 0, b1_ = 0, k_ = 0, solid_angle_ = 0;
};

/// From a place before an opening: the way by which it must be moved to see the pane as it sees the opening's mouth,
/// the same rectangle where its reveal begins. Null within the reveal.
inline Vec3f to_mouth(const ScenePortal& portal, Vec3f at) {
    constexpr float kBefore = 1e-3f;
    const float height = dot(at - portal.corner, portal.normal);
    const float depth = height < 0 ? portal.reveal_in : portal.reveal_out;
    if (std::fabs(height) < depth + kBefore) return {};
    return portal.normal * (height < 0 ? depth : -depth);
}

/// How far a unit direction leads to the pane's rectangle; kFar where it does not.
inline float way_to_rectangle(const ScenePortal& portal, Vec3f from, Vec3f direction) {
    const float height = dot(portal.corner - from, portal.normal), climb = dot(direction, portal.normal);
    if (!(height * climb > 0)) return kFar;
    const float distance = height / climb;
    const Vec3f off = from + direction * distance - portal.corner;
    const float s = dot(off, portal.unit_u), t = dot(off, portal.unit_v);
    return s >= 0 && t >= 0 && s <= portal.length_u && t <= portal.length_v ? distance : kFar;
}

/// How likely each portal of the space is chosen from here: about by what it could send. Exact zeros only where no
/// direction above the surface leads through it.
inline float portal_chance(const ScenePortal& p, Vec3f at, Vec3f normal) {
    const Vec3f to = p.centre - at;
    const float height = dot(to, normal);
    const float reach = 0.5f * (std::fabs(dot(p.u, normal)) + std::fabs(dot(p.v, normal)));
    if (height + reach <= 1e-6f) return 0;
    const float inverse = 1 / std::sqrt(dot(to, to) + 0.5f * p.area);
    const float facing = std::fabs(dot(to, p.normal)) * inverse;
    const float up = std::max(height + 0.5f * reach, 0.3f * reach) * inverse;
    // Light from another room is dimmer than light from the sky.
    const float worth = p.inside >= 0 && p.outside >= 0 ? 0.25f : 1.0f;
    return worth * p.free_share * p.area * (facing + 0.05f) * up * inverse * inverse;
}

}  // namespace wp::light

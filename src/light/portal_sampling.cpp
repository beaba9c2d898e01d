// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/portal_sampling.h"

#include <algorithm>

namespace wp::light {

namespace {
constexpr float kTurn = static_cast<float>(2 * kPi);
}

void PortalView::prepare() {
    const Vec3f d = portal_.corner - from_;
    z0_ = dot(d, portal_.normal);
    // The local frame must be right-handed with the rectangle on its negative z side; its sign follows the side we are
    // on.
    if (z0_ > 0) z0_ = -z0_;
    x0_ = dot(d, portal_.unit_u);
    y0_ = dot(d, portal_.unit_v);
    x1_ = x0_ + portal_.length_u;
    y1_ = y0_ + portal_.length_v;
    const float zz = z0_ * z0_;
    // Normals of the four planes through the edges; only their z parts and the angles between them are needed.
    const float n0 = -y0_ / std::sqrt(zz + y0_ * y0_), n1 = x1_ / std::sqrt(zz + x1_ * x1_);
    const float n2 = y1_ / std::sqrt(zz + y1_ * y1_), n3 = -x0_ / std::sqrt(zz + x0_ * x0_);
    const auto angle = [](float a, float b) { return std::acos(std::clamp(-a * b, -1.0f, 1.0f)); };
    const float g0 = angle(n0, n1), g1 = angle(n1, n2), g2 = angle(n2, n3), g3 = angle(n3, n0);
    b0_ = n0;
    b1_ = n2;
    k_ = kTurn - g2 - g3;
    solid_angle_ = std::max(0.0f, g0 + g1 - k_);
    // Seen edge-on there is nothing to sample.
    if (!(zz > 1e-10f)) solid_angle_ = 0;
}

Vec3f PortalView::point(random::Pair pair) const {
    if (by_area_) return portal_.corner + portal_.u * pair.u + portal_.v * pair.v;
    const float au = pair.u * solid_angle_ + k_;
    const float sin_au = std::sin(au);
    const float fu = (std::cos(au) * b0_ - b1_) / (std::fabs(sin_au) < 1e-12f ? 1e-12f : sin_au);
    const float cu = std::clamp(std::copysign(1 / std::sqrt(fu * fu + b0_ * b0_), fu), -1.0f, 1.0f);
    const float xu = std::clamp(-(cu * z0_) / std::sqrt(std::max(1 - cu * cu, 1e-12f)), x0_, x1_);
    const float d2 = xu * xu + z0_ * z0_, d = std::sqrt(d2);
    const float h0 = y0_ / std::sqrt(d2 + y0_ * y0_), h1 = y1_ / std::sqrt(d2 + y1_ * y1_);
    const float hv = h0 + pair.v * (h1 - h0), hv2 = hv * hv;
    const float yv = hv2 < 1 - 1e-6f ? std::clamp(hv * d / std::sqrt(1 - hv2), y0_, y1_) : y1_;
    return portal_.corner + portal_.unit_u * (xu - x0_) + portal_.unit_v * (yv - y0_);
}

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/sun_choice.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace wp::light {

SunChoice::SunChoice(const Scene& scene, const SunNodes& nodes, const std::vector<double>& worth) : scene_(scene), nodes_(nodes) {
    // A node of no worth in typical light may still be wanted by some day.
    const double mean = worth.empty() ? 0 : std::accumulate(worth.begin(), worth.end(), 0.0) / static_cast<double>(worth.size());
    for (const double w : worth) worth_.push_back(static_cast<float>(mean > 0 ? w / mean + 0.1 : 1.0));
    for (const ScenePortal& portal : scene.portals()) {
        Axes axes;
        for (size_t i = 0; i < nodes.count(); ++i) {
            const Vec3f d = nodes.direction(i);
            const float through = dot(d, portal.normal);
            // Through a window to the open the sun comes from its far side only: half of them need no look.
            if (portal.outside < 0 && portal.inside >= 0 && through <= 0) continue;
            if (portal.inside < 0 && portal.outside >= 0 && through >= 0) continue;
            axes.node.push_back(static_cast<uint32_t>(i));
            // Along the plane there is no meeting: a far place that no side holds.
            axes.inverse_through.push_back(std::fabs(through) > 1e-6f ? 1 / through : 1e6f);
            axes.along_u.push_back(dot(d, portal.unit_u));
            axes.along_v.push_back(dot(d, portal.unit_v));
        }
        axes_.push_back(std::move(axes));
    }
}

void SunChoice::open(size_t index, Vec3f at, float* marks) const {
    const ScenePortal& portal = scene_.portals()[index];
    const Axes& axes = axes_[index];
    const Vec3f from = at - portal.corner;
    const float height = -dot(from, portal.normal), u0 = dot(from, portal.unit_u), v0 = dot(from, portal.unit_v);
    const float *inverse = axes.inverse_through.data(), *along_u = axes.along_u.data(), *along_v = axes.along_v.data();
    const float length_u = portal.length_u, length_v = portal.length_v;
    const uint32_t* node = axes.node.data();
    const size_t n = axes.node.size();
    for (size_t i = 0; i < n; ++i) {
        const float t = height * inverse[i], u = u0 + t * along_u[i], v = v0 + t * along_v[i];
        const float within = std::min(std::min(t, u), std::min(std::min(length_u - u, v), length_v - v));
        if (within >= 0) marks[node[i]] = 1.0f;
    }
}

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/sight.h"

#include "base/parallel.h"
#include "light/path.h"

namespace wp::light {

namespace {

Sight look(const Scene& scene, const LensRay& ray) {
    Sight out;
    Vec3f from = ray.from.as<float>();
    const Vec3f along = ray.along.as<float>();
    float gone = 0;
    for (int skip = -1, steps = 0; steps < kLongChain; ++steps) {
        const Hit hit = scene.intersect(from, along, skip);
        if (hit.what == Hit::What::nothing) break;
        from = from + along * hit.distance;
        gone += hit.distance;
        if (hit.what == Hit::What::surface) {
            out.surface = static_cast<int>(hit.source);
            out.distance = gone;
            out.normal = hit.normal;
            return out;
        }
        const auto& portal = scene.portals()[static_cast<size_t>(hit.portal)];
        if ((portal.inside < 0) != (portal.outside < 0)) out.pane = hit.portal;
        skip = hit.portal;
    }
    out.surface = Sight::kOpen;
    out.distance = kFar;
    return out;
}

}  // namespace

std::vector<Sight> look_around(const Scene& scene, const Lens& lens, const Pose& pose, const Cancel& cancel) {
    const auto wide = static_cast<size_t>(lens.width), high = static_cast<size_t>(lens.height);
    std::vector<Sight> out(wide * high);
    parallel_for(high, [&](size_t y) {
        for (size_t x = 0; x < wide && !cancel.requested(); ++x)
            if (const auto ray = ray_at(lens, pose, {static_cast<double>(x) + 0.5, static_cast<double>(y) + 0.5}))
                out[y * wide + x] = look(scene, *ray);
    });
    return out;
}

LensField::LensField(const Lens& lens) {
    const auto wide = static_cast<size_t>(lens.width), all = wide * static_cast<size_t>(lens.height);
    direction.assign(all, {0, 0, 0});
    solid_angle.assign(all, 0);
    // The axes of the pose: its right is the cross product of forward and up.
    const Pose pose{{0, 0, 0}, {0, 0, -1}, {0, 1, 0}};
    parallel_for(all, [&](size_t at) {
        const auto ray =
            ray_at(lens, pose, {static_cast<double>(at % wide) + 0.5, static_cast<double>(at / wide) + 0.5});
        if (!ray) return;
        direction[at] = {ray->along.x, ray->along.y, -ray->along.z};
        solid_angle[at] = ray->solid_angle;
    });
}

}  // namespace wp::light

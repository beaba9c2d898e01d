// SPDX-License-Identifier: GPL-3.0-or-later
// Directions as surfaces send and take light: by the cosine, around a mirrored direction, through what veils.
#pragma once
#include <algorithm>
#include <cmath>

#include "base/random.h"
#include "light/scene.h"

namespace wp::light {

struct Frame {
    Vec3f t, b, n;
    /// Duff et al., "Building an Orthonormal Basis, Revisited", Journal of Computer Graphics Techniques 6(1), 2017.
    explicit Frame(Vec3f normal) : n(normal) {
        const float sign = std::copysign(1.0f, n.z), a = -1.0f / (sign + n.z), c = n.x * n.y * a;
        t = {1.0f + sign * n.x * n.x * a, sign * c, -sign * n.x};
        b = {c, sign + n.y * n.y * a, -n.y};
    }
    Vec3f out(Vec3f local) const { return t * local.x + b * local.y + n * local.z; }
};

/// Cosine-weighted direction of the unit hemisphere around +z.
inline Vec3f cosine_direction(random::Pair pair) {
    const float r = std::sqrt(pair.u), angle = static_cast<float>(2 * kPi) * pair.v;
    return {r * std::cos(angle), r * std::sin(angle), std::sqrt(std::max(0.0f, 1 - pair.u))};
}

/// What an eye sees between its brow and its cheek: sines of the height over the plane across `up`.
struct SeenBetween {
    Vec3f up{0, 0, 1};
    float least = -1, most = 1;
};

/// Where a glossy surface sends light: a power of the cosine around the mirrored direction, folded at the surface.
struct GlossLobe {
    Vec3f normal{}, mirror{};
    float sharpness = 0;
    /// By solid angle, of a unit direction above the surface.
    float density(Vec3f d) const {
        const float above = dot(d, normal);
        if (above <= 0) return 0;
        const auto lobe = [&](Vec3f e) {
            const float cosine = dot(e, mirror);
            return cosine > 0 ? std::pow(cosine, sharpness) : 0.0f;
        };
        return (sharpness + 1) * static_cast<float>(0.5 / kPi) * (lobe(d) + lobe(d - normal * (2 * above)));
    }
};

/// Light from a unit direction onto a veil (see LitPlace), over the mean over all directions: the path carries that
/// mean already. 1 for surfaces.
inline float veil_share(const Scene& scene, int veil, Vec3f towards) {
    return veil < 0 ? 1.0f : scene.portals()[static_cast<size_t>(veil)].scatter_share(towards);
}

}  // namespace wp::light

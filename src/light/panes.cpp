// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/panes.h"

#include <algorithm>
#include <cmath>

namespace wp::light {

namespace {

/// Of the plain blind, on both sides.
constexpr float kBlindReflectance = 0.5f;

ScenePortal make_portal(const geometry::Portal& p, const std::vector<std::unique_ptr<GlassCurve>>& glasses) {
    ScenePortal out{};
    out.corner = p.corner.as<float>();
    out.u = p.u.as<float>();
    out.v = p.v.as<float>();
    out.length_u = length(out.u);
    out.length_v = length(out.v);
    out.unit_u = out.u * (1 / out.length_u);
    out.unit_v = out.v * (1 / out.length_v);
    out.normal = cross(out.unit_u, out.unit_v);
    out.centre = out.corner + (out.u + out.v) * 0.5f;
    out.area = out.length_u * out.length_v;
    out.inside = p.inside;
    out.outside = p.outside;
    out.group = p.group;
    out.glass = p.glazing >= 0 ? glasses[static_cast<size_t>(p.glazing)].get() : nullptr;
    out.free_share = static_cast<float>(p.free_share * p.maintenance);
    return out;
}

}  // namespace

BlindLayers layers_of(const geometry::Surfaces& surfaces, Blinds blinds) {
    BlindLayers out(surfaces.portals.size(), kNoBlind);
    if (blinds == Blinds::open) return out;
    for (size_t i = 0; i < out.size(); ++i)
        if (surfaces.portals[i].blind) out[i] = surfaces.portals[i].blind_layer;
    return out;
}

// Both ways through a pane and a blind are the same, so that the direction outwards is all that counts.
Pass ScenePortal::pass(Vec3f direction) const {
    const float along = dot(direction, normal), cosine = std::fabs(along);
    Pass out;
    const float all = free_share * (glass != nullptr ? glass->transmittance(cosine) : 1.0f);
    if (!blind_closed) {
        const float reflected = glass != nullptr ? free_share * glass->reflectance(cosine, along < 0) : 0.0f;
        out = {all * (1 - diffuse), reflected * (1 - diffuse), all * diffuse, reflected * diffuse};
        return out;
    }
    // The blind hangs behind the pane. What it scatters meets the pane from everywhere, what it lets pass at its own angle;
    // light that goes to and fro between the two is left out.
    const float evenly = free_share * (glass != nullptr ? glass->hemispherical() : 1.0f);
    float open = blind_openness, scattered = blind_through;
    out.back = blind_back;
    if (slats != nullptr) {
        const Vec3f outwards = along < 0 ? -direction : direction;
        const SlatAnswer a = slats->at(dot(outwards, slats_upright ? unit_u : unit_v) / std::max(cosine, 1e-6f));
        open = static_cast<float>(a.direct);
        scattered = static_cast<float>(a.through);
        out.back = static_cast<float>(a.back);
    }
    out.straight = open * all * (1 - diffuse);
    out.through = open * all * diffuse + scattered * evenly;
    return out;
}

template <class Of>
float ScenePortal::evenly(bool outwards, Of&& of) const {
    // By the cosine, in rings and around.
    constexpr int rings = 12, around = 12;
    const Vec3f axis = (outside == geometry::kOutdoors) == outwards ? normal : -normal;
    float sum = 0;
    for (int i = 0; i < rings; ++i)
        for (int j = 0; j < around; ++j) {
            const float sine = std::sqrt((static_cast<float>(i) + 0.5f) / rings), angle = 2 * static_cast<float>(kPi) * (static_cast<float>(j) + 0.5f) / around;
            sum += of(pass(unit_u * (sine * std::cos(angle)) + unit_v * (sine * std::sin(angle)) + axis * std::sqrt(std::max(0.0f, 1 - sine * sine))));
        }
    return sum / (rings * around);
}

float ScenePortal::passes_evenly() const {
    return evenly(false, [](const Pass& p) { return p.straight + p.through; });
}
float ScenePortal::sends_back_evenly() const {
    return evenly(true, [](const Pass& p) { return p.mirror + p.back; });
}

Panes::Panes(const geometry::Surfaces& surfaces, const BlindLayers& layers) {
    for (const auto& g : surfaces.glazings) glasses_.push_back(std::make_unique<GlassCurve>(g.transmittance, g.panes, g.reflectance_out, g.reflectance_in));
    slats_.resize(surfaces.blinds.size());
    for (size_t i = 0; i < surfaces.portals.size(); ++i) {
        const geometry::Portal& p = surfaces.portals[i];
        ScenePortal portal = make_portal(p, glasses_);
        if (p.glazing >= 0) portal.diffuse = static_cast<float>(surfaces.glazings[static_cast<size_t>(p.glazing)].diffuse);
        if (i < layers.size() && layers[i] != kNoBlind) close_blind(portal, surfaces, layers[i]);
        portals_.push_back(portal);
    }
}

void Panes::close_blind(ScenePortal& portal, const geometry::Surfaces& surfaces, int layer) {
    portal.blind_closed = true;
    if (layer < 0) {
        portal.blind_through = static_cast<float>(surfaces.blind_transmittance);
        portal.blind_back = kBlindReflectance;
        return;
    }
    const geometry::Blind& blind = surfaces.blinds[static_cast<size_t>(layer)];
    // Tables of slats are dear: only where they are asked.
    auto& curve = slats_[static_cast<size_t>(layer)];
    if (blind.slats && !curve) curve = std::make_unique<SlatCurve>(blind.slat_width, blind.slat_spacing, blind.slat_tilt, blind.reflectance);
    portal.slats = curve.get();
    portal.slats_upright = blind.upright;
    portal.blind_openness = static_cast<float>(blind.openness);
    portal.blind_through = static_cast<float>(blind.transmittance);
    portal.blind_back = static_cast<float>(blind.reflectance);
}

}  // namespace wp::light

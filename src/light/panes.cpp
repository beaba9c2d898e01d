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
    out.reveal_in = static_cast<float>(p.reveal_in);
    out.reveal_out = static_cast<float>(p.reveal_out);
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
PaneResponse ScenePortal::pass(Vec3f direction) const {
    const float along = dot(direction, normal), cosine = std::fabs(along);
    PaneResponse out;
    const float all = free_share * (glass != nullptr ? glass->transmittance(cosine) : 1.0f);
    if (!blind_closed) {
        const float reflected = glass != nullptr ? free_share * glass->reflectance(cosine, along < 0) : 0.0f;
        out = {all * (1 - diffuse), reflected * (1 - diffuse), all * diffuse, reflected * diffuse};
        return out;
    }
    const Layer blind = blind_at(direction);
    out.back = blind.back;
    out.straight = blind.open * all * (1 - diffuse);
    out.through = scatters(direction);
    return out;
}

ScenePortal::Layer ScenePortal::blind_at(Vec3f direction) const {
    if (!blind_closed) return {1, 0, 0};
    if (slats == nullptr) return {blind_openness, blind_through, blind_back};
    const float along = dot(direction, normal);
    const Vec3f outwards = along < 0 ? -direction : direction;
    const SlatAnswer a = slats->at(dot(outwards, slats_upright ? unit_u : unit_v) / std::max(std::fabs(along), 1e-6f));
    return {static_cast<float>(a.direct), static_cast<float>(a.through), static_cast<float>(a.back)};
}

// The blind hangs behind the pane. Light from outside meets the pane at its own angle and the blind after it; light
// from inside meets the blind, and what that scatters meets the pane from everywhere. Light that goes to and fro
// between the two is left out.
float ScenePortal::scatters(Vec3f towards) const {
    const float along = dot(towards, normal);
    const float at_angle = free_share * (glass != nullptr ? glass->transmittance(std::fabs(along)) : 1.0f);
    const Layer blind = blind_at(towards);
    const bool from_outside = (along > 0) == (outside == geometry::kOutdoors);
    const float after = from_outside ? at_angle : free_share * (glass != nullptr ? glass->hemispherical() : 1.0f);
    return blind.open * at_angle * diffuse + blind.through * after;
}

namespace {

// Mean by the cosine over the half of all directions around an axis, in rings and around.
template <class Of>
float over_hemisphere(const ScenePortal& portal, Vec3f axis, int rings, int around, Of&& of) {
    float sum = 0;
    for (int i = 0; i < rings; ++i)
        for (int j = 0; j < around; ++j) {
            const float sine = std::sqrt((static_cast<float>(i) + 0.5f) / static_cast<float>(rings));
            const float angle =
                2 * static_cast<float>(kPi) * (static_cast<float>(j) + 0.5f) / static_cast<float>(around);
            sum += of(portal.unit_u * (sine * std::cos(angle)) + portal.unit_v * (sine * std::sin(angle)) +
                      axis * std::sqrt(std::max(0.0f, 1 - sine * sine)));
        }
    return sum / static_cast<float>(rings * around);
}

}  // namespace

template <class Of>
float ScenePortal::evenly(bool outwards, Of&& of) const {
    const Vec3f axis = (outside == geometry::kOutdoors) == outwards ? normal : -normal;
    return over_hemisphere(*this, axis, 12, 12, [&](Vec3f d) { return of(pass(d)); });
}

void ScenePortal::note_scatter() {
    if (diffuse <= 0 && !blind_closed) return;
    scatters_from_outside = over_hemisphere(*this, normal, 24, 24, [&](Vec3f d) { return scatters(d); });
    scatters_from_inside = over_hemisphere(*this, -normal, 24, 24, [&](Vec3f d) { return scatters(d); });
}

float ScenePortal::passes_evenly() const {
    return evenly(false, [](const PaneResponse& p) { return p.straight + p.through; });
}
float ScenePortal::sends_back_evenly() const {
    return evenly(true, [](const PaneResponse& p) { return p.mirror + p.back; });
}

ByState ScenePortal::tint(Vec3f direction, size_t choice) const {
    ByState out = kAllAlike;
    const float cosine = dot(direction, normal), all = glass->transmittance(cosine);
    for (size_t k = 0; k < states; ++k)
        out[k] = all > 0 ? tints[choice * states + k]->transmittance(cosine) / all : 0.0f;
    return out;
}

ByState ScenePortal::mirror_tint(Vec3f direction, size_t choice) const {
    if (tints.empty()) return kAllAlike;
    ByState out = kAllAlike;
    const float along = dot(direction, normal), cosine = std::fabs(along), all = glass->reflectance(cosine, along < 0);
    for (size_t k = 0; k < states; ++k)
        out[k] = all > 0 ? tints[choice * states + k]->reflectance(cosine, along < 0) / all : 0.0f;
    return out;
}
ByState ScenePortal::through_tint(Vec3f direction, size_t choice) const {
    const ByState of_pane = tints.empty() ? kAllAlike : tint(direction, choice);
    return blind_tints != nullptr ? of_pane * (*blind_tints)[choice] : of_pane;
}
ByState ScenePortal::back_tint(Vec3f direction, size_t choice) const {
    if (blind_closed) return blind_tints != nullptr ? (*blind_tints)[choice] : kAllAlike;
    return mirror_tint(direction, choice);
}

ByState ScenePortal::mean_tint(Vec3f direction) const {
    ByState out{};
    for (size_t c = 0; c < shares->size(); ++c) {
        const ByState one = tint(direction, c) * (*shares)[c];
        for (size_t k = 0; k < states; ++k) out[k] += one[k] / static_cast<float>(shares->size());
    }
    return out;
}

Panes::Panes(const geometry::Surfaces& surfaces, const BlindLayers& layers, const Tints* tints, size_t states) {
    if (tints != nullptr) {
        shares_ = std::make_unique<std::vector<ByState>>();
        for (const auto& choice : tints->choices) shares_->push_back(choice.share);
    }
    const auto curve = [](const geometry::Glazing& g, double transmittance) {
        return std::make_unique<GlassCurve>(transmittance, g.panes, g.reflectance_out, g.reflectance_in);
    };
    for (size_t i = 0; i < surfaces.glazings.size(); ++i) {
        const auto& g = surfaces.glazings[i];
        tinted_.emplace_back();
        // Drawn as of all light: what the pane sends back is then its own.
        glasses_.push_back(curve(g, g.transmittance));
        if (tints == nullptr) continue;
        for (const auto& choice : tints->choices)
            for (size_t k = 0; k < states; ++k)
                tinted_.back().push_back(curve(g, static_cast<double>(choice.glazings[i][k])));
    }
    slats_.resize(surfaces.blinds.size());
    blind_tints_.resize(surfaces.blinds.size());
    for (size_t i = 0; tints != nullptr && i < surfaces.blinds.size(); ++i)
        for (const auto& choice : tints->choices)
            if (!surfaces.blinds[i].material.empty() && i < choice.blinds.size())
                blind_tints_[i].push_back(choice.blinds[i]);
    for (size_t i = 0; i < surfaces.portals.size(); ++i) {
        const geometry::Portal& p = surfaces.portals[i];
        ScenePortal portal = make_portal(p, glasses_);
        if (p.glazing >= 0)
            portal.diffuse = static_cast<float>(surfaces.glazings[static_cast<size_t>(p.glazing)].diffuse);
        if (p.glazing >= 0)
            for (const auto& in_band : tinted_[static_cast<size_t>(p.glazing)]) portal.tints.push_back(in_band.get());
        portal.states = states;
        portal.shares = shares_.get();
        if (i < layers.size() && layers[i] != kNoBlind) close_blind(portal, surfaces, layers[i]);
        portal.note_scatter();
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
    if (blind.slats && !curve)
        curve = std::make_unique<SlatCurve>(blind.slat_width, blind.slat_spacing, blind.slat_tilt, blind.reflectance);
    portal.slats = curve.get();
    if (!blind_tints_[static_cast<size_t>(layer)].empty())
        portal.blind_tints = &blind_tints_[static_cast<size_t>(layer)];
    portal.slats_upright = blind.upright;
    portal.blind_openness = static_cast<float>(blind.openness);
    portal.blind_through = static_cast<float>(blind.transmittance);
    portal.blind_back = static_cast<float>(blind.reflectance);
}

}  // namespace wp::light

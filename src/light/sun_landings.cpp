// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/sun_landings.h"

#include "light/path.h"

#include <algorithm>
#include <cmath>

namespace wp::light {

SunLandings::SunLandings(const Scene& scene, Vec3f to_sun, uint32_t count, uint32_t seed, Tally& tally)
    : scene_(scene), to_sun_(to_sun) {
    gather_portals();
    for (auto& [number, air] : airs_)
        land(air, number, count, random::hash(seed, static_cast<uint32_t>(number)), tally);
}

void SunLandings::gather_portals() {
    for (size_t i = 0; i < scene_.portals().size(); ++i) {
        const ScenePortal& p = scene_.portals()[i];
        const bool outward = p.outside < 0 && p.inside >= 0;
        if (!outward && !(p.inside < 0 && p.outside >= 0)) continue;
        const float facing = dot(to_sun_, p.normal) * (outward ? 1.0f : -1.0f);
        const float power = facing > 0 ? facing * p.area * passes(static_cast<int>(i)) : 0.0f;
        if (!(power > 0)) continue;
        Air& air = airs_[scene_.air_of(outward ? p.inside : p.outside)];
        air.portals.push_back(static_cast<int>(i));
        air.power.push_back((air.power.empty() ? 0.0f : air.power.back()) + power);
    }
}

void SunLandings::land(Air& air, int number, uint32_t count, uint32_t seed, Tally& tally) {
    for (uint32_t i = 0; i < count; ++i) {
        random::Stream stream(seed, i);
        random::Pair dice = stream.next();
        // One number picks the portal and, with what is left of it, the place along it.
        const float sought = dice.u * air.power.back();
        const auto at = static_cast<size_t>(
            std::min(std::upper_bound(air.power.begin(), air.power.end(), sought) - air.power.begin(),
                     static_cast<std::ptrdiff_t>(air.power.size()) - 1));
        const float before = at > 0 ? air.power[at - 1] : 0.0f;
        dice.u = std::clamp((sought - before) / (air.power[at] - before), 0.0f, 1.0f);
        const ScenePortal& portal = scene_.portals()[static_cast<size_t>(air.portals[at])];
        ++tally.rays;
        const Vec3f from = portal.corner + portal.u * dice.u + portal.v * dice.v;
        const Hit hit = scene_.intersect(from, -to_sun_, air.portals[at]);
        if (hit.what != Hit::What::surface || hit.through > 0 || hit.reflectance + hit.specular <= 0 || hit.space < 0 ||
            scene_.air_of(hit.space) != number)
            continue;
        Landing landing{from - to_sun_ * hit.distance + hit.normal * kLift,
                        hit.normal,
                        hit.reflectance,
                        hit.specular,
                        hit.sharpness,
                        0,
                        {},
                        air.portals[at],
                        hit.space,
                        hit.source};
        const float cosine = dot(to_sun_, hit.normal);
        ++tally.rays;
        const Scene::Beam beam = scene_.beam(landing.at, to_sun_);
        if (cosine <= 0 || !beam.passes() || beam.portal != landing.portal) continue;
        landing.lux = beam.states;
        for (float& v : landing.lux) v *= cosine;
        landing.density = cosine * passes(landing.portal);
        air.landings.push_back(landing);
    }
    if (air.landings.empty()) return;
    // Those that come to lie nowhere are not drawn: the others are so much denser.
    air.per_power = static_cast<float>(count) / (static_cast<float>(air.landings.size()) * air.power.back());
    for (Landing& landing : air.landings) landing.density *= air.per_power;
}

const std::vector<Landing>& SunLandings::in(int space) const {
    static const std::vector<Landing> none;
    const auto air = airs_.find(scene_.air_of(space));
    return air == airs_.end() ? none : air->second.landings;
}

float SunLandings::density(int space, const Scene::Beam& beam, float cosine) const {
    if (space < 0 || beam.portal < 0) return 0;
    const auto air = airs_.find(scene_.air_of(space));
    if (air == airs_.end() || air->second.landings.empty()) return 0;
    const ScenePortal& p = scene_.portals()[static_cast<size_t>(beam.portal)];
    if (scene_.air_of(p.outside < 0 ? p.inside : p.outside) != air->first) return 0;
    return cosine * passes(beam.portal) * air->second.per_power;
}

}  // namespace wp::light

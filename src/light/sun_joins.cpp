// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/sun_joins.h"

#include <algorithm>
#include <cmath>

namespace wp::light {

ByState SunJoins::states_of(const Scene::Beam& beam) const {
    if (scene_.states() == 1) return kAllAlike;
    ByState out = beam.states;
    for (float& v : out) v /= beam.share;
    return out;
}

SunJoins::Found SunJoins::look(const LitPlace& place, Tally& tally) const {
    const float cosine = dot(to_sun_, place.normal);
    if (cosine <= 0 || !scene_.leads_out(place.space, place.at, to_sun_)) return {};
    ++tally.rays;
    const Scene::Beam beam = scene_.beam(place.at, to_sun_);
    if (beam.share <= 0) return {};
    float found = cosine * beam.share * veil_share(scene_, place.veil, to_sun_);
    if (place.drawn > 0) found *= place.drawn / (place.drawn + landings_.density(place.space, beam, cosine));
    return {found, came_in_by(place, beam), geometry::kOutdoors, states_of(beam)};
}

SunJoins::Found SunJoins::join(const LitPlace& place, float dice, Tally& tally, size_t choice) const {
    const auto& all = landings_.in(place.space);
    if (all.empty()) return {};
    const Landing& landing = all[std::min(static_cast<size_t>(dice * static_cast<float>(all.size())), all.size() - 1)];
    const Vec3f way = landing.at - place.at;
    const float square = dot(way, way), distance = std::sqrt(square), here = dot(way, place.normal),
                there = -dot(way, landing.normal);
    if (here <= 0 || there <= 0 || distance < 1e-3f) return {};
    ++tally.rays;
    const float open = scene_.between(place.at, landing.at)[0];
    if (open <= 0) return {};
    const float by_cosine = here * there / (square * square) * static_cast<float>(1 / kPi);
    // Towards here, over what a matt surface of that illuminance sends: by its gloss it sends the sun on to where it
    // mirrors it.
    float sends = landing.reflectance * landing.lux[0];
    if (landing.specular > 0) {
        const Vec3f back = way * (1 / distance);
        const GlossLobe lobe{landing.normal, back - landing.normal * (2 * dot(back, landing.normal)),
                             landing.sharpness};
        sends += landing.specular * lobe.density(to_sun_) * static_cast<float>(kPi) * landing.lux[0] /
                 std::max(dot(to_sun_, landing.normal), 1e-4f);
    }
    Found out{open * sends * by_cosine / (landing.density + by_cosine), landing.portal, landing.space};
    if (scene_.states() > 1 && landing.lux[0] > 0) {
        out.states = landing.lux * scene_.sends_of(landing.source, choice);
        for (float& v : out.states) v /= landing.lux[0];
    }
    return out;
}

SunJoins::Found SunJoins::gloss(const LitPlace& place, const GlossLobe& lobe, Tally& tally) const {
    float density = lobe.density(to_sun_);
    if (density <= 0 || !scene_.leads_out(place.space, place.at, to_sun_)) return {};
    ++tally.rays;
    const Scene::Beam beam = scene_.beam(place.at, to_sun_);
    if (beam.share <= 0) return {};
    if (place.drawn > 0)
        density *= place.drawn / (place.drawn + landings_.density(place.space, beam, dot(to_sun_, place.normal)));
    return {density * beam.share, came_in_by(place, beam), geometry::kOutdoors, states_of(beam)};
}

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
// What one sun gives to a place on a path, found in both ways: by looking from there to the sun, and by joining the
// place to where the sun's beams lie (sun_landings.h). The balance heuristic weighs what both could find (E. Veach,
// "Robust Monte Carlo Methods for Light Transport Simulation", Stanford 1997, ch. 9).
#pragma once
#include "light/path.h"
#include "light/sun_landings.h"

namespace wp::light {

class SunJoins {
 public:
    /// landings: of that sun; they must outlive this.
    SunJoins(const Scene& scene, Vec3f to_sun, const SunLandings& landings)
        : scene_(scene), to_sun_(to_sun), landings_(landings) {}

    /// Looking and joining cost a ray each: of places whose paths carry less than this, some stand for others. False:
    /// it is another that does; else weight grows to what it stands for. dice: in [0, 1).
    static constexpr float kRoulette = 0.1f;
    static bool is_worth_it(float& weight, float dice) {
        if (weight >= kRoulette) return true;
        if (dice * kRoulette >= weight) return false;
        weight = kRoulette;
        return true;
    }

    /// For a beam of one lux. portal: by which the sun came in; -1: the one that the path went out by.
    struct Found {
        float share = 0;
        int portal = -1;
        int space = geometry::kOutdoors;  ///< of the landing that was joined
        ByState states = kAllAlike;       ///< of a scene in several: each one's, over the share
    };
    /// The sun that falls onto the place itself: a share of the path's weight, as of irradiance.
    Found look(const LitPlace& place, Tally& tally) const;
    /// The place joined to a landing: one reflection more. dice: in [0, 1), picks the landing. choice: of wavelengths,
    /// as the path's.
    Found join(const LitPlace& place, float dice, Tally& tally, size_t choice = 0) const;
    /// The sun in a glossy place: as of luminance.
    Found gloss(const LitPlace& place, const GlossLobe& lobe, Tally& tally) const;

 private:
    /// Of a beam, over its share.
    ByState states_of(const Scene::Beam& beam) const;
    static int came_in_by(const LitPlace& place, const Scene::Beam& beam) {
        return place.space >= 0 ? beam.portal : -1;
    }
    const Scene& scene_;
    Vec3f to_sun_;
    const SunLandings& landings_;
};

}  // namespace wp::light

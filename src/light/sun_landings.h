// SPDX-License-Identifier: GPL-3.0-or-later
// Where a sun's beams come to lie in rooms: light sources in their own right, to which paths are joined. Places are
// drawn evenly over what comes in through the openings.
#pragma once
#include <map>
#include <vector>

#include "light/scene.h"
#include "light/trail.h"

namespace wp::light {

struct Landing {
    Vec3f at, normal;
    float reflectance = 0, specular = 0, sharpness = 0;
    float density = 0;  ///< by area, how densely places like this one are drawn
    ByState lux{};      ///< for a beam of one lux
    int portal = -1;    ///< that it came in by
    int space = 0;
    uint32_t source = 0;  ///< surface
};

class SunLandings {
 public:
    /// count: of places that are tried for every air; some come to lie nowhere.
    SunLandings(const Scene& scene, Vec3f to_sun, uint32_t count, uint32_t seed, Tally& tally);
    /// Of the air of a space; empty where no sun comes in.
    const std::vector<Landing>& in(int space) const;
    /// How densely a place in a space, lit by a beam, would be drawn, by area. cosine: to the sun.
    float density(int space, const Scene::Beam& beam, float cosine) const;

 private:
    struct Air {
        std::vector<int> portals;
        std::vector<float> power;  // of a beam of one lux, summed up
        std::vector<Landing> landings;
        float per_power = 0;  // density over illuminance behind the pane
    };
    void gather_portals();
    void land(Air& air, int number, uint32_t count, uint32_t seed, Tally& tally);
    float passes(int portal) const { return scene_.portals()[static_cast<size_t>(portal)].pass(to_sun_).straight; }
    const Scene& scene_;
    Vec3f to_sun_;
    std::map<int, Air> airs_;
};

}  // namespace wp::light

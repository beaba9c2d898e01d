// SPDX-License-Identifier: GPL-3.0-or-later
// What a path of light remembers: how it came, what it crossed, in which states.
#pragma once
#include <cstddef>
#include <cstdint>

#include "light/scene.h"

namespace wp::light {

/// How light came to the point that is asked, given by what it met last before it: the components of the daylight
/// factor (CIE S 017, 17-29-128 to 131). Light that a diffusing pane scatters counts as straight.
enum class Way : uint8_t {
    straight,           ///< from the sky, unreflected
    from_ground,        ///< reflected last by the ground outdoors
    from_outside,       ///< reflected last by facades, other buildings, trees, blades before the pane
    from_inside,        ///< reflected last within the room
    inside_off_ground,  ///< the same, of light that came in off the ground outdoors
};
inline constexpr size_t kWays = 5;
/// By what a reflection in that space, off ground or not, is told.
inline Way way_off(int space, bool ground) {
    return ground ? Way::from_ground : space != geometry::kOutdoors ? Way::from_inside : Way::from_outside;
}

/// What a path remembers of itself.
struct Trail {
    int portal = -1;  ///< the last portal it crossed to the open
    int order = 0;    ///< reflections
    Way way = Way::straight;
    bool outdoors = false;       ///< it has met something out there
    ByState states = kAllAlike;  ///< of a scene in several states: each one's share of what the path carries
    bool from_matt = false;      ///< it has left a matt place: what it meets is no longer seen sharply
    float slant =
        0;  ///< cosine of the angle at which it crossed that portal; 0: it was scattered there, or crossed none
    Trail reflected(Way by) const {
        Trail out = *this;
        ++out.order;
        if (way == Way::straight) out.way = by;
        // What it meets first outdoors, seen from the point, is what sent the light in.
        else if (way == Way::from_inside && !outdoors && by == Way::from_ground)
            out.way = Way::inside_off_ground;
        out.outdoors = outdoors || by != Way::from_inside;
        return out;
    }
    Trail scattered(int through) const { return {through, order + 1, way, outdoors, states, from_matt, 0}; }
    Trail past(int through, float cosine) const { return {through, order, way, outdoors, states, from_matt, cosine}; }
    Trail weighed(const ByState& by) const { return {portal, order, way, outdoors, states * by, from_matt, slant}; }
};

/// Which directions are drawn. by_cosine is the plain method, kept as the yardstick of the benches and of brute force.
enum class Guidance { openings, by_cosine };

/// Where a path met something that light falls onto.
struct LitPlace {
    Vec3f at, normal;  ///< just off the surface; unit, towards where light comes from
    int space;
    int veil = -1;    ///< the portal whose far side this is, seen through what it scatters; -1: a surface
    float reach = 0;  ///< from the place before, metres
    float drawn = 0;  ///< by area, how densely the place before draws such places by its cosine; 0: it could not be
                      ///< joined to this one by a straight line
};

/// Rays cast, for the record.
struct Tally {
    uint64_t rays = 0, paths = 0;
    Tally& operator+=(const Tally& other) {
        rays += other.rays;
        paths += other.paths;
        return *this;
    }
};

}  // namespace wp::light

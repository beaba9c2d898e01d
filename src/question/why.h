// SPDX-License-Identifier: GPL-3.0-or-later
// Why a point or a room is as light as it is: shares by window and by the way light came, read from an answer without
// tracing.
#pragma once
#include <set>
#include <vector>

#include "question/light_field.h"

namespace wp::question {

/// Of one point, or the mean of a plane's points, in the answer's unit.
struct Shares {
    struct Window {
        model::Id id;  ///< empty: past all windows
        double value = 0;
    };
    std::vector<Window> windows;  ///< the one that gives most first; those that give nothing are left out
    double sun = 0, sky = 0, ground = 0,
           around = 0;                         ///< straight, the last two off the ground and off what stands outdoors
    double inside = 0, inside_off_ground = 0;  ///< interreflected in the room: of light in from the sky and the rest,
                                               ///< and of light in off the ground
    double electric = 0;                       ///< of luminaires, where they are counted
    double total = 0;
    /// The same in another unit.
    Shares times(double factor) const;
};

/// point: index, or -1 for the mean over the plane's points.
Shares shares_of(const DaylightFactorAnswer& answer, size_t plane, int point = -1);
/// The answer must be by source; else there are no windows.
Shares shares_of(const MomentAnswer& answer, size_t plane, int point = -1);

/// What each point would have without the light that came in through those windows. Exact but for one thing: what a
/// wall in their place would reflect of the light from others is not added. One vector a plane.
std::vector<std::vector<double>> value_without(const DaylightFactorAnswer& answer, const std::set<model::Id>& windows);
std::vector<std::vector<double>> value_without(const MomentAnswer& answer, const std::set<model::Id>& windows);

}  // namespace wp::question

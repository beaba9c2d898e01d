// SPDX-License-Identifier: GPL-3.0-or-later
// What of a year traced before an edit still holds after it. A window that is moved changes the facade that others see,
// and so by the letter the light of all rooms; how much it can change it is estimated by paths of light from their
// windows, and where that is little against the error that is stated anyway, what was traced before is used again, and
// the possible change is added to the error.
#pragma once
#include <map>
#include <vector>

#include "geometry/surfaces.h"
#include "light/scene.h"

namespace wp::question {

/// Where what is traced of a space, or of the outer face of an opening, is found as it was before.
struct YearBefore {
    std::map<int, Fingerprint> spaces;
    Fingerprint outdoors;
    std::vector<model::Id> faces;  ///< openings before which outdoors still holds
    std::map<int, double> change;  ///< by space: what its light may have changed by, as a share; of those in spaces
};

/// A box, in metres.
struct Box {
    Vec3 low, high;
    void grow(Vec3 to);
    /// Whether a segment of a ray meets it.
    bool meets(Vec3f from, Vec3f direction, float length) const;
};

/// Around each of some openings as they are in both states of a building: panes, reveals, frames, shading.
std::vector<Box> boxes_around(const geometry::Surfaces& before, const geometry::Surfaces& after,
                              const std::vector<model::Id>& openings);

/// Of the light that comes in through an outer pane, the share that may be another where all that differs stands within
/// the boxes: an upper limit (99 %), by paths that run from the pane outdoors in either state. What stands in a box may
/// be kBrighter times as bright as what else is seen, sunlit or mirroring the sun, before or after.
inline constexpr double kBrighter = 3;
double possible_change(const light::Scene& scene, const geometry::Portal& portal, int number,
                       const std::vector<Box>& boxes, unsigned seed, uint32_t paths);

/// openings: all that differs between the two. tolerance: share of light that may be passed over. paths: from each pane
/// in each state; of what none of them meets the limit is still 3 / paths. Nothing holds where the panes of the two do
/// not stand for each other one by one.
YearBefore what_still_holds(const geometry::Surfaces& before, const geometry::Surfaces& after,
                            const std::vector<model::Id>& openings, double tolerance, uint32_t paths = 2048);

}  // namespace wp::question

// SPDX-License-Identifier: GPL-3.0-or-later
// Rays inside the rooms of a building: each must end on a lit side of the same air, or at one of its openings.
#pragma once
#include <string>

#include "geometry/surfaces.h"
#include "model/project.h"

namespace wp::test {

struct Leaks {
    long rays = 0;
    long open = 0;        ///< met nothing at all
    long wrong_side = 0;  ///< met the back of something: slipped into a wall
    long elsewhere = 0;   ///< met another room without passing an opening
    std::string first;    ///< where the first of them happened
    long all() const { return open + wrong_side + elsewhere; }
};

/// Shoots about that many rays, spread over all rooms of the option, from random places in all directions.
Leaks find_leaks(const model::Project& project, const model::Option& option, long rays, uint32_t seed = 1);

}  // namespace wp::test

// SPDX-License-Identifier: GPL-3.0-or-later
// How blinds stand at one moment, for a picture of that moment.
#pragma once
#include <algorithm>
#include <string>
#include <vector>

#include "climate/weather.h"
#include "question/window_groups.h"

namespace wp::question {

struct BlindsNow {
    light::BlindLayers layers;  ///< of every portal; empty: all open
    /// A group that has a blind.
    struct Group {
        std::string words;  ///< its name, how it stands and by which rule
        bool open = true;
        bool sure = true;  ///< false: its rule asks for light that only a year has; it is taken as open
    };
    std::vector<Group> groups;
    bool sure() const { return std::ranges::all_of(groups, &Group::sure); }
};

/// States of an option's window groups under a sun: by the clock, always, never, or against direct sun (IES LM-83, on
/// planes where people are). Adds the blinds of their states to surfaces, which are else as built.
/// to_sun: unit, in the model's axes; sun_lux: normal to it.
BlindsNow blinds_now(const model::Project& project, const model::Option& option, geometry::Surfaces& surfaces,
                     const climate::Moment& moment, Vec3 to_sun, double sun_lux);

}  // namespace wp::question

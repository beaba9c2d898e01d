// SPDX-License-Identifier: GPL-3.0-or-later
// How blinds stand at one moment, for a picture of that moment.
#pragma once
#include <string>
#include <vector>

#include "climate/weather.h"
#include "question/window_groups.h"

namespace wp::question {

struct BlindsNow {
    light::BlindLayers layers;       ///< of every portal
    std::vector<std::string> words;  ///< of each group with a blind: how it stands and by which rule
    bool sure = true;                ///< false: a group's rule asks for light that only a year has; it is taken as open
};

/// States of an option's window groups under a sun: by the clock, always, never, or against direct sun (IES LM-83, on
/// planes where people are). Adds the blinds of their states to surfaces, which are else as built.
/// to_sun: unit, in the model's axes; sun_lux: normal to it.
BlindsNow blinds_now(const model::Project& project, const model::Option& option, geometry::Surfaces& surfaces,
                     const climate::Moment& moment, Vec3 to_sun, double sun_lux);

}  // namespace wp::question

// SPDX-License-Identifier: GPL-3.0-or-later
// The fewest luminaires of a kind whose light reaches a mean over a plane.
#pragma once
#include <functional>
#include <vector>

#include "base/progress.h"
#include "base/result.h"
#include "model/option.h"

namespace wp::model {
struct Project;
}

namespace wp::question {

struct EnoughLuminaires {
    std::vector<model::Luminaire> luminaires;         ///< without ids
    double mean = 0, half_width = 0, uniformity = 0;  ///< over the plane, lux
    int tried = 0;                                    ///< fields that were traced
};

/// arranged: places of at least so many; may give more. What hangs in the room already does not count. Each trial is
/// traced to 2 %; a field counts as enough when its mean is. most: so many are not exceeded.
using Arrange = std::function<std::vector<model::Luminaire>(int count)>;
Result<EnoughLuminaires> enough_luminaires(const model::Project& project, const model::Option& option,
                                           const model::Id& plane, double lux, const Arrange& arranged,
                                           const Cancel& cancel = {}, int most = 2000);

}  // namespace wp::question

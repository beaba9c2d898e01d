// SPDX-License-Identifier: GPL-3.0-or-later
// What would do: values with which a criterion that is not met would be, found from answers that are there. Nothing
// here casts a ray, and whatever is said is said of the building as it was traced.
#pragma once
#include <string>
#include <vector>

#include "base/progress.h"
#include "rule/verdicts.h"

namespace wp::rule {

struct Remedy {
    enum class Of { glass, target, hours, blinds } of = Of::glass;
    std::string words;  ///< "panes that let through 0.74 in place of 0.62"
};

/// None where the verdict is met, or nothing of these would do. Cancelled: what was found so far.
std::vector<Remedy> what_would_do(const Verdict& verdict, const Case& judged, const Cancel& cancel = {});

/// Planes that sets judge on and rooms do not have, one for each room and kind of plane; without ids.
std::vector<model::ReferencePlane> planes_wanted(const std::vector<const CriteriaSet*>& sets, const Case& judged);
/// Adds them to an option, each with an id of its own.
void lay(model::Option& option, const std::vector<model::ReferencePlane>& planes);

}  // namespace wp::rule

// SPDX-License-Identifier: GPL-3.0-or-later
// What is common to analyses that are asked at moments.
#pragma once
#include "analysis/analysis.h"
#include "question/outdoors.h"

namespace wp::analysis {

/// The light outdoors at each of the question's moments, in their order.
Result<std::vector<question::Outdoors>> skies_of(const Request& request);

}  // namespace wp::analysis

// SPDX-License-Identifier: GPL-3.0-or-later
// Rules that come with the program: criteria sets, and what values usually mean.
#pragma once
#include <string>
#include <vector>

#include "base/result.h"
#include "rule/criteria.h"
#include "rule/usual.h"

namespace wp::rule {

/// Ids of the sets that come with the program, sorted.
std::vector<std::string> criteria_sets();
/// The criteria set of that id.
Result<CriteriaSet> criteria_set(const std::string& id);
/// What values usually mean; none where the file is damaged.
const UsualValues& usual_values();

}  // namespace wp::rule

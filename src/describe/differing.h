// SPDX-License-Identifier: GPL-3.0-or-later
// Whether two states of an option differ in openings alone.
#pragma once
#include <optional>
#include <vector>

#include "model/option.h"

namespace wp::model {
struct Project;
}

namespace wp::describe {

/// Openings of rooms that are others in b than in a, where nothing else that bears on light is. None where something
/// else is, or openings came or went.
std::optional<std::vector<model::Id>> differing_openings(const model::Project& a, const model::Project& b,
                                                         const model::Id& option);

}  // namespace wp::describe

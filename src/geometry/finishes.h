// SPDX-License-Identifier: GPL-3.0-or-later
// Every part of an option that takes a material, with the material it has and why.
#pragma once
#include <functional>
#include <map>
#include <set>
#include <vector>

#include "model/finish.h"
#include "model/item.h"

namespace wp::model {
struct Project;
}

namespace wp::geometry {

/// Calls visit for each: floors, walls and ceilings surface by surface, panes, reveals, frames, shading layers, things.
void each_finish(const model::Project& project, const model::Option& option,
                 const std::function<void(model::Part, const model::Item&, const model::Finish&)>& visit);

/// What uses a material, in the order of the building.
std::vector<model::Item> users_of(const model::Project& project, const model::Option& option,
                                  const model::Id& material);

/// Gives every kind of part that has no material, or only an assumed one by type, the one of the set, by type; the
/// materials are added to the project. Only parts named in the set. How many kinds of part were given one.
int assume_unknown(model::Project& project, size_t option, const std::map<model::Part, model::Material>& set);

}  // namespace wp::geometry

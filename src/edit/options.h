// SPDX-License-Identifier: GPL-3.0-or-later
// Options of a project: made, copied, put in another order, taken out.
#pragma once
#include "model/project.h"

namespace wp::edit {

/// Behind the one that it is a copy of. Its index.
size_t copy_option(model::Project& project, size_t index, const std::string& name);
/// With the materials and thicknesses of the one at index, and one storey that is empty; behind it. Its index.
size_t add_empty_option(model::Project& project, size_t index, const std::string& name);
/// False where there is no such place.
bool move_option(model::Project& project, size_t from, size_t to);
/// With what stands on it: its series, its figures given by hand, a decision for it. False for the last one: a project
/// has one at least. Who compares with it compares with none.
bool remove_option(model::Project& project, size_t index);

}  // namespace wp::edit

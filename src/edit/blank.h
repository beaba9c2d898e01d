// SPDX-License-Identifier: GPL-3.0-or-later
// What a new project begins with.
#pragma once
#include "model/project.h"

namespace wp::edit {

/// One option with one empty storey, materials that are assumed, a made-up year, the usual questions.
model::Project blank_project();

}  // namespace wp::edit

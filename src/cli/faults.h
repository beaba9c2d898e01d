// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <vector>

#include "climate/sun.h"
#include "model/project.h"

namespace wp::cli {

/// Tells faults of the models; true where answers would be wrong for them. measured: where the weather was; may be
/// null.
bool told_of_faults(const model::Project& project, const std::vector<const model::Option*>& options,
                    const climate::Place* measured);

}  // namespace wp::cli

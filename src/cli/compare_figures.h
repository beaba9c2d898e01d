// SPDX-License-Identifier: GPL-3.0-or-later
// Options asked, and every figure of every room told against the base.
#pragma once
#include "base/json_text.h"
#include "cli/arguments.h"
#include "model/project.h"

namespace wp::cli {

/// Adds them to the file that is written. The code to leave with.
int compare_figures(const CompareArguments& arguments, const model::Project& project, const model::Option& base,
                    Json& file);

}  // namespace wp::cli

// SPDX-License-Identifier: GPL-3.0-or-later
// Work with a library that a damaged file may bring down, in a process of its own: whatever becomes of it, this one
// lives on. It can be cancelled at any
// time, and ends after ten minutes of computing.
#pragma once
#include <functional>
#include <string>

#include "base/progress.h"
#include "base/result.h"

namespace wp::incoming {

/// The bytes that work gives in that process; tell passes on how far it is. Faults: it ended otherwise, or was
/// cancelled. place: of faults.
Result<std::string> run_apart(const std::function<std::string(const Progress& tell)>& work, const std::string& place,
                              const Cancel& cancel, const Progress& progress);

}  // namespace wp::incoming

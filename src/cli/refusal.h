// SPDX-License-Identifier: GPL-3.0-or-later
// Why a command does not begin.
#pragma once
#include <optional>
#include <string>

#include "base/result.h"

namespace wp::cli {

/// A fault of the arguments or of a file; the code to leave with.
struct Refusal {
    Fault fault;
    int code;
};

/// Makes the folder that is written to, where it is not there.
std::optional<Refusal> make_out_folder(const std::string& folder);

}  // namespace wp::cli

// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/refusal.h"

#include <unistd.h>

#include <filesystem>

#include "cli/arguments.h"

namespace wp::cli {

std::optional<Refusal> make_out_folder(const std::string& folder) {
    std::error_code error;
    std::filesystem::create_directories(folder, error);
    if (!error && ::access(folder.c_str(), W_OK) == 0) return {};
    return Refusal{{folder, "cannot be written to", "Choose another folder with --out"}, kCannotWrite};
}

}  // namespace wp::cli

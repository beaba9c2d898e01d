// SPDX-License-Identifier: GPL-3.0-or-later
// Where the data that come with the program lie.
#pragma once
#include <filesystem>

namespace wp {

/// That of the environment (WARMPANE_DATA), beside the program, or where it is installed.
std::filesystem::path data_folder();

}  // namespace wp

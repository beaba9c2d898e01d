// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/data_folder.h"

#include <cstdlib>

namespace wp {

std::filesystem::path data_folder() {
    namespace fs = std::filesystem;
    if (const char* own = std::getenv("WARMPANE_DATA")) return own;
    std::error_code error;
    // Beside the program, in the build folder too: no path of the machine it was built on is in it.
    const fs::path beside =
        fs::read_symlink("/proc/self/exe", error).parent_path().parent_path() / "share" / "warmpane";
    return fs::is_directory(beside, error) ? beside : fs::path("/usr/share/warmpane");
}

}  // namespace wp

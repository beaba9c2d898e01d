// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/process.h"

#include <unistd.h>

#include <algorithm>
#include <fstream>
#include <sstream>

namespace wp {

std::string began(const std::string& process) {
    if (process.empty() || !std::ranges::all_of(process, [](char c) { return c >= '0' && c <= '9'; })) return {};
    std::ifstream stat("/proc/" + process + "/stat");
    std::string line;
    std::getline(stat, line);
    // Fields are counted from behind the name, which may hold blanks.
    std::istringstream fields(line.substr(std::min(line.rfind(')') + 1, line.size())));
    std::string field;
    for (int i = 3; i <= 22 && fields >> field; ++i)
        if (i == 22) return field;
    return {};
}

std::string this_run() {
    const std::string process = std::to_string(::getpid());
    return process + "-" + began(process);
}

bool runs(const std::string& run) {
    const size_t dash = run.find('-');
    if (dash == std::string::npos) return false;
    const std::string since = began(run.substr(0, dash));
    return !since.empty() && since == run.substr(dash + 1);
}

}  // namespace wp

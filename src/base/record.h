// SPDX-License-Identifier: GPL-3.0-or-later
// What is kept with every answer: how it was made and how sure it is.
#pragma once
#include <cstdint>
#include <string>

#include "base/fingerprint.h"

namespace wp {

inline constexpr const char* kVersion = "0.1.0";

struct Record {
    Fingerprint inputs;    ///< of all that the answer depends on
    double wanted = 0;     ///< accuracy asked for
    double reached = 0;    ///< accuracy there is, in the same terms
    bool settled = false;  ///< reached <= wanted
    unsigned seed = 1;
    uint64_t rays = 0, paths = 0;
    double seconds = 0;  ///< of wall clock
    std::string version = kVersion;
};

}  // namespace wp

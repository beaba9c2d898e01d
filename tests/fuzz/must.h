// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
#include <cstdint>
#include <cstdlib>

namespace wp::fuzz {

/// What fuzzers hold on to: a crash where it does not hold.
inline void must(bool holds) {
    if (!holds) std::abort();
}

}  // namespace wp::fuzz

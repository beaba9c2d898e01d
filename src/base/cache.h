// SPDX-License-Identifier: GPL-3.0-or-later
// Where pieces of an answer are kept, so that what was traced once is found again: after a change that does not touch
// them, after a kill, by another process.
#pragma once
#include <functional>
#include <optional>
#include <string>
#include <string_view>

#include "base/fingerprint.h"

namespace wp {

/// Both may be empty: nothing is kept then. Called from one thread at a time.
struct Cache {
    std::function<std::optional<std::string>(const Fingerprint&)> find;
    std::function<void(const Fingerprint&, std::string_view)> keep;
};

}  // namespace wp

// SPDX-License-Identifier: GPL-3.0-or-later
// Where pieces of an answer are kept, so that what was traced once is found again: after a change that does not touch
// them, after a kill, by another process.
#pragma once
#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "base/fingerprint.h"

namespace wp {

/// All may be empty: nothing is kept then, and nobody else is at the same work. Called from one thread at a time.
struct Cache {
    std::function<std::optional<std::string>(const Fingerprint&)> find{};
    std::function<void(const Fingerprint&, std::string_view)> keep{};

    // Of several processes at the same work: parts of it are claimed by whoever comes first, and done once all their
    // pieces are kept.
    std::function<bool(const Fingerprint&)> claim{};
    std::function<void(const Fingerprint&)> done{};
    /// Waits till another has done a part. False: it is to be made here after all.
    std::function<bool(const Fingerprint&)> await{};
    /// This process makes parts for another, and no answer of its own.
    bool helps = false;
};

/// Goes through parts of one work: those that nobody else is at, then, unless it only helps, what others made, which is
/// found by then. print: what a part is claimed by; make: makes it, or finds it.
template <class Print, class Make>
void share_out(const Cache& cache, size_t parts, Print&& print, Make&& make) {
    std::vector<size_t> of_others;
    for (size_t i = 0; i < parts; ++i) {
        if (cache.claim && !cache.claim(print(i))) {
            of_others.push_back(i);
            continue;
        }
        make(i);
        if (cache.done) cache.done(print(i));
    }
    for (const size_t i : of_others) {
        if (cache.helps) break;
        const bool made = cache.await(print(i));
        make(i);
        if (!made) cache.done(print(i));
    }
}

}  // namespace wp

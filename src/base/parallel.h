// SPDX-License-Identifier: GPL-3.0-or-later
// Loops over independent items on oneTBB's scheduler.
#pragma once
#include <cstddef>
#include <functional>

namespace wp {

/// Runs body(i) for 0 <= i < count on the scheduler's threads. The order is free, so bodies must only write what is
/// theirs. In them numbers too small for full precision are nothing (flushed to zero).
void parallel_for(size_t count, const std::function<void(size_t)>& body, size_t grain = 1);

/// Runs work with at most so many threads (0: all there are).
void with_threads(int threads, const std::function<void()>& work);

/// In a program with an interface: from now on the scheduler's threads give way to the thread that serves it, and to
/// all others.
void keep_workers_behind();
/// The calling thread gives way too: for threads that work in the background.
void step_behind();

}  // namespace wp

// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/parallel.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <tbb/task_arena.h>

#include <atomic>

namespace wp {

void parallel_for(size_t count, const std::function<void(size_t)>& body, size_t grain) {
    // The scheduler orders the threads already; these say so in our own code, where the thread sanitizer can see it.
    std::atomic<size_t> begun{1}, done{0};
    begun.store(2, std::memory_order_release);
    tbb::parallel_for(tbb::blocked_range<size_t>(0, count, grain), [&](const tbb::blocked_range<size_t>& range) {
        (void)begun.load(std::memory_order_acquire);
        for (size_t i = range.begin(); i != range.end(); ++i) body(i);
        done.fetch_add(range.size(), std::memory_order_acq_rel);
    });
    (void)done.load(std::memory_order_acquire);
}

void with_threads(int threads, const std::function<void()>& work) {
    if (threads <= 0) return work();
    tbb::task_arena arena(threads);
    arena.execute(work);
}

}  // namespace wp

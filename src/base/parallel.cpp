// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/parallel.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <tbb/task_arena.h>

namespace wp {

void parallel_for(size_t count, const std::function<void(size_t)>& body, size_t grain) {
    tbb::parallel_for(tbb::blocked_range<size_t>(0, count, grain), [&](const tbb::blocked_range<size_t>& range) {
        for (size_t i = range.begin(); i != range.end(); ++i) body(i);
    });
}

void with_threads(int threads, const std::function<void()>& work) {
    if (threads <= 0) return work();
    tbb::task_arena arena(threads);
    arena.execute(work);
}

}  // namespace wp

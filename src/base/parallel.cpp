// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/parallel.h"

#include <sys/resource.h>
#include <sys/syscall.h>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>
#include <tbb/task_arena.h>
#include <tbb/task_scheduler_observer.h>
#include <unistd.h>
#include <xmmintrin.h>
#include <algorithm>

#include <atomic>

namespace wp {

namespace {

// Numbers too small for full precision count as nothing while work runs, on every thread alike: they are slow, and a
// weight that sticks at one never ends.
class SmallIsNothing {
 public:
    SmallIsNothing() : before_(_mm_getcsr()) { _mm_setcsr(before_ | kFlushToZero | kDenormalsAreZero); }
    ~SmallIsNothing() { _mm_setcsr(before_); }
    SmallIsNothing(const SmallIsNothing&) = delete;
    SmallIsNothing& operator=(const SmallIsNothing&) = delete;

 private:
    static constexpr unsigned kFlushToZero = 0x8000, kDenormalsAreZero = 0x0040;
    unsigned before_;
};

}  // namespace

void parallel_for(size_t count, const std::function<void(size_t)>& body, size_t grain) {
    // The scheduler orders the threads already; these say so in our own code, where the thread sanitizer can see it.
    std::atomic<size_t> begun{1}, done{0};
    begun.store(2, std::memory_order_release);
    // Isolated: whoever waits here, perhaps with a lock held, is not given other work that may want the same lock.
    tbb::this_task_arena::isolate([&] {
        tbb::parallel_for(tbb::blocked_range<size_t>(0, count, grain), [&](const tbb::blocked_range<size_t>& range) {
            (void)begun.load(std::memory_order_acquire);
            const SmallIsNothing while_it_runs;
            for (size_t i = range.begin(); i != range.end(); ++i) body(i);
            done.fetch_add(range.size(), std::memory_order_acq_rel);
        });
    });
    (void)done.load(std::memory_order_acquire);
}

void with_threads(int threads, const std::function<void()>& work) {
    if (threads <= 0) return work();
    tbb::task_arena arena(threads);
    arena.execute(work);
}

namespace {

// Enough that whoever serves the interface runs as soon as it wants to; background work still gets all that is left.
constexpr int kBehind = 10, kLast = 19;

class Behind : public tbb::task_scheduler_observer {
 public:
    Behind() { observe(true); }
    void on_scheduler_entry(bool is_worker) override {
        if (is_worker) step_behind();
    }
};

}  // namespace

void step_behind() {
    // On Linux a thread has a niceness of its own, known by its kernel id. It can only fail where it is set already.
    // Behind the process, which may stand behind others itself; its first thread never steps back.
    const int own = getpriority(PRIO_PROCESS, static_cast<id_t>(getpid()));
    setpriority(PRIO_PROCESS, static_cast<id_t>(syscall(SYS_gettid)), std::min(own + kBehind, kLast));
}

void keep_workers_behind() { static Behind behind; }

}  // namespace wp

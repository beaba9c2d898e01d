// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>
#include <sys/resource.h>

#include <atomic>
#include <thread>

#include "base/parallel.h"

namespace wp {
namespace {

int niceness() { return getpriority(PRIO_PROCESS, 0); }

TEST(Background, a_thread_that_steps_behind_gives_way_alone) {
    const int here = niceness();
    int before = 0, after = 0;
    std::thread([&] {
        before = niceness();
        step_behind();
        after = niceness();
    }).join();
    EXPECT_EQ(before, here);
    EXPECT_GT(after, here) << "background work gives way";
    EXPECT_EQ(niceness(), here) << "whoever serves the interface does not";
}

TEST(Background, every_item_is_worked_on_once_by_any_number_of_threads) {
    for (const int threads : {0, 1, 2}) {
        std::vector<std::atomic<int>> seen(1000);
        with_threads(threads, [&] {
            parallel_for(
                seen.size(), [&](size_t i) { ++seen[i]; }, 7);
        });
        for (const auto& count : seen) EXPECT_EQ(count, 1);
    }
}

}  // namespace
}  // namespace wp

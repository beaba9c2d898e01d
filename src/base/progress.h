// SPDX-License-Identifier: GPL-3.0-or-later
// How long work talks to whoever waits for it. Both sides may live on different threads.
#pragma once
#include <atomic>
#include <functional>
#include <memory>

namespace wp {

/// Shared flag: any holder may cancel; workers look at it often and return early with what they have.
class Cancel {
 public:
    Cancel() : flag_(std::make_shared<std::atomic<bool>>(false)) {}
    void request() const { flag_->store(true, std::memory_order_relaxed); }
    bool requested() const { return flag_->load(std::memory_order_relaxed); }

 private:
    std::shared_ptr<std::atomic<bool>> flag_;
};

/// Called with the share done, 0 to 1, from any worker thread. May be empty.
using Progress = std::function<void(double)>;

}  // namespace wp

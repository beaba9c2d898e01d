// SPDX-License-Identifier: GPL-3.0-or-later
// A thread that always works on the newest of what it is asked for; what was asked before and not begun is forgotten.
#pragma once
#include <condition_variable>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>

#include "base/parallel.h"
#include "gui/mishaps.h"

namespace wp::gui {

template <class Request>
class Newest {
 public:
    /// work runs in the thread. It may look whether something newer waits, and stop.
    explicit Newest(std::function<void(const Request&)> work) : work_(std::move(work)), thread_([this] { loop(); }) {}
    ~Newest() {
        {
            const std::lock_guard lock(mutex_);
            quit_ = true;
        }
        wake_.notify_one();
        thread_.join();
    }
    Newest(const Newest&) = delete;
    Newest& operator=(const Newest&) = delete;

    void ask(Request request) {
        const std::lock_guard lock(mutex_);
        next_ = std::move(request);
        wake_.notify_one();
    }
    bool waits() const {
        const std::lock_guard lock(mutex_);
        return quit_ || next_.has_value();
    }

 private:
    void loop() {
        step_behind();
        for (;;) {
            std::optional<Request> request;
            {
                std::unique_lock lock(mutex_);
                wake_.wait(lock, [&] { return quit_ || next_; });
                if (quit_) return;
                request = std::exchange(next_, std::nullopt);
            }
            guarded("Background work", [&] { work_(*request); });
        }
    }

    mutable std::mutex mutex_;
    std::condition_variable wake_;
    std::optional<Request> next_;
    bool quit_ = false;
    std::function<void(const Request&)> work_;
    std::thread thread_;
};

}  // namespace wp::gui

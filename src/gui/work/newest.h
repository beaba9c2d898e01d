// SPDX-License-Identifier: GPL-3.0-or-later
// A thread that always works on the newest of what it is asked for; what was asked before and not begun is forgotten.
// What its work throws is told, and ends nothing.
#pragma once
#include <condition_variable>
#include <functional>
#include <map>
#include <mutex>
#include <thread>
#include <utility>

#include "base/parallel.h"
#include "gui/work/mishaps.h"

namespace wp::gui {

/// Requests of different keys do not overtake each other.
template <class Request, class Key = int>
class Newest {
 public:
    /// name: of the work, as a failure is told. work runs in the thread; it may look whether something newer waits, and
    /// stop. lost: called in the thread after work that failed, which is told already.
    Newest(const char* name, std::function<void(const Request&)> work, std::function<void(const Request&)> lost = {})
        : name_(name), work_(std::move(work)), lost_(std::move(lost)), thread_([this] { loop(); }) {}
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

    void ask(Request request, const Key& key = Key()) {
        const std::lock_guard lock(mutex_);
        next_.insert_or_assign(key, std::move(request));
        wake_.notify_one();
    }
    /// While it is held, nothing is begun.
    void hold(bool on) {
        const std::lock_guard lock(mutex_);
        held_ = on;
        wake_.notify_one();
    }
    bool waits(const Key& key = Key()) const {
        const std::lock_guard lock(mutex_);
        return quit_ || next_.contains(key);
    }

 private:
    void loop() {
        step_behind();
        for (;;) {
            std::unique_lock lock(mutex_);
            wake_.wait(lock, [&] { return quit_ || (!next_.empty() && !held_); });
            if (quit_) return;
            const auto request = next_.extract(next_.begin());
            lock.unlock();
            if (!guarded(name_, [&] { work_(request.mapped()); }) && lost_)
                guarded(QT_TRANSLATE_NOOP("QObject", "What follows a failure"), [&] { lost_(request.mapped()); });
        }
    }

    mutable std::mutex mutex_;
    std::condition_variable wake_;
    std::map<Key, Request> next_;
    bool quit_ = false, held_ = false;
    const char* name_;
    std::function<void(const Request&)> work_, lost_;
    std::thread thread_;
};

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
#include "many/post.h"

#include <chrono>

namespace wp::many {

using std::chrono::steady_clock;

namespace {

/// How long it sleeps where there is nothing to do: messages are few, and what computes wants the cores.
constexpr std::chrono::microseconds kNap{300};
constexpr std::chrono::milliseconds kRegularly{250};

}  // namespace

Post::Post(const OpenMessages& open) : thread_([this, &open] { run(open); }) {
    std::unique_lock lock(mutex_);
    changed_.wait(lock, [this] { return opened_; });
}

Post::~Post() {
    {
        const std::lock_guard lock(mutex_);
        ends_ = true;
    }
    changed_.notify_all();
    thread_.join();
}

void Post::send(int to, std::string bytes) {
    {
        const std::lock_guard lock(mutex_);
        outgoing_.emplace_back(to, std::move(bytes));
    }
    changed_.notify_all();
}

void Post::listen(std::function<void(const Message&)> heard, std::function<void()> regularly) {
    std::unique_lock lock(mutex_);
    changed_.wait(lock, [this] { return !at_work_; });
    heard_ = std::move(heard);
    regularly_ = std::move(regularly);
}

uint64_t Post::bytes_sent() const {
    const std::lock_guard lock(mutex_);
    return sent_;
}

void Post::run(const OpenMessages& open) {
    const auto messages = open();
    std::unique_lock lock(mutex_);
    rank_ = messages->rank();
    size_ = messages->size();
    opened_ = true;
    changed_.notify_all();
    auto last = steady_clock::now();
    while (true) {
        const auto outgoing = std::exchange(outgoing_, {});
        const auto heard = heard_;
        const auto regularly = regularly_;
        const bool ends = ends_;
        at_work_ = true;
        lock.unlock();
        uint64_t sent = 0;
        for (const auto& [to, bytes] : outgoing)
            if (messages->send(to, bytes)) sent += bytes.size();
        bool any = !outgoing.empty();
        while (heard) {
            const auto message = messages->receive();
            if (!message) break;
            heard(*message);
            any = true;
        }
        if (regularly && steady_clock::now() - last > kRegularly) {
            last = steady_clock::now();
            regularly();
        }
        lock.lock();
        at_work_ = false;
        changed_.notify_all();
        sent_ += sent;
        if (ends && outgoing_.empty()) break;
        if (!any) changed_.wait_for(lock, kNap, [this] { return !outgoing_.empty() || ends_; });
    }
    lock.unlock();
    messages->leave();
}

}  // namespace wp::many

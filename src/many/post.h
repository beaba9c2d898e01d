// SPDX-License-Identifier: GPL-3.0-or-later
// The thread that talks to the other processes, so that whoever computes does not wait for them, and is heard of while
// it computes.
#pragma once
#include <condition_variable>
#include <deque>
#include <functional>
#include <memory>
#include <mutex>
#include <thread>
#include <utility>
#include <vector>

#include "many/messages.h"

namespace wp::many {

using OpenMessages = std::function<std::unique_ptr<Messages>()>;

class Post {
 public:
    /// Opens the messages on its own thread and waits till that is done. Nothing is heard before listen.
    explicit Post(const OpenMessages& open);
    /// Sends what waits, then leaves.
    ~Post();
    Post(const Post&) = delete;
    Post& operator=(const Post&) = delete;

    int rank() const { return rank_; }
    int size() const { return size_; }
    /// From any thread. To who is lost: nothing.
    void send(int to, std::string bytes);
    /// heard: on the post's own thread, message by message. regularly: there too, a few times a second. Once this comes
    /// back nobody who listened before is called any more.
    void listen(std::function<void(const Message&)> heard, std::function<void()> regularly);
    uint64_t bytes_sent() const;

 private:
    void run(const OpenMessages& open);

    mutable std::mutex mutex_;
    std::condition_variable changed_;
    std::deque<std::pair<int, std::string>> outgoing_;
    std::function<void(const Message&)> heard_;
    std::function<void()> regularly_;
    bool opened_ = false, ends_ = false, at_work_ = false;
    int rank_ = 0, size_ = 1;
    uint64_t sent_ = 0;
    std::thread thread_;
};

}  // namespace wp::many

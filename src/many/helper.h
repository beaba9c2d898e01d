// SPDX-License-Identifier: GPL-3.0-or-later
// Every further process of a run: asks the first for what to do, makes parts of it that nobody else is at, and sends
// them.
#pragma once
#include <chrono>
#include <condition_variable>
#include <mutex>
#include <optional>
#include <string>

#include "base/cache.h"
#include "base/progress.h"
#include "many/letter.h"
#include "many/post.h"

namespace wp::many {

class Helper {
 public:
    /// stopped: requested by the first process, or by whoever else wants this one to end.
    Helper(Post& post, Cancel stopped);
    /// Says goodbye.
    ~Helper();
    Helper(const Helper&) = delete;
    Helper& operator=(const Helper&) = delete;
    /// What is to be done, as the first process tells it. None: nothing any more.
    std::optional<std::string> work();
    /// Pieces of the first process, and claims on parts of the work.
    Cache cache();
    const Cancel& stopped() const { return stopped_; }

 private:
    struct Reply {
        bool yes = false;
        std::string bytes;
    };
    /// No where it is to stop meanwhile.
    Reply ask(const Letter& letter);
    void hear(const Message& message);

    Post& post_;
    Cancel stopped_;
    std::mutex mutex_;
    std::condition_variable changed_;
    std::optional<Reply> reply_;
};

}  // namespace wp::many

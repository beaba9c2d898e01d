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
    /// What all jobs are about, as the first process tells it. None: nothing is wanted any more.
    std::optional<std::string> about();
    /// Waits for the next job. None: nothing is wanted any more.
    std::optional<std::string> next_job();
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
    size_t jobs_ = 0;  // that were told
};

}  // namespace wp::many

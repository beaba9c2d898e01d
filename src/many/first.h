// SPDX-License-Identifier: GPL-3.0-or-later
// The first process of a run: answers what the others ask, hears who is still there, and keeps what they make.
#pragma once
#include <chrono>
#include <map>
#include <mutex>
#include <string>
#include <vector>

#include "many/dealer.h"
#include "many/post.h"

namespace wp::many {

class First {
 public:
    /// about: what all jobs are about, told to each that asks. silence: after which one that is not heard of is lost.
    First(Post& post, Dealer& dealer, std::string about, std::chrono::milliseconds silence);
    /// One more job, for all: each helps with those parts of it that nobody else is at. From any thread.
    void publish(std::string job);
    /// Nothing more is wanted: waits till the others have said that they heard, or are lost.
    void end();
    /// Processes that were lost.
    size_t lost() const;

 private:
    enum class Other { there, gone, lost };
    void hear(const Message& message);
    void look_after();
    void lose(int who);
    void tell_job(int who, size_t number);

    Post& post_;
    Dealer& dealer_;
    std::string about_;
    std::chrono::milliseconds silence_;
    mutable std::mutex mutex_;
    std::vector<std::chrono::steady_clock::time_point> heard_of_;
    std::vector<Other> others_;
    std::vector<std::string> jobs_;
    std::map<int, size_t> waiting_;  // for a job of that number
};

}  // namespace wp::many

// SPDX-License-Identifier: GPL-3.0-or-later
// A run of several processes, as mpirun starts them: the first answers and writes, the others make parts of its light.
#pragma once
#include <functional>
#include <memory>
#include <string>

#include "base/cache.h"
#include "base/result.h"
#include "cli/shared_job.h"
#include "many/dealer.h"
#include "many/first.h"
#include "many/post.h"
#include "store/answers.h"

namespace wp::cli {

class Many {
 public:
    /// Of this process, once; null where it runs alone. A fault: it was started as one of several, and cannot reach the
    /// others.
    static Result<Many*> of_this_process();
    /// Tells the others that nothing more is wanted, and waits for them. Does nothing where there are none.
    static void end();

    bool is_first() const { return post_->rank() == 0; }
    int processes() const { return post_->size(); }

    /// Of the first process: tells the others what all is about, and keeps what they make. answers may be null. The
    /// first call counts.
    void deal(const std::function<std::string()>& about, std::shared_ptr<store::Answers> answers);
    bool is_dealt() const { return dealer_ != nullptr; }
    /// One more job for the others.
    void publish(const SharedJob& job) { first_->publish(write(job)); }
    bool is_there(const Fingerprint& part) const { return dealer_->is_there(part); }
    /// Claims on parts; none before deal.
    Cache claims() const { return dealer_ != nullptr ? dealer_->own() : Cache{}; }
    /// A job's cache, with claims on its parts; the job's own before deal.
    Cache shared(store::JobCache& job, bool kept) const;
    many::Post& post() { return *post_; }

    ~Many();

 private:
    explicit Many(std::unique_ptr<many::Post> post) : post_(std::move(post)) {}
    std::unique_ptr<many::Post> post_;
    store::MemoryCache memory_;  // where nothing is kept beside the project
    std::unique_ptr<many::Dealer> dealer_;
    std::unique_ptr<many::First> first_;
};

}  // namespace wp::cli

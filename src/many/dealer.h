// SPDX-License-Identifier: GPL-3.0-or-later
// Who makes which part of the work: whoever asks first. The first process keeps the dealer; what is made goes to its
// answers piece by piece as it comes, so that whatever ends the run, the next one goes on from there.
#pragma once
#include <condition_variable>
#include <functional>
#include <map>
#include <mutex>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include "base/cache.h"
#include "base/fingerprint.h"
#include "base/progress.h"
#include "many/messages.h"

namespace wp::many {

/// May be called from any thread.
class Dealer {
 public:
    /// kept: where pieces are found and kept. cancel: asked while the first process waits.
    Dealer(Cache kept, Cancel cancel) : kept_(std::move(kept)), cancel_(std::move(cancel)) {}

    /// Whether a process is to make a part of the work: nobody else has made it or is at it.
    bool claim(const Fingerprint& part, int who);
    /// All its pieces have been kept.
    void done(const Fingerprint& part, int who);
    /// told comes with true once a part is made, with false where whoever was at it is lost: then it is the asker's. At
    /// once where that is so already.
    void wait_for(const Fingerprint& part, int who, std::function<void(bool)> told);
    bool is_there(const Fingerprint& part) const;
    std::optional<std::string> find(const Fingerprint& piece);
    void keep(const Fingerprint& piece, std::string_view bytes);
    /// A process is gone: what it was at is free again.
    void lose(int who);

    /// The cache of the first process itself: kept, with claims.
    Cache own();
    /// Parts that each process made, by its number.
    std::vector<size_t> made() const;

 private:
    struct Waiting {
        int who;
        std::function<void(bool)> told;
    };

    Cache kept_;
    Cancel cancel_;
    mutable std::mutex mutex_;
    std::condition_variable changed_;
    std::map<Fingerprint, int> at_;  // who is at it
    std::set<Fingerprint> there_;
    std::map<Fingerprint, std::vector<Waiting>> waiting_;
    std::vector<size_t> made_;
};

}  // namespace wp::many

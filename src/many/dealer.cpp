// SPDX-License-Identifier: GPL-3.0-or-later
#include "many/dealer.h"

#include <chrono>

namespace wp::many {

bool Dealer::claim(const Fingerprint& part, int who) {
    const std::lock_guard lock(mutex_);
    return !there_.contains(part) && at_.try_emplace(part, who).first->second == who;
}

bool Dealer::is_there(const Fingerprint& part) const {
    const std::lock_guard lock(mutex_);
    return there_.contains(part);
}

std::optional<std::string> Dealer::find(const Fingerprint& piece) {
    const std::lock_guard lock(mutex_);
    return kept_.find ? kept_.find(piece) : std::nullopt;
}

void Dealer::keep(const Fingerprint& piece, std::string_view bytes) {
    const std::lock_guard lock(mutex_);
    if (kept_.keep) kept_.keep(piece, bytes);
}

void Dealer::done(const Fingerprint& part, int who) {
    std::vector<Waiting> told;
    {
        const std::lock_guard lock(mutex_);
        at_.erase(part);
        if (!there_.insert(part).second) return;
        const auto number = static_cast<size_t>(who);
        if (made_.size() <= number) made_.resize(number + 1, 0);
        ++made_[number];
        if (const auto all = waiting_.find(part); all != waiting_.end()) {
            told = std::move(all->second);
            waiting_.erase(all);
        }
    }
    changed_.notify_all();
    for (const auto& one : told) one.told(true);
}

void Dealer::wait_for(const Fingerprint& part, int who, std::function<void(bool)> told) {
    bool there = false;
    {
        const std::lock_guard lock(mutex_);
        there = there_.contains(part);
        if (!there && at_.try_emplace(part, who).first->second != who) {
            waiting_[part].push_back({who, std::move(told)});
            return;
        }
    }
    told(there);
}

void Dealer::lose(int who) {
    std::vector<Waiting> told;
    {
        const std::lock_guard lock(mutex_);
        for (auto it = waiting_.begin(); it != waiting_.end(); ++it)
            std::erase_if(it->second, [&](const Waiting& w) { return w.who == who; });
        for (auto it = at_.begin(); it != at_.end();) {
            if (it->second != who) {
                ++it;
                continue;
            }
            // The first who waits for it makes it; the others wait on.
            const auto all = waiting_.find(it->first);
            if (all == waiting_.end() || all->second.empty()) {
                it = at_.erase(it);
                continue;
            }
            it->second = all->second.front().who;
            told.push_back(std::move(all->second.front()));
            all->second.erase(all->second.begin());
            ++it;
        }
    }
    changed_.notify_all();
    for (const auto& one : told) one.told(false);
}

Cache Dealer::own() {
    Cache out;
    out.find = [this](const Fingerprint& piece) { return find(piece); };
    out.keep = [this](const Fingerprint& piece, std::string_view bytes) { keep(piece, bytes); };
    out.claim = [this](const Fingerprint& part) { return claim(part, kFirst); };
    out.done = [this](const Fingerprint& part) { done(part, kFirst); };
    out.await = [this](const Fingerprint& part) {
        std::unique_lock lock(mutex_);
        while (!cancel_.requested()) {
            if (there_.contains(part)) return true;
            if (at_.try_emplace(part, kFirst).first->second == kFirst) return false;
            changed_.wait_for(lock, std::chrono::milliseconds(200));
        }
        return false;
    };
    return out;
}

std::vector<size_t> Dealer::made() const {
    const std::lock_guard lock(mutex_);
    return made_;
}

}  // namespace wp::many

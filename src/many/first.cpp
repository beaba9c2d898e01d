// SPDX-License-Identifier: GPL-3.0-or-later
#include "many/first.h"

#include <algorithm>
#include <thread>

#include "many/letter.h"

namespace wp::many {

using std::chrono::steady_clock;

First::First(Post& post, Dealer& dealer, std::string about, std::chrono::milliseconds silence)
    : post_(post), dealer_(dealer), about_(std::move(about)), silence_(silence) {
    heard_of_.assign(static_cast<size_t>(post.size()), steady_clock::now());
    others_.assign(static_cast<size_t>(post.size()), Other::there);
    if (!others_.empty()) others_[0] = Other::gone;
    post_.listen([this](const Message& m) { hear(m); }, [this] { look_after(); });
}

void First::hear(const Message& message) {
    const auto letter = read_letter(message.bytes);
    const auto who = static_cast<size_t>(message.from);
    {
        const std::lock_guard lock(mutex_);
        // What was given up for lost has been dealt again: it is not heard any more.
        if (!letter || who >= others_.size() || others_[who] != Other::there) return;
        heard_of_[who] = steady_clock::now();
    }
    using Kind = Letter::Kind;
    const auto reply = [this, from = message.from](bool yes, std::string_view bytes = {}) {
        post_.send(from, write({yes ? Kind::yes : Kind::no, {}, bytes}));
    };
    switch (letter->kind) {
        case Kind::begin:
            return reply(true, about_);
        case Kind::job:
            return tell_job(message.from, read_number(letter->bytes));
        case Kind::claim:
            return reply(dealer_.claim(letter->of, message.from));
        case Kind::done:
            return dealer_.done(letter->of, message.from);
        case Kind::find: {
            const auto found = dealer_.find(letter->of);
            return reply(found.has_value(), found ? std::string_view(*found) : std::string_view());
        }
        case Kind::keep:
            return dealer_.keep(letter->of, letter->bytes);
        case Kind::wait:
            return dealer_.wait_for(letter->of, message.from, reply);
        case Kind::bye: {
            const std::lock_guard lock(mutex_);
            others_[who] = Other::gone;
            return;
        }
        default:
            return;
    }
}

void First::tell_job(int who, size_t number) {
    std::string job;
    {
        const std::lock_guard lock(mutex_);
        if (number >= jobs_.size()) {
            waiting_[who] = number;
            return;
        }
        job = jobs_[number];
    }
    post_.send(who, write({Letter::Kind::yes, {}, job}));
}

void First::publish(std::string job) {
    std::map<int, size_t> waiting;
    {
        const std::lock_guard lock(mutex_);
        jobs_.push_back(std::move(job));
        waiting.swap(waiting_);
    }
    for (const auto& [who, number] : waiting) tell_job(who, number);
}

void First::lose(int who) {
    {
        const std::lock_guard lock(mutex_);
        others_[static_cast<size_t>(who)] = Other::lost;
    }
    dealer_.lose(who);
}

void First::look_after() {
    std::vector<int> silent;
    {
        const std::lock_guard lock(mutex_);
        for (size_t k = 0; k < others_.size(); ++k)
            if (others_[k] == Other::there && steady_clock::now() - heard_of_[k] > silence_)
                silent.push_back(static_cast<int>(k));
    }
    for (const int who : silent) lose(who);
}

void First::end() {
    for (int k = 1; k < post_.size(); ++k) post_.send(k, write({Letter::Kind::stop, {}, {}}));
    const auto someone_there = [this] {
        const std::lock_guard lock(mutex_);
        return std::ranges::find(others_, Other::there) != others_.end();
    };
    while (someone_there()) std::this_thread::sleep_for(std::chrono::milliseconds(2));
    post_.listen({}, {});
}

size_t First::lost() const {
    const std::lock_guard lock(mutex_);
    return static_cast<size_t>(std::ranges::count(others_, Other::lost));
}

}  // namespace wp::many

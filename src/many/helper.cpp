// SPDX-License-Identifier: GPL-3.0-or-later
#include "many/helper.h"

namespace wp::many {

using Kind = Letter::Kind;

Helper::Helper(Post& post, Cancel stopped) : post_(post), stopped_(std::move(stopped)) {
    post_.listen([this](const Message& m) { hear(m); }, [this] { post_.send(kFirst, write({Kind::alive, {}, {}})); });
}

Helper::~Helper() {
    post_.listen({}, {});
    post_.send(kFirst, write({Kind::bye, {}, {}}));
}

void Helper::hear(const Message& message) {
    const auto letter = read_letter(message.bytes);
    if (!letter || message.from != kFirst) return;
    if (letter->kind == Kind::stop) stopped_.request();
    {
        const std::lock_guard lock(mutex_);
        if (letter->kind == Kind::yes || letter->kind == Kind::no)
            reply_ = Reply{letter->kind == Kind::yes, std::string(letter->bytes)};
    }
    changed_.notify_all();
}

Helper::Reply Helper::ask(const Letter& letter) {
    post_.send(kFirst, write(letter));
    std::unique_lock lock(mutex_);
    while (!reply_ && !stopped_.requested()) changed_.wait_for(lock, std::chrono::milliseconds(100));
    return std::exchange(reply_, {}).value_or(Reply{});
}

std::optional<std::string> Helper::about() {
    auto reply = ask({Kind::begin, {}, {}});
    return reply.yes ? std::optional(std::move(reply.bytes)) : std::nullopt;
}

std::optional<std::string> Helper::next_job() {
    const std::string number = write_number(jobs_);
    auto reply = ask({Kind::job, {}, number});
    if (!reply.yes) return {};
    ++jobs_;
    return std::move(reply.bytes);
}

Cache Helper::cache() {
    Cache out;
    out.helps = true;
    out.find = [this](const Fingerprint& piece) -> std::optional<std::string> {
        auto reply = ask({Kind::find, piece, {}});
        return reply.yes ? std::optional(std::move(reply.bytes)) : std::nullopt;
    };
    out.keep = [this](const Fingerprint& piece, std::string_view bytes) {
        post_.send(kFirst, write({Kind::keep, piece, bytes}));
    };
    out.claim = [this](const Fingerprint& part) { return ask({Kind::claim, part, {}}).yes; };
    out.done = [this](const Fingerprint& part) { post_.send(kFirst, write({Kind::done, part, {}})); };
    out.await = [this](const Fingerprint& part) { return ask({Kind::wait, part, {}}).yes; };
    return out;
}

}  // namespace wp::many

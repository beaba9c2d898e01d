// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/terminal.h"

#include <fmt/core.h>
#include <unistd.h>

#include <algorithm>
#include <csignal>
#include <cstdio>

namespace wp::cli {

void complain(const Fault& fault) { fmt::print(stderr, "warmpane-cli: {}\n", fault.line()); }

ProgressLine::ProgressLine(std::string title) : title_(std::move(title)), terminal_(::isatty(STDERR_FILENO) == 1) {}

ProgressLine::~ProgressLine() {
    if (terminal_) fmt::print(stderr, "\r\033[K");
}

void ProgressLine::show(double share) {
    if (!terminal_) return;
    const int percent = static_cast<int>(100 * std::clamp(share, 0.0, 1.0));
    const std::lock_guard lock(mutex_);
    if (percent <= last_) return;
    last_ = percent;
    fmt::print(stderr, "\r{} {:3} %", title_, percent);
    std::fflush(stderr);
}

const Cancel& interrupted() {
    static const Cancel cancel;
    // A relaxed store to an atomic is safe in a handler.
    static const auto installed = std::signal(SIGINT, [](int) { interrupted().request(); });
    (void)installed;
    return cancel;
}

}  // namespace wp::cli

// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/terminal.h"

#include <fcntl.h>
#include <unistd.h>

#include <algorithm>
#include <csignal>
#include <cstdio>

#include "base/text.h"
#include "cli/arguments.h"

namespace wp::cli {

namespace {

bool output_failed = false;

constexpr std::chrono::seconds kBetweenLines{10};

}  // namespace

void begin_output() {
    std::signal(SIGPIPE, SIG_IGN);
    for (const int stream : {STDIN_FILENO, STDOUT_FILENO, STDERR_FILENO}) {
        if (::fcntl(stream, F_GETFD) != -1) continue;
        if (stream == STDOUT_FILENO) output_failed = true;
        // The lowest free number is given: this one.
        if (::open("/dev/null", O_RDWR) != stream) return;
    }
}

void say_text(std::string_view text) {
    const std::string clean = plain_lines(text);
    if (std::fwrite(clean.data(), 1, clean.size(), stdout) != clean.size()) output_failed = true;
}

void note_text(std::string_view text) {
    const std::string clean = plain_lines(text);
    if (std::fwrite(clean.data(), 1, clean.size(), stderr) != clean.size()) std::clearerr(stderr);
}

int end_output(int code) {
    if (std::fflush(stdout) != 0 || std::ferror(stdout) != 0) output_failed = true;
    if (!output_failed || code != kDone) return code;
    note("warmpane-cli: standard output: cannot be written to. Name a file or a pipe that takes it\n");
    return kCannotWrite;
}

void complain(const Fault& fault) { note_text("warmpane-cli: " + plain_text(fault.line()) + "\n"); }

ProgressLine::ProgressLine(std::string title)
    : title_(plain_text(title, 100)), terminal_(::isatty(STDERR_FILENO) == 1) {}

ProgressLine::~ProgressLine() {
    if (terminal_) std::fputs("\r\033[K", stderr);
}

void ProgressLine::show(double share) {
    const int percent = static_cast<int>(100 * std::clamp(share, 0.0, 1.0));
    const std::lock_guard lock(mutex_);
    if (!terminal_) {
        const auto now = Clock::now();
        if (now - told_ < kBetweenLines) return;
        told_ = now;
        note("{}: {} % after {:.0f} s\n", title_, percent, std::chrono::duration<double>(now - begun_).count());
        return;
    }
    if (percent <= last_) return;
    last_ = percent;
    std::fputs(fmt::format("\r{} {:3} %", title_, percent).c_str(), stderr);
    std::fflush(stderr);
}

const Cancel& interrupted() {
    static const Cancel cancel;
    // A relaxed store to an atomic is safe in a handler.
    static const bool installed = [] {
        for (const int signal : {SIGINT, SIGTERM}) std::signal(signal, [](int) { interrupted().request(); });
        return true;
    }();
    (void)installed;
    return cancel;
}

}  // namespace wp::cli

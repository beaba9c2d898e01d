// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line says, and how it is interrupted.
#pragma once
#include <fmt/core.h>

#include <chrono>
#include <mutex>
#include <string>
#include <string_view>

#include "base/progress.h"
#include "base/result.h"

namespace wp::cli {

/// Before anything else: a pipe that is closed is a failure that is given by the exit code, and files never take the
/// place of a standard stream that is not open.
void begin_output();
/// Text for standard output. Control characters of names in it are replaced; line ends stay.
void say_text(std::string_view text);
template <class... T>
void say(fmt::format_string<T...> format, T&&... parts) {
    say_text(fmt::format(format, std::forward<T>(parts)...));
}
/// Likewise for standard error; lost where that is closed.
void note_text(std::string_view text);
template <class... T>
void note(fmt::format_string<T...> format, T&&... parts) {
    note_text(fmt::format(format, std::forward<T>(parts)...));
}
/// At the end: code, or kCannotWrite where what was said could not be written.
int end_output(int code);

/// One line on standard error.
void complain(const Fault& fault);

/// How far work is: a line that moves on a terminal, elsewhere one line every ten seconds.
class ProgressLine {
 public:
    explicit ProgressLine(std::string title);
    ~ProgressLine();
    void show(double share);

 private:
    using Clock = std::chrono::steady_clock;
    std::string title_;
    bool terminal_;
    std::mutex mutex_;
    int last_ = -1;
    Clock::time_point begun_ = Clock::now(), told_ = begun_;
};

/// Ctrl-C, or being asked to end, asks for this to stop.
const Cancel& interrupted();

}  // namespace wp::cli

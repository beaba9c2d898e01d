// SPDX-License-Identifier: GPL-3.0-or-later
// What the program does, line by line, for whoever looks for a fault. Off, unless WARMPANE_LOG names folders of the
// source, with commas between, or "all": WARMPANE_LOG=store,question. Lines go to standard error.
#pragma once
#include <fmt/core.h>

#include <string>
#include <utility>
#include <vector>

namespace wp {

/// The folder that a line is from.
enum class LogOf { climate, cli, exchange, figure, geometry, gui, light, question, report, rule, store };

/// Whether its lines are wanted. From any thread.
bool is_logged(LogOf folder);

/// Control characters do not reach the terminal. From any thread.
void log_line(LogOf folder, const std::string& line);

/// Values are made into a line only where it is wanted.
template <class... Values>
void log(LogOf folder, fmt::format_string<Values...> format, Values&&... values) {
    if (is_logged(folder)) log_line(folder, fmt::format(format, std::forward<Values>(values)...));
}

/// Words of a text like WARMPANE_LOG's that name no folder.
std::vector<std::string> unknown_log_folders(const std::string& text);

}  // namespace wp

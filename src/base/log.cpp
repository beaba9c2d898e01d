// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/log.h"

#include <spdlog/sinks/stdout_sinks.h>
#include <spdlog/spdlog.h>

#include <array>
#include <cstdlib>
#include <memory>
#include <sstream>

#include "base/text.h"

namespace wp {

namespace {

// In the order of LogOf.
constexpr std::array kFolders{"climate", "cli",      "exchange", "figure", "geometry", "gui",
                              "light",   "question", "report",   "rule",   "store"};

std::vector<std::string> words_of(const std::string& text) {
    std::vector<std::string> out;
    std::istringstream in(text);
    for (std::string word; std::getline(in, word, ',');)
        if (!word.empty()) out.push_back(word);
    return out;
}

// A logger for each folder that is wanted, null for the others.
using Loggers = std::array<std::shared_ptr<spdlog::logger>, kFolders.size()>;
Loggers wanted_loggers() {
    Loggers out;
    const char* wanted = std::getenv("WARMPANE_LOG");
    if (wanted == nullptr) return out;
    const auto sink = std::make_shared<spdlog::sinks::stderr_sink_mt>();
    sink->set_pattern("%H:%M:%S.%e %n [%t] %v");
    for (const std::string& word : unknown_log_folders(wanted))
        spdlog::logger("log", sink).warn("WARMPANE_LOG: there is no folder \"{}\"", plain_text(word, 40));
    for (const std::string& word : words_of(wanted))
        for (size_t i = 0; i < kFolders.size(); ++i)
            if (word == "all" || word == kFolders[i]) out[i] = std::make_shared<spdlog::logger>(kFolders[i], sink);
    return out;
}

// Made once. Never taken down: threads may log while the program ends.
const Loggers& loggers() {
    static const auto* const all = new Loggers(wanted_loggers());
    return *all;
}

}  // namespace

bool is_logged(LogOf folder) { return loggers()[static_cast<size_t>(folder)] != nullptr; }

void log_line(LogOf folder, const std::string& line) {
    if (const auto& logger = loggers()[static_cast<size_t>(folder)]) logger->info("{}", plain_text(line));
}

std::vector<std::string> unknown_log_folders(const std::string& text) {
    std::vector<std::string> out;
    for (const std::string& word : words_of(text))
        if (word != "all" && std::find(kFolders.begin(), kFolders.end(), word) == kFolders.end()) out.push_back(word);
    return out;
}

}  // namespace wp

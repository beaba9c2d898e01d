// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/recovery.h"

#include <fmt/core.h>

#include <algorithm>
#include <chrono>
#include <ctime>

#include "base/file.h"
#include "base/json_text.h"
#include "base/process.h"
#include "store/project_file.h"

namespace wp::store {
namespace fs = std::filesystem;

namespace {

constexpr const char* kSuffix = ".unsaved";
constexpr size_t kLargest = size_t{64} << 20;

std::string now() {
    const std::time_t t = std::chrono::system_clock::to_time_t(std::chrono::system_clock::now());
    std::tm parts{};
    ::localtime_r(&t, &parts);
    return fmt::format("{:04}-{:02}-{:02} {:02}:{:02}", parts.tm_year + 1900, parts.tm_mon + 1, parts.tm_mday,
                       parts.tm_hour, parts.tm_min);
}

// "process-start-counter.unsaved"
std::string run_of(const fs::path& copy) {
    const std::string name = copy.stem().string();
    return name.substr(0, std::min(name.rfind('-'), name.size()));
}

// Null where it is none.
Json note_of(const std::string& text) {
    auto note = parse_json(text, "");
    return note ? std::move(*note) : Json();
}

}  // namespace

Recovery::Recovery(fs::path folder) : folder_(std::move(folder)) {
    static int counter = 0;
    copy_ = folder_ / fmt::format("{}-{}{}", this_run(), ++counter, kSuffix);
}

Recovery::~Recovery() { drop(); }

Outcome Recovery::keep(const model::Project& project, const fs::path& saved_as) {
    std::error_code error;
    fs::create_directories(folder_, error);
    Json note;
    note["saved_as"] = saved_as.string();
    note["when"] = now();
    note["project"] = write_project(project);
    return write_file(copy_, note.dump(-1, ' ', false, Json::error_handler_t::replace) + "\n");
}

void Recovery::drop() {
    std::error_code ignored;
    fs::remove(copy_, ignored);
}

std::vector<Leftover> find_leftovers(const fs::path& folder) {
    std::vector<std::pair<fs::file_time_type, Leftover>> found;
    std::error_code error;
    for (const auto& entry : fs::directory_iterator(folder, error)) {
        if (entry.path().extension() != kSuffix || runs(run_of(entry.path()))) continue;
        const auto text = read_file(entry.path(), kLargest);
        if (!text) continue;
        const auto note = note_of(*text);
        if (!note.is_object() || !note.contains("project") || !note["project"].is_string()) continue;
        Leftover leftover{
            entry.path(),
            note.contains("saved_as") && note["saved_as"].is_string() ? note["saved_as"].get<std::string>()
                                                                      : std::string(),
            note.contains("when") && note["when"].is_string() ? note["when"].get<std::string>() : std::string()};
        if (read_leftover(leftover)) found.emplace_back(fs::last_write_time(entry.path(), error), std::move(leftover));
    }
    std::sort(found.begin(), found.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
    std::vector<Leftover> out;
    for (auto& [time, leftover] : found) out.push_back(std::move(leftover));
    return out;
}

Result<model::Project> read_leftover(const Leftover& leftover) {
    const auto text = read_file(leftover.copy, kLargest);
    if (!text) return text.fault();
    const auto note = note_of(*text);
    if (!note.is_object() || !note.contains("project") || !note["project"].is_string())
        return Fault{leftover.copy.filename().string(), "the kept copy is damaged",
                     "Open the last saved project instead"};
    return parse_project(note["project"].get<std::string>(), leftover.copy.filename().string());
}

void discard(const Leftover& leftover) {
    std::error_code ignored;
    fs::remove(leftover.copy, ignored);
}

}  // namespace wp::store

// SPDX-License-Identifier: GPL-3.0-or-later
// The project file: JSON, described in docs/formats/project.md and docs/formats/project.schema.json.
#pragma once
#include <filesystem>
#include <string>
#include <string_view>

#include "base/result.h"
#include "model/project.h"

namespace wp::store {

/// The version this program writes, and the newest it reads.
inline constexpr int kProjectVersion = 1;

/// Faults name the place as a JSON pointer. name is the file's name in messages.
Result<model::Project> parse_project(std::string_view text, const std::string& name);
Result<model::Project> read_project(const std::filesystem::path& path);

/// Stable key order; unknown keys of every object follow the known ones.
std::string write_project(const model::Project& project);
/// Atomic. Refuses to replace a file that is no project file this program can read (damaged, or newer).
Outcome save_project(const model::Project& project, const std::filesystem::path& path);

}  // namespace wp::store

// SPDX-License-Identifier: GPL-3.0-or-later
// Criteria sets as files (docs/formats/criteria.md): those that come with the program, and those that people exchange.
#pragma once
#include <filesystem>
#include <string>
#include <string_view>

#include "rule/criteria.h"

namespace wp::rule {

/// name is the file's name in messages.
Result<CriteriaSet> parse_criteria(std::string_view text, const std::string& name);
Result<CriteriaSet> read_criteria(const std::filesystem::path& path);
std::string write_criteria(const CriteriaSet& set);
/// Atomic. Refuses to replace a file that is no criteria set this program can read.
Outcome save_criteria(const CriteriaSet& set, const std::filesystem::path& path);

}  // namespace wp::rule

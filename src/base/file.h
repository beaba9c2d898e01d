// SPDX-License-Identifier: GPL-3.0-or-later
// Reading whole files and writing them so that a reader never sees half of one.
#pragma once
#include <filesystem>
#include <functional>
#include <string>
#include <string_view>

#include "base/result.h"

namespace wp {

/// The whole file as bytes. Refuses more than limit bytes, folders and unreadable files.
Result<std::string> read_file(const std::filesystem::path& path, size_t limit = size_t{256} << 20);

/// Writes beside the target, flushes to the disk, then renames over it: after a crash or a full disk the old file
/// stands. Follows links, keeps mode and owner of what it replaces, and takes away what a killed run left of the same
/// file.
Outcome write_file(const std::filesystem::path& path, std::string_view bytes);
/// The same of bytes that come one after the other: make is given what takes them.
using TakeBytes = std::function<void(std::string_view)>;
Outcome write_file(const std::filesystem::path& path, const std::function<void(const TakeBytes&)>& make);

/// Moves a finished file that another library wrote over its target, flushed.
Outcome put_in_place(const std::filesystem::path& finished, const std::filesystem::path& target);

/// A name beside target for a file in the making.
std::filesystem::path name_beside(const std::filesystem::path& target);

}  // namespace wp

// SPDX-License-Identifier: GPL-3.0-or-later
// Texts that come from outside, made fit for where they go: a terminal, a file's name.
#pragma once
#include <string>
#include <string_view>
#include <vector>

namespace wp {

/// The same text where it is UTF-8; else its bytes are taken as Latin-1, the usual other encoding of old files.
std::string as_utf8(std::string_view bytes);

/// For a terminal or a message: UTF-8, control characters and marks that turn the writing direction replaced by "?",
/// the middle left out beyond so many bytes.
std::string plain_text(std::string_view text, size_t most = 600);
/// The same of text of several lines and any length: line ends stay.
std::string plain_lines(std::string_view text);

/// One after the other, "a, b, c".
std::string joined(const std::vector<std::string>& texts, std::string_view between = ", ");

/// A name for a file or a part of one, of an id. Different ids give different names: one of letters, digits, "_" and
/// "-" alone stays as it is; what is changed in another is told apart by digits behind "~". Never empty, no dots.
std::string file_name_of(std::string_view id);

}  // namespace wp

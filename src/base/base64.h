// SPDX-License-Identifier: GPL-3.0-or-later
// Bytes as text (RFC 4648, section 4).
#pragma once
#include <optional>
#include <string>
#include <string_view>

namespace wp {

std::string to_base64(std::string_view bytes);
/// None where it is no base64: wrong letters, wrong length, padding anywhere else than at the end.
std::optional<std::string> from_base64(std::string_view text);

}  // namespace wp

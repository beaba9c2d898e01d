// SPDX-License-Identifier: GPL-3.0-or-later
// The one reader of JSON from outside: what is too deep, stands twice or is no number a program can hold is a fault,
// and no exception leaves it.
#pragma once
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>

#include "base/result.h"

namespace wp {

using Json = nlohmann::ordered_json;

/// Deeper than any file of ours, by far.
inline constexpr size_t kDeepest = 64;

/// name: of the file, for the fault's place.
Result<Json> parse_json(std::string_view text, const std::string& name);

/// As our files have it: keys line by line, and what is no UTF-8 replaced.
std::string json_file(const Json& value);

/// Whether bytes are one CBOR value (RFC 8949), no deeper, whose claimed sizes fit into them: then a reader may be let
/// loose on it.
bool is_sound_cbor(std::string_view bytes);

}  // namespace wp

// SPDX-License-Identifier: GPL-3.0-or-later
// Answers that are tables over points, as bytes for the disk and back.
#pragma once
#include <string>
#include <string_view>

#include "base/result.h"
#include "question/table.h"

namespace wp::exchange {

/// As CBOR (RFC 8949).
std::string write_kept(const question::TableAnswer& answer);
/// Bytes are not trusted: a fault where they are no table, or where lists of it do not fit each other.
Result<question::TableAnswer> read_kept(std::string_view bytes);

}  // namespace wp::exchange

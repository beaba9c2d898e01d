// SPDX-License-Identifier: GPL-3.0-or-later
// A step's answer as bytes for the disk and back.
#pragma once
#include <string>
#include <string_view>

#include "series/series.h"

namespace wp::series {

/// As CBOR (RFC 8949).
std::string write_step(const StepAnswer& step);
/// Bytes are not trusted: a fault where they are no step of so many rooms and lines.
Result<StepAnswer> read_step(std::string_view bytes, size_t rooms, size_t lines);

}  // namespace wp::series

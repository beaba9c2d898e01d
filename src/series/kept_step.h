// SPDX-License-Identifier: GPL-3.0-or-later
// A step's answer as bytes for the disk and back.
#pragma once
#include <set>
#include <string>
#include <string_view>

#include "base/record.h"
#include "series/series.h"

namespace wp::series {

/// As CBOR (RFC 8949).
std::string write_step(const StepAnswer& step);
/// Bytes are not trusted: a fault where they are no step of so many rooms and lines.
Result<StepAnswer> read_step(std::string_view bytes, size_t rooms, size_t lines);

/// Of all its steps together, as kept under these pieces.
Record record_of(const SeriesAnswer& answer, const std::set<Fingerprint>& pieces);

}  // namespace wp::series

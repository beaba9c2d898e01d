// SPDX-License-Identifier: GPL-3.0-or-later
// Tables of commas: one writer and one reader of fields (RFC 4180).
#pragma once
#include <deque>
#include <string>
#include <string_view>
#include <vector>

#include "base/result.h"

namespace wp {

/// A text as a field: quoted where it must be. What a spreadsheet would take for a formula gets an apostrophe before
/// it, which the reader takes away.
std::string csv_field(std::string_view text);

/// Walks the records of a table. A record may go over several lines, within quotes.
class CsvReader {
 public:
    explicit CsvReader(std::string_view text);
    /// False at the end. Fields live until the next call. A fault's place is "line N".
    Result<bool> next(std::vector<std::string_view>& fields);
    /// Of the record last given: where it begins, from 1.
    size_t line() const { return begun_; }

 private:
    Result<std::string_view> field();
    Result<std::string_view> quoted();
    std::string_view rest_;
    size_t line_ = 1, begun_ = 0;
    std::deque<std::string> kept_;  // fields that are not as they stand in the text
};

}  // namespace wp

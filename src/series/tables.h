// SPDX-License-Identifier: GPL-3.0-or-later
// Series as tables for other programs, and series that are named in one line of text.
#pragma once
#include <string>
#include <string_view>

#include "series/series.h"

namespace wp::series {

/// A row for each step, room and figure: value and 95 % band.
std::string series_csv(const model::Project& project, const SeriesAnswer& answer);
/// All of it: steps with verdicts and records, turns of the criteria.
std::string series_json(const model::Project& project, const SeriesAnswer& answer);

/// "W-02.width=0.9:1.8:4": elements (joined by +) and a number of theirs, from, to, steps. "north=-20:20:5" is of the
/// site or the option. Values as files have them. Faults say what is wrong with it.
Result<model::VariedNumber> parse_varied(const model::Project& project, const model::Option& option,
                                         std::string_view text);

}  // namespace wp::series

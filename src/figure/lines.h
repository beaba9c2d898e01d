// SPDX-License-Identifier: GPL-3.0-or-later
// Lines of comparisons: what is told of each room, in the order in which it is listed. All measures that have no figure
// of points, and the mean and the least of every figure.
#pragma once
#include <span>
#include <string>
#include <string_view>

#include "figure/measures.h"

namespace wp::figure {

struct Line {
    std::string id;  ///< in files and arguments: "spatial_autonomy", "daylight_factor.mean"
    const Measure* measure = nullptr;
    Wanted wanted;
    const char* name;     ///< of the figure, for people
    const char* of = "";  ///< what of it: "mean"; empty: all of it
    bool operator==(const Line& other) const { return id == other.id; }
};

/// They live as long as the program.
std::span<const Line> lines();
/// Null where there is none of that id.
const Line* find_line(std::string_view id);
/// From a measure's own terms to what is printed: 100 of shares.
inline double printed(const Line& line) { return line.measure->is_share ? 100 : 1; }
/// "Daylight factor, mean": in English.
std::string words_of(const Line& line);

}  // namespace wp::figure

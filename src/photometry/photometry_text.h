// SPDX-License-Identifier: GPL-3.0-or-later
// What readers of photometric files have in common: lines, and numbers with their places.
#pragma once
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "photometry/photometry_file.h"

namespace wp::photometry {

/// Lines without their ends and blanks around.
std::vector<std::string_view> lines_of(std::string_view text);
std::string_view trimmed(std::string_view text);
/// A whole text as a number, with a point or a comma.
std::optional<double> number_of(std::string_view text);
Fault fault_at(const std::string& name, size_t line, std::string_view what, const char* remedy);

/// What a number stands for, and between which bounds.
struct Expected {
    const char* what;
    double low, high;
    bool whole = false;
};
/// A number that is there is what was expected, or the fault.
Outcome judged(const std::string& name, size_t line, double value, const Expected& expected);

/// Angles of a plane or within it: rising, within bounds of the kind of planes.
Outcome check_angles(const std::string& name, size_t line, const std::vector<double>& angles, const char* what,
                     double low, double high);
/// More directions than any luminaire is measured in are a damaged file.
inline constexpr double kMostAngles = 2000, kMostDirections = 400000;

}  // namespace wp::photometry

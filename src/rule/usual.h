// SPDX-License-Identifier: GPL-3.0-or-later
// What values of a figure usually mean, so that nobody is left with a number without a scale. The list is data
// (data/usual_values.json, docs/formats/criteria.md).
#pragma once
#include <filesystem>
#include <string>
#include <vector>

#include "base/result.h"

namespace wp::rule {

struct UsualValue {
    double value = 0;     ///< in the figure's unit
    std::string meaning;  ///< of values at or above it
    std::string source;   ///< standard and clause
    bool key = false;     ///< the one that a room's share is told of
};

/// By figure: "daylight_factor" in per cent, "illuminance" in lux and the like, from the least value to the greatest.
struct UsualValues {
    struct Of {
        std::string figure, unit, definition;
        std::vector<UsualValue> values;
    };
    std::vector<Of> figures;
    /// Null where nothing is usual.
    const Of* find(const std::string& figure) const;
};

Result<UsualValues> parse_usual_values(std::string_view text, const std::string& name);
Result<UsualValues> read_usual_values(const std::filesystem::path& path);

}  // namespace wp::rule

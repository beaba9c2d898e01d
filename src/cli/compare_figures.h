// SPDX-License-Identifier: GPL-3.0-or-later
// Options asked, and every figure of every room told against the base.
#pragma once
#include <algorithm>
#include <filesystem>

#include "base/json_text.h"
#include "cli/arguments.h"
#include "model/project.h"
#include "series/series.h"

namespace wp::cli {

// One option, asked as it is: a series of which nothing is varied.
struct AskedOption {
    const model::Option* option;
    series::SeriesAnswer answer;
    std::optional<figure::Band> band(const model::Id& room, size_t line) const {
        const auto at = std::ranges::find(answer.rooms, room);
        return at != answer.rooms.end() ? answer.band(0, static_cast<size_t>(at - answer.rooms.begin()), line)
                                        : std::nullopt;
    }
};

/// Adds them to the file that is written. The code to leave with.
int compare_figures(const CompareArguments& arguments, const model::Project& project, const model::Option& base,
                    Json& file);
/// A chart of them as PNG or SVG (compare_chart.cpp).
Outcome draw_figures(const model::Project& project, const std::vector<AskedOption>& all,
                     const std::filesystem::path& path);

}  // namespace wp::cli

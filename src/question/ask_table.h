// SPDX-License-Identifier: GPL-3.0-or-later
// Asks any question whose answer is figures over points, and gives its table.
#pragma once
#include <memory>
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "base/progress.h"
#include "question/ask.h"
#include "question/table.h"

namespace wp::question {

struct TableAnswer {
    Record record;
    std::string kind;  ///< "daylight_factor", "moment" and the like
    PointTable table;
    std::optional<WindowTable> windows;
    /// What else is to be said, name and value: skies, totals outdoors. Values that are JSON are taken as such.
    std::vector<std::pair<std::string, std::string>> facts;
    size_t main_columns = 1;  ///< every so many columns one that stands for itself; those between split it
};

/// True for the kinds that ask_table knows.
bool gives_table(model::Question::Kind kind);

/// weather: null where there is none; a fault where the question needs it. Cancelled: record.settled is false.
Result<TableAnswer> ask_table(const model::Project& project, const model::Option& option,
                              const model::Question& question, const climate::WeatherYear* weather,
                              const Effort& effort, const Cancel& cancel = {}, const Progress& progress = {});

}  // namespace wp::question

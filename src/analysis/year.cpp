// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analysis.h"
#include "describe/field.h"

namespace wp::analysis {

using model::Question;

Analysis year() {
    return {.kind = Question::Kind::year,
            .name = "The year",
            .asks = nullptr,
            .words = [](const Question&) { return std::string("The year"); },
            .needs_weather = [](const Question&) { return true; },
            .bears = describe::bears::light | describe::bears::blinds,
            .cost = [](const Question&) { return 7; }};
}

}  // namespace wp::analysis

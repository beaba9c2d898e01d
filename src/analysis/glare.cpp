// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analysis.h"
#include "describe/field.h"

namespace wp::analysis {

using model::Question;

Analysis glare() {
    return {.kind = Question::Kind::glare,
            .name = "Glare",
            .asks = nullptr,
            .words = [](const Question&) { return std::string("Glare"); },
            .needs_weather = [](const Question& q) { return q.sky.needs_weather(); },
            .bears = describe::bears::light | describe::bears::blinds | describe::bears::observers,
            .cost = [](const Question&) { return 3; }};
}

}  // namespace wp::analysis

// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analysis.h"

#include <fmt/core.h>

#include "describe/field.h"
#include "question/ask.h"

namespace wp::analysis {

using model::Question;
using namespace question;

namespace {

Result<TableAnswer> run(const Request& a) {
    const auto answer = question::sun_hours(sun_hours_task(a.project, a.question, a.surfaces, a.points, a.weather),
                                            a.effort, a.cancel, a.progress);
    return TableAnswer{answer.record,
                       "sun_hours",
                       table_of(answer),
                       {},
                       {{"days", std::to_string(answer.days)},
                        {"open_hours", fmt::format("{:.2f}", answer.open_hours)},
                        {"sun", a.question.probable ? "probable: hours with 120 W/m2 or more of direct irradiance"
                                                    : "possible: whenever it is up"}},
                       100};
}

}  // namespace

Analysis sun_hours() {
    return {.kind = Question::Kind::sun_hours,
            .name = "Sunlight hours",
            .asks = "sunlight hours",
            .words =
                [](const Question& q) {
                    return std::string(q.probable ? "Probable sunlight hours, " : "Sunlight hours, ") + period_words(q);
                },
            .needs_weather = [](const Question& q) { return q.probable; },
            .bears = describe::bears::light,
            .cost = [](const Question&) { return 0; },
            .run = run};
}

}  // namespace wp::analysis

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
    constexpr int looks = 24;
    const auto answer =
        question::sky_view(a.surfaces, a.points, a.question.season, a.effort, looks, a.cancel, a.progress);
    TableAnswer out{answer.record, "sky_view", table_of(answer), {}, {}, 100};
    std::string shares = "[";
    for (const auto& plane : answer.planes)
        shares += fmt::format("{}{:.4f}", shares.size() > 1 ? "," : "", plane.share_seeing);
    out.facts = {{"share_before_no_sky_line", shares + "]"}};
    return out;
}

}  // namespace

Analysis sky_view() {
    return {.kind = Question::Kind::sky_view,
            .name = "Sky seen",
            .asks = "view of the sky, no-sky line",
            .words = [](const Question&) { return std::string("Sky seen"); },
            .needs_weather = [](const Question&) { return false; },
            .bears = describe::bears::light,
            .cost = [](const Question&) { return 1; },
            .run = run};
}

}  // namespace wp::analysis

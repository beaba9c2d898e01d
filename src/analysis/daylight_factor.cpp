// SPDX-License-Identifier: GPL-3.0-or-later
#include "analysis/analysis.h"

#include <fmt/core.h>
#include <algorithm>
#include <cmath>

#include "climate/sky_amount.h"
#include "describe/field.h"
#include "model/project.h"
#include "question/ask.h"

namespace wp::analysis {

using model::Question;
using namespace question;

namespace {

// Of a window's outer face the vertical sky component is the figure that is asked for; the whole follows it.
void lead_with_sky(PointTable& table) {
    const auto sky = std::ranges::find(table.columns, "sky_component_percent", &Column::id);
    if (sky == table.columns.end()) return;
    sky->id = "vertical_sky_component_percent";
    sky->name = "Vertical sky component";
    std::rotate(table.columns.begin(), sky, sky + 1);
}

Result<TableAnswer> run(const Request& a) {
    DaylightFactorSetup setup;
    setup.season = a.question.season;
    return daylight_table(a, question::daylight_factor(
                                 a.surfaces, a.points, a.effort, a.cancel,
                                 [&](const auto& so_far) { a.report(so_far.record.reached); }, setup));
}

}  // namespace

TableAnswer daylight_table(const Request& a, const DaylightFactorAnswer& answer) {
    TableAnswer out{answer.record,
                    "daylight_factor",
                    table_of(answer),
                    few_enough(a.points, answer.portals.size(), 1) ? std::optional(windows_of(answer)) : std::nullopt,
                    {},
                    100};
    const double design = climate::design_sky(a.project.site.latitude);
    out.facts = {{"sky", "CIE S 011 type 16, traditional overcast"}, {"design_sky_lux", fmt::format("{:.0f}", design)}};
    // Near the equator the sun stands so high that overcast skies tell little of a year's light.
    if (std::fabs(a.project.site.latitude) < 20)
        out.facts.emplace_back("design_sky_doubt",
                               "the design sky of CIE 16-1970 was made for temperate latitudes; within 20 degrees of "
                               "the equator take the median");
    const double median = a.weather != nullptr ? climate::median_diffuse(climate::outdoor_year(*a.weather)) : 0;
    if (median > 0) out.facts.emplace_back("median_diffuse_lux", fmt::format("{:.0f}", median));
    add_skies(out.table, a.project.site.latitude, median);
    if (a.question.at == Question::At::windows) lead_with_sky(out.table);
    return out;
}

Analysis daylight_factor() {
    return {.kind = Question::Kind::daylight_factor,
            .name = "Daylight factor",
            .asks = "daylight factor, sky component",
            .words = [](const Question&) { return std::string("Daylight factor"); },
            .needs_weather = [](const Question&) { return false; },
            .bears = describe::bears::light,
            .cost = [](const Question& q) { return q.at == Question::At::planes ? 4 : 2; },
            .by_windows = true,
            .run = run};
}

}  // namespace wp::analysis

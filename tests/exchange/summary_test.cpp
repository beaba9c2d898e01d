// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/summary.h"

#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "exchange/tables.h"
#include "question/ask.h"
#include "rule/data.h"
#include "rule/judged.h"
#include "support.h"

using namespace wp;
using nlohmann::json;

namespace {
const exchange::Origin kOrigin{"One room", "a", "df", "Nowhere"};
}

TEST(Summaries, a_daylight_factor_tells_how_it_was_made) {
    const auto project = test::one_room();
    const auto answer =
        question::daylight_factor(geometry::build_surfaces(project, project.options[0]),
                                  *question::planes_of(project.options[0], project.questions[0]), {0.1, 42, 0});
    const auto j =
        json::parse(exchange::table_json(kOrigin, answer.record, "daylight_factor", question::table_of(answer),
                                         {"Room"}, {{"sky", "CIE S 011 type 16, traditional overcast"}}));
    EXPECT_EQ(j["kind"], "daylight_factor");
    EXPECT_EQ(j["settings"]["seed"], 42);
    EXPECT_DOUBLE_EQ(j["settings"]["accuracy"], 0.1);
    EXPECT_EQ(j["rays"], answer.record.rays);
    EXPECT_TRUE(j["settled"]);
    EXPECT_EQ(j["inputs"], answer.record.inputs.text());
    EXPECT_EQ(j["planes"][0]["room"], "Room");
    EXPECT_NEAR(j["planes"][0]["daylight_factor_percent"]["mean"].get<double>(), answer.planes[0].figures.mean, 1e-4);
    EXPECT_LE(j["planes"][0]["daylight_factor_percent"]["least"].get<double>(),
              j["planes"][0]["daylight_factor_percent"]["median"].get<double>());
}

TEST(Summaries, a_year_carries_its_verdicts_and_its_blinds) {
    const auto project = test::one_room();
    const auto planes = *question::planes_of(project.options[0], project.questions[0]);
    const auto year = question::solve_year(geometry::build_surfaces(project, project.options[0]), planes,
                                           test::weather(), 0, {0.5, 1, 0});
    exchange::JudgedSet judged{*rule::criteria_set("leed-v41-daylight-option-1"), {}};
    judged.verdicts = rule::evaluate(judged.set, test::case_of(year, {"Room"}));
    const auto j = json::parse(exchange::year_json(
        kOrigin, year, {"Room"}, {judged}, {{}, {model::clock_hours({}, 8, 18)}, question::Operation::lm83}, {}));
    EXPECT_EQ(j["criteria"][0]["verdicts"].size(), 2u);
    for (const auto& v : j["criteria"][0]["verdicts"]) {
        EXPECT_LE(v["band"][0], v["value"]);
        EXPECT_GE(v["band"][1], v["value"]);
        EXPECT_FALSE(v["source"].get<std::string>().empty());
    }
    ASSERT_EQ(j["blinds"].size(), 1u);
    EXPECT_GT(j["blinds"][0]["states"][1]["daylit_hours"], 0);
    EXPECT_EQ(j["sun_on_glazing"][0]["on_kwh_m2_by_month"].size(), 12u);
    const auto& mean = j["planes"][0]["figures"]["mean"];
    EXPECT_LE(mean["band_95"][0], mean["value"]);
    const std::string csv = exchange::year_csv(year, {{}, {model::clock_hours({}, 8, 18)}, question::Operation::lm83});
    EXPECT_EQ(static_cast<size_t>(std::count(csv.begin(), csv.end(), '\n')), 1 + planes[0].points.size());
    std::string hours;
    exchange::hourly_csv(year, 0, question::Operation::open, [&](std::string_view bytes) { hours += bytes; });
    EXPECT_EQ(std::count(hours.begin(), hours.end(), '\n'), 8761);
}

TEST(HourlyTable, of_a_plane_of_many_points_has_every_points_light_in_its_own_column) {
    auto project = test::one_room();
    project.options[0].planes[0].spacing = 0.15;
    const auto planes = *question::planes_of(project.options[0], project.questions[0]);
    const auto year = question::solve_year(geometry::build_surfaces(project, project.options[0]), planes,
                                           test::weather(), 0, {0.9, 1, 0});
    ASSERT_GT(year.parts(0), 1u);
    std::vector<std::string> lines(1);
    exchange::hourly_csv(year, 0, question::Operation::open, [&](std::string_view bytes) {
        for (const char c : bytes)
            if (c == '\n')
                lines.emplace_back();
            else
                lines.back() += c;
    });
    ASSERT_EQ(lines.size(), 8762u) << "a head, 8760 hours, and nothing after the last";
    EXPECT_TRUE(lines.back().empty());
    const auto light = year.lux(0, question::Operation::open);
    for (const int hour : {3, 24 * 172 + 12, 8759 - 12}) {
        std::vector<std::string> cells(1);
        for (const char c : lines[static_cast<size_t>(hour) + 1])
            if (c == ',')
                cells.emplace_back();
            else
                cells.back() += c;
        ASSERT_EQ(cells.size(), 3 + 2 * light->points);
        const auto lux = light->at(hour);
        const auto alone = year.hour(0, hour, question::Operation::open);
        for (size_t i = 0; i < light->points; ++i) {
            EXPECT_NEAR(std::stod(cells[3 + 2 * i]), lux.empty() ? 0.0 : static_cast<double>(lux[i]), 0.051);
            EXPECT_NEAR(std::stod(cells[4 + 2 * i]), alone.half_width[i], 0.051 + 0.01 * alone.half_width[i])
                << "the error of that very hour";
        }
    }
}

TEST(Summaries, figures_are_rounded_to_what_they_are_worth) {
    question::GlareAnswer glare;
    glare.vertical_lux = 1234.56789123;
    glare.picture.value = {1};
    glare.picture.lens.width = 1;
    const auto j = json::parse(exchange::glare_json(kOrigin, glare));
    EXPECT_DOUBLE_EQ(j["vertical_illuminance_lux"], 1234.57);
    EXPECT_EQ(j["indices"]["dgp_by_illuminance"]["class"], "imperceptible");
    EXPECT_FALSE(j["indices"].contains("ugr")) << "nothing glares";
}

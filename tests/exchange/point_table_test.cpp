// SPDX-License-Identifier: GPL-3.0-or-later
// Tables of answers go out and come in again; what comes from elsewhere is believed only where it can be read.
#include "exchange/point_table.h"

#include <gtest/gtest.h>

#include <cmath>

#include "analysis/analysis.h"
#include "question/ask.h"
#include "support.h"

using namespace wp;

namespace {

const std::string kGood = "plane,room,point,x_m,y_m,z_m,nx,ny,nz,lux\np,r,0,1,1,0.8,0,0,1,250\np,r,1,2,1,0.8,0,0,1,\n";

void expect_fault(const std::string& text, const std::string& place, const std::string& what) {
    const auto table = exchange::parse_table(text, "a.csv");
    ASSERT_FALSE(table) << text;
    EXPECT_NE(table.fault().place.find(place), std::string::npos) << table.fault().line();
    EXPECT_NE(table.fault().what.find(what), std::string::npos) << table.fault().line();
    EXPECT_FALSE(table.fault().remedy.empty());
}

model::Question of_kind(model::Question::Kind kind) {
    model::Question q;
    q.id = q.name = "q";
    q.kind = kind;
    q.accuracy = 0.2;
    q.moments = {{3, 21, 12}, {6, 21, 9.5}};
    q.last = {3, 22, 24};
    return q;
}

}  // namespace

TEST(PointTable, an_answer_that_went_out_comes_in_at_the_same_points) {
    const auto project = test::one_room();
    const auto answer = analysis::ask(project, project.options[0], of_kind(model::Question::Kind::daylight_factor),
                                      nullptr, {0.2, 1, 0});
    ASSERT_TRUE(answer);
    const auto back = exchange::parse_table(exchange::table_csv(answer->table), "df.csv");
    ASSERT_TRUE(back) << back.fault().line();
    ASSERT_EQ(back->at.size(), answer->table.planes[0].points.size());
    EXPECT_EQ(back->columns[0].id, "daylight_factor_percent");
    const auto laid = exchange::laid_on(*back, 0, answer->table.planes);
    for (size_t i = 0; i < laid.value[0].size(); ++i)
        EXPECT_NEAR(laid.value[0][i], answer->table.columns[0].value[0][i], 1e-5 * laid.value[0][i]);
}

TEST(PointTable, every_kind_of_question_gives_one) {
    const auto project = test::one_room();
    const auto weather = test::weather(50, 3);
    using Kind = model::Question::Kind;
    for (const Kind kind :
         {Kind::daylight_factor, Kind::moment, Kind::sun_hours, Kind::sky_view, Kind::exposure, Kind::spectrum})
        for (const auto at :
             {model::Question::At::planes, model::Question::At::windows, model::Question::At::window_reveals}) {
            auto q = of_kind(kind);
            q.at = at;
            const auto answer = analysis::ask(project, project.options[0], q, &weather, question::effort_of(q));
            ASSERT_TRUE(answer) << answer.fault().line();
            const auto& table = answer->table;
            ASSERT_FALSE(table.columns.empty());
            EXPECT_TRUE(answer->record.settled);
            EXPECT_EQ(table.planes.size(), 1u);
            for (const auto& column : table.columns) {
                ASSERT_EQ(column.value.size(), table.planes.size()) << column.id;
                EXPECT_EQ(column.value[0].size(), table.planes[0].points.size()) << column.id;
            }
            const auto back = exchange::parse_table(exchange::table_csv(table), "q.csv");
            ASSERT_TRUE(back) << back.fault().line();
            EXPECT_GE(back->columns.size(), table.columns.size());
        }
}

TEST(PointTable, at_a_window_in_the_open_the_figure_is_the_vertical_sky_component_of_39_6_percent) {
    auto project = test::one_room();
    model::Question q = project.questions[0];
    q.at = model::Question::At::windows;
    q.accuracy = 0.005;
    const auto weather = test::weather();
    const auto answer = analysis::ask(project, project.options[0], q, &weather, question::effort_of(q));
    ASSERT_TRUE(answer);
    const auto& columns = answer->table.columns;
    EXPECT_EQ(columns[0].id, "vertical_sky_component_percent");
    // Upright, of half the sky, over the horizontal of all of it: 39.6 %, in every textbook.
    EXPECT_NEAR(columns[0].value[0][0], 39.6, 0.4);
    EXPECT_EQ(columns[1].id, "daylight_factor_percent");
    EXPECT_GT(columns[1].value[0][0], 45) << "with what the ground sends up";
    size_t median = 0, design = 0;
    for (size_t c = 0; c < columns.size(); ++c) {
        if (columns[c].id == "lux_by_median") median = c;
        if (columns[c].id == "lux_by_design_sky") design = c;
    }
    EXPECT_LT(median, design) << "the median of the place is offered first";
}

TEST(PointTable, a_question_that_has_no_table_is_refused_and_not_answered_as_another) {
    const auto project = test::one_room();
    const auto weather = test::weather();
    for (const auto kind : {model::Question::Kind::year, model::Question::Kind::glare}) {
        model::Question q = project.questions[0];
        q.kind = kind;
        const auto answer = analysis::ask(project, project.options[0], q, &weather, {0.5, 1, 0});
        ASSERT_FALSE(answer);
        EXPECT_NE(answer.fault().what.find("no table"), std::string::npos);
    }
}

TEST(PointTable, a_question_that_needs_weather_says_so) {
    const auto project = test::one_room();
    const auto refused =
        analysis::ask(project, project.options[0], of_kind(model::Question::Kind::exposure), nullptr, {0.2, 1, 0});
    ASSERT_FALSE(refused);
    EXPECT_NE(refused.fault().remedy.find("weather") + refused.fault().what.find("weather"), std::string::npos);
}

TEST(PointTable, shares_of_windows_sum_to_the_figure) {
    const auto project = test::one_room();
    const auto weather = test::weather(50, 3);
    const auto answer =
        analysis::ask(project, project.options[0], of_kind(model::Question::Kind::moment), &weather, {0.2, 1, 0});
    ASSERT_TRUE(answer && answer->windows);
    const auto& windows = *answer->windows;
    for (size_t figure = 0; figure < windows.ids.size(); ++figure)
        for (size_t i = 0; i < windows.planes[0].points.size(); ++i) {
            double sum = 0;
            for (size_t w = 0; w < windows.windows.size(); ++w)
                sum += windows.value[figure][0][i * windows.windows.size() + w];
            EXPECT_NEAR(sum, answer->table.columns[figure * answer->main_columns].value[0][i], 1e-3 * sum + 1e-9);
        }
    EXPECT_NE(exchange::windows_csv(windows).find(",W-01,"), std::string::npos);
}

TEST(PointTable, reads_what_others_write_and_leaves_gaps_as_gaps) {
    const auto table = exchange::parse_table(
        "\xef\xbb\xbf"
        "lux, x_m, y_m, z_m\r\n250, 1, 1, 0.8\r\n\r\n300,2,1,0.8\r\n",
        "b.csv");
    ASSERT_TRUE(table) << table.fault().line();
    ASSERT_EQ(table->at.size(), 2u);
    EXPECT_EQ(table->columns[0].value, (std::vector<double>{250, 300}));
    const auto gap = exchange::parse_table(kGood, "a.csv");
    ASSERT_TRUE(gap);
    EXPECT_TRUE(std::isnan(gap->columns[0].value[1]));
}

TEST(PointTable, a_foreign_point_counts_only_near_ours_and_facing_the_same_way) {
    const auto table = exchange::parse_table(kGood, "a.csv");
    geometry::PlanePoints plane;
    plane.dx = plane.dy = 0.5;
    plane.points = {{1.1, 1, 0.8}, {1.6, 1, 0.8}};
    const auto laid = exchange::laid_on(*table, 0, {plane});
    EXPECT_EQ(laid.value[0][0], 250);
    EXPECT_TRUE(std::isnan(laid.value[0][1]));
    plane.normal = {0, -1, 0};
    EXPECT_TRUE(std::isnan(exchange::laid_on(*table, 0, {plane}).value[0][0]));
}

TEST(PointTable, damage_is_named_with_its_line) {
    expect_fault("", "a.csv", "empty");
    expect_fault("x_m,y_m,lux\n1,1,2\n", "line 1", "z_m");
    expect_fault("x_m,y_m,z_m\n1,1,1\n", "line 1", "figures");
    expect_fault("x_m;y_m;z_m;lux\n1;1;1;1\n", "line 1", "semicolons");
    expect_fault(kGood + "p,r,2,3,1,0.8,0,0,1\n", "line 4", "9 fields");
    expect_fault(kGood + "p,r,2,three,1,0.8,0,0,1,5\n", "line 4", "x_m");
    expect_fault(kGood + "p,r,2,3,1,0.8,0,0,1,much\n", "line 4", "lux");
    expect_fault(kGood + "p,r,2,nan,1,0.8,0,0,1,5\n", "line 4", "x_m");
    expect_fault("x_m,y_m,z_m,lux\n", "a.csv", "no points");
}

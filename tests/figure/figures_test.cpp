// SPDX-License-Identifier: GPL-3.0-or-later
// The catalogue of figures and measures: every figure of every analysis is found in a real answer, and can be judged.
#include "figure/figures.h"

#include <fmt/core.h>
#include <gtest/gtest.h>

#include <deque>
#include <set>

#include "analysis/analysis.h"
#include "base/file.h"
#include "figure/measures.h"
#include "question/ask.h"
#include "rule/criteria_file.h"
#include "rule/data.h"
#include "rule/judged.h"
#include "rule/needs.h"
#include "support.h"

using namespace wp;
using namespace wp::figure;
using Kind = model::Question::Kind;

namespace {

model::Question asking(Kind kind, model::Question::At at = model::Question::At::planes) {
    model::Question q;
    q.id = "q";
    q.kind = kind;
    q.at = at;
    q.accuracy = 0.5;
    q.moments = {{6, 21, 12}};
    q.first = {3, 1, 0};
    q.last = {3, 2, 24};
    return q;
}

// The room with a luminaire before its eye.
model::Project lit_room() {
    auto p = test::one_room();
    model::LuminaireType type;
    type.id = "lamp";
    type.horizontals = {0};
    type.verticals = {0, 90};
    type.candela = {500, 100};
    type.size_x = type.size_y = 0.3;
    p.luminaire_types = {type};
    model::Luminaire one;
    one.id = "one";
    one.type = "lamp";
    one.storey = "ground";
    one.at = {2, 1};
    p.options[0].luminaires = {one};
    return p;
}

question::TableAnswer asked(const model::Question& q) {
    static const auto project = lit_room();
    static const auto weather = test::weather();
    return *analysis::ask(project, project.options[0], q, &weather, {0.5, 1, 0});
}

// A plane of so many points in a row, and a table of one figure with these values.
struct Given {
    question::PointTable table;
    Answers answers;
    Given(const PointFigure& figure, const std::vector<double>& value, double error = 0) {
        geometry::PlanePoints plane;
        plane.plane = "p";
        plane.room = "room";
        plane.dx = plane.dy = 1;
        plane.points.resize(value.size());
        table.planes = {plane};
        question::Column column{figure.column, figure.name, figure.unit, {value}, {}};
        if (error > 0) column.standard_error = {std::vector<double>(value.size(), error)};
        table.columns = {column};
        answers.tables[figure.of] = &table;
    }
    std::optional<Band> find(const char* measure, const Wanted& wanted) const {
        return find_measure(measure)->find(answers, table.planes[0], 0, wanted);
    }
};

Wanted of(const char* figure) {
    Wanted out;
    out.figure = figure;
    return out;
}

std::string set_of(const char* measure, const char* figure) {
    return fmt::format(R"({{"warmpane_criteria":2,"id":"s","name":"s","source":"s","criteria":[{{"id":"c","name":"c",)"
                       R"("meaning":"m","source":"s","measure":"{}","figure":"{}",)"
                       R"("at_least":true,"thresholds":[{{"value":0.5,"level":"met"}}]}}]}})",
                       measure, figure);
}

// The verdicts of a set on one plane, whatever it wants asked.
std::vector<rule::Verdict> judge(const rule::CriteriaSet& set, const Answers& answers,
                                 const geometry::PlanePoints& plane, const char* name) {
    static const model::Project project = test::one_room();
    static std::deque<model::Question> asked;
    rule::Case judged;
    judged.answers = answers;
    judged.of = rule::Circumstances{&project, nullptr};
    for (const auto& c : set.criteria)
        if (const auto* need = rule::find_need(c.asks); need->make != nullptr) {
            asked.push_back(*need->make(*judged.of));
            judged.answers.asked.push_back({&asked.back(), answers.tables.begin()->second});
        }
    judged.subjects = {test::subject(plane, name)};
    return rule::evaluate(set, judged);
}

}  // namespace

TEST(Figures, of_tables_are_columns_of_real_answers_under_their_names) {
    std::map<Kind, question::TableAnswer> answers;
    for (const Kind kind : {Kind::daylight_factor, Kind::moment, Kind::sun_hours, Kind::sky_view, Kind::sky_angle,
                            Kind::view_out, Kind::exposure, Kind::glare_year, Kind::spectrum, Kind::body_clock})
        answers.emplace(kind, asked(asking(kind)));
    auto electric = asking(Kind::electric);
    electric.electric.cylindrical = electric.electric.colours = true;
    electric.bands = 3;
    answers.emplace(Kind::electric, asked(electric));
    const auto at_eyes = asked(asking(Kind::electric, model::Question::At::eyes));
    const auto at_windows = asked(asking(Kind::daylight_factor, model::Question::At::windows));
    size_t seen = 0;
    for (const auto& figure : point_figures()) {
        if (figure.of_year != nullptr) continue;
        const auto& answer = std::string_view(figure.id) == "vertical_sky_component" ? at_windows
                             : std::string_view(figure.id) == "ugr"                  ? at_eyes
                                                                                     : answers.at(figure.of);
        const auto* column = column_of(answer.table, figure);
        ASSERT_NE(column, nullptr) << figure.id;
        EXPECT_EQ(column->unit, figure.unit) << figure.id;
        // Columns of moments and scenes are called by these.
        EXPECT_TRUE(figure.of == Kind::electric || figure.of == Kind::moment || figure.of == Kind::spectrum ||
                    column->name.starts_with(figure.name))
            << column->name;
        ++seen;
    }
    EXPECT_GE(seen, 15u);
}

TEST(Figures, have_ids_of_their_own) {
    std::set<std::string> ids;
    for (const auto& figure : point_figures()) EXPECT_TRUE(ids.insert(figure.id).second) << figure.id;
}

TEST(Figures, measures_and_ways_of_asking_stand_in_the_document_of_criteria) {
    const auto words = *read_file(WARMPANE_SOURCE "/docs/formats/criteria.md");
    for (const auto& figure : point_figures())
        EXPECT_NE(words.find(fmt::format("| `{}` |", figure.id)), std::string::npos) << figure.id;
    for (const auto& measure : measures())
        EXPECT_NE(words.find(fmt::format("`{}`", measure.id)), std::string::npos) << measure.id;
    for (const auto& need : rule::needs())
        EXPECT_NE(words.find(fmt::format("| `{}` |", need.id)), std::string::npos) << need.id;
    for (const auto& use : model::room_uses())
        EXPECT_NE(words.find(fmt::format("`{}`", use.word)), std::string::npos) << use.word;
}

TEST(Measures, a_level_is_what_that_share_of_the_points_has_at_least) {
    std::vector<double> value;
    for (int i = 1; i <= 20; ++i) value.push_back(i);
    const Given given(*find_point_figure("daylight_factor"), value);
    auto wanted = of("daylight_factor");
    for (const auto& [share, least] : {std::pair{0.5, 11.0}, {0.95, 2.0}, {1.0, 1.0}, {0.05, 20.0}, {0.0, 20.0}}) {
        wanted.area_share = share;
        EXPECT_EQ(given.find("level", wanted)->value, least) << share;
    }
    wanted.value = 15;
    EXPECT_DOUBLE_EQ(given.find("area_share", wanted)->value, 6.0 / 20);
    EXPECT_DOUBLE_EQ(given.find("mean", wanted)->value, 10.5);
    EXPECT_DOUBLE_EQ(given.find("least", wanted)->value, 1);
    EXPECT_NEAR(given.find("uniformity", wanted)->value, 1 / 10.5, 1e-12);
}

TEST(Measures, errors_of_the_points_give_the_band) {
    const Given given(*find_point_figure("daylight_factor"), {2, 3, 4, 5}, 0.1);
    const auto level = *given.find("level", of("daylight_factor"));
    EXPECT_EQ(level.value, 4);
    EXPECT_LT(level.low, 3.9);
    EXPECT_GT(level.high, 4.1);
    const auto mean = *given.find("mean", of("daylight_factor"));
    EXPECT_LT(mean.high - mean.low, level.high - level.low) << "chances of four points even out";
    const auto uniform = *given.find("uniformity", of("daylight_factor"));
    EXPECT_LT(uniform.low, uniform.value);
    EXPECT_GT(uniform.high, uniform.value);
}

TEST(Measures, what_was_not_asked_is_not_known) {
    const Given given(*find_point_figure("daylight_factor"), {2, 3});
    EXPECT_FALSE(given.find("mean", of("sun_hours")));
    EXPECT_FALSE(given.find("mean", of("no_such_figure")));
    EXPECT_FALSE(given.find("spatial_autonomy", {}));
    EXPECT_FALSE(given.find("glare_probability", {}));
    auto elsewhere = given.table.planes[0];
    elsewhere.plane = "another";
    EXPECT_FALSE(find_measure("mean")->find(given.answers, elsewhere, 0, of("daylight_factor")));
}

TEST(Measures, glare_is_the_worst_of_a_rooms_eyes) {
    Given given(*find_point_figure("daylight_factor"), {2});
    question::GlareAnswer mild, bad, next_door;
    mild.observer.room = bad.observer.room = "room";
    next_door.observer.room = "hall";
    mild.dgp = 0.25;
    bad.dgp = 0.41, bad.dgp_low = 0.38, bad.dgp_high = 0.44;
    next_door.dgp = 0.9;
    given.answers.glares = {&mild, &bad, &next_door};
    EXPECT_EQ(given.find("glare_probability", {})->value, 0.41);
    EXPECT_EQ(given.find("glare_probability", {})->high, 0.44);
}

TEST(Measures, glare_of_the_year_is_the_worst_of_a_rooms_eyes_as_they_look) {
    Given given(*find_point_figure("dgp_own_direction"), {0.38});
    auto& planes = given.table.planes;
    planes[0].plane = "eye of the room";
    planes.push_back(planes[0]), planes.push_back(planes[0]);
    planes[1].plane = "another", planes[2].room = "hall";
    given.table.columns[0].value = {{0.38}, {0.43}, {0.9}};
    geometry::PlanePoints drawn;
    drawn.plane = "p", drawn.room = "room", drawn.points.resize(40);
    const auto set = *rule::criteria_set("en-17037-glare");
    EXPECT_EQ(rule::analyses_of(set), std::vector{Kind::glare_year});
    const auto verdict = judge(set, given.answers, drawn, "Room")[0];
    EXPECT_EQ(verdict.value, 0.43) << "eyes next door do not count";
    EXPECT_TRUE(verdict.met());
    EXPECT_EQ(verdict.level, "minimum");
    given.table.columns[0].value = {{0.38}, {0.46}, {0.1}};
    EXPECT_FALSE(judge(set, given.answers, drawn, "Room")[0].met());
    given.table.columns[0].value = {{0.3}, {0.35}, {0.9}};
    EXPECT_EQ(judge(set, given.answers, drawn, "Room")[0].level, "high");
    drawn.room = "cellar";
    EXPECT_FALSE(judge(set, given.answers, drawn, "Cellar")[0].answered()) << "nobody sits there";
}

TEST(Criteria, may_be_of_any_figure_of_any_analysis) {
    for (const auto& figure : point_figures())
        for (const auto& measure : measures()) {
            if (!measure.takes_figure) continue;
            const auto set = rule::parse_criteria(set_of(measure.id, figure.id), "s");
            ASSERT_TRUE(set) << set.fault().line();
            EXPECT_EQ(rule::analyses_of(*set), std::vector{figure.of});
            if (figure.of_year != nullptr) continue;
            const Given given(figure, {0.6, 0.7, 0.8});
            const auto verdicts = judge(*set, given.answers, given.table.planes[0], "Room");
            ASSERT_EQ(verdicts.size(), 1u);
            EXPECT_TRUE(verdicts[0].met()) << figure.id << " " << measure.id;
        }
}

TEST(Criteria, en_17037_by_daylight_factor_asks_for_half_of_the_plane_and_for_nearly_all_of_it) {
    const auto set = *rule::criteria_set("en-17037-daylight-factor");
    std::vector<double> lux(100, 320);
    for (size_t i = 0; i < 45; ++i) lux[i] = i < 5 ? 20 : 120;
    const Given given(*find_point_figure("lux_by_median"), lux);
    const auto& room = given.table.planes[0];
    const auto verdicts = judge(set, given.answers, room, "Room");
    ASSERT_EQ(verdicts.size(), 6u);
    EXPECT_TRUE(test::verdict_of(verdicts, "target-minimum").met()) << "320 lx over 55 %";
    EXPECT_TRUE(test::verdict_of(verdicts, "least-minimum").met()) << "120 lx over exactly 95 %";
    EXPECT_EQ(test::verdict_of(verdicts, "least-minimum").value, 120);
    EXPECT_FALSE(test::verdict_of(verdicts, "target-medium").met());
    lux[5] = 99;
    const Given darker(*find_point_figure("lux_by_median"), lux);
    EXPECT_FALSE(test::verdict_of(judge(set, darker.answers, room, "Room"), "least-minimum").met()) << "94 % only";
    const auto unknown = judge(set, Answers{}, room, "Room");
    ASSERT_EQ(unknown.size(), 6u);
    for (const auto& v : unknown) EXPECT_EQ(v.state, rule::State::not_asked);
}

TEST(Criteria, of_an_unknown_figure_are_refused) {
    const auto refusal = [](const char* figure) {
        const auto read = rule::parse_criteria(set_of("mean", figure), "s");
        return read ? std::string() : read.fault().line();
    };
    EXPECT_EQ(refusal("sun_hours"), "");
    EXPECT_NE(refusal("moonlight").find("no figure"), std::string::npos);
}

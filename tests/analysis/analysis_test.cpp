// SPDX-License-Identifier: GPL-3.0-or-later
// The catalogue of analyses: every kind of question is in it, says what it asks, and does as it says.
#include "analysis/analysis.h"

#include <gtest/gtest.h>

#include <set>

#include "question/ask.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using model::Question;

namespace {

Question usual(Question::Kind kind) {
    Question q;
    q.id = "q";
    q.kind = kind;
    q.accuracy = 0.5;
    q.moments = {{6, 21, 12}};
    q.first = {3, 21, 0};
    q.last = {3, 21, 24};
    return q;
}

}  // namespace

TEST(Analyses, have_an_entry_for_every_kind_that_a_file_may_name) {
    std::set<Question::Kind> seen;
    for (const auto& a : analysis::analyses()) {
        EXPECT_TRUE(seen.insert(a.kind).second) << a.name;
        auto project = test::one_room();
        project.questions = {usual(a.kind)};
        project.questions[0].name = "asked";
        project.questions[0].observer = "eye";
        const auto read = store::parse_project(store::write_project(project), "p");
        ASSERT_TRUE(read) << a.name << ": " << read.fault().line();
        EXPECT_EQ(read->questions[0].kind, a.kind) << a.name;
    }
    EXPECT_EQ(seen.size(), static_cast<size_t>(Question::Kind::electric) + 1) << "a kind of question is no analysis";
}

TEST(Analyses, say_what_they_ask_and_where) {
    auto q = usual(Question::Kind::sun_hours);
    EXPECT_EQ(analysis::words(q), "Sunlight hours, 21 Mar");
    q.at = Question::At::windows;
    EXPECT_EQ(analysis::words(q), "Sunlight hours at the windows, 21 Mar");
    q.probable = true;
    q.last = {4, 2, 24};
    EXPECT_EQ(analysis::words(q), "Probable sunlight hours at the windows, 21 Mar to 2 Apr");
    q = usual(Question::Kind::daylight_factor);
    q.at = Question::At::readings;
    EXPECT_EQ(analysis::words(q), "Daylight factor at the readings");
    q = usual(Question::Kind::exposure);
    q.first = {1, 1, 0}, q.last = {12, 31, 24};
    EXPECT_EQ(analysis::words(q), "Exposure, the year");
}

TEST(Analyses, run_without_weather_where_they_say_so_and_are_refused_where_not) {
    const auto project = test::one_room();
    for (const auto& a : analysis::analyses()) {
        const auto q = usual(a.kind);
        const auto answer = analysis::ask(project, project.options[0], q, nullptr, {0.5, 1, 0});
        const bool may = a.run != nullptr && !a.needs_weather(q);
        EXPECT_EQ(static_cast<bool>(answer), may) << a.name;
        if (!answer)
            EXPECT_FALSE(answer.fault().remedy.empty());
        else
            EXPECT_FALSE(answer->table.columns.empty()) << a.name;
    }
}

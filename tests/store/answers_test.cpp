// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/answers.h"

#include <gtest/gtest.h>

#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include <csignal>

#include "analysis/analysis.h"
#include "base/file.h"
#include "base/random.h"
#include "exchange/kept_table.h"
#include "question/ask.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
using namespace wp::store;

namespace {

Fingerprint print_of(int n) {
    Fingerprint print;
    print.add(n);
    return print;
}

}  // namespace

TEST(Answers, what_was_kept_is_found_again_by_another_program) {
    const test::Folder folder;
    const std::string light(100000, 'x');
    {
        auto answers = store::Answers::open(folder / "a.answers");
        ASSERT_TRUE(answers) << answers.fault().line();
        EXPECT_FALSE((*answers)->keep_piece(print_of(1), light));
        EXPECT_FALSE((*answers)->piece(print_of(2)));
    }
    auto again = *store::Answers::open(folder / "a.answers");
    ASSERT_TRUE(again->piece(print_of(1)));
    EXPECT_EQ(*again->piece(print_of(1)), light);
}

TEST(Answers, two_programs_may_have_one_file_open) {
    const test::Folder folder;
    auto a = *store::Answers::open(folder / "a.answers"), b = *store::Answers::open(folder / "a.answers");
    for (int i = 0; i < 20; ++i) EXPECT_FALSE((i % 2 ? a : b)->keep_piece(print_of(i), std::to_string(i)));
    for (int i = 0; i < 20; ++i) EXPECT_EQ((i % 2 ? b : a)->piece(print_of(i)), std::to_string(i));
}

TEST(Answers, forgetting_an_answer_forgets_what_only_it_stood_on) {
    const test::Folder folder;
    auto answers = *store::Answers::open(folder / "a.answers");
    for (int i = 0; i < 3; ++i) answers->keep_piece(print_of(i), "piece");
    AnswerEntry first, second;
    first.option = second.option = "tall";
    first.question = second.question = "year";
    first.inputs = print_of(100).text();
    second.inputs = print_of(200).text();
    EXPECT_FALSE(answers->keep(first, {print_of(0), print_of(1)}));
    EXPECT_FALSE(answers->keep(second, {print_of(1)}));
    EXPECT_EQ(*answers->tidy(), 1) << "piece 2 belongs to nobody";
    EXPECT_FALSE(answers->forget(first.inputs.substr(0, 8)));
    EXPECT_FALSE(answers->piece(print_of(0)));
    EXPECT_TRUE(answers->piece(print_of(1)));
    EXPECT_EQ(answers->list()->size(), 1u);
    EXPECT_TRUE(answers->forget("abcdef"));
}

TEST(Answers, a_file_that_is_none_is_refused_with_a_remedy) {
    const test::Folder folder;
    ASSERT_FALSE(write_file(folder / "a.answers",
                            "this is no data base, whatever its name may say; it is long enough to be one"));
    const auto answers = store::Answers::open(folder / "a.answers");
    ASSERT_FALSE(answers);
    EXPECT_FALSE(answers.fault().remedy.empty());
    EXPECT_FALSE(store::Answers::open(folder.path() / "nowhere" / "a.answers"));
}

TEST(Answers, how_an_answer_was_made_is_not_forgotten_when_it_is_found_again) {
    const test::Folder folder;
    auto answers = *store::Answers::open(folder / "a.answers");
    AnswerEntry e;
    e.option = "tall";
    e.question = "year";
    e.inputs = print_of(1).text();
    e.record.rays = 1000;
    e.record.seconds = 12;
    EXPECT_FALSE(answers->keep(e, {}));
    e.record.rays = 0;
    e.record.seconds = 0.1;
    EXPECT_FALSE(answers->keep(e, {}));
    ASSERT_EQ(answers->list()->size(), 1u);
    EXPECT_EQ(answers->list()->front().record.rays, 1000u);
    EXPECT_EQ(answers->list()->front().record.seconds, 12);
}

namespace {

// What a child process does, by its exit code; killed where it says so itself.
int in_a_child(const std::function<int()>& work) {
    const pid_t child = ::fork();
    if (child == 0) ::_exit(work());
    int status = 0;
    ::waitpid(child, &status, 0);
    return WIFEXITED(status) ? WEXITSTATUS(status) : 128 + WTERMSIG(status);
}

}  // namespace

TEST(Answers, a_job_is_left_behind_when_its_program_is_gone_and_not_while_it_runs) {
    const test::Folder folder;
    const auto file = folder / "a.answers";
    EXPECT_EQ(
        in_a_child([&] {
            auto answers = *store::Answers::open(file);
            if (answers->begin("tall", "year") || answers->begin("found", "year") || answers->begin("louvres", "year"))
                return 1;
            if (answers->release("found", "year")) return 2;
            AnswerEntry done;
            done.option = "louvres";
            done.question = "year";
            done.inputs = print_of(1).text();
            if (answers->keep(done, {})) return 3;
            return answers->left_behind()->empty() ? std::raise(SIGKILL) : 4;
        }),
        128 + SIGKILL);
    auto answers = *store::Answers::open(file);
    const auto left = answers->left_behind();
    ASSERT_TRUE(left);
    ASSERT_EQ(left->size(), 1u) << "what was released and what was answered is not left";
    EXPECT_EQ(left->front().option, "tall");
    // Whoever takes it up holds it, for all who look.
    EXPECT_FALSE(answers->begin("tall", "year"));
    EXPECT_TRUE((*store::Answers::open(file))->left_behind()->empty());
}

TEST(Answers, a_full_disk_loses_nothing_that_was_kept_and_is_said) {
    const test::Folder folder;
    const auto file = folder / "a.answers";
    std::string noise(200000, '\0');
    for (size_t i = 0; i < noise.size(); ++i) noise[i] = static_cast<char>(random::hash(7, static_cast<uint32_t>(i)));
    {
        auto answers = *store::Answers::open(file);
        ASSERT_FALSE(answers->keep_piece(print_of(1), noise));
    }
    EXPECT_EQ(in_a_child([&] {
                  // No file may grow beyond this: writing fails as on a full disk.
                  std::signal(SIGXFSZ, SIG_IGN);
                  const rlimit most{400000, 400000};
                  ::setrlimit(RLIMIT_FSIZE, &most);
                  auto answers = store::Answers::open(file);
                  if (!answers) return 1;
                  for (int i = 2; i < 10; ++i)
                      if (const auto fault = (*answers)->keep_piece(print_of(i), noise)) {
                          if (fault->what.find("disk is full") == std::string::npos || fault->remedy.empty()) return 2;
                          // What was there is still told, by this program too.
                          return (*answers)->piece(print_of(1)) == noise ? 0 : 3;
                      }
                  return 4;
              }),
              0);
    auto again = store::Answers::open(file);
    ASSERT_TRUE(again) << again.fault().line();
    EXPECT_EQ((*again)->piece(print_of(1)), noise);
    EXPECT_FALSE((*again)->keep_piece(print_of(50), noise)) << "there is room again";
    EXPECT_EQ((*again)->piece(print_of(50)), noise);
}

TEST(Answers, a_table_comes_back_as_it_was_and_a_damaged_one_not_at_all) {
    const auto project = test::one_room();
    const auto& option = project.options[0];
    model::Question factor;
    factor.id = "factor";
    factor.kind = model::Question::Kind::daylight_factor;
    factor.accuracy = 0.3;
    const auto weather = test::weather();
    const auto answer = analysis::ask(project, option, factor, &weather, question::effort_of(factor));
    ASSERT_TRUE(answer);
    const std::string bytes = exchange::write_kept(*answer);
    const auto again = exchange::read_kept(bytes);
    ASSERT_TRUE(again);
    ASSERT_EQ(again->table.columns.size(), answer->table.columns.size());
    for (size_t c = 0; c < again->table.columns.size(); ++c) {
        EXPECT_EQ(again->table.columns[c].id, answer->table.columns[c].id);
        EXPECT_EQ(again->table.columns[c].value, answer->table.columns[c].value);
        EXPECT_EQ(again->table.columns[c].standard_error, answer->table.columns[c].standard_error);
    }
    EXPECT_EQ(again->table.planes[0].points, answer->table.planes[0].points);
    EXPECT_EQ(again->table.planes[0].fingerprint(), answer->table.planes[0].fingerprint());
    EXPECT_EQ(again->record.inputs, answer->record.inputs);
    EXPECT_EQ(again->record.rays, answer->record.rays);
    ASSERT_TRUE(again->windows);
    EXPECT_EQ(again->windows->value, answer->windows->value);
    for (size_t cut = 0; cut < bytes.size(); cut += 1 + bytes.size() / 97) {
        EXPECT_FALSE(exchange::read_kept(std::string_view(bytes).substr(0, cut))) << cut;
        std::string hurt = bytes;
        hurt[cut] = static_cast<char>(hurt[cut] ^ 0x55);
        if (const auto read = exchange::read_kept(hurt); read && !read->table.columns.empty())
            EXPECT_EQ(read->table.columns[0].value.size(), read->table.planes.size()) << cut;
    }
}

TEST(Answers, hours_beside_a_table_come_back_whole_or_not_at_all) {
    question::TableAnswer answer;
    answer.kind = "body_clock";
    answer.hours = {{"eye", "lux", "Illuminance", "lx", std::vector<float>(8760, 0.0f)}};
    answer.hours[0].value[4321] = 123.5f;
    const auto again = exchange::read_kept(exchange::write_kept(answer));
    ASSERT_TRUE(again);
    ASSERT_EQ(again->hours.size(), 1u);
    EXPECT_EQ(again->hours[0].place, "eye");
    EXPECT_EQ(again->hours[0].value, answer.hours[0].value);
    answer.hours[0].value.pop_back();
    EXPECT_FALSE(exchange::read_kept(exchange::write_kept(answer))) << "a year has 8760 hours";
}

TEST(Answers, what_is_asked_is_told_apart_by_all_that_light_hangs_on_and_nothing_else) {
    const auto project = test::one_room();
    const auto weather = test::weather();
    model::Question sun;
    sun.id = "sun";
    sun.kind = model::Question::Kind::sun_hours;
    const auto print = [&](const model::Project& p, const model::Question& q) {
        return analysis::asked_print(p, p.options[0], q, &weather);
    };
    const auto was = print(project, sun);
    auto other = project;
    other.name = "another name";
    other.options[0].storeys[0].rooms[0].occupancy = "week";
    other.options[0].lighting.push_back({});
    EXPECT_EQ(print(other, sun), was);
    other = project;
    other.options[0].storeys[0].rooms[0].openings[0].width += 0.01;
    EXPECT_NE(print(other, sun), was);
    other = project;
    other.materials[0].reflectance += 0.01;
    EXPECT_NE(print(other, sun), was);
    other = project;
    other.site.latitude += 1;
    EXPECT_NE(print(other, sun), was);
    auto asked = sun;
    asked.accuracy *= 2;
    EXPECT_NE(print(project, asked), was);
    EXPECT_NE(analysis::asked_print(project, project.options[0], sun, nullptr), was);
}

namespace {

// Everything renamed and recoloured, lines and drawings added: no light changes.
model::Project other_words(model::Project p) {
    p.name = p.site.name = "renamed";
    for (auto& m : p.materials) m.name = m.source = "renamed", m.colour = "#123456", m.low = 0.1, m.high = 0.2;
    model::Material spare;
    spare.id = "spare";
    p.materials.push_back(spare);
    for (auto& o : p.options) {
        o.name = o.note = "renamed";
        for (auto& s : o.storeys) {
            s.name = "renamed";
            s.dimensions.push_back({"dim-1", {0, 0}, {1, 0}, 0.6});
            s.underlay.file = "other.pdf";
            for (auto& r : s.rooms) r.name = "renamed";
        }
        for (auto& b : o.blocks) b.name = "renamed";
        for (auto& t : o.things) t.name = "renamed";
        for (auto& q : o.planes) q.name = "renamed";
        for (auto& r : o.readings) r.name = "renamed";
    }
    for (auto& q : p.questions) q.name = "renamed";
    return p;
}

}  // namespace

TEST(Answers, of_a_project_in_which_everything_is_renamed_and_recoloured_stay_current) {
    const auto demo = *store::read_project(WARMPANE_DEMO);
    const auto renamed = other_words(demo);
    for (size_t o = 0; o < demo.options.size(); ++o)
        for (size_t q = 0; q < demo.questions.size(); ++q)
            EXPECT_EQ(analysis::asked_print(renamed, renamed.options[o], renamed.questions[q], nullptr),
                      analysis::asked_print(demo, demo.options[o], demo.questions[q], nullptr))
                << demo.options[o].id << " " << demo.questions[q].id;
}

TEST(Answers, at_readings_are_asked_anew_where_a_reading_moves) {
    auto project = test::one_room();
    model::Reading reading;
    reading.id = "r1";
    reading.at = {1, 1, 0.8};
    project.options[0].readings = {reading};
    model::Question asked;
    asked.at = model::Question::At::readings;
    const auto print = [&] { return analysis::asked_print(project, project.options[0], asked, nullptr); };
    const auto was = print();
    project.options[0].readings[0].name = "desk";
    EXPECT_EQ(print(), was);
    project.options[0].readings[0].at.x += 0.5;
    EXPECT_NE(print(), was);
}

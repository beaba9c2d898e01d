// SPDX-License-Identifier: GPL-3.0-or-later
// The command line among hostile files, closed streams and slips of the hand.
#include <gtest/gtest.h>
#include <sys/wait.h>

#include <chrono>
#include <cstdio>
#include <fstream>

#include "asked_room.h"
#include "base/file.h"
#include "climate/epw.h"
#include "store/project_file.h"

using namespace wp;
namespace fs = std::filesystem;

namespace {

struct TimedRun {
    int code;
    std::string output;
    double seconds;
};

// Through a shell, which may close or turn streams. A timeout ends what hangs: code 124.
TimedRun shell(const std::string& line, const std::string& limit = "60") {
    TimedRun result{0, {}, 0};
    const auto begun = std::chrono::steady_clock::now();
    FILE* pipe = ::popen(("timeout -k 1 " + limit + " sh -c '" + line + "' 2>&1").c_str(), "r");
    char buffer[4096];
    while (const size_t n = std::fread(buffer, 1, sizeof buffer, pipe)) result.output.append(buffer, n);
    const int status = ::pclose(pipe);
    result.code = WIFEXITED(status) ? WEXITSTATUS(status) : 128 + WTERMSIG(status);
    result.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count();
    return result;
}

class HardKnocks : public ::testing::Test {
 protected:
    std::string cli(const std::string& arguments) const { return std::string(WARMPANE_CLI) + " " + arguments; }
    std::string save(const model::Project& project, const std::string& name = "p.warmpane") {
        EXPECT_FALSE(store::save_project(project, folder / name));
        return (folder / name).string();
    }
    TimedRun solve(const std::string& file, const std::string& more = {}) {
        return shell(cli("solve --no-answers " + file + " --out " + out() + " " + more));
    }
    std::string out() const { return (folder / "out").string(); }
    size_t written() const {
        return fs::exists(folder / "out")
                   ? static_cast<size_t>(std::distance(fs::directory_iterator(folder / "out"), {}))
                   : 0;
    }
    test::Folder folder;
};

model::Project quick_room() {
    auto project = test::one_room();
    project.questions[0].accuracy = 0.2;
    return project;
}

}  // namespace

TEST_F(HardKnocks, a_full_or_closed_output_is_a_failure_and_a_closed_error_stream_is_none) {
    const auto file = save(quick_room());
    EXPECT_EQ(shell(cli("show " + file) + " >/dev/full").code, 5);
    EXPECT_EQ(shell(cli("show " + file) + " >&-").code, 5);
    EXPECT_EQ(shell(cli("--help") + " >/dev/full").code, 5);
    // Whoever was to read is gone by then.
    shell("{ sleep 0.5; " + cli("show " + file) + "; echo $? >" + (folder / "code").string() + "; } | true");
    EXPECT_EQ(*read_file(folder / "code"), "5\n");
    EXPECT_EQ(shell(cli("show " + file) + " 2>&-").code, 0);
    EXPECT_EQ(shell(cli("show " + (folder / "gone").string()) + " 2>&-").code, 3);
    EXPECT_EQ(shell(cli("solve --no-answers " + file + " --out " + out()) + " >&- 2>&- <&-").code, 5);
    EXPECT_TRUE(read_file(folder / "out" / "a.df.csv")->starts_with("plane,room"))
        << "no file took the place of a closed stream";
}

TEST_F(HardKnocks, what_is_no_number_passes_no_option_and_what_contradicts_itself_is_refused) {
    const auto file = save(quick_room());
    for (const std::string more : {"--accuracy nan", "--accuracy inf", "--accuracy -nan", "--accuracy 1e400",
                                   "--accuracy 0x1p-3", "--threads -1", "--seed -1"})
        EXPECT_EQ(solve(file, more).code, 2) << more;
    for (const std::string more :
         {"--x nan", "--x inf", "--z 1e9", "--type 3 --uniform", "--by-place --diffuse-lux 100",
          "--diffuse-lux 5 --diffuse-watts 5", "--by-place --direct-watts 5"})
        EXPECT_EQ(shell(cli("sky " + file + " " + more + " --out " + out())).code, 2) << more;
    EXPECT_EQ(shell(cli("answers " + file + " --tidy --forget 123456")).code, 2);
    EXPECT_EQ(written(), 0u);
}

TEST_F(HardKnocks, a_message_never_grows_with_its_input_and_never_commands_the_terminal) {
    const auto long_name = shell(cli("solve " + save(quick_room()) + " --question " + std::string(20000, 'q')));
    EXPECT_EQ(long_name.code, 2);
    EXPECT_LT(long_name.output.size(), 1500u);
    auto project = quick_room();
    project.name = "Evil \x1b]0;title\x07 \x1b[2J";
    project.options[0].name = std::string("line\nbreak");
    const auto shown = shell(cli("show " + save(project, "evil.warmpane")));
    EXPECT_EQ(shown.code, 0);
    EXPECT_EQ(shown.output.find('\x1b'), std::string::npos);
    EXPECT_EQ(shown.output.find('\x07'), std::string::npos);
}

TEST_F(HardKnocks, ids_never_lead_out_of_the_folder_and_never_share_a_file) {
    auto project = quick_room();
    project.options[0].id = "../../up";
    auto second = project.options[0];
    second.id = "/abs";
    auto third = project.options[0];
    third.id = "a.b";
    auto fourth = project.options[0];
    fourth.id = "a";
    project.options.insert(project.options.end(), {second, third, fourth});
    auto question = project.questions[0];
    question.id = "b.df";
    project.questions.push_back(question);
    const auto file = save(project);
    const auto r = solve(file);
    EXPECT_EQ(r.code, 0) << r.output;
    EXPECT_EQ(written(), 4u * 2u * 2u) << "a table and a summary for every option and question";
    EXPECT_EQ(std::distance(fs::directory_iterator(folder.path()), {}), 2)
        << "the project and the folder, nothing else";
}

TEST_F(HardKnocks, models_that_would_make_answers_wrong_are_not_solved_unless_told_to) {
    auto project = quick_room();
    auto again = project.options[0].storeys[0].rooms[0].openings[0];
    again.id = "W-02";
    again.along += 0.3;
    project.options[0].storeys[0].rooms[0].openings.push_back(again);
    const auto file = save(project);
    const auto stopped = solve(file);
    EXPECT_EQ(stopped.code, 6) << stopped.output;
    EXPECT_NE(stopped.output.find("--despite-faults"), std::string::npos);
    EXPECT_EQ(written(), 0u);
    const auto despite = solve(file, "--despite-faults");
    EXPECT_EQ(despite.code, 0) << despite.output;

    auto crossed = quick_room();
    crossed.options[0].storeys[0].rooms[0].footprint = {{0, 0}, {4, 0}, {0, 6}, {5, 6}};
    crossed.options[0].storeys[0].rooms[0].openings.clear();
    const auto crossing = solve(save(crossed, "crossed.warmpane"));
    EXPECT_EQ(crossing.code, 6) << crossing.output;
    EXPECT_NE(crossing.output.find("cross one another"), std::string::npos);
}

TEST_F(HardKnocks, nothing_asked_is_said_and_is_no_answer) {
    auto no_plane = quick_room();
    no_plane.options[0].planes.clear();
    auto no_question = quick_room();
    no_question.questions.clear();
    auto high = quick_room();
    high.options[0].planes[0].height = 2.99;
    high.options[0].planes[0].margin = 2.5;
    auto vast = quick_room();
    vast.options[0].storeys[0].rooms[0].footprint = {{0, 0}, {4000, 0}, {4000, 5000}, {0, 5000}};
    vast.options[0].planes[0].spacing = 0.25;
    for (const auto& [project, words] : {std::pair{no_plane, "no plane"},
                                         {no_question, "no question"},
                                         {high, "no point"},
                                         {vast, "million points"}}) {
        const auto r = solve(
            save(project, std::string(words).substr(0, 2) + std::to_string(std::string(words).size()) + ".warmpane"),
            "--despite-faults");
        EXPECT_EQ(r.code, 3) << r.output;
        EXPECT_NE(r.output.find(words), std::string::npos) << r.output;
        EXPECT_LT(r.seconds, 20);
    }
    EXPECT_EQ(written(), 0u);
}

TEST_F(HardKnocks, a_closed_room_that_absorbs_nothing_ends) {
    auto project = quick_room();
    project.materials[0].reflectance = 1;
    project.options[0].storeys[0].rooms[0].openings.clear();
    const auto closed = solve(save(project), "--despite-faults");
    EXPECT_EQ(closed.code, 0) << closed.output;
    EXPECT_LT(closed.seconds, 50);
}

TEST_F(HardKnocks, a_window_of_a_millimetre_is_settled_by_what_it_gives_and_not_by_a_share_of_it) {
    auto project = quick_room();
    project.questions[0].accuracy = 0.005;
    auto& window = project.options[0].storeys[0].rooms[0].openings[0];
    window.width = window.height = 0.01;
    const auto r = solve(save(project), "--despite-faults");
    EXPECT_EQ(r.code, 0) << r.output;
    EXPECT_LT(r.seconds, 10);
}

TEST_F(HardKnocks, readings_are_asked_from_the_command_line_too) {
    auto project = quick_room();
    const auto none = solve(save(project), "--readings");
    EXPECT_EQ(none.code, 3);
    EXPECT_NE(none.output.find("no readings"), std::string::npos) << none.output;
    model::Reading near, far;
    near.id = near.name = "near";
    far.id = far.name = "far";
    near.room = far.room = "room";
    near.at = {2, 0.6, 0.8};
    far.at = {2, 5.5, 0.8};
    near.facing = far.facing = {0, 0, 1};
    project.options[0].readings = {near, far};
    const auto asked = solve(save(project, "read.warmpane"), "--readings");
    EXPECT_EQ(asked.code, 0) << asked.output;
    const std::string table = *read_file(folder / "out" / "a.df.readings.csv");
    EXPECT_EQ(std::count(table.begin(), table.end(), '\n'), 3);
    EXPECT_NE(table.find("near,room,0,2.0000,0.6000"), std::string::npos) << table;
}

TEST_F(HardKnocks, files_that_nest_claim_or_overflow_are_told_and_cost_nothing) {
    const auto say = [&](const std::string& name, const std::string& text) {
        std::ofstream(folder / name) << text;
        const auto r = shell(cli("show " + (folder / name).string()));
        EXPECT_EQ(r.code, 3) << name << " " << r.output.substr(0, 300);
        EXPECT_LT(r.output.size(), 1500u);
        EXPECT_LT(r.seconds, 10);
    };
    say("deep.warmpane", "{\"warmpane\": 1, \"more\": " + std::string(100000, '[') + std::string(100000, ']') + "}");
    say("large.warmpane", "{\"warmpane\": 1, \"name\": 1e400}");
    say("long.warmpane", "{\"warmpane\": " + std::string(1000000, '1') + "}");
    say("twice.warmpane", "{\"warmpane\": 1, \"name\": \"a\", \"name\": \"b\"}");
    say("latin.warmpane", "{\"warmpane\": 1, \"name\": \"\xf8\"}");
}

TEST_F(HardKnocks, a_foreign_data_base_beside_the_project_is_left_alone) {
    const auto file = save(quick_room());
    ASSERT_EQ(shell("/usr/bin/python3 -c \"import sqlite3; c = sqlite3.connect(\\\"" + (folder / "p.answers").string() +
                    "\\\"); c.execute(\\\"create table mine (a)\\\"); c.commit()\"")
                  .code,
              0);
    const std::string before = *read_file(folder / "p.answers");
    const auto r = shell(cli("solve " + file + " --out " + out()));
    EXPECT_EQ(r.code, 0) << r.output;
    EXPECT_NE(r.output.find("another program"), std::string::npos) << r.output;
    EXPECT_EQ(*read_file(folder / "p.answers"), before);
}

TEST_F(HardKnocks, a_made_up_year_takes_no_files_place_unasked) {
    std::ofstream(folder / "mine.epw") << "dear to me";
    const std::string file = (folder / "mine.epw").string();
    EXPECT_EQ(shell(cli("make-weather " + file)).code, 5);
    EXPECT_EQ(*read_file(file), "dear to me");
    EXPECT_EQ(shell(cli("make-weather " + file + " --force")).code, 0);
    EXPECT_TRUE(climate::read_epw(file));
}

TEST_F(HardKnocks, being_cancelled_is_heard_at_once_and_says_what_is_finished) {
    auto project = quick_room();
    auto endless = project.questions[0];
    endless.id = "endless";
    endless.accuracy = 0.0005;
    project.materials[0].reflectance = 0.99;
    project.questions.push_back(endless);
    const auto r =
        shell("timeout --preserve-status -s INT 3 " +
              cli("solve --no-answers " + save(project) + " --despite-faults --out " + out()) + "; echo code $?");
    EXPECT_NE(r.output.find("code 130"), std::string::npos) << r.output;
    EXPECT_NE(r.output.find("finished: a, df"), std::string::npos) << r.output;
    EXPECT_LT(r.seconds, 4.5);
}

TEST_F(HardKnocks, what_is_done_is_told_by_folder_where_it_is_asked_for) {
    const auto file = save(quick_room());
    EXPECT_EQ(solve(file).output.find("samples a replicate"), std::string::npos);
    const auto run = [&](const std::string& folders, const std::string& more = "") {
        return shell("WARMPANE_LOG=" + folders + " " + cli("solve --no-answers " + file + " --out " + out()) + more);
    };
    const auto told = run("question,stroe");
    EXPECT_EQ(told.code, 0);
    EXPECT_NE(told.output.find(" question ["), std::string::npos) << told.output;
    EXPECT_NE(told.output.find("samples a replicate"), std::string::npos);
    EXPECT_EQ(told.output.find(" cli ["), std::string::npos) << "only what was asked for";
    EXPECT_NE(told.output.find("no folder \"stroe\""), std::string::npos);
    const auto all = run("all").output;
    EXPECT_NE(all.find("df of a"), std::string::npos);
    EXPECT_NE(all.find(" geometry ["), std::string::npos) << "every folder that was at work";
    EXPECT_EQ(run("all", " 2>&-").code, 0) << "nobody to tell is no failure";
}

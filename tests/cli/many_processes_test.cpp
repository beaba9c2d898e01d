// SPDX-License-Identifier: GPL-3.0-or-later
// The command line under mpirun: several processes write what one alone does.
#include <gtest/gtest.h>
#include <sys/wait.h>

#include <algorithm>
#include <cstdio>
#include <filesystem>
#include <sstream>

#include "asked_room.h"
#include "base/file.h"
#include "climate/epw.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
namespace fs = std::filesystem;

namespace {

// A room whose plane has several blocks of points, two tables beside its year, pictures to two sides, and another
// option with a smaller window.
class ManyProcesses : public ::testing::Test {
 protected:
    void SetUp() override {
        auto project = test::asked_room(0.1);
        project.options[0].planes[0].spacing = 0.2;
        model::Question moment;
        moment.id = "noon";
        moment.name = "At noon";
        moment.kind = model::Question::Kind::moment;
        moment.moments = {{6, 21, 12}};
        moment.accuracy = 0.1;
        project.questions.push_back(moment);
        // In the sun, and beside it.
        std::ranges::find(project.questions, "glare", &model::Question::id)->moments = {{6, 21, 12}, {6, 21, 8}};
        auto smaller = project.options[0];
        smaller.id = "b";
        smaller.name = "Smaller";
        smaller.storeys[0].rooms[0].openings[0].width *= 0.7;
        smaller.archived = true;
        project.options.push_back(smaller);
        ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather())));
    }
    struct Ended {
        int code;
        std::string output;
    };
    // command: what is asked, "project" standing for the file.
    Ended run(const std::string& launcher, const std::string& command, const std::string& out) const {
        const std::string line =
            "OMPI_ALLOW_RUN_AS_ROOT=1 OMPI_ALLOW_RUN_AS_ROOT_CONFIRM=1 OMPI_MCA_btl_vader_single_copy_mechanism=none " +
            launcher + " " + WARMPANE_CLI + " " + command + " " + (folder / "p.warmpane").string() +
            " --threads 1 2>&1";
        Ended result{0, {}};
        const auto was = fs::current_path();
        fs::create_directories(folder / out);
        fs::current_path(folder / out);
        FILE* pipe = ::popen(line.c_str(), "r");
        fs::current_path(was);
        char buffer[4096];
        while (const size_t n = std::fread(buffer, 1, sizeof buffer, pipe)) result.output.append(buffer, n);
        result.code = WEXITSTATUS(::pclose(pipe));
        return result;
    }
    // All but pictures of pages, which say how long they took. Of JSON: all that is no effort.
    void expect_the_same(const std::string& a, const std::string& b, size_t files) const {
        size_t compared = 0;
        for (const auto& entry : fs::recursive_directory_iterator(folder / a)) {
            const auto kind = entry.path().extension();
            if (kind != ".csv" && kind != ".exr" && kind != ".json") continue;
            ++compared;
            const auto other = read_file(folder / b / fs::relative(entry.path(), folder / a));
            ASSERT_TRUE(other) << entry.path();
            const auto one = *read_file(entry.path());
            EXPECT_EQ(kind == ".json" ? without_effort(one) : one, kind == ".json" ? without_effort(*other) : *other)
                << entry.path();
        }
        EXPECT_EQ(compared, files);
    }
    static std::string without_effort(const std::string& json) {
        std::string out;
        std::istringstream in(json);
        for (std::string line; std::getline(in, line);)
            if (line.find("\"seconds\"") == std::string::npos && line.find("\"rays\"") == std::string::npos &&
                line.find("\"paths\"") == std::string::npos)
                out += line + "\n";
        return out;
    }
    // What three processes write is what one alone does, byte by byte.
    void expect_three_as_one(const std::string& command, size_t files, int code = 0) {
        forget();
        const Ended alone = run("", command, "alone");
        ASSERT_EQ(alone.code, code) << alone.output;
        forget();
        const Ended three = run(of(3), command, "three");
        ASSERT_EQ(three.code, code) << three.output;
        expect_the_same("alone", "three", files);
    }
    void forget() const { fs::remove(folder / "p.answers"); }
    static std::string of(int processes) { return "mpirun --oversubscribe -n " + std::to_string(processes); }
    test::Folder folder;
};

constexpr const char* kSolve = "solve --option a --out out";

}  // namespace

TEST_F(ManyProcesses, write_the_bytes_of_one) {
    expect_three_as_one(kSolve, 13);
    // What several made is found by one.
    const Ended again = run("", kSolve, "again");
    ASSERT_EQ(again.code, 0) << again.output;
    expect_the_same("alone", "again", 13);
    EXPECT_NE(again.output.find("0.00 million rays"), std::string::npos) << again.output;
}

TEST_F(ManyProcesses, need_no_answers_file_to_share_their_work) {
    expect_three_as_one("solve --option a --question df --question glare --no-answers --out out", 9);
    EXPECT_FALSE(fs::exists(folder / "p.answers"));
}

TEST_F(ManyProcesses, vary_a_number_in_the_steps_of_one) {
    const std::string vary =
        "series --vary W-01.width=1:2:3 --option a --question df --question noon --accuracy 0.1 "
        "--out out";
    expect_three_as_one(vary, 2);
    // Steps are kept, and found by whoever varies the same again.
    EXPECT_EQ(run("", vary, "again").code, 0);
    expect_the_same("alone", "again", 2);
}

TEST_F(ManyProcesses, compare_options_to_the_figures_of_one) {
    expect_three_as_one(
        "compare --figures --option a --option b --question df --question noon --accuracy 0.1 --csv "
        "figures.csv --json figures.json",
        2);
}

TEST_F(ManyProcesses, come_to_the_verdicts_of_one) {
    expect_three_as_one("certify --set en-17037-daylight-factor --accuracy 0.3 --lay-planes --option a --out out", 2,
                        7);
}

TEST_F(ManyProcesses, write_the_report_of_one) {
    if (run("", "report --help", "help").code != 0) GTEST_SKIP() << "built without reports";
    ASSERT_NO_FATAL_FAILURE(expect_three_as_one(
        "report --pictures --set en-17037-daylight-factor --accuracy 0.3 --lay-planes --option a --out out", 2, 7));
    for (const char* who : {"alone", "three"})
        EXPECT_TRUE(std::ranges::any_of(fs::directory_iterator(folder / who / "out"), [](const auto& entry) {
            return entry.path().extension() == ".pdf" && entry.file_size() > 10000;
        })) << who;
}

TEST_F(ManyProcesses, keep_what_is_done_where_one_of_them_is_killed) {
    ASSERT_EQ(run("", kSolve, "alone").code, 0);
    forget();
    // The last of them ends as kill -9 ends it, in the middle of whatever it is at.
    const std::string dying = of(3) +
                              " sh -c 'if [ $OMPI_COMM_WORLD_RANK = 2 ]; then timeout -s KILL 0.7 \"$@\"; else exec "
                              "\"$@\"; fi' run";
    run(dying, kSolve, "cut");
    const Ended next = run(of(2), kSolve, "next");
    ASSERT_EQ(next.code, 0) << next.output;
    expect_the_same("alone", "next", 13);
}

// The launcher lets the others go on: what the lost one was at is dealt again, and the run ends well. It is killed once
// answers are being kept: then all have started.
TEST_F(ManyProcesses, go_on_without_one_that_is_killed) {
    ASSERT_EQ(run("", kSolve, "alone").code, 0);
    forget();
    const std::string dying =
        "mpirun --enable-recovery --oversubscribe -n 3 sh -c 'if [ $OMPI_COMM_WORLD_RANK = 2 ]; then \"$@\" & p=$!; "
        "until [ -s " +
        (folder / "p.answers").string() +
        " ]; do sleep 0.05; done; sleep 0.3; kill -9 $p; kill -9 $$; else exec \"$@\"; fi' run";
    const Ended went_on = run("timeout -k 5 150 " + dying, kSolve, "went-on");
    ASSERT_EQ(went_on.code, 0) << went_on.output;
    EXPECT_NE(went_on.output.find("1 of 3 processes were lost"), std::string::npos) << went_on.output;
    expect_the_same("alone", "went-on", 13);
}

// Ctrl-C, and what a batch system sends when a job's time is over.
TEST_F(ManyProcesses, keep_what_is_done_where_the_run_is_told_to_end) {
    ASSERT_EQ(run("", kSolve, "alone").code, 0);
    for (int k = 0; k < test::times(1, 2); ++k) {
        const std::string signal = k == 0 ? "TERM" : "INT";
        forget();
        const Ended cut = run("timeout -s " + signal + " 1.2 " + of(2), kSolve, "cut-" + signal);
        EXPECT_NE(cut.code, 0) << "it was done before it could be told to end";
        const Ended next = run("", kSolve, "next-" + signal);
        ASSERT_EQ(next.code, 0) << next.output;
        EXPECT_EQ(next.output.find("damaged"), std::string::npos) << next.output;
        expect_the_same("alone", "next-" + signal, 13);
    }
}

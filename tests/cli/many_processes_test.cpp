// SPDX-License-Identifier: GPL-3.0-or-later
// The command line under mpirun: several processes write what one alone does.
#include <gtest/gtest.h>
#include <sys/wait.h>

#include <cstdio>
#include <filesystem>

#include "asked_room.h"
#include "base/file.h"
#include "climate/epw.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;
namespace fs = std::filesystem;

namespace {

// A room whose plane has several blocks of points, and two tables beside its year.
class ManyProcesses : public ::testing::Test {
 protected:
    void SetUp() override {
        auto project = test::asked_room(0.1);
        project.options[0].planes[0].spacing = 0.2;
        std::erase_if(project.questions, [](const auto& q) { return q.kind == model::Question::Kind::glare; });
        model::Question moment;
        moment.id = "noon";
        moment.name = "At noon";
        moment.kind = model::Question::Kind::moment;
        moment.moments = {{6, 21, 12}};
        moment.accuracy = 0.1;
        project.questions.push_back(moment);
        ASSERT_FALSE(store::save_project(project, folder / "p.warmpane"));
        ASSERT_FALSE(write_file(folder / "year.epw", climate::write_epw(test::weather())));
    }
    struct Ended {
        int code;
        std::string output;
    };
    Ended run(const std::string& launcher, const std::string& out) const {
        const std::string command =
            "OMPI_ALLOW_RUN_AS_ROOT=1 OMPI_ALLOW_RUN_AS_ROOT_CONFIRM=1 OMPI_MCA_btl_vader_single_copy_mechanism=none " +
            launcher + " " + WARMPANE_CLI + " solve " + (folder / "p.warmpane").string() + " --threads 1 --out " +
            (folder / out).string() + " 2>&1";
        Ended result{0, {}};
        FILE* pipe = ::popen(command.c_str(), "r");
        char buffer[4096];
        while (const size_t n = std::fread(buffer, 1, sizeof buffer, pipe)) result.output.append(buffer, n);
        result.code = WEXITSTATUS(::pclose(pipe));
        return result;
    }
    void expect_the_same(const std::string& a, const std::string& b) const {
        for (const auto& entry : fs::directory_iterator(folder / a)) {
            if (entry.path().extension() != ".csv") continue;
            const auto other = read_file(folder / b / entry.path().filename());
            ASSERT_TRUE(other) << entry.path();
            EXPECT_EQ(*read_file(entry.path()), *other) << entry.path();
        }
    }
    void forget() const { fs::remove(folder / "p.answers"); }
    static std::string of(int processes) { return "mpirun --oversubscribe -n " + std::to_string(processes); }
    test::Folder folder;
};

}  // namespace

TEST_F(ManyProcesses, write_the_bytes_of_one) {
    const Ended alone = run("", "alone");
    ASSERT_EQ(alone.code, 0) << alone.output;
    forget();
    const Ended three = run(of(3), "three");
    ASSERT_EQ(three.code, 0) << three.output;
    expect_the_same("alone", "three");
    EXPECT_EQ(three.output.find("kept beside"), std::string::npos) << "what a run made itself is not old";
    // What several made is found by one.
    const Ended again = run("", "again");
    ASSERT_EQ(again.code, 0) << again.output;
    expect_the_same("alone", "again");
    EXPECT_NE(again.output.find("0.00 million rays"), std::string::npos) << again.output;
}

TEST_F(ManyProcesses, keep_what_is_done_where_one_of_them_is_killed) {
    ASSERT_EQ(run("", "alone").code, 0);
    forget();
    // The last of them ends as kill -9 ends it, in the middle of whatever it is at.
    const std::string dying = of(3) +
                              " sh -c 'if [ $OMPI_COMM_WORLD_RANK = 2 ]; then timeout -s KILL 0.7 \"$@\"; else exec "
                              "\"$@\"; fi' run";
    run(dying, "cut");
    const Ended next = run(of(2), "next");
    ASSERT_EQ(next.code, 0) << next.output;
    expect_the_same("alone", "next");
}

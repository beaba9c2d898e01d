// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/recovery.h"

#include <gtest/gtest.h>
#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>

#include <random>

#include "base/file.h"
#include "store/project_file.h"
#include "support.h"

using namespace wp;

namespace {

model::Project numbered(int n) {
    auto project = test::one_room();
    project.name = "Edit " + std::to_string(n);
    // Large enough that writing takes its time.
    for (int i = 0; i < 400; ++i) {
        auto room = project.options[0].storeys[0].rooms[0];
        room.id += std::to_string(i);
        for (auto& o : room.openings) o.id += std::to_string(i);
        project.options[0].storeys[0].rooms.push_back(room);
    }
    return project;
}

int number_of(const model::Project& project) { return std::stoi(project.name.substr(5)); }

// Edits without end: keeps every edit, saves every third, and says by a pipe how far it is.
[[noreturn]] void edit_for_ever(const std::filesystem::path& folder, int pipe) {
    store::Recovery recovery(folder / "unsaved");
    for (int n = 1;; ++n) {
        const auto project = numbered(n);
        if (recovery.keep(project, folder / "p.warmpane")) ::_exit(1);
        if (n % 3 == 0 && store::save_project(project, folder / "p.warmpane")) ::_exit(2);
        if (::write(pipe, &n, sizeof n) != sizeof n) ::_exit(3);
    }
}

}  // namespace

TEST(Recovery, a_copy_of_a_running_program_is_not_offered_and_goes_when_all_is_saved) {
    test::Folder folder;
    store::Recovery recovery(folder / "unsaved");
    ASSERT_FALSE(recovery.keep(test::one_room(), folder / "p.warmpane"));
    EXPECT_TRUE(store::find_leftovers(folder / "unsaved").empty()) << "this process still runs";
    recovery.drop();
    EXPECT_TRUE(std::filesystem::is_empty(folder / "unsaved"));
}

TEST(Recovery, damaged_copies_are_left_out) {
    test::Folder folder;
    std::filesystem::create_directories(folder / "unsaved");
    ASSERT_FALSE(write_file(folder / "unsaved" / "999999999-1.unsaved", "{\"project\": \"no\"}"));
    ASSERT_FALSE(write_file(folder / "unsaved" / "999999999-2.unsaved", "nothing"));
    EXPECT_TRUE(store::find_leftovers(folder / "unsaved").empty());
    EXPECT_FALSE(store::read_leftover({folder / "unsaved" / "999999999-2.unsaved", {}, {}}));
}

// Killed many times at random moments of editing and saving: the project always opens, and the kept copy is at most
// one edit behind.
TEST(Recovery, a_killed_program_loses_at_most_its_last_edit) {
    test::Folder folder;
    std::mt19937 dice(7);
    for (int round = 0; round < test::times(12, 50); ++round) {
        int ends[2];
        ASSERT_EQ(::pipe(ends), 0);
        const pid_t child = ::fork();
        ASSERT_GE(child, 0);
        if (child == 0) {
            ::close(ends[0]);
            edit_for_ever(folder.path(), ends[1]);
        }
        ::close(ends[1]);
        int done = 0, n = 0;
        const int stop_at = std::uniform_int_distribution<int>(1, 6)(dice);
        while (n < stop_at && ::read(ends[0], &n, sizeof n) == static_cast<ssize_t>(sizeof n)) done = n;
        ::usleep(std::uniform_int_distribution<useconds_t>(0, 9000)(dice));
        ::kill(child, SIGKILL);
        int status = 0;
        ::waitpid(child, &status, 0);
        while (::read(ends[0], &n, sizeof n) == static_cast<ssize_t>(sizeof n)) done = n;
        ::close(ends[0]);
        ASSERT_TRUE(WIFSIGNALED(status)) << "the editor ended by itself: " << WEXITSTATUS(status);

        if (std::filesystem::exists(folder / "p.warmpane")) {
            const auto saved = store::read_project(folder / "p.warmpane");
            ASSERT_TRUE(saved) << saved.fault().line();
        }
        const auto left = store::find_leftovers(folder / "unsaved");
        ASSERT_EQ(left.size(), 1u) << "round " << round;
        const auto kept = store::read_leftover(left[0]);
        ASSERT_TRUE(kept) << kept.fault().line();
        EXPECT_GE(number_of(*kept), done);
        EXPECT_EQ(left[0].project, folder / "p.warmpane");
        store::discard(left[0]);
        EXPECT_TRUE(store::find_leftovers(folder / "unsaved").empty());
    }
}

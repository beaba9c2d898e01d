// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/file.h"

#include <gtest/gtest.h>

#include <fstream>

#include "base/fingerprint.h"
#include "base/process.h"
#include "support.h"

using namespace wp;
namespace fs = std::filesystem;

TEST(Files, a_written_file_reads_back_and_leaves_no_scraps) {
    const test::Folder folder;
    ASSERT_FALSE(write_file(folder / "a.txt", "light"));
    EXPECT_EQ(*read_file(folder / "a.txt"), "light");
    EXPECT_EQ(std::distance(fs::directory_iterator(folder.path()), fs::directory_iterator()), 1);
}

TEST(Files, what_cannot_be_written_leaves_the_old_file) {
    const test::Folder folder;
    ASSERT_FALSE(write_file(folder / "a.txt", "old"));
    const auto fault = write_file(folder / "missing" / "a.txt", "new");
    ASSERT_TRUE(fault);
    EXPECT_NE(fault->line().find("cannot be written"), std::string::npos);
    EXPECT_EQ(*read_file(folder / "a.txt"), "old");
}

TEST(Files, what_comes_in_pieces_is_whole_and_not_there_before_its_end) {
    const test::Folder folder;
    const auto path = folder / "long.txt";
    const auto fault = write_file(path, [&](const TakeBytes& take) {
        for (int i = 0; i < 1000; ++i) take("light ");
        EXPECT_FALSE(std::filesystem::exists(path)) << "half a table is none";
    });
    EXPECT_FALSE(fault);
    EXPECT_EQ(read_file(path)->size(), 6000u);
    EXPECT_TRUE(write_file(folder / "no such folder" / "x", [](const TakeBytes& take) { take("lost"); }));
}

TEST(Files, a_link_stays_a_link) {
    const test::Folder folder;
    ASSERT_FALSE(write_file(folder / "real.txt", "old"));
    fs::create_symlink("real.txt", folder / "link.txt");
    ASSERT_FALSE(write_file(folder / "link.txt", "new"));
    EXPECT_TRUE(fs::is_symlink(folder / "link.txt"));
    EXPECT_EQ(*read_file(folder / "real.txt"), "new");
}

TEST(Files, what_is_replaced_keeps_its_mode_and_a_link_to_nothing_makes_its_target) {
    const test::Folder folder;
    ASSERT_FALSE(write_file(folder / "mine.txt", "old"));
    fs::permissions(folder / "mine.txt", fs::perms::owner_read | fs::perms::owner_write);
    ASSERT_FALSE(write_file(folder / "mine.txt", "new"));
    EXPECT_EQ(fs::status(folder / "mine.txt").permissions(), fs::perms::owner_read | fs::perms::owner_write);
    fs::create_symlink("later.txt", folder / "link.txt");
    ASSERT_FALSE(write_file(folder / "link.txt", "made"));
    EXPECT_TRUE(fs::is_symlink(folder / "link.txt"));
    EXPECT_EQ(*read_file(folder / "later.txt"), "made");
}

TEST(Files, what_a_killed_run_left_goes_and_what_others_laid_there_stays) {
    const test::Folder folder;
    const std::string dead = "a.txt.part999999999-1-77", running = "a.txt.part" + this_run() + "-78";
    for (const std::string& name :
         {dead, running, std::string("a.txt.partner"), std::string("b.txt.part999999999-1-77")})
        std::ofstream(folder / name) << "x";
    ASSERT_FALSE(write_file(folder / "a.txt", "whole"));
    EXPECT_FALSE(fs::exists(folder / dead));
    EXPECT_TRUE(fs::exists(folder / running)) << "somebody is writing it";
    EXPECT_TRUE(fs::exists(folder / "a.txt.partner"));
    EXPECT_TRUE(fs::exists(folder / "b.txt.part999999999-1-77")) << "of another file";
}

TEST(Files, a_side_file_has_a_name_that_nobody_can_foresee) { EXPECT_NE(name_beside("a.txt"), name_beside("a.txt")); }

TEST(Files, folders_missing_and_huge_files_are_refused) {
    const test::Folder folder;
    EXPECT_FALSE(read_file(folder.path()));
    EXPECT_FALSE(read_file(folder / "nothing"));
    ASSERT_FALSE(write_file(folder / "big", std::string(100, 'x')));
    EXPECT_FALSE(read_file(folder / "big", 50));
}

TEST(Fingerprints, equal_inputs_and_only_those_agree) {
    const auto of = [](double a, std::string_view b) {
        Fingerprint p;
        p.add(a);
        p.add(b);
        return p;
    };
    EXPECT_EQ(of(1.5, "glass"), of(1.5, "glass"));
    EXPECT_EQ(of(0.0, ""), of(-0.0, ""));
    EXPECT_NE(of(1.5, "glass"), of(1.5, "glasS"));
    EXPECT_NE(of(1.5, "glass"), of(1.5000001, "glass"));
    EXPECT_EQ(of(2, "x").text().size(), 32u);
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/answers.h"

#include <gtest/gtest.h>

#include "base/file.h"
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
        auto answers = Answers::open(folder / "a.answers");
        ASSERT_TRUE(answers) << answers.fault().line();
        EXPECT_FALSE((*answers)->keep_piece(print_of(1), light));
        EXPECT_FALSE((*answers)->piece(print_of(2)));
    }
    auto again = *Answers::open(folder / "a.answers");
    ASSERT_TRUE(again->piece(print_of(1)));
    EXPECT_EQ(*again->piece(print_of(1)), light);
}

TEST(Answers, two_programs_may_have_one_file_open) {
    const test::Folder folder;
    auto a = *Answers::open(folder / "a.answers"), b = *Answers::open(folder / "a.answers");
    for (int i = 0; i < 20; ++i) EXPECT_FALSE((i % 2 ? a : b)->keep_piece(print_of(i), std::to_string(i)));
    for (int i = 0; i < 20; ++i) EXPECT_EQ((i % 2 ? b : a)->piece(print_of(i)), std::to_string(i));
}

TEST(Answers, forgetting_an_answer_forgets_what_only_it_stood_on) {
    const test::Folder folder;
    auto answers = *Answers::open(folder / "a.answers");
    for (int i = 0; i < 3; ++i) answers->keep_piece(print_of(i), "piece");
    AnswerEntry first, second;
    first.option = second.option = "tall";
    first.question = second.question = "year";
    first.inputs = print_of(100).text();
    second.inputs = print_of(200).text();
    EXPECT_FALSE(answers->keep(first, {print_of(0), print_of(1)}));
    EXPECT_FALSE(answers->keep(second, {print_of(1)}));
    EXPECT_EQ(*answers->cut_off(), 1);
    EXPECT_FALSE(answers->forget(first.inputs.substr(0, 8)));
    EXPECT_FALSE(answers->piece(print_of(0)));
    EXPECT_TRUE(answers->piece(print_of(1)));
    EXPECT_EQ(answers->list()->size(), 1u);
    EXPECT_TRUE(answers->forget("abcdef"));
}

TEST(Answers, a_file_that_is_none_is_refused_with_a_remedy) {
    const test::Folder folder;
    ASSERT_FALSE(write_file(folder / "a.answers", "this is no data base, whatever its name may say; it is long enough to be one"));
    const auto answers = Answers::open(folder / "a.answers");
    ASSERT_FALSE(answers);
    EXPECT_FALSE(answers.fault().remedy.empty());
    EXPECT_FALSE(Answers::open(folder.path() / "nowhere" / "a.answers"));
}

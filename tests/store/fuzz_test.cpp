// SPDX-License-Identifier: GPL-3.0-or-later
// What fuzzing found stays found.
#include <gtest/gtest.h>

#include <filesystem>

#include "base/file.h"
#include "fuzz/project_fuzzer.h"

TEST(Fuzz, every_file_of_the_corpus_is_read_or_refused) {
    size_t seen = 0;
    for (const auto& entry : std::filesystem::directory_iterator(WARMPANE_SOURCE "/tests/fuzz/corpus")) {
        const auto text = wp::read_file(entry.path());
        ASSERT_TRUE(text) << entry.path();
        wp::fuzz::one_project(*text);  // aborts where something does not hold
        ++seen;
    }
    EXPECT_GT(seen, 10u);
}

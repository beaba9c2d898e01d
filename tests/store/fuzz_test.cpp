// SPDX-License-Identifier: GPL-3.0-or-later
// What fuzzing found stays found.
#include <gtest/gtest.h>

#include <filesystem>

#include "base/file.h"
#include "fuzz/criteria_fuzzer.h"
#include "fuzz/kept_fuzzer.h"
#include "fuzz/material_fuzzer.h"
#include "fuzz/photometry_fuzzer.h"
#include "fuzz/picture_fuzzer.h"
#include "fuzz/project_fuzzer.h"
#include "fuzz/table_fuzzer.h"
#include "fuzz/weather_fuzzer.h"

namespace {

// Each aborts where something does not hold.
size_t all_of(const char* folder, void (*one)(std::string_view)) {
    size_t seen = 0;
    for (const auto& entry :
         std::filesystem::directory_iterator(std::string(WARMPANE_SOURCE "/tests/fuzz/") + folder)) {
        const auto text = wp::read_file(entry.path());
        EXPECT_TRUE(text) << entry.path();
        if (text) one(*text);
        ++seen;
    }
    return seen;
}

}  // namespace

TEST(Fuzz, every_project_of_the_corpus_is_read_or_refused) { EXPECT_GT(all_of("corpus", wp::fuzz::one_project), 10u); }
TEST(Fuzz, every_weather_file_of_the_corpus_is_read_or_refused) {
    EXPECT_GT(all_of("corpus-weather", wp::fuzz::one_weather), 20u);
}
TEST(Fuzz, every_table_of_the_corpus_is_read_or_refused) { EXPECT_GE(all_of("corpus-table", wp::fuzz::one_table), 8u); }
TEST(Fuzz, every_set_of_criteria_of_the_corpus_is_read_or_refused) {
    EXPECT_GE(all_of("corpus-criteria", wp::fuzz::one_criteria), 5u);
}
TEST(Fuzz, every_kept_answer_of_the_corpus_is_read_or_refused) {
    EXPECT_GE(all_of("corpus-kept", wp::fuzz::one_kept), 5u);
}
TEST(Fuzz, every_library_of_materials_of_the_corpus_is_read_or_refused) {
    EXPECT_GE(all_of("corpus-material", wp::fuzz::one_library), 5u);
}
TEST(Fuzz, every_picture_of_the_corpus_is_read_or_refused) {
    EXPECT_GE(all_of("corpus-picture", wp::fuzz::one_picture), 6u);
}
TEST(Fuzz, every_photometric_file_of_the_corpus_is_read_or_refused) {
    EXPECT_GE(all_of("corpus-photometry", wp::fuzz::one_photometry), 5u);
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/spill_store.h"

#include <gtest/gtest.h>
#include <sys/resource.h>

#include <csignal>
#include <string>

using namespace wp;

namespace {

struct Text {
    std::string text;
    size_t bytes() const { return text.size(); }
    std::string write() const { return text; }
};
std::shared_ptr<const Text> text_from(std::string_view bytes) {
    return std::make_shared<const Text>(Text{std::string(bytes)});
}
std::shared_ptr<const Text> text_of(size_t i) { return text_from(std::string(1000, static_cast<char>('a' + i))); }

}  // namespace

TEST(SpillStore, values_come_back_whatever_is_in_memory) {
    SpillStore<Text> aside(26, 5000, text_from);
    for (size_t i = 0; i < 26; ++i)
        if (i != 3) aside.set(i, text_of(i));
    for (const size_t step : {1u, 7u, 25u})
        for (size_t i = 0; i < 26; ++i) {
            const size_t k = i * step % 26;
            const auto value = aside.at(k);
            ASSERT_EQ(value == nullptr, k == 3);
            if (value) EXPECT_EQ(value->text, text_of(k)->text);
            EXPECT_LE(aside.bytes(), 5000u);
        }
    EXPECT_FALSE(aside.has(3));
    EXPECT_TRUE(aside.has(4));
}

TEST(SpillStore, what_is_in_use_stays_what_it_is) {
    SpillStore<Text> aside(20, 2000, text_from);
    aside.set(0, text_of(0));
    const auto held = aside.at(0);
    for (size_t i = 1; i < 20; ++i) aside.set(i, text_of(i));
    EXPECT_EQ(held->text, text_of(0)->text);
    EXPECT_EQ(aside.at(0)->text, held->text);
}

TEST(SpillStore, on_a_full_disk_everything_stays_in_memory) {
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit before{};
    getrlimit(RLIMIT_FSIZE, &before);
    const rlimit few{3000, before.rlim_max};
    ASSERT_EQ(setrlimit(RLIMIT_FSIZE, &few), 0);
    SpillStore<Text> aside(20, 2000, text_from);
    for (size_t i = 0; i < 20; ++i) aside.set(i, text_of(i));
    for (size_t i = 0; i < 20; ++i) EXPECT_EQ(aside.at(i)->text, text_of(i)->text);
    EXPECT_GT(aside.bytes(), 2000u);
    setrlimit(RLIMIT_FSIZE, &before);
}

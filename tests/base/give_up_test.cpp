// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/give_up.h"

#include <gtest/gtest.h>

#include <thread>

using namespace wp;

TEST(GivingUp, is_heard_where_it_is_looked_for_and_nowhere_else) {
    EXPECT_NO_THROW(GiveUpScope::look()) << "nobody wants anything";
    bool wanted = false;
    const GiveUpScope scope([&] { return wanted; });
    EXPECT_NO_THROW(GiveUpScope::look());
    wanted = true;
    EXPECT_THROW(GiveUpScope::look(), GivenUp);
    std::thread([] { EXPECT_NO_THROW(GiveUpScope::look()) << "another thread's work is its own"; }).join();
}

TEST(GivingUp, ends_with_its_scope) {
    {
        const GiveUpScope scope([] { return true; });
        EXPECT_THROW(GiveUpScope::look(), GivenUp);
    }
    EXPECT_NO_THROW(GiveUpScope::look());
}

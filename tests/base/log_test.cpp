// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/log.h"

#include <gtest/gtest.h>

using namespace wp;

TEST(Log, is_off_unless_it_is_asked_for) {
    EXPECT_FALSE(is_logged(LogOf::store));
    testing::internal::CaptureStderr();
    log(LogOf::store, "{}", "nobody wants this");
    EXPECT_EQ(testing::internal::GetCapturedStderr(), "");
}

TEST(Log, folders_that_are_not_there_are_told) {
    EXPECT_TRUE(unknown_log_folders("store,question").empty());
    EXPECT_TRUE(unknown_log_folders("all").empty());
    EXPECT_TRUE(unknown_log_folders("").empty());
    EXPECT_EQ(unknown_log_folders("store,,stroe,Light"), (std::vector<std::string>{"stroe", "Light"}));
}

// SPDX-License-Identifier: GPL-3.0-or-later
// Designs that none beats in both of two figures.
#include "figure/unbeaten.h"

#include <gtest/gtest.h>

#include "figure/lines.h"

using namespace wp::figure;

TEST(Unbeaten, are_more_light_for_less_sun) {
    // Autonomy (more is better) over exposure to sun (less is better).
    const std::vector<Pair> designs = {{10, 40}, {20, 60}, {25, 55}, {40, 80}, {40, 70}};
    EXPECT_EQ(unbeaten(designs, Better::lower, Better::higher), (std::vector<size_t>{0, 1, 3}));
    // The other way round others are.
    EXPECT_EQ(unbeaten(designs, Better::higher, Better::lower), (std::vector<size_t>{0, 2, 4}));
}

TEST(Unbeaten, are_all_that_are_alike_and_one_that_is_alone) {
    EXPECT_EQ(unbeaten(std::vector<Pair>{{1, 1}, {1, 1}}, Better::higher, Better::higher).size(), 2u);
    EXPECT_EQ(unbeaten(std::vector<Pair>{{1, 1}}, Better::lower, Better::lower).size(), 1u);
    EXPECT_TRUE(unbeaten({}, Better::lower, Better::lower).empty());
}

TEST(Lines, have_ids_of_their_own_by_which_they_are_found) {
    for (const Line& line : lines()) {
        EXPECT_EQ(find_line(line.id), &line) << line.id;
        EXPECT_NE(line.measure, nullptr) << line.id;
        EXPECT_FALSE(words_of(line).empty());
    }
    EXPECT_EQ(find_line("nothing"), nullptr);
    EXPECT_EQ(words_of(*find_line("daylight_factor.mean")), "Daylight factor, mean");
}

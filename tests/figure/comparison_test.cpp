// SPDX-License-Identifier: GPL-3.0-or-later
// Of two options something is said only where their errors allow it.
#include "figure/comparison.h"

#include <gtest/gtest.h>

#include <random>

using namespace wp::figure;

namespace {

Wanted of_figure(const char* figure) {
    Wanted w;
    w.figure = figure;
    return w;
}

}  // namespace

TEST(Comparison, two_values_within_their_errors_are_not_told_apart) {
    EXPECT_FALSE(change({50, 47, 53}, {54, 51, 57}).told_apart) << "4 of 4.2";
    EXPECT_TRUE(change({50, 47, 53}, {54.5, 51.5, 57.5}).told_apart);
    EXPECT_NEAR(change({50, 47, 53}, {54, 50, 58}).error, 5, 1e-12) << "3 and 4";
    EXPECT_FALSE(change({50, 50, 50}, {50, 50, 50}).told_apart) << "the same is the same";
    EXPECT_NEAR(change({54, 51, 60}, {50, 40, 51}).error, std::hypot(3, 1), 1e-12)
        << "the sides that face each other count";
}

// The band of a difference holds the real one in 95 of 100 draws, whatever the two errors are.
TEST(Comparison, the_error_of_a_difference_covers_the_real_one) {
    std::mt19937 dice(5);
    std::normal_distribution<double> bell;
    for (const double ratio : {0.1, 1.0, 5.0}) {
        int held = 0;
        constexpr int kDraws = 4000;
        for (int i = 0; i < kDraws; ++i) {
            const double a = 10 + bell(dice), b = 12 + ratio * bell(dice);
            const auto c = change({a, a - 1.96, a + 1.96}, {b, b - 1.96 * ratio, b + 1.96 * ratio});
            held += std::fabs(c.by - 2) <= c.error;
        }
        EXPECT_NEAR(static_cast<double>(held) / kDraws, 0.95, 0.015) << ratio;
    }
}

TEST(Comparison, more_is_better_only_where_nobody_would_object) {
    const auto &mean = *find_measure("mean"), &sun = *find_measure("sunlight_exposure");
    EXPECT_EQ(better(mean, of_figure("autonomy")), Better::higher);
    EXPECT_EQ(better(mean, of_figure("udi_exceeded")), Better::lower);
    EXPECT_EQ(better(mean, of_figure("daylight_factor")), Better::unsaid) << "more may glare and heat";
    EXPECT_EQ(better(sun, {}), Better::lower);
    const Change more{18, 2, true};
    EXPECT_TRUE(loses(more, better(sun, {})));
    EXPECT_FALSE(gains(more, better(sun, {})));
    EXPECT_FALSE(gains(more, Better::unsaid));
    EXPECT_FALSE(loses({18, 20, false}, Better::lower)) << "not told apart";
}

TEST(Comparison, rooms_count_by_their_floor_area) {
    const Band rooms[] = {{10, 9, 11}, {40, 37, 43}};
    const double areas[] = {30, 10};
    const Band all = mean_of(rooms, areas);
    EXPECT_DOUBLE_EQ(all.value, 17.5);
    EXPECT_NEAR(all.high - all.value, std::hypot(0.75, 0.75), 1e-12);
}

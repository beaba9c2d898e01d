// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/random.h"

#include <gtest/gtest.h>

#include <set>

using namespace wp::random;

TEST(LowDiscrepancy, every_strip_of_the_square_gets_its_share) {
    // A scrambled (0,2)-sequence: the first 64 points fall one into each elementary interval of area 1/64.
    for (const uint32_t seed : {1u, 77u, 4000000000u})
        for (int columns = 1; columns <= 64; columns *= 2) {
            std::set<int> cells;
            const int rows = 64 / columns;
            for (uint32_t i = 0; i < 64; ++i) {
                const Pair p = pair(seed, i);
                ASSERT_GE(p.u, 0.0f);
                ASSERT_LT(p.u, 1.0f);
                cells.insert(static_cast<int>(p.u * static_cast<float>(columns)) * rows +
                             static_cast<int>(p.v * static_cast<float>(rows)));
            }
            EXPECT_EQ(cells.size(), 64u) << columns << " columns, seed " << seed;
        }
}

TEST(LowDiscrepancy, seeds_and_dimensions_give_different_points) {
    std::set<std::pair<float, float>> seen;
    for (uint32_t seed = 0; seed < 50; ++seed) {
        Stream stream(seed, 3);
        for (int d = 0; d < 4; ++d) {
            const Pair p = stream.next();
            seen.insert({p.u, p.v});
        }
    }
    EXPECT_EQ(seen.size(), 200u);
}

TEST(LowDiscrepancy, padded_pairs_do_not_correlate) {
    double sum = 0;
    constexpr int n = 4096;
    for (uint32_t i = 0; i < n; ++i) {
        Stream s(5, i);
        const Pair a = s.next(), b = s.next();
        sum += (static_cast<double>(a.u) - 0.5) * (static_cast<double>(b.u) - 0.5);
    }
    EXPECT_NEAR(12 * sum / n, 0.0, 0.05);
}

TEST(LowDiscrepancy, a_split_stream_covers_the_line_as_one_sequence) {
    // Four streams of 16 paths together are 64 points of one sequence: one in each sixty-fourth.
    std::set<int> cells;
    for (uint32_t i = 0; i < 16; ++i) {
        const Stream path = Stream(9, i).branch();
        for (uint32_t k = 0; k < 4; ++k) {
            Stream one = path.split(k, 4);
            cells.insert(static_cast<int>(one.next().u * 64));
        }
    }
    EXPECT_EQ(cells.size(), 64u);
}

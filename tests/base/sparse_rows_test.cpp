// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/sparse_rows.h"

#include <gtest/gtest.h>

using namespace wp;

TEST(SparseRows, give_back_what_was_laid_out_and_nothing_elsewhere) {
    SparseRows rows;
    for (const std::vector<double>& dense : {std::vector<double>{0, 2, 0, 4}, {}, {0, 0, 0, 0}, {1, 0, 0, 0}}) {
        SparseRow row;
        add_dense(row, dense);
        rows.add_row(row);
    }
    ASSERT_EQ(rows.rows(), 4u);
    EXPECT_EQ(rows.at(0, 1), 2);
    EXPECT_EQ(rows.at(0, 3), 4);
    EXPECT_EQ(rows.at(0, 0), 0) << "before the first";
    EXPECT_EQ(rows.at(0, 9), 0) << "beyond the last";
    EXPECT_EQ(rows.at(1, 0), 0) << "a point that nothing gives to";
    EXPECT_EQ(rows.at(3, 0), 1);
    size_t seen = 0;
    rows.each(
        0, [&](size_t column, double number) { seen += column == 1 ? (number == 2) : (column == 3 && number == 4); });
    rows.each(2, [&](size_t, double) { ADD_FAILURE() << "nothing is kept of nothing"; });
    EXPECT_EQ(seen, 2u);
}

TEST(SparseRows, what_comes_later_is_added_to_what_is_there) {
    SparseRow row;
    add_dense(row, std::vector<double>{0, 2, 0, 4});
    add_dense(row, std::vector<double>{1, 0, 0, 4});
    EXPECT_EQ(row, (SparseRow{{0, 1}, {1, 2}, {3, 8}}));
    add_one(row, 2, 5);
    add_one(row, 3, 1);
    add_one(row, 9, 7);
    add_one(row, 4, 0);
    EXPECT_EQ(row, (SparseRow{{0, 1}, {1, 2}, {2, 5}, {3, 9}, {9, 7}})) << "nothing takes no place";
}

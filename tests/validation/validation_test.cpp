// SPDX-License-Identifier: GPL-3.0-or-later
// The rows of docs/validation.md at lower effort. Only the bound by standard errors is sharp here; the 1 % bound needs
// the effort of the document.
#include <gtest/gtest.h>

#include "validation/cases.h"

using namespace wp::validation;

namespace {

void expect_rows(const std::vector<Row>& rows, double bound) {
    ASSERT_FALSE(rows.empty());
    for (const Row& row : rows) {
        const double slack = row.reference_error * std::max(1.0, std::fabs(row.reference));
        // Among fifty rows one may well pass three standard errors by chance: four is one in a thousand runs.
        if (row.standard_error > 0) EXPECT_LE(std::fabs(row.deviation()), 4 * row.standard_error + slack) << row.name;
        EXPECT_LE(std::fabs(row.relative()), bound + slack) << row.name;
    }
}

}  // namespace

TEST(Validation, closed_forms_hold) { expect_rows(closed_forms(1024), 0.02); }
TEST(Validation, sky_components_through_openings_hold) { expect_rows(sky_through_openings(512), 0.01); }
TEST(Validation, sixteen_skies_glass_obstructions_and_reflections_hold) {
    expect_rows(skies_and_reflections(256), 0.02);
}
TEST(Validation, sun_and_glass_hold) { expect_rows(sun_and_glass(), 0.001); }

TEST(Validation, matter_holds) { expect_rows(matter(1024), 0.02); }

TEST(Validation, a_row_that_is_off_does_not_hold) {
    EXPECT_TRUE((Row{"", "", "", 1.002, 1.0, 0.001, ""}).holds());
    EXPECT_FALSE((Row{"", "", "", 1.004, 1.0, 0.001, ""}).holds()) << "four standard errors away";
    EXPECT_FALSE((Row{"", "", "", 1.02, 1.0, 0.02, ""}).holds()) << "a lax error must not hide 2 %";
}

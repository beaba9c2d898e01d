// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include <cmath>

#include "climate/sun.h"
#include "metric/annual.h"
#include "metric/glare.h"
#include "model/use.h"

using namespace wp;
using namespace wp::metric;

namespace {

// Two points; in hour h of every day the first has 100 h lux, the second half of it; nights left out of the rows.
HourlyLux made_up_year() {
    HourlyLux year;
    year.points = 2;
    year.row_of.assign(8760, -1);
    for (int h = 0; h < 8760; ++h) {
        if (h % 24 < 6 || h % 24 >= 18) continue;
        year.row_of[static_cast<size_t>(h)] = static_cast<int>(year.lux.size() / 2);
        year.lux.push_back(100.0f * static_cast<float>(h % 24));
        year.lux.push_back(50.0f * static_cast<float>(h % 24));
    }
    return year;
}

}  // namespace

TEST(Hours, ten_hours_a_day_are_3650_a_year) {
    EXPECT_EQ(count(model::clock_hours({}, 8, 18)), 3650u);
    EXPECT_TRUE(model::clock_hours({}, 8, 18)[8]) << "the hour from 8 to 9";
    EXPECT_FALSE(model::clock_hours({}, 8, 18)[7]);
    EXPECT_FALSE(model::clock_hours({}, 8, 18)[18]);
}

TEST(Autonomy, counts_the_hours_that_reach_the_target) {
    const auto year = made_up_year();
    // 8..17: the first point has 800 to 1700 lx, the second 400 to 850.
    const auto a = autonomy(year, model::clock_hours({}, 8, 18), 800);
    EXPECT_DOUBLE_EQ(a[0], 1.0);
    EXPECT_DOUBLE_EQ(a[1], 0.2);                                                   // at 16 and 17
    EXPECT_DOUBLE_EQ(autonomy(year, model::clock_hours({}, 0, 24), 300)[0], 0.5);  // dark hours count against
    const std::vector<double> tenth_more(2, 1.1);
    EXPECT_DOUBLE_EQ(autonomy(year, model::clock_hours({}, 8, 18), 800, tenth_more)[1],
                     0.3);  // the upper end of a 10 % band
}

TEST(Autonomy, shares_of_points_have_the_right_edge) {
    const std::vector<double> values = {0.49, 0.5, 0.8, 0.2};
    EXPECT_DOUBLE_EQ(share_at_least(values, 0.5), 0.5);
    EXPECT_DOUBLE_EQ(share_above(values, 0.5), 0.25);
    EXPECT_DOUBLE_EQ(share_at_least({}, 0.5), 0);
}

TEST(Provision, needs_the_target_over_the_share_of_the_plane_in_the_same_hour) {
    const auto year = made_up_year();
    const auto hours = model::clock_hours({}, 8, 18);
    EXPECT_DOUBLE_EQ(spatial_provision(year, hours, 800, 0.5), 1.0);
    EXPECT_DOUBLE_EQ(spatial_provision(year, hours, 800, 0.95), 0.2);
    EXPECT_DOUBLE_EQ(spatial_provision(year, hours, 5000, 0.5), 0.0);
    EXPECT_NEAR(mean_lux(year, hours), 0.75 * 1250, 1e-3);
}

namespace {

// So many points and lit hours with light of many sizes, told apart by hour and point; every third hour of the year is
// dark.
HourlyLux uneven_year(size_t points) {
    HourlyLux year;
    year.points = points;
    year.row_of.assign(8760, -1);
    for (size_t h = 0; h < 8760; ++h) {
        if (h % 3 == 0) continue;
        year.row_of[h] = static_cast<int>(year.lux.size() / points);
        for (size_t p = 0; p < points; ++p) year.lux.push_back(static_cast<float>((h * 7919 + p * 104729) % 5000));
    }
    return year;
}

double lux_at(const HourlyLux& year, size_t hour, size_t point) {
    const auto lux = year.at(static_cast<int>(hour));
    return lux.empty() ? 0.0 : static_cast<double>(lux[point]);
}

}  // namespace

TEST(Autonomy, is_the_same_counted_hour_by_hour_for_any_number_of_points) {
    // Points are worked on many abreast: what is left at the end must be counted, too.
    for (const size_t points : {1u, 15u, 16u, 17u, 40u}) {
        const auto year = uneven_year(points);
        const auto hours = model::clock_hours({}, 8, 18);
        const auto told = autonomy(year, hours, 1234);
        const std::vector<double> halved(points, 0.5);
        const auto many = hours_at_least(
            year, hours, std::vector<Limit>{{1234, {}}, {0, {}}, {4999, {}}, {1234, {}}, {1e30, {}}, {1234, halved}});
        for (size_t p = 0; p < points; ++p) {
            size_t found = 0, most = 0, twice = 0;
            for (size_t h = 0; h < 8760; ++h) {
                twice += hours[h] && lux_at(year, h, p) >= 2468;
                found += hours[h] && lux_at(year, h, p) >= 1234;
                most += hours[h] && lux_at(year, h, p) >= 4999;
            }
            EXPECT_DOUBLE_EQ(told[p], static_cast<double>(found) / 3650);
            EXPECT_DOUBLE_EQ(many[0][p], static_cast<double>(found));
            EXPECT_DOUBLE_EQ(many[1][p], 3650) << "every hour has at least nothing";
            EXPECT_DOUBLE_EQ(many[2][p], static_cast<double>(most));
            EXPECT_DOUBLE_EQ(many[3][p], many[0][p]) << "asked twice";
            EXPECT_DOUBLE_EQ(many[4][p], 0) << "no hour has light without end";
            EXPECT_DOUBLE_EQ(many[5][p], static_cast<double>(twice)) << "of another scale it is another limit";
        }
    }
}

TEST(Autonomy, continuous_autonomy_gives_credit_for_a_part_of_the_target) {
    const auto year = made_up_year();
    // 8..17 of 2000 lx: the first point has 0.4 to 0.85 of it, the second half of that.
    EXPECT_NEAR(continuous_autonomy(year, model::clock_hours({}, 8, 18), 2000)[0], 0.625, 1e-9);
    EXPECT_NEAR(continuous_autonomy(year, model::clock_hours({}, 8, 18), 2000)[1], 0.3125, 1e-9);
    // No hour counts for more than itself, a dark one for nothing.
    EXPECT_NEAR(continuous_autonomy(year, model::clock_hours({}, 8, 18), 10)[0], 1, 1e-9);
    EXPECT_NEAR(continuous_autonomy(year, model::clock_hours({}, 0, 24), 10)[0], 0.5, 1e-9);
    const auto plain = autonomy(uneven_year(20), model::clock_hours({}, 8, 18), 900),
               with_credit = continuous_autonomy(uneven_year(20), model::clock_hours({}, 8, 18), 900);
    for (size_t p = 0; p < plain.size(); ++p) EXPECT_GT(with_credit[p], plain[p]);
}

TEST(UsefulDaylight, bands_that_touch_hold_every_hour_once) {
    const auto year = uneven_year(19);
    const auto hours = model::clock_hours({}, 7, 19);
    const auto low = share_between(year, hours, 0, 100), some = share_between(year, hours, 100, 300),
               useful = share_between(year, hours, 300, 3000), high = share_between(year, hours, 3000, 1e9);
    for (size_t p = 0; p < year.points; ++p) {
        EXPECT_NEAR(low[p] + some[p] + useful[p] + high[p], 1, 1e-12);
        EXPECT_GT(low[p], 1.0 / 3 - 0.01) << "the dark hours are too dark";
    }
}

TEST(UsefulDaylight, a_limit_belongs_to_the_band_above_it) {
    const auto year = made_up_year();
    // The first point has just 900 lx from 9 to 10.
    EXPECT_DOUBLE_EQ(share_between(year, model::clock_hours({}, 9, 10), 900, 1000)[0], 1);
    EXPECT_DOUBLE_EQ(share_between(year, model::clock_hours({}, 9, 10), 800, 900)[0], 0);
}

TEST(LightInAShareOfTheHours, is_what_autonomy_of_that_light_says) {
    const auto year = uneven_year(18);
    const auto hours = model::clock_hours({}, 8, 18);
    for (const double share : {0.1, 0.5, 0.65}) {
        const auto lux = lux_in_share(year, hours, share);
        for (size_t p = 0; p < year.points; ++p) {
            EXPECT_GE(autonomy(year, hours, lux[p])[p], share);
            EXPECT_LT(autonomy(year, hours, lux[p] + 1)[p], share) << "and more than that it has in fewer";
        }
    }
    EXPECT_EQ(lux_in_share(year, hours, 0.7)[0], 0) << "a third of the hours is dark";
    EXPECT_EQ(lux_in_share(year, Hours(8760, false), 0.5)[0], 0);
}

TEST(Provision, of_a_plane_in_parts_is_that_of_the_plane) {
    const auto year = uneven_year(50);
    const auto hours = model::clock_hours({}, 6, 20);
    std::vector<uint32_t> found;
    for (size_t first = 0; first < 50; first += 20) {
        HourlyLux part;
        part.points = std::min<size_t>(20, 50 - first);
        part.row_of = year.row_of;
        for (size_t row = 0; row < year.lux.size() / 50; ++row)
            for (size_t p = 0; p < part.points; ++p) part.lux.push_back(year.lux[row * 50 + first + p]);
        add_points_at_least(part, hours, 2000, found);
    }
    for (const double share : {0.3, 0.5, 0.6, 0.95})
        EXPECT_DOUBLE_EQ(share_with_enough(found, hours, 50, share), spatial_provision(year, hours, 2000, share))
            << share;
    EXPECT_GT(spatial_provision(year, hours, 2000, 0.5), 0.2);
    EXPECT_LT(spatial_provision(year, hours, 0, 0.5), 0.7) << "a dark hour provides nothing";
}

TEST(Passing, points_far_from_the_limit_are_certain_and_those_at_it_are_even_chances) {
    const std::vector<double> far = {100, 100, -100, 50}, error(4, 1.0);
    EXPECT_NEAR(passing(far, error).expected, 0.75, 1e-9);
    EXPECT_NEAR(passing(far, error).half_width, 0, 1e-9);
    const std::vector<double> at(100, 0.0), errors(100, 5.0);
    EXPECT_NEAR(passing(at, errors).expected, 0.5, 1e-9);
    // Of a hundred even chances: five in a hundred either way is one standard deviation.
    EXPECT_NEAR(passing(at, errors).half_width, 1.96 * 0.05, 1e-9);
    // One standard error above passes with 84 %.
    EXPECT_NEAR(passing(std::vector<double>{2}, std::vector<double>{2}).expected, 0.8413, 1e-4);
    // Without error the margin alone decides; the limit itself passes.
    EXPECT_EQ(passing(std::vector<double>{0, -0.001}, std::vector<double>{0, 0}).expected, 0.5);
}

TEST(Glare, probability_follows_the_published_formula) {
    // Ev = 2000 lx, one source of 10 000 cd/m2, 0.05 sr, P = 2, by hand:
    const double expected = 5.87e-5 * 2000 + 9.18e-2 * std::log10(1 + 1e8 * 0.05 / (std::pow(2000, 1.87) * 4)) + 0.16;
    EXPECT_NEAR(daylight_glare_probability(2000, {{10000, 0.05, 2, {0, 0, 1}, false}}), expected, 1e-12);
    EXPECT_NEAR(daylight_glare_probability(1000, {}), 5.87e-5 * 1000 + 0.16, 1e-12);
    EXPECT_EQ(daylight_glare_probability(0, {}), 0);
}

TEST(Glare, low_light_is_corrected_downwards) {
    // Wienold 2009: factor exp(0.024 Ev - 4)/(1 + exp(0.024 Ev - 4)); 0.5 at Ev = 166.7 lx.
    EXPECT_NEAR(daylight_glare_probability(4 / 0.024, {}), 0.5 * (5.87e-5 * 4 / 0.024 + 0.16), 1e-9);
}

// Guth's index as CIE 117-1995 prints it for UGR (from memory): by how far aside (rows) and above (columns, every
// tenth) a source stands, over how far it is away. The formula was fitted to the same curves.
TEST(Glare, the_position_index_is_that_of_the_printed_table_within_a_tenth) {
    const std::pair<double, std::vector<double>> rows[] = {
        {0.0, {1.00, 1.26, 1.53, 1.90, 2.35, 2.86, 3.50, 4.20, 5.00, 6.00, 7.00, 8.10, 9.25, 10.35, 11.70, 13.15}},
        {0.1, {1.05, 1.22, 1.45, 1.80, 2.20, 2.75, 3.40, 4.10, 4.80, 5.80, 6.80, 8.00, 9.10, 10.30, 11.60, 13.00}},
        {0.2, {1.12, 1.30, 1.50, 1.80, 2.20, 2.66, 3.18, 3.88, 4.60, 5.50, 6.50, 7.60, 8.75, 9.85, 11.20, 12.70}},
        {0.5, {1.43, 1.60, 1.82, 2.10, 2.48, 2.91, 3.40, 3.98, 4.70, 5.50, 6.40, 7.30, 8.30, 9.40, 10.60, 11.75}},
        {1.0, {2.11, 2.30, 2.51, 2.80, 3.20, 3.60, 4.05, 4.55, 5.15, 5.80, 6.50, 7.30, 8.15, 9.00, 9.95, 11.00}}};
    for (const auto& [aside, row] : rows)
        for (size_t i = 0; i < row.size(); ++i)
            for (const double side : {-1.0, 1.0})
                EXPECT_NEAR(position_index(normalized(Vec3{side * aside, 0.1 * static_cast<double>(i), 1})), row[i],
                            0.1 * row[i])
                    << aside << " aside, " << 0.1 * static_cast<double>(i) << " above";
}

TEST(Glare, the_position_index_is_one_ahead_and_grows_outwards) {
    EXPECT_NEAR(position_index({0, 0, 1}), 1, 1e-9);
    double before = 1;
    for (int degree = 5; degree <= 60; degree += 5) {
        const double p = position_index({0, std::sin(radians(degree)), std::cos(radians(degree))});
        EXPECT_GT(p, before);
        before = p;
    }
    // Straight above by 20 degrees: exp((35.2 - 1.22) 1e-3 20 + 21e-5 400).
    EXPECT_NEAR(position_index({0, std::sin(radians(20)), std::cos(radians(20))}),
                std::exp(33.98e-3 * 20 + 21e-5 * 400), 1e-9);
    EXPECT_NEAR(position_index({0, -0.5, 1}), 1 + 0.8 * 0.5, 1e-9);
    EXPECT_NEAR(position_index({0, -1, 1}), 1 + 1.2, 1e-9);
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "climate/epw.h"

#include <gtest/gtest.h>

#include <cmath>

#include "climate/synthetic.h"
#include "support.h"

using namespace wp;
using namespace wp::climate;

namespace {

std::string good() {
    static const std::string text = write_epw(test::weather());
    return text;
}

// Replaces field (from 1) of line (from 1).
std::string with_field(std::string text, int line, int field, const std::string& value) {
    size_t begin = 0;
    for (int i = 1; i < line; ++i) begin = text.find('\n', begin) + 1;
    for (int i = 1; i < field; ++i) begin = text.find(',', begin) + 1;
    const size_t end = text.find_first_of(",\n", begin);
    return text.replace(begin, end - begin, value);
}

std::string line_of(const std::string& text, int line) {
    size_t begin = 0;
    for (int i = 1; i < line; ++i) begin = text.find('\n', begin) + 1;
    return text.substr(begin, text.find('\n', begin) - begin + 1);
}

std::string without_line(std::string text, int line) {
    const std::string gone = line_of(text, line);
    return text.erase(text.find(gone), gone.size());
}

void expect_fault(const std::string& text, const std::string& place, const std::string& what) {
    const auto year = parse_epw(text, "x.epw");
    ASSERT_FALSE(year) << "expected: " << what;
    EXPECT_NE(year.fault().place.find(place), std::string::npos) << year.fault().line();
    EXPECT_NE(year.fault().what.find(what), std::string::npos) << year.fault().line();
    EXPECT_FALSE(year.fault().remedy.empty());
}

}  // namespace

TEST(Epw, a_written_year_reads_back) {
    const auto made = test::weather();
    const auto read = parse_epw(write_epw(made), "x.epw");
    ASSERT_TRUE(read) << read.fault().line();
    ASSERT_EQ(read->hours.size(), 8760u);
    EXPECT_EQ(read->station, made.station);
    EXPECT_NE(read->comment.find("Synthetic"), std::string::npos);
    EXPECT_TRUE(read->notes.empty()) << read->notes[0];
    for (size_t h = 0; h < 8760; h += 101) {
        EXPECT_NEAR(read->hours[h].direct_normal, made.hours[h].direct_normal, 0.51);
        EXPECT_NEAR(read->hours[h].diffuse_horizontal, made.hours[h].diffuse_horizontal, 0.51);
        EXPECT_NEAR(read->hours[h].dew_point, made.hours[h].dew_point, 0.051);
    }
}

TEST(Epw, both_line_endings_and_a_byte_order_mark_read_the_same) {
    std::string dos = "\xef\xbb\xbf";
    for (const char c : good()) dos += c == '\n' ? std::string("\r\n") : std::string(1, c);
    const auto a = parse_epw(good(), "a"), b = parse_epw(dos, "b");
    ASSERT_TRUE(b) << b.fault().line();
    EXPECT_EQ(a->fingerprint(), b->fingerprint());
}

TEST(Epw, a_leap_day_is_left_out_and_noted) {
    std::string text = good();
    const std::string before = line_of(text, 8 + 59 * 24);  // 28 February, hour 24
    std::string leap;
    for (int h = 1; h <= 24; ++h) {
        std::string line = with_field(before, 1, 3, "29");
        leap += with_field(line, 1, 4, std::to_string(h));
    }
    text.insert(text.find(before) + before.size(), leap);
    const auto year = parse_epw(text, "x");
    ASSERT_TRUE(year) << year.fault().line();
    EXPECT_EQ(year->notes.size(), 1u);
    EXPECT_EQ(year->fingerprint(), parse_epw(good(), "x")->fingerprint());
}

TEST(Epw, half_hourly_records_are_averaged) {
    std::string header, body, text = good();
    const size_t data = text.find("2023,1,1,1,");
    header = text.substr(0, data);
    header.replace(header.find("DATA PERIODS,1,1"), 16, "DATA PERIODS,1,2");
    size_t at = data;
    while (at < text.size()) {
        const size_t end = text.find('\n', at) + 1;
        const std::string line = text.substr(at, end - at);
        body += with_field(with_field(line, 1, 5, "30"), 1, 7, "4.0") + with_field(line, 1, 7, "6.0");
        at = end;
    }
    const auto year = parse_epw(header + body, "x");
    ASSERT_TRUE(year) << year.fault().line();
    EXPECT_NEAR(year->hours[4000].dry_bulb, 5.0, 1e-9);
    EXPECT_EQ(year->hours.size(), 8760u);
    EXPECT_EQ(year->first_year, 2023);
    EXPECT_EQ(year->last_year, 2023);
}

TEST(Epw, missing_codes_are_filled_and_said) {
    const int noon = 8 + 24 * 171 + 12;  // 21 June
    const auto split = parse_epw(with_field(with_field(good(), noon, 15, "9999"), noon, 16, "9999"), "x");
    ASSERT_TRUE(split);
    ASSERT_EQ(split->notes.size(), 1u);
    EXPECT_NE(split->notes[0].find("Erbs"), std::string::npos);
    const auto& h = split->hours[static_cast<size_t>(noon - 9)];
    EXPECT_GT(h.diffuse_horizontal, 0);
    EXPECT_LE(h.diffuse_horizontal, h.global_horizontal + 1e-9);
    const auto warm = parse_epw(with_field(good(), 100, 7, "99.9"), "x");
    ASSERT_TRUE(warm);
    EXPECT_NE(warm->notes.at(0).find("interpolated"), std::string::npos);
}

TEST(Epw, irradiance_at_night_is_taken_away_and_said) {
    const auto year = parse_epw(with_field(good(), 9, 16, "250"), "x");
    ASSERT_TRUE(year);
    EXPECT_EQ(year->hours[0].diffuse_horizontal, 0);
    EXPECT_NE(year->notes.at(0).find("night"), std::string::npos);
}

TEST(Epw, damage_is_named_with_its_line_and_field) {
    expect_fault("", "x.epw", "ends before");
    expect_fault("hello\n", "line 1", "LOCATION");
    expect_fault(with_field(good(), 1, 7, "north"), "line 1, field 7", "latitude");
    expect_fault(with_field(good(), 1, 7, "99"), "line 1, field 7", "latitude");
    expect_fault(with_field(good(), 8, 3, "7"), "line 8, field 3", "records per hour");
    expect_fault(with_field(good(), 500, 16, "a lot"), "line 500, field 16", "diffuse");
    expect_fault(with_field(good(), 500, 16, "-3"), "line 500, field 16", "outside");
    expect_fault(with_field(good(), 500, 15, "nan"), "line 500, field 15", "not a number");
    expect_fault(with_field(good(), 500, 2, "13"), "line 500, field 2", "month");
    expect_fault(with_field(with_field(good(), 500, 2, "4"), 500, 3, "31"), "line 500, field 3", "no day");
    expect_fault(without_line(good(), 700), "line 700", "does not follow");
    expect_fault(good().substr(0, good().size() / 2), "x.epw", "");
    std::string semicolons = good();
    for (char& c : semicolons) c = c == ',' ? ';' : c;
    expect_fault(semicolons, "line 1", "semicolons");
}

TEST(Epw, decimal_commas_are_told_and_never_taken_for_more_fields) {
    expect_fault(with_field(good(), 500, 7, "11,5"), "line 500", "fields where 35 are due");
    expect_fault(with_field(good(), 1, 7, "55,4"), "line 1", "10 are due");
    std::string trailing = good();
    trailing.insert(trailing.find('\n', trailing.find("\n2023,") + 1), ",");
    EXPECT_TRUE(parse_epw(trailing, "x")) << "a comma at the end of a line harms nobody";
}

TEST(Epw, summer_time_is_read_as_days_or_as_weekdays) {
    const auto between = [](const std::string& from, const std::string& to) {
        const auto year = parse_epw(with_field(with_field(good(), 5, 3, from), 5, 4, to), "x");
        if (!year || !year->summer_time) return std::string("none");
        const auto [a, b] = *year->summer_time;
        return std::to_string(a.month) + "/" + std::to_string(a.day) + " " + std::to_string(b.month) + "/" +
               std::to_string(b.day);
    };
    EXPECT_EQ(between("3/29", "10/25"), "3/29 10/25");
    // The made-up year begins on a Sunday: the Sundays of March are the 5th to the 26th.
    EXPECT_EQ(between("Last Sunday in March", "Last Sunday In October"), "3/26 10/29");
    EXPECT_EQ(between("2nd Sunday in March", "1st sunday in november"), "3/12 11/5");
    for (const char* odd : {"0", "", "13/1", "2/30", "6th Sunday in March", "some day"})
        EXPECT_EQ(between(odd, "10/25"), "none") << odd;
    auto told = test::weather();
    told.summer_time = {{3, 29, 2}, {10, 25, 2}};
    EXPECT_EQ(parse_epw(write_epw(told), "x")->summer_time, told.summer_time);
}

TEST(Epw, names_of_old_files_become_utf_8_and_none_breaks_a_written_line) {
    const auto read = parse_epw(with_field(good(), 1, 2,
                                           "K\xf8"
                                           "benhavn"),
                                "x.epw");
    ASSERT_TRUE(read);
    EXPECT_EQ(read->station,
              "K\xc3\xb8"
              "benhavn");
    auto odd = test::weather();
    odd.station = "Quay, north\nDESIGN";
    const auto again = parse_epw(write_epw(odd), "x.epw");
    ASSERT_TRUE(again) << again.fault().line();
    EXPECT_EQ(again->station, "Quay  north?DESIGN");
}

TEST(Epw, what_is_no_weather_file_is_not_shown) {
    const auto secret = parse_epw("root:secret:0\nmore\n", "x.epw");
    ASSERT_FALSE(secret);
    EXPECT_EQ(secret.fault().line().find("secret"), std::string::npos);
}

TEST(Epw, a_year_that_is_cut_at_a_line_names_the_first_missing_hour) {
    std::string text = good();
    text.resize(text.find("\n2023,7,1,1,") + 1);
    expect_fault(text, "after line", "month 7 day 1 hour 1");
}

TEST(Weather, the_daylight_hours_are_the_brighter_half_of_the_year) {
    const auto outdoor = outdoor_year(test::weather());
    const auto mask = daylight_hours(outdoor);
    EXPECT_EQ(std::count(mask.begin(), mask.end(), true), 4380);
    double dimmest_in = 1e9, brightest_out = 0;
    for (size_t h = 0; h < mask.size(); ++h)
        (mask[h] ? dimmest_in = std::min(dimmest_in, outdoor[h].diffuse_lux)
                 : brightest_out = std::max(brightest_out, outdoor[h].diffuse_lux));
    EXPECT_GE(dimmest_in, brightest_out);
    EXPECT_GT(median_diffuse(outdoor), dimmest_in);
}

TEST(Weather, the_split_of_global_irradiance_follows_erbs) {
    EXPECT_NEAR(erbs_diffuse_share(0.1), 0.991, 1e-9);
    EXPECT_NEAR(erbs_diffuse_share(0.9), 0.165, 1e-9);
    EXPECT_NEAR(erbs_diffuse_share(0.5), 0.9511 - 0.0802 + 1.097 - 2.07975 + 0.771, 1e-9);
    EXPECT_NEAR(erbs_diffuse_share(0.2200001), erbs_diffuse_share(0.22), 0.01);
}

TEST(SyntheticYear, is_the_same_for_the_same_seed_and_another_for_another) {
    EXPECT_EQ(test::weather(50, 3).fingerprint(), test::weather(50, 3).fingerprint());
    EXPECT_NE(test::weather(50, 3).fingerprint(), test::weather(50, 4).fingerprint());
}

TEST(SyntheticYear, keeps_to_physics) {
    const auto year = test::weather(55.4, 11);
    const auto suns = sun_of_year(year.place);
    for (size_t h = 0; h < year.hours.size(); ++h) {
        EXPECT_LE(year.hours[h].direct_normal, extraterrestrial_normal(suns[h].sun.distance));
        EXPECT_GE(year.hours[h].diffuse_horizontal, 0);
        EXPECT_LE(year.hours[h].dew_point, year.hours[h].dry_bulb);
    }
}

TEST(MadeUpYear, is_of_the_site_the_same_for_the_same_site_and_marked) {
    const Place north{60, 10, 1, 50}, south{-35, 150, 10, 50};
    const auto year = made_up_year(north);
    EXPECT_TRUE(year.made_up);
    EXPECT_EQ(weather_name(year), "made-up weather: for trying out");
    EXPECT_EQ(year.fingerprint().text(), made_up_year(north).fingerprint().text());
    EXPECT_NE(year.fingerprint().text(), made_up_year(south).fingerprint().text());
    const auto sum = [](const WeatherYear& y, int from, int to) {
        double all = 0;
        for (int h = from * 24; h < to * 24; ++h) all += y.hours[static_cast<size_t>(h)].global_horizontal;
        return all;
    };
    EXPECT_GT(sum(year, 151, 181), 4 * sum(year, 334, 364)) << "June is bright in the north";
    EXPECT_LT(sum(made_up_year(south), 151, 181), sum(made_up_year(south), 334, 364)) << "and dark in the south";
}

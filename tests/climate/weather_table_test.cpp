// SPDX-License-Identifier: GPL-3.0-or-later
// Weather that is no EPW: TMY3, tables of commas, and which file of a folder is nearest.
#include "climate/weather_table.h"

#include <fmt/core.h>
#include <gtest/gtest.h>

#include <cmath>

#include "base/file.h"
#include "climate/calendar.h"
#include "climate/epw.h"
#include "climate/synthetic.h"
#include "support.h"

using namespace wp;
using namespace wp::climate;

namespace {

const WeatherYear& made() {
    static const WeatherYear year = made_up_year({55.4, -3.1, 0, 4});
    return year;
}

std::string tmy3() {
    std::string out =
        "700001,\"TERN QUAY\",TQ,0.0,55.400,-3.100,4\r\n"
        "Date (MM/DD/YYYY),Time (HH:MM),ETR (W/m^2),GHI (W/m^2),DNI (W/m^2),DHI (W/m^2),TotCld (tenths),Dry-bulb "
        "(C),Dew-point (C)\r\n";
    for (int i = 0; i < kHours; ++i) {
        const auto& h = made().hours[static_cast<size_t>(i)];
        const Moment m = moment_of(i / 24, 0);
        out += fmt::format("{:02}/{:02}/1988,{:02}:00,0,{:.0f},{:.0f},{:.0f},{:.0f},{:.1f},{:.1f}\r\n", m.month, m.day,
                           i % 24 + 1, h.global_horizontal, h.direct_normal, h.diffuse_horizontal, h.cloud, h.dry_bulb,
                           h.dew_point);
    }
    return out;
}

std::string table(bool with_time) {
    std::string out = with_time ? "Month,Day,Hour,Temp C,Global,DHI\n" : "Temp C,Global,DHI\n";
    for (int i = 0; i < kHours; ++i) {
        const auto& h = made().hours[static_cast<size_t>(i)];
        const Moment m = moment_of(i / 24, 0);
        if (with_time) out += fmt::format("{},{},{},", m.month, m.day, i % 24 + 1);
        out += fmt::format("{:.1f},{:.1f},{:.1f}\n", h.dry_bulb, h.global_horizontal, h.diffuse_horizontal);
    }
    return out;
}

}  // namespace

TEST(WeatherTable, tmy3_has_the_same_light_as_the_year_it_was_written_from) {
    ASSERT_TRUE(is_tmy3(tmy3()));
    const auto read = parse_tmy3(tmy3(), "x.csv");
    ASSERT_TRUE(read) << read.fault().line();
    EXPECT_EQ(read->station, "TERN QUAY");
    EXPECT_NEAR(read->place.latitude, 55.4, 1e-9);
    for (size_t i = 0; i < read->hours.size(); i += 37) {
        EXPECT_NEAR(read->hours[i].global_horizontal, made().hours[i].global_horizontal, 0.51);
        EXPECT_NEAR(read->hours[i].direct_normal, made().hours[i].direct_normal, 0.51);
    }
}

TEST(WeatherTable, columns_are_guessed_by_their_heads_or_given) {
    for (const bool with_time : {true, false}) {
        WeatherColumns columns;
        columns.place = made().place;
        const auto guessed = parse_weather_table(table(with_time), "x.csv", columns);
        ASSERT_TRUE(guessed) << guessed.fault().line();
        EXPECT_NEAR(guessed->hours[4000].diffuse_horizontal, made().hours[4000].diffuse_horizontal, 0.06);
        columns.heads = {{"global", "Global"}, {"diffuse", "DHI"}, {"dry_bulb", "Temp C"}};
        const auto given = parse_weather_table(table(with_time), "x.csv", columns);
        ASSERT_TRUE(given) << given.fault().line();
        EXPECT_NEAR(given->hours[4000].global_horizontal, guessed->hours[4000].global_horizontal, 1e-9);
    }
}

TEST(WeatherTable, what_is_missing_twice_or_no_number_is_told_with_its_line) {
    const std::string whole = table(true);
    const auto fault = [](const std::string& text, std::map<std::string, std::string> heads = {}) {
        WeatherColumns columns;
        columns.heads = std::move(heads);
        const auto read = parse_weather_table(text, "x.csv", columns);
        return read ? std::string() : read.fault().line();
    };
    EXPECT_NE(fault(whole.substr(0, whole.rfind('\n', whole.size() / 2) + 1)).find("is missing"), std::string::npos);
    EXPECT_NE(fault(whole + "1,1,1,5,0,0\n").find("line 8762: this hour stands twice"), std::string::npos)
        << fault(whole + "1,1,1,5,0,0\n");
    EXPECT_NE(fault(whole + "13,1,1,5,0,0\n").find("no hour of a year"), std::string::npos);
    EXPECT_NE(fault("Month,Day,Hour,Global,DHI\n1,1,1,abc,0\n").find("line 2"), std::string::npos);
    EXPECT_NE(fault(whole, {{"global", "Nowhere"}}).find("no column"), std::string::npos);
    EXPECT_NE(fault("a,b\n1,2\n").find("irradiance"), std::string::npos);
    EXPECT_FALSE(parse_tmy3("", "x.csv"));
    EXPECT_FALSE(parse_tmy3("1,2\n", "x.csv"));
    EXPECT_FALSE(parse_tmy3(tmy3().substr(0, 4000), "x.csv"));
}

TEST(WeatherTable, a_folder_lists_the_nearest_first) {
    test::Folder folder;
    std::filesystem::create_directories(folder / "far");
    auto far = made();
    far.station = "Far";
    far.place.latitude = 50;
    ASSERT_FALSE(write_file(folder / "far" / "a.epw", write_epw(far)));
    ASSERT_FALSE(write_file(folder / "near.csv", tmy3()));
    ASSERT_FALSE(write_file(folder / "notes.csv", "what,ever\n"));
    const auto found = weather_in_folder(folder.path(), {55.5, -3.1, 0, 100});
    ASSERT_EQ(found.size(), 2u);
    EXPECT_EQ(found[0].station, "TERN QUAY");
    EXPECT_NEAR(found[0].kilometres, 11.1, 0.1) << "a tenth of a degree of latitude";
    EXPECT_NEAR(found[0].higher, -96, 1e-9);
    EXPECT_EQ(found[1].station, "Far");
    ASSERT_TRUE(read_weather(found[0].path));
    ASSERT_TRUE(read_weather(found[1].path));
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "exchange/table_formats.h"

#include <gtest/gtest.h>

#include <cmath>
#include <set>
#include <sstream>

using namespace wp;

namespace {

question::PointTable two_planes() {
    question::PointTable table;
    for (const double z : {0.8, 1.2}) {
        geometry::PlanePoints plane;
        plane.plane = "p";
        plane.points = {{1, 2, z}, {1.5, 2, z}};
        table.planes.push_back(plane);
    }
    table.columns = {{"daylight_factor_percent", "Daylight factor", "%", {{2.5, 3}, {4, 5}}, {}},
                     {"lux at 12:00", "At noon", "lx", {{100, std::nan("")}, {300, 400}}, {}}};
    return table;
}

}  // namespace

TEST(TableFormats, each_have_a_word_and_write_every_point) {
    std::set<std::string> ids;
    for (const auto& format : exchange::table_formats()) {
        EXPECT_TRUE(ids.insert(format.id).second);
        EXPECT_EQ(exchange::find_table_format(format.id), &format);
        const auto text = format.write(two_planes());
        EXPECT_GE(std::count(text.begin(), text.end(), '\n'), 5) << format.id;
    }
    EXPECT_EQ(exchange::find_table_format("tablet"), nullptr);
}

TEST(TableFormats, a_cloud_of_points_says_how_many_there_are_and_what_they_have) {
    std::istringstream in(exchange::table_ply(two_planes()));
    std::string line;
    std::vector<std::string> names;
    size_t points = 0;
    std::getline(in, line);
    EXPECT_EQ(line, "ply");
    while (std::getline(in, line) && line != "end_header") {
        if (line.starts_with("element vertex ")) points = std::stoul(line.substr(15));
        if (line.starts_with("property double ")) names.push_back(line.substr(16));
    }
    EXPECT_EQ(points, 4u);
    EXPECT_EQ(names,
              (std::vector<std::string>{"x", "y", "z", "nx", "ny", "nz", "daylight_factor_percent", "luxat1200"}));
    std::vector<std::vector<std::string>> rows;
    while (std::getline(in, line)) {
        std::istringstream words(line);
        rows.emplace_back();
        for (std::string word; words >> word;) rows.back().push_back(word);
        EXPECT_EQ(rows.back().size(), names.size());
    }
    ASSERT_EQ(rows.size(), points);
    EXPECT_EQ(rows[1][0], "1.5");
    EXPECT_EQ(rows[1][7], "nan");
    EXPECT_EQ(rows[3][2], "1.2");
    EXPECT_EQ(rows[3][6], "5");
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include <gtest/gtest.h>

#include "base/file.h"
#include "exchange/exr.h"
#include "exchange/point_table.h"
#include "exchange/tables.h"
#include "question/ask.h"
#include "support.h"

using namespace wp;

TEST(Exr, luminance_comes_back_to_the_bit) {
    const test::Folder folder;
    exchange::LuminanceImage image{5, 3, {}, {{"observer", "eye"}}};
    for (int i = 0; i < 15; ++i) image.luminance.push_back(0.1f * static_cast<float>(i * i));
    ASSERT_FALSE(exchange::write_exr(image, folder / "a.exr"));
    const auto back = exchange::read_exr(folder / "a.exr");
    ASSERT_TRUE(back) << back.fault().line();
    EXPECT_EQ(back->luminance, image.luminance);
    EXPECT_EQ(back->attributes.at("observer"), "eye");
}

TEST(Exr, damage_is_refused_and_a_bad_place_leaves_nothing) {
    const test::Folder folder;
    ASSERT_FALSE(write_file(folder / "bad.exr", "not a picture"));
    EXPECT_FALSE(exchange::read_exr(folder / "bad.exr"));
    EXPECT_TRUE(exchange::write_exr({2, 2, {1, 2, 3, 4}, {}}, folder / "missing" / "a.exr"));
}

TEST(Exr, a_picture_that_claims_more_than_its_file_can_hold_is_refused_before_it_takes_memory) {
    const auto claims = exchange::read_exr(WARMPANE_SOURCE "/tests/fuzz/corpus-picture/claims.exr");
    ASSERT_FALSE(claims);
    EXPECT_NE(claims.fault().what.find("usable size"), std::string::npos) << claims.fault().line();
}

TEST(Exr, an_attribute_that_claims_more_than_its_file_has_takes_no_memory) {
    const test::Folder folder;
    auto bytes = *read_file(WARMPANE_SOURCE "/tests/fuzz/corpus-picture/good.exr");
    // Of "compression", whose size of one byte follows its name and its type.
    const size_t size = bytes.find(std::string("compression\0compression", 23)) + 24;
    bytes = bytes.substr(0, size) + std::string("\xff\xff\xff\x7f", 4) + bytes.substr(size + 4);
    ASSERT_FALSE(write_file(folder / "claims.exr", bytes));
    const auto read = exchange::read_exr(folder / "claims.exr");
    ASSERT_FALSE(read);
    EXPECT_EQ(read.fault().what, "is no readable OpenEXR picture") << "refused by us, not by the library";
}

TEST(Exr, a_window_far_from_the_origin_is_read_like_any_other) {
    const auto near = exchange::read_exr(WARMPANE_SOURCE "/tests/fuzz/corpus-picture/good.exr");
    const auto picture = exchange::read_exr(WARMPANE_SOURCE "/tests/fuzz/corpus-picture/far.exr");
    ASSERT_TRUE(near) << near.fault().line();
    ASSERT_TRUE(picture) << picture.fault().line();
    EXPECT_EQ(picture->width, 4);
    EXPECT_EQ(picture->luminance, near->luminance);
    EXPECT_EQ(picture->luminance[4 * 2 + 3], 0.5f * 3 + 2);
}

TEST(Tables, a_point_a_line_with_place_normal_value_and_standard_error) {
    const auto project = test::one_room();
    const auto answer =
        question::daylight_factor(geometry::build_surfaces(project, project.options[0]),
                                  *question::planes_of(project.options[0], project.questions[0]), {0.1, 1, 0});
    const std::string csv = exchange::table_csv(question::table_of(answer));
    EXPECT_EQ(csv.substr(0, csv.find('\n')),
              "plane,room,point,x_m,y_m,z_m,nx,ny,nz,daylight_factor_percent,daylight_factor_percent_standard_error,"
              "sky_component_percent,sky_component_percent_standard_error,externally_reflected_percent,externally_"
              "reflected_percent_standard_error,"
              "internally_reflected_percent,internally_reflected_percent_standard_error,off_ground_percent,off_ground_"
              "percent_standard_error");
    const auto lines = static_cast<size_t>(std::count(csv.begin(), csv.end(), '\n'));
    EXPECT_EQ(lines, 1 + answer.planes[0].value.size());
    const std::string first = csv.substr(csv.find('\n') + 1, csv.find('\n', csv.find('\n') + 1) - csv.find('\n') - 1);
    EXPECT_EQ(std::count(first.begin(), first.end(), ','), 18);
    EXPECT_EQ(first.substr(0, 13), "plane,room,0,");
}

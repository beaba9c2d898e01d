// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures in files: ours come back with all that is known of them, those of others are taken for what they say.
#include "exchange/picture_file.h"

#include <ImfArray.h>
#include <ImfChannelList.h>
#include <ImfFrameBuffer.h>
#include <ImfHeader.h>
#include <ImfOutputFile.h>
#include <ImfStandardAttributes.h>
#include <gtest/gtest.h>

#include <cmath>
#include <limits>

#include "exchange/exr.h"
#include "support.h"

using namespace wp;
using namespace wp::exchange;

namespace {

question::GlareAnswer answer_of(light::Lens::Kind kind, int width, int height) {
    question::GlareAnswer out;
    auto& picture = out.picture;
    picture.lens = {kind, width, height, radians(75), 6.5};
    picture.pose = light::make_eye({1, 2, 1.2}, radians(130), radians(-10));
    for (int i = 0; i < width * height; ++i) {
        picture.value.push_back(static_cast<float>(i));
        picture.error.push_back(0.5f);
    }
    picture.suns = {{normalized(Vec3{1, -2, 0.5}), 54321, -1}, {{0, -1, 0}, 99, 3}};
    out.observer.id = "eye";
    out.sky = "uniform sky";
    out.blinds.groups = {{"South: closed (always closed)", false, true}};
    return out;
}

// A picture of another program: colours, and what it says of them.
void write_colours(const std::filesystem::path& path, const std::function<void(Imf::Header&)>& say) {
    Imf::Header header(4, 2);
    for (const char* name : {"R", "G", "B"}) header.channels().insert(name, Imf::Channel(Imf::FLOAT));
    say(header);
    std::vector<float> red(8, 1), green(8, 2), blue(8, 3);
    Imf::OutputFile file(path.c_str(), header);
    Imf::FrameBuffer frame;
    for (const auto& [name, values] : {std::pair{"R", &red}, {"G", &green}, {"B", &blue}})
        frame.insert(name, Imf::Slice::Make(Imf::FLOAT, values->data(), header.dataWindow()));
    file.setFrameBuffer(frame);
    file.writePixels(2);
}

}  // namespace

TEST(PictureFile, comes_back_with_its_lens_its_place_and_its_suns) {
    const test::Folder folder;
    using Kind = light::Lens::Kind;
    for (const auto& [kind, width, height] : {std::tuple{Kind::hemisphere, 8, 8},
                                              {Kind::sphere, 16, 8},
                                              {Kind::perspective, 9, 5},
                                              {Kind::parallel, 5, 9}}) {
        const auto answer = answer_of(kind, width, height);
        ASSERT_FALSE(write_picture(answer, folder / "a.exr"));
        const auto back = read_picture(folder / "a.exr");
        ASSERT_TRUE(back) << back.fault().line();
        EXPECT_TRUE(back->knows_lens && back->knows_unit);
        EXPECT_EQ(back->picture.lens.kind, kind);
        EXPECT_EQ(back->picture.value, answer.picture.value);
        EXPECT_EQ(back->picture.error, answer.picture.error);
        if (kind == Kind::perspective) EXPECT_NEAR(degrees(back->picture.lens.field), 75, 1e-6);
        if (kind == Kind::parallel) EXPECT_NEAR(back->picture.lens.across, 6.5, 1e-6);
        EXPECT_NEAR(dot(back->picture.pose.forward, answer.picture.pose.forward), 1, 1e-9);
        EXPECT_NEAR(dot(back->picture.pose.up, answer.picture.pose.up), 1, 1e-9);
        ASSERT_EQ(back->picture.suns.size(), 2u);
        EXPECT_NEAR(back->picture.suns[0].normal_lux, 54321, 1e-3);
        EXPECT_EQ(back->picture.suns[1].pane, 3);
        for (const char* key : {"moment", "sky", "blinds", "seed", "accuracy_reached", "settled", "inputs", "program"})
            EXPECT_FALSE(back->told.at(key).empty()) << key;
    }
}

TEST(PictureFile, of_colours_is_their_luminance_by_the_files_own_primaries_and_white) {
    const test::Folder folder;
    write_colours(folder / "a.exr", [](Imf::Header&) {});
    const auto plain = read_picture(folder / "a.exr");
    ASSERT_TRUE(plain) << plain.fault().line();
    EXPECT_NEAR(plain->picture.value[3], 0.2126 + 2 * 0.7152 + 3 * 0.0722, 1e-3) << "ITU-R BT.709";
    EXPECT_FALSE(plain->knows_unit);
    EXPECT_FALSE(plain->knows_lens);
    EXPECT_EQ(plain->picture.lens.kind, light::Lens::Kind::sphere) << "twice as wide as high";
    write_colours(folder / "b.exr", [](Imf::Header& header) { Imf::addWhiteLuminance(header, 179); });
    const auto scaled = read_picture(folder / "b.exr");
    EXPECT_NEAR(scaled->picture.value[3] / plain->picture.value[3], 179, 1e-3);
    EXPECT_TRUE(scaled->knows_unit);
}

TEST(PictureFile, takes_the_lens_that_it_is_given_where_its_shape_allows) {
    const test::Folder folder;
    write_colours(folder / "a.exr", [](Imf::Header&) {});
    const auto flat = read_picture(folder / "a.exr", light::Lens{light::Lens::Kind::perspective, 0, 0, radians(40)});
    ASSERT_TRUE(flat);
    EXPECT_TRUE(flat->knows_lens);
    EXPECT_EQ(flat->picture.lens.width, 4);
    const auto round = read_picture(folder / "a.exr", light::Lens{light::Lens::Kind::hemisphere});
    ASSERT_FALSE(round);
    EXPECT_NE(round.fault().what.find("not as wide as high"), std::string::npos);
}

TEST(PictureFile, whose_header_tells_nonsense_is_read_as_if_it_told_nothing) {
    const test::Folder folder;
    LuminanceImage image{4, 3, std::vector<float>(12, 7), {}};
    image.luminance[2] = std::numeric_limits<float>::quiet_NaN();
    image.luminance[3] = -5;
    image.luminance[4] = std::numeric_limits<float>::infinity();
    image.attributes = {{"lens", "perspective"},  {"field_degrees", "1e999"}, {"place_m", "1 2"},
                        {"looks_along", "0 0 0"}, {"upwards", "nan 0 1"},     {"suns", "1 2;;3 4 5 6 7 8;0 0 0 1 1"}};
    ASSERT_FALSE(write_exr(image, folder / "a.exr"));
    const auto back = read_picture(folder / "a.exr");
    ASSERT_TRUE(back) << back.fault().line();
    EXPECT_FALSE(back->knows_lens);
    EXPECT_TRUE(back->picture.suns.empty());
    EXPECT_EQ(back->unusable, 3u);
    EXPECT_EQ(back->picture.value[2], 0);
    EXPECT_NEAR(length(back->picture.pose.forward), 1, 1e-12);
    EXPECT_FALSE(read_picture(folder / "missing.exr"));
}

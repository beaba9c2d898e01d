// SPDX-License-Identifier: GPL-3.0-or-later
// Pictures by wavelength: what they bring to the eye is what the eye gets, their colours are those of what is seen.
#include "question/spectral_picture.h"

#include <gtest/gtest.h>

#include <cmath>
#include <filesystem>
#include <fstream>

#include "exchange/picture_file.h"
#include "question/ask.h"
#include "question/glare.h"
#include "question/spectral.h"
#include "spectrum/light_source.h"
#include "spectrum/smoothest.h"
#include "support.h"

using namespace wp;
using namespace wp::question;

namespace {

model::Question of_wavelengths() {
    model::Question q;
    q.id = q.name = "picture";
    q.kind = model::Question::Kind::glare;
    q.observer = "eye";
    q.moment = {3, 21, 11};
    q.accuracy = 0.02;
    q.picture.of = model::PictureChoice::Of::wavelengths;
    q.picture.pixels = 64;
    q.bands = 9;
    q.sky.shape = model::SkyChoice::Shape::cie;
    q.sky.amount = model::SkyChoice::Amount::illuminance;
    q.sky.type = 1;
    q.sky.diffuse = 15000;
    return q;
}

model::Project painted(const char* hex) {
    auto project = test::one_room();
    auto paint = project.materials[0];
    paint.id = paint.name = "paint";
    paint.reflectance = 0.25;
    const auto found = *spectrum::smoothest(spectrum::xyz_of_srgb(*spectrum::srgb_of_hex(hex)));
    paint.spectrum.assign(found.begin(), found.end());
    project.materials.push_back(paint);
    project.options[0].storeys[0].rooms[0].walls = "paint";
    return project;
}

GlareAnswer taken(const model::Project& project, const model::Question& q) {
    auto surfaces = geometry::build_surfaces(project, project.options[0]);
    return solve_glare(*glare_task(project, project.options[0], q, surfaces, nullptr), effort_of(q));
}

}  // namespace

TEST(SpectralPicture, brings_to_the_eye_what_the_eye_is_found_to_get) {
    const auto project = painted("#c02020");
    const auto answer = taken(project, of_wavelengths());
    ASSERT_NE(answer.spectral, nullptr);
    ASSERT_EQ(answer.spectral->bands.size(), 9u);
    EXPECT_TRUE(answer.record.settled);
    const auto light = eye_light(answer);
    // Of coefficients, another way.
    model::Question asked;
    asked.kind = model::Question::Kind::spectrum;
    asked.at = model::Question::At::eyes;
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const auto points = *points_of(project, project.options[0], asked, surfaces);
    const auto field = trace_spectral_field(project, field_task(project, surfaces, points, {}), 9, {0.01, 1, 0});
    const auto eye =
        spectrum_at(field, *outdoors_at(project.site, of_wavelengths().sky, {3, 21, 11}, {}), model::SkyColour::d65)
            .planes[0]
            .points[0]
            .irradiance;
    EXPECT_NEAR(light.photopic / spectrum::illuminance(eye), 1, 0.05);
    EXPECT_NEAR(light.melanopic / spectrum::equivalent_daylight_illuminance(spectrum::Answer::melanopic, eye), 1, 0.05);
    EXPECT_LT(light.melanopic, 0.97 * light.photopic) << "red walls";
}

TEST(SpectralPicture, shows_red_walls_red_and_the_sky_as_it_is) {
    const auto answer = taken(painted("#c02020"), of_wavelengths());
    const auto& by = *answer.spectral;
    // Beside the window the wall is seen, in its middle the sky.
    const auto at = [&](double heading, double altitude) {
        const auto place =
            light::place_of(answer.picture.lens, answer.picture.pose, direction(radians(heading), radians(altitude)));
        return static_cast<size_t>(place->y) * 64 + static_cast<size_t>(place->x);
    };
    const auto wall = spectrum::srgb(by.colour_at(at(250, 0))), sky = spectrum::srgb(by.colour_at(at(180, 15)));
    EXPECT_GT(wall.r, 1.8 * wall.g);
    EXPECT_NEAR(sky.r / sky.b, 1, 0.05) << "D65 is white";
    const auto light = by.at(at(250, 0));
    EXPECT_GT(light[60], 2 * light[24]) << "680 and 500 nm";
}

TEST(SpectralPicture, is_read_as_melanopic_light_on_one_scale_and_as_their_ratio) {
    const auto grey = taken(test::one_room(), of_wavelengths());
    const auto melanopic = read_as(grey, light::PictureOf::melanopic), ratio = read_as(grey, light::PictureOf::ratio);
    EXPECT_FALSE(melanopic.judged);
    EXPECT_STREQ(unit_of(melanopic.picture.of), "cd/m\u00b2");
    const auto luminance = grey.spectral->luminance();
    for (size_t i = 0; i < luminance.size(); i += 37)
        if (luminance[i] > 0) {
            EXPECT_NEAR(melanopic.picture.value[i] / luminance[i], 1, 0.03) << "grey, of D65";
            EXPECT_NEAR(ratio.picture.value[i], melanopic.picture.value[i] / luminance[i], 1e-5);
        }
    EXPECT_NEAR(ratio.picture.field, 1, 0.003);
    // All bands together are the picture of all light.
    EXPECT_NEAR(light::field_of(luminance, light::field_weights(grey.picture.lens)) / grey.picture.field, 1, 0.04);
}

TEST(SpectralPicture, is_written_with_a_channel_a_band) {
    const auto answer = taken(test::one_room(), of_wavelengths());
    const auto path = std::filesystem::temp_directory_path() / "warmpane-bands.exr";
    ASSERT_FALSE(exchange::write_picture(answer, path));
    std::ifstream in(path, std::ios::binary);
    const std::string bytes((std::istreambuf_iterator<char>(in)), {});
    for (const char* word : {"S0.402,222nm", "S0.757,778nm", "melanopic", "emissiveUnits"})
        EXPECT_NE(bytes.find(word), std::string::npos) << word;
    const auto read = exchange::read_picture(path);
    ASSERT_TRUE(read) << "and it is still a picture of luminances";
    EXPECT_EQ(read->picture.value, answer.picture.value);
    std::filesystem::remove(path);
}

TEST(SpectralPicture, stopped_has_no_bands_and_says_so) {
    auto project = test::one_room();
    auto surfaces = geometry::build_surfaces(project, project.options[0]);
    auto q = of_wavelengths();
    q.bands = 27;
    const Cancel cancel;
    const auto answer = solve_glare(*glare_task(project, project.options[0], q, surfaces, nullptr), effort_of(q),
                                    cancel, [&](const GlareAnswer& so_far) {
                                        if (so_far.bands_done > 0) cancel.request();
                                    });
    EXPECT_EQ(answer.spectral, nullptr);
    EXPECT_FALSE(answer.record.settled);
    EXPECT_EQ(answer.bands, 27u);
    EXPECT_EQ(answer.bands_done, 11u) << "so many at once";
}

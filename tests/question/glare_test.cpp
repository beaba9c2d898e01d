// SPDX-License-Identifier: GPL-3.0-or-later
// Eyes and what they see: judged for glare by every index, in one direction and in all, with names for what dazzles.
#include "question/glare.h"

#include <gtest/gtest.h>

#include <cmath>
#include <map>

#include "light/lens.h"
#include "question/ask.h"
#include "question/picture_figures.h"
#include "support.h"

using namespace wp;
using namespace wp::question;

namespace {

// The eye of the one room, looking.
struct Looker {
    model::Project project = test::one_room();
    climate::WeatherYear weather = test::weather();
    model::Question question;
    explicit Looker(climate::Moment moment, int pixels = 64) {
        question.observer = "eye";
        question.moment = moment;
        question.picture.pixels = pixels;
    }
    Result<GlareAnswer> look(double accuracy, unsigned seed = 1) const {
        auto surfaces = geometry::build_surfaces(project, project.options[0]);
        const auto task = glare_task(project, project.options[0], question, surfaces, &weather);
        if (!task) return task.fault();
        return solve_glare(*task, {accuracy, seed, 0});
    }
    GlareAnswer towards(double heading) {
        project.options[0].observers[0].heading = heading;
        return *look(0.02);
    }
};

}  // namespace

TEST(GlareQuestion, an_eye_at_a_sunlit_window_is_dazzled_more_than_one_with_its_back_to_it) {
    Looker eye({6, 21, 12}, 96);
    const auto towards = eye.towards(180), away = eye.towards(0);
    EXPECT_GT(towards.dgp, away.dgp);
    EXPECT_GT(towards.vertical_lux, 1.5 * away.vertical_lux);
    EXPECT_LE(towards.dgp_low, towards.dgp);
    EXPECT_GE(towards.dgp_high, towards.dgp);
    EXPECT_GT(towards.dgp_high - towards.dgp_low, 0);
    EXPECT_GT(towards.dgp_by_chance, 0);
    eye.question.observer = "nobody";
    EXPECT_FALSE(eye.look(0.02));
}

TEST(GlareQuestion, one_picture_is_judged_by_every_index) {
    Looker eye({6, 21, 12}, 96);
    const auto towards = eye.towards(180), away = eye.towards(0);
    const auto view = towards;
    EXPECT_NEAR(view.direct_lux() + kPi * view.background(), towards.vertical_lux, 1e-6 * towards.vertical_lux);
    EXPECT_GT(view.mean_luminance, 0);
    EXPECT_DOUBLE_EQ(*metric::find_glare_index("dgp")->value(view), towards.dgp);
    for (const auto& index : metric::glare_indices()) {
        const auto seen = index.value(view), unseen = index.value(away);
        ASSERT_TRUE(seen) << index.id;
        if (unseen) EXPECT_TRUE(index.rises ? *seen > *unseen : *seen < *unseen) << index.id;
    }
}

TEST(GlareQuestion, the_band_holds_what_more_pixels_and_more_samples_find) {
    Looker eye({4, 23, 13});
    const auto look = [&](int pixels, double accuracy, unsigned seed) {
        eye.question.picture.pixels = pixels;
        return *eye.look(accuracy, seed);
    };
    const double truth = look(192, 0.02, 99).dgp;
    int held = 0;
    for (unsigned seed = 1; seed <= 12; ++seed) {
        const auto one = look(96, 0.05, seed);
        held += one.dgp_low <= truth && truth <= one.dgp_high;
        EXPECT_LT(one.dgp_high - one.dgp_low, 0.2) << "a band that says nothing proves nothing";
    }
    EXPECT_GE(held, 11);
}

TEST(GlareQuestion, looking_on_while_it_is_traced_changes_nothing_of_the_answer) {
    const Looker eye({4, 23, 13}, 160);
    auto surfaces = geometry::build_surfaces(eye.project, eye.project.options[0]);
    const auto task = glare_task(eye.project, eye.project.options[0], eye.question, surfaces, &eye.weather);
    ASSERT_TRUE(task);
    int rounds = 0;
    const auto alone = solve_glare(*task, {0.02, 1, 0}),
               watched = solve_glare(*task, {0.02, 1, 0}, {}, [&](const GlareAnswer&) { ++rounds; });
    EXPECT_GT(rounds, 1);
    EXPECT_EQ(alone.picture.value, watched.picture.value);
    EXPECT_EQ(alone.dgp, watched.dgp);
    EXPECT_EQ(alone.dgp_low, watched.dgp_low);
    EXPECT_EQ(alone.dgp_by_sources, watched.dgp_by_sources);
}

TEST(GlareQuestion, a_picture_that_was_kept_is_found_without_a_ray_and_judged_the_same) {
    Looker eye({6, 21, 12});
    eye.question.picture.of = model::PictureChoice::Of::wavelengths;
    eye.question.bands = 3;
    auto surfaces = geometry::build_surfaces(eye.project, eye.project.options[0]);
    const auto task = glare_task(eye.project, eye.project.options[0], eye.question, surfaces, &eye.weather);
    ASSERT_TRUE(task);
    std::map<Fingerprint, std::string> pieces;
    size_t kept = 0;
    const Cache cache{[&](const Fingerprint& print) -> std::optional<std::string> {
                          const auto at = pieces.find(print);
                          return at != pieces.end() ? std::optional(at->second) : std::nullopt;
                      },
                      [&](const Fingerprint& print, std::string_view bytes) {
                          pieces[print] = std::string(bytes);
                          ++kept;
                      }};
    const auto first = solve_glare(*task, {0.05, 1, 0}, {}, {}, cache);
    EXPECT_EQ(kept, 2u) << "all light, and that by wavelength";
    size_t rounds = 0;
    const auto again = solve_glare(
        *task, {0.05, 1, 0}, {}, [&](const GlareAnswer&) { ++rounds; }, cache);
    EXPECT_EQ(kept, 2u);
    EXPECT_EQ(rounds, 0u);
    EXPECT_EQ(again.picture.value, first.picture.value);
    EXPECT_EQ(again.dgp, first.dgp);
    EXPECT_EQ(again.dgp_low, first.dgp_low);
    EXPECT_EQ(again.sources.size(), first.sources.size());
    EXPECT_EQ(again.record.rays, first.record.rays) << "how it was made";
    EXPECT_EQ(again.record.settled, first.record.settled);
    ASSERT_NE(again.spectral, nullptr);
    EXPECT_EQ(again.spectral->bands, first.spectral->bands);
    EXPECT_EQ(again.spectral->melanopic_luminance(), first.spectral->melanopic_luminance());
    // Surer is another picture; one that is damaged is taken anew.
    solve_glare(*task, {0.04, 1, 0}, {}, {}, cache);
    EXPECT_EQ(kept, 4u);
    for (auto& [print, bytes] : pieces) bytes.resize(bytes.size() - 1);
    EXPECT_EQ(solve_glare(*task, {0.05, 1, 0}, {}, {}, cache).picture.value, first.picture.value);
    EXPECT_EQ(kept, 6u);
}

TEST(GlareQuestion, blinds_are_as_their_groups_stand_and_the_answer_says_how) {
    Looker eye({6, 21, 12});
    const auto look = [&](model::BlindControl::Kind kind, double hour) {
        auto& control = eye.project.options[0].control;
        control.kind = kind;
        control.from = 8;
        control.to = 12;
        eye.question.moment.hour = hour;
        return *eye.look(0.05);
    };
    using Kind = model::BlindControl::Kind;
    const auto open = look(Kind::open, 11), closed = look(Kind::closed, 11);
    EXPECT_LT(closed.vertical_lux, 0.5 * open.vertical_lux);
    ASSERT_EQ(open.blinds.groups.size(), 1u);
    EXPECT_TRUE(open.blinds.groups[0].open && open.blinds.sure());
    EXPECT_FALSE(closed.blinds.groups[0].open);
    EXPECT_NE(closed.blinds.groups[0].words.find("always closed"), std::string::npos) << closed.blinds.groups[0].words;
    EXPECT_EQ(look(Kind::schedule, 11).vertical_lux, closed.vertical_lux);
    EXPECT_TRUE(look(Kind::schedule, 13).blinds.groups[0].open);
    const auto unknown = look(Kind::window_lux, 11);
    EXPECT_FALSE(unknown.blinds.sure());
    EXPECT_EQ(unknown.vertical_lux, open.vertical_lux);
}

TEST(GlareQuestion, a_picture_all_around_says_of_each_direction_what_a_picture_there_does) {
    Looker eye({2, 21, 12}, 96);
    eye.question.picture.lens = model::PictureChoice::Lens::sphere;
    eye.question.picture.pixels = 192;
    eye.question.picture.rule.joined_within = 0;
    const auto all = eye.towards(180);
    ASSERT_EQ(all.around.size(), 72u);
    eye.question.picture.lens = model::PictureChoice::Lens::hemisphere;
    eye.question.picture.pixels = 96;
    for (const double heading : {0.0, 90.0, 150.0, 180.0}) {
        const auto one = eye.towards(heading);
        const auto& there = all.around[static_cast<size_t>(heading / kFacingStep)];
        EXPECT_EQ(there.heading, heading);
        EXPECT_NEAR(there.vertical_lux, one.vertical_lux, 0.02 * one.vertical_lux + there.half_width + one.half_width)
            << heading;
        EXPECT_NEAR(there.dgp, one.dgp, 0.01 + (one.dgp_high - one.dgp_low) / 2) << heading;
    }
    EXPECT_NEAR(all.dgp, all.around[36].dgp, 1e-12) << "its own figures are along its observer's sight";
    EXPECT_FALSE(all.around[36].worst.empty());
}

TEST(GlareQuestion, the_eye_is_told_what_dazzles_it) {
    Looker eye({6, 21, 12}, 96);
    const auto towards = eye.towards(180);
    ASSERT_FALSE(towards.sources.empty());
    ASSERT_EQ(towards.parts.size(), towards.sources.size());
    const auto& opening = eye.project.options[0].storeys[0].rooms[0].openings[0].id;
    bool window = false;
    for (size_t i = 0; i < towards.sources.size(); ++i) {
        double all = 0;
        for (const auto& part : towards.parts[i]) {
            EXPECT_FALSE(part.words.empty());
            window = window || (part.opening == opening && part.share > 0.5);
            all += part.share;
        }
        EXPECT_NEAR(all, 1, 1e-9);
    }
    EXPECT_TRUE(window) << "the room has one window, and the eye looks at it";
}

TEST(GlareQuestion, the_sun_is_told_with_the_window_that_it_is_seen_in) {
    Looker eye({12, 21, 12}, 96);
    const auto towards = eye.towards(180);
    const auto& opening = eye.project.options[0].storeys[0].rooms[0].openings[0].id;
    const auto sun = std::ranges::find_if(towards.sources, &metric::GlareSource::is_sun);
    ASSERT_NE(sun, towards.sources.end()) << "the low sun of a winter noon";
    const auto& parts = towards.parts[static_cast<size_t>(sun - towards.sources.begin())];
    EXPECT_EQ(parts[0].words, "sun in " + opening);
    EXPECT_EQ(parts[0].opening, opening);
}

TEST(GlareQuestion, any_sky_can_be_asked_for_and_needs_no_weather_where_it_says_all_itself) {
    Looker eye({6, 21, 12});
    eye.question.sky = {model::SkyChoice::Shape::uniform, model::SkyChoice::Amount::illuminance, 16, 10000, 0};
    auto surfaces = geometry::build_surfaces(eye.project, eye.project.options[0]);
    const auto task = glare_task(eye.project, eye.project.options[0], eye.question, surfaces, nullptr);
    ASSERT_TRUE(task);
    const auto answer = solve_glare(*task, {0.05, 1, 0});
    EXPECT_GT(answer.vertical_lux, 0);
    EXPECT_TRUE(answer.picture.suns.empty());
    eye.question.sky = {};
    EXPECT_FALSE(glare_task(eye.project, eye.project.options[0], eye.question, surfaces, nullptr));
}

TEST(GlareQuestion, a_picture_from_a_place_of_its_own_needs_no_observer) {
    Looker eye({6, 21, 12});
    eye.question.observer.clear();
    auto& picture = eye.question.picture;
    picture.lens = model::PictureChoice::Lens::parallel;
    picture.of = model::PictureChoice::Of::illuminance;
    picture.from = {2, 2, 2};
    picture.altitude = -90;
    picture.across = 1;
    picture.pixels = 16;
    const auto answer = *eye.look(0.02);
    EXPECT_FALSE(answer.judged);
    EXPECT_EQ(answer.picture.lens.height, 12);
    EXPECT_NEAR(answer.picture.pose.forward.z, -1, 1e-12);
    EXPECT_GT(answer.picture.field, 100) << "lux on the floor";
    EXPECT_TRUE(answer.sources.empty());
}

TEST(GlareQuestion, open_and_closed_blinds_can_be_looked_at_beside_each_other) {
    Looker eye({6, 21, 12});
    const auto look = [&](model::PictureChoice::Blinds blinds) {
        eye.question.picture.blinds = blinds;
        return eye.towards(180);
    };
    const auto open = look(model::PictureChoice::Blinds::open), closed = look(model::PictureChoice::Blinds::closed);
    EXPECT_LT(closed.vertical_lux, 0.5 * open.vertical_lux);
    ASSERT_EQ(closed.blinds.groups.size(), 1u);
    EXPECT_EQ(closed.blinds.groups[0].words, "all blinds closed, as asked");
    EXPECT_FALSE(closed.blinds.groups[0].open);
}

// Figures of pictures, in pictures that the test paints.
namespace {

light::Picture painted(light::Lens::Kind kind, int width, int height, float value) {
    light::Picture out;
    out.lens = {kind, width, height};
    out.value.assign(static_cast<size_t>(width * height), value);
    return out;
}

}  // namespace

TEST(PictureFigures, of_regions_are_means_by_solid_angle) {
    auto picture = painted(light::Lens::Kind::hemisphere, 64, 64, 100);
    EXPECT_NEAR(figures_of(picture).solid_angle, 2 * kPi, 0.02);
    EXPECT_NEAR(figures_of(picture).mean, 100, 1e-6);
    for (size_t at = 0; at < 64 * 32; ++at) picture.value[at] = 300;  // the upper half
    EXPECT_NEAR(figures_of(picture).mean, 200, 0.5);
    EXPECT_NEAR(figures_of(picture).log_mean, std::sqrt(100.0 * 300), 0.5);
    using Shape = PictureRegion::Shape;
    const auto box = figures_of(picture, {Shape::rectangle, {40, 30}, {20, 10}});
    EXPECT_NEAR(box.mean, 300, 1e-6);
    EXPECT_EQ(box.pixels, 400u);
    const auto disc = figures_of(picture, {Shape::circle, {32, 48}, {32, 42}});
    EXPECT_NEAR(disc.mean, 100, 1e-6);
    EXPECT_NEAR(static_cast<double>(disc.pixels), kPi * 36, 6);
    EXPECT_EQ(figures_of(picture, {Shape::rectangle, {90, 90}, {99, 99}}).pixels, 0u);
    EXPECT_EQ(*value_at(picture, {32.5, 2.5}), 300);
    EXPECT_FALSE(value_at(picture, {0.5, 0.5})) << "beside the circle";
    EXPECT_FALSE(value_at(picture, {-1, 3}));
}

TEST(PictureFigures, the_task_stands_to_what_is_around_it_as_it_is_painted) {
    auto picture = painted(light::Lens::Kind::hemisphere, 128, 128, 30);
    const light::LensField field(picture.lens);
    metric::SourceRule rule;
    rule.zone = {0, std::sin(radians(-20)), std::cos(radians(-20))};
    rule.zone_angle = radians(20);
    for (size_t at = 0; at < picture.value.size(); ++at) {
        const double angle = degrees(std::acos(std::clamp(dot(field.direction[at], rule.zone), -1.0, 1.0)));
        picture.value[at] = angle < 10 ? 300.0f : angle < 20 ? 100.0f : 30.0f;
    }
    const auto ratios = task_ratios(picture, rule);
    EXPECT_NEAR(ratios.task, 300, 1e-3);
    EXPECT_NEAR(ratios.surround, 100, 1e-3);
    EXPECT_NEAR(ratios.background, 30, 1e-3);
}

TEST(PictureFigures, a_histogram_holds_all_of_the_picture) {
    auto picture = painted(light::Lens::Kind::sphere, 64, 32, 50);
    for (size_t at = 0; at < 64 * 16; ++at) picture.value[at] = 5000;
    picture.value[64 * 20] = 0;
    const auto shares = histogram(picture, 1, 10000, 4);
    EXPECT_NEAR(shares[1], 0.5, 0.01);
    EXPECT_NEAR(shares[3], 0.5, 1e-6);
    EXPECT_NEAR(shares[0] + shares[1] + shares[2] + shares[3], 1, 1e-9);
    EXPECT_GT(shares[0], 0);
}

TEST(PictureFigures, pictures_of_one_lens_are_told_apart_pixel_by_pixel) {
    const auto a = painted(light::Lens::Kind::perspective, 8, 6, 5),
               b = painted(light::Lens::Kind::perspective, 8, 6, 2);
    EXPECT_EQ(difference(a, b)->value[7], 3);
    EXPECT_FALSE(difference(a, painted(light::Lens::Kind::perspective, 8, 7, 2)));
    EXPECT_FALSE(difference(a, painted(light::Lens::Kind::parallel, 8, 6, 2)));
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/picture.h"

#include <gtest/gtest.h>

#include "base/parallel.h"
#include "light/glass.h"
#include "question/ask.h"
#include "question/glare.h"
#include "support.h"
#include "validation/brute.h"
#include "validation/scenes.h"

using namespace wp;
using namespace wp::light;

namespace {

Daylight even_sky(double luminance) {
    Daylight out;
    out.sky = climate::Sky::uniform(kPi * luminance);
    out.ground_luminance = luminance;
    return out;
}

PictureTask task_of(const Scene& scene, const Pose& pose, const Daylight& daylight, int pixels,
                    Lens::Kind kind = Lens::Kind::hemisphere) {
    PictureTask task;
    task.scene = &scene;
    task.lens = {kind, pixels, pixels};
    task.pose = pose;
    task.daylight = daylight;
    return task;
}

float at(const Picture& picture, double x, double y) {
    return picture.value[static_cast<size_t>(y) * static_cast<size_t>(picture.lens.width) + static_cast<size_t>(x)];
}

// A black room with a pane in its wall at y = 0.
geometry::Surfaces glazed_box(int panes, double x0, double x1, double z0, double z1) {
    auto box = validation::box_with_wall_hole(4, 4, 3, 0, x0, x1, z0, z1, 0);
    geometry::Glazing glazing;
    glazing.transmittance = 0.6;
    glazing.panes = panes;
    box.glazings.push_back(glazing);
    box.portals[0].glazing = 0;
    return box;
}

// The test project's room at a moment of its weather, blinds as one says, and its eye.
struct Room {
    model::Project project = test::one_room();
    geometry::Surfaces surfaces = geometry::build_surfaces(project, project.options[0]);
    climate::WeatherYear weather = test::weather();
    Scene scene;
    Pose eye;
    Daylight daylight;
    question::SkyAndSun shine;
    explicit Room(climate::Moment moment, Blinds blinds = Blinds::open) : scene(surfaces, blinds) {
        const auto& observer = project.options[0].observers[0];
        eye = make_eye(observer.eye, radians(observer.heading), 0);
        shine = question::outdoors_at(project.site, {}, moment, climate::outdoor_year(weather))->sky_and_sun;
        daylight = question::daylight_of(shine);
    }
    // Vertical illuminance at the eye without the sun's disc, path by path.
    double brute(uint32_t samples) const {
        double disc = 0;
        const Vec3f sun = daylight.sun.as<float>();
        if (daylight.sun_lux > 0 && dot(daylight.sun, eye.forward) > 0)
            disc = daylight.sun_lux * static_cast<double>(scene.beam(eye.at.as<float>(), sun).share) *
                   dot(daylight.sun, eye.forward);
        return validation::brute_sum(scene, shine, eye.at, eye.forward, 0, samples, 4711) / samples - disc;
    }
};

}  // namespace

TEST(Picture, an_even_sky_lights_the_eye_by_pi_times_its_luminance) {
    geometry::Surfaces nothing;
    nothing.ground_reflectance = 1;
    const Scene scene(nothing);
    const auto picture = trace_picture(task_of(scene, make_eye({0, 0, 1}, 0.7, 0), even_sky(1000), 128));
    EXPECT_NEAR(picture.field, kPi * 1000, 0.005 * kPi * 1000);
    EXPECT_TRUE(picture.settled);
    EXPECT_LE(picture.samples, 2 * Picture::kParts) << "nothing is left to chance, so that nothing is traced on";
}

TEST(Picture, the_sunlit_floor_is_as_bright_as_lambert_says) {
    geometry::Surfaces floor;
    floor.ground_reflectance = 0;
    const auto s = floor.add_surface({geometry::Element::ground, "ground", 0.3, -1});
    floor.add_quad(s, {-50, -50, 0}, {50, -50, 0}, {50, 50, 0}, {-50, 50, 0});
    Daylight daylight;
    daylight.sun = direction(1.0, radians(30));
    daylight.sun_lux = 80000;
    const Scene scene(floor);
    auto task = task_of(scene, make_eye({0, 0, 2}, 0, radians(-60)), daylight, 64);
    EXPECT_NEAR(static_cast<double>(at(trace_picture(task), 32, 32)), 0.3 / kPi * 40000, 0.01 * 0.3 / kPi * 40000);
    task.of = PictureOf::illuminance;
    EXPECT_NEAR(static_cast<double>(at(trace_picture(task), 32, 32)), 40000, 200);
    task.lens = {Lens::Kind::parallel, 64, 64, 0, 8};
    EXPECT_NEAR(trace_picture(task).field, 40000, 200) << "side by side, everywhere the same";
}

TEST(Picture, sky_behind_glass_is_exact_in_every_pixel) {
    // A black room: what comes from elsewhere than the sky is nothing, so that panes show it as the glass lets it pass.
    const auto box = glazed_box(2, 0.5, 3.5, 0.5, 2.5);
    const Scene scene(box);
    const auto task = task_of(scene, make_eye({2, 3, 1.5}, kPi, 0), even_sky(5000), 96);
    const auto picture = trace_picture(task);
    const GlassCurve glass(0.6, 2);
    int seen = 0;
    for (int y = 0; y < 96; ++y)
        for (int x = 0; x < 96; ++x) {
            const auto ray = ray_at(task.lens, task.pose, {x + 0.5, y + 0.5});
            if (!ray || ray->along.y >= -1e-3) continue;
            const Vec3 through = ray->from + ray->along * (-3 / ray->along.y);
            if (through.x < 0.7 || through.x > 3.3 || through.z < 0.7 || through.z > 2.3) continue;
            ++seen;
            const double should = 5000 * glass.exact(-ray->along.y).transmittance;
            EXPECT_NEAR(static_cast<double>(at(picture, x, y)), should, 0.01 * should) << x << " " << y;
        }
    EXPECT_GT(seen, 200);
}

TEST(Picture, the_sun_in_a_pane_stands_where_the_mirror_law_puts_it) {
    const auto box = glazed_box(1, 0, 4, 0, 3);
    const Scene scene(box);
    Daylight daylight;
    daylight.sun = direction(radians(170), radians(10));  // the pane looks to -y, and so does the sun stand
    daylight.sun_lux = 70000;
    // Outside, five metres before the pane, looking at it.
    const auto picture = trace_picture(task_of(scene, make_eye({2, -5, 1.5}, 0, 0), daylight, 32));
    ASSERT_EQ(picture.suns.size(), 1u) << "the sun itself is behind the eye";
    const auto& sun = picture.suns[0];
    EXPECT_EQ(sun.pane, 0);
    EXPECT_NEAR(sun.direction.x, daylight.sun.x, 1e-6);
    EXPECT_NEAR(sun.direction.y, -daylight.sun.y, 1e-6);
    EXPECT_NEAR(sun.direction.z, daylight.sun.z, 1e-6);
    EXPECT_NEAR(sun.normal_lux, 70000 * GlassCurve(0.6, 1).exact(-daylight.sun.y).reflectance, 0.02 * sun.normal_lux);
    // From where the way back to the pane passes beside it there is none.
    EXPECT_TRUE(trace_picture(task_of(scene, make_eye({9, -5, 1.5}, 0, 0), daylight, 32)).suns.empty());
}

TEST(Picture, the_light_at_the_eye_is_what_single_paths_find_there) {
    for (const auto& [moment, blinds] :
         {std::pair{climate::Moment{6, 21, 12}, Blinds::open}, std::pair{climate::Moment{12, 10, 11}, Blinds::open},
          std::pair{climate::Moment{6, 21, 12}, Blinds::closed}}) {
        const Room room(moment, blinds);
        auto task = task_of(room.scene, room.eye, room.daylight, 64);
        task.accuracy = 0.005;
        const auto picture = trace_picture(task);
        const double should = room.brute(100000);
        EXPECT_NEAR(picture.field, should, 0.01 * should)
            << moment.month << (blinds == Blinds::open ? " open" : " closed");
    }
}

// Where remembered light changes within a cell it would show: in corners, beside and above the window, below its sill.
TEST(Picture, is_as_bright_in_corners_and_beside_the_window_as_paths_from_there_say) {
    const Room room({6, 21, 12});
    auto task = task_of(room.scene, room.eye, room.daylight, 64);
    task.accuracy = 0.005;
    task.pixel_accuracy = 0.25;
    const auto picture = trace_picture(task);
    double apart = 0, doubt = 0;
    for (const Vec3& spot :
         {Vec3{2, 0.2, 3}, Vec3{0.8, 0, 1.7}, Vec3{3.2, 0, 1.2}, Vec3{0.15, 0.15, 0}, Vec3{0.5, 0.4, 0},
          Vec3{0, 0.2, 1.5}, Vec3{2, 0, 0.8}, Vec3{3.8, 0, 2.8}, Vec3{4, 1.5, 0.5}}) {
        const auto place = place_of(task.lens, room.eye, normalized(spot - room.eye.at));
        ASSERT_TRUE(place);
        const auto left = static_cast<size_t>(place->x) - 1, top = static_cast<size_t>(place->y) - 1;
        double seen = 0, error = 0, should = 0, square = 0;
        for (size_t i = 0; i < 9; ++i) {
            const size_t pixel = (top + i / 3) * 64 + left + i % 3;
            seen += static_cast<double>(picture.value[pixel]) / 9;
            error += std::pow(static_cast<double>(picture.error[pixel]) / 9, 2);
        }
        constexpr uint32_t rays = 64, paths = 800;
        for (uint32_t k = 0; k < rays; ++k) {
            const auto dice = random::PlainStream(31, k).next();
            const auto ray = ray_at(task.lens, room.eye,
                                    {static_cast<double>(left) + 3 * static_cast<double>(dice.u),
                                     static_cast<double>(top) + 3 * static_cast<double>(dice.v)});
            const Vec3f along = ray->along.as<float>();
            const Hit hit = room.scene.intersect(ray->from.as<float>(), along);
            ASSERT_EQ(hit.what, Hit::What::surface);
            const Vec3 at = (ray->from.as<float>() + along * hit.distance).as<double>();
            const double lux =
                validation::brute_sum(room.scene, room.shine, at, hit.normal.as<double>(), hit.space, paths, 7000 + k) /
                paths;
            const double luminance = static_cast<double>(hit.reflectance) * lux / kPi;
            should += luminance / rays;
            square += luminance * luminance / rays;
        }
        error += std::max(0.0, square - should * should) / rays;
        EXPECT_NEAR(seen, should, 3.5 * std::sqrt(error)) << spot.x << " " << spot.y << " " << spot.z;
        EXPECT_LT(std::sqrt(error), 0.16 * should) << "an error that says nothing proves nothing";
        apart += seen - should, doubt += error;
    }
    EXPECT_LT(std::fabs(apart), 3 * std::sqrt(doubt)) << "on the whole no light is won or lost";
}

TEST(Picture, its_errors_hold_what_surer_pictures_find) {
    const Room room({6, 21, 12});
    auto task = task_of(room.scene, room.eye, room.daylight, 20);
    task.accuracy = 0.005;
    task.pixel_accuracy = 0.16;
    task.seed = 999;
    const auto sure = trace_picture(task);
    task.accuracy = 0.05;
    task.pixel_accuracy = 0.5;
    int fields = 0;
    double held = 0, all = 0;
    for (unsigned seed = 1; seed <= 10; ++seed) {
        task.seed = seed;
        const auto one = trace_picture(task);
        fields += std::fabs(one.field - sure.field) <= one.relative_half_width * one.field + 0.002 * sure.field;
        for (size_t i = 0; i < one.value.size(); ++i) {
            if (sure.value[i] <= 0) continue;
            const double error = std::hypot(static_cast<double>(one.error[i]), static_cast<double>(sure.error[i]));
            held += std::fabs(static_cast<double>(one.value[i] - sure.value[i])) <= Picture::kStudent * error;
            ++all;
        }
    }
    EXPECT_GE(fields, 9);
    EXPECT_GT(held / all, 0.88) << "of 8 parts, and where light is rare, somewhat less than 95 in 100";
}

TEST(Picture, comes_coarse_first_and_then_every_pixel_for_itself) {
    const Room room({6, 21, 12});
    const auto task = task_of(room.scene, room.eye, room.daylight, 256);
    std::vector<uint32_t> samples;
    Cancel cancel;
    const auto stopped = trace_picture(task, cancel, [&](const Picture& so_far) {
        samples.push_back(so_far.samples);
        if (so_far.samples == 0) {
            EXPECT_EQ(at(so_far, 128, 128), at(so_far, 129, 129)) << "neighbours look like the pixel that was traced";
            EXPECT_EQ(so_far.parts.size(), Picture::kParts);
        }
        if (samples.size() == 2) cancel.request();
    });
    EXPECT_EQ(samples, (std::vector<uint32_t>{0, Picture::kParts}));
    EXPECT_FALSE(stopped.settled);
}

TEST(Picture, is_given_up_at_once_and_keeps_what_was_whole) {
    const Room room({6, 21, 12});
    auto task = task_of(room.scene, room.eye, room.daylight, 64);
    task.accuracy = task.pixel_accuracy = 1e-4;
    Cancel cancel;
    std::optional<Picture> last;
    const auto stopped = trace_picture(task, cancel, [&](const Picture& so_far) {
        last = so_far;
        if (so_far.samples >= 2 * Picture::kParts) cancel.request();
    });
    ASSERT_TRUE(last);
    EXPECT_EQ(stopped.value, last->value);
    EXPECT_EQ(stopped.parts, last->parts);
}

TEST(Picture, is_the_same_for_any_number_of_threads) {
    const Room room({6, 21, 12});
    const auto task = task_of(room.scene, room.eye, room.daylight, 48);
    const auto draw = [&](int threads) {
        Picture out;
        with_threads(threads, [&] { out = trace_picture(task); });
        return out;
    };
    const auto one = draw(1), two = draw(2);
    EXPECT_EQ(one.value, two.value);
    EXPECT_EQ(one.error, two.error);
    EXPECT_EQ(one.field, two.field);
}

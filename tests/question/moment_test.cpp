// SPDX-License-Identifier: GPL-3.0-or-later
// Light at a moment: coefficients traced once must say what tracing that very moment says.
#include <gtest/gtest.h>

#include <cmath>
#include <numeric>

#include "light/replicates.h"
#include "question/ask.h"
#include "question/light_field.h"
#include "question/table.h"
#include "support.h"
#include "validation/brute.h"

using namespace wp;
using namespace wp::question;

namespace {

// A room with a window and a facing block, so that light comes all ways.
model::Project room_with_block() {
    auto project = test::one_room();
    model::Block block;
    block.id = "block";
    block.name = "Block";
    block.footprint = {{-6, -12}, {10, -12}, {10, -8}, {-6, -8}};
    block.height = 5;
    project.options[0].blocks = {block};
    return project;
}

struct Room {
    model::Project project = room_with_block();
    geometry::Surfaces surfaces = geometry::build_surfaces(project, project.options[0]);
    std::vector<geometry::PlanePoints> planes = *planes_of(project.options[0], project.questions[0]);
    std::vector<climate::OutdoorHour> outdoor = climate::outdoor_year(test::weather(50, 3));
    LightField field(double accuracy, unsigned seed = 1) const {
        return trace_light_field(field_task(project, surfaces, planes, light::states_of(surfaces).all[0]),
                                 {accuracy, seed, 0});
    }
    Outdoors at(const model::SkyChoice& sky, const climate::Moment& moment) const {
        return *outdoors_at(project.site, sky, moment, outdoor);
    }
};

const Room& room() {
    static const Room one;
    return one;
}
const LightField& settled() {
    static const LightField field = room().field(0.01);
    return field;
}

double sum(const std::vector<double>& v) { return std::accumulate(v.begin(), v.end(), 0.0); }

model::SkyChoice given(int type, double diffuse, double direct) {
    model::SkyChoice sky;
    sky.shape = model::SkyChoice::Shape::cie;
    sky.type = type;
    sky.amount = model::SkyChoice::Amount::illuminance;
    sky.diffuse = diffuse;
    sky.direct = direct;
    return sky;
}

// The very moment, path by path, with its own sky and its own sun.
light::Estimate brute(const Outdoors& outdoors, Vec3 point) {
    const light::Scene scene(room().surfaces);
    std::vector<double> sums;
    constexpr uint32_t n = 1024;
    for (uint32_t r = 0; r < light::kReplicates; ++r)
        sums.push_back(validation::brute_sum(scene, outdoors.sky_and_sun, point, {0, 0, 1}, 0, n, random::hash(91, r)));
    return light::estimate(sums, n);
}

}  // namespace

TEST(MomentLight, under_the_overcast_sky_is_the_daylight_factor) {
    const auto moment = light_at(settled(), room().at(given(16, 10000, 0), {3, 21, 12}));
    const auto factor = daylight_factor(room().surfaces, room().planes, {0.01, 5, 0});
    const auto& plane = moment.planes[0];
    for (size_t i = 0; i < plane.lux.size(); ++i) {
        EXPECT_NEAR(plane.lux[i], factor.planes[0].value[i] * 100,
                    4 * (plane.half_width[i] + 100 * factor.planes[0].half_width[i]) + 0.01 * plane.lux[i])
            << i;
        EXPECT_EQ(plane.sun[i], 0);
    }
    EXPECT_NEAR(plane.figures.mean, factor.planes[0].figures.mean * 100, 0.015 * plane.figures.mean);
    EXPECT_NEAR(sum(plane.sky), 100 * sum(factor.planes[0].component(light::Way::straight)), 0.02 * sum(plane.sky));
    const double ground = 100 * sum(factor.planes[0].component(light::Way::from_ground)),
                 around = 100 * sum(factor.planes[0].component(light::Way::from_outside));
    EXPECT_NEAR(sum(plane.ground), ground, 0.04 * ground);
    const double inside = 100 * (sum(factor.planes[0].component(light::Way::from_inside)) +
                                 sum(factor.planes[0].component(light::Way::inside_off_ground)));
    EXPECT_NEAR(sum(plane.outside), around, 0.04 * (ground + around));
    EXPECT_NEAR(sum(plane.inside), inside, 0.03 * sum(plane.inside));
}

TEST(MomentLight, agrees_with_tracing_the_moment_itself_under_the_weathers_sky_and_sun) {
    for (const climate::Moment& m : {climate::Moment{3, 21, 12.25}, climate::Moment{6, 21, 15.5},
                                     climate::Moment{12, 3, 11}, climate::Moment{10, 10, 9.75}}) {
        const Outdoors outdoors = room().at({}, m);
        const auto moment = light_at(settled(), outdoors);
        const auto& plane = moment.planes[0];
        for (const size_t i : {size_t{1}, plane.lux.size() / 2}) {
            const auto e = brute(outdoors, plane.plane.points[i]);
            EXPECT_NEAR(plane.lux[i], e.mean, 3 * e.standard_error + 1.5 * plane.half_width[i] + 0.005 * e.mean)
                << climate::text(m) << " point " << i;
        }
    }
}

TEST(MomentLight, traced_for_itself_alone_is_the_moment_path_by_path) {
    std::vector<Outdoors> moments;
    for (const climate::Moment& m :
         {climate::Moment{3, 21, 12.25}, climate::Moment{6, 21, 15.5}, climate::Moment{12, 3, 11}})
        moments.push_back(room().at(given(12, 9000, 60000), m));
    const auto task =
        field_task(room().project, room().surfaces, room().planes, light::states_of(room().surfaces).all[0]);
    const auto answers = trace_moments(task, moments, {0.06, 3, 1}), again = trace_moments(task, moments, {0.06, 3, 2});
    ASSERT_EQ(answers.size(), 3u);
    for (size_t m = 0; m < answers.size(); ++m) {
        const auto& plane = answers[m].planes[0];
        EXPECT_TRUE(answers[m].record.settled);
        EXPECT_LE(plane.reached, 0.06);
        EXPECT_EQ(plane.lux, again[m].planes[0].lux) << "the same bits for one thread and two";
        for (const size_t i : {size_t{1}, plane.lux.size() / 2}) {
            const auto e = brute(moments[m], plane.plane.points[i]);
            EXPECT_NEAR(plane.lux[i], e.mean,
                        3 * std::hypot(e.standard_error, plane.half_width[i] / 2.131) + 0.002 * e.mean)
                << m << " point " << i;
            EXPECT_NEAR(plane.lux[i],
                        plane.sun[i] + plane.sky[i] + plane.ground[i] + plane.outside[i] + plane.inside[i],
                        1e-6 * plane.lux[i]);
            EXPECT_NEAR(plane.lux[i], plane.by_source.at(i, 0) + plane.by_source.at(i, 1), 1e-6 * plane.lux[i]);
        }
    }
}

TEST(MomentLight, splits_into_sun_sky_and_reflections_and_into_windows_without_a_rest) {
    const auto moment = light_at(settled(), room().at(given(12, 9000, 60000), {3, 21, 12}), true);
    const auto& plane = moment.planes[0];
    ASSERT_EQ(moment.sources, std::vector<model::Id>{"W-01"});
    EXPECT_GT(sum(plane.sun), 0);
    for (size_t i = 0; i < plane.lux.size(); ++i) {
        EXPECT_NEAR(plane.lux[i], plane.sun[i] + plane.sky[i] + plane.outside[i] + plane.inside[i],
                    1e-6 * plane.lux[i]);
        EXPECT_NEAR(plane.lux[i], plane.by_source.at(i, 0) + plane.by_source.at(i, 1), 1e-4 * plane.lux[i]);
        EXPECT_NEAR(plane.by_source.at(i, 1), 0, 1e-3 * plane.lux[i])
            << "all light of this room comes through its window";
    }
}

TEST(MomentLight, direct_sun_is_the_beam_through_the_pane_at_its_angle) {
    const Outdoors outdoors = room().at(given(12, 0, 80000), {2, 21, 12});
    const auto moment = light_at(settled(), outdoors);
    const light::Scene scene(room().surfaces);
    const auto& plane = moment.planes[0];
    int lit = 0;
    for (size_t i = 0; i < plane.lux.size(); ++i) {
        const auto beam =
            scene.beam((plane.plane.points[i] + Vec3{0, 0, 1e-4}).as<float>(), outdoors.sky_and_sun.to_sun.as<float>());
        EXPECT_NEAR(plane.sun[i], 80000 * outdoors.sky_and_sun.to_sun.z * static_cast<double>(beam.share), 1e-6);
        lit += plane.sun[i] > 0;
    }
    EXPECT_GT(lit, 0);
    EXPECT_LT(lit, static_cast<int>(plane.lux.size()));
}

TEST(MomentLight, the_stated_error_is_the_spread_of_independent_answers) {
    const Outdoors outdoors = room().at(given(12, 9000, 60000), {3, 21, 10});
    std::vector<double> means, widths;
    for (unsigned seed = 1; seed <= 12; ++seed) {
        const auto moment = light_at(room().field(0.08, seed * 77), outdoors);
        means.push_back(moment.planes[0].lux[9]);
        widths.push_back(moment.planes[0].half_width[9]);
    }
    const double mean = sum(means) / 12;
    double square = 0;
    for (const double m : means) square += (m - mean) * (m - mean);
    const double spread = light::kStudent95 * std::sqrt(square / 11), stated = sum(widths) / 12;
    EXPECT_GT(stated, 0.4 * spread);
    EXPECT_LT(stated, 2.5 * spread);
}

TEST(MomentLight, brighter_outdoors_is_brighter_indoors_in_proportion) {
    const auto one = light_at(settled(), room().at(given(5, 5000, 20000), {6, 1, 11})),
               two = light_at(settled(), room().at(given(5, 10000, 40000), {6, 1, 11}));
    for (size_t i = 0; i < one.planes[0].lux.size(); ++i)
        EXPECT_NEAR(two.planes[0].lux[i], 2 * one.planes[0].lux[i], 1e-5 * two.planes[0].lux[i]);
}

TEST(MomentLight, at_night_there_is_none) {
    const auto moment = light_at(settled(), room().at({}, {12, 21, 1}));
    EXPECT_EQ(moment.planes[0].figures.most, 0);
}

TEST(MomentLight, snow_on_the_ground_brightens_its_months_only) {
    auto project = room_with_block();
    project.site.ground_by_month = std::vector<double>(12, 0.2);
    project.site.ground_by_month[0] = 0.7;
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const auto states = light::states_of(surfaces);
    ASSERT_EQ(states.all.size(), 2u);
    EXPECT_NE(states.in(1), states.in(2));
    EXPECT_EQ(states.in(2), states.in(12));
    const auto in = [&](int month) {
        const auto field =
            trace_light_field(field_task(project, surfaces, room().planes, states.all[states.in(month)]), {0.05, 1, 0});
        return light_at(field, *outdoors_at(project.site, given(16, 10000, 0), {month, 15, 12}, {}))
            .planes[0]
            .figures.mean;
    };
    EXPECT_GT(in(1), 1.1 * in(2));
    EXPECT_NEAR(in(2), light_at(settled(), room().at(given(16, 10000, 0), {2, 15, 12})).planes[0].figures.mean,
                0.05 * in(2));
}

TEST(Exposure, is_the_sum_of_the_hours) {
    const auto weather = test::weather(50, 3);
    const int first = climate::days_before(3) + 9, last = first + 2;
    const auto added = exposure([](int) -> const LightField& { return settled(); }, weather, 0,
                                std::vector<double>(12, 0.2), first, last);
    std::vector<double> lux(added.planes[0].lux_hours.size(), 0.0);
    for (int h = first * 24; h < (last + 1) * 24; ++h) {
        const auto& hour = room().outdoor[static_cast<size_t>(h)];
        if (hour.diffuse_lux <= 0 && hour.direct_lux <= 0) continue;
        Outdoors outdoors;
        outdoors.diffuse_lux = hour.diffuse_lux;
        outdoors.sky_and_sun.sky = climate::sky_of(hour, 0);
        outdoors.sky_and_sun.sun = hour.sun.sun;
        outdoors.sky_and_sun.to_sun = climate::sun_direction(hour.sun.sun, 0);
        outdoors.sky_and_sun.sun_lux = hour.direct_lux * hour.sun.sunlit;
        outdoors.sky_and_sun.ground_luminance = 0.2 * hour.global_lux() / kPi;
        const auto moment = light_at(settled(), outdoors);
        for (size_t i = 0; i < lux.size(); ++i) lux[i] += moment.planes[0].lux[i];
    }
    for (size_t i = 0; i < lux.size(); ++i) EXPECT_NEAR(added.planes[0].lux_hours[i], lux[i], 1e-3 * lux[i]);
}

TEST(Exposure, of_an_open_roof_is_what_the_weather_brings) {
    auto project = test::one_room();
    project.options[0].storeys[0].rooms.clear();
    const geometry::Surfaces nothing;
    geometry::PlanePoints open;
    open.plane = "roof";
    open.dx = open.dy = 1;
    open.columns = open.rows = 1;
    open.cell_of = {0};
    open.points = {{0, 0, 10}};
    const std::vector<geometry::PlanePoints> planes = {open};
    const auto weather = test::weather(50, 3);
    const auto field = trace_light_field(field_task(project, nothing, planes, {}), {0.002, 1, 0});
    const auto year =
        exposure([&](int) -> const LightField& { return field; }, weather, 0, std::vector<double>(12, 0.2), 0, 364);
    EXPECT_NEAR(year.planes[0].lux_hours[0], year.outdoor_lux_hours, 0.01 * year.outdoor_lux_hours);
    EXPECT_NEAR(year.planes[0].irradiation[0], year.outdoor_irradiation, 0.01 * year.outdoor_irradiation);
}

TEST(DaylightFactorParts, sum_to_the_whole_and_know_where_light_was_reflected_last) {
    const auto answer = daylight_factor(room().surfaces, room().planes, {0.02, 1, 0});
    const auto& plane = answer.planes[0];
    const auto sky = plane.component(light::Way::straight), ground = plane.component(light::Way::from_ground),
               outside = plane.component(light::Way::from_outside), inside = plane.component(light::Way::from_inside),
               off_ground = plane.component(light::Way::inside_off_ground);
    for (size_t i = 0; i < plane.value.size(); ++i)
        EXPECT_NEAR(plane.value[i], sky[i] + ground[i] + outside[i] + inside[i] + off_ground[i], 1e-9);
    // A table looks up: the ground lights it by way of walls and ceiling only.
    EXPECT_EQ(sum(ground), 0);
    EXPECT_GT(sum(off_ground), 0);

    // A black room sends nothing back; without block and ground there is nothing to reflect outside.
    auto black = test::one_room();
    black.materials[0].reflectance = 0;
    black.site.ground_reflectance = 0;
    const auto bare =
        daylight_factor(geometry::build_surfaces(black, black.options[0]), room().planes, {0.02, 1, 0}).planes[0];
    // The pane itself mirrors a little of what the room's black walls do not send.
    EXPECT_NEAR(sum(bare.component(light::Way::from_inside)), 0, 1e-9);
    EXPECT_NEAR(sum(bare.component(light::Way::inside_off_ground)), 0, 1e-9);
    EXPECT_NEAR(sum(bare.component(light::Way::from_outside)), 0, 1e-9);
    EXPECT_NEAR(sum(bare.component(light::Way::straight)), sum(bare.value), 1e-9);
}

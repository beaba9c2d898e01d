// SPDX-License-Identifier: GPL-3.0-or-later
// Electric light of a project: circuits beside daylight, scenes, what it takes in a year, glare at eyes, light for the
// body clock.
#include <gtest/gtest.h>

#include <cmath>
#include <filesystem>
#include <numeric>

#include "analysis/analysis.h"
#include "edit/luminaires.h"
#include "lit_room.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "question/electric.h"
#include "question/electric_field.h"
#include "question/electric_glare.h"
#include "question/enough_luminaires.h"
#include "question/glare.h"
#include "question/ugr_table.h"
#include "question/year_over_time.h"
#include "spectrum/colour.h"
#include "spectrum/light_source.h"
#include "spectrum/observer.h"

using namespace wp;
using namespace wp::question;
using model::Lighting;

namespace {

using test::lit_room;
model::LuminaireType type_of(const char* file, const char* id) { return test::luminaire_type(file, id); }

struct Traced {
    model::Project project;
    geometry::Surfaces surfaces;
    std::vector<geometry::PlanePoints> planes;
    explicit Traced(model::Project p)
        : project(std::move(p)), surfaces(geometry::build_surfaces(project, project.options[0])) {
        planes = *points_of(project, project.options[0], model::question_of(project, model::Question::Kind::electric),
                            surfaces);
    }
    ElectricTask task() const { return {&project, &project.options[0], &surfaces, &planes, {}, {}, {}, 0}; }
    ElectricField field(double accuracy = 0.02) const { return trace_electric(task(), {accuracy, 1, 0}); }
};

double mean(const std::vector<double>& v) {
    return std::accumulate(v.begin(), v.end(), 0.0) / static_cast<double>(v.size());
}

Result<TableAnswer> asked(const model::Project& p, model::Question q) {
    q.kind = model::Question::Kind::electric;
    q.id = "electric";
    return analysis::ask(p, p.options[0], q, nullptr, {0.03, 1, 0});
}
const Column& column(const TableAnswer& a, const std::string& id) {
    for (const auto& c : a.table.columns)
        if (c.id == id) return c;
    throw std::runtime_error("no column " + id);
}

}  // namespace

TEST(Circuits, light_and_power_follow_the_control) {
    Lighting l;
    l.control = Lighting::Control::dimmed;
    l.least_light = 0.1;
    l.least_power = 0.2;
    EXPECT_EQ(output_of(l, 0).power, 0);
    EXPECT_DOUBLE_EQ(output_of(l, 0.01).light, 0.1);
    EXPECT_DOUBLE_EQ(output_of(l, 0.01).power, 0.2);
    EXPECT_DOUBLE_EQ(output_of(l, 0.55).power, 0.6);
    // A curve that was measured: of no light, a half, all.
    l.dimming = {0.1, 0.4, 1};
    EXPECT_DOUBLE_EQ(output_of(l, 0.5).power, 0.4);
    EXPECT_DOUBLE_EQ(output_of(l, 0.75).power, 0.7);
    l.control = Lighting::Control::stepped;
    l.steps = 3;
    EXPECT_DOUBLE_EQ(output_of(l, 0.4).light, 2.0 / 3);
}

TEST(Circuits, that_see_each_other_settle_where_both_sensors_have_their_target) {
    std::vector<Lighting> circuits(2);
    for (auto& c : circuits) c.target = 500, c.least_light = 0.01;
    const SensorLight sensors{{{600, 200}, {150, 500}}, {10, 0}};
    const std::vector<double> daylight{100, 50}, on{1, 1};
    const auto found = settle(circuits, sensors, daylight, on);
    for (size_t c = 0; c < 2; ++c) {
        const double there = daylight[c] + sensors.always[c] + found.output[0].light * sensors.of_circuit[c][0] +
                             found.output[1].light * sensors.of_circuit[c][1];
        EXPECT_NEAR(there, 500, 1) << c;
    }
    // A scene that holds one back has the other give more, as far as it can.
    const auto held = settle(circuits, sensors, daylight, std::vector<double>{0.2, 1});
    EXPECT_NEAR(held.output[0].light, 0.2, 1e-9);
    EXPECT_GT(held.output[1].light, found.output[1].light);
    // Daylight enough: off.
    EXPECT_FALSE(settle(circuits, sensors, std::vector<double>{600, 600}, on).output[0].on());
}

TEST(Circuits, the_first_scene_that_holds_by_itself_does) {
    model::Option o;
    model::LightScene evening, dark, never;
    evening.id = "evening";
    evening.when = model::LightScene::When::clock;
    evening.from = 22, evening.to = 2;
    dark.id = "dark";
    dark.when = model::LightScene::When::outdoor_lux;
    dark.below = 1000;
    o.scenes = {never, evening, dark};
    std::vector<float> outdoor(8760, 20000.0f);
    outdoor[12] = 500;
    outdoor[23] = 0;
    const auto scenes = scenes_of_year(o, {}, outdoor);
    EXPECT_EQ(scenes[11], -1);
    EXPECT_EQ(scenes[12], 2);
    EXPECT_EQ(scenes[21], -1);
    EXPECT_EQ(scenes[23], 1);
    EXPECT_EQ(scenes[1], 1);
    EXPECT_EQ(scenes[2], -1);
}

TEST(ElectricField, a_dimmed_scene_is_the_sum_of_its_circuits) {
    const Traced room(lit_room());
    const auto field = room.field();
    ASSERT_EQ(field.sources.size(), 2u);
    EXPECT_EQ(field.sources[0].count, 2u);
    EXPECT_DOUBLE_EQ(field.sources[0].watts, 56);
    EXPECT_NEAR(field.sources[0].lumens, 2 * 0.8 * 0.95 * 3600, 15);
    const auto both = electric_light(field, 0, std::vector<double>{1, 1}),
               front = electric_light(field, 0, std::vector<double>{1, 0}),
               back = electric_light(field, 0, std::vector<double>{0, 0.5});
    for (size_t i = 0; i < both.lux.size(); ++i)
        EXPECT_NEAR(both.lux[i], front.lux[i] + 2 * back.lux[i], 1e-3 * both.lux[i]);
    EXPECT_GT(mean(both.lux), 300);
    // By the lumen method it is about flux x utilance / area: between a half and all of the flux.
    const double even = 2 * field.sources[0].lumens / 24;
    EXPECT_GT(mean(both.lux), 0.5 * even);
    EXPECT_LT(mean(both.lux), even);
    EXPECT_LE(field.record.reached, 0.02);
}

TEST(ElectricField, luminaires_of_another_room_give_nothing_through_the_wall) {
    auto p = lit_room();
    model::Room other = p.options[0].storeys[0].rooms[0];
    other.id = "other";
    for (Vec2& c : other.footprint) c.x += 4;
    other.openings.clear();
    p.options[0].storeys[0].rooms.push_back(other);
    for (auto& l : p.options[0].luminaires) l.at.x += 4;
    const Traced room(p);
    const auto light = electric_light(room.field(), 0, std::vector<double>{1, 1});
    for (const double lux : light.lux) EXPECT_EQ(lux, 0);
}

TEST(ElectricYear, circuits_of_luminaires_dim_beside_daylight_each_for_itself) {
    auto p = lit_room();
    const auto weather = test::weather();
    const auto q = model::question_of(p, model::Question::Kind::year);
    const auto scene = year_scene(p, p.options[0], q, weather);
    ASSERT_TRUE(scene);
    const auto year = ask_year(*scene, weather, {0.1, 1, 0});
    auto use = year_use(p, p.options[0], q, scene->planes);
    const auto all = electric_years(p, year, p.options[0], use);
    ASSERT_EQ(all.size(), 2u);
    for (const auto& one : all) {
        EXPECT_DOUBLE_EQ(one.installed, 56);
        EXPECT_EQ(one.luminaires, 2u);
        EXPECT_GT(one.own_lux, 150);
        EXPECT_LT(one.kwh, one.kwh_always);
        EXPECT_LE(one.kwh_low, one.kwh);
        EXPECT_GE(one.kwh_high, one.kwh);
        EXPECT_NEAR(std::accumulate(one.by_month.begin(), one.by_month.end(), 0.0), one.kwh, 1e-3 * one.kwh);
    }
    // Daylight comes in at the front.
    EXPECT_LT(all[0].kwh, 0.95 * all[1].kwh);
    EXPECT_NEAR(leni_of(all), (all[0].kwh + all[1].kwh) / (all[0].area + all[1].area), 1e-9);
    // Hour by hour the sensors have their target, or all the light there is; more only by daylight, or as little as a
    // circuit can be dimmed to.
    const Traced room(p);
    const auto field = room.field();
    size_t dimmed = 0;
    for (const auto& one : all) {
        const size_t c = static_cast<size_t>(&one - all.data()), i = static_cast<size_t>(one.sensor);
        const auto day = year_of_point(year, one.plane, i, use.operation);
        const Vec3 at = year.planes[one.plane].plane.points[i];
        ASSERT_LT(length(at - room.planes[0].points[i]), 1e-9);
        for (size_t h = 0; h < 8760; h += 7) {
            if (!use.hours[one.plane][h]) continue;
            const std::vector<double> shares{static_cast<double>(all[0].light[h]),
                                             static_cast<double>(all[1].light[h])};
            const double there = static_cast<double>(day[h]) + electric_light(field, 0, shares).lux[i];
            if (shares[c] < 1) EXPECT_GT(there, 0.97 * 300) << c << " hour " << h;
            if (shares[c] > p.options[0].lighting[c].least_light + 1e-6) EXPECT_LT(there, 1.03 * 300) << c << " " << h;
            dimmed += shares[c] > 0.3 && shares[c] < 0.9;
        }
    }
    EXPECT_GT(dimmed, 50u);
    // A scene by the clock with the front off, in the dark hours of use: the back then gives what it can alone.
    model::LightScene evening;
    evening.id = "evening";
    evening.when = model::LightScene::When::clock;
    evening.from = 18, evening.to = 21;
    evening.levels = {{"back", 0.5}};
    evening.dims = false;
    p.options[0].scenes = {evening};
    const auto with = electric_years(p, year, p.options[0], use);
    const size_t night = 19 + 24 * 10;
    EXPECT_FLOAT_EQ(with[1].light[night], 0.5f);
    EXPECT_EQ(with[0].light[night], 0);
    EXPECT_EQ(all[1].light[night], 0) << "nobody is there";
    EXPECT_NEAR(with[1].kwh - all[1].kwh, 3 * 365 * 56 * power_share(p.options[0].lighting[1], 0.5) / 1000, 0.2);
}

TEST(ElectricYear, a_plain_power_stays_what_it_was) {
    auto p = test::one_room();
    Lighting l;
    l.id = "plain";
    l.plane = "plane";
    l.control = Lighting::Control::switched;
    p.options[0].lighting = {l};
    const auto weather = test::weather();
    const auto q = model::question_of(p, model::Question::Kind::year);
    const auto scene = year_scene(p, p.options[0], q, weather);
    const auto year = ask_year(*scene, weather, {0.2, 1, 0});
    const auto all = electric_years(p, year, p.options[0], year_use(p, p.options[0], q, scene->planes));
    ASSERT_EQ(all.size(), 1u);
    EXPECT_DOUBLE_EQ(all[0].installed, l.power * all[0].area);
    EXPECT_EQ(all[0].luminaires, 0u);
}

TEST(ElectricTable, has_scenes_circuits_and_both_lights) {
    auto p = lit_room();
    model::LightScene evening;
    evening.id = "evening";
    evening.name = "Evening";
    evening.levels = {{"front", 0.25}, {"back", 1}};
    p.options[0].scenes = {evening};
    model::Question q;
    q.electric.cylindrical = true;
    const auto answer = asked(p, q);
    ASSERT_TRUE(answer) << answer.fault().line();
    EXPECT_TRUE(answer->record.settled);
    const auto& all = column(*answer, "electric_lx_all").value[0];
    const auto& scene = column(*answer, "electric_lx_evening").value[0];
    const auto& front = column(*answer, "electric_lx_circuit_front").value[0];
    const auto& back = column(*answer, "electric_lx_circuit_back").value[0];
    for (size_t i = 0; i < all.size(); ++i) {
        EXPECT_NEAR(all[i], front[i] + back[i], 1e-3 * all[i]);
        EXPECT_NEAR(scene[i], 0.25 * front[i] + back[i], 1e-3 * scene[i]);
    }
    // Modelling is the one over the other, both at the height of eyes.
    const auto& round = column(*answer, "cylindrical_lx_all").value[0];
    const auto& shape = column(*answer, "modelling_all").value[0];
    auto at_eyes = p;
    at_eyes.options[0].planes[0].height = q.electric.eye;
    const auto level = asked(at_eyes, {});
    for (size_t i = 0; i < all.size(); ++i) {
        EXPECT_GT(shape[i], 0.15);
        EXPECT_LT(shape[i], 1.2);
        EXPECT_GT(round[i], 0.1 * all[i]);
        EXPECT_NEAR(shape[i] * column(*level, "electric_lx_all").value[0][i], round[i], 0.06 * round[i]);
    }
    // Beside daylight circuits give less: at the front by day hardly anything.
    model::Question day;
    day.moments = {{6, 21, 12}, {12, 21, 1}};
    day.sky.shape = model::SkyChoice::Shape::cie;
    day.sky.amount = model::SkyChoice::Amount::illuminance;
    day.sky.diffuse = 30000;
    const auto both = asked(p, day);
    ASSERT_TRUE(both) << both.fault().line();
    const auto& noon = column(*both, "both_lx_all_0621_1200").value[0];
    day.kind = model::Question::Kind::moment;
    day.id = "day";
    const auto daylight = analysis::ask(p, p.options[0], day, nullptr, {0.03, 1, 0});
    ASSERT_TRUE(daylight) << daylight.fault().line();
    const auto& sun = daylight->table.columns[0].value[0];
    double added = 0, could = 0, here = 0;
    for (size_t i = 0; i < noon.size(); ++i) {
        EXPECT_GT(noon[i], 0.94 * sun[i]) << "circuits take no light away";
        EXPECT_LT(noon[i], 1.06 * (sun[i] + all[i]));
        added += noon[i] - sun[i], could += all[i], here += sun[i];
    }
    EXPECT_LT(added, 0.5 * could + 0.05 * here);
    // A scene alone; one that is not there is told.
    model::Question one;
    one.scene = "evening";
    const auto only = asked(p, one);
    ASSERT_TRUE(only);
    EXPECT_EQ(only->table.columns.size(), 2u);
    one.scene = "nowhere";
    EXPECT_FALSE(asked(p, one));
    p.options[0].luminaires.clear();
    EXPECT_FALSE(asked(p, {}));
}

TEST(ElectricGlare, is_UGR_by_hand) {
    // A black room but for its floor, a disc of even luminance before an eye: luminance, solid angle and Guth's index
    // by their formulas, the background by the table.
    auto p = test::one_room();
    p.options[0].storeys[0].rooms[0].openings.clear();
    model::LuminaireType disc;
    disc.id = "disc";
    disc.horizontals = {0};
    for (double g = 0; g <= 90; g += 1) {
        disc.verticals.push_back(g);
        disc.candela.push_back(800 * std::cos(radians(g)));
    }
    disc.opening = model::LuminaireType::Opening::ellipse;
    disc.size_x = disc.size_y = 0.3;
    disc.maintenance = 1;
    p.luminaire_types = {disc};
    model::Luminaire l;
    l.id = "light";
    l.type = "disc";
    l.storey = "ground";
    l.at = {2, 1.2};
    l.height = 2.7;
    p.options[0].luminaires = {l};
    model::Observer& eye = p.options[0].observers[0];
    eye.eye = {2, 4.2, 1.2};
    eye.heading = 180;
    const Traced room(p);
    model::Question q;
    q.at = model::Question::At::eyes;
    const auto answer = asked(p, q);
    ASSERT_TRUE(answer) << answer.fault().line();
    const double ev = column(*answer, "electric_lx_all").value[0][0],
                 direct = column(*answer, "electric_direct_lx_all").value[0][0];
    // 3 m ahead, 1.5 m up.
    const double far = std::hypot(3.0, 1.5), gamma = std::atan2(3.0, 1.5), area = kPi * 0.09 / 4;
    const double luminance = 800 / area, omega = area * std::cos(gamma) / (far * far);
    EXPECT_NEAR(direct, 800 * std::cos(gamma) * (3 / far) / (far * far), 0.01 * direct);
    // Guth's index straight above the line of sight, 26.57 degrees up: tau 0 (Levin 1975).
    const double sigma = degrees(std::atan2(1.5, 3.0));
    const double guth = std::exp((35.2 - 0 - 1.22) * 1e-3 * sigma + 21e-5 * sigma * sigma);
    const double background = (ev - direct) / kPi;
    const double ugr = 8 * std::log10(0.25 / background * luminance * luminance * omega / (guth * guth));
    EXPECT_NEAR(column(*answer, "ugr_all").value[0][0], ugr, 0.15);
    EXPECT_GT(ugr, 10);
    // With its back to the disc the eye has no rating.
    p.options[0].observers[0].heading = 0;
    const auto away = asked(p, q);
    EXPECT_TRUE(std::isnan(column(*away, "ugr_all").value[0][0]));
}

TEST(ElectricGlare, what_something_hides_does_not_glare) {
    auto p = lit_room();
    model::Question q;
    q.at = model::Question::At::eyes;
    const auto free = asked(p, q);
    model::Partition screen;
    screen.id = "screen";
    screen.from = {0.2, 2.2};
    screen.to = {3.8, 2.2};
    screen.height = 2.9;
    p.options[0].storeys[0].partitions = {screen};
    const auto hidden = asked(p, q);
    const double before = column(*free, "ugr_all").value[0][0], after = column(*hidden, "ugr_all").value[0][0];
    EXPECT_TRUE(std::isnan(after) || after < before) << before << " " << after;
}

TEST(ElectricSpectrum, in_a_grey_room_melanopic_light_is_that_of_the_luminaire) {
    auto p = lit_room();
    p.luminaire_types[0].kelvin = 4000;
    model::Question q;
    q.electric.colours = true;
    q.bands = 9;
    const auto answer = asked(p, q);
    ASSERT_TRUE(answer) << answer.fault().line();
    const auto led = spectrum::white_led(4000);
    const double der = spectrum::daylight_efficacy_ratio(spectrum::Answer::melanopic, led);
    const auto& lux = column(*answer, "electric_lx_all").value[0];
    const auto& edi = column(*answer, "electric_melanopic_edi_lx_all").value[0];
    for (size_t i = 0; i < lux.size(); ++i) {
        EXPECT_NEAR(edi[i] / lux[i], der, 0.03 * der);
        EXPECT_NEAR(column(*answer, "electric_melanopic_der_all").value[0][i], der, 0.02);
    }
    // Blue walls raise it, at the same reflectance.
    p.materials[0].chroma = 30;
    p.materials[0].hue = 270;
    const auto blue = asked(p, q);
    EXPECT_GT(mean(column(*blue, "electric_melanopic_der_all").value[0]), 1.02 * der);
}

TEST(ElectricSpectrum, white_LEDs_have_the_colour_temperature_that_they_are_called_by) {
    for (const double kelvin : {2700.0, 3000.0, 4000.0, 5000.0, 6500.0}) {
        const auto found = spectrum::colour_temperature(spectrum::xyz_of_light(spectrum::white_led(kelvin)));
        ASSERT_TRUE(found);
        EXPECT_NEAR(found->kelvin, kelvin, 0.01 * kelvin);
        EXPECT_NEAR(found->duv, kelvin < 5000 ? 0 : 0.003, 0.002);
    }
    // Cooler light has more for the body clock.
    const auto der = [](double k) {
        return spectrum::daylight_efficacy_ratio(spectrum::Answer::melanopic, spectrum::white_led(k));
    };
    EXPECT_LT(der(2700), der(4000));
    EXPECT_LT(der(4000), der(6500));
    EXPECT_NEAR(der(4000), 0.62, 0.08);
}

TEST(ElectricField, as_many_as_reach_a_mean_are_the_fewest_that_do) {
    auto p = test::one_room();
    p.luminaire_types = {type_of("tern-downlight.ies", "spot")};
    const model::Room& room = p.options[0].storeys[0].rooms[0];
    const auto like = edit::next_luminaire(p.options[0], 0, "spot", {2, 3});
    int asked_most = 0;
    const auto arranged = [&](int count) {
        asked_most = std::max(asked_most, count);
        const auto [columns, rows] = edit::field_of(room, count);
        return edit::luminaire_field(like, room, columns, rows);
    };
    const auto found = enough_luminaires(p, p.options[0], "plane", 200, arranged);
    ASSERT_TRUE(found) << found.fault().line();
    EXPECT_GE(found->mean, 200);
    EXPECT_LE(found->tried, 8);
    // A field of fewer does not reach it.
    const auto mean_of = [&](const std::vector<model::Luminaire>& all) {
        auto with = p;
        with.options[0].luminaires = all;
        return mean(electric_light(Traced(with).field(), 0, std::vector<double>{1}).lux);
    };
    EXPECT_NEAR(mean_of(found->luminaires), found->mean, 0.03 * found->mean);
    for (int fewer = static_cast<int>(found->luminaires.size()) - 1; fewer > 0; --fewer)
        if (const auto less = arranged(fewer); less.size() < found->luminaires.size()) {
            EXPECT_LT(mean_of(less), 200);
            break;
        }
    // What gives no light is told.
    p.luminaire_types[0].candela.assign(p.luminaire_types[0].candela.size(), 0.0);
    EXPECT_FALSE(enough_luminaires(p, p.options[0], "plane", 200, arranged));
    EXPECT_FALSE(enough_luminaires(p, p.options[0], "nowhere", 200, arranged));
}

TEST(ElectricGlare, of_standard_rooms_goes_with_what_eyes_there_see) {
    // The same room built: 4 H by 8 H, panels a quarter of H apart, H 2 m over eyes that look along it.
    const auto panel = type_of("tern-panel.ldt", "panel");
    const auto table = ugr_of_room(panel, 4, 4, {0.7, 0.5, 0.2}, false);
    ASSERT_TRUE(table);
    model::Project p = test::one_room();
    p.materials.clear();
    for (const auto& [id, rho] : {std::pair{"white", 0.7}, {"half", 0.5}, {"dark", 0.2}}) {
        model::Material m;
        m.id = m.name = id;
        m.reflectance = rho;
        p.materials.push_back(m);
    }
    constexpr double h = 2, eye = 0.02;  // the floor lies at the eyes
    model::Option& o = p.options[0];
    model::Room& room = o.storeys[0].rooms[0];
    room.footprint = {{0, 0}, {4 * h, 0}, {4 * h, 4 * h}, {0, 4 * h}};
    room.height = h + eye;
    room.openings.clear();
    room.floor = "dark", room.walls = "half", room.ceiling = "white";
    o.types.clear();
    p.luminaire_types = {panel};
    p.luminaire_types[0].maintenance = 1;
    for (int i = 0; i < 16; ++i)
        for (int k = 0; k < 16; ++k) {
            model::Luminaire l;
            l.id = "l" + std::to_string(16 * i + k);
            l.type = "panel";
            l.storey = "ground";
            l.at = {(i + 0.5) * h / 4, (k + 0.5) * h / 4};
            l.height = h + eye - 0.01;
            o.luminaires.push_back(l);
        }
    o.observers[0].eye = {2 * h, 0.01, eye};
    o.observers[0].heading = 0;
    model::Question q;
    q.at = model::Question::At::eyes;
    const auto answer = asked(p, q);
    ASSERT_TRUE(answer) << answer.fault().line();
    // The method takes the walls' mean for what lies behind the luminaires; the eye sees walls and floor as they are.
    EXPECT_NEAR(column(*answer, "ugr_all").value[0][0], *table, 1.0);
}

namespace {

// What the room's eye sees at night, or by day.
GlareAnswer seen(const model::Project& p, const char* scene, model::PictureChoice::Of of, bool by_day = false) {
    model::Question q;
    q.id = "picture";
    q.kind = model::Question::Kind::glare;
    q.observer = "eye";
    q.scene = scene;
    q.moment = {6, 21, 12};
    q.sky.shape = model::SkyChoice::Shape::uniform;
    q.sky.amount = model::SkyChoice::Amount::illuminance;
    q.sky.diffuse = by_day ? 10000 : 0;
    q.picture.pixels = 64;
    q.picture.of = of;
    q.picture.surely = 0.4;
    q.picture.blinds = model::PictureChoice::Blinds::open;
    q.bands = 9;
    auto surfaces = geometry::build_surfaces(p, p.options[0]);
    const auto task = glare_task(p, p.options[0], q, surfaces, nullptr);
    EXPECT_TRUE(task) << task.fault().line();
    return solve_glare(*task, {0.02, 1, 0});
}

}  // namespace

TEST(ElectricPicture, gives_the_eye_what_its_place_gets_and_shows_luminaires_as_bright_as_they_are) {
    auto p = lit_room();
    const auto picture = seen(p, kAllLuminaires, model::PictureChoice::Of::luminance);
    model::Question q;
    q.at = model::Question::At::eyes;
    q.electric.blinds_closed = false;
    const auto table = asked(p, q);
    const double lux = column(*table, "electric_lx_all").value[0][0];
    EXPECT_NEAR(picture.vertical_lux, lux, 0.03 * lux);
    // The panel before the eye: intensity over area, whatever the distance.
    const model::Luminaire& l = p.options[0].luminaires[0];
    const Vec3 eye = p.options[0].observers[0].eye, way = Vec3{l.at.x, l.at.y, l.height} - eye;
    const photometry::Distribution light(p.luminaire_types[0]);
    const Vec3 away = -normalized(way);
    ASSERT_EQ(p.luminaire_types[0].depth, 0);
    const double shines = p.luminaire_types[0].size_x * p.luminaire_types[0].size_y * std::fabs(away.z);
    const double luminance = 0.8 * light.candela(away) / shines;
    const double most = static_cast<double>(*std::ranges::max_element(picture.picture.value));
    EXPECT_GT(most, 0.8 * luminance);
    EXPECT_LT(most, 1.5 * 0.8 * light.most() / 0.325);
    // The rating of the picture's sources is that of the luminaires.
    const double ugr = *metric::find_glare_index("ugr")->value(picture);
    EXPECT_NEAR(ugr, column(*table, "ugr_all").value[0][0], 2.0);
    // A scene that is not there is told; without one the night is dark.
    model::Question wrong;
    wrong.scene = "nowhere";
    wrong.kind = model::Question::Kind::glare;
    wrong.observer = "eye";
    wrong.sky.amount = model::SkyChoice::Amount::illuminance;
    wrong.sky.shape = model::SkyChoice::Shape::uniform;
    auto surfaces = geometry::build_surfaces(p, p.options[0]);
    EXPECT_FALSE(glare_task(p, p.options[0], wrong, surfaces, nullptr));
    EXPECT_NEAR(seen(p, "", model::PictureChoice::Of::luminance).vertical_lux, 0, 1e-6);
}

TEST(ElectricPicture, of_both_lights_is_the_sum_of_each) {
    const auto p = lit_room();
    const double day = seen(p, "", model::PictureChoice::Of::luminance, true).vertical_lux,
                 night = seen(p, kAllLuminaires, model::PictureChoice::Of::luminance).vertical_lux,
                 both = seen(p, kAllLuminaires, model::PictureChoice::Of::luminance, true).vertical_lux;
    EXPECT_NEAR(both, day + night, 0.03 * both);
}

TEST(ElectricPicture, by_wavelength_has_the_melanopic_light_of_its_luminaires) {
    auto p = lit_room();
    p.luminaire_types[0].kelvin = 2700;
    const auto warm = seen(p, kAllLuminaires, model::PictureChoice::Of::wavelengths);
    ASSERT_NE(warm.spectral, nullptr);
    const EyeLight light = eye_light(warm);
    const double der = spectrum::daylight_efficacy_ratio(spectrum::Answer::melanopic, spectrum::white_led(2700));
    EXPECT_NEAR(light.photopic, warm.vertical_lux, 0.04 * warm.vertical_lux);
    EXPECT_NEAR(light.melanopic / light.photopic, der, 0.03);
}

// SPDX-License-Identifier: GPL-3.0-or-later
// What a sunny moment costs beside a daylight factor of the same accuracy and beside path tracing without landings,
// what a further moment costs beside what serves them all, and what a storey's daylight factor costs beside plain path
// tracing: warmpane-bench-moments [PROJECT]. Ratios within one run; nothing is judged by the clock alone.
#include <fmt/core.h>

#include <chrono>

#include "base/parallel.h"
#include "light/replicates.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/daylight_factor.h"
#include "question/light_field.h"
#include "store/project_file.h"
#include "validation/brute.h"

using namespace wp;

namespace {

double seconds(const std::function<void()>& work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

void moments(const model::Project& project, const std::string& file) {
    const auto& option = project.options.size() > 1 ? project.options[1] : project.options[0];
    const auto question = model::question_of(project, model::Question::Kind::moment);
    const auto surfaces = geometry::build_surfaces(project, option);
    const auto planes = *question::planes_of(option, question, project.site.north);
    size_t points = 0;
    for (const auto& plane : planes) points += plane.points.size();
    const auto weather = question::weather_of(project, file);
    const auto outdoor = weather ? climate::outdoor_year(*weather) : std::vector<climate::OutdoorHour>{};
    model::SkyChoice sky;
    if (!weather) sky.amount = model::SkyChoice::Amount::place, sky.shape = model::SkyChoice::Shape::cie;
    const auto states = light::states_of(surfaces);
    question::LightField field;
    const double first = seconds([&] {
        field = question::trace_light_field(question::field_task(project, surfaces, planes, states.all[states.in(3)]),
                                            question::effort_of(question));
        question::light_at(field, *question::outdoors_at(project.site, sky, {3, 21, 12}, outdoor));
    });
    constexpr int n = 200;
    double sum = 0;
    const double further =
        seconds([&] {
            for (int i = 0; i < n; ++i)
                sum += question::light_at(
                           field, *question::outdoors_at(project.site, sky, {3, 1 + i % 31, 8 + 9.0 * i / n}, outdoor))
                           .planes[0]
                           .figures.mean;
        }) /
        n;
    const double split =
        seconds([&] {
            for (int i = 0; i < n; ++i)
                sum += question::light_at(
                           field, *question::outdoors_at(project.site, sky, {3, 1 + i % 31, 8 + 9.0 * i / n}, outdoor),
                           true)
                           .planes[0]
                           .figures.mean;
        }) /
        n;
    fmt::print(
        "{} points: first moment settled at {:.1f} % in {:.2f} s ({:.1f} million rays); a further one {:.2f} ms, split "
        "by window {:.2f} ms: {:.5f} of the first{}\n",
        points, 100 * field.record.reached, first, static_cast<double>(field.record.rays) / 1e6, 1000 * further,
        1000 * split, further / first, sum < 0 ? "!" : "");
}

// Every plane of every option at noon of 21 March under a clear sky, each to 5 %. Brute force looks for the sun from
// every place that a path meets; it is run for a while, and what its error would take to come down to ours is computed
// plane by plane.
void sunny(const model::Project& project) {
    constexpr double wanted = 0.05;
    model::SkyChoice sky;
    sky.shape = model::SkyChoice::Shape::cie;
    sky.type = 12;
    sky.amount = model::SkyChoice::Amount::place;
    for (const auto& option : project.options) {
        const auto surfaces = geometry::build_surfaces(project, option);
        const auto planes = *question::planes_of(option, model::question_of(project, model::Question::Kind::moment),
                                                 project.site.north);
        const auto states = light::states_of(surfaces);
        const auto outdoors = *question::outdoors_at(project.site, sky, {3, 21, 12}, {});
        question::DaylightFactorAnswer factor;
        const double factor_time = seconds([&] {
            factor = question::daylight_factor(surfaces, planes, {wanted, 1, 0});
        });
        std::vector<question::MomentAnswer> moment;
        const double time = seconds([&] {
            moment = question::trace_moments(question::field_task(project, surfaces, planes, states.all[states.in(3)]),
                                             {outdoors}, {wanted, 1, 0});
        });
        const light::Scene scene(surfaces, light::Blinds::open, states.all[states.in(3)]);
        constexpr uint32_t samples = 8;
        double brute = 0;
        for (size_t p = 0; p < planes.size(); ++p) {
            std::vector<double> square(planes[p].points.size(), 0.0);
            const double took = seconds([&] {
                parallel_for(planes[p].points.size(), [&](size_t i) {
                    std::array<double, light::kReplicates> sums{};
                    for (uint32_t r = 0; r < light::kReplicates; ++r)
                        sums[r] = validation::brute_sum(scene, outdoors.sky_and_sun, planes[p].points[i],
                                                        planes[p].normal, planes[p].space, samples,
                                                        light::replicate_seed(9, static_cast<uint32_t>(i), r));
                    square[i] = std::pow(light::estimate(sums, samples).half_width(), 2);
                });
            });
            double sum = 0;
            for (const double v : square) sum += v;
            const double error = std::sqrt(sum / static_cast<double>(square.size())) / moment[0].planes[p].figures.mean;
            brute += took * std::pow(error / std::max(moment[0].planes[p].reached, 1e-9), 2);
        }
        fmt::print(
            "{}: sunny moment {:.2f} s, {:.1f} million rays, \u00b1 {:.1f} %; daylight factor {:.2f} s, {:.1f} million "
            "rays: {:.2f} times; brute force to the same errors {:.1f} s: {:.0f} times\n",
            option.id, time, static_cast<double>(moment[0].record.rays) / 1e6, 100 * moment[0].record.reached,
            factor_time, static_cast<double>(factor.record.rays) / 1e6, time / factor_time, brute, brute / time);
    }
}

// Ten rooms of 4 x 6 m in two rows, each with a window.
model::Project ten_rooms() {
    model::Project p;
    p.site.latitude = 50;
    model::Material grey, pane;
    grey.id = "grey";
    grey.reflectance = 0.5;
    pane.id = "pane";
    pane.kind = model::Material::Kind::glazing;
    pane.transmittance = 0.75;
    pane.panes = 2;
    p.materials = {grey, pane};
    model::Option option;
    option.id = option.name = "a";
    for (const auto part : {model::Part::floor, model::Part::wall, model::Part::ceiling, model::Part::reveal,
                            model::Part::facade, model::Part::roof, model::Part::frame})
        option.types[part] = "grey";
    option.types[model::Part::glazing] = "pane";
    option.storeys = {model::new_storey("g", "Ground", 0)};
    for (int i = 0; i < 10; ++i) {
        const double x = 4 * (i % 5), y = i < 5 ? 0 : 6;
        model::Room room;
        room.id = "r" + std::to_string(i);
        room.footprint = {{x, y}, {x + 4, y}, {x + 4, y + 6}, {x, y + 6}};
        model::Opening window;
        window.id = "w" + std::to_string(i);
        window.edge = i < 5 ? 0 : 2;
        window.along = 1;
        window.width = 2;
        window.height = 1.5;
        room.openings = {window};
        option.storeys[0].rooms.push_back(room);
        model::ReferencePlane plane;
        plane.id = "p" + std::to_string(i);
        plane.room = room.id;
        option.planes.push_back(plane);
    }
    p.options = {option};
    return p;
}

void storey() {
    const auto project = ten_rooms();
    const auto surfaces = geometry::build_surfaces(project, project.options[0]);
    const auto planes = *question::planes_of(project.options[0], {});
    constexpr double wanted = 0.02;
    question::DaylightFactorAnswer ours, plain;
    const double time = seconds([&] { ours = question::daylight_factor(surfaces, planes, {wanted, 1, 0}); });
    question::DaylightFactorSetup setup;
    setup.guidance = light::Guidance::by_cosine;
    setup.low_discrepancy = false;
    setup.fixed_samples = 128;
    const double plain_time = seconds([&] {
        plain = question::daylight_factor(surfaces, planes, {wanted, 1, 0}, {}, {}, setup);
    });
    // Plain samples err by the root of their number: what the error wanted would take.
    const double more = std::pow(plain.record.reached / wanted, 2);
    fmt::print(
        "Ten rooms, daylight factor: ours \u00b1 {:.2f} % in {:.2f} s, {:.2f} million rays. Plain cosine-weighted "
        "tracing \u00b1 {:.1f} % in {:.2f} s, {:.1f} million rays; "
        "to \u00b1 2 % it would take {:.1f} times our time and {:.1f} times our rays\n",
        100 * ours.record.reached, time, static_cast<double>(ours.record.rays) / 1e6, 100 * plain.record.reached,
        plain_time, static_cast<double>(plain.record.rays) / 1e6, plain_time * more / time,
        static_cast<double>(plain.record.rays) * more / static_cast<double>(ours.record.rays));
}

}  // namespace

int main(int argc, char** argv) {
    const std::string file = argc > 1 ? argv[1] : "demo/tern-quay.warmpane";
    const auto project = store::read_project(file);
    if (!project) {
        fmt::print(stderr, "{}\n", project.fault().line());
        return 3;
    }
    sunny(*project);
    moments(*project, file);
    storey();
}

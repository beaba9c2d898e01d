// SPDX-License-Identifier: GPL-3.0-or-later
// What a picture costs beside plain path tracing from the eye, how soon its first look is there, and what it settles
// to: warmpane-bench-pictures PROJECT [OPTION [OBSERVER]]. Ratios within one run; nothing is judged by the clock alone.
#include <fmt/core.h>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <mutex>

#include "base/parallel.h"
#include "light/path.h"
#include "light/picture.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/glare.h"
#include "store/project_file.h"

using namespace wp;

namespace {

constexpr int kAcross = 512;
constexpr size_t kPixels = 128;  // that ways are compared in
constexpr uint32_t kPaths = 65536;
constexpr double kWanted = 0.05;

double now() { return std::chrono::duration<double>(std::chrono::steady_clock::now().time_since_epoch()).count(); }

// Paths of their own for every pixel; the sun where they happen to be lit by it; panes passed or met as mirrors by
// chance.
struct PlainSink {
    const light::Scene& scene;
    const light::Daylight& daylight;
    light::Tally& tally;
    double sum = 0;

    void sky(Vec3f d, float weight, const light::Trail&) {
        sum += static_cast<double>(weight) * daylight.sky.luminance(d.as<double>());
    }
    void ground(float weight, const light::Trail&) { sum += static_cast<double>(weight) * daylight.ground_luminance; }
    void vertex(const light::LitPlace& place, float weight, const light::Trail&, random::Stream&) {
        const Vec3f sun = daylight.sun.as<float>();
        const float cosine = dot(sun, place.normal);
        if (daylight.sun_lux <= 0 || cosine <= 0) return;
        ++tally.rays;
        sum += static_cast<double>(weight * cosine * scene.beam(place.at, sun).share *
                                   light::veil_share(scene, place.veil, sun)) *
               daylight.sun_lux;
    }
};

double middle(std::vector<double> all) {
    if (all.empty()) return 0;
    const auto at = all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2);
    std::nth_element(all.begin(), at, all.end());
    return *at;
}

struct Cost {
    double seconds = 0, rays = 0, error = 0;
};

// Pixels that dice draw, as plain paths see them, very surely; and what a whole picture by such paths would cost.
struct Plain {
    std::vector<size_t> pixels;
    std::vector<double> should;
    double unsure = 0;  // standard error in the middle of the order, as a share
    Cost to_wanted;
};

Plain plain(const light::PictureTask& task) {
    Plain out;
    const auto wide = static_cast<uint32_t>(task.lens.width);
    const auto weights = light::field_weights(task.lens);
    const auto in_picture = static_cast<double>(std::ranges::count_if(weights, [](double w) { return w > 0; }));
    for (uint32_t k = 0; out.pixels.size() < kPixels; ++k) {
        const size_t at = random::hash(4711, k) % (wide * wide);
        if (weights[at] > 0) out.pixels.push_back(at);
    }
    std::vector<double> error(kPixels), spread(kPixels);
    out.should.resize(kPixels);
    light::Tally all;
    std::mutex mutex;
    const double start = now();
    parallel_for(kPixels, [&](size_t i) {
        light::Tally tally;
        PlainSink sink{*task.scene, task.daylight, tally};
        light::Tracer<random::Stream, PlainSink> tracer(*task.scene, sink, light::Guidance::openings);
        double sum = 0, square = 0;
        for (uint32_t n = 0; n < kPaths; ++n) {
            random::Stream stream(random::hash(task.seed ^ 0x77u, static_cast<uint32_t>(out.pixels[i])), n);
            const auto place = stream.next();
            const auto ray = light::ray_at(task.lens, task.pose,
                                           {static_cast<double>(out.pixels[i] % wide) + static_cast<double>(place.u),
                                            static_cast<double>(out.pixels[i] / wide) + static_cast<double>(place.v)});
            if (!ray) continue;
            sink.sum = 0;
            tracer.from_ray(ray->from.as<float>(), ray->along.as<float>(), 1, stream, false);
            sum += sink.sum, square += sink.sum * sink.sum;
        }
        const double mean = sum / kPaths;
        out.should[i] = mean;
        spread[i] = mean > 0 ? std::sqrt(std::max(0.0, square / kPaths - mean * mean)) / mean : 0;
        error[i] = spread[i] / std::sqrt(static_cast<double>(kPaths));
        tally += tracer.tally();
        const std::lock_guard lock(mutex);
        all += tally;
    });
    out.unsure = middle(error);
    // Half of all throws of a bell curve err by less than 0.6745 standard errors.
    const double paths = std::pow(0.6745 * middle(spread) / kWanted, 2);
    const double times = paths / kPaths * in_picture / static_cast<double>(kPixels);
    out.to_wanted = {(now() - start) * times, static_cast<double>(all.rays) * times, kWanted};
    return out;
}

double error_of(const light::Picture& picture, const Plain& should) {
    std::vector<double> all;
    for (size_t i = 0; i < should.pixels.size(); ++i)
        if (should.should[i] > 0)
            all.push_back(std::fabs(static_cast<double>(picture.value[should.pixels[i]]) / should.should[i] - 1));
    return middle(all);
}

void tell(const char* what, const Cost& cost) {
    // What was stopped at another error than wanted would have taken so much more or less.
    const double times = std::pow(cost.error / kWanted, 2);
    fmt::print("  {:<6} to {:.1f} % in the middle; to 5 %: {:.1f} s, {:.0f} million rays\n", what, 100 * cost.error,
               cost.seconds * times, cost.rays * times / 1e6);
    std::fflush(stdout);
}

void compare(const model::Project& project, const model::Option& option, const climate::WeatherYear& weather,
             const geometry::Surfaces& surfaces, model::Question question, const climate::Moment& moment) {
    question.moment = moment;
    auto own = surfaces;
    const auto glare = question::glare_task(project, option, question, own, &weather);
    if (!glare) return fmt::print("{}\n", glare.fault().line());
    const auto states = light::states_of(surfaces);
    const auto& state = states.all[states.in(moment.month)];
    const light::Scene scene(
        surfaces, glare->blinds.layers.empty() ? light::layers_of(surfaces, light::Blinds::open) : glare->blinds.layers,
        state);
    light::PictureTask task;
    task.scene = &scene;
    task.lens.width = task.lens.height = kAcross;
    task.pose = question::pose_of(glare->observer, task.lens);
    task.daylight = question::daylight_of(glare->outdoors.sky_and_sun);
    const bool sunny = task.daylight.sun_lux > 0;
    fmt::print("{} {} at {}: sun {:.0f} lx\n", moment.day, moment.month, moment.hour,
               sunny ? task.daylight.sun_lux : 0.0);
    std::fflush(stdout);
    const Plain should = plain(task);
    fmt::print("  {} pixels by {} plain paths each: within {:.1f} %\n", kPixels, kPaths, 100 * should.unsure);
    tell("plain", should.to_wanted);
    Cost ours;
    task.pixel_accuracy = 0.02;
    double first = 0;
    const double start = now();
    const Cancel enough;
    light::trace_picture(task, enough, [&](const light::Picture& picture) {
        if (picture.samples == 0) return;
        ours = {now() - start, static_cast<double>(picture.tally.rays), error_of(picture, should)};
        fmt::print("    {} samples, {:.0f} million rays, {:.1f} s: {:.1f} % off, thought {:.1f} %\n", picture.samples,
                   ours.rays / 1e6, ours.seconds, 100 * ours.error,
                   100 * 0.6745 * picture.pixel_half_width / light::Picture::kStudent);
        std::fflush(stdout);
        if (ours.error <= kWanted) enough.request();
    });
    tell("here", ours);
    const double times = std::pow(ours.error / kWanted, 2);
    fmt::print("  1/{:.1f} of the rays, 1/{:.1f} of the time\n", should.to_wanted.rays / (ours.rays * times),
               should.to_wanted.seconds / (ours.seconds * times));
    task.pixel_accuracy = light::PictureTask().pixel_accuracy;
    const double begun = now();
    const auto large = light::trace_picture(task, {}, [&](const light::Picture&) {
        if (first == 0) first = now() - begun;
    });
    const double settled = now() - begun;
    fmt::print(
        "  512 pixels: first look after {:.2f} s, settled after {:.2f} s (1/{:.0f}); {} samples at least, field within "
        "{:.2f} %, pixels within {:.1f} %\n",
        first, settled, settled / first, large.samples, 100 * large.relative_half_width, 100 * large.pixel_half_width);
    task.lens.width = task.lens.height = 4096;
    const Cancel after_first;
    const double asked = now();
    light::trace_picture(task, after_first, [&](const light::Picture&) {
        if (!after_first.requested()) fmt::print("  4096 pixels: first look after {:.2f} s\n", now() - asked);
        after_first.request();
    });
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) return std::fputs("usage: warmpane-bench-pictures PROJECT [OPTION [OBSERVER]]\n", stderr), 2;
    const auto project = store::read_project(argv[1]);
    if (!project) return std::fputs((project.fault().line() + "\n").c_str(), stderr), 1;
    const auto weather = question::weather_of(*project, argv[1]);
    if (!weather) return std::fputs((weather.fault().line() + "\n").c_str(), stderr), 1;
    const auto& option = project->options[argc > 2 ? static_cast<size_t>(std::atoi(argv[2])) : 0];
    auto question = model::question_of(*project, model::Question::Kind::glare);
    if (argc > 3) question.observer = argv[3];
    if (question.observer.empty() && !option.observers.empty()) question.observer = option.observers[0].id;
    const auto surfaces = geometry::build_surfaces(*project, option);
    const auto outdoor = climate::outdoor_year(*weather);
    // The sunniest hour of February, and its dullest noon.
    climate::Moment sunny{2, 1, 12}, dull{2, 1, 12};
    double most = -1, least = 1e9;
    for (int day = 1; day <= 28; ++day)
        for (int hour = 9; hour <= 15; ++hour) {
            const climate::Moment m{2, day, hour + 0.5};
            const double sun = question::outdoors_at(project->site, {}, m, outdoor)->direct_lux();
            if (sun > most) most = sun, sunny = m;
            if (hour == 12 && sun < least) least = sun, dull = m;
        }
    compare(*project, option, *weather, surfaces, question, sunny);
    compare(*project, option, *weather, surfaces, question, dull);
    return 0;
}

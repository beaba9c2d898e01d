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

constexpr int kAcross = 40;  // pixels, where ways are compared
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

double error_in_the_middle(const std::vector<float>& is, const std::vector<float>& should) {
    std::vector<double> all;
    for (size_t at = 0; at < is.size(); ++at)
        if (should[at] > 0) all.push_back(std::fabs(static_cast<double>(is[at] / should[at]) - 1));
    std::nth_element(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2), all.end());
    return all.empty() ? 0 : all[all.size() / 2];
}

struct Cost {
    double seconds = 0, rays = 0, error = 0;
};

// Until the pixel in the middle of the order is wrong by what is wanted, or four times the samples would be wanted:
// then by the square root.
Cost plain(const light::PictureTask& task, const std::vector<float>& should) {
    const auto pixels = should.size();
    std::vector<double> sums(pixels, 0.0);
    std::vector<float> value(pixels);
    light::Tally all;
    std::mutex mutex;
    const double start = now();
    Cost out;
    for (uint32_t done = 0, target = 16; target <= 4096; done = target, target *= 2) {
        parallel_for(static_cast<size_t>(task.lens.height), [&](size_t y) {
            light::Tally tally;
            PlainSink sink{*task.scene, task.daylight, tally};
            light::Tracer<random::Stream, PlainSink> tracer(*task.scene, sink, light::Guidance::openings);
            for (size_t x = 0; x < static_cast<size_t>(task.lens.width); ++x) {
                const size_t at = y * static_cast<size_t>(task.lens.width) + x;
                for (uint32_t i = done; i < target; ++i) {
                    random::Stream stream(random::hash(task.seed, static_cast<uint32_t>(at)), i);
                    const auto place = stream.next();
                    const auto ray = light::ray_at(task.lens, task.pose,
                                                   {static_cast<double>(x) + static_cast<double>(place.u),
                                                    static_cast<double>(y) + static_cast<double>(place.v)});
                    if (!ray) continue;
                    sink.sum = 0;
                    tracer.from_ray(ray->from.as<float>(), ray->along.as<float>(), 1, stream, false);
                    sums[at] += sink.sum;
                }
                value[at] = static_cast<float>(sums[at] / target);
            }
            tally += tracer.tally();
            const std::lock_guard lock(mutex);
            all += tally;
        });
        out = {now() - start, static_cast<double>(all.rays), error_in_the_middle(value, should)};
        if (out.error <= kWanted) break;
    }
    return out;
}

void tell(const char* what, const Cost& cost) {
    // What was stopped at another error than wanted would have taken so much more or less.
    const double times = std::pow(cost.error / kWanted, 2);
    fmt::print(
        "  {:<8} {:>7.2f} s, {:>6.2f} million rays, error in the middle {:.1f} %; to 5 %: {:.2f} s, {:.2f} million\n",
        what, cost.seconds, cost.rays / 1e6, 100 * cost.error, cost.seconds * times, cost.rays * times / 1e6);
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
    light::PictureTask sure = task;
    sure.seed = 77;
    sure.accuracy = 0.003;
    sure.pixel_accuracy = 0.08;
    const auto should = light::trace_picture(sure).value;
    const bool sunny = task.daylight.sun_lux > 0;
    fmt::print("{} {} at {}: sun {:.0f} lx\n", moment.day, moment.month, moment.hour,
               sunny ? task.daylight.sun_lux : 0.0);
    std::fflush(stdout);
    tell("plain", plain(task, should));
    std::fflush(stdout);
    Cost ours;
    task.pixel_accuracy = 0.15;
    double first = 0;
    const double start = now();
    light::trace_picture(task, {}, [&](const light::Picture& picture) {
        if (picture.samples == 0 || (ours.error > 0 && ours.error <= kWanted)) return;
        ours = {now() - start, static_cast<double>(picture.tally.rays), error_in_the_middle(picture.value, should)};
    });
    tell("here", ours);
    task.pixel_accuracy = light::PictureTask().pixel_accuracy;
    task.lens.width = task.lens.height = 512;
    const double begun = now();
    const auto large = light::trace_picture(task, {}, [&](const light::Picture&) {
        if (first == 0) first = now() - begun;
    });
    const double settled = now() - begun;
    fmt::print(
        "  512 pixels: first look after {:.2f} s, settled after {:.2f} s (1/{:.0f}); {} samples at least, field within "
        "{:.2f} %, pixels within {:.1f} %\n",
        first, settled, settled / first, large.samples, 100 * large.relative_half_width, 100 * large.pixel_half_width);
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

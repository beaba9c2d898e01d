// SPDX-License-Identifier: GPL-3.0-or-later
// What a year costs beside other things, in one run: warmpane-bench-year PROJECT [OPTION]. Ratios only; nothing is
// judged by the clock alone. warmpane-bench-year PROJECT OPTION MOST tells instead how time and memory grow from a
// thousand points to that many (say 100000: a quarter of an hour).
#include <embree3/rtcore.h>
#include <fmt/core.h>
#include <sys/resource.h>
#include <x86intrin.h>

#include <chrono>
#include <cmath>
#include <cstdlib>

#include "base/parallel.h"
#include "figure/year_rooms.h"
#include "light/replicates.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/ask_year.h"
#include "question/daylight_factor.h"
#include "store/answers.h"
#include "store/project_file.h"
#include "validation/brute.h"

namespace {
thread_local uint64_t g_kernel = 0;
thread_local bool g_watch = false;
}  // namespace

// Every ray passes this bench on its way to the kernel. What the engine itself does within - holes, panes - counts as
// kernel.
extern "C" void __real_rtcIntersect1(RTCScene, RTCIntersectContext*, RTCRayHit*);
extern "C" void __wrap_rtcIntersect1(RTCScene scene, RTCIntersectContext* context, RTCRayHit* ray) {
    if (!g_watch) return __real_rtcIntersect1(scene, context, ray);
    const uint64_t start = __rdtsc();
    __real_rtcIntersect1(scene, context, ray);
    g_kernel += __rdtsc() - start;
}
extern "C" void __real_rtcOccluded1(RTCScene, RTCIntersectContext*, RTCRay*);
extern "C" void __wrap_rtcOccluded1(RTCScene scene, RTCIntersectContext* context, RTCRay* ray) {
    if (!g_watch) return __real_rtcOccluded1(scene, context, ray);
    const uint64_t start = __rdtsc();
    __real_rtcOccluded1(scene, context, ray);
    g_kernel += __rdtsc() - start;
}

namespace {

using namespace wp;
using question::Operation;

double seconds(const std::function<void()>& work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

struct Desk {
    model::Project project;
    const model::Option* option;
    model::Question question;
    climate::WeatherYear weather;
    question::YearScene scene;
    size_t points = 0;
};

// Everything that a user of one option asks of a year.
double compute(const question::YearAnswer& year, const question::YearUse& use) {
    double sum = 0;
    for (size_t p = 0; p < year.planes.size(); ++p)
        for (const auto& f : figure::room_figures(year, p, use.limits, use.hours[p], use.operation)) sum += f.value;
    return sum;
}

void kernels(const Desk& d) {
    double share = 0;
    with_threads(1, [&] {
        g_watch = true;
        const uint64_t start = __rdtsc();
        const auto light = question::trace_year_light(d.scene.task(), {0.2, 1, 1});
        share = static_cast<double>(g_kernel) / static_cast<double>(__rdtsc() - start);
        g_watch = false;
        fmt::print("Ray kernels: {:.2f} of the time of tracing, {:.1f} million rays, one thread\n", share,
                   static_cast<double>(light.record.rays) / 1e6);
    });
}

struct Full {
    std::shared_ptr<const question::YearLight> light;
    question::YearAnswer year;
    double trace = 0, all = 0;
};

Full full_year(const Desk& d, const question::YearUse& use) {
    Full out;
    out.trace = seconds([&] {
        out.light = std::make_shared<const question::YearLight>(
            question::trace_year_light(d.scene.task(), {d.question.accuracy, 1, 0}));
    });
    double sum = 0;
    out.all = out.trace + seconds([&] {
                  out.year = question::ask_year(d.scene, d.weather, {d.question.accuracy, 1, 0}, {out.light, {}});
                  sum = compute(out.year, use);
              });
    const double factor = seconds([&] {
        question::daylight_factor(d.scene.surfaces, d.scene.planes, {d.question.accuracy, 1, 0});
    });
    fmt::print(
        "Year of {} points at {:.0f} %: {:.1f} s, of it {:.1f} s tracing ({:.1f} million rays, {} states of blinds, {} "
        "of trees and ground); daylight factor at the same {:.1f} s: {:.1f} times{}\n",
        d.points, 100 * d.question.accuracy, out.all, out.trace, static_cast<double>(out.light->record.rays) / 1e6,
        out.light->layers.size(), out.light->states.all.size(), factor, out.all / factor, sum < 0 ? "!" : "");
    return out;
}

// Hours one by one to the same error of a plane, each with its own sky and sun; of all lit hours some, evenly.
void brute_force(const Desk& d, const Full& full) {
    const auto& sky = *full.year.inputs()->sky;
    const light::Scene scene(d.scene.surfaces);
    constexpr size_t some = 24;
    double spent = 0;
    for (size_t k = 0; k < some; ++k) {
        const auto h = static_cast<size_t>(sky.hours[(2 * k + 1) * sky.hours.size() / (2 * some)]);
        const question::SkyAndSun sky_and_sun =
            validation::sky_and_sun_of(full.year.outdoor[h], d.project.site.ground_reflectance);
        for (size_t plane = 0; plane < d.scene.planes.size(); ++plane) {
            const auto& points = d.scene.planes[plane];
            const auto hour = full.year.hour(plane, static_cast<int>(h), Operation::open);
            double wanted = 0, mean = 0;
            for (size_t i = 0; i < points.points.size(); ++i)
                wanted += hour.half_width[i] * hour.half_width[i], mean += hour.lux[i];
            if (mean <= 0) continue;
            spent += seconds([&] {
                std::vector<double> sums(points.points.size() * light::kReplicates, 0.0);
                for (light::Round round{0, 1};; round = round.next()) {
                    std::vector<double> square(points.points.size());
                    parallel_for(points.points.size(), [&](size_t i) {
                        for (uint32_t r = 0; r < light::kReplicates; ++r)
                            sums[i * light::kReplicates + r] += validation::brute_sum(
                                scene, sky_and_sun, points.points[i], points.normal, points.space,
                                round.end - round.begin, light::replicate_seed(round.end, static_cast<uint32_t>(i), r));
                        const auto e = light::estimate({&sums[i * light::kReplicates], light::kReplicates}, round.end);
                        square[i] = e.half_width() * e.half_width();
                    });
                    double reached = 0;
                    for (const double s : square) reached += s;
                    if (reached <= wanted || round.end >= 4096) break;
                }
            });
        }
    }
    const double year = spent / some * static_cast<double>(sky.hours.size());
    fmt::print(
        "Path tracing hour by hour to the error each hour has here, blinds open only: {:.0f} s for {} lit hours ({} "
        "measured): {:.0f} times the year\n",
        year, sky.hours.size(), some, year / full.trace);
}

void changes(const Desk& d, const Full& full, question::YearUse use) {
    const auto say = [&](const char* what, double s) {
        fmt::print("{}: {:.1f} ms, {:.5f} of the year\n", what, 1000 * s, s / full.all);
    };
    compute(full.year, use);
    for (auto& hours : use.hours) hours = model::clock_hours({}, 9, 17);
    say("Other hours", seconds([&] { compute(full.year, use); }));
    use.limits.target = 500;
    say("Another target", seconds([&] { compute(full.year, use); }));
    const question::YearKnown known(full.year);
    Desk other = d;
    for (auto& glass : other.scene.surfaces.glazings) glass.transmittance *= 0.8;
    question::YearAnswer answer;
    say("Other glass, light of all planes and hours", seconds([&] {
            answer = question::ask_year(other.scene, other.weather, {d.question.accuracy, 1, 0}, known);
            for (size_t p = 0; p < answer.planes.size(); ++p)
                for (size_t k = 0; k < answer.parts(p); ++k) answer.lux_part(p, k, Operation::control);
        }));
    say("Other glass, every figure of every room", seconds([&] { compute(answer, use); }));
    other = d;
    for (auto& group : other.scene.groups)
        group.control.kind = model::BlindControl::Kind::window_irradiance, group.control.limit = 200;
    say("Another control, light of all planes and hours", seconds([&] {
            answer = question::ask_year(other.scene, other.weather, {d.question.accuracy, 1, 0}, known);
            for (size_t p = 0; p < answer.planes.size(); ++p)
                for (size_t k = 0; k < answer.parts(p); ++k) answer.lux_part(p, k, Operation::control);
        }));
}

void threads(const Desk& d) {
    const double two = seconds([&] { question::trace_year_light(d.scene.task(), {0.2, 1, 2}); });
    const double one = seconds([&] { question::trace_year_light(d.scene.task(), {0.2, 1, 1}); });
    fmt::print("Tracing with one thread over two: {:.2f}\n", one / two);
}

double megabytes() {
    rusage usage{};
    getrusage(RUSAGE_SELF, &usage);
    return static_cast<double>(usage.ru_maxrss) / 1024;
}

// The same rooms with finer and finer cells.
void growth(const Desk& d, size_t most) {
    double before = 0, each = 0;
    for (size_t wanted = 1000; wanted <= most; wanted *= 10) {
        Desk fine = d;
        for (auto& option : fine.project.options)
            for (auto& plane : option.planes)
                plane.spacing *= std::sqrt(static_cast<double>(d.points) / static_cast<double>(wanted));
        fine.option = model::find(fine.project.options, d.option->id);
        fine.scene = *question::year_scene(fine.project, *fine.option, fine.question, fine.weather);
        size_t points = 0;
        for (const auto& p : fine.scene.planes) points += p.points.size();
        const auto folder = std::filesystem::temp_directory_path() / "warmpane-bench-year.answers";
        std::filesystem::remove(folder);
        double sum = 0, bytes = 0;
        const double spent = seconds([&] {
            auto answers = store::Answers::open(folder);
            std::optional<store::JobCache> cache;
            if (answers) cache.emplace(*answers);
            const question::YearUse use =
                question::year_use(fine.project, *fine.option, fine.question, fine.scene.planes);
            const auto year =
                question::ask_year(fine.scene, fine.weather, {0.5, 1, 0}, {}, {}, {}, cache ? cache->cache() : Cache{});
            sum = compute(year, use);
        });
        if (std::filesystem::exists(folder)) bytes = static_cast<double>(std::filesystem::file_size(folder));
        std::filesystem::remove(folder);
        each = spent / static_cast<double>(points);
        fmt::print(
            "{} points at 50 %: {:.1f} s, {:.2f} ms a point{}; at most {:.0f} MB of memory, {:.0f} MB on disk{}\n",
            points, spent, 1000 * each, before > 0 ? fmt::format(" ({:.2f} of the row before)", each / before) : "",
            megabytes(), bytes / 1e6, sum < 0 ? "!" : "");
        before = each;
    }
}

}  // namespace

int main(int count, char** arguments) {
    if (count < 2) {
        fmt::print(stderr, "warmpane-bench-year PROJECT [OPTION [MOST POINTS]]\n");
        return 2;
    }
    auto project = store::read_project(arguments[1]);
    if (!project) {
        fmt::print(stderr, "{}\n", project.fault().line());
        return 3;
    }
    const auto weather = question::weather_of(*project, arguments[1]);
    if (!weather) {
        fmt::print(stderr, "{}\n", weather.fault().line());
        return 3;
    }
    Desk d{*project, nullptr, model::question_of(*project, model::Question::Kind::year), *weather, {}, 0};
    d.option = count > 2 ? model::find(d.project.options, arguments[2]) : &d.project.options.back();
    if (d.option == nullptr) {
        fmt::print(stderr, "no such option\n");
        return 2;
    }
    auto scene = question::year_scene(d.project, *d.option, d.question, d.weather);
    if (!scene) {
        fmt::print(stderr, "{}\n", scene.fault().line());
        return 3;
    }
    d.scene = std::move(*scene);
    for (const auto& p : d.scene.planes) d.points += p.points.size();
    const question::YearUse use = question::year_use(d.project, *d.option, d.question, d.scene.planes);
    setlinebuf(stdout);
    if (count > 3) {
        growth(d, static_cast<size_t>(std::atol(arguments[3])));
        return 0;
    }
    kernels(d);
    const Full full = full_year(d, use);
    brute_force(d, full);
    changes(d, full, use);
    threads(d);
}

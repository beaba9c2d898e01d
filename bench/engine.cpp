// SPDX-License-Identifier: GPL-3.0-or-later
// Ratios of the engine, in one run: warmpane-bench-engine PROJECT. Times are of one thread, medians of rounds in turn.
#include <fmt/core.h>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <vector>

#include "light/path.h"
#include "light/ray_context.h"
#include "light/replicates.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/daylight_factor.h"
#include "store/project_file.h"

namespace {

struct Ray {
    RTCRayHit ray;
    wp::light::RayContext context;
};
std::vector<Ray>* g_record = nullptr;

double seconds_since(std::chrono::steady_clock::time_point start) {
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

double median(std::vector<double> v) {
    std::sort(v.begin(), v.end());
    return v[v.size() / 2];
}

}  // namespace

extern "C" void __real_rtcIntersect1(RTCScene, RTCIntersectContext*, RTCRayHit*);
extern "C" void __wrap_rtcIntersect1(RTCScene scene, RTCIntersectContext* context, RTCRayHit* ray) {
    if (g_record != nullptr) {
        auto own = *reinterpret_cast<wp::light::RayContext*>(context);
        own.passed = nullptr;  // what it points to is gone when the ray is cast again
        g_record->push_back({*ray, own});
    }
    __real_rtcIntersect1(scene, context, ray);
}

namespace {
using namespace wp;

struct FluxSink {
    climate::Sky source = climate::Sky::cie(16, 1, {0, 0, 1});
    double sum = 0;
    void sky(Vec3f d, float w, const light::Trail&) {
        sum += static_cast<double>(w) * source.luminance(d.as<double>());
    }
    void ground(float w, const light::Trail&) { sum += static_cast<double>(w); }
};

uint64_t trace_some(const light::Scene& scene, const geometry::PlanePoints& plane, uint32_t samples) {
    FluxSink sink;
    light::Tracer<random::Stream, FluxSink> tracer(scene, sink, light::Guidance::openings);
    for (size_t p = 0; p < plane.points.size(); ++p)
        for (uint32_t i = 0; i < samples; ++i)
            tracer.from_point(plane.points[p].as<float>(), {0, 0, 1}, plane.space, 1,
                              random::Stream(static_cast<uint32_t>(p), i));
    return tracer.tally().rays;
}

void rays_over_kernel(const geometry::Surfaces& surfaces, const geometry::PlanePoints& plane) {
    const light::Scene scene(surfaces);
    std::vector<Ray> rays;
    g_record = &rays;
    trace_some(scene, plane, 8);
    g_record = nullptr;
    std::vector<double> ours, kernel;
    for (int round = 0; round < 9; ++round) {
        auto start = std::chrono::steady_clock::now();
        const auto n = trace_some(scene, plane, 8);
        ours.push_back(static_cast<double>(n) / seconds_since(start));
        start = std::chrono::steady_clock::now();
        for (const Ray& one : rays) {
            Ray copy = one;
            __real_rtcIntersect1(scene.kernel(), &copy.context.base, &copy.ray);
        }
        kernel.push_back(static_cast<double>(rays.size()) / seconds_since(start));
    }
    fmt::print("rays per second: engine {:.2f} million, kernel alone on the same rays {:.2f} million, ratio {:.2f}\n",
               median(ours) / 1e6, median(kernel) / 1e6, median(ours) / median(kernel));
}

// Cost: rays (or seconds) times squared relative error; the ratio of two costs is the ratio of the work to a given
// error.
struct Cost {
    double seconds, rays;
};
Cost cost(const geometry::Surfaces& surfaces, const geometry::PlanePoints& plane,
          const question::DaylightFactorSetup& setup) {
    const auto answer = question::daylight_factor(surfaces, {plane}, {0.02, 1, 1}, {}, {}, setup);
    double square = 0;
    for (const double h : answer.planes[0].half_width) square += std::pow(h / light::kStudent95, 2);
    square /= static_cast<double>(answer.planes[0].value.size()) * std::pow(answer.planes[0].figures.mean, 2);
    return {answer.record.seconds * square, static_cast<double>(answer.record.rays) * square};
}

void cost_over_plain(const geometry::Surfaces& surfaces, const geometry::PlanePoints& plane, const char* name) {
    question::DaylightFactorSetup guided, plain, unguided;
    plain.guidance = unguided.guidance = light::Guidance::by_cosine;
    plain.low_discrepancy = false;
    guided.fixed_samples = 256;
    plain.fixed_samples = unguided.fixed_samples = 1024;
    const Cost a = cost(surfaces, plane, guided), b = cost(surfaces, plane, plain), c = cost(surfaces, plane, unguided);
    fmt::print(
        "{}: work to a given error, plain cosine-weighted over ours: {:.1f} in time, {:.1f} in rays (low-discrepancy "
        "points alone: {:.1f} in rays)\n",
        name, b.seconds / a.seconds, b.rays / a.rays, b.rays / c.rays);
}

void first_map(const model::Project& project, const model::Option& option) {
    question::Effort effort = question::effort_of(project.questions[0]);
    const auto start = std::chrono::steady_clock::now();
    const auto surfaces = geometry::build_surfaces(project, option);
    const auto planes = *question::planes_of(option, project.questions[0]);
    double first = 0;
    const auto answer = question::daylight_factor(surfaces, planes, effort, {}, [&](const auto&) {
        if (first == 0) first = seconds_since(start);
    });
    const double settled = seconds_since(start);
    fmt::print(
        "{}: first map after {:.3f} s, settled (+-{:.1f} %) after {:.2f} s, ratio 1/{:.0f}; {:.1f} million rays\n",
        option.name, first, 100 * answer.record.reached, settled, settled / first,
        static_cast<double>(answer.record.rays) / 1e6);
}

model::Project side_lit_room() {
    model::Project p;
    model::Material grey, pane;
    grey.id = "grey";
    grey.reflectance = 0.5;
    pane.id = "pane";
    pane.kind = model::Material::Kind::glazing;
    pane.transmittance = 0.8;
    p.materials = {grey, pane};
    model::Opening window;
    window.id = "w";
    window.along = 1;
    window.width = 2;
    window.height = 1.5;
    window.sill = 1;
    window.glazing = "pane";
    model::Room room;
    room.id = "room";
    room.footprint = {{0, 0}, {4, 0}, {4, 6}, {0, 6}};
    room.floor = room.walls = room.ceiling = "grey";
    room.openings = {window};
    model::Option option;
    option.id = "a";
    option.name = "Side-lit room, 4 x 6 x 3 m, one window";
    option.types = {{model::Part::reveal, "grey"}, {model::Part::facade, "grey"}, {model::Part::roof, "grey"}};
    option.storeys = {model::new_storey("ground", "Ground", 0)};
    option.storeys[0].rooms = {room};
    model::ReferencePlane plane;
    plane.id = "plane";
    plane.room = "room";
    option.planes = {plane};
    p.options = {option};
    model::Question q;
    q.accuracy = 0.05;
    p.questions = {q};
    return p;
}

}  // namespace

int main(int argc, char** argv) {
    const auto room = side_lit_room();
    const auto room_surfaces = geometry::build_surfaces(room, room.options[0]);
    const auto room_plane = *geometry::plane_points(room.options[0], room.options[0].planes[0]);
    rays_over_kernel(room_surfaces, room_plane);
    cost_over_plain(room_surfaces, room_plane, room.options[0].name.c_str());
    first_map(room, room.options[0]);
    if (argc < 2) return 0;
    const auto project = store::read_project(argv[1]);
    if (!project) {
        fmt::print(stderr, "{}\n", project.fault().line());
        return 3;
    }
    for (const auto& option : project->options) {
        const auto surfaces = geometry::build_surfaces(*project, option);
        const auto plane = *geometry::plane_points(option, option.planes[0]);
        if (&option == &project->options.front()) rays_over_kernel(surfaces, plane);
        cost_over_plain(surfaces, plane, option.name.c_str());
        first_map(*project, option);
    }
    return 0;
}

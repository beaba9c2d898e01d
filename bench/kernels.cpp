// SPDX-License-Identifier: GPL-3.0-or-later
// The small things that are done a billion times.
#include <benchmark/benchmark.h>

#include "base/random.h"
#include "climate/sky.h"
#include "climate/sky_parts.h"
#include "light/glass.h"
#include "light/path.h"

using namespace wp;

static void low_discrepancy_pair(benchmark::State& state) {
    uint32_t i = 0;
    for (auto _ : state) benchmark::DoNotOptimize(random::pair(7, ++i));
}
BENCHMARK(low_discrepancy_pair);

static void plain_pair(benchmark::State& state) {
    uint32_t i = 0;
    for (auto _ : state) benchmark::DoNotOptimize(random::PlainStream(7, ++i).next());
}
BENCHMARK(plain_pair);

static void cosine_direction(benchmark::State& state) {
    uint32_t i = 0;
    for (auto _ : state) benchmark::DoNotOptimize(light::cosine_direction(random::pair(7, ++i)));
}
BENCHMARK(cosine_direction);

static void portal_by_solid_angle(benchmark::State& state) {
    light::ScenePortal portal{};
    portal.u = {2, 0, 0};
    portal.v = {0, 0, 1.5f};
    portal.unit_u = {1, 0, 0};
    portal.unit_v = {0, 0, 1};
    portal.normal = {0, -1, 0};
    portal.length_u = 2;
    portal.length_v = 1.5f;
    portal.area = 3;
    portal.centre = {1, 0, 0.75f};
    uint32_t i = 0;
    for (auto _ : state) {
        const light::PortalView view(portal, {1, 2, 0});
        benchmark::DoNotOptimize(view.point(random::pair(7, ++i)));
    }
}
BENCHMARK(portal_by_solid_angle);

static void sky_part_of_a_direction(benchmark::State& state) {
    const climate::SkyParts parts(2);
    uint32_t i = 0;
    for (auto _ : state) benchmark::DoNotOptimize(parts.part_of(light::cosine_direction(random::pair(7, ++i))));
}
BENCHMARK(sky_part_of_a_direction);

static void all_weather_luminance(benchmark::State& state) {
    const auto sky = climate::Sky::all_weather(3, 0.2, 20000, direction(1, 0.6));
    uint32_t i = 0;
    for (auto _ : state)
        benchmark::DoNotOptimize(sky.luminance(light::cosine_direction(random::pair(7, ++i)).as<double>()));
}
BENCHMARK(all_weather_luminance);

BENCHMARK_MAIN();

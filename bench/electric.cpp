// SPDX-License-Identifier: GPL-3.0-or-later
// What a dimmed circuit costs over tracing its light, and how both grow with points:
// warmpane-bench-electric PROJECT OPTION.
#include <fmt/core.h>

#include <chrono>

#include "model/project.h"
#include "question/ask.h"
#include "question/electric_field.h"
#include "store/project_file.h"

using namespace wp;
using namespace wp::question;

namespace {

double seconds_since(std::chrono::steady_clock::time_point start) {
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

// Every plane's light with one circuit at so much: what a map and its figures are made of.
double sum_at(const ElectricField& field, const model::Option& option, double level) {
    std::vector<double> levels(option.lighting.size(), 1.0);
    if (!levels.empty()) levels[0] = level;
    const auto shares = source_shares(field.sources, option, levels);
    double sum = 0;
    for (size_t p = 0; p < field.planes.size(); ++p)
        for (const double lux : electric_light(field, p, shares).lux) sum += lux;
    return sum;
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 3) {
        fmt::print("warmpane-bench-electric PROJECT OPTION\n");
        return 2;
    }
    auto project = store::read_project(argv[1]);
    if (!project) {
        fmt::print("{}\n", project.fault().line());
        return 3;
    }
    auto* option = model::find(project->options, argv[2]);
    if (option == nullptr || option->luminaires.empty()) {
        fmt::print("no such option, or it has no luminaires\n");
        return 3;
    }
    model::Question q;
    q.kind = model::Question::Kind::electric;
    const auto surfaces = geometry::build_surfaces(*project, *option);
    fmt::print("{:>8} {:>9} {:>8} {:>12} {:>14}\n", "points", "rays, M", "traced s", "dimmed ms", "traced/dimmed");
    for (int halved = 0; halved < 3; ++halved) {
        const auto planes = points_of(*project, *option, q, surfaces);
        if (!planes) return 3;
        size_t points = 0;
        for (const auto& plane : *planes) points += plane.points.size();
        auto start = std::chrono::steady_clock::now();
        const auto field = trace_electric({&*project, option, &surfaces, &*planes, {}, {}, {}, 0}, {0.05, 1, 0});
        const double traced = seconds_since(start);
        constexpr int kTimes = 20;
        double kept = 0;
        start = std::chrono::steady_clock::now();
        for (int i = 0; i < kTimes; ++i) kept += sum_at(field, *option, static_cast<double>(i) / kTimes);
        const double dimmed = seconds_since(start) / kTimes;
        fmt::print("{:>8} {:>9.2f} {:>8.2f} {:>12.3f} {:>14.0f}{}\n", points,
                   static_cast<double>(field.record.rays) / 1e6, traced, 1000 * dimmed, traced / dimmed,
                   kept > 0 ? "" : "  dark");
        for (auto& plane : option->planes) plane.spacing /= 1.4142135623730951;
    }
    return 0;
}

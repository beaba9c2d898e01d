// SPDX-License-Identifier: GPL-3.0-or-later
// What bands of wavelength cost over all visible light at once, and how far few of them are from 81:
// warmpane-bench-spectrum PROJECT OPTION. Walls are painted blue, since grey would tell nothing.
#include <fmt/core.h>

#include <chrono>
#include <cmath>

#include "geometry/surfaces.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/spectral.h"
#include "spectrum/smoothest.h"
#include "store/project_file.h"

using namespace wp;
using namespace wp::question;

namespace {

double seconds_since(std::chrono::steady_clock::time_point start) {
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

struct Sums {
    double melanopic = 0, lux = 0;
};
Sums sums_of(const SpectralMoment& moment) {
    Sums out;
    for (const auto& plane : moment.planes)
        for (const auto& point : plane.points) {
            out.melanopic += spectrum::opic_irradiance(spectrum::Answer::melanopic, point.irradiance);
            out.lux += spectrum::illuminance(point.irradiance);
        }
    return out;
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 3) {
        fmt::print("warmpane-bench-spectrum PROJECT OPTION\n");
        return 2;
    }
    auto project = store::read_project(argv[1]);
    if (!project) {
        fmt::print("{}\n", project.fault().line());
        return 3;
    }
    const auto* option = model::find(project->options, argv[2]);
    if (option == nullptr) return 2;
    const auto paint = spectrum::smoothest(spectrum::xyz_of_srgb(*spectrum::srgb_of_hex("#2040c0")));
    for (auto& m : project->materials)
        if (m.id.starts_with("walls")) m.spectrum.assign(paint->begin(), paint->end());
    model::Question q;
    q.kind = model::Question::Kind::spectrum;
    q.at = model::Question::At::eyes;
    const auto surfaces = geometry::build_surfaces(*project, *option);
    const auto points = points_of(*project, *option, q, surfaces);
    model::SkyChoice sky;
    sky.shape = model::SkyChoice::Shape::cie;
    sky.amount = model::SkyChoice::Amount::place;
    sky.type = 12;
    const auto outdoors = *outdoors_at(project->site, sky, {3, 21, 10}, {});
    Effort effort;
    effort.accuracy = 0.03;
    const auto task = field_task(*project, surfaces, *points, {});
    auto start = std::chrono::steady_clock::now();
    const auto plain = trace_light_field(task, effort);
    const double alone = seconds_since(start);
    // Time for the same error: it falls with the square of it.
    const double cost = alone * plain.coefficients.reached * plain.coefficients.reached;
    fmt::print("{:>6} {:>8} {:>9} {:>9} {:>10}\n", "bands", "seconds", "rays, M", "reached", "cost");
    fmt::print("{:>6} {:>8.2f} {:>9.2f} {:>9.4f} {:>10.2f}\n", "none", alone,
               static_cast<double>(plain.record.rays) / 1e6, plain.coefficients.reached, 1.0);
    std::vector<std::pair<size_t, Sums>> found;
    for (const size_t bins : {size_t{3}, size_t{9}, size_t{27}, size_t{81}}) {
        start = std::chrono::steady_clock::now();
        const auto field = trace_spectral_field(*project, task, bins, effort);
        const double took = seconds_since(start);
        const double reached = field.all().coefficients.reached;
        fmt::print("{:>6} {:>8.2f} {:>9.2f} {:>9.4f} {:>10.2f}\n", bins, took,
                   static_cast<double>(field.all().record.rays) / 1e6, reached, took * reached * reached / cost);
        found.emplace_back(bins, sums_of(spectrum_at(field, outdoors, model::SkyColour::by_luminance)));
    }
    for (const auto& [bins, sums] : found)
        fmt::print("{:>3} bands: melanopic {:.4f}, illuminance {:.4f} of those by 81\n", bins,
                   sums.melanopic / found.back().second.melanopic, sums.lux / found.back().second.lux);
    return 0;
}

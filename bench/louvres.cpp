// SPDX-License-Identifier: GPL-3.0-or-later
// What shading costs: windows with many blades each. Time and memory to make the surfaces and the ray accelerator, and
// the engine's rays per second and work to a given error against the same building without blades, in one run.
//   warmpane-bench-louvres [WINDOWS] [BLADES]
#include <fmt/core.h>

#include <chrono>
#include <cstdlib>
#include <fstream>
#include <string>

#include "geometry/surfaces.h"
#include "light/scene.h"
#include "model/project.h"
#include "question/ask.h"
#include "question/daylight_factor.h"

using namespace wp;

namespace {

double seconds_since(std::chrono::steady_clock::time_point start) {
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

// Resident memory of this process, MB.
double resident() {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.rfind("VmRSS:", 0) == 0) return std::atof(line.c_str() + 6) / 1024;
    return 0;
}

// Rooms of 4 x 6 m in a row, two windows each.
model::Project street(int windows, int blades) {
    model::Project p;
    model::Material grey, pane;
    grey.id = "grey";
    pane.id = "pane";
    pane.kind = model::Material::Kind::glazing;
    p.materials = {grey, pane};
    model::Option option;
    option.id = option.name = "a";
    for (int i = 0; i < model::kParts; ++i) {
        const auto part = static_cast<model::Part>(i);
        option.types[part] = model::takes(part, model::Material::Kind::opaque) ? "grey" : "pane";
    }
    option.storeys = {model::new_storey("ground", "Ground", 0)};
    for (int r = 0; r < (windows + 1) / 2; ++r) {
        model::Room room;
        room.id = room.name = fmt::format("room-{}", r);
        room.footprint = {{4.0 * r, 0}, {4.0 * r + 4, 0}, {4.0 * r + 4, 6}, {4.0 * r, 6}};
        for (int k = 0; k < 2 && 2 * r + k < windows; ++k) {
            model::Opening o;
            o.id = o.name = fmt::format("w-{}-{}", r, k);
            o.along = 0.4 + 1.8 * k;
            o.width = 1.4;
            o.height = 2.0;
            o.sill = 0.6;
            if (blades > 0) {
                model::ShadeLayer s;
                s.by_number = true;
                s.number = blades;
                s.depth = 0.06;
                s.thickness = 0.003;
                s.tilt = 30;
                o.shading = {s};
            }
            room.openings.push_back(o);
        }
        model::ReferencePlane plane;
        plane.id = fmt::format("plane-{}", r);
        plane.room = room.id;
        option.planes.push_back(plane);
        option.storeys[0].rooms.push_back(room);
    }
    p.options = {option};
    return p;
}

struct Measured {
    double generation = 0, acceleration = 0, memory = 0, rays_per_second = 0, work = 0;
    size_t triangles = 0;
};

Measured measure(const model::Project& p) {
    Measured out;
    const double before = resident();
    auto start = std::chrono::steady_clock::now();
    const auto surfaces = geometry::build_surfaces(p, p.options[0]);
    out.generation = seconds_since(start);
    out.triangles = surfaces.triangles.size();
    start = std::chrono::steady_clock::now();
    {
        const light::Scene scene(surfaces);
        out.acceleration = seconds_since(start);
        out.memory = resident() - before;
    }
    std::vector<geometry::PlanePoints> planes = {
        *geometry::plane_points(p.options[0], p.options[0].planes[p.options[0].planes.size() / 2])};
    question::DaylightFactorSetup setup;
    setup.fixed_samples = 256;
    start = std::chrono::steady_clock::now();
    const auto answer = question::daylight_factor(surfaces, planes, {0.01, 1, 1}, {}, {}, setup);
    const double seconds = seconds_since(start);
    out.rays_per_second = static_cast<double>(answer.record.rays) / seconds;
    out.work = answer.record.reached * answer.record.reached * seconds;
    return out;
}

}  // namespace

int main(int argc, char** argv) {
    const int windows = argc > 1 ? std::atoi(argv[1]) : 100, blades = argc > 2 ? std::atoi(argv[2]) : 40;
    const Measured bare = measure(street(windows, 0)), half = measure(street(windows, blades / 2)),
                   full = measure(street(windows, blades));
    const auto line = [](const char* name, const Measured& m) {
        fmt::print(
            "{:<22} {:>8} triangles; surfaces {:7.1f} ms; accelerator {:7.1f} ms; {:6.1f} MB; {:6.2f} million rays a "
            "second on one core\n",
            name, m.triangles, 1e3 * m.generation, 1e3 * m.acceleration, m.memory, m.rays_per_second / 1e6);
    };
    line("no blades", bare);
    line(fmt::format("{} blades a window", blades / 2).c_str(), half);
    line(fmt::format("{} blades a window", blades).c_str(), full);
    fmt::print(
        "{} windows, {} blades each, over the same without blades: rays per second {:.2f}, work to a given relative "
        "error {:.1f}; surfaces of {} over {} blades: {:.2f} in time\n",
        windows, blades, full.rays_per_second / bare.rays_per_second, full.work / bare.work, blades, blades / 2,
        full.generation / half.generation);
    return 0;
}

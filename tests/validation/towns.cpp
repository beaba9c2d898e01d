// SPDX-License-Identifier: GPL-3.0-or-later
// Reflected sunlight where edges are: moments all through a day and hours of a year, against a tracer that shares
// nothing with the engine.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "base/random.h"
#include "light/replicates.h"
#include "validation/brute.h"
#include "validation/cases.h"
#include "validation/town.h"

namespace wp::validation {

namespace {

struct Named {
    const char* name;
    Town town;
    bool quarter_hours = false;  // where the sun comes and goes
};

std::vector<Named> towns() {
    return {
        {"nothing around", {}},
        {"beside a tower", tower()},
        {"in the gap between two blocks", gap(), true},
        {"in a courtyard", courtyard()},
        {"under an overhang", {.overhang = 1}},
        {"behind louvres", {.blades = 0.15}},
        {"in a deep reveal", {.reveal = 0.02}},
        {"behind a tree", {.tree = true}},
        {"behind another room", {.back_room = true}},
    };
}

/// Rows are bound by 2 %, or by what the stated errors allow where they say more.
Row row_of(std::string group, std::string name, double ours, double own_error, double theirs, double their_error) {
    Row row{std::move(group),
            std::move(name),
            "lx",
            ours,
            theirs,
            std::hypot(own_error, their_error),
            "boxes: a tracer of its own"};
    row.bound = std::max(0.02, theirs > 0 ? 3 * row.standard_error / theirs : 0.0);
    return row;
}

void add_moment(std::vector<Row>& rows, const Named& scene, double hour, double accuracy, size_t paths) {
    const auto points = compare_moment(scene.town, 4, 23, hour, accuracy, paths);
    double ours = 0, theirs = 0, own_error = 0, their_error = 0;
    for (const TownPoint& p : points) {
        const auto n = static_cast<double>(points.size());
        ours += p.engine / n;
        theirs += p.boxes / n;
        own_error = std::hypot(own_error, p.half_width / light::kStudent95 / n);
        their_error = std::hypot(their_error, p.standard_error / n);
    }
    const auto clock = fmt::format("23 April {:02}:{:02}", static_cast<int>(hour),
                                   static_cast<int>(std::lround((hour - std::floor(hour)) * 60)));
    rows.push_back(row_of("Moments against boxes", fmt::format("{}, {}, mean of five points", scene.name, clock), ours,
                          own_error, theirs, their_error));
    const TownPoint& far = points.back();
    rows.push_back(row_of("Moments against boxes",
                          fmt::format("{}, {}, the point farthest from the window", scene.name, clock), far.engine,
                          far.half_width / light::kStudent95, far.boxes, far.standard_error));
}

void add_hours(std::vector<Row>& rows, const Named& scene, double accuracy, size_t paths, int count) {
    const auto year = sun_only_year(scene.town, accuracy);
    std::vector<size_t> middle;
    const auto& points = year.planes[0].plane.points;
    for (size_t i = 0; i < points.size(); ++i)
        if (std::fabs(points[i].x - 2.5) < 0.6) middle.push_back(i);
    std::vector<int> lit;
    for (int h = 0; h < climate::kHours; ++h)
        if (year.outdoor[static_cast<size_t>(h)].direct_lux > 0 && year.outdoor[static_cast<size_t>(h)].sun.sunlit == 1)
            lit.push_back(h);
    std::vector<Row> found(static_cast<size_t>(count));
    parallel_for(found.size(), [&](size_t k) {
        const int h =
            lit[static_cast<size_t>((static_cast<double>(k) + 0.5) / count * static_cast<double>(lit.size()))];
        const TownHour sum = compare_hour(scene.town, year, h, middle, paths);
        found[k] = row_of("Hours of a year against boxes",
                          fmt::format("{}, {}", scene.name, climate::text(climate::moment_of(h / 24, h % 24))),
                          sum.engine, sum.half_width / light::kStudent95, sum.boxes, sum.standard_error);
    });
    rows.insert(rows.end(), found.begin(), found.end());
}

}  // namespace

std::vector<Row> moments_beside_edges(double accuracy, size_t paths) {
    std::vector<Row> rows;
    for (const Named& scene : towns()) {
        for (double hour = scene.quarter_hours ? 8 : 9.4; hour <= 16; hour += scene.quarter_hours ? 0.25 : 2.1)
            add_moment(rows, scene, hour, accuracy, paths);
    }
    return rows;
}

std::vector<Row> hours_beside_edges(double accuracy, size_t paths, int hours) {
    std::vector<Row> rows;
    for (const Named& scene : towns()) add_hours(rows, scene, accuracy, paths, hours);
    return rows;
}

// Fabric without holes behind the pane: what comes in falls with the pane's transmittance as the sun goes higher, from
// 0.69 at 30 degrees to 0.22 at 80.
std::vector<Row> closed_blinds(unsigned samples, size_t paths) {
    const Town plain;
    const auto project = plain.project();
    auto surfaces = geometry::build_surfaces(project, project.options[0]);
    geometry::Blind fabric;
    fabric.transmittance = 0.3;
    fabric.reflectance = 0.4;
    surfaces.portals[0].blind = true;
    surfaces.portals[0].blind_layer = surfaces.keep_blind(fabric);
    const light::Scene scene(surfaces, light::Blinds::closed);
    auto own = plain.scene();
    own.panes[0].scatters = true;
    own.panes[0].cloth_through = fabric.transmittance;
    own.panes[0].cloth_back = fabric.reflectance;
    std::vector<Row> rows;
    for (const double altitude : {25.0, 40.0, 55.0, 65.0, 75.0, 85.0}) {
        question::SkyAndSun sky_and_sun;
        sky_and_sun.to_sun = {0, -std::cos(radians(altitude)), std::sin(radians(altitude))};
        sky_and_sun.sun_lux = 80000;
        sky_and_sun.sky = climate::Sky::uniform(100);
        boxes::Sky sky;
        sky.type = 5;
        sky.diffuse = 100;
        sky.direct = 80000;
        sky.sun = sky_and_sun.to_sun;
        const Vec3 at{2.5, 1.5, 0.8};
        std::vector<double> sums;
        for (uint32_t r = 0; r < light::kReplicates; ++r)
            sums.push_back(brute_sum(scene, sky_and_sun, at, {0, 0, 1}, 0, samples, random::hash(3, r)));
        const auto ours = light::estimate(sums, samples);
        const auto theirs = boxes::illuminance(own, sky, at, paths, 7);
        rows.push_back(row_of("Sun on closed blinds against boxes",
                              fmt::format("fabric behind a pane, the sun {:.0f} degrees up", altitude), ours.mean,
                              ours.standard_error, theirs.mean, theirs.standard_error));
    }
    return rows;
}

}  // namespace wp::validation

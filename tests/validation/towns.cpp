// SPDX-License-Identifier: GPL-3.0-or-later
// Reflected sunlight where edges are: moments all through a day and hours of a year, against a tracer that shares nothing with the engine.
#include <fmt/core.h>

#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "climate/synthetic.h"
#include "light/replicates.h"
#include "question/ask_year.h"
#include "validation/brute.h"
#include "validation/cases.h"
#include "validation/town.h"

namespace wp::validation {

namespace {

struct Named {
    const char* name;
    Town town;
};

Town with(void (*change)(Town&)) {
    Town out;
    change(out);
    return out;
}

std::vector<Named> towns() {
    return {
        {"nothing around", {}},
        {"beside a tower", {{{-12.2, -4.2, -28, -20, 30}}}},
        {"in the gap between two blocks", {{{-14, -4.4, -28, -20, 30}, {-0.3, 10, -28, -20, 30}}}},
        {"in a courtyard", {{{-5, -3, -12, -0.4, 7}, {8, 10, -12, -0.4, 7}, {-5, 10, -14, -12, 5}}}},
        {"under an overhang", with([](Town& t) { t.overhang = 1; })},
        {"behind louvres", with([](Town& t) { t.blades = 0.15; })},
        {"in a deep reveal", with([](Town& t) { t.reveal = 0.02; })},
        {"behind a tree", with([](Town& t) { t.tree = true; })},
        {"behind another room", with([](Town& t) { t.back_room = true; })},
    };
}

/// Rows are bound by 2 %, or by what the stated errors allow where they say more.
Row row_of(std::string group, std::string name, double ours, double own_error, double theirs, double their_error) {
    Row row{std::move(group), std::move(name), "lx", ours, theirs, std::hypot(own_error, their_error), "boxes: a tracer of its own"};
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
    const auto clock = fmt::format("23 April {:02}:{:02}", static_cast<int>(hour), static_cast<int>(std::lround((hour - std::floor(hour)) * 60)));
    rows.push_back(row_of("Moments against boxes", fmt::format("{}, {}, mean of five points", scene.name, clock), ours, own_error, theirs, their_error));
    const TownPoint& far = points.back();
    rows.push_back(row_of("Moments against boxes", fmt::format("{}, {}, the point farthest from the window", scene.name, clock), far.engine, far.half_width / light::kStudent95, far.boxes, far.standard_error));
}

// All but the beam is taken out of the weather, so that the sky's shape does not matter: what is left is reflected sunlight.
climate::WeatherYear sun_only() {
    auto weather = climate::synthetic_year({55, 0, 0, 0}, "Nowhere", 3);
    for (auto& h : weather.hours) h.direct_normal = 500, h.diffuse_horizontal = 0.02, h.dew_point = 8;
    return weather;
}

void add_hours(std::vector<Row>& rows, const Named& scene, double accuracy, size_t paths, int count) {
    auto project = scene.town.project();
    project.options[0].planes[0].spacing = 1;
    const auto weather = sun_only();
    const auto prepared = question::year_scene(project, project.options[0], {}, weather);
    const auto year = question::ask_year(*prepared, weather, {accuracy, 1, 0});
    const auto& plane = year.planes[0].plane;
    // The plane's middle line, where no beam falls in that hour.
    std::vector<size_t> middle;
    for (size_t i = 0; i < plane.points.size(); ++i)
        if (std::fabs(plane.points[i].x - 2.5) < 0.6) middle.push_back(i);
    const boxes::Scene boxed = scene.town.scene();
    std::vector<int> lit;
    for (int h = 0; h < climate::kHours; ++h)
        if (year.outdoor[static_cast<size_t>(h)].direct_lux > 0 && year.outdoor[static_cast<size_t>(h)].sun.sunlit == 1) lit.push_back(h);
    std::vector<Row> found(static_cast<size_t>(count));
    parallel_for(found.size(), [&](size_t k) {
        const int h = lit[static_cast<size_t>((static_cast<double>(k) + 0.5) / count * static_cast<double>(lit.size()))];
        const auto& out = year.outdoor[static_cast<size_t>(h)];
        const auto hour = year.hour(0, h, question::Operation::open);
        boxes::Sky sky;
        sky.type = 5;
        sky.diffuse = out.diffuse_lux;
        sky.direct = out.direct_lux;
        // A row's hour ends at its label: its middle is half an hour after it began.
        sky.sun = boxes::almanac_sun(55, 0, h / 24, h % 24 + 0.5);
        double ours = 0, theirs = 0, own_error = 0, their_error = 0;
        for (const size_t i : middle) {
            if (hour.sun[i] > 0 || boxes::sees_sun(boxed, sky, plane.points[i])) continue;
            const auto e = boxes::illuminance(boxed, sky, plane.points[i], paths, static_cast<unsigned>(h + 8760 * static_cast<int>(i)));
            ours += hour.lux[i];
            theirs += e.mean;
            // Points of one plane share what the edge may be off.
            own_error += hour.half_width[i] / light::kStudent95;
            their_error = std::hypot(their_error, e.standard_error);
        }
        found[k] = row_of("Hours of a year against boxes", fmt::format("{}, {}", scene.name, climate::text(climate::moment_of(h / 24, h % 24))), ours, own_error, theirs, their_error);
    });
    rows.insert(rows.end(), found.begin(), found.end());
}

}  // namespace

std::vector<Row> moments_beside_edges(double accuracy, size_t paths) {
    std::vector<Row> rows;
    for (const Named& scene : towns()) {
        // Where the sun comes and goes, every quarter hour.
        const bool all = scene.town.blocks.size() == 2;
        for (double hour = all ? 8 : 9.4; hour <= 16; hour += all ? 0.25 : 2.1) add_moment(rows, scene, hour, accuracy, paths);
    }
    return rows;
}

std::vector<Row> hours_beside_edges(double accuracy, size_t paths, int hours) {
    std::vector<Row> rows;
    for (const Named& scene : towns()) add_hours(rows, scene, accuracy, paths, hours);
    return rows;
}

}  // namespace wp::validation

// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/sky_view.h"

#include <algorithm>
#include <chrono>
#include <cmath>

#include "base/parallel.h"

namespace wp::question {

namespace {

struct Seen {
    double solid_angle = 0;
    bool any = false;
};

void look(const light::Scene& scene, Vec3 from, Vec3 direction, double solid_angle, Seen& seen) {
    if (direction.z <= 0) return;
    const auto beam = scene.beam(from.as<float>(), direction.as<float>());
    if (beam.share <= 0) return;
    seen.any = true;
    seen.solid_angle += solid_angle * static_cast<double>(beam.holes);
}

// Through the openings of the room, each in a lattice of small rectangles.
Seen through_openings(const light::Scene& scene, Vec3 from, Vec3 normal, int space, int looks) {
    Seen seen;
    for (const int k : scene.portals_of(space)) {
        const auto& portal = scene.portals()[static_cast<size_t>(k)];
        const Vec3 corner = portal.corner.as<double>(), u = portal.u.as<double>(), v = portal.v.as<double>(),
                   n = portal.normal.as<double>();
        const double cell = static_cast<double>(portal.area) / (looks * looks);
        for (int i = 0; i < looks; ++i)
            for (int j = 0; j < looks; ++j) {
                const Vec3 to = corner + u * ((i + 0.5) / looks) + v * ((j + 0.5) / looks) - from;
                const double distance = length(to);
                if (distance < 1e-6 || dot(to, normal) <= 0) continue;
                const Vec3 direction = to * (1 / distance);
                look(scene, from, direction, cell * std::fabs(dot(direction, n)) / (distance * distance), seen);
            }
    }
    return seen;
}

Seen in_the_open(const light::Scene& scene, Vec3 from, Vec3 normal, int looks) {
    Seen seen;
    const int rings = looks * 2, turns = looks * 8;
    for (int i = 0; i < rings; ++i)
        for (int j = 0; j < turns; ++j) {
            // Even in the sine of the altitude is even in solid angle.
            const Vec3 d = direction(2 * kPi * (j + 0.5) / turns, std::asin((i + 0.5) / rings));
            if (dot(d, normal) > 0) look(scene, from, d, 2 * kPi / (rings * turns), seen);
        }
    return seen;
}

}  // namespace

SkyViewAnswer sky_view(const geometry::Surfaces& surfaces, const std::vector<geometry::PlanePoints>& planes,
                       const light::State& state, const Effort& effort, int looks, const Cancel& cancel,
                       const Progress& progress) {
    const auto start = std::chrono::steady_clock::now();
    const light::Scene scene(surfaces, light::Blinds::open, state);
    SkyViewAnswer out;
    with_threads(effort.threads, [&] {
        for (const auto& points : planes) {
            const size_t n = points.points.size();
            std::vector<Seen> seen(n);
            parallel_for(
                n,
                [&](size_t i) {
                    if (cancel.requested()) return;
                    const Vec3 from = points.points[i] + points.normal * 1e-4;
                    seen[i] = points.space >= 0 ? through_openings(scene, from, points.normal, points.space, looks)
                                                : in_the_open(scene, from, points.normal, looks);
                },
                8);
            PlaneSkyView plane{points, {}, {}, 0};
            for (const Seen& s : seen) {
                plane.solid_angle.push_back(s.solid_angle);
                plane.sees.push_back(s.any);
                plane.share_seeing += s.any ? 1.0 / static_cast<double>(n) : 0.0;
            }
            out.planes.push_back(std::move(plane));
            if (progress) progress(static_cast<double>(out.planes.size()) / static_cast<double>(planes.size()));
        }
    });
    Record& record = out.record;
    record.inputs.add(std::string_view("sky view 1"));
    record.inputs.add(surfaces.fingerprint());
    for (const auto& points : planes) record.inputs.add(points.fingerprint());
    record.inputs.add(static_cast<int>(state.season));
    record.inputs.add(looks);
    record.settled = !cancel.requested();
    record.seconds = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    return out;
}

int what_stands(const light::Scene& scene, Vec3 from, Vec3 direction, bool* through_pane) {
    Vec3f at = from.as<float>();
    const Vec3f d = direction.as<float>();
    int skip = -1;
    for (int panes = 0; panes < 64; ++panes) {
        const light::Hit hit = scene.intersect(at, d, skip);
        if (hit.what == light::Hit::What::nothing) return Dome::kSky;
        if (hit.what == light::Hit::What::surface) return static_cast<int>(hit.source);
        at = at + d * hit.distance;
        skip = hit.portal;
        if (through_pane != nullptr) *through_pane = true;
    }
    return Dome::kSky;
}

int Dome::at(double azimuth, double altitude) const {
    if (columns == 0) return kSky;
    const double turn = azimuth / (2 * kPi);
    const int column = std::clamp(static_cast<int>((turn - std::floor(turn)) * columns), 0, columns - 1);
    const int row = std::clamp(static_cast<int>(altitude / (kPi / 2) * rows), 0, rows - 1);
    return surface[static_cast<size_t>(row) * static_cast<size_t>(columns) + static_cast<size_t>(column)];
}

Dome sky_dome(const light::Scene& scene, Vec3 from, double north_azimuth, int columns) {
    Dome out;
    out.columns = columns;
    out.rows = columns / 4;
    out.surface.assign(static_cast<size_t>(out.columns) * static_cast<size_t>(out.rows), Dome::kSky);
    std::vector<unsigned char> pane(out.surface.size(), 0);
    parallel_for(static_cast<size_t>(out.rows), [&](size_t row) {
        for (int c = 0; c < out.columns; ++c) {
            const double azimuth = 2 * kPi * (c + 0.5) / out.columns,
                         altitude = kPi / 2 * (static_cast<double>(row) + 0.5) / out.rows;
            bool through = false;
            const size_t i = row * static_cast<size_t>(out.columns) + static_cast<size_t>(c);
            out.surface[i] = what_stands(scene, from, direction(azimuth - north_azimuth, altitude), &through);
            pane[i] = through;
        }
    });
    out.through_pane.assign(pane.begin(), pane.end());
    return out;
}

std::vector<CutOff> sun_cut_off(const light::Scene& scene, Vec3 from, const climate::Place& place, double north_azimuth,
                                int day, double step) {
    std::vector<CutOff> out;
    const double hours = step / 60;
    for (int i = 0; i * hours < 24; ++i) {
        const auto sun = climate::sun_position(place, climate::moment_of(day, (i + 0.5) * hours));
        if (sun.altitude <= 0) continue;
        const int surface = what_stands(scene, from, climate::sun_direction(sun, north_azimuth));
        const double begin = i * hours, end = begin + hours;
        if (!out.empty() && out.back().surface == surface && std::fabs(out.back().to - begin) < 1e-9)
            out.back().to = end;
        else
            out.push_back({begin, end, surface});
    }
    return out;
}

std::string surface_words(const geometry::Surface& surface, const model::Option& option) {
    if (const auto* block = model::find(option.blocks, surface.source))
        return block->name.empty() ? block->id : block->name;
    if (const auto* thing = model::find(option.things, surface.source))
        return thing->name.empty() ? thing->id : thing->name;
    std::string what = geometry::name(surface.element);
    if (const auto room = model::find_room(option, surface.source)) return what + " of " + room.room->name;
    // Of an opening; a facade's source is its storey.
    using geometry::Element;
    const bool of_opening =
        surface.element == Element::reveal || surface.element == Element::frame || surface.element == Element::leaf;
    return of_opening && !surface.source.empty() ? what + " of " + surface.source : what;
}

}  // namespace wp::question

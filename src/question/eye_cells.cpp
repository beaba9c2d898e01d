// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/eye_cells.h"

#include <cmath>
#include <map>

#include "base/parallel.h"

namespace wp::question {

namespace {

// A look through more panes than a cell can hold ends at the last: what is beyond three panes is dim.
EyeCell look(const light::Scene& scene, Vec3f from, Vec3f along) {
    EyeCell out;
    out.along = along;
    size_t panes = 0;
    for (int skip = -1;;) {
        const light::Hit hit = scene.intersect(from, along, skip);
        if (hit.what == light::Hit::What::nothing) {
            out.ends_on = along.z >= 0 ? EyeCell::kSky : EyeCell::kFarGround;
            return out;
        }
        from = from + along * hit.distance;
        if (hit.what == light::Hit::What::surface) {
            out.ends_on = static_cast<int>(hit.source);
            out.normal = hit.normal;
            out.at = from + hit.normal * light::kLift;
            out.reflectance = hit.reflectance;
            out.space = hit.space;
            return out;
        }
        if (panes == out.panes.size()) {
            out.ends_on = EyeCell::kFarGround;
            return out;
        }
        out.panes[panes++] = static_cast<int16_t>(hit.portal);
        skip = hit.portal;
    }
}

std::vector<std::pair<Vec3f, float>> directions(double degrees) {
    std::vector<std::pair<Vec3f, float>> out;
    const double step = radians(degrees);
    const int rows = static_cast<int>(std::ceil(kPi / step));
    for (int j = 0; j < rows; ++j) {
        const double low = -kPi / 2 + kPi * j / rows, high = -kPi / 2 + kPi * (j + 1) / rows,
                     area = 2 * kPi * (std::sin(high) - std::sin(low)),
                     middle = std::asin((std::sin(low) + std::sin(high)) / 2);
        const int columns = std::max(3, static_cast<int>(std::lround(2 * kPi * std::cos(middle) / step)));
        // Rows are shifted against each other, so that upright edges are met evenly.
        const double shift = (j * 0.618034) - std::floor(j * 0.618034);
        for (int i = 0; i < columns; ++i)
            out.emplace_back(direction(2 * kPi * (i + shift) / columns, middle).as<float>(),
                             static_cast<float>(area / columns));
    }
    return out;
}

}  // namespace

EyeCells look_from(const light::Scene& scene, const geometry::Surfaces& surfaces, const Vec3& eye, double degrees,
                   const SurfaceIndex& index, const std::vector<size_t>& first_of_plane) {
    EyeCells out;
    out.eye = eye;
    const auto all = directions(degrees);
    out.cells.resize(all.size());
    parallel_for(
        all.size(),
        [&](size_t i) {
            EyeCell& cell = out.cells[i] = look(scene, eye.as<float>(), all[i].first);
            cell.solid_angle = all[i].second;
            if (cell.ends_on < 0) return;
            if (const auto near = index.nearest(static_cast<uint32_t>(cell.ends_on), cell.space, cell.at.as<double>(),
                                                cell.normal.as<double>()))
                cell.point = static_cast<int>(first_of_plane[near->plane] + near->point);
        },
        64);
    std::map<std::pair<model::Id, int>, uint32_t> known;
    for (EyeCell& cell : out.cells) {
        EyeCells::Thing thing;
        // The last pane to the open air is what is seen; else what stands there.
        for (const int16_t pane : cell.panes)
            if (pane >= 0) {
                const auto& portal = surfaces.portals[static_cast<size_t>(pane)];
                if ((portal.inside < 0) != (portal.outside < 0)) thing.opening = portal.opening;
            }
        if (thing.opening.empty()) thing.surface = cell.ends_on;
        const auto [it, fresh] =
            known.try_emplace({thing.opening, thing.surface}, static_cast<uint32_t>(out.things.size()));
        if (fresh) out.things.push_back(thing);
        cell.thing = it->second;
    }
    return out;
}

}  // namespace wp::question

// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/lit_surfaces.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <map>

namespace wp::question {

namespace {

constexpr double kLeastSpacing = 0.4, kMostSpacing = 2;  // metres
constexpr double kLeastArea = 1.0;                       // square metres
constexpr double kSameFacing = 0.9;
// What faces the other way is as good as what is so much farther away, metres.
constexpr double kTurned = 3;

using Triangle = std::array<Vec3, 3>;

double area_of(const Triangle& t) { return length(cross(t[1] - t[0], t[2] - t[0])) / 2; }

// Triangles of one surface in one plane.
struct Part {
    uint32_t surface = 0;
    int space = -1;
    Vec3 normal;
    std::vector<Triangle> triangles;
    double area = 0;
};

std::vector<Part> parts_of(const geometry::Surfaces& surfaces, const std::vector<bool>& spaces) {
    std::map<std::array<long, 5>, Part> parts;
    for (size_t i = 0; i < surfaces.triangles.size(); ++i) {
        const uint32_t surface = surfaces.surface_of[i];
        const int space = surfaces.surfaces[surface].space;
        if (space < 0 || !spaces[static_cast<size_t>(space)]) continue;
        Triangle t;
        for (size_t k = 0; k < 3; ++k) t[k] = surfaces.vertices[surfaces.triangles[i][k]];
        const double area = area_of(t);
        if (area < 1e-9) continue;
        const Vec3 normal = normalized(cross(t[1] - t[0], t[2] - t[0]));
        const auto at = [](double v) { return std::lround(v * 100); };
        Part& part =
            parts[{static_cast<long>(surface), at(normal.x), at(normal.y), at(normal.z), at(dot(normal, t[0]))}];
        part.surface = surface;
        part.space = space;
        part.normal = normal;
        part.triangles.push_back(t);
        part.area += area;
    }
    std::vector<Part> out;
    for (auto& [key, part] : parts)
        if (part.area >= kLeastArea) out.push_back(std::move(part));
    return out;
}

bool is_within(const Triangle& t, const Vec3& normal, const Vec3& p) {
    for (size_t k = 0; k < 3; ++k)
        if (dot(cross(t[(k + 1) % 3] - t[k], p - t[k]), normal) < -1e-9) return false;
    return true;
}

geometry::PlanePoints lattice_on(const Part& part, double spacing) {
    geometry::PlanePoints out;
    out.space = part.space;
    out.normal = part.normal;
    out.across = std::fabs(part.normal.z) > 0.9 ? normalized(Vec3{1, 0, 0} - part.normal * part.normal.x)
                                                : normalized(cross(Vec3{0, 0, 1}, part.normal));
    out.up = cross(part.normal, out.across);
    double low_x = 1e30, low_y = 1e30, high_x = -1e30, high_y = -1e30;
    for (const Triangle& t : part.triangles)
        for (const Vec3& v : t) {
            low_x = std::min(low_x, dot(v, out.across));
            high_x = std::max(high_x, dot(v, out.across));
            low_y = std::min(low_y, dot(v, out.up));
            high_y = std::max(high_y, dot(v, out.up));
        }
    out.columns = std::max(1, static_cast<int>(std::lround((high_x - low_x) / spacing)));
    out.rows = std::max(1, static_cast<int>(std::lround((high_y - low_y) / spacing)));
    out.dx = (high_x - low_x) / out.columns;
    out.dy = (high_y - low_y) / out.rows;
    out.corner = part.normal * dot(part.normal, part.triangles[0][0]) + out.across * low_x + out.up * low_y;
    for (int j = 0; j < out.rows; ++j)
        for (int i = 0; i < out.columns; ++i) {
            const Vec3 p = out.corner + out.across * (out.dx * (i + 0.5)) + out.up * (out.dy * (j + 0.5));
            if (std::ranges::none_of(part.triangles, [&](const Triangle& t) { return is_within(t, part.normal, p); }))
                continue;
            out.cell_of.push_back(j * out.columns + i);
            out.points.push_back(p);
        }
    if (out.points.empty()) {
        const auto& largest = *std::ranges::max_element(part.triangles, {}, area_of);
        out.columns = out.rows = 1;
        out.cell_of = {0};
        out.points = {(largest[0] + largest[1] + largest[2]) * (1.0 / 3)};
    }
    return out;
}

}  // namespace

std::vector<SurfacePlane> surface_planes(const geometry::Surfaces& surfaces, const std::vector<bool>& spaces,
                                         size_t about) {
    const auto parts = parts_of(surfaces, spaces);
    double area = 0;
    for (const Part& part : parts) area += part.area;
    const double spacing =
        std::clamp(std::sqrt(area / static_cast<double>(std::max<size_t>(about, 1))), kLeastSpacing, kMostSpacing);
    std::vector<SurfacePlane> out;
    for (const Part& part : parts) {
        out.push_back({part.surface, lattice_on(part, spacing)});
        out.back().points.plane = "surface " + std::to_string(out.size());
    }
    return out;
}

SurfaceIndex::SurfaceIndex(const std::vector<SurfacePlane>& planes) : planes_(planes) {
    const auto add = [](std::vector<std::vector<size_t>>& to, size_t key, size_t plane) {
        if (to.size() <= key) to.resize(key + 1);
        to[key].push_back(plane);
    };
    for (size_t p = 0; p < planes.size(); ++p) {
        add(of_surface_, planes[p].surface, p);
        if (planes[p].points.space >= 0) add(of_space_, static_cast<size_t>(planes[p].points.space), p);
    }
}

std::optional<SurfacePoint> SurfaceIndex::nearest(uint32_t surface, int space, const Vec3& at,
                                                  const Vec3& normal) const {
    std::optional<SurfacePoint> out;
    double least = std::numeric_limits<double>::infinity();
    const auto look = [&](const std::vector<size_t>& planes, double least_alike, double turned) {
        for (const size_t p : planes) {
            const auto& plane = planes_[p].points;
            const double alike = dot(plane.normal, normal);
            if (alike < least_alike) continue;
            for (size_t i = 0; i < plane.points.size(); ++i)
                if (const double away = length(plane.points[i] - at) + turned * (1 - alike); away < least) {
                    least = away;
                    out = SurfacePoint{p, i};
                }
        }
    };
    if (surface < of_surface_.size()) look(of_surface_[surface], kSameFacing, 0);
    if (!out && space >= 0 && static_cast<size_t>(space) < of_space_.size())
        look(of_space_[static_cast<size_t>(space)], -2, kTurned);
    return out;
}

}  // namespace wp::question

// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/profile.h"

#include <algorithm>
#include <cmath>

namespace wp::question {

namespace {

constexpr double kMostPoints = 4000;

// Of the four middles around a place those that have a point count, by their bilinear weights.
struct Blend {
    const geometry::PlanePoints& plane;
    const std::vector<int>& point_of;
    Vec2 at;  // in cells
    double operator()(const std::vector<double>& value) const {
        const double x = std::clamp(at.x - 0.5, 0.0, plane.columns - 1.0),
                     y = std::clamp(at.y - 0.5, 0.0, plane.rows - 1.0);
        const int i = std::min(static_cast<int>(x), std::max(0, plane.columns - 2)),
                  j = std::min(static_cast<int>(y), std::max(0, plane.rows - 2));
        double sum = 0, weight = 0;
        for (int dj = 0; dj < 2; ++dj)
            for (int di = 0; di < 2; ++di) {
                if (i + di >= plane.columns || j + dj >= plane.rows) continue;
                const double w = (di == 0 ? 1 - (x - i) : x - i) * (dj == 0 ? 1 - (y - j) : y - j);
                const int point = point_of[static_cast<size_t>(j + dj) * static_cast<size_t>(plane.columns) +
                                           static_cast<size_t>(i + di)];
                if (w <= 0 || point < 0 || static_cast<size_t>(point) >= value.size() ||
                    std::isnan(value[static_cast<size_t>(point)]))
                    continue;
                sum += w * value[static_cast<size_t>(point)];
                weight += w;
            }
        return weight > 0 ? sum / weight : NAN;
    }
};

}  // namespace

std::vector<ProfilePoint> profile(const std::vector<geometry::PlanePoints>& planes,
                                  const std::vector<std::vector<double>>& value,
                                  const std::vector<std::vector<double>>& half_width, const model::Id& storey,
                                  Vec2 from, Vec2 to, double step) {
    std::vector<std::vector<int>> cells;
    for (const auto& plane : planes) cells.push_back(plane.points_of_cells());
    const double reach = length(to - from);
    const auto n = static_cast<size_t>(std::clamp(std::ceil(reach / step), 1.0, kMostPoints));
    std::vector<ProfilePoint> out;
    for (size_t k = 0; k <= n; ++k) {
        ProfilePoint point{reach * static_cast<double>(k) / static_cast<double>(n), NAN, 0};
        const Vec2 p = from + (to - from) * (static_cast<double>(k) / static_cast<double>(n));
        for (size_t l = 0; l < planes.size() && std::isnan(point.value); ++l) {
            const auto& plane = planes[l];
            const auto at = plane.cells_at(p);
            if (!at || !plane.lies() || plane.storey != storey || at->x < 0 || at->y < 0 || at->x >= plane.columns ||
                at->y >= plane.rows)
                continue;
            if (cells[l][static_cast<size_t>(at->y) * static_cast<size_t>(plane.columns) + static_cast<size_t>(at->x)] <
                0)
                continue;
            const Blend blend{plane, cells[l], *at};
            point.value = blend(value[l]);
            if (l < half_width.size() && !half_width[l].empty()) point.half_width = blend(half_width[l]);
        }
        out.push_back(point);
    }
    return out;
}

}  // namespace wp::question

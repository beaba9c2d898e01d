// SPDX-License-Identifier: GPL-3.0-or-later
// Planes of one room: where two lie over the same floor it counts once, and both count in what is said of it.
#pragma once
#include <algorithm>
#include <cmath>
#include <set>
#include <utility>

#include "figure/measures.h"
#include "geometry/plane_points.h"

namespace wp::rule {

class RoomFloor {
 public:
    void add(const geometry::PlanePoints& plane, figure::Band band) {
        const double area = plane.area();
        sum_ = {sum_.value + area * band.value, sum_.low + area * band.low, sum_.high + area * band.high};
        area_ += area;
        for (const Vec3& p : plane.points) cover(plane, p);
    }
    figure::Band mean() const { return {sum_.value / area_, sum_.low / area_, sum_.high / area_}; }
    /// What is covered, m^2.
    double area() const { return std::min(static_cast<double>(covered_.size()) * kGrain * kGrain, area_); }

 private:
    static constexpr double kGrain = 0.1;  // metres
    // Squares of the floor whose middles lie within a point's cell.
    void cover(const geometry::PlanePoints& plane, Vec3 p) {
        const double reach = 0.5 * std::hypot(plane.dx, plane.dy);
        const auto first = [&](double v) { return std::lround(std::floor((v - reach) / kGrain)); };
        const auto last = [&](double v) { return std::lround(std::floor((v + reach) / kGrain)); };
        for (long i = first(p.x); i <= last(p.x); ++i)
            for (long j = first(p.y); j <= last(p.y); ++j) {
                const Vec3 off{(static_cast<double>(i) + 0.5) * kGrain - p.x,
                               (static_cast<double>(j) + 0.5) * kGrain - p.y, 0};
                if (std::fabs(dot(off, plane.across)) <= plane.dx / 2 && std::fabs(dot(off, plane.up)) <= plane.dy / 2)
                    covered_.insert({i, j});
            }
    }

    figure::Band sum_{0, 0, 0};
    double area_ = 0;
    std::set<std::pair<long, long>> covered_;
};

}  // namespace wp::rule

// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/depth_line.h"

#include <algorithm>

#include "model/building.h"

namespace wp::geometry {

std::pair<Vec2, Vec2> depth_line(const model::Room& room) {
    const auto& f = room.footprint;
    const auto long_as = [&](size_t e) { return length(f[(e + 1) % f.size()] - f[e]); };
    size_t edge = 0;
    const auto better = [&](size_t a, size_t b) {
        const auto lit = [&](size_t e) {
            return std::ranges::any_of(room.openings, [&](const auto& o) {
                return o.kind == model::Opening::Kind::window && o.edge == static_cast<int>(e);
            });
        };
        return std::pair(lit(a), long_as(a)) > std::pair(lit(b), long_as(b));
    };
    for (size_t e = 1; e < f.size(); ++e)
        if (better(e, edge)) edge = e;
    const Vec2 from = f[edge], to = f[(edge + 1) % f.size()], middle = (from + to) * 0.5;
    const Vec2 along = (to - from) * (1 / std::max(long_as(edge), 1e-9)), inward{-along.y, along.x};
    double deep = 0;
    for (const Vec2 p : f) deep = std::max(deep, dot(p - middle, inward));
    return {middle, middle + inward * deep};
}

}  // namespace wp::geometry

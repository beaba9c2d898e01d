// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/sun_patches.h"

#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "model/project.h"

namespace wp::question {

SunPatches sun_patches(const light::Scene& scene, const model::Project& project, const model::Option& option,
                       size_t storey, Vec3 to_sun, double step, double around, const Cancel& cancel) {
    SunPatches out;
    if (storey >= option.storeys.size()) return out;
    const auto walls = geometry::storey_walls(option, storey);
    if (walls.outline.empty()) return out;
    out.low = out.high = walls.outline[0][0];
    for (const auto& ring : walls.outline)
        for (const Vec2 p : ring) {
            out.low = {std::min(out.low.x, p.x), std::min(out.low.y, p.y)};
            out.high = {std::max(out.high.x, p.x), std::max(out.high.y, p.y)};
        }
    out.low = out.low - Vec2{around, around};
    out.columns = std::clamp(static_cast<int>(std::ceil((out.high.x + around - out.low.x) / step)), 1, 2000);
    out.rows = std::clamp(static_cast<int>(std::ceil((out.high.y + around - out.low.y) / step)), 1, 2000);
    out.high = out.low + Vec2{step * out.columns, step * out.rows};
    out.share.assign(static_cast<size_t>(out.columns) * static_cast<size_t>(out.rows), 0.0f);
    const double level = option.storeys[storey].level, ground = project.site.ground_level;
    const auto& voids = option.storeys[storey].voids;
    const auto in_outline = [&](Vec2 p) {
        bool in = false;
        for (const auto& ring : walls.outline) in = in != geometry::contains(ring, p);
        return in;
    };
    parallel_for(static_cast<size_t>(out.rows), [&](size_t row) {
        if (cancel.requested()) return;
        for (int column = 0; column < out.columns; ++column) {
            const Vec2 p = out.low + Vec2{(column + 0.5) * step, (static_cast<double>(row) + 0.5) * step};
            float& share = out.share[row * static_cast<size_t>(out.columns) + static_cast<size_t>(column)];
            bool in_room = false;
            for (const auto& room : walls.rooms) in_room = in_room || geometry::contains(room.ring, p);
            // Over a void one sees the floor below.
            double z = level;
            for (const auto& hole : voids)
                if (storey > 0 && geometry::contains(hole.outline, p)) z = option.storeys[storey - 1].level;
            if (!in_room) {
                if (in_outline(p)) {
                    share = -1;
                    continue;
                }
                z = ground;
            }
            if (to_sun.z <= 0) continue;
            share = scene
                        .beam(Vec3f{static_cast<float>(p.x), static_cast<float>(p.y), static_cast<float>(z) + 2e-3f},
                              to_sun.as<float>())
                        .share;
        }
    });
    return out;
}

}  // namespace wp::question

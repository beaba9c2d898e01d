// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/block_shape.h"

#include <algorithm>
#include <cmath>

namespace wp::geometry {
using model::Block;

namespace {

// The way the roof rises, and the span of the footprint along it.
struct Rise {
    Vec2 way;
    double low = 1e18, high = -1e18, slope = 0;
    explicit Rise(const Block& block) {
        const double a = radians(block.direction);
        way = {std::sin(a), std::cos(a)};
        for (const Vec2 p : block.footprint) {
            low = std::min(low, dot(p, way));
            high = std::max(high, dot(p, way));
        }
        slope = block.top == Block::Top::flat ? 0 : std::tan(radians(std::clamp(block.pitch, 0.0, 80.0)));
    }
    double ridge() const { return (low + high) / 2; }
};

double height_at(const Block& block, const Rise& rise, Vec2 p) {
    const double u = dot(p, rise.way), eaves = block.base + block.height;
    if (block.top == Block::Top::flat) return eaves;
    if (block.top == Block::Top::mono_pitch) return eaves + rise.slope * std::max(0.0, u - rise.low);
    return eaves + rise.slope * std::max(0.0, std::min(u - rise.low, rise.high - u));
}

Vec3 lift(Vec2 p, double z) { return {p.x, p.y, z}; }

}  // namespace

double block_top(const Block& block, Vec2 p) { return height_at(block, Rise(block), p); }

double block_ridge(const Block& block) {
    const Rise rise(block);
    const double eaves = block.base + block.height;
    if (block.top == Block::Top::mono_pitch) return eaves + rise.slope * (rise.high - rise.low);
    return block.top == Block::Top::gable ? eaves + rise.slope * (rise.high - rise.low) / 2 : eaves;
}

void build_block(const Block& block, double ground, const std::function<void(Vec3, Vec3, Vec3)>& add) {
    const Rise rise(block);
    const auto top = [&](Vec2 p) { return height_at(block, rise, p); };
    const bool ridged = block.top == Block::Top::gable && rise.slope > 0;
    for (size_t i = 0; i < block.footprint.size(); ++i) {
        const Vec2 a = block.footprint[i], b = block.footprint[(i + 1) % block.footprint.size()];
        add(lift(a, block.base), lift(b, block.base), lift(b, top(b)));
        add(lift(a, block.base), lift(b, top(b)), lift(a, top(a)));
        // A gable: the ridge ends over this side.
        const double ua = dot(a, rise.way) - rise.ridge(), ub = dot(b, rise.way) - rise.ridge();
        if (!ridged || ua * ub >= 0) continue;
        const Vec2 m = a + (b - a) * (ua / (ua - ub));
        add(lift(a, top(a)), lift(b, top(b)), lift(m, top(m)));
    }
    std::vector<Region> parts = {{block.footprint, {}}};
    if (ridged) {
        const Vec2 across{rise.way.y, -rise.way.x};
        const double wide = 1e4;
        const auto strip = [&](double from, double to) {
            return Polygon{rise.way * from - across * wide, rise.way * from + across * wide,
                           rise.way * to + across * wide, rise.way * to - across * wide};
        };
        const auto turned = [](Polygon p) {
            if (signed_area(p) < 0) std::reverse(p.begin(), p.end());
            return p;
        };
        parts = intersection({block.footprint}, {turned(strip(rise.low - 1, rise.ridge()))});
        for (Region& r : intersection({block.footprint}, {turned(strip(rise.ridge(), rise.high + 1))}))
            parts.push_back(std::move(r));
    }
    for (const Region& part : parts)
        for (const auto& t : triangulate(part))
            add(lift(t[0], top(t[0])), lift(t[1], top(t[1])), lift(t[2], top(t[2])));
    if (block.base > ground)
        for (const auto& t : triangulate({block.footprint, {}}))
            add(lift(t[0], block.base), lift(t[2], block.base), lift(t[1], block.base));
}

}  // namespace wp::geometry

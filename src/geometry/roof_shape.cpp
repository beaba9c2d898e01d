// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/roof_shape.h"

#include <algorithm>
#include <cmath>

#include "geometry/walls.h"

namespace wp::geometry {
using namespace model;

namespace {

constexpr double kFar = 1e4;

bool covers(const Roof& roof, const Room& room) {
    return roof.rooms.empty() || std::find(roof.rooms.begin(), roof.rooms.end(), room.id) != roof.rooms.end();
}

// The outer face of a row of slopes: every slope lifted, every step moved out by the same thickness.
std::vector<RoofShape::Slope> lifted(const std::vector<RoofShape::Slope>& inner, double thickness) {
    std::vector<RoofShape::Slope> out = inner;
    for (auto& slope : out) slope.start += thickness * std::sqrt(1 + slope.pitch * slope.pitch);
    for (size_t i = 0; i + 1 < out.size(); ++i) {
        const bool step = std::fabs(inner[i].at(inner[i].to) - inner[i + 1].at(inner[i].to)) > 1e-6;
        // A ridge stays where the two lifted slopes meet; with equal pitches that is above the inner one.
        const double place = step ? inner[i].to + thickness
                             : std::fabs(out[i].pitch - out[i + 1].pitch) > 1e-9
                                 ? (out[i + 1].start - out[i].start) / (out[i].pitch - out[i + 1].pitch)
                                 : inner[i].to;
        out[i].to = out[i + 1].from = place;
    }
    return out;
}

}  // namespace

RoofShape::RoofShape(const Storey& storey, const Roof& roof, double thickness)
    : rise_{std::sin(radians(roof.direction)), std::cos(radians(roof.direction))}, low_(1e18), high_(-1e18) {
    for (const Room& room : storey.rooms) {
        if (!covers(roof, room)) continue;
        for (const Vec2 p : room.footprint) {
            low_ = std::min(low_, along(p));
            high_ = std::max(high_, along(p));
        }
    }
    if (low_ > high_) low_ = high_ = 0;
    const double base = storey.level + roof.eaves, pitch = std::tan(radians(roof.pitch));
    switch (roof.kind) {
        case Roof::Kind::mono_pitch:
            inner_ = {{-kFar, kFar, base - pitch * low_, pitch}};
            break;
        case Roof::Kind::gable: {
            const double middle = (low_ + high_) / 2;
            inner_ = {{-kFar, middle, base - pitch * low_, pitch}, {middle, kFar, base + pitch * high_, -pitch}};
            break;
        }
        case Roof::Kind::sawtooth: {
            const int bays = std::max(1, roof.bays);
            const double width = (high_ - low_) / bays;
            for (int i = 0; i < bays; ++i) {
                const double from = low_ + width * i;
                inner_.push_back(
                    {i == 0 ? -kFar : from, i + 1 == bays ? kFar : from + width, base - pitch * from, pitch});
            }
            break;
        }
    }
    outer_ = lifted(inner_, thickness);
}

const RoofShape::Slope& RoofShape::slope_at(const std::vector<Slope>& face, double u) {
    for (const Slope& slope : face)
        if (u < slope.to) return slope;
    return face.back();
}

double RoofShape::height(const std::vector<Slope>& face, double u, double side) {
    return slope_at(face, u + side).at(u);
}

Polygon RoofShape::strip(const Slope& slope) const {
    const Vec2 across{rise_.y, -rise_.x};
    const double from = std::max(slope.from, low_ - 500), to = std::min(slope.to, high_ + 500);
    const Vec2 a = rise_ * from, b = rise_ * to, far = across * 2000.0;
    return {a - far, a + far, b + far, b - far};
}

std::vector<double> RoofShape::risers() const {
    std::vector<double> out;
    for (size_t i = 0; i + 1 < inner_.size(); ++i)
        if (std::fabs(inner_[i].at(inner_[i].to) - inner_[i + 1].at(inner_[i].to)) > 1e-6) out.push_back(inner_[i].to);
    return out;
}

const Roof* roof_over(const Storey& storey, const Room& room) {
    for (const Roof& roof : storey.roofs)
        if (covers(roof, room)) return &roof;
    return nullptr;
}

double ceiling_at(const Option& option, const Storey& storey, const Room& room, Vec2 p) {
    const Roof* roof = room.top == Room::Top::follows_roof ? roof_over(storey, room) : nullptr;
    if (roof == nullptr) return on_grid(storey.level + room.height);
    const RoofShape shape(storey, *roof, option.roof);
    return on_grid(RoofShape::height(shape.inner(), shape.along(p)));
}

double wall_top(const Option& option, const Storey& storey, const Room& room, int edge, double along, double width) {
    const Vec2 a = edge_begin(room, edge), d = normalized(edge_end(room, edge) - a), inward{-d.y, d.x};
    const Vec2 p = a + d * along, q = p + d * width, middle = (p + q) * 0.5 + inward * (option.inner_wall + 0.02);
    const double top =
        std::min({ceiling_at(option, storey, room, p), ceiling_at(option, storey, room, q)}) - storey.level;
    const size_t above = static_cast<size_t>(&storey - option.storeys.data()) + 1;
    if (above >= option.storeys.size()) return top;
    const Storey& next = option.storeys[above];
    const bool open = std::any_of(next.voids.begin(), next.voids.end(),
                                  [&](const FloorVoid& v) { return contains(v.outline, middle); });
    if (!open) return top;
    for (const Room& over : next.rooms)
        if (contains(over.footprint, middle))
            return std::min(ceiling_at(option, next, over, p), ceiling_at(option, next, over, q)) - storey.level;
    return top;
}

void keep_in_wall(const Option& option, const Storey& storey, const Room& room, Opening& opening) {
    model::keep_in_wall(room, opening, wall_top(option, storey, room, opening.edge, opening.along, opening.width));
}

namespace {

// Mean height over a triangle of a plane is that of its centroid.
template <class Visit>
void each_slope(const Option& option, const Storey& storey, const Room& room, Visit&& visit) {
    const Roof* roof = room.top == Room::Top::follows_roof ? roof_over(storey, room) : nullptr;
    const Polygon ring = inner_face(option, storey, room).ring;
    if (roof == nullptr) return visit(std::vector<Region>{{ring, {}}}, [&](Vec2) { return room.height; });
    const RoofShape shape(storey, *roof, option.roof);
    for (const auto& slope : shape.inner())
        visit(intersection({ring}, {shape.strip(slope)}),
              [&](Vec2 p) { return slope.at(shape.along(p)) - storey.level; });
}

}  // namespace

CeilingSpan ceiling_span(const Option& option, const Storey& storey, const Room& room) {
    CeilingSpan span{1e18, -1e18};
    each_slope(option, storey, room, [&](const std::vector<Region>& regions, auto&& height) {
        for (const Region& region : regions)
            for (const Vec2 p : region.outer) {
                span.low = std::min(span.low, height(p));
                span.high = std::max(span.high, height(p));
            }
    });
    return span.low > span.high ? CeilingSpan{room.height, room.height} : span;
}

double floor_area(const Option& option, const Storey& storey, const Room& room) {
    const Polygon ring = inner_face(option, storey, room).ring;
    std::vector<Polygon> holes;
    for (const FloorVoid& hole : storey.voids) holes.push_back(hole.outline);
    if (holes.empty()) return signed_area(ring);
    double area = 0;
    for (const Region& region : difference({ring}, holes)) {
        area += std::fabs(signed_area(region.outer));
        for (const Polygon& hole : region.holes) area -= std::fabs(signed_area(hole));
    }
    return area;
}

double room_volume(const Option& option, const Storey& storey, const Room& room) {
    double volume = 0;
    each_slope(option, storey, room, [&](const std::vector<Region>& regions, auto&& height) {
        for (const Region& region : regions)
            for (const auto& t : triangulate(region))
                volume += cross(t[1] - t[0], t[2] - t[0]) / 2 * height((t[0] + t[1] + t[2]) * (1.0 / 3));
    });
    return volume;
}

}  // namespace wp::geometry

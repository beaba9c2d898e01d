// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/face.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "geometry/walls.h"

namespace wp::geometry {

namespace {

// Under a sloping top this much of the wall always remains over a hole; under a level one a hole may reach the top.
constexpr double kLeastLintel = 0.01;

}  // namespace

Face::Key Face::key(Vec2 own) { return {std::llround(own.x * 1e5), std::llround(own.y * 1e5)}; }

Face Face::upright(uint32_t surface, Vec2 a, Vec2 b, bool flip) {
    const Vec2 d = normalized(b - a);
    Face face(
        surface, {},
        [a, d](Vec2 own) {
            return Vec3{a.x + d.x * own.x, a.y + d.y * own.x, own.y};
        },
        flip);
    face.begin_ = a;
    face.along_ = d;
    return face;
}

void Face::pin(Vec2 own, Vec3 place) { pins_.emplace(key(own), place); }

bool Face::cut_stretch(Vec2 a, Vec2 b, double z0, double z1) {
    if (outline_.empty() || std::fabs(cross(along_, a - begin_)) > 2 * kSameLine ||
        std::fabs(cross(along_, b - begin_)) > 2 * kSameLine)
        return false;
    double s = on_grid(dot(a - begin_, along_)), t = on_grid(dot(b - begin_, along_));
    if (s > t) {
        std::swap(s, t);
        std::swap(a, b);
    }
    Vec2 low = outline_[0], high = outline_[0];
    for (const Vec2 p : outline_) {
        low = {std::min(low.x, p.x), std::min(low.y, p.y)};
        high = {std::max(high.x, p.x), std::max(high.y, p.y)};
    }
    if (s > high.x - 1e-6 || t < low.x + 1e-6 || z0 > high.y - 1e-6 || z1 < low.y + 1e-6) return false;
    pin({s, z0}, {a.x, a.y, z0});
    pin({s, z1}, {a.x, a.y, z1});
    pin({t, z0}, {b.x, b.y, z0});
    pin({t, z1}, {b.x, b.y, z1});
    cut({{s, z0}, {t, z0}, {t, z1}, {s, z1}});
    return true;
}

std::optional<std::pair<double, double>> Face::span_over(Vec2 a, Vec2 b, bool whole) const {
    if (outline_.size() < 3 || std::fabs(cross(along_, a - begin_)) > 2 * kSameLine ||
        std::fabs(cross(along_, b - begin_)) > 2 * kSameLine)
        return {};
    double s = dot(a - begin_, along_), t = dot(b - begin_, along_);
    if (s > t) std::swap(s, t);
    // Outlines run along the foot first, then back along the top.
    const double foot = std::min(outline_[0].y, outline_[1].y);
    if (whole && (s < outline_[0].x - 1e-4 || t > outline_[1].x + 1e-4)) return {};
    s = std::max(s, outline_[0].x);
    t = std::min(t, outline_[1].x);
    if (t - s < 1e-6) return {};
    double top = std::numeric_limits<double>::infinity();
    for (size_t i = 2; i < outline_.size(); ++i) {
        const Vec2 p = outline_[i];
        if (p.x > s - 1e-9 && p.x < t + 1e-9) top = std::min(top, p.y);
        if (i + 1 == outline_.size()) break;
        const Vec2 q = outline_[i + 1];  // to the left of p
        for (const double way : {s, t})
            if (way < p.x && way > q.x) top = std::min(top, q.y + (way - q.x) / (p.x - q.x) * (p.y - q.y));
    }
    const bool level = std::all_of(outline_.begin() + 2, outline_.end(), [&](Vec2 p) { return p.y == outline_[2].y; });
    return std::pair{foot, level ? top : on_grid(top - kLeastLintel)};
}

void Face::add_to(Surfaces& surfaces) const {
    const auto place = [&](Vec2 own) {
        const auto pinned = pins_.find(key(own));
        return pinned != pins_.end() ? pinned->second : lift_(own);
    };
    const auto add = [&](const Region& region) {
        for (const auto& t : triangulate(region)) {
            const Vec3 a = place(t[0]), b = place(t[1]), c = place(t[2]);
            if (flip_)
                surfaces.add_triangle(surface_, a, c, b);
            else
                surfaces.add_triangle(surface_, a, b, c);
        }
    };
    if (holes_.empty()) return add({outline_, {}});
    for (const Region& region : difference({outline_}, holes_)) add(region);
}

}  // namespace wp::geometry

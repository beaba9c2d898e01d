// SPDX-License-Identifier: GPL-3.0-or-later
#include "light/sun_choice.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace wp::light {

namespace {

// A place before a rectangle, and where the directions to the nodes lead along it.
struct Sight {
    float height, u, v, length_u, length_v;
    const float *inverse_through, *along_u, *along_v;
};

// No branch and no list of whom it concerns: lanes of a vector register are cheaper than either.
[[gnu::always_inline]] inline void mark_lanes(const Sight& s, size_t count, float* __restrict marks) {
    const float height = s.height, u0 = s.u, v0 = s.v, length_u = s.length_u, length_v = s.length_v;
    for (size_t i = 0; i < count; ++i) {
        const float t = height * s.inverse_through[i], u = u0 + t * s.along_u[i], v = v0 + t * s.along_v[i];
        const float right = length_u - u, above = length_v - v;
        float within = t < u ? t : u;
        within = right < within ? right : within;
        within = v < within ? v : within;
        within = above < within ? above : within;
        marks[i] = within > 0 ? 1.0f : marks[i];
    }
}
void mark(const Sight& s, size_t count, float* marks) { mark_lanes(s, count, marks); }
// The same operations in the same order, eight at a time where the machine can: the same bits.
[[gnu::target("avx2")]] void mark_wide(const Sight& s, size_t count, float* marks) { mark_lanes(s, count, marks); }

}  // namespace

SunChoice::SunChoice(const Scene& scene, const SunNodes& nodes, const std::vector<double>& worth) : scene_(scene), nodes_(nodes) {
    lanes_ = (nodes.count() + kLanes - 1) / kLanes * kLanes;
    // A node of no worth in typical light may still be wanted by some day.
    const double mean = worth.empty() ? 0 : std::accumulate(worth.begin(), worth.end(), 0.0) / static_cast<double>(worth.size());
    for (const double w : worth) worth_.push_back(static_cast<float>(mean > 0 ? w / mean + 0.1 : 1.0));
    for (auto* list : {&worth_, &x_, &y_, &z_}) list->resize(lanes_, 0.0f);
    for (size_t i = 0; i < nodes.count(); ++i) {
        const Vec3f d = nodes.direction(i);
        x_[i] = d.x;
        y_[i] = d.y;
        z_[i] = d.z;
    }
    for (const ScenePortal& portal : scene.portals()) {
        Axes axes;
        for (auto* list : {&axes.inverse_through, &axes.along_u, &axes.along_v}) list->assign(lanes_, 0.0f);
        for (size_t i = 0; i < nodes.count(); ++i) {
            const Vec3f d = nodes.direction(i);
            const float through = dot(d, portal.normal);
            // Through a window to the open the sun comes from its far side only.
            if (portal.outside < 0 && portal.inside >= 0 && through <= 0) continue;
            if (portal.inside < 0 && portal.outside >= 0 && through >= 0) continue;
            // Along the plane there is no meeting: a far place that no side holds.
            axes.inverse_through[i] = std::fabs(through) > 1e-6f ? 1 / through : 1e6f;
            axes.along_u[i] = dot(d, portal.unit_u);
            axes.along_v[i] = dot(d, portal.unit_v);
        }
        axes_.push_back(std::move(axes));
    }
}

void SunChoice::open(size_t index, Vec3f at, float* marks) const {
    const ScenePortal& portal = scene_.portals()[index];
    const Axes& axes = axes_[index];
    const Vec3f from = at - portal.corner;
    const Sight sight{-dot(from, portal.normal), dot(from, portal.unit_u), dot(from, portal.unit_v), portal.length_u, portal.length_v,
                      axes.inverse_through.data(), axes.along_u.data(), axes.along_v.data()};
    static const bool wide = __builtin_cpu_supports("avx2");
    (wide ? mark_wide : mark)(sight, lanes_, marks);
}

bool SunChoice::in_sight(Vec3f at, Vec3f normal, int space, Room& room) const {
    room.assign(lanes_, space < 0 ? 1.0f : 0.0f);
    if (space < 0) return true;
    bool any = false;
    for (const int index : scene_.portals_of(space)) {
        const ScenePortal& p = scene_.portals()[static_cast<size_t>(index)];
        // Wholly below the place's own plane, as the windows of its own wall are.
        const float highest = dot(p.corner - at, normal) + std::max(dot(p.u, normal), 0.0f) + std::max(dot(p.v, normal), 0.0f);
        if (highest <= 0) continue;
        open(static_cast<size_t>(index), at, room.data());
        any = true;
    }
    return any;
}

SunChoice::Pick SunChoice::pick(Vec3f at, Vec3f normal, int space, float dice, Room& room) const {
    if (!in_sight(at, normal, space, room)) return {};
    float* __restrict weights = room.data();
    for (size_t i = 0; i < lanes_; ++i) {
        const float cosine = x_[i] * normal.x + y_[i] * normal.y + z_[i] * normal.z;
        weights[i] *= (cosine > 0 ? cosine : 0.0f) * worth_[i];
    }
    return draw(dice, room);
}

SunChoice::Pick SunChoice::draw(float dice, const Room& weights) const {
    // Lane by lane: the order of a sum must not hang on the machine.
    float lanes[kLanes] = {};
    for (size_t i = 0; i < lanes_; i += kLanes)
        for (size_t k = 0; k < kLanes; ++k) lanes[k] += weights[i + k];
    float sum = 0;
    for (const float lane : lanes) sum += lane;
    if (!(sum > 0)) return {};
    float left = dice * sum;
    size_t node = lanes_;
    for (size_t i = 0; i < lanes_; ++i) {
        if (weights[i] <= 0) continue;
        node = i;
        if (left < weights[i]) break;
        left -= weights[i];
    }
    return {node, weights[node] / worth_[node], weights[node] / sum};
}

}  // namespace wp::light

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

// From where the portal is seen, and which cones it may be seen against.
struct Beacon {
    Vec3f axis;
    float cosine, sine;
    bool all_about;  // it stands within the sphere about the portal
    const float *x, *y, *z, *of_cosine, *of_sine;
    const int32_t* before;
};

[[gnu::always_inline]] inline void touch_lanes(const Beacon& b, size_t count, int32_t* __restrict touched) {
    // A little wider than it is, for rounding.
    for (size_t c = 0; c < count; ++c) {
        const float apart = b.x[c] * b.axis.x + b.y[c] * b.axis.y + b.z[c] * b.axis.z, limit = b.of_cosine[c] * b.cosine - b.of_sine[c] * b.sine - 1e-4f;
        touched[c] = (apart >= limit ? -1 : 0) & b.before[c];
    }
}

// The lanes of one cluster. No branch within: lanes of a vector register are cheaper.
[[gnu::always_inline]] inline void mark_lanes(const Sight& s, size_t first, size_t count, float* __restrict marks) {
    const float height = s.height, u0 = s.u, v0 = s.v, length_u = s.length_u, length_v = s.length_v;
    for (size_t i = first; i < first + count; ++i) {
        const float t = height * s.inverse_through[i], u = u0 + t * s.along_u[i], v = v0 + t * s.along_v[i];
        const float right = length_u - u, above = length_v - v;
        float within = t < u ? t : u;
        within = right < within ? right : within;
        within = v < within ? v : within;
        within = above < within ? above : within;
        marks[i] = within > 0 ? 1.0f : marks[i];
    }
}

// Both in one, so that nothing is carried to and fro between registers of both widths. see(cluster): is looked at now.
template <size_t kLanes, class See>
[[gnu::always_inline]] inline void open_lanes(const Beacon& b, const Sight& s, size_t clusters, int32_t* touched, float* marks, See&& see) {
    const size_t all = (clusters + kLanes - 1) / kLanes * kLanes;
    if (b.all_about) std::copy_n(b.before, all, touched);
    else touch_lanes(b, all, touched);
    for (size_t c = 0; c < clusters; ++c) {
        if (touched[c] == 0) continue;
        see(c);
        mark_lanes(s, c * kLanes, kLanes, marks);
    }
}

}  // namespace

SunChoice::SunChoice(const Scene& scene, const SunNodes& nodes, const std::vector<double>& worth) : scene_(scene) {
    // A node of no worth in typical light may still be wanted by some day.
    const double mean = worth.empty() ? 0 : std::accumulate(worth.begin(), worth.end(), 0.0) / static_cast<double>(worth.size());
    std::vector<float> chances;
    for (const double w : worth) chances.push_back(static_cast<float>(mean > 0 ? w / mean + 0.1 : 1.0));
    gather_clusters(nodes, chances);
    for (const ScenePortal& portal : scene.portals()) {
        Axes axes;
        for (auto* list : {&axes.inverse_through, &axes.along_u, &axes.along_v}) list->assign(lanes_, 0.0f);
        axes.before.assign(cones_.x.size(), 0);
        for (size_t i = 0; i < nodes.count(); ++i) {
            const Vec3f d{x_[i], y_[i], z_[i]};
            const float through = dot(d, portal.normal);
            // Through a window to the open the sun comes from its far side only.
            if (portal.outside < 0 && portal.inside >= 0 && through <= 0) continue;
            if (portal.inside < 0 && portal.outside >= 0 && through >= 0) continue;
            // Along the plane there is no meeting: a far place that no side holds.
            axes.inverse_through[i] = std::fabs(through) > 1e-6f ? 1 / through : 1e6f;
            axes.along_u[i] = dot(d, portal.unit_u);
            axes.along_v[i] = dot(d, portal.unit_v);
            axes.before[i / kLanes] = -1;
        }
        axes_.push_back(std::move(axes));
    }
}

// The first that is left, and those next to it.
void SunChoice::gather_clusters(const SunNodes& nodes, const std::vector<float>& worth) {
    std::vector<size_t> left(nodes.count());
    std::iota(left.begin(), left.end(), size_t{0});
    while (!left.empty()) {
        const Vec3f first = nodes.direction(left.front());
        const auto end = left.begin() + static_cast<std::ptrdiff_t>(std::min(kLanes, left.size()));
        std::partial_sort(left.begin(), end, left.end(), [&](size_t a, size_t b) {
            const float to_a = dot(nodes.direction(a), first), to_b = dot(nodes.direction(b), first);
            return to_a != to_b ? to_a > to_b : a < b;
        });
        node_of_lane_.insert(node_of_lane_.end(), left.begin(), end);
        Vec3f sum{};
        for (auto it = left.begin(); it != end; ++it) sum = sum + nodes.direction(*it);
        const Vec3f axis = normalized(sum);
        float cosine = 1;
        for (auto it = left.begin(); it != end; ++it) cosine = std::min(cosine, dot(axis, nodes.direction(*it)));
        cones_.x.push_back(axis.x);
        cones_.y.push_back(axis.y);
        cones_.z.push_back(axis.z);
        // Wider than half of all directions: it is touched by anything.
        cones_.cosine.push_back(cosine > 0 ? cosine : -2);
        cones_.sine.push_back(cosine > 0 ? std::sqrt(std::max(0.0f, 1 - cosine * cosine)) : 2);
        left.erase(left.begin(), end);
        std::sort(left.begin(), left.end());
    }
    clusters_ = cones_.x.size();
    lanes_ = clusters_ * kLanes;
    for (auto* list : {&cones_.x, &cones_.y, &cones_.z, &cones_.cosine, &cones_.sine}) list->resize((clusters_ + kLanes - 1) / kLanes * kLanes, 0.0f);
    for (auto* list : {&worth_, &x_, &y_, &z_}) list->resize(lanes_, 0.0f);
    for (size_t i = 0; i < node_of_lane_.size(); ++i) {
        const Vec3f d = nodes.direction(node_of_lane_[i]);
        worth_[i] = worth[node_of_lane_[i]];
        x_[i] = d.x;
        y_[i] = d.y;
        z_[i] = d.z;
    }
}

inline void SunChoice::see(size_t cluster, float mark, Room& room) const {
    if (room.is_seen[cluster]) return;
    room.is_seen[cluster] = 1;
    room.seen.push_back(static_cast<uint32_t>(cluster));
    std::fill_n(room.weights.begin() + static_cast<std::ptrdiff_t>(cluster * kLanes), kLanes, mark);
}

[[gnu::always_inline]] inline void SunChoice::open_as_wide(size_t index, Vec3f at, Room& room) const {
    const ScenePortal& portal = scene_.portals()[index];
    const Axes& axes = axes_[index];
    const Vec3f from = at - portal.corner;
    const Sight sight{-dot(from, portal.normal), dot(from, portal.unit_u), dot(from, portal.unit_v), portal.length_u, portal.length_v,
                      axes.inverse_through.data(), axes.along_u.data(), axes.along_v.data()};
    // The cone from here about the portal: clusters whose own does not touch it have no node behind it.
    const Vec3f to = portal.centre - at;
    const float square = dot(to, to), radius = 0.2501f * (portal.length_u * portal.length_u + portal.length_v * portal.length_v);
    const bool all_about = square <= radius;
    const float sine = all_about ? 1.0f : std::sqrt(radius / square), cosine = std::sqrt(std::max(0.0f, 1 - sine * sine));
    const Beacon beacon{to * (1 / std::sqrt(square + 1e-20f)), cosine, sine, all_about, cones_.x.data(), cones_.y.data(), cones_.z.data(), cones_.cosine.data(), cones_.sine.data(), axes.before.data()};
    open_lanes<kLanes>(beacon, sight, clusters_, room.touched.data(), room.weights.data(), [&](size_t cluster) { see(cluster, 0, room); });
}
void SunChoice::open(size_t portal, Vec3f at, Room& room) const { open_as_wide(portal, at, room); }
// The same operations in the same order, eight at a time where the machine can: the same bits.
[[gnu::target("avx2")]] void SunChoice::open_wide(size_t portal, Vec3f at, Room& room) const { open_as_wide(portal, at, room); }

bool SunChoice::in_sight(Vec3f at, Vec3f normal, int space, Room& room) const {
    static const bool wide = __builtin_cpu_supports("avx2");
    room.weights.resize(lanes_);
    room.touched.resize(cones_.x.size());
    room.is_seen.assign(clusters_, 0);
    room.seen.clear();
    if (space < 0) {
        for (size_t c = 0; c < clusters_; ++c) see(c, 1, room);
        return true;
    }
    for (const int index : scene_.portals_of(space)) {
        const ScenePortal& p = scene_.portals()[static_cast<size_t>(index)];
        // Wholly below the place's own plane, as the windows of its own wall are.
        const float highest = dot(p.corner - at, normal) + std::max(dot(p.u, normal), 0.0f) + std::max(dot(p.v, normal), 0.0f);
        if (highest > 0) (wide ? open_wide(static_cast<size_t>(index), at, room) : open(static_cast<size_t>(index), at, room));
    }
    return !room.seen.empty();
}

void SunChoice::weigh(Vec3f normal, size_t first, size_t count, float* __restrict weights) const {
    for (size_t i = first; i < first + count; ++i) {
        const float cosine = x_[i] * normal.x + y_[i] * normal.y + z_[i] * normal.z;
        weights[i] *= (cosine > 0 ? cosine : 0.0f) * worth_[i];
    }
}

SunChoice::Pick SunChoice::pick(Vec3f at, Vec3f normal, int space, float dice, Room& room) const {
    if (space < 0) return pick_outdoors(normal, dice, room);
    if (!in_sight(at, normal, space, room)) return {};
    for (const uint32_t cluster : room.seen) weigh(normal, cluster * kLanes, kLanes, room.weights.data());
    return draw(dice, room);
}

SunChoice::Pick SunChoice::pick_outdoors(Vec3f normal, float dice, Room& room) const {
    auto known = std::find_if(room.open.begin(), room.open.end(), [&](const Room::Open& o) { return o.normal == normal; });
    if (known == room.open.end()) {
        // Crowns and the like have many normals: those are not to drive out the few of walls and ground.
        constexpr size_t most = 24;
        if (room.open.size() < most) room.open.emplace_back();
        known = room.open.end() - 1;
        known->normal = normal;
        known->sums.assign(lanes_, 1.0f);
        weigh(normal, 0, lanes_, known->sums.data());
        std::partial_sum(known->sums.begin(), known->sums.end(), known->sums.begin());
    }
    const std::vector<float>& sums = known->sums;
    const float sum = sums.empty() ? 0 : sums.back();
    if (!(sum > 0)) return {};
    // The first whose sum is beyond: one of weight zero adds nothing to the sum before it.
    auto at = std::upper_bound(sums.begin(), sums.end(), dice * sum);
    if (at == sums.end()) at = std::lower_bound(sums.begin(), sums.end(), sum);
    const auto lane = static_cast<size_t>(at - sums.begin());
    const float cosine = x_[lane] * normal.x + y_[lane] * normal.y + z_[lane] * normal.z;
    return {node_of_lane_[lane], cosine, cosine * worth_[lane] / sum};
}

SunChoice::Pick SunChoice::draw(float dice, Room& room) const {
    room.sums.clear();
    float sum = 0;
    for (const uint32_t cluster : room.seen) {
        const float* w = room.weights.data() + cluster * kLanes;
        room.sums.push_back(((w[0] + w[1]) + (w[2] + w[3])) + ((w[4] + w[5]) + (w[6] + w[7])));
        sum += room.sums.back();
    }
    if (!(sum > 0)) return {};
    float left = dice * sum;
    size_t c = 0, lane = lanes_;
    while (c + 1 < room.seen.size() && left >= room.sums[c]) left -= room.sums[c++];
    // Rounding may leave a little at the end: the last that is there is taken then.
    for (; lane == lanes_; --c)
        for (size_t i = room.seen[c] * kLanes; i < (room.seen[c] + 1) * kLanes; ++i) {
            if (room.weights[i] <= 0) continue;
            lane = i;
            if (left < room.weights[i]) break;
            left -= room.weights[i];
        }
    return {node_of_lane_[lane], room.weights[lane] / worth_[lane], room.weights[lane] / sum};
}

}  // namespace wp::light

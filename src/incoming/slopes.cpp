// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/slopes.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "geometry/polygon.h"

namespace wp::incoming {

namespace {

constexpr double kAbove = 0.5;                           // metres above the floor from which on a face is a ceiling
constexpr double kSteepest = 0.17, kFlattest = 0.99985;  // of the normal's height: 80 and 1 degrees
constexpr double kSameSlope = 0.005;                     // metres between planes at the space
constexpr double kSameTurn = 0.01, kSamePitch = 0.01;    // of directions in plan, of tangents
constexpr double kOffMiddle = 0.1;                       // metres of a ridge
constexpr double kWhole = 0.98;                          // of the ceiling that its slopes must be

// z = z0 + slope . (x, y)
struct CeilingPlane {
    Vec2 slope;
    double z0 = 0, area = 0;  ///< in plan
    double at(Vec2 p) const { return z0 + dot(slope, p); }
};

std::optional<CeilingPlane> ceiling_plane(const Ring& ring) {
    const Vec3 n = area_vector(ring);
    const double l = length(n);
    if (!(l > 1e-9) || std::fabs(n.z) / l < kSteepest) return {};
    CeilingPlane out{{-n.x / n.z, -n.y / n.z}, 0, std::fabs(n.z)};
    for (const Vec3& p : ring) out.z0 += (p.z - dot(out.slope, {p.x, p.y})) / static_cast<double>(ring.size());
    for (const Vec3& p : ring)
        if (std::fabs(p.z - out.at({p.x, p.y})) > kSameSlope) return {};
    return out;
}

// Faces above the floor by the planes that they lie in; empty where one of them lies in none.
std::vector<CeilingPlane> ceilings_of(const Space& space, double floor) {
    std::vector<CeilingPlane> out;
    for (const Ring& ring : space.faces) {
        if (ring.size() < 3) continue;
        double low = 1e18;
        Vec2 middle{};
        for (const Vec3& p : ring) {
            low = std::min(low, p.z);
            middle = middle + Vec2{p.x, p.y} * (1 / static_cast<double>(ring.size()));
        }
        const Vec3 n = area_vector(ring);
        if (low < floor + kAbove || std::fabs(n.z) < kSteepest * length(n)) continue;
        const auto plane = ceiling_plane(ring);
        if (!plane) return {};
        const auto same = std::ranges::find_if(out, [&](const CeilingPlane& p) {
            return std::fabs(p.at(middle) - plane->at(middle)) < kSameSlope &&
                   length(p.slope - plane->slope) < kSamePitch;
        });
        if (same == out.end())
            out.push_back(*plane);
        else
            same->area += plane->area;
    }
    std::ranges::sort(out, std::greater(), &CeilingPlane::area);
    return out;
}

}  // namespace

std::optional<SlopedCeiling> sloped_ceiling(const Space& space, double floor) {
    const auto planes = ceilings_of(space, floor);
    double whole = 0;
    for (const CeilingPlane& p : planes) whole += p.area;
    if (planes.empty()) return {};
    const CeilingPlane& first = planes[0];
    const double tangent = length(first.slope);
    if (1 / std::sqrt(1 + tangent * tangent) > kFlattest) return {};
    const Vec2 rise = first.slope * (1 / tangent);
    SlopedCeiling out;
    out.direction = degrees(std::atan2(rise.x, rise.y));
    if (out.direction < 0) out.direction += 360;
    out.pitch = degrees(std::atan(tangent));
    out.base = first.z0;
    if (first.area > kWhole * whole) return out;
    if (planes.size() < 2 || first.area + planes[1].area < kWhole * whole) return {};
    const CeilingPlane& second = planes[1];
    const double other = length(second.slope);
    if (std::fabs(other - tangent) > kSamePitch ||
        length(second.slope * (1 / std::max(other, 1e-9)) + rise) > kSameTurn)
        return {};
    out.kind = model::Roof::Kind::gable;
    double low = 1e18, high = -1e18;
    for (const Ring& ring : space.faces)
        for (const Vec3& p : ring) {
            const double u = dot(rise, {p.x, p.y});
            low = std::min(low, u), high = std::max(high, u);
        }
    // Where both slopes have one height.
    const double ridge = (second.z0 - first.z0) / (2 * tangent);
    if (std::fabs(ridge - (low + high) / 2) > kOffMiddle) return {};
    return out;
}

}  // namespace wp::incoming

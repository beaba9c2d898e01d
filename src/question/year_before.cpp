// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/year_before.h"

#include <algorithm>
#include <cmath>

#include "base/parallel.h"
#include "base/random.h"

namespace wp::question {

namespace {

constexpr int kBounces = 5;
// Grown by what rays are lifted off surfaces, and then some.
constexpr double kMargin = 0.02;
// Of panes seen from outdoors, about what they mirror.
constexpr float kPaneMirrors = 0.15f;

bool is_outer(const geometry::Portal& p) { return p.inside < 0 || p.outside < 0; }
bool holds(const std::vector<model::Id>& ids, const model::Id& id) {
    return std::find(ids.begin(), ids.end(), id) != ids.end();
}

Vec3f around(Vec3f normal, random::Pair dice) {
    const float r = std::sqrt(dice.u), angle = static_cast<float>(2 * kPi) * dice.v;
    const Vec3f aside = std::abs(normal.z) < 0.9f ? Vec3f{0, 0, 1} : Vec3f{1, 0, 0};
    const Vec3f x = normalized(cross(aside, normal)), y = cross(normal, x);
    return normalized(x * (r * std::cos(angle)) + y * (r * std::sin(angle)) +
                      normal * std::sqrt(std::max(0.0f, 1 - dice.u)));
}

// What a path from a pane carries when it meets a box; 0 where it never does.
double carried_to(const light::Scene& scene, const geometry::Portal& portal, int number, const std::vector<Box>& boxes,
                  random::Stream stream) {
    const Vec3 out = normalized(cross(portal.u, portal.v)) * (portal.outside == geometry::kOutdoors ? 1.0 : -1.0);
    random::Pair dice = stream.next();
    Vec3f at = (portal.corner + portal.u * static_cast<double>(dice.u) + portal.v * static_cast<double>(dice.v) +
                out * static_cast<double>(light::kLift))
                   .as<float>();
    Vec3f to = around(out.as<float>(), stream.next());
    double weight = 1;
    for (int bounce = 0, skip = number; bounce < kBounces; ++bounce, skip = -1) {
        const auto hit = scene.intersect(at, to, skip);
        for (const Box& box : boxes)
            if (box.meets(at, to, hit.distance)) return weight;
        if (hit.what == light::Hit::What::nothing) return 0;
        const bool pane = hit.what == light::Hit::What::portal;
        weight *=
            static_cast<double>(pane ? kPaneMirrors : std::min(1.0f, hit.reflectance + hit.specular + hit.through));
        at = at + to * hit.distance + hit.normal * light::kLift;
        const bool mirrors = pane || hit.specular > hit.reflectance;
        dice = stream.next();
        to = mirrors ? to - hit.normal * (2 * dot(to, hit.normal)) : around(hit.normal, dice);
    }
    return 0;
}

}  // namespace

void Box::grow(Vec3 to) {
    low = {std::min(low.x, to.x), std::min(low.y, to.y), std::min(low.z, to.z)};
    high = {std::max(high.x, to.x), std::max(high.y, to.y), std::max(high.z, to.z)};
}

bool Box::meets(Vec3f from, Vec3f direction, float length) const {
    double first = 0, last = static_cast<double>(length);
    const auto clip = [&](double at, double step, double a, double b) {
        if (std::abs(step) < 1e-12) return at >= a && at <= b;
        double s = (a - at) / step, t = (b - at) / step;
        if (s > t) std::swap(s, t);
        first = std::max(first, s);
        last = std::min(last, t);
        return first <= last;
    };
    const Vec3 f = from.as<double>(), d = direction.as<double>();
    return clip(f.x, d.x, low.x, high.x) && clip(f.y, d.y, low.y, high.y) && clip(f.z, d.z, low.z, high.z);
}

std::vector<Box> boxes_around(const geometry::Surfaces& before, const geometry::Surfaces& after,
                              const std::vector<model::Id>& openings) {
    std::vector<Box> out;
    for (const auto& id : openings) {
        constexpr double far = 1e30;
        Box box{{far, far, far}, {-far, -far, -far}};
        for (const auto* surfaces : {&before, &after}) {
            for (const auto& p : surfaces->portals)
                if (p.opening == id)
                    for (const Vec3 corner : {p.corner, p.corner + p.u, p.corner + p.v, p.corner + p.u + p.v})
                        box.grow(corner);
            for (size_t t = 0; t < surfaces->triangles.size(); ++t)
                if (surfaces->surfaces[surfaces->surface_of[t]].source == id)
                    for (const uint32_t k : surfaces->triangles[t]) box.grow(surfaces->vertices[k]);
        }
        if (box.low.x > box.high.x) continue;
        const Vec3 margin{kMargin, kMargin, kMargin};
        box.low = box.low - margin;
        box.high = box.high + margin;
        out.push_back(box);
    }
    return out;
}

double possible_change(const light::Scene& scene, const geometry::Portal& portal, int number,
                       const std::vector<Box>& boxes, unsigned seed, uint32_t paths) {
    double sum = 0, square = 0;
    for (uint32_t i = 0; i < paths; ++i) {
        const double carried = carried_to(scene, portal, number, boxes,
                                          random::Stream(random::hash(seed, static_cast<uint32_t>(number)), i));
        sum += carried;
        square += carried * carried;
    }
    const double n = paths, mean = sum / n, error = std::sqrt(std::max(0.0, square / n - mean * mean) / n);
    // What was never met may still be met by one path in so many: at most by those that were reflected once.
    const double unseen = mean > 0 ? 0 : 3 / n;
    return kBrighter * (mean + 2.6 * error + unseen);
}

YearBefore what_still_holds(const geometry::Surfaces& before, const geometry::Surfaces& after,
                            const std::vector<model::Id>& openings, double tolerance, uint32_t paths) {
    YearBefore out;
    const auto stand_alike = [](const geometry::Portal& a, const geometry::Portal& b) {
        return a.opening == b.opening && a.inside == b.inside && a.outside == b.outside;
    };
    if (before.spaces != after.spaces || before.air != after.air || before.portals.size() != after.portals.size() ||
        !std::equal(before.portals.begin(), before.portals.end(), after.portals.begin(), stand_alike))
        return out;
    const auto boxes = boxes_around(before, after, openings);
    const light::Scene was(before), is(after);
    std::vector<double> change(after.portals.size(), 0.0);
    parallel_for(after.portals.size(), [&](size_t p) {
        if (!is_outer(after.portals[p]) || holds(openings, after.portals[p].opening)) return;
        const int number = static_cast<int>(p);
        change[p] = std::max(possible_change(was, before.portals[p], number, boxes, 1, paths),
                             possible_change(is, after.portals[p], number, boxes, 2, paths));
    });
    out.outdoors = before.light_fingerprint(geometry::kOutdoors);
    std::map<model::Id, double> of_face;
    for (size_t p = 0; p < after.portals.size(); ++p)
        if (is_outer(after.portals[p])) {
            double& most = of_face[after.portals[p].opening];
            most = std::max(most, holds(openings, after.portals[p].opening) ? 1.0 : change[p]);
        }
    for (const auto& [opening, most] : of_face)
        if (most <= tolerance) out.faces.push_back(opening);
    for (int space = 0; space < static_cast<int>(after.spaces.size()); ++space) {
        const auto joined = after.joined(space);
        double most = 0;
        for (size_t p = 0; p < after.portals.size(); ++p) {
            const auto& portal = after.portals[p];
            const bool own = (portal.inside >= 0 && joined[static_cast<size_t>(portal.inside)]) ||
                             (portal.outside >= 0 && joined[static_cast<size_t>(portal.outside)]);
            if (own) most = std::max(most, holds(openings, portal.opening) ? 1.0 : change[p]);
        }
        if (most > tolerance) continue;
        out.spaces[space] = before.light_fingerprint(space);
        out.change[space] = most;
    }
    return out;
}

}  // namespace wp::question

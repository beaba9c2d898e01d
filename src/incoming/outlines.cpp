// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/outlines.h"

#include <fmt/core.h>

#include <algorithm>
#include <cmath>

namespace wp::incoming {

using geometry::Polygon;

namespace {

constexpr double kNear = 0.005;                    // metres: corners nearer than that are one
constexpr double kStraight = 0.002;                // metres: a corner that stands out less says nothing
constexpr double kFlat = 0.9;                      // cosine between a floor's normal and the upright
constexpr double kLeastArea = 0.25;                // m2 of a room's floor
constexpr double kHighest = 900, kFarthest = 1e5;  // metres from the drawing's zero
constexpr double kLeastHeight = 0.5;               // metres
constexpr double kParallel = 0.02;                 // sine of the angle between edges that face each other
constexpr double kLeastOverlap = 0.1;              // metres of edges that face each other

Vec3 normal_of(const Ring& ring) {
    const Vec3 n = area_vector(ring);
    const double l = length(n);
    return l > 1e-9 ? n * (1 / l) : Vec3{};
}

Polygon in_plan(const Ring& ring) {
    Polygon out;
    for (const Vec3& p : ring) out.push_back({p.x, p.y});
    if (geometry::signed_area(out) < 0) std::ranges::reverse(out);
    return out;
}

double mean_height(const Ring& ring) {
    double sum = 0;
    for (const Vec3& p : ring) sum += p.z;
    return sum / static_cast<double>(ring.size());
}

Vec3 middle(const Polygon& ring, double z) {
    Vec2 sum{};
    for (const Vec2 p : ring) sum = sum + p;
    return {sum.x / static_cast<double>(ring.size()), sum.y / static_cast<double>(ring.size()), z};
}

const geometry::Region* largest(const std::vector<geometry::Region>& regions) {
    const auto at =
        std::ranges::max_element(regions, {}, [](const auto& r) { return std::fabs(geometry::signed_area(r.outer)); });
    return at != regions.end() ? &*at : nullptr;
}

struct Flat {
    const Ring* ring;
    double z, area;
};

// Faces that lie level, or nearly so, from below upwards.
std::vector<Flat> flats(const Space& space) {
    std::vector<Flat> out;
    for (const Ring& ring : space.faces) {
        if (ring.size() < 3 || std::fabs(normal_of(ring).z) < kFlat) continue;
        out.push_back({&ring, mean_height(ring), std::fabs(geometry::signed_area(in_plan(ring)))});
    }
    std::ranges::sort(out, {}, &Flat::z);
    return out;
}

// Height of a sloped or stepped ceiling, by its area in plan.
double ceiling_height(const Space& space, double floor, double highest) {
    double sum = 0, area = 0;
    for (const Ring& ring : space.faces) {
        const double z = mean_height(ring), a = std::fabs(geometry::signed_area(in_plan(ring)));
        if (ring.size() < 3 || z < floor + kLeastHeight || std::fabs(normal_of(ring).z) < 0.1) continue;
        sum += z * a, area += a;
    }
    return area > 0 ? sum / area - floor : highest - floor;
}

}  // namespace

Polygon simplified(const Polygon& ring) {
    Polygon out = ring;
    for (bool again = true; again && out.size() > 3;) {
        again = false;
        for (size_t i = 0; i < out.size() && out.size() > 3; ++i) {
            const Vec2 before = out[(i + out.size() - 1) % out.size()], after = out[(i + 1) % out.size()];
            const bool says_nothing =
                length(after - out[i]) < kNear || geometry::distance_to_segment(out[i], before, after) < kStraight;
            if (!says_nothing) continue;
            out.erase(out.begin() + static_cast<std::ptrdiff_t>(i));
            again = true;
            break;
        }
    }
    return out;
}

std::optional<Outline> outline_of(const Space& space, Account& account) {
    double low = 1e18, high = -1e18;
    for (const Ring& ring : space.faces)
        for (const Vec3& p : ring) low = std::min(low, p.z), high = std::max(high, p.z);
    const auto level = flats(space);
    double far = 0;
    for (const Ring& ring : space.faces)
        for (const Vec3& p : ring) far = std::max({far, std::fabs(p.x), std::fabs(p.y)});
    if (std::max(std::fabs(low), std::fabs(high)) > kHighest || far > kFarthest) {
        account.left_out(space.name, "it is larger than 1 km, or lies too far off: check unit and place");
        return {};
    }
    if (high - low < kLeastHeight || level.empty()) {
        account.left_out(space.name, space.faces.empty() ? "it has no hull" : "no floor and ceiling were found in it");
        return {};
    }
    // What lies on the lowest floor; where that is missing, the shadow of everything that lies level.
    std::vector<Polygon> floor;
    for (const Flat& f : level)
        if (f.z < low + 0.3) floor.push_back(in_plan(*f.ring));
    if (floor.empty()) {
        for (const Flat& f : level) floor.push_back(in_plan(*f.ring));
        account.changed(space.name, "it has no floor: its outline is that of its ceiling");
    }
    bool crosses = std::ranges::any_of(floor, [](const Polygon& p) { return geometry::crosses_itself(p); });
    const auto regions = geometry::unite(floor);
    const auto* region = largest(regions);
    if (region == nullptr || std::fabs(geometry::signed_area(region->outer)) < kLeastArea) {
        account.left_out(space.name, "its floor is smaller than 0.25 m\u00b2");
        return {};
    }
    Outline out{&space, simplified(region->outer), low, 0, sloped_ceiling(space, low)};
    if (geometry::signed_area(out.ring) < 0) std::ranges::reverse(out.ring);
    const Vec3 at = middle(out.ring, low);
    if (crosses)
        account.changed(space.name, "its outline crosses itself: the largest part of it was kept", at);
    else if (regions.size() > 1)
        account.changed(space.name, "its floor lies in several pieces: the largest was kept", at);
    if (!region->holes.empty())
        account.changed(space.name, "its floor has holes, which rooms cannot have: they were filled", at);
    out.height = ceiling_height(space, low, high);
    if (out.height < kLeastHeight) out.height = high - low;
    if (!out.slope && std::fabs(high - low - out.height) > 0.05)
        account.changed(space.name,
                        fmt::format("its ceiling is not level: it has the mean height of {:.2f} m", out.height), at);
    return out;
}

namespace {

// Two edges that face each other across what lies between.
struct Facing {
    Vec2 a0, a1, b0, b1;  ///< of either edge the part that has the other before it
    double gap = 0;
};

std::optional<Facing> facing(Vec2 a0, Vec2 a1, Vec2 b0, Vec2 b1, double most) {
    const double la = length(a1 - a0), lb = length(b1 - b0);
    if (la < kLeastOverlap || lb < kLeastOverlap) return {};
    const Vec2 along = (a1 - a0) * (1 / la), out{along.y, -along.x};
    const Vec2 other = (b1 - b0) * (1 / lb);
    if (dot(along, other) > 0 || std::fabs(cross(along, other)) > kParallel) return {};
    const double t0 = std::max(0.0, dot(b1 - a0, along)), t1 = std::min(la, dot(b0 - a0, along));
    if (t1 - t0 < kLeastOverlap) return {};
    // b runs against a: its place beside a's.
    const auto on_b = [&](double t) {
        const double span = dot(b0 - b1, along), share = std::fabs(span) > 1e-9 ? (t - dot(b1 - a0, along)) / span : 0;
        return b1 + (b0 - b1) * share;
    };
    Facing f{a0 + along * t0, a0 + along * t1, on_b(t0), on_b(t1), 0};
    const double g0 = dot(f.b0 - f.a0, out), g1 = dot(f.b1 - f.a1, out);
    // Overlapping by a little is a gap below nought.
    if (std::min(g0, g1) < -0.05 || std::max(g0, g1) > most) return {};
    f.gap = std::max(0.0, (g0 + g1) / 2);
    return f;
}

Vec2 half_way(Vec2 p, Vec2 q) { return (p + q) * 0.5; }

// From an edge to the middle line, as a strip that is added to a room.
Polygon strip(Vec2 p, Vec2 q, Vec2 middle_p, Vec2 middle_q) {
    Polygon out{p, q, middle_q, middle_p};
    if (geometry::signed_area(out) < 0) std::ranges::reverse(out);
    return out;
}

struct Grown {
    std::vector<Polygon> strips;
    double most = 0;  ///< of the gaps around it
};

// Notches where walls meet walls belong to the rooms around them: they are filled as far as walls are thick there.
Polygon grown_ring(const std::vector<Outline>& all, size_t i, const Grown& grown) {
    std::vector<Polygon> parts = grown.strips;
    parts.push_back(all[i].ring);
    const auto joined = geometry::unite(parts);
    const auto* region = largest(joined);
    if (region == nullptr) return all[i].ring;
    const double reach = grown.most / 2 + 0.002;
    const auto wide = geometry::offset_union({region->outer}, reach);
    const auto closed = geometry::offset_union(geometry::rings(wide), -reach);
    std::vector<Polygon> others;
    for (size_t k = 0; k < all.size(); ++k)
        if (k != i) others.push_back(all[k].ring);
    const auto around = geometry::offset_union(others, grown.most);
    const auto fill = geometry::intersection(
        geometry::rings(geometry::difference(geometry::rings(closed), {region->outer})), geometry::rings(around));
    std::vector<Polygon> whole = geometry::rings(fill);
    whole.push_back(region->outer);
    const auto filled = geometry::unite(whole);
    const auto* out = largest(filled);
    return simplified(out != nullptr ? out->outer : region->outer);
}

}  // namespace

std::vector<Between> join_outlines(std::vector<Outline>& outlines, double gap, double wall, Account& account) {
    std::vector<Between> out;
    std::vector<Grown> grown(outlines.size());
    for (size_t a = 0; a < outlines.size(); ++a)
        for (size_t b = a + 1; b < outlines.size(); ++b) {
            const auto &ra = outlines[a].ring, &rb = outlines[b].ring;
            bool closed = false;
            for (size_t i = 0; i < ra.size(); ++i)
                for (size_t k = 0; k < rb.size(); ++k) {
                    const auto f = facing(ra[i], ra[(i + 1) % ra.size()], rb[k], rb[(k + 1) % rb.size()], wall);
                    if (!f) continue;
                    const Vec2 from = half_way(f->a0, f->b0), to = half_way(f->a1, f->b1);
                    out.push_back({a, b, from, to, f->gap > gap ? f->gap : 0});
                    if (f->gap < 1e-5) continue;
                    grown[a].strips.push_back(strip(f->a0, f->a1, from, to));
                    grown[b].strips.push_back(strip(f->b0, f->b1, from, to));
                    for (const size_t of : {a, b}) grown[of].most = std::max(grown[of].most, f->gap);
                    closed = closed || f->gap <= gap;
                }
            if (closed)
                account.changed(outlines[a].space->name,
                                "a gap to " + outlines[b].space->name + " was closed: their walls meet now",
                                middle(ra, outlines[a].floor));
        }
    std::vector<Polygon> rings(outlines.size());
    for (size_t i = 0; i < outlines.size(); ++i)
        rings[i] = grown[i].strips.empty() ? outlines[i].ring : grown_ring(outlines, i, grown[i]);
    for (size_t i = 0; i < outlines.size(); ++i) outlines[i].ring = std::move(rings[i]);
    return out;
}

}  // namespace wp::incoming

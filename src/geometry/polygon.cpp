// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/polygon.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <polyclipping/clipper.hpp>

namespace wp::geometry {

namespace {

constexpr double kGrid = 1e5;  // units a metre

ClipperLib::Path to_path(const Polygon& polygon) {
    ClipperLib::Path path;
    for (const Vec2 p : polygon)
        path.emplace_back(static_cast<ClipperLib::cInt>(std::llround(p.x * kGrid)),
                          static_cast<ClipperLib::cInt>(std::llround(p.y * kGrid)));
    return path;
}

ClipperLib::Paths to_paths(const std::vector<Polygon>& polygons) {
    ClipperLib::Paths paths;
    for (const Polygon& p : polygons) paths.push_back(to_path(p));
    return paths;
}

Polygon from_path(const ClipperLib::Path& path) {
    Polygon polygon;
    for (const auto& p : path) polygon.push_back({static_cast<double>(p.X) / kGrid, static_cast<double>(p.Y) / kGrid});
    return polygon;
}

void collect(const ClipperLib::PolyNode& node, std::vector<Region>& out) {
    for (const auto* outer : node.Childs) {
        Region region{from_path(outer->Contour), {}};
        for (const auto* hole : outer->Childs) {
            region.holes.push_back(from_path(hole->Contour));
            collect(*hole, out);
        }
        out.push_back(std::move(region));
    }
}

bool proper_cross(Vec2 a, Vec2 b, Vec2 c, Vec2 d) {
    const auto side = [](Vec2 p, Vec2 q, Vec2 r) { return cross(q - p, r - p); };
    const double c_side = side(a, b, c), d_side = side(a, b, d);
    if (c_side == 0 && d_side == 0) {  // on one line: they meet where their stretches do
        const double from = std::min(dot(c - a, b - a), dot(d - a, b - a)),
                     to = std::max(dot(c - a, b - a), dot(d - a, b - a));
        return to >= 0 && from <= dot(b - a, b - a);
    }
    return c_side * d_side <= 0 && side(c, d, a) * side(c, d, b) <= 0;
}

}  // namespace

double signed_area(const Polygon& polygon) {
    double sum = 0;
    for (size_t i = 0; i < polygon.size(); ++i) sum += cross(polygon[i], polygon[(i + 1) % polygon.size()]);
    return sum / 2;
}

bool contains(const Polygon& polygon, Vec2 p) {
    bool inside = false;
    for (size_t i = 0, j = polygon.size() - 1; i < polygon.size(); j = i++) {
        const Vec2 a = polygon[i], b = polygon[j];
        if ((a.y > p.y) != (b.y > p.y) && p.x < (b.x - a.x) * (p.y - a.y) / (b.y - a.y) + a.x) inside = !inside;
    }
    return inside;
}

bool crosses_itself(const Polygon& polygon) {
    const size_t n = polygon.size();
    for (size_t i = 0; i < n; ++i)
        for (size_t j = i + 2; j < n; ++j) {
            if (i == 0 && j == n - 1) continue;
            if (proper_cross(polygon[i], polygon[i + 1], polygon[j], polygon[(j + 1) % n])) return true;
        }
    return false;
}

double distance_to_segment(Vec2 p, Vec2 a, Vec2 b) {
    const Vec2 d = b - a;
    const double square = dot(d, d), t = square > 0 ? std::clamp(dot(p - a, d) / square, 0.0, 1.0) : 0;
    return length(p - (a + d * t));
}

double distance_to_edges(const Polygon& polygon, Vec2 p) {
    double best = std::numeric_limits<double>::infinity();
    for (size_t i = 0; i < polygon.size(); ++i)
        best = std::min(best, distance_to_segment(p, polygon[i], polygon[(i + 1) % polygon.size()]));
    return best;
}

std::vector<Region> offset_union(const std::vector<Polygon>& polygons, double distance) {
    ClipperLib::ClipperOffset offset(4.0);
    offset.AddPaths(to_paths(polygons), ClipperLib::jtMiter, ClipperLib::etClosedPolygon);
    ClipperLib::PolyTree tree;
    offset.Execute(tree, distance * kGrid);
    std::vector<Region> out;
    collect(tree, out);
    return out;
}

namespace {

std::vector<Region> clip(ClipperLib::ClipType type, const std::vector<Polygon>& subject,
                         const std::vector<Polygon>& clips) {
    ClipperLib::Clipper clipper;
    clipper.AddPaths(to_paths(subject), ClipperLib::ptSubject, true);
    clipper.AddPaths(to_paths(clips), ClipperLib::ptClip, true);
    ClipperLib::PolyTree tree;
    clipper.Execute(type, tree, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    std::vector<Region> out;
    collect(tree, out);
    return out;
}

}  // namespace

std::vector<Region> unite(const std::vector<Polygon>& polygons) { return clip(ClipperLib::ctUnion, polygons, {}); }

std::vector<Region> intersection(const std::vector<Polygon>& subject, const std::vector<Polygon>& clips) {
    return clip(ClipperLib::ctIntersection, subject, clips);
}

std::vector<Region> difference(const std::vector<Polygon>& subject, const std::vector<Polygon>& clips) {
    return clip(ClipperLib::ctDifference, subject, clips);
}

std::vector<Polygon> rings(const std::vector<Region>& regions) {
    std::vector<Polygon> out;
    for (const Region& r : regions) {
        out.push_back(r.outer);
        out.insert(out.end(), r.holes.begin(), r.holes.end());
    }
    return out;
}

namespace {

// Whether the segment from ring[k] to p starts into the polygon: tells apart corners that lie in one place after a
// bridge.
bool opens_towards(const Polygon& ring, size_t k, Vec2 p) {
    const size_t n = ring.size();
    const Vec2 before = ring[(k + n - 1) % n], at = ring[k], after = ring[(k + 1) % n];
    const bool left_of_out = cross(after - at, p - at) >= 0, left_of_in = cross(at - before, p - before) >= 0;
    return cross(at - before, after - at) > 0 ? left_of_out && left_of_in : left_of_out || left_of_in;
}

// Joins a hole to the ring by a double edge from its rightmost corner to a corner it sees (D. Eberly, "Triangulation by
// Ear Clipping", Geometric Tools 2002, section 3).
void bridge(Polygon& ring, Polygon hole) {
    const auto right = std::max_element(hole.begin(), hole.end(), [](Vec2 a, Vec2 b) { return a.x < b.x; });
    std::rotate(hole.begin(), right, hole.end());
    const Vec2 m = hole[0];
    const size_t n = ring.size();
    // The edge that a ray to the right meets first, and its farther end.
    double nearest = std::numeric_limits<double>::infinity();
    size_t best = n;
    for (size_t k = 0; k < n; ++k) {
        const Vec2 a = ring[k], b = ring[(k + 1) % n];
        if (std::min(a.y, b.y) > m.y || std::max(a.y, b.y) < m.y || a.y == b.y) continue;
        const double x = a.x + (m.y - a.y) / (b.y - a.y) * (b.x - a.x);
        if (x < m.x || x >= nearest) continue;
        nearest = x;
        best = a.x > b.x ? k : (k + 1) % n;
    }
    if (best == n) return;
    // Corners inside the triangle between the hole, that place and that end stand before it: the flattest of them is
    // seen.
    const Vec2 hit{nearest, m.y}, end = ring[best];
    const auto inside = [&](Vec2 p) {
        const double u = cross(hit - m, p - m), v = cross(end - hit, p - hit), w = cross(m - end, p - end);
        return (u >= 0 && v >= 0 && w >= 0) || (u <= 0 && v <= 0 && w <= 0);
    };
    double flattest = std::numeric_limits<double>::infinity(), distance = flattest;
    size_t chosen = n;
    for (size_t k = 0; k < n; ++k) {
        const Vec2 p = ring[k];
        if (p.x < m.x || !(inside(p) || p == end) || !opens_towards(ring, k, m)) continue;
        const double slope = std::fabs(p.y - m.y) / std::max(p.x - m.x, 1e-12), far = length(p - m);
        if (slope > flattest || (slope == flattest && far >= distance)) continue;
        flattest = slope;
        distance = far;
        chosen = k;
    }
    if (chosen == n) chosen = best;
    Polygon joined(ring.begin(), ring.begin() + static_cast<std::ptrdiff_t>(chosen) + 1);
    joined.insert(joined.end(), hole.begin(), hole.end());
    joined.push_back(hole[0]);
    joined.insert(joined.end(), ring.begin() + static_cast<std::ptrdiff_t>(chosen), ring.end());
    ring = std::move(joined);
}

bool is_ear(const Polygon& ring, size_t i) {
    const size_t n = ring.size();
    const Vec2 a = ring[(i + n - 1) % n], b = ring[i], c = ring[(i + 1) % n];
    if (cross(b - a, c - a) <= 0) return false;
    for (const Vec2 p : ring) {
        if (p == a || p == b || p == c) continue;
        if (cross(b - a, p - a) >= 0 && cross(c - b, p - b) >= 0 && cross(a - c, p - c) >= 0) return false;
    }
    return true;
}

}  // namespace

namespace {

using Triangles = std::vector<std::array<Vec2, 3>>;

constexpr size_t kManyHoles = 6;

// Bands between the heights of all corners, each cut into trapezoids: slower and with more pieces than ears, but a ring
// may touch itself or its holes anywhere.
Triangles band_triangles(const Region& region) {
    std::vector<std::pair<Vec2, Vec2>> edges;
    std::vector<double> heights;
    const auto take = [&](const Polygon& ring) {
        for (size_t i = 0; i < ring.size(); ++i) {
            Vec2 a = ring[i], b = ring[(i + 1) % ring.size()];
            heights.push_back(a.y);
            if (a.y > b.y) std::swap(a, b);
            if (a.y < b.y) edges.emplace_back(a, b);
        }
    };
    take(region.outer);
    for (const Polygon& hole : region.holes) take(hole);
    std::sort(heights.begin(), heights.end());
    heights.erase(std::unique(heights.begin(), heights.end()), heights.end());
    const auto place = [](const std::pair<Vec2, Vec2>& e, double y) {
        if (y == e.first.y) return e.first;
        if (y == e.second.y) return e.second;
        return Vec2{e.first.x + (y - e.first.y) / (e.second.y - e.first.y) * (e.second.x - e.first.x), y};
    };
    Triangles out;
    for (size_t i = 0; i + 1 < heights.size(); ++i) {
        const double low = heights[i], high = heights[i + 1], middle = (low + high) / 2;
        std::vector<std::pair<double, const std::pair<Vec2, Vec2>*>> crossing;
        for (const auto& e : edges)
            if (e.first.y <= low && e.second.y >= high) crossing.emplace_back(place(e, middle).x, &e);
        std::sort(crossing.begin(), crossing.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
        for (size_t k = 0; k + 1 < crossing.size(); k += 2) {
            const Vec2 a = place(*crossing[k].second, low), b = place(*crossing[k + 1].second, low);
            const Vec2 c = place(*crossing[k + 1].second, high), d = place(*crossing[k].second, high);
            if (cross(b - a, c - a) > 1e-14) out.push_back({a, b, c});
            if (cross(c - a, d - a) > 1e-14) out.push_back({a, c, d});
        }
    }
    return out;
}

Triangles ear_triangles(const Region& region);

double area_of(const Triangles& triangles) {
    double sum = 0;
    for (const auto& t : triangles) sum += cross(t[1] - t[0], t[2] - t[0]) / 2;
    return sum;
}

}  // namespace

std::vector<std::array<Vec2, 3>> triangulate(const Region& region) {
    // Ears cost the square of the corners and more: a facade full of windows is cut in bands.
    if (region.holes.size() > kManyHoles) return band_triangles(region);
    double area = std::fabs(signed_area(region.outer));
    for (const Polygon& hole : region.holes) area -= std::fabs(signed_area(hole));
    Triangles ears = ear_triangles(region);
    return std::fabs(area_of(ears) - area) <= 1e-9 * (1 + area) ? ears : band_triangles(region);
}

namespace {

Triangles ear_triangles(const Region& region) {
    Polygon ring = region.outer;
    if (signed_area(ring) < 0) std::reverse(ring.begin(), ring.end());
    std::vector<Polygon> holes = region.holes;
    for (Polygon& hole : holes)
        if (signed_area(hole) > 0) std::reverse(hole.begin(), hole.end());
    // From right to left, so that a bridge never crosses a hole that is still to come.
    const auto rightmost = [](const Polygon& p) {
        return std::max_element(p.begin(), p.end(), [](Vec2 a, Vec2 b) { return a.x < b.x; })->x;
    };
    std::sort(holes.begin(), holes.end(),
              [&](const Polygon& a, const Polygon& b) { return rightmost(a) > rightmost(b); });
    for (const Polygon& hole : holes) bridge(ring, hole);

    std::vector<std::array<Vec2, 3>> triangles;
    size_t i = 0, tried = 0;
    while (ring.size() >= 3 && tried <= ring.size()) {
        const size_t n = ring.size();
        const Vec2 a = ring[(i + n - 1) % n], b = ring[i % n], c = ring[(i + 1) % n];
        const bool flat = std::fabs(cross(b - a, c - a)) < 1e-12;
        if (flat || is_ear(ring, i)) {
            if (!flat) triangles.push_back({a, b, c});
            ring.erase(ring.begin() + static_cast<std::ptrdiff_t>(i));
            tried = 0;
            if (!ring.empty()) i %= ring.size();
        } else {
            i = (i + 1) % n;
            ++tried;
        }
    }
    return triangles;
}

}  // namespace

}  // namespace wp::geometry

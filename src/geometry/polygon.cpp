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
    return side(a, b, c) * side(a, b, d) <= 0 && side(c, d, a) * side(c, d, b) <= 0;
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

std::vector<Region> difference(const std::vector<Polygon>& subject, const std::vector<Polygon>& clips) {
    ClipperLib::Clipper clipper;
    clipper.AddPaths(to_paths(subject), ClipperLib::ptSubject, true);
    clipper.AddPaths(to_paths(clips), ClipperLib::ptClip, true);
    ClipperLib::PolyTree tree;
    clipper.Execute(ClipperLib::ctDifference, tree, ClipperLib::pftNonZero, ClipperLib::pftNonZero);
    std::vector<Region> out;
    collect(tree, out);
    return out;
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

// Whether the segment from p to ring[k] crosses no edge of the ring, up to its own end.
bool sees(const Polygon& ring, Vec2 p, size_t k) {
    const Vec2 q = ring[k];
    for (size_t i = 0; i < ring.size(); ++i) {
        const Vec2 a = ring[i], b = ring[(i + 1) % ring.size()];
        if (a == q || b == q) continue;
        if (proper_cross(p, q, a, b)) return false;
    }
    return true;
}

// Joins a hole to the ring by a double edge from its rightmost corner to a corner it sees.
void bridge(Polygon& ring, Polygon hole) {
    const auto right = std::max_element(hole.begin(), hole.end(), [](Vec2 a, Vec2 b) { return a.x < b.x; });
    std::rotate(hole.begin(), right, hole.end());
    size_t best = ring.size();
    double nearest = std::numeric_limits<double>::infinity();
    for (size_t k = 0; k < ring.size(); ++k) {
        const double d = length(ring[k] - hole[0]);
        if (ring[k].x < hole[0].x || d >= nearest || !sees(ring, hole[0], k)) continue;
        best = k;
        nearest = d;
    }
    if (best == ring.size()) return;
    Polygon joined(ring.begin(), ring.begin() + static_cast<std::ptrdiff_t>(best) + 1);
    joined.insert(joined.end(), hole.begin(), hole.end());
    joined.push_back(hole[0]);
    joined.insert(joined.end(), ring.begin() + static_cast<std::ptrdiff_t>(best), ring.end());
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

std::vector<std::array<Vec2, 3>> triangulate(const Region& region) {
    Polygon ring = region.outer;
    if (signed_area(ring) < 0) std::reverse(ring.begin(), ring.end());
    std::vector<Polygon> holes = region.holes;
    for (Polygon& hole : holes)
        if (signed_area(hole) > 0) std::reverse(hole.begin(), hole.end());
    // From right to left, so that a bridge never crosses a hole that is still to come.
    const auto rightmost = [](const Polygon& p) {
        return std::max_element(p.begin(), p.end(), [](Vec2 a, Vec2 b) { return a.x < b.x; })->x;
    };
    std::sort(holes.begin(), holes.end(), [&](const Polygon& a, const Polygon& b) { return rightmost(a) > rightmost(b); });
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

std::vector<WallRect> wall_without(const WallRect& wall, const std::vector<WallRect>& openings) {
    std::vector<double> cuts = {wall.s0, wall.s1};
    for (const WallRect& o : openings)
        for (const double s : {o.s0, o.s1})
            if (s > wall.s0 && s < wall.s1) cuts.push_back(s);
    std::sort(cuts.begin(), cuts.end());
    cuts.erase(std::unique(cuts.begin(), cuts.end()), cuts.end());
    std::vector<WallRect> out;
    for (size_t i = 0; i + 1 < cuts.size(); ++i) {
        const double middle = (cuts[i] + cuts[i + 1]) / 2;
        std::vector<std::pair<double, double>> holes;
        for (const WallRect& o : openings)
            if (o.s0 < middle && middle < o.s1) holes.emplace_back(o.z0, o.z1);
        std::sort(holes.begin(), holes.end());
        double z = wall.z0;
        for (const auto& [low, high] : holes) {
            if (low > z) out.push_back({cuts[i], z, cuts[i + 1], std::min(low, wall.z1)});
            z = std::max(z, high);
        }
        if (z < wall.z1) out.push_back({cuts[i], z, cuts[i + 1], wall.z1});
    }
    return out;
}

}  // namespace wp::geometry

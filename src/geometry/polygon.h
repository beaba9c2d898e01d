// SPDX-License-Identifier: GPL-3.0-or-later
// Polygon arithmetic in plan, on the Clipper library with a grid of 0.01 mm.
#pragma once
#include <array>
#include <vector>

#include "base/vec.h"

namespace wp::geometry {

using Polygon = std::vector<Vec2>;

/// An outer ring counter-clockwise and its holes clockwise.
struct Region {
    Polygon outer;
    std::vector<Polygon> holes;
};

double signed_area(const Polygon& polygon);
bool contains(const Polygon& polygon, Vec2 point);
/// Whether two edges that are no neighbours meet or cross.
bool crosses_itself(const Polygon& polygon);
double distance_to_segment(Vec2 point, Vec2 a, Vec2 b);
/// Distance from a point to the nearest edge.
double distance_to_edges(const Polygon& polygon, Vec2 point);

/// Grows every polygon by a distance (negative shrinks) with square corners, and unites them.
std::vector<Region> offset_union(const std::vector<Polygon>& polygons, double distance);
std::vector<Region> unite(const std::vector<Polygon>& polygons);
/// What lies in both.
std::vector<Region> intersection(const std::vector<Polygon>& subject, const std::vector<Polygon>& clips);
/// What of the subject lies in none of the clips.
std::vector<Region> difference(const std::vector<Polygon>& subject, const std::vector<Polygon>& clips);
/// All rings of the regions, outers and holes.
std::vector<Polygon> rings(const std::vector<Region>& regions);

/// Triangles that fill a region, as corners. Ear clipping after bridging the holes.
std::vector<std::array<Vec2, 3>> triangulate(const Region& region);

}  // namespace wp::geometry

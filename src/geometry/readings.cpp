// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/readings.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "geometry/polygon.h"
#include "geometry/walls.h"

namespace wp::geometry {
using namespace model;

namespace {

// A reading's cell: small enough to lie on a window board.
constexpr double kCell = 0.1;

// Height at which an upright line through a place meets a triangle.
std::optional<double> height_at(Vec3 a, Vec3 b, Vec3 c, Vec2 p) {
    const Vec2 u{b.x - a.x, b.y - a.y}, v{c.x - a.x, c.y - a.y}, d{p.x - a.x, p.y - a.y};
    const double det = cross(u, v);
    if (std::fabs(det) < 1e-9) return {};
    const double s = cross(d, v) / det, t = cross(u, d) / det;
    if (s < 0 || t < 0 || s + t > 1) return {};
    return a.z + s * (b.z - a.z) + t * (c.z - a.z);
}

struct Found {
    double z = -1e9;
    Vec3 normal{0, 0, 1};
    bool floor = false;
};

Found highest_under(const Surfaces& surfaces, Vec2 at, double low, double high) {
    Found best;
    for (size_t t = 0; t < surfaces.triangles.size(); ++t) {
        const auto& k = surfaces.triangles[t];
        const Vec3 a = surfaces.vertices[k[0]], b = surfaces.vertices[k[1]], c = surfaces.vertices[k[2]];
        const auto z = height_at(a, b, c, at);
        if (!z || *z <= best.z || *z > high || *z < low) continue;
        Vec3 n = normalized(cross(b - a, c - a));
        if (n.z < 0) n = n * -1.0;
        const auto element = surfaces.surfaces[surfaces.surface_of[t]].element;
        best = {*z, n, element == Element::floor || element == Element::ground || element == Element::terrain};
    }
    return best;
}

// The plane that lies over the floor there.
std::optional<double> plane_over(const Option& option, const Room& room, Vec2 at) {
    for (const ReferencePlane& plane : option.planes) {
        if (plane.room != room.id || plane.on != ReferencePlane::On::floor) continue;
        const auto points = plane_points(option, plane);
        if (points && points->point_at(at) >= 0) return points->corner.z;
    }
    return {};
}

}  // namespace

std::optional<Reading> reading_under(const Option& option, const Surfaces& surfaces, size_t storey, Vec2 at,
                                     double cut) {
    if (storey >= option.storeys.size()) return {};
    const Storey& of = option.storeys[storey];
    const Room* room = nullptr;
    for (const Room& r : of.rooms)
        if (contains(r.footprint, at)) room = &r;
    // Into the storeys below where the floor is open.
    const Found found = highest_under(surfaces, at, option.storeys.front().level - 5, of.level + cut);
    if (found.z < -1e8) return {};
    Reading out;
    out.room = room != nullptr ? room->id : Id();
    out.facing = found.normal;
    out.at = Vec3{at.x, at.y, found.z} + found.normal * kReadingLift;
    if (room == nullptr) return out;
    if (found.floor)
        if (const auto z = plane_over(option, *room, at)) out.at.z = *z;
    return out;
}

std::optional<Reading> reading_on_wall(const Option& option, size_t storey, const Id& id, int edge, double along) {
    if (storey >= option.storeys.size()) return {};
    const Storey& of = option.storeys[storey];
    const Room* room = find(of.rooms, id);
    if (room == nullptr || edge < 0 || edge >= static_cast<int>(room->footprint.size())) return {};
    const Vec2 a = edge_begin(*room, edge), d = normalized(edge_end(*room, edge) - a), out{d.y, -d.x},
               p = a + d * along;
    // The inner face lies inwards of the drawn line by what the wall takes there.
    const auto ring = inner_face(option, of, *room).ring;
    double best = 1e9;
    for (size_t i = 0; i < ring.size(); ++i) {
        const Vec2 q = ring[i], r = ring[(i + 1) % ring.size()];
        if (std::fabs(cross(normalized(r - q), d)) > 1e-3 || dot(r - q, d) < 0) continue;
        const double s = dot(p - q, normalized(r - q));
        if (s < 0 || s > length(r - q)) continue;
        const double off = dot(p - q, out);
        if (off > -1e-6 && off < best) best = off;
    }
    if (best > 1) return {};
    Reading reading;
    reading.room = id;
    const Vec2 at = p - out * (best + kReadingLift);
    reading.at = {at.x, at.y, of.level + kWallReading};
    reading.facing = {-out.x, -out.y, 0};
    return reading;
}

std::vector<PlanePoints> reading_points(const Option& option) {
    std::vector<PlanePoints> out;
    int space = 0;
    std::map<Id, std::pair<int, Id>> rooms;  // space and storey
    for (const Storey& storey : option.storeys)
        for (const Room& room : storey.rooms) rooms[room.id] = {space++, storey.id};
    for (const Reading& reading : option.readings) {
        PlanePoints p;
        p.plane = reading.id;
        p.room = reading.room;
        p.normal = length(reading.facing) > 0 ? normalized(reading.facing) : Vec3{0, 0, 1};
        if (const auto room = rooms.find(reading.room); room != rooms.end()) {
            p.space = room->second.first;
            p.storey = room->second.second;
        } else if (!option.storeys.empty()) {
            p.storey = option.storeys.front().id;
        }
        p.across = std::fabs(p.normal.z) > 0.99 ? Vec3{1, 0, 0} : normalized(cross(Vec3{0, 0, 1}, p.normal));
        p.up = cross(p.normal, p.across);
        p.columns = p.rows = 1;
        p.dx = p.dy = kCell;
        p.corner = reading.at - p.across * (kCell / 2) - p.up * (kCell / 2);
        p.cell_of = {0};
        p.points = {reading.at};
        out.push_back(std::move(p));
    }
    return out;
}

}  // namespace wp::geometry

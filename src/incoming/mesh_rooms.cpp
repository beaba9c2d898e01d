// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/mesh_rooms.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "geometry/polygon.h"
#include "incoming/simplify.h"

namespace wp::incoming {
using model::LayerChoice;

namespace {

constexpr double kSamePlane = 0.002;  // metres, and sine of the angle

struct Plane {
    Vec3 normal{};
    double away = 0;
};

Plane plane_of(const geometry::Mesh& mesh, const std::array<uint32_t, 3>& t) {
    const Vec3 a = mesh.points[t[0]], n = cross(mesh.points[t[1]] - a, mesh.points[t[2]] - a);
    const double l = length(n);
    if (l < 1e-12) return {};
    Plane out{n * (1 / l), 0};
    // One direction for both sides.
    const Vec3& u = out.normal;
    const bool turn = u.z < -1e-6 || (std::fabs(u.z) <= 1e-6 && (u.y < -1e-6 || (std::fabs(u.y) <= 1e-6 && u.x < 0)));
    if (turn) out.normal = -out.normal;
    out.away = dot(out.normal, a);
    return out;
}

bool same(const Plane& a, const Plane& b) {
    return length(a.normal - b.normal) < kSamePlane && std::fabs(a.away - b.away) < kSamePlane;
}

size_t root_of(std::vector<size_t>& up, size_t i) {
    while (up[i] != i) i = up[i] = up[up[i]];
    return i;
}

}  // namespace

std::vector<Ring> flat_patches(const geometry::Mesh& given) {
    const auto mesh = simplified_mesh(given, std::numeric_limits<size_t>::max()).mesh;
    std::vector<Plane> planes;
    for (const auto& t : mesh.triangles) planes.push_back(plane_of(mesh, t));
    std::vector<size_t> up(mesh.triangles.size());
    std::iota(up.begin(), up.end(), size_t{0});
    std::map<std::pair<uint32_t, uint32_t>, size_t> edges;
    for (size_t i = 0; i < mesh.triangles.size(); ++i)
        for (size_t k = 0; k < 3; ++k) {
            const auto [a, b] = std::minmax(mesh.triangles[i][k], mesh.triangles[i][(k + 1) % 3]);
            const auto [at, fresh] = edges.try_emplace({a, b}, i);
            if (!fresh && same(planes[at->second], planes[i])) up[root_of(up, i)] = root_of(up, at->second);
        }
    std::map<size_t, std::vector<size_t>> patches;
    for (size_t i = 0; i < mesh.triangles.size(); ++i) patches[root_of(up, i)].push_back(i);
    std::vector<Ring> out;
    for (const auto& [first, triangles] : patches) {
        const Vec3 n = planes[first].normal;
        if (length(n) < 0.5) continue;
        const Vec3 x = std::fabs(n.z) > 0.9 ? cross(Vec3{0, 1, 0}, n) * (1 / length(cross(Vec3{0, 1, 0}, n)))
                                            : cross(Vec3{0, 0, 1}, n) * (1 / length(cross(Vec3{0, 0, 1}, n)));
        const Vec3 y = cross(n, x);
        std::vector<geometry::Polygon> flat;
        for (const size_t i : triangles) {
            geometry::Polygon p;
            for (const uint32_t corner : mesh.triangles[i])
                p.push_back({dot(mesh.points[corner], x), dot(mesh.points[corner], y)});
            if (geometry::signed_area(p) < 0) std::ranges::reverse(p);
            flat.push_back(std::move(p));
        }
        for (const auto& region : geometry::unite(flat)) {
            Ring ring;
            for (const Vec2 p : region.outer) ring.push_back(x * p.x + y * p.y + n * planes[first].away);
            out.push_back(std::move(ring));
        }
    }
    return out;
}

void make_rooms_of_meshes(Building& building, const std::vector<LayerChoice>& layers) {
    const auto role = [&](const Body& body) {
        const auto at = std::ranges::find(layers, body.layer, &LayerChoice::layer);
        return at != layers.end() ? at->role : LayerChoice::Role::as_found;
    };
    for (const Body& body : building.bodies) {
        if (role(body) == LayerChoice::Role::room) {
            Space space;
            space.id = body.id, space.name = body.name;
            space.faces = flat_patches(body.mesh);
            building.spaces.push_back(std::move(space));
        }
        if (role(body) != LayerChoice::Role::window) continue;
        int n = 0;
        for (Ring& ring : flat_patches(body.mesh)) {
            Hole hole;
            hole.id = body.id + "/" + std::to_string(++n);
            hole.name = body.name + " " + std::to_string(n);
            hole.ring = std::move(ring);
            building.holes.push_back(std::move(hole));
        }
    }
    std::erase_if(building.bodies, [&](const Body& body) {
        return role(body) == LayerChoice::Role::room || role(body) == LayerChoice::Role::window;
    });
}

}  // namespace wp::incoming

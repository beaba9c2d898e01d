// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/simplify.h"

#include <algorithm>
#include <cmath>
#include <unordered_map>

namespace wp::incoming {

namespace {

constexpr double kSame = 1e-5;                       // metres: corners that are one
constexpr double kFinest = 0.005, kCoarsest = 1000;  // metres: lattices that are tried

struct Cell {
    int64_t x, y, z;
    bool operator==(const Cell&) const = default;
};
struct CellHash {
    size_t operator()(const Cell& c) const {
        // Without a sign numbers may run over.
        const auto x = static_cast<uint64_t>(c.x), y = static_cast<uint64_t>(c.y), z = static_cast<uint64_t>(c.z);
        return static_cast<size_t>(x * 73856093 ^ y * 19349663 ^ z * 83492791);
    }
};

// Corners of one cell become their mean.
Simplified by_lattice(const geometry::Mesh& mesh, double size) {
    struct Mean {
        Vec3 sum{};
        double n = 0;
        uint32_t index = 0;
    };
    std::unordered_map<Cell, Mean, CellHash> cells;
    std::vector<Mean*> of(mesh.points.size());
    const auto cell = [&](const Vec3& p) {
        // What lies farther than a cell can be counted lies in the last one.
        const auto count = [&](double v) { return std::llround(std::clamp(v / size, -9e18, 9e18)); };
        return Cell{count(p.x), count(p.y), count(p.z)};
    };
    for (size_t i = 0; i < mesh.points.size(); ++i) {
        auto [at, fresh] = cells.try_emplace(cell(mesh.points[i]));
        if (fresh) at->second.index = static_cast<uint32_t>(cells.size() - 1);
        at->second.sum = at->second.sum + mesh.points[i];
        at->second.n += 1;
        of[i] = &at->second;
    }
    Simplified out;
    out.triangles_before = mesh.triangles.size();
    out.mesh.points.resize(cells.size());
    for (const auto& [c, mean] : cells) out.mesh.points[mean.index] = mean.sum * (1 / mean.n);
    for (size_t i = 0; i < mesh.points.size(); ++i)
        out.moved = std::max(out.moved, length(out.mesh.points[of[i]->index] - mesh.points[i]));
    for (const auto& t : mesh.triangles) {
        const std::array<uint32_t, 3> now{of[t[0]]->index, of[t[1]]->index, of[t[2]]->index};
        if (now[0] == now[1] || now[1] == now[2] || now[0] == now[2]) continue;
        out.mesh.triangles.push_back(now);
    }
    // The same three corners once, whichever way they are told.
    auto sorted = [](std::array<uint32_t, 3> t) {
        std::ranges::sort(t);
        return t;
    };
    std::ranges::sort(out.mesh.triangles, {}, sorted);
    out.mesh.triangles.erase(std::unique(out.mesh.triangles.begin(), out.mesh.triangles.end(),
                                         [&](const auto& a, const auto& b) { return sorted(a) == sorted(b); }),
                             out.mesh.triangles.end());
    return out;
}

}  // namespace

Simplified simplified_mesh(const geometry::Mesh& mesh, size_t most) {
    Simplified out = by_lattice(mesh, kSame);
    if (out.mesh.triangles.size() <= most) return out;
    // So many triangles cover the area with sides of about that length: what is far finer need not be tried.
    double area = 0;
    for (const auto& t : mesh.triangles)
        area += length(cross(mesh.points[t[1]] - mesh.points[t[0]], mesh.points[t[2]] - mesh.points[t[0]])) / 2;
    const double side = std::sqrt(2 * area / static_cast<double>(most));
    for (double size = std::max(kFinest, side / 2); out.mesh.triangles.size() > most && size < kCoarsest; size *= 1.5)
        out = by_lattice(mesh, size);
    return out;
}

}  // namespace wp::incoming

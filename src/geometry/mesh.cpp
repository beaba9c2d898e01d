// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/mesh.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <cstring>

#include "base/base64.h"

namespace wp::geometry {

static_assert(std::endian::native == std::endian::little, "shapes are written as little-endian bytes");

namespace {

constexpr double kThin = 0.01;  // metres: no box of a shape is flatter

template <class T>
std::string bytes_of(const std::vector<T>& values) {
    std::string out(values.size() * sizeof(T), '\0');
    if (!values.empty()) std::memcpy(out.data(), values.data(), out.size());
    return out;
}

template <class T>
std::optional<std::vector<T>> values_of(const std::string& text, size_t together) {
    const auto bytes = from_base64(text);
    if (!bytes || bytes->size() % (together * sizeof(T)) != 0) return {};
    std::vector<T> out(bytes->size() / sizeof(T));
    if (!out.empty()) std::memcpy(out.data(), bytes->data(), bytes->size());
    return out;
}

double turns_left(Vec2 a, Vec2 b, Vec2 c) { return (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x); }

// The hull of the points in plan (A. M. Andrew, 1979).
std::vector<Vec2> hull(std::vector<Vec2> points) {
    const auto before = [](Vec2 a, Vec2 b) { return a.x != b.x ? a.x < b.x : a.y < b.y; };
    std::ranges::sort(points, before);
    points.erase(std::unique(points.begin(), points.end(), [](Vec2 a, Vec2 b) { return a.x == b.x && a.y == b.y; }),
                 points.end());
    if (points.size() < 3) return {};
    std::vector<Vec2> out;
    const auto add = [&](Vec2 p, size_t least) {
        while (out.size() >= least + 2 && turns_left(out[out.size() - 2], out.back(), p) <= 0) out.pop_back();
        out.push_back(p);
    };
    for (const Vec2 p : points) add(p, 0);
    const size_t lower = out.size() - 1;
    for (auto p = points.rbegin(); p != points.rend(); ++p) add(*p, lower);
    out.pop_back();
    return out.size() >= 3 ? out : std::vector<Vec2>();
}

}  // namespace

std::optional<Mesh> mesh_of(const model::Shape& shape) {
    const auto points = values_of<float>(shape.points, 3);
    const auto corners = values_of<uint32_t>(shape.triangles, 3);
    if (!points || !corners) return {};
    Mesh out;
    for (size_t i = 0; i < points->size(); i += 3) {
        const Vec3 p{(*points)[i], (*points)[i + 1], (*points)[i + 2]};
        if (!std::isfinite(p.x) || !std::isfinite(p.y) || !std::isfinite(p.z)) return {};
        out.points.push_back(p);
    }
    for (size_t i = 0; i < corners->size(); i += 3) {
        out.triangles.push_back({(*corners)[i], (*corners)[i + 1], (*corners)[i + 2]});
        for (const uint32_t corner : out.triangles.back())
            if (corner >= out.points.size()) return {};
    }
    return out;
}

PlacedShape shape_of(const Mesh& mesh, const model::Id& id, const std::string& name) {
    PlacedShape out;
    out.shape.id = id;
    out.shape.name = name;
    Vec3 low{1e18, 1e18, 1e18}, high{-1e18, -1e18, -1e18};
    for (const Vec3& p : mesh.points) {
        low = {std::min(low.x, p.x), std::min(low.y, p.y), std::min(low.z, p.z)};
        high = {std::max(high.x, p.x), std::max(high.y, p.y), std::max(high.z, p.z)};
    }
    if (mesh.points.empty()) low = high = {};
    out.at = {(low.x + high.x) / 2, (low.y + high.y) / 2, low.z};
    out.shape.width = std::max(kThin, high.x - low.x);
    out.shape.length = std::max(kThin, high.y - low.y);
    out.shape.height = std::max(kThin, high.z - low.z);
    std::vector<float> points;
    std::vector<uint32_t> corners;
    std::vector<Vec2> plan;
    for (const Vec3& p : mesh.points) {
        for (const double v : {p.x - out.at.x, p.y - out.at.y, p.z - out.at.z}) points.push_back(static_cast<float>(v));
        plan.push_back({p.x - out.at.x, p.y - out.at.y});
    }
    for (const auto& t : mesh.triangles) corners.insert(corners.end(), t.begin(), t.end());
    out.shape.points = to_base64(bytes_of(points));
    out.shape.triangles = to_base64(bytes_of(corners));
    out.shape.outline = hull(std::move(plan));
    return out;
}

}  // namespace wp::geometry

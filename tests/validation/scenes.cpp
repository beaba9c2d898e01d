// SPDX-License-Identifier: GPL-3.0-or-later
#include "validation/scenes.h"

#include <algorithm>

#include "light/path.h"
#include "light/replicates.h"

namespace wp::validation {
using geometry::Element;
using geometry::Surfaces;

namespace {

// A rectangle in a wall's own coordinates.
struct WallRect {
    double s0, z0, s1, z1;
};

// The wall less its holes, as rectangles without overlap: another way of cutting than the one under test.
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

struct Hole {
    enum class In { none, wall, ceiling } in = In::none;
    WallRect rect{};
};

Surfaces box(double w, double d, double h, double reflectance, const Hole& hole) {
    Surfaces s;
    s.spaces = {"box"};
    const uint32_t all = s.add_surface({Element::wall, "box", reflectance, 0});
    s.add_quad(all, {0, 0, 0}, {w, 0, 0}, {w, d, 0}, {0, d, 0});
    s.add_quad(all, {0, 0, 0}, {0, d, 0}, {0, d, h}, {0, 0, h});
    s.add_quad(all, {w, 0, 0}, {w, 0, h}, {w, d, h}, {w, d, 0});
    s.add_quad(all, {0, d, 0}, {w, d, 0}, {w, d, h}, {0, d, h});
    const auto cut = [&](Hole::In which) {
        return hole.in == which ? std::vector<WallRect>{hole.rect} : std::vector<WallRect>{};
    };
    for (const WallRect& r : wall_without({0, 0, w, h}, cut(Hole::In::wall)))
        s.add_quad(all, {r.s0, 0, r.z0}, {r.s0, 0, r.z1}, {r.s1, 0, r.z1}, {r.s1, 0, r.z0});
    for (const WallRect& r : wall_without({0, 0, w, d}, cut(Hole::In::ceiling)))
        s.add_quad(all, {r.s0, r.z0, h}, {r.s0, r.z1, h}, {r.s1, r.z1, h}, {r.s1, r.z0, h});
    geometry::Portal portal;
    portal.inside = 0;
    portal.outside = geometry::kOutdoors;
    portal.group = 0;
    const WallRect& r = hole.rect;
    if (hole.in == Hole::In::wall) {
        portal.corner = {r.s0, 0, r.z0};
        portal.u = {r.s1 - r.s0, 0, 0};
        portal.v = {0, 0, r.z1 - r.z0};
    } else if (hole.in == Hole::In::ceiling) {
        portal.corner = {r.s0, r.z0, h};
        portal.u = {r.s1 - r.s0, 0, 0};
        portal.v = {0, r.z1 - r.z0, 0};
    }
    if (hole.in != Hole::In::none) {
        s.portals.push_back(portal);
        s.groups.push_back({"box", 180, "hole"});
    }
    return s;
}

}  // namespace

Surfaces closed_box(double w, double d, double h, double reflectance) { return box(w, d, h, reflectance, {}); }

Surfaces box_with_wall_hole(double w, double d, double h, double reflectance, double x0, double x1, double z0,
                            double z1, double ground_reflectance) {
    Surfaces s = box(w, d, h, reflectance, {Hole::In::wall, {x0, z0, x1, z1}});
    s.ground_reflectance = ground_reflectance;
    return s;
}

Surfaces box_with_roof_hole(double w, double d, double h, double reflectance, double x0, double x1, double y0,
                            double y1) {
    return box(w, d, h, reflectance, {Hole::In::ceiling, {x0, y0, x1, y1}});
}

namespace {
// Every surface met glows: weight carries the reflectance of the surface once more than its emission does.
struct GlowSink {
    double rho, sum = 0;
    void sky(Vec3f, float, const light::Trail&) {}
    void ground(float, const light::Trail&) {}
    void vertex(const light::LitPlace&, float weight, const light::Trail& trail, random::Stream&) {
        if (trail.order > 0) sum += static_cast<double>(weight) / rho;
    }
};
}  // namespace

Share glowing_box(double rho, unsigned samples) {
    const light::Scene scene(closed_box(3, 4, 2.5, rho));
    std::vector<double> sums;
    for (unsigned r = 0; r < light::kReplicates; ++r) {
        GlowSink sink{rho};
        light::Tracer<random::Stream, GlowSink> tracer(scene, sink, light::Guidance::openings);
        for (uint32_t i = 0; i < samples; ++i)
            tracer.from_point({1, 1, 0.8f}, {0, 0, 1}, 0, 1.0f, random::Stream(light::replicate_seed(7, 0, r), i));
        sums.push_back(sink.sum);
    }
    const auto e = light::estimate(sums, samples);
    return {e.mean, e.standard_error};
}

geometry::PlanePoints points_at(std::vector<Vec3> points, Vec3 normal, int space) {
    geometry::PlanePoints plane;
    plane.plane = "points";
    plane.space = space;
    plane.dx = plane.dy = 1;
    plane.columns = static_cast<int>(points.size());
    plane.rows = 1;
    for (int i = 0; i < plane.columns; ++i) plane.cell_of.push_back(i);
    plane.points = std::move(points);
    plane.normal = normal;
    return plane;
}

std::vector<Share> daylight(const Surfaces& surfaces, const geometry::PlanePoints& points, unsigned samples,
                            const question::DaylightFactorSetup& setup) {
    question::DaylightFactorSetup fixed = setup;
    fixed.fixed_samples = samples;
    const auto answer = question::daylight_factor(surfaces, {points}, {}, {}, {}, fixed);
    std::vector<Share> out;
    for (size_t i = 0; i < points.points.size(); ++i)
        out.push_back({answer.planes[0].value[i] / 100, answer.planes[0].half_width[i] / 100 / light::kStudent95});
    return out;
}

}  // namespace wp::validation

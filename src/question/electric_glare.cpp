// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/electric_glare.h"

#include <cmath>

#include "metric/glare_index.h"

namespace wp::question {

namespace {

// A luminaire is looked at in so many places along each of its sizes.
constexpr int kLooks = 4;

// Share of what shines that an eye sees.
double share_seen(const light::Scene& scene, const light::PlacedLuminaire& l, Vec3 eye) {
    double open = 0;
    for (int i = 0; i < kLooks; ++i)
        for (int j = 0; j < kLooks; ++j) {
            const Vec3 place = l.place((i + 0.5) / kLooks, (j + 0.5) / kLooks, 0.5);
            open += static_cast<double>(scene.seen_through(eye.as<float>(), place.as<float>(), 1e-4f)[0]);
        }
    return open / (kLooks * kLooks);
}

std::vector<SeenLuminaire> seen_from(const geometry::PlanePoints& eye, const light::Scene& scene,
                                     const std::vector<light::PlacedLuminaire>& luminaires) {
    std::vector<SeenLuminaire> out;
    if (eye.points.empty()) return out;
    const Vec3 at = eye.points[0], ahead = eye.normal;
    const Vec3 right = std::fabs(ahead.z) < 0.999 ? normalized(cross(ahead, Vec3{0, 0, 1})) : Vec3{1, 0, 0},
               up = cross(right, ahead);
    for (const auto& l : luminaires) {
        const Vec3 way = l.at - at;
        const double square = dot(way, way);
        if (!(square > 1e-6)) continue;
        const Vec3 towards = way * (1 / std::sqrt(square));
        const Vec3 in_eye{dot(towards, right), dot(towards, up), dot(towards, ahead)};
        if (in_eye.z <= 0 || std::hypot(in_eye.x, in_eye.y) > metric::kGuthFarthest * in_eye.z) continue;
        const double area = photometry::luminous_area(l.opening, l.size_x, l.size_y, l.depth, l.own(-towards));
        const double candela = l.candela(-towards);
        // A point has no luminance: it cannot be rated.
        if (!(area > 1e-9) || !(candela > 0)) continue;
        const double seen = share_seen(scene, l, at);
        if (!(seen > 0)) continue;
        out.push_back({l.source, candela / area, area / square * seen, metric::position_index(in_eye), seen});
    }
    return out;
}

}  // namespace

std::vector<std::vector<SeenLuminaire>> seen_luminaires(const ElectricTask& task) {
    const PlacedCircuits placed = place_circuits(*task.project, *task.option, *task.surfaces);
    const light::BlindLayers layers =
        task.layers.empty() ? light::layers_of(*task.surfaces, light::Blinds::open) : task.layers;
    const light::Scene scene(*task.surfaces, layers, task.state);
    std::vector<std::vector<SeenLuminaire>> out;
    for (const auto& eye : *task.planes) out.push_back(seen_from(eye, scene, placed.luminaires));
    return out;
}

std::optional<double> ugr_of(const std::vector<SeenLuminaire>& seen, std::span<const double> shares,
                             double background) {
    double sum = 0;
    for (const SeenLuminaire& s : seen)
        sum += std::pow(shares[s.source] * s.luminance, 2) * s.solid_angle / (s.position * s.position);
    return metric::unified_glare_rating(sum, background);
}

}  // namespace wp::question

// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/leaks.h"

#include <fmt/core.h>

#include <algorithm>
#include <random>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "light/scene.h"

namespace wp::test {
using namespace model;

namespace {

// A free-standing wall is solid: nobody stands in it.
bool in_partition(const Storey& storey, Vec2 p) {
    return std::any_of(storey.partitions.begin(), storey.partitions.end(), [&](const Partition& wall) {
        return geometry::distance_to_segment(p, wall.from, wall.to) < wall.thickness / 2 + 1e-3;
    });
}

}  // namespace

Leaks find_leaks(const Project& project, const Option& option, long rays, uint32_t seed) {
    const auto surfaces = geometry::build_surfaces(project, option);
    const light::Scene scene(surfaces);
    std::mt19937 dice(seed);
    std::uniform_real_distribution<double> unit(0, 1);
    Leaks leaks;
    const long each = std::max(1L, rays / std::max<long>(1, static_cast<long>(surfaces.spaces.size())));
    int space = -1;
    for (const Storey& storey : option.storeys)
        for (const Room& room : storey.rooms) {
            ++space;
            const auto ring = geometry::inner_face(option, storey, room).ring;
            Vec2 low = ring[0], high = ring[0];
            for (const Vec2 p : ring) {
                low = {std::min(low.x, p.x), std::min(low.y, p.y)};
                high = {std::max(high.x, p.x), std::max(high.y, p.y)};
            }
            Vec3 from{};
            for (long i = 0; i < each; ++i) {
                if (i % 64 == 0) {
                    Vec2 p{};
                    for (int tries = 0; tries < 1000; ++tries) {
                        p = {low.x + unit(dice) * (high.x - low.x), low.y + unit(dice) * (high.y - low.y)};
                        if (geometry::contains(ring, p) && geometry::distance_to_edges(ring, p) > 0.005 &&
                            !in_partition(storey, p))
                            break;
                    }
                    const double top = geometry::ceiling_at(option, storey, room, p);
                    from = {p.x, p.y, storey.level + (0.01 + 0.98 * unit(dice)) * (top - storey.level)};
                }
                const double z = 2 * unit(dice) - 1, r = std::sqrt(1 - z * z), a = 2 * kPi * unit(dice);
                const Vec3 direction{r * std::cos(a), r * std::sin(a), z};
                const auto hit = scene.intersect(from.as<float>(), direction.as<float>());
                ++leaks.rays;
                const auto air = [&](int of) { return of < 0 ? -1 : surfaces.air[static_cast<size_t>(of)]; };
                const long before = leaks.all();
                if (hit.what == light::Hit::What::nothing)
                    ++leaks.open;
                else if (hit.what == light::Hit::What::surface && !hit.lit_side)
                    ++leaks.wrong_side;
                else if (hit.what == light::Hit::What::surface && air(hit.space) != air(space))
                    ++leaks.elsewhere;
                else if (hit.what == light::Hit::What::portal) {
                    const auto& own = scene.portals_of(space);
                    if (std::find(own.begin(), own.end(), hit.portal) == own.end()) ++leaks.elsewhere;
                }
                if (leaks.all() > before && leaks.first.empty()) {
                    const Vec3f at = from.as<float>() + direction.as<float>() * hit.distance;
                    leaks.first = fmt::format("{} from ({:.4f}, {:.4f}, {:.4f}) to ({:.4f}, {:.4f}, {:.4f})", room.id,
                                              from.x, from.y, from.z, at.x, at.y, at.z);
                }
            }
        }
    return leaks;
}

}  // namespace wp::test

// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/ears.h"

#include <algorithm>
#include <cmath>

#include "geometry/polygon.h"

namespace wp::incoming {

std::vector<std::array<uint32_t, 3>> ears_of(const Ring& ring) {
    std::vector<std::array<uint32_t, 3>> out;
    if (ring.size() < 3) return out;
    if (ring.size() == 3) return {{0, 1, 2}};
    const Vec3 n = area_vector(ring);
    const double ax = std::fabs(n.x), ay = std::fabs(n.y), az = std::fabs(n.z);
    const auto flat = [&](const Vec3& p) {
        return az >= ax && az >= ay ? Vec2{p.x, p.y} : ax >= ay ? Vec2{p.y, p.z} : Vec2{p.x, p.z};
    };
    geometry::Region region;
    for (const Vec3& p : ring) region.outer.push_back(flat(p));
    if (geometry::signed_area(region.outer) < 0) std::ranges::reverse(region.outer);
    for (const auto& triangle : geometry::triangulate(region)) {
        std::array<uint32_t, 3> corners{};
        for (size_t k = 0; k < 3; ++k)
            corners[k] = static_cast<uint32_t>(
                std::ranges::min_element(ring, {}, [&](const Vec3& p) { return length(flat(p) - triangle[k]); }) -
                ring.begin());
        out.push_back(corners);
    }
    return out;
}

}  // namespace wp::incoming

// SPDX-License-Identifier: GPL-3.0-or-later
#include "incoming/clip.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace wp::incoming {

namespace {

constexpr double kOn = 1e-7;    // metres: on the plane
constexpr double kMeet = 1e-5;  // metres: ends that are one corner
constexpr size_t kMostCuts = 1000;

using Cut = std::pair<Vec3, Vec3>;

// A polygon's part, and where the plane runs through it.
Ring part_of(const Ring& ring, Vec3 on_plane, Vec3 normal, std::vector<Cut>& cuts) {
    Ring out;
    std::vector<Vec3> on;
    const auto side = [&](const Vec3& p) {
        const double d = dot(p - on_plane, normal);
        return std::fabs(d) < kOn ? 0.0 : d;
    };
    for (size_t i = 0; i < ring.size(); ++i) {
        const Vec3 &a = ring[i], &b = ring[(i + 1) % ring.size()];
        const double da = side(a), db = side(b);
        if (da >= 0) out.push_back(a);
        if (da == 0) on.push_back(a);
        if (da * db < 0) {
            const Vec3 p = a + (b - a) * (da / (da - db));
            out.push_back(p);
            on.push_back(p);
        }
    }
    const bool lies_in_it = on.size() == ring.size();
    const bool all = out.size() == ring.size() && on.size() < 2;
    if (lies_in_it || out.size() < 3) out.clear();
    if (lies_in_it || all || on.size() < 2) return out;
    // Along the line, corners pair up: in, out, in, out.
    const Vec3 along = on.back() - on.front();
    std::ranges::sort(on, {}, [&](const Vec3& p) { return dot(p, along); });
    for (size_t i = 0; i + 1 < on.size(); i += 2)
        if (length(on[i + 1] - on[i]) > kMeet) cuts.emplace_back(on[i], on[i + 1]);
    return out;
}

// Ends that meet make outlines.
void close(std::vector<Cut> cuts, std::vector<Ring>& out) {
    if (cuts.size() > kMostCuts) return;
    while (!cuts.empty()) {
        Ring ring{cuts.back().first, cuts.back().second};
        cuts.pop_back();
        for (bool grew = true; grew;) {
            grew = false;
            for (size_t i = 0; i < cuts.size(); ++i) {
                const bool first = length(cuts[i].first - ring.back()) < kMeet;
                if (!first && length(cuts[i].second - ring.back()) >= kMeet) continue;
                ring.push_back(first ? cuts[i].second : cuts[i].first);
                cuts.erase(cuts.begin() + static_cast<std::ptrdiff_t>(i));
                grew = true;
                break;
            }
        }
        if (length(ring.front() - ring.back()) < kMeet) ring.pop_back();
        if (ring.size() >= 3) out.push_back(std::move(ring));
    }
}

}  // namespace

std::vector<Ring> clipped(const std::vector<Ring>& hull, Vec3 on_plane, Vec3 normal) {
    std::vector<Ring> out;
    std::vector<Cut> cuts;
    for (const Ring& ring : hull)
        if (Ring part = part_of(ring, on_plane, normal, cuts); !part.empty()) out.push_back(std::move(part));
    // An edge that lies on the plane is told by both faces that it belongs to.
    std::vector<Cut> once;
    for (const Cut& cut : cuts) {
        if (cuts.size() <= kMostCuts && std::ranges::any_of(once, [&](const Cut& known) {
                return (length(known.first - cut.first) < kMeet && length(known.second - cut.second) < kMeet) ||
                       (length(known.first - cut.second) < kMeet && length(known.second - cut.first) < kMeet);
            }))
            continue;
        once.push_back(cut);
    }
    close(std::move(once), out);
    return out;
}

}  // namespace wp::incoming

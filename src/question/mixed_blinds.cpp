// SPDX-License-Identifier: GPL-3.0-or-later
#include "question/mixed_blinds.h"

#include <algorithm>

namespace wp::question {

namespace {

// Spaces of one air are one room.
bool same_air(const std::vector<int>& air, size_t a, size_t b) {
    return a == b || (a < air.size() && b < air.size() && air[a] == air[b]);
}

}  // namespace

std::vector<Enclosure> enclosures_of(const geometry::Surfaces& surfaces) {
    std::vector<Enclosure> own(surfaces.spaces.size());
    for (size_t t = 0; t < surfaces.triangles.size(); ++t) {
        const auto& s = surfaces.surfaces[surfaces.surface_of[t]];
        if (s.space < 0 || static_cast<size_t>(s.space) >= own.size()) continue;
        const auto& [a, b, c] = surfaces.triangles[t];
        const double area =
            length(cross(surfaces.vertices[b] - surfaces.vertices[a], surfaces.vertices[c] - surfaces.vertices[a])) / 2;
        own[static_cast<size_t>(s.space)].area += area;
        own[static_cast<size_t>(s.space)].reflected += area * (s.reflectance + s.specular);
    }
    std::vector<Enclosure> out(own.size());
    for (size_t a = 0; a < own.size(); ++a)
        for (size_t b = 0; b < own.size(); ++b)
            if (same_air(surfaces.air, a, b)) out[a].area += own[b].area, out[a].reflected += own[b].reflected;
    return out;
}

MixedBlinds::MixedBlinds(std::vector<Enclosure> enclosures, const geometry::Surfaces& panes,
                         const std::vector<light::BlindLayers>& layers, const std::vector<int>& group_of_portal) {
    std::vector<light::Panes> by_state;
    for (const auto& layer : layers) by_state.emplace_back(panes, layer);
    for (size_t space = 0; space < enclosures.size(); ++space) {
        Room room{enclosures[space].area, enclosures[space].reflected, {}};
        for (size_t p = 0; p < panes.portals.size(); ++p) {
            const auto& portal = by_state[0].portals()[p];
            const int inner = std::max(portal.inside, portal.outside);
            // Inner openings are left out: what goes through them comes back from another room.
            if (std::min(portal.inside, portal.outside) >= 0 || inner < 0 ||
                !same_air(panes.air, space, static_cast<size_t>(inner)))
                continue;
            room.area += static_cast<double>(portal.area);
            const int group = group_of_portal[p];
            if (group < 0) {
                room.reflected += static_cast<double>(portal.area * portal.sends_back_evenly());
                continue;
            }
            auto at = std::find_if(room.groups.begin(), room.groups.end(),
                                   [&](const Group& g) { return g.group == static_cast<size_t>(group); });
            if (at == room.groups.end())
                at = room.groups.insert(at, {static_cast<size_t>(group), std::vector<double>(layers.size(), 0.0)});
            for (size_t k = 0; k < layers.size(); ++k)
                at->sends_back[k] += static_cast<double>(portal.area * by_state[k].portals()[p].sends_back_evenly());
        }
        rooms_.push_back(std::move(room));
    }
}

double MixedBlinds::more(int space, size_t traced, std::span<const uint8_t> states) const {
    if (space < 0 || static_cast<size_t>(space) >= rooms_.size()) return 0;
    const Room& room = rooms_[static_cast<size_t>(space)];
    double then = room.reflected, now = room.reflected;
    for (const Group& g : room.groups) {
        then += g.sends_back[traced];
        now += g.sends_back[states[g.group]];
    }
    // All as it was traced: exactly nothing.
    if (then == now || !(now < room.area) || !(then < room.area) || !(then > 0)) return 0;
    return now / (room.area - now) * (room.area - then) / then - 1;
}

}  // namespace wp::question

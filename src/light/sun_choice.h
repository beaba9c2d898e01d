// SPDX-License-Identifier: GPL-3.0-or-later
// Which of the sun's nodes to look for from a place: indoors only those whose beam could come through an opening of the room,
// each as often as it would bring light. Looking for suns that walls hide is what makes interreflected sunlight dear.
#pragma once
#include <cstdint>
#include <vector>

#include "light/scene.h"
#include "light/sun_nodes.h"

namespace wp::light {

class SunChoice {
 public:
    /// worth: what each node is likely to bring, any scale; none may be negative. All nodes keep a chance.
    SunChoice(const Scene& scene, const SunNodes& nodes, const std::vector<double>& worth);

    struct Pick {
        size_t node = 0;
        float share = 0;   ///< of share(direction) at that node; 0: there is nothing to look for
        float chance = 1;  ///< that this node was picked
    };
    /// share: what the place takes of a beam from a unit direction. dice in [0, 1). weights: room to work in.
    template <class Share>
    Pick pick(Vec3f at, int space, float dice, Share&& share, std::vector<float>& weights) const {
        const size_t n = worth_.size();
        weights.assign(n, space < 0 ? 1.0f : 0.0f);
        if (space >= 0)
            for (const int portal : scene_.portals_of(space)) open(static_cast<size_t>(portal), at, weights.data());
        float sum = 0;
        for (size_t i = 0; i < n; ++i) {
            if (weights[i] <= 0) continue;
            const float taken = share(nodes_.direction(i));
            weights[i] = taken > 0 ? taken * worth_[i] : 0.0f;
            sum += weights[i];
        }
        if (sum <= 0) return {};
        float left = dice * sum;
        size_t node = n;
        for (size_t i = 0; i < n; ++i) {
            if (weights[i] <= 0) continue;
            node = i;
            if (left < weights[i]) break;
            left -= weights[i];
        }
        return {node, weights[node] / worth_[node], weights[node] / sum};
    }

 private:
    // Marks the nodes that are seen through the rectangle of a portal.
    void open(size_t portal, Vec3f at, float* marks) const;

    // A portal's axes by node: across its plane, and along its sides.
    struct Axes {
        std::vector<float> inverse_through, along_u, along_v;
        std::vector<uint32_t> node;  // of those whose sun can come in through the portal at all
    };
    const Scene& scene_;
    const SunNodes& nodes_;
    std::vector<float> worth_;
    std::vector<Axes> axes_;
};

}  // namespace wp::light

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
        float share = 0;   ///< of what the place takes of a beam from that node; 0: there is nothing to look for
        float chance = 1;  ///< that this node was picked
    };
    /// Room to work in, kept between picks of one thread.
    using Room = std::vector<float>;
    /// For a matt place: it takes the cosine to its unit normal. dice in [0, 1).
    Pick pick(Vec3f at, Vec3f normal, int space, float dice, Room& room) const;
    /// For any other that takes nothing from below its normal. share: what it takes of a beam from a unit direction.
    template <class Share>
    Pick pick(Vec3f at, Vec3f normal, int space, float dice, Share&& share, Room& room) const {
        if (!in_sight(at, normal, space, room)) return {};
        for (size_t i = 0; i < worth_.size(); ++i)
            if (room[i] > 0) room[i] = share(nodes_.direction(i)) * worth_[i];
        return draw(dice, room);
    }

 private:
    // Worked on in lanes: lists are filled up to a whole number of these with nodes that are never met.
    static constexpr size_t kLanes = 8;
    // 1 for nodes that may be seen from the place through an opening of its space, else 0. False: there are none.
    bool in_sight(Vec3f at, Vec3f normal, int space, Room& room) const;
    // Marks the nodes that are seen through the rectangle of a portal.
    void open(size_t portal, Vec3f at, float* marks) const;
    Pick draw(float dice, const Room& weights) const;

    // A portal's axes by node: across its plane, and along its sides. Nodes whose sun cannot come in through it have no way across.
    struct Axes {
        std::vector<float> inverse_through, along_u, along_v;
    };
    const Scene& scene_;
    const SunNodes& nodes_;
    size_t lanes_ = 0;  // numbers in a list
    std::vector<float> worth_, x_, y_, z_;
    std::vector<Axes> axes_;
};

}  // namespace wp::light

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
    struct Room {
        std::vector<float> weights;    // by lane; of clusters that are not seen, anything
        std::vector<uint32_t> seen;    // clusters
        std::vector<uint8_t> is_seen;
        std::vector<int32_t> touched;  // clusters that a portal may be seen against
        std::vector<float> sums;       // of what is seen, by cluster
        // Outdoors all nodes above a place are looked for, and what each brings hangs on the normal alone, of which there are few.
        struct Open {
            Vec3f normal{};
            std::vector<float> sums;   // of the weights up to each lane
        };
        std::vector<Open> open;
    };
    /// For a matt place: it takes the cosine to its unit normal. dice in [0, 1).
    Pick pick(Vec3f at, Vec3f normal, int space, float dice, Room& room) const;
    /// For any other that takes nothing from below its normal. share: what it takes of a beam from a unit direction.
    template <class Share>
    Pick pick(Vec3f at, Vec3f normal, int space, float dice, Share&& share, Room& room) const {
        if (!in_sight(at, normal, space, room)) return {};
        for (const uint32_t cluster : room.seen)
            for (size_t i = cluster * kLanes; i < (cluster + 1) * kLanes; ++i)
                if (room.weights[i] > 0) room.weights[i] = share({x_[i], y_[i], z_[i]}) * worth_[i];
        return draw(dice, room);
    }

 private:
    // Nodes stand in clusters of neighbours, each worked on in lanes: whole clusters are passed over where a portal is not seen against any of them.
    // The last is filled up with lanes that are never met.
    static constexpr size_t kLanes = 8;
    void gather_clusters(const SunNodes& nodes, const std::vector<float>& worth);
    // Lists of what is seen from the place through an opening of its space the clusters and in them the nodes: 1, else 0. False: there are none.
    bool in_sight(Vec3f at, Vec3f normal, int space, Room& room) const;
    // Marks the nodes that are seen through the rectangle of a portal.
    void open(size_t portal, Vec3f at, Room& room) const;
    void open_wide(size_t portal, Vec3f at, Room& room) const;
    void open_as_wide(size_t portal, Vec3f at, Room& room) const;
    void see(size_t cluster, float mark, Room& room) const;
    void weigh(Vec3f normal, size_t first, size_t count, float* weights) const;
    Pick draw(float dice, Room& room) const;
    Pick pick_outdoors(Vec3f normal, float dice, Room& room) const;

    // A portal's axes by lane: across its plane, and along its sides. Nodes whose sun cannot come in through it have no way across.
    struct Axes {
        std::vector<float> inverse_through, along_u, along_v;
        std::vector<int32_t> before;   // clusters with nodes that can come in: all bits, else none
    };
    const Scene& scene_;
    size_t lanes_ = 0;
    std::vector<size_t> node_of_lane_;
    std::vector<float> worth_, x_, y_, z_;
    // Cones that hold the nodes of each cluster: axis, and cosine and sine of the half-angle. In lanes, too.
    size_t clusters_ = 0;
    struct Cones {
        std::vector<float> x, y, z, cosine, sine;
    } cones_;
    std::vector<Axes> axes_;
};

}  // namespace wp::light

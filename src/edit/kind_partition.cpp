// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;

namespace {

// Takes the pointer in beside it, in pixels.
constexpr double kReach = 5;

class PartitionKind : public KindOnStoreys<Partition> {
 public:
    PartitionKind() : KindOnStoreys(Item::Kind::partition, "partition", &Storey::partitions, "screen") {}
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Partition* wall = get(option, item);
        return wall != nullptr ? std::vector{wall->from, wall->to} : std::vector<Vec2>();
    }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        const Partition& wall = *get(option, item);
        return distance_to_segment(touch.place, wall.from, wall.to) < wall.thickness / 2 + kReach * touch.pixel;
    }
    int depth(const Option&, const Item&) const override { return depth::line; }

 protected:
    void placed(Partition& wall, const Placing& placing) const override {
        wall.from = placing(wall.from);
        wall.to = placing(wall.to);
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_partition_kind() { return std::make_unique<PartitionKind>(); }

}  // namespace wp::edit

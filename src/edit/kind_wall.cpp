// SPDX-License-Identifier: GPL-3.0-or-later
// Walls: edges of rooms, known by their room.
#include "edit/kinds.h"
#include "edit/listed_kind.h"
#include "edit/wall_near.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

namespace {

// A wall takes the pointer in at this distance, in pixels.
constexpr double kReach = 7;

class WallKind : public ItemKind {
 public:
    WallKind() : ItemKind(Kind::wall, "wall") {}

    Items all(const Option& option) const override {
        Items out;
        for (const Storey& storey : option.storeys)
            for (const Room& room : storey.rooms)
                for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e)
                    out.push_back({Kind::wall, room.id, e});
        return out;
    }
    bool exists(const Option& option, const Item& item) const override {
        const auto at = find_room(option, item.id);
        return at && item.edge >= 0 && item.edge < static_cast<int>(at.room->footprint.size());
    }
    size_t storey(const Option& option, const Item& item) const override { return storey_of_room(option, item.id); }
    std::string name(const Option& option, const Item& item) const override {
        const auto at = find_room(option, item.id);
        return at ? name_of(*at.room) + ", wall " + std::to_string(item.edge + 1) : std::string();
    }
    bool is_searched() const override { return false; }
    // Rooms draw their walls.
    bool is_drawn() const override { return false; }

    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const auto at = find_room(option, item.id);
        if (!at) return {};
        return {edge_begin(*at.room, item.edge), edge_end(*at.room, item.edge)};
    }
    std::optional<Hit> hit(const Option& option, const Touch& touch) const override {
        const auto near = wall_near(option.storeys[touch.storey], touch.place, kReach * touch.pixel);
        if (!near) return {};
        return Hit{{Kind::wall, near->room, near->edge}, depth::wall};
    }

    // Along its normal.
    bool place(Option& option, const Item& item, const Items&, const Placing& placing) const override {
        const auto at = find_room(option, item.id);
        if (!at) return true;
        const Vec2 a = edge_begin(*at.room, item.edge), d = normalized(edge_end(*at.room, item.edge) - a);
        return move_edge(option, storey(option, item), item.id, item.edge, dot(placing(a) - a, Vec2{d.y, -d.x}));
    }

    // One between two rooms by joining them, an outside one by leaving it open.
    bool remove(Option& option, const Item& item) const override {
        const size_t s = storey(option, item);
        if (const auto behind = wall_behind(option, s, item.id, item.edge))
            return join_rooms(option, s, item.id, behind->id);
        const auto at = find_room(option, item.id);
        if (!at) return false;
        std::erase_if(at.room->openings, [&](const Opening& o) { return o.edge == item.edge; });
        Opening open;
        open.id = open.name = fresh_id(option, "D");
        open.kind = Opening::Kind::opening_void;
        open.edge = item.edge;
        open.along = kLeastJamb;
        open.width = edge_length(*at.room, item.edge) - 2 * kLeastJamb;
        open.sill = 0;
        open.reveal = 0;
        open.height = wall_top(option, *at.storey, *at.room, item.edge, open.along, open.width);
        at.room->openings.push_back(open);
        return true;
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_wall_kind() { return std::make_unique<WallKind>(); }

std::optional<WallSpot> wall_near(const Storey& storey, Vec2 place, double reach) {
    std::optional<WallSpot> out;
    for (const Room& room : storey.rooms)
        for (int e = 0; e < static_cast<int>(room.footprint.size()); ++e) {
            const Vec2 a = edge_begin(room, e), b = edge_end(room, e);
            // Of two rooms on one line the one is meant that the place is in.
            double d = distance_to_segment(place, a, b);
            if (contains(room.footprint, place)) d -= 1e-6;
            if (d >= reach) continue;
            reach = d;
            out = WallSpot{room.id, e, dot(place - a, normalized(b - a))};
        }
    return out;
}

}  // namespace wp::edit

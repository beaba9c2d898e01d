// SPDX-License-Identifier: GPL-3.0-or-later
// Windows, doors, panels and openings in walls.
#include <cmath>

#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

namespace {

// Dragged ones keep to this grid along their wall, in metres.
constexpr double kStep = 0.05;
// Takes the pointer in beyond its edges, in pixels.
constexpr double kReach = 5;

Vec2 direction(const Room& room, int edge) { return normalized(edge_end(room, edge) - edge_begin(room, edge)); }

// By what of a placing lies along its wall.
void place_along(Option& option, const Id& id, const Placing& placing) {
    const auto at = find_opening(option, id);
    if (!at) return;
    const Vec2 d = direction(*at.room, at.opening->edge),
               middle = edge_begin(*at.room, at.opening->edge) + d * (at.opening->along + at.opening->width / 2);
    at.opening->along += dot(placing(middle) - middle, d);
    keep_in_wall(option, *at.storey, *at.room, *at.opening);
}

class OpeningKind : public ListedKind<Opening> {
 public:
    OpeningKind() : ListedKind(Kind::opening, "opening") {}

    using ListedKind::get;
    const Opening* get(const Option& option, const Item& item) const override {
        return find_opening(const_cast<Option&>(option), item.id).opening;  // the look-up comes in one kind
    }
    Items all(const Option& option) const override {
        Items out;
        for (const Storey& storey : option.storeys)
            for (const Room& room : storey.rooms)
                for (const Opening& o : room.openings) out.push_back({Kind::opening, o.id, -1});
        return out;
    }
    size_t storey(const Option& option, const Item& item) const override {
        const auto at = find_opening(const_cast<Option&>(option), item.id);
        return at ? static_cast<size_t>(at.storey - option.storeys.data()) : option.storeys.size();
    }

    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const auto at = find_opening(const_cast<Option&>(option), item.id);
        if (!at) return {};
        const Vec2 a = edge_begin(*at.room, at.opening->edge), d = direction(*at.room, at.opening->edge);
        return {a + d * at.opening->along, a + d * (at.opening->along + at.opening->width)};
    }
    bool snaps() const override { return false; }
    // Walls lie outside of their lines, but for half of one between two rooms.
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        const auto at = find_opening(const_cast<Option&>(option), item.id);
        const Opening& o = *at.opening;
        const Vec2 d = direction(*at.room, o.edge), out{d.y, -d.x}, p = touch.place - edge_begin(*at.room, o.edge);
        const double s = dot(p, d), t = dot(p, out), slack = kReach * touch.pixel;
        return s >= o.along - slack && s <= o.along + o.width + slack && t >= -option.inner_wall / 2 - slack &&
               t <= own_thickness(*at.room, o.edge, option.outer_wall) + slack;
    }
    int depth(const Option&, const Item&) const override { return depth::opening; }

    bool place(Option& option, const Item& item, const Items& along, const Placing& placing) const override {
        const auto at = find_opening(option, item.id);
        if (at && !holds(along, Kind::room, at.room->id)) place_along(option, item.id, placing);
        return true;
    }
    bool drag(Option& option, const Item& item, Vec2 shift) const override {
        const auto at = find_opening(option, item.id);
        if (!at) return false;
        const double to = at.opening->along + dot(shift, direction(*at.room, at.opening->edge));
        at.opening->along = std::round(to / kStep) * kStep;
        keep_in_wall(option, *at.storey, *at.room, *at.opening);
        return true;
    }
    void copy(Option& option, const Item& item, Copying& copying) const override {
        const auto at = find_opening(option, item.id);
        if (!at || copying.takes(Kind::room, at.room->id)) return;
        Opening o = *at.opening;
        o.id = o.name = copying.fresh(prefix_of(o.kind));
        const Id id = o.id;
        at.room->openings.push_back(std::move(o));
        place_along(option, id, copying.placing);
        copying.made.push_back({Kind::opening, id, -1});
    }
    bool remove(Option& option, const Item& item) const override {
        erase_by_id(find_opening(option, item.id).room->openings, item.id);
        return true;
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_opening_kind() { return std::make_unique<OpeningKind>(); }

}  // namespace wp::edit

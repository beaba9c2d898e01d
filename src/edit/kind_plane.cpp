// SPDX-License-Identifier: GPL-3.0-or-later
// Reference planes: known by their room or thing, which place and copy them.
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

namespace {

class PlaneKind : public KindOfOption<ReferencePlane> {
 public:
    PlaneKind() : KindOfOption(Kind::plane, "reference plane", &Option::planes) {}
    bool is_drawn() const override { return false; }
    size_t storey(const Option& option, const Item& item) const override {
        const ReferencePlane* plane = get(option, item);
        if (plane == nullptr) return option.storeys.size();
        const Thing* thing = plane->on == ReferencePlane::On::deck ? find(option.things, plane->thing) : nullptr;
        const size_t by_room = storey_of_room(option, plane->room);
        return by_room == option.storeys.size() && thing != nullptr ? storey_index(option, thing->storey) : by_room;
    }
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const ReferencePlane* plane = get(option, item);
        if (plane == nullptr) return {};
        return outline_of(option, plane->on == ReferencePlane::On::deck ? Item{Kind::thing, plane->thing, -1}
                                                                        : Item{Kind::room, plane->room, -1});
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_plane_kind() { return std::make_unique<PlaneKind>(); }

}  // namespace wp::edit

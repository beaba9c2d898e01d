// SPDX-License-Identifier: GPL-3.0-or-later
// Furniture, stairs, trees, fences, sloped ground.
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

namespace {

// A fence takes the pointer in beside it, in pixels.
constexpr double kReach = 4;

class ThingKind : public KindOfOption<Thing> {
 public:
    ThingKind() : KindOfOption(Kind::thing, "thing", &Option::things) {}
    size_t storey(const Option& option, const Item& item) const override {
        const Thing* thing = get(option, item);
        return thing != nullptr ? storey_index(option, thing->storey) : option.storeys.size();
    }
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Thing* thing = get(option, item);
        return thing != nullptr ? footprint_of(*thing) : std::vector<Vec2>();
    }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        const Thing t = within_reason(*get(option, item));
        if (t.kind == Thing::Kind::tree) return length(t.at - touch.place) < t.width / 2;
        if (t.kind == Thing::Kind::fence)
            return distance_to_segment(touch.place, place_of(t, {-t.width / 2, 0}), place_of(t, {t.width / 2, 0})) <
                   kReach * touch.pixel;
        return contains(footprint_of(t), touch.place);
    }
    // Outdoors it lies under the building.
    int depth(const Option& option, const Item& item) const override {
        return get(option, item)->storey.empty() ? depth::outdoors : depth::thing;
    }
    bool place(Option& option, const Item& item, const Items&, const Placing& placing) const override {
        if (Thing* thing = get(option, item)) edit::place(*thing, placing);
        return true;
    }
    void copy(Option& option, const Item& item, Copying& copying) const override {
        const Thing* thing = get(option, item);
        if (thing == nullptr) return;
        Thing copy = *thing;
        if (!copy.storey.empty() && copying.to < option.storeys.size()) copy.storey = option.storeys[copying.to].id;
        edit::place(copy, copying.placing);
        add_copy(option, std::move(copy), "thing", copying);
    }
    // Its decks' planes go with it.
    bool remove(Option& option, const Item& item) const override {
        KindOfOption::remove(option, item);
        std::erase_if(option.planes,
                      [&](const ReferencePlane& p) { return p.on == ReferencePlane::On::deck && p.thing == item.id; });
        return true;
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_thing_kind() { return std::make_unique<ThingKind>(); }

}  // namespace wp::edit

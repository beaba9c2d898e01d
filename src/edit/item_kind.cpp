// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/item_kind.h"

#include <algorithm>

#include "edit/kinds.h"

namespace wp::edit {
using namespace model;

namespace {

class NoKind : public ItemKind {
 public:
    NoKind() : ItemKind(Item::Kind::none, "nothing") {}
    Items all(const Option&) const override { return {}; }
    bool exists(const Option&, const Item&) const override { return false; }
    size_t storey(const Option& option, const Item&) const override { return option.storeys.size(); }
    std::string name(const Option&, const Item&) const override { return {}; }
    bool remove(Option&, const Item&) const override { return false; }
};

std::vector<std::unique_ptr<ItemKind>>& kinds() {
    static auto all = [] {
        std::vector<std::unique_ptr<ItemKind>> out;
        for (const MakeItemKind make :
             {make_storey_kind, make_room_kind, make_wall_kind, make_opening_kind, make_partition_kind,
              make_floor_void_kind, make_roof_kind, make_rooflight_kind, make_dimension_kind, make_block_kind,
              make_thing_kind, make_plane_kind, make_observer_kind, make_reading_kind, make_luminaire_kind})
            out.push_back(make());
        return out;
    }();
    return all;
}

}  // namespace

const std::vector<std::unique_ptr<ItemKind>>& item_kinds() { return kinds(); }

const ItemKind& kind_of(const Item& item) {
    static const NoKind none;
    for (const auto& kind : kinds())
        if (kind->kind() == item.kind) return *kind;
    return none;
}

Item::Kind add_item_kind(std::unique_ptr<ItemKind> (*make)(Item::Kind)) {
    int last = 0;
    for (const auto& kind : kinds()) last = std::max(last, static_cast<int>(kind->kind()));
    const auto number = static_cast<Item::Kind>(last + 1);
    kinds().push_back(make(number));
    return number;
}

void remove_item_kind() { kinds().pop_back(); }

Id Copying::fresh(const char* prefix) {
    const Id id = fresh_id(taken, prefix);
    taken.insert(id);
    return id;
}

bool Copying::takes(Item::Kind kind, const Id& id) const {
    return std::find(items.begin(), items.end(), Item{kind, id, -1}) != items.end();
}

std::optional<Hit> ItemKind::hit(const Option& option, const Touch& touch) const {
    const Items here = all(option);
    for (auto it = here.rbegin(); it != here.rend(); ++it) {
        const size_t on = storey(option, *it);
        // What is on no storey is outdoors, under all of them.
        if ((on == touch.storey || on == option.storeys.size()) && covers(option, *it, touch))
            return Hit{*it, depth(option, *it)};
    }
    return {};
}

}  // namespace wp::edit

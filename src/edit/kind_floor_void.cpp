// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;

namespace {

class FloorVoidKind : public KindOnStoreys<FloorVoid> {
 public:
    FloorVoidKind() : KindOnStoreys(Item::Kind::floor_void, "floor void", &Storey::voids, "void") {}
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const FloorVoid* hole = get(option, item);
        return hole != nullptr ? hole->outline : std::vector<Vec2>();
    }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        return contains(get(option, item)->outline, touch.place);
    }
    int depth(const Option&, const Item&) const override { return depth::floor_void; }

 protected:
    void placed(FloorVoid& hole, const Placing& placing) const override { place_ring(hole.outline, placing); }
};

}  // namespace

std::unique_ptr<ItemKind> make_floor_void_kind() { return std::make_unique<FloorVoidKind>(); }

}  // namespace wp::edit

// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

namespace {

// Its flag takes the pointer in: so far to the sides, above its foot and below it, in pixels.
constexpr double kSide = 8, kAbove = 12, kBelow = 6;

class ReadingKind : public KindOfOption<Reading> {
 public:
    ReadingKind() : KindOfOption(Kind::reading, "reading", &Option::readings) {}
    // One that is in no room belongs to the lowest storey.
    size_t storey(const Option& option, const Item& item) const override {
        const Reading* reading = get(option, item);
        if (reading == nullptr) return option.storeys.size();
        return reading->room.empty() ? 0 : storey_of_room(option, reading->room);
    }
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Reading* reading = get(option, item);
        return reading != nullptr ? std::vector<Vec2>{{reading->at.x, reading->at.y}} : std::vector<Vec2>();
    }
    bool snaps() const override { return false; }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        const Vec2 p = (touch.place - outline(option, item)[0]) * (1 / touch.pixel);
        return std::fabs(p.x) < kSide && p.y < kAbove && p.y > -kBelow;
    }
    int depth(const Option&, const Item&) const override { return depth::reading; }

    bool place(Option& option, const Item& item, const Items& along, const Placing& placing) const override {
        Reading* reading = get(option, item);
        if (reading != nullptr && !holds(along, Kind::room, reading->room)) edit::place(*reading, placing);
        return true;
    }
    void copy(Option& option, const Item& item, Copying& copying) const override {
        const Reading* reading = get(option, item);
        if (reading == nullptr || copying.takes(Kind::room, reading->room)) return;
        Reading copy = *reading;
        edit::place(copy, copying.placing);
        add_copy(option, std::move(copy), "reading", copying);
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_reading_kind() { return std::make_unique<ReadingKind>(); }

}  // namespace wp::edit

// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

namespace {

// Takes the pointer in around it, in pixels.
constexpr double kReach = 9;

class ObserverKind : public KindOfOption<Observer> {
 public:
    ObserverKind() : KindOfOption(Kind::observer, "observer", &Option::observers) {}
    size_t storey(const Option& option, const Item& item) const override {
        const Observer* eye = get(option, item);
        return eye != nullptr ? storey_of_room(option, eye->room) : option.storeys.size();
    }
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Observer* eye = get(option, item);
        return eye != nullptr ? std::vector<Vec2>{{eye->eye.x, eye->eye.y}} : std::vector<Vec2>();
    }
    bool snaps() const override { return false; }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        return length(outline(option, item)[0] - touch.place) < kReach * touch.pixel;
    }
    int depth(const Option&, const Item&) const override { return depth::observer; }

    bool place(Option& option, const Item& item, const Items& along, const Placing& placing) const override {
        Observer* eye = get(option, item);
        if (eye != nullptr && !holds(along, Kind::room, eye->room)) edit::place(*eye, placing);
        return true;
    }
    void copy(Option& option, const Item& item, Copying& copying) const override {
        const Observer* eye = get(option, item);
        if (eye == nullptr || copying.takes(Kind::room, eye->room)) return;
        Observer copy = *eye;
        edit::place(copy, copying.placing);
        add_copy(option, std::move(copy), "eye", copying);
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_observer_kind() { return std::make_unique<ObserverKind>(); }

}  // namespace wp::edit

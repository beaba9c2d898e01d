// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;

namespace {

// An upright one takes the pointer in so far before and behind it, in metres.
constexpr double kUpright = 0.15;

class RooflightKind : public KindOnStoreys<Rooflight> {
 public:
    RooflightKind() : KindOnStoreys(Item::Kind::rooflight, "rooflight", &Storey::rooflights, "R") {}
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Rooflight* light = get(option, item);
        return light != nullptr ? std::vector{light->centre} : std::vector<Vec2>();
    }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        const Rooflight& light = *get(option, item);
        const double a = radians(light.turn);
        const Vec2 p = touch.place - light.centre, x{std::cos(a), std::sin(a)}, y{-x.y, x.x};
        return std::fabs(dot(p, x)) < light.width / 2 &&
               std::fabs(dot(p, y)) < (light.upright ? kUpright : light.length / 2);
    }
    int depth(const Option&, const Item&) const override { return depth::rooflight; }

 protected:
    void placed(Rooflight& light, const Placing& placing) const override {
        light.centre = placing(light.centre);
        light.turn = std::fmod(light.turn - turned_heading(0, placing), 360.0);
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_rooflight_kind() { return std::make_unique<RooflightKind>(); }

}  // namespace wp::edit

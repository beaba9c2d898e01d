// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;
using Kind = Item::Kind;

namespace {

// Its symbol takes the pointer in around it, in pixels.
constexpr double kAround = 8;

class LuminaireKind : public KindOfOption<Luminaire> {
 public:
    LuminaireKind() : KindOfOption(Kind::luminaire, "luminaire", &Option::luminaires) {}
    size_t storey(const Option& option, const Item& item) const override {
        const Luminaire* one = get(option, item);
        return one != nullptr ? storey_index(option, one->storey) : option.storeys.size();
    }
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Luminaire* one = get(option, item);
        return one != nullptr ? std::vector<Vec2>{one->at} : std::vector<Vec2>();
    }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        return length(get(option, item)->at - touch.place) < kAround * touch.pixel;
    }
    int depth(const Option&, const Item&) const override { return depth::luminaire; }
    bool place(Option& option, const Item& item, const Items&, const Placing& placing) const override {
        if (Luminaire* one = get(option, item)) edit::place(*one, placing);
        return true;
    }
    void copy(Option& option, const Item& item, Copying& copying) const override {
        const Luminaire* one = get(option, item);
        if (one == nullptr) return;
        Luminaire copy = *one;
        if (!copy.storey.empty() && copying.to < option.storeys.size()) copy.storey = option.storeys[copying.to].id;
        edit::place(copy, copying.placing);
        add_copy(option, std::move(copy), "light", copying);
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_luminaire_kind() { return std::make_unique<LuminaireKind>(); }

}  // namespace wp::edit

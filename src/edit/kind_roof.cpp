// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;

namespace {

// It stands where its rooms do; only its direction turns.
class RoofKind : public KindOnStoreys<Roof> {
 public:
    RoofKind() : KindOnStoreys(Item::Kind::roof, "roof", &Storey::roofs, nullptr) {}
    bool is_drawn() const override { return false; }

 protected:
    void placed(Roof& roof, const Placing& placing) const override {
        roof.direction = turned_heading(roof.direction, placing);
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_roof_kind() { return std::make_unique<RoofKind>(); }

}  // namespace wp::edit

// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;

namespace {

class StoreyKind : public KindOfOption<Storey> {
 public:
    StoreyKind() : KindOfOption(Item::Kind::storey, "storey", &Option::storeys) {}
    bool is_drawn() const override { return false; }
    size_t storey(const Option& option, const Item& item) const override { return storey_index(option, item.id); }
    bool remove(Option& option, const Item& item) const override {
        return remove_storey(option, storey_index(option, item.id));
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_storey_kind() { return std::make_unique<StoreyKind>(); }

}  // namespace wp::edit

// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/kinds.h"
#include "edit/listed_kind.h"

namespace wp::edit {
using namespace model;

namespace {

class BlockKind : public KindOfOption<Block> {
 public:
    BlockKind() : KindOfOption(Item::Kind::block, "block", &Option::blocks) {}
    size_t storey(const Option& option, const Item&) const override { return option.storeys.size(); }
    std::vector<Vec2> outline(const Option& option, const Item& item) const override {
        const Block* block = get(option, item);
        return block != nullptr ? block->footprint : std::vector<Vec2>();
    }
    bool covers(const Option& option, const Item& item, const Touch& touch) const override {
        return contains(get(option, item)->footprint, touch.place);
    }
    bool place(Option& option, const Item& item, const Items&, const Placing& placing) const override {
        if (Block* block = get(option, item)) place_ring(block->footprint, placing);
        return true;
    }
    void copy(Option& option, const Item& item, Copying& copying) const override {
        const Block* block = get(option, item);
        if (block == nullptr) return;
        Block copy = *block;
        place_ring(copy.footprint, copying.placing);
        add_copy(option, std::move(copy), "block", copying);
    }
};

}  // namespace

std::unique_ptr<ItemKind> make_block_kind() { return std::make_unique<BlockKind>(); }

}  // namespace wp::edit

// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

void show_block(Inspector& in) {
    const Block* found = model::find(in.document().option().blocks, in.item().id);
    if (found == nullptr) return;
    const Block b = *found;
    const auto change = [&in, id = b.id](const QString& name, std::function<void(Block&)> edit) {
        in.document().edit_option(name, [&](Option& o) { edit(*model::find(o.blocks, id)); });
    };
    QFormLayout& form = in.group(QObject::tr("Block"), "block");
    FieldRows<Block> rows(form, b, QObject::tr("block"), change);
    rows.follow(in, [&in, id = b.id] { return model::find(in.document().option().blocks, id); });
    rows.name();
    rows.number(&Block::height);
    rows.number(&Block::base);
    rows.choice(&Block::top);
    if (b.top != Block::Top::flat) {
        rows.number(&Block::pitch);
        rows.number(&Block::direction);
    }
    add_part_finish(
        form, in.document().project(), in.document().option(), QObject::tr("Made of"), Part::block, b.material,
        [change](const Id& m) { change(QObject::tr("Material of block"), [&](Block& x) { x.material = m; }); });
}

}  // namespace wp::gui

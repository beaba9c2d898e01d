// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

void show_partition(Inspector& in) {
    Option option = in.document().option();
    const auto at = find_on_storeys(option, &Storey::partitions, in.item().id);
    if (!at) return;
    const Partition p = *at.item;
    const auto change = [&in, id = p.id](const QString& name, std::function<void(Partition&)> edit) {
        in.document().edit_option(name, [&](Option& o) { edit(*find_on_storeys(o, &Storey::partitions, id).item); });
    };
    QFormLayout& form = in.group(QObject::tr("Partition"), "partition");
    FieldRows<Partition> rows(form, p, QObject::tr("partition"), change);
    rows.name();
    rows.number(&Partition::height);
    rows.number(&Partition::thickness);
    add_part_finish(
        form, in.document().project(), in.document().option(), QObject::tr("Material"), Part::partition, p.material,
        [change](const Id& m) { change(QObject::tr("Material of partition"), [&](Partition& x) { x.material = m; }); });
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "geometry/roof_shape.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

void show_roof(Inspector& in) {
    Option option = in.document().option();
    const auto at = find_on_storeys(option, &Storey::roofs, in.item().id);
    if (!at) return;
    const Roof r = *at.item;
    const auto change = [&in, id = r.id](const QString& name, std::function<void(Roof&)> edit) {
        in.document().edit_option(name, [&](Option& o) { edit(*find_on_storeys(o, &Storey::roofs, id).item); });
    };
    QFormLayout& form = in.group(QObject::tr("Roof"), "roof");
    FieldRows<Roof> rows(form, r, QObject::tr("roof"), change);
    rows.name();
    rows.choice(&Roof::kind);
    rows.number(&Roof::pitch);
    rows.number(&Roof::eaves);
    rows.number(&Roof::direction);
    if (r.kind == Roof::Kind::sawtooth) rows.number(&Roof::bays);
    rows.number(&Roof::overhang);
    const geometry::RoofShape shape(*at.storey, r, option.roof);
    double highest = 0;
    for (const auto& slope : shape.inner())
        highest = std::max(highest, std::max(slope.at(std::max(slope.from, shape.lowest())),
                                             slope.at(std::min(slope.to, shape.highest()))));
    in.add_fact(form, QObject::tr("Ridge"),
                [v = highest - at.storey->level] { return QStringLiteral("%L1 m").arg(v, 0, 'f', 2); });
    in.add_fact(form, QObject::tr("Over"), [n = r.rooms.size()] {
        return n == 0 ? QObject::tr("the whole storey") : QObject::tr("%1 rooms").arg(n);
    });
    form.addRow(label(QObject::tr("Ceilings below follow it, unless a room's ceiling is flat."), "small"));
}

}  // namespace wp::gui

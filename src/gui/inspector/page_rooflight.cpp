// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"
#include "gui/inspector/shading_rows.h"

namespace wp::gui {
using namespace model;

void show_rooflight(Inspector& in) {
    Option option = in.document().option();
    const auto at = find_on_storeys(option, &Storey::rooflights, in.item().id);
    if (!at) return;
    const Rooflight r = *at.item;
    const auto change = [&in, id = r.id](const QString& name, std::function<void(Rooflight&)> edit) {
        in.document().edit_option(name, [&](Option& o) { edit(*find_on_storeys(o, &Storey::rooflights, id).item); });
    };
    QFormLayout& form = in.group(QObject::tr("Rooflight %1").arg(name_of(r.name)), "rooflight");
    FieldRows<Rooflight> rows(form, r, QObject::tr("rooflight"), change);
    rows.name();
    rows.number(&Rooflight::width);
    rows.number(&Rooflight::length);
    rows.number(&Rooflight::upstand);
    rows.number(&Rooflight::frame);
    add_flag(form, QObject::tr("Stands"), QObject::tr("upright in a sawtooth"), r.upright,
             [change](bool on) { change(QObject::tr("Upright rooflight"), [&](Rooflight& x) { x.upright = on; }); });
    if (!r.upright) rows.number(&Rooflight::turn);
    add_part_finish(
        form, in.document().project(), in.document().option(), QObject::tr("Glazing"), Part::rooflight, r.glazing,
        [change](const Id& m) { change(QObject::tr("Glazing of rooflight"), [&](Rooflight& x) { x.glazing = m; }); });
    QFormLayout& shading = in.group(QObject::tr("Blind and shading"), "shading");
    rows_for_blind(in, shading, r);
    rows_for_shading(in, shading);
}

}  // namespace wp::gui

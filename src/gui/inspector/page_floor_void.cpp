// SPDX-License-Identifier: GPL-3.0-or-later
#include "geometry/polygon.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

void show_floor_void(Inspector& in) {
    Option option = in.document().option();
    const auto at = find_on_storeys(option, &Storey::voids, in.item().id);
    if (!at) return;
    QFormLayout& form = in.group(QObject::tr("Floor void"), "floor-void");
    add_name(form, at.item->name, [&in, id = in.item().id](const std::string& text) {
        in.document().edit_option(QObject::tr("Rename void"),
                                  [&](Option& o) { find_on_storeys(o, &Storey::voids, id).item->name = text; });
    });
    in.add_fact(form, QObject::tr("Area"), [area = geometry::signed_area(at.item->outline)] {
        return QStringLiteral("%L1 m\u00b2").arg(area, 0, 'f', 2);
    });
    form.addRow(
        label(QObject::tr("Joins the room here with the one below: a stair, or the open side of a gallery."), "small"));
}

}  // namespace wp::gui

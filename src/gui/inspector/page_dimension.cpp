// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

void show_dimension(Inspector& in) {
    Option option = in.document().option();
    const auto at = find_on_storeys(option, &Storey::dimensions, in.item().id);
    if (!at) return;
    QFormLayout& form = in.group(QObject::tr("Dimension"), "dimension");
    in.add_fact(form, QObject::tr("Length"),
                [l = length(at.item->to - at.item->from)] { return QStringLiteral("%L1 m").arg(l, 0, 'f', 3); });
    FieldRows<Dimension> rows(form, *at.item, QObject::tr("dimension"),
                              [&in, id = in.item().id](const QString& name, std::function<void(Dimension&)> edit) {
                                  in.document().edit_option(name, [&](Option& o) {
                                      edit(*find_on_storeys(o, &Storey::dimensions, id).item);
                                  });
                              });
    rows.number(&Dimension::offset);
}

}  // namespace wp::gui

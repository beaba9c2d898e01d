// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "edit/lay.h"
#include "geometry/plane_points.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

void show_plane(Inspector& in) {
    const ReferencePlane* found = model::find(in.document().option().planes, in.item().id);
    if (found == nullptr) return;
    const ReferencePlane p = *found;
    using On = ReferencePlane::On;
    const auto change = [&in, id = p.id](const QString& name, std::function<void(ReferencePlane&)> edit) {
        in.document().edit_option(name, [&](Option& o) { edit(*model::find(o.planes, id)); });
    };
    QFormLayout& form = in.group(QObject::tr("Reference plane"), "plane");
    FieldRows<ReferencePlane> rows(form, p, QObject::tr("plane"), change);
    rows.name();
    const auto room = find_room(in.document().option(), p.room);
    const Thing* thing = model::find(in.document().option().things, p.thing);
    in.add_fact(form, QObject::tr("In"),
                [text = p.on == On::deck && thing != nullptr ? name_of(thing->name)
                        : room                               ? name_of(room.room->name)
                                                             : QObject::tr("nothing")] { return text; });
    if (p.on == On::floor) {
        auto* usual = new QComboBox;
        usual->setObjectName(QStringLiteral("usual-height"));
        usual->setAccessibleName(QObject::tr("Usual heights"));
        usual->addItem(QObject::tr("own"));
        for (const auto& h : geometry::usual_heights()) {
            usual->addItem(language::words(h.name), h.height);
            usual->setItemData(usual->count() - 1, language::words(h.source), Qt::ToolTipRole);
            if (std::fabs(h.height - p.height) < 1e-6) usual->setCurrentIndex(usual->count() - 1);
        }
        QObject::connect(usual, &QComboBox::activated, &in, [usual, change](int i) {
            if (i > 0)
                change(QObject::tr("Plane height"),
                       [v = usual->itemData(i).toDouble()](ReferencePlane& x) { x.height = v; });
        });
        form.addRow(QObject::tr("Usual"), usual);
        if (usual->currentIndex() > 0)
            form.addRow(label(usual->itemData(usual->currentIndex(), Qt::ToolTipRole).toString(), "small"));
    }
    rows.number(&ReferencePlane::height);
    rows.number(&ReferencePlane::margin);
    add_number(form, QObject::tr("Spacing"), p.number > 0 ? std::nan("") : p.spacing, Unit::metre, [change](double v) {
        change(QObject::tr("Plane spacing"), [&](ReferencePlane& x) {
            x.spacing = std::clamp(v, 0.05, 20.0);
            x.number = 0;
        });
    })->setPlaceholderText(QObject::tr("by number"));
    add_number(form, QObject::tr("Points wanted"), p.number > 0 ? p.number : std::nan(""), Unit::plain,
               [change](double v) {
                   change(QObject::tr("Points of plane"),
                          [&](ReferencePlane& x) { x.number = whole_number(v, 0, 20000); });
               })
        ->setPlaceholderText(QObject::tr("by spacing"));
    const double north = in.document().project().site.north;
    if (const auto points = geometry::plane_points(in.document().option(), p, north)) {
        in.add_fact(form, QObject::tr("Points"), [n = points->points.size()] { return QString::number(n); });
        in.add_fact(form, QObject::tr("Cells"), [dx = points->dx, dy = points->dy] {
            return QStringLiteral("%L1 \u00d7 %L2 m").arg(dx, 0, 'f', 3).arg(dy, 0, 'f', 3);
        });
        in.add_fact(form, QObject::tr("Area"),
                    [a = points->area()] { return QStringLiteral("%L1 m\u00b2").arg(a, 0, 'f', 2); });
    }
    add_button(form, QObject::tr("Finer, keeping its points"), "finer", [change, &in, north] {
        change(QObject::tr("Finer plane"),
               [&](ReferencePlane& x) { edit::make_finer(in.document().option(), x, north); });
    })->setToolTip(QObject::tr("Nine cells for each one: points that are known already stay as they are"));
    if (p.on == On::floor) {
        rows.choice(&ReferencePlane::along);
        add_button(form, p.area.empty() ? QObject::tr("Only a part: draw it") : QObject::tr("Draw its part anew"),
                   "draw-area", [&in, id = p.id] { emit in.area_wanted(name_of(id), false); });
        add_button(form, QObject::tr("Leave a part out: draw it"), "draw-left-out",
                   [&in, id = p.id] { emit in.area_wanted(name_of(id), true); });
        if (!p.area.empty() || !p.left_out.empty())
            add_button(form, QObject::tr("The whole room again"), "whole-room", [change] {
                change(QObject::tr("Whole room"), [](ReferencePlane& x) {
                    x.area.clear();
                    x.left_out.clear();
                });
            });
    }
    add_flag(form, QObject::tr("Criteria"), QObject::tr("occupied area"), p.occupied,
             [change](bool on) { change(QObject::tr("Occupied"), [&](ReferencePlane& x) { x.occupied = on; }); });
    add_flag(form, {}, QObject::tr("laid for criteria, not mapped"), p.for_rules,
             [change](bool on) { change(QObject::tr("For rules"), [&](ReferencePlane& x) { x.for_rules = on; }); });
    add_flag(form, QObject::tr("Faces"), QObject::tr("the other way"), p.turned_over, [change](bool on) {
        change(QObject::tr("Turn plane over"), [&](ReferencePlane& x) { x.turned_over = on; });
    });
    add_button(form, QObject::tr("Remove"), "remove-plane", [&in, id = p.id] {
        in.document().edit_option(QObject::tr("Remove plane"), [&](Option& o) {
            edit::remove_items(o, {{Selection::Kind::plane, id, -1}});
        });
    });
}

}  // namespace wp::gui

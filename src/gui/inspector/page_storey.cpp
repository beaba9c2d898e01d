// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

void show_storey(Inspector& in) {
    const Storey* found = model::find(in.document().option().storeys, in.item().id);
    if (found == nullptr) return;
    const Storey storey = *found;
    const auto change = [&in, id = storey.id](const QString& name, std::function<void(Option&, Storey&)> edit) {
        in.document().edit_option(name, [&](Option& o) { edit(o, *model::find(o.storeys, id)); });
    };
    QFormLayout& form = in.group(QObject::tr("Storey"), "storey");
    add_name(form, storey.name, [change](const std::string& text) {
        change(QObject::tr("Rename storey"), [&](Option&, Storey& s) { s.name = text; });
    });
    add_number(form, QObject::tr("Level"), storey.level, Unit::metre, [change](double v) {
        change(QObject::tr("Level of storey"), [&](Option& o, Storey& s) {
            for (Observer& e : o.observers)
                if (model::find(s.rooms, e.room) != nullptr) e.eye.z += v - s.level;
            s.level = std::clamp(v, -500.0, 500.0);
        });
    });
    add_number(form, QObject::tr("Clear height"), storey.height, Unit::metre, [change](double v) {
        change(QObject::tr("Height of storey"), [&](Option& o, Storey& s) {
            // Rooms that had the storey's height keep it; those of their own stay.
            for (Room& room : s.rooms)
                if (std::fabs(room.height - s.height) < 1e-6) room.height = std::clamp(v, 0.5, 100.0);
            s.height = std::clamp(v, 0.5, 100.0);
            for (Room& room : s.rooms)
                for (Opening& opening : room.openings) geometry::keep_in_wall(o, s, room, opening);
        });
    });
    double area = 0, volume = 0;
    for (const Room& room : found->rooms) {
        area += geometry::floor_area(in.document().option(), *found, room);
        volume += geometry::room_volume(in.document().option(), *found, room);
    }
    in.add_fact(form, QObject::tr("Rooms"), [n = storey.rooms.size()] { return QString::number(n); });
    in.add_fact(form, QObject::tr("Floor area"), [area] { return QStringLiteral("%L1 m\u00b2").arg(area, 0, 'f', 1); });
    in.add_fact(form, QObject::tr("Volume"), [volume] { return QStringLiteral("%L1 m\u00b3").arg(volume, 0, 'f', 1); });
    if (storey.underlay.file.empty()) return;
    QFormLayout& under = in.group(QObject::tr("Underlay"), "underlay");
    under.addRow(label(name_of(storey.underlay.file), "small"));
    FieldRows<Underlay> rows(under, storey.underlay, QObject::tr("underlay"),
                             [change](const QString& name, std::function<void(Underlay&)> edit) {
                                 change(name, [&](Option&, Storey& s) { edit(s.underlay); });
                             });
    rows.number(&Underlay::strength);
    rows.number(&Underlay::turn);
    rows.number(&Underlay::width);
    rows.number(&Underlay::page);
    add_number(under, QObject::tr("Left at"), storey.underlay.place.x, Unit::metre, [change](double v) {
        change(QObject::tr("Place of underlay"), [&](Option&, Storey& s) { s.underlay.place.x = v; });
    });
    add_number(under, QObject::tr("Foot at"), storey.underlay.place.y, Unit::metre, [change](double v) {
        change(QObject::tr("Place of underlay"), [&](Option&, Storey& s) { s.underlay.place.y = v; });
    });
    add_button(under, QObject::tr("Remove"), "remove-underlay",
               [change] { change(QObject::tr("Remove underlay"), [](Option&, Storey& s) { s.underlay = {}; }); });
}

}  // namespace wp::gui

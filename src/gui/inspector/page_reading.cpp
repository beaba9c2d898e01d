// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

void show_reading(Inspector& in) {
    const Reading* found = model::find(in.document().option().readings, in.item().id);
    if (found == nullptr) return;
    const Reading r = *found;
    const auto change = [&in, id = r.id](const QString& name, std::function<void(Reading&)> edit) {
        in.document().edit_option(name, [&](Option& o) { edit(*model::find(o.readings, id)); });
    };
    const auto place = find_room(in.document().option(), r.room);
    const double floor = place ? place.storey->level : 0;
    QFormLayout& form = in.group(QObject::tr("Reading"), "reading");
    FieldRows<Reading>(form, r, QObject::tr("reading"), change).name();
    add_number(form, QObject::tr("Height"), r.at.z - floor, Unit::metre, [change, floor](double v) {
        change(QObject::tr("Height of reading"), [&](Reading& x) { x.at.z = floor + std::clamp(v, 0.0, 200.0); });
    })->setToolTip(QObject::tr("Above the floor"));
    const double level = degrees(std::asin(std::clamp(r.facing.z, -1.0, 1.0)));
    const double heading = std::fmod(degrees(std::atan2(r.facing.x, r.facing.y)) + 360, 360);
    const auto face = [change](double azimuth, double altitude) {
        change(QObject::tr("Turn reading"),
               [&](Reading& x) { x.facing = direction(radians(azimuth), radians(std::clamp(altitude, -90.0, 90.0))); });
    };
    add_number(form, QObject::tr("Faces up"), level, Unit::degree, [face, heading](double v) {
        face(heading, v);
    })->setToolTip(QObject::tr("90\u00b0: like a table's top. 0\u00b0: like a wall"));
    add_number(form, QObject::tr("Heading"), heading, Unit::degree, [face, level](double v) {
        face(v, level);
    })->setToolTip(QObject::tr("Degrees clockwise from the top of the sheet"));
    form.addRow(label(QObject::tr("What light it has stands on the Light desk, among the readings."), "small"));
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// Where nothing is selected: the option.
#include <algorithm>

#include "geometry/walls.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

namespace {

void show_light(Inspector& in) {
    const auto answer = in.kept().daylight(in.document().option().id);
    if (!answer) return;
    QFormLayout& form = in.group(QObject::tr("Daylight factor, mean"), "light");
    for (const auto& plane : answer->planes) {
        const auto place = find_room(in.document().option(), plane.plane.room);
        if (!place) continue;
        in.add_fact(form, name_of(place.room->name), [&in, id = place.room->id] {
            const auto* p = in.daylight_of(id);
            return p == nullptr
                       ? QString()
                       : QStringLiteral("%1 \u00b1 %2 %")
                             .arg(report::figure(p->figures.mean), report::error_figure(p->figures.mean_half_width));
        });
    }
}

}  // namespace

void show_nothing(Inspector& in) {
    const Option& option = in.document().option();
    QFormLayout& form = in.group(name_of(option.name), "option");
    add_name(form, option.name, [&in](const std::string& text) {
        in.document().edit_option(QObject::tr("Rename option"), [&](Option& o) { o.name = text; });
    });
    double area = 0;
    size_t rooms = 0, windows = 0;
    for (const Storey& storey : option.storeys)
        for (const Room& room : storey.rooms) {
            area += geometry::floor_area(option, storey, room);
            ++rooms;
            windows +=
                static_cast<size_t>(std::count_if(room.openings.begin(), room.openings.end(),
                                                  [](const Opening& o) { return o.kind == Opening::Kind::window; }));
        }
    in.add_fact(form, QObject::tr("Rooms"), [rooms] { return QString::number(rooms); });
    in.add_fact(form, QObject::tr("Windows"), [windows] { return QString::number(windows); });
    in.add_fact(form, QObject::tr("Floor area"), [area] { return QStringLiteral("%L1 m\u00b2").arg(area, 0, 'f', 1); });
    add_number(form, QObject::tr("Outer wall"), option.outer_wall, Unit::metre, [&in](double v) {
        in.document().edit_option(QObject::tr("Outer wall thickness"),
                                  [&](Option& o) { o.outer_wall = std::clamp(v, 0.05, 3.0); });
    });
    add_number(form, QObject::tr("Inner wall"), option.inner_wall, Unit::metre, [&in](double v) {
        in.document().edit_option(QObject::tr("Inner wall thickness"),
                                  [&](Option& o) { o.inner_wall = std::clamp(v, 0.01, 2.0); });
    });
    add_number(form, QObject::tr("Roof and slabs"), option.roof, Unit::metre, [&in](double v) {
        in.document().edit_option(QObject::tr("Thickness of roof and slabs"),
                                  [&](Option& o) { o.roof = std::clamp(v, 0.05, 3.0); });
    });
    if (!option.note.empty()) form.addRow(label(name_of(option.note), "small"));
    form.addRow(
        label(QObject::tr("Select a room, a window or an observer to edit it and to see what it does."), "small"));
    show_light(in);
}

}  // namespace wp::gui

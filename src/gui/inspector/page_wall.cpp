// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "edit/edit.h"
#include "edit/items.h"
#include "edit/lay.h"
#include "geometry/walls.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

void lay_on_wall(Inspector& in, const Id& room, int edge, bool facade) {
    edit::Items made;
    in.document().edit_option(facade ? QObject::tr("Plane on facade") : QObject::tr("Plane on wall"),
                              [&](Option& o) { made = edit::lay_on_wall(o, room, edge, facade, 0.5); });
    if (!made.empty()) in.document().select(made.front());
}

}  // namespace

void show_wall(Inspector& in) {
    const auto place = find_room(in.document().option(), in.item().id);
    if (!place || in.item().edge >= static_cast<int>(place.room->footprint.size())) return;
    const Id id = in.item().id;
    const int edge = in.item().edge;
    const size_t s = in.document().storey_index();
    const auto behind = edit::wall_behind(in.document().option(), s, id, edge);
    QFormLayout& form = in.group(QObject::tr("Wall of %1").arg(name_of(place.room->name)), "wall");
    in.add_fact(form, QObject::tr("Behind it"),
                [text = behind ? language::words(edit::item_name(in.document().option(), *behind))
                               : QObject::tr("outdoors")] { return text; });
    const auto face = geometry::inner_face(in.document().option(), *place.storey, *place.room);
    double inner = 0;
    for (size_t i = 0; i < face.ring.size(); ++i)
        if (face.edge[i] == edge) inner += length(face.ring[(i + 1) % face.ring.size()] - face.ring[i]);
    add_number(form, QObject::tr("Inner length"), inner, Unit::metre, [&in, id, edge, inner](double v) {
        if (v < 0.1 || v > 1000) return;
        in.document().edit_option(QObject::tr("Wall length"), [&](Option& o) {
            edit::stretch_wall(o, edit::storey_of(o, {Selection::Kind::room, id, -1}), id, edge, v - inner);
        });
    });
    const double thickness = own_thickness(
        *place.room, edge, behind ? in.document().option().inner_wall : in.document().option().outer_wall);
    add_number(form, QObject::tr("Thickness"), thickness, Unit::metre, [&in, id, edge, s](double v) {
        in.document().edit_option(QObject::tr("Wall thickness"), [&](Option& o) {
            edit::set_wall_thickness(o, s, id, edge, std::clamp(v, 0.005, 5.0));
        });
    })->setToolTip(QObject::tr("Of this wall only. All walls: select nothing, or the option"));
    double glass = 0;
    const auto profile_height =
        geometry::wall_top(in.document().option(), *place.storey, *place.room, edge, 0, edge_length(*place.room, edge));
    for (const Opening& o : place.room->openings)
        if (o.edge == edge && o.kind == Opening::Kind::window) glass += o.width * o.height;
    in.add_fact(form, QObject::tr("Height"),
                [profile_height] { return QStringLiteral("%L1 m").arg(profile_height, 0, 'f', 2); });
    in.add_fact(form, QObject::tr("Window to wall"), [share = 100 * glass / (inner * profile_height)] {
        return QStringLiteral("%L1 %").arg(share, 0, 'f', 1);
    });
    const Room& room = *place.room;
    Room bare = room;
    set_own_finish(bare, edge, {});
    Id own;
    for (const OwnFinish& f : room.own_finishes)
        if (f.surface == edge) own = f.material;
    const Project& project = in.document().project();
    add_finish(form, project,
               {QObject::tr("This wall"), Part::wall, own, room_finish(project, in.document().option(), room, edge),
                room_finish(project, in.document().option(), bare, edge)},
               [&in, id, edge](const Id& m) {
                   in.document().edit_option(QObject::tr("Material of wall"),
                                             [&](Option& o) { set_own_finish(*find_room(o, id).room, edge, m); });
               });
    add_button(form, QObject::tr("Lay a plane before it"), "plane-on-wall",
               [&in, id, edge] { lay_on_wall(in, id, edge, false); });
    if (!behind)
        add_button(form, QObject::tr("Lay a plane on its facade"), "plane-on-facade",
                   [&in, id, edge] { lay_on_wall(in, id, edge, true); });
    form.addRow(label(
        QObject::tr("Lengths are inner dimensions. Typing one moves the wall at its far end; rooms beside it follow."),
        "small"));
}

}  // namespace wp::gui

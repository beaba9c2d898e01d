// SPDX-License-Identifier: GPL-3.0-or-later
#include <QCheckBox>
#include <algorithm>

#include "edit/lay.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

// The planes of a room, each a way to its own page.
void show_planes_of(Inspector& in, const Id& room) {
    QFormLayout& form = in.group(QObject::tr("Reference planes"), "planes");
    for (const ReferencePlane& plane : in.document().option().planes) {
        if (plane.room != room) continue;
        auto* button =
            add_button(form, QStringLiteral("%1, %L2 m").arg(name_of(plane.name)).arg(plane.height, 0, 'f', 2),
                       "go-to-plane", [&in, id = plane.id] {
                           in.document().select({Selection::Kind::plane, id, -1});
                       });
        button->setProperty("plane", name_of(plane.id));
    }
    add_button(form, QObject::tr("Fit a plane to this room"), "fit-plane",
               [&in, room] {
                   edit::Items made;
                   in.document().edit_option(QObject::tr("Fit plane"),
                                             [&](Option& o) { made = edit::lay_planes(o, {room}, {}); });
                   if (!made.empty()) in.document().select(made.front());
               })
        ->setToolTip(
            QObject::tr("0.76 m high, 0.3 m from the walls, points 0.5 m apart: everything can be changed afterwards"));
}

// What rules ask of the room.
void show_rules(Inspector& in, const Room& room,
                const std::function<void(const QString&, std::function<void(Room&)>)>& change) {
    QFormLayout& form = in.group(QObject::tr("For rules"), "rules");
    std::vector<std::pair<const char*, RoomUse>> uses;
    for (const auto& use : room_uses()) uses.emplace_back(use.name, use.use);
    add_choice<RoomUse>(form, QObject::tr("Use"), uses, room.use, [change](RoomUse use) {
        change(QObject::tr("Use of room"), [&](Room& r) {
            r.use = use;
            r.regularly_occupied = room_use(use).regularly_occupied;
        });
    });
    add_flag(
        form, QObject::tr("Counts as"), QObject::tr("regularly occupied"), room.regularly_occupied,
        [change](bool on) { change(QObject::tr("Regularly occupied"), [&](Room& r) { r.regularly_occupied = on; }); });
}

void show_sizes(Inspector& in, const Storey& storey, const Room& room) {
    const Option& option = in.document().option();
    const auto ring = geometry::inner_face(option, storey, room).ring;
    double glass = 0, walls = 0;
    for (const Opening& o : room.openings)
        if (o.kind == Opening::Kind::window) glass += o.width * o.height;
    for (size_t i = 0; i < ring.size(); ++i) walls += length(ring[(i + 1) % ring.size()] - ring[i]) * room.height;
    const double floor = geometry::floor_area(option, storey, room),
                 volume = geometry::room_volume(option, storey, room);
    QFormLayout& form = in.group(QObject::tr("Sizes"), "sizes");
    const auto fact = [&](const QString& title, double value, const QString& unit, int digits) {
        in.add_fact(form, title, [value, unit, digits] { return language::number(value, 'f', digits) + unit; });
    };
    fact(QObject::tr("Floor area"), floor, QStringLiteral(" m\u00b2"), 2);
    fact(QObject::tr("Volume"), volume, QStringLiteral(" m\u00b3"), 1);
    fact(QObject::tr("Window to floor"), 100 * glass / floor, QStringLiteral(" %"), 1);
    fact(QObject::tr("Window to wall"), 100 * glass / walls, QStringLiteral(" %"), 1);
}

void show_light(Inspector& in, const Id& room) {
    if (in.daylight_of(room) == nullptr) return;
    QFormLayout& form = in.group(QObject::tr("Daylight factor"), "light");
    using Figures = question::PlaneFigures;
    const auto fact = [&](const QString& title, QString (*text)(const Figures&), const QString& tip = {}) {
        in.add_fact(
            form, title,
            [&in, room, text] {
                const auto* now = in.daylight_of(room);
                return now == nullptr ? QString() : text(now->figures);
            },
            tip);
    };
    fact(
        QObject::tr("Mean"),
        [](const Figures& f) {
            return QStringLiteral("%1 \u00b1 %2 %")
                .arg(report::figure(f.mean), report::error_figure(f.mean_half_width));
        },
        QObject::tr("Below 2 % a room looks dim by day and needs electric light; above 5 % it looks well lit (CIBSE "
                    "LG10; BS 8206-2:2008, withdrawn)"));
    fact(QObject::tr("Median"), [](const Figures& f) { return report::figure(f.median) + QStringLiteral(" %"); });
    fact(QObject::tr("Least"), [](const Figures& f) { return report::figure(f.least) + QStringLiteral(" %"); });
    fact(QObject::tr("Uniformity"), [](const Figures& f) { return report::figure(f.uniformity); });
    form.addRow(label(QObject::tr("2 %: dim by day below. 5 %: well lit above (BS 8206-2:2008, withdrawn)."), "small"));
}

}  // namespace

void show_room(Inspector& in) {
    const auto place = find_room(in.document().option(), in.item().id);
    if (!place) return;
    const Room& room = *place.room;
    const Id id = room.id;
    const auto change = [&in, id](const QString& name, std::function<void(Room&)> edit) {
        in.document().edit_option(name, [&](Option& o) {
            const auto p = find_room(o, id);
            edit(*p.room);
            for (Opening& opening : p.room->openings) geometry::keep_in_wall(o, *p.storey, *p.room, opening);
        });
    };
    QFormLayout& form = in.group(QObject::tr("Room"), "room");
    add_name(form, room.name, [change](const std::string& text) {
        change(QObject::tr("Rename room"), [&](Room& r) { r.name = text; });
    });
    add_number(form, QObject::tr("Height"), room.height, Unit::metre, [change](double v) {
        change(QObject::tr("Room height"), [&](Room& r) { r.height = std::clamp(v, 0.5, 100.0); });
    });
    const Project& project = in.document().project();
    const auto finish = [&](const QString& title, Part part, Id Room::*field) {
        const Id own = room.*field;
        add_finish(form, project,
                   {title, part, own, finish_of(project, in.document().option(), part, {}, own),
                    finish_of(project, in.document().option(), part, {})},
                   [change, title, field](const Id& m) {
                       change(QObject::tr("%1 material").arg(title), [&](Room& r) { r.*field = m; });
                   });
    };
    finish(QObject::tr("Floor"), Part::floor, &Room::floor);
    finish(QObject::tr("Walls"), Part::wall, &Room::walls);
    finish(QObject::tr("Ceiling"), Part::ceiling, &Room::ceiling);
    if (!room.own_finishes.empty())
        in.add_fact(
            form, QObject::tr("Own surfaces"), [n = room.own_finishes.size()] { return QString::number(n); },
            QObject::tr("Single surfaces with a material of their own: select a wall to change it"));
    if (geometry::roof_over(*place.storey, room) != nullptr) {
        auto* box = new QCheckBox(QObject::tr("follows the roof"));
        box->setChecked(room.top == Room::Top::follows_roof);
        QObject::connect(box, &QCheckBox::toggled, box, [change](bool on) {
            change(QObject::tr("Shape of ceiling"),
                   [&](Room& r) { r.top = on ? Room::Top::follows_roof : Room::Top::flat; });
        });
        form.addRow(QObject::tr("Its shape"), box);
    }
    show_light(in, id);
    show_sizes(in, *place.storey, room);
    show_rules(in, room, change);
    show_planes_of(in, id);
}

}  // namespace wp::gui

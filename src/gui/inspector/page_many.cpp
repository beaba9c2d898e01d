// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "edit/edit.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"
#include "gui/inspector/shading_rows.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

// Many at once: what they have in common is edited for all of them in one step.
void show_many(Inspector& in) {
    const auto items = in.document().selected();
    Option option = in.document().option();
    const auto all_are = [&](Selection::Kind kind) {
        return std::all_of(items.begin(), items.end(), [&](const Selection& s) { return s.kind == kind; });
    };
    const QString what = all_are(Selection::Kind::opening) ? QObject::tr("openings")
                         : all_are(Selection::Kind::room)  ? QObject::tr("rooms")
                                                           : QObject::tr("things");
    QFormLayout& form = in.group(QStringLiteral("%1 %2").arg(items.size()).arg(what), "many");
    using Kind = Selection::Kind;
    std::vector<Opening> openings;
    std::vector<Room> rooms;
    for (const Selection& item : items) {
        if (item.kind == Kind::opening) openings.push_back(*find_opening(option, item.id).opening);
        if (item.kind == Kind::room) rooms.push_back(*find_room(option, item.id).room);
    }
    const auto number = [&](double Opening::*field) {
        const auto known = describe::field_of(openings[0], field);
        const QString title = language::words(known.label);
        const bool same = std::all_of(openings.begin(), openings.end(),
                                      [&](const Opening& o) { return o.*field == openings[0].*field; });
        auto* row = add_number(form, title, same ? openings[0].*field : std::nan(""), Unit::metre,
                               [&in, items, title, field, known](double v) {
                                   in.document().edit_option(
                                       QObject::tr("%1 of %2 openings").arg(title).arg(items.size()), [&](Option& o) {
                                           for (const Selection& item : items)
                                               if (item.kind == Kind::opening) {
                                                   const auto at = find_opening(o, item.id);
                                                   at.opening->*field = describe::within(known, v);
                                                   geometry::keep_in_wall(o, *at.storey, *at.room, *at.opening);
                                               }
                                       });
                               });
        if (!same) row->setPlaceholderText(QObject::tr("several"));
    };
    if (openings.size() == items.size()) {
        for (double Opening::*member : {&Opening::width, &Opening::height, &Opening::sill, &Opening::reveal})
            number(member);
        if (openings[0].kind != Opening::Kind::opening_void) number(&Opening::frame);
        add_part_finish(
            form, in.document().project(), in.document().option(), QObject::tr("Glazing"), Part::glazing,
            openings[0].glazing, [&in, items](const Id& m) {
                in.document().edit_option(QObject::tr("Glazing of %1 windows").arg(items.size()), [&](Option& o) {
                    for (const Selection& item : items)
                        if (Opening& x = *find_opening(o, item.id).opening; x.kind == Opening::Kind::window)
                            x.glazing = m;
                });
            });
        QFormLayout& shading = in.group(QObject::tr("Blind and shading"), "shading");
        rows_for_blind(in, shading, openings[0]);
        rows_for_shading(in, shading);
        QFormLayout& rows = in.group(QObject::tr("In line"), "line");
        using Align = edit::Align;
        for (const auto& [text, how] : {std::pair{QT_TRANSLATE_NOOP("QObject", "Line up sills"), Align::sill},
                                        {QT_TRANSLATE_NOOP("QObject", "Line up heads"), Align::head},
                                        {QT_TRANSLATE_NOOP("QObject", "Same width"), Align::width},
                                        {QT_TRANSLATE_NOOP("QObject", "Same height"), Align::height}})
            add_button(rows, language::words(text),
                       how == Align::head    ? "align-heads"
                       : how == Align::sill  ? "align-sills"
                       : how == Align::width ? "align-widths"
                                             : "align-heights",
                       [&in, items, text = text, how = how] {
                           in.document().edit_option(language::words(text),
                                                     [&](Option& o) { edit::align_openings(o, items, how); });
                       });
        add_button(rows, QObject::tr("Equal distances"), "spread", [&in, items] {
            in.document().edit_option(QObject::tr("Equal distances"),
                                      [&](Option& o) { edit::spread_openings(o, items); });
        });
        return;
    }
    if (rooms.size() == items.size()) {
        double area = 0;
        for (const Selection& item : items) {
            const auto at = find_room(in.document().option(), item.id);
            area += geometry::floor_area(in.document().option(), *at.storey, *at.room);
        }
        in.add_fact(form, QObject::tr("Floor area"),
                    [area] { return QStringLiteral("%L1 m\u00b2").arg(area, 0, 'f', 1); });
        const auto all = [&in, items](const QString& name, std::function<void(Room&)> edit) {
            in.document().edit_option(name, [&](Option& o) {
                for (const Selection& item : items) {
                    const auto at = find_room(o, item.id);
                    edit(*at.room);
                    for (Opening& opening : at.room->openings) geometry::keep_in_wall(o, *at.storey, *at.room, opening);
                }
            });
        };
        add_number(form, QObject::tr("Height"), rooms[0].height, Unit::metre, [all](double v) {
            all(QObject::tr("Height of rooms"), [&](Room& r) { r.height = std::clamp(v, 0.5, 100.0); });
        });
        const auto surface = [&](const QString& title, Part part, Id Room::*field) {
            add_part_finish(form, in.document().project(), in.document().option(), title, part, rooms[0].*field,
                            [all, title, field](const Id& m) {
                                all(QObject::tr("%1 of rooms").arg(title), [&](Room& r) { r.*field = m; });
                            });
        };
        surface(QObject::tr("Floor"), Part::floor, &Room::floor);
        surface(QObject::tr("Walls"), Part::wall, &Room::walls);
        surface(QObject::tr("Ceiling"), Part::ceiling, &Room::ceiling);
        return;
    }
    form.addRow(label(
        QObject::tr("Drag to move them together, with Ctrl to copy. Right click for turning, mirroring and rows."),
        "small"));
}

}  // namespace wp::gui

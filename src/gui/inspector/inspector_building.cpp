// SPDX-License-Identifier: GPL-3.0-or-later
// Walls and openings, roofs and storeys, and many things at once.
#include <QCheckBox>
#include <QComboBox>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "geometry/edit.h"
#include "geometry/roof_shape.h"
#include "geometry/walls.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/look/look.h"

namespace wp::gui {
using namespace model;

namespace {

const char* kind_word(Opening::Kind kind) {
    switch (kind) {
        case Opening::Kind::window:
            return "Window";
        case Opening::Kind::door:
            return "Door";
        case Opening::Kind::panel:
            return "Panel";
        case Opening::Kind::opening_void:
            return "Opening";
    }
    return "";
}

}  // namespace

void Inspector::show_wall(QFormLayout& form) {
    const auto place = find_room(document_.option(), shown_.id);
    if (!place || shown_.edge >= static_cast<int>(place.room->footprint.size())) return;
    const Id id = shown_.id;
    const int edge = shown_.edge;
    const size_t s = document_.storey_index();
    const auto behind = geometry::wall_behind(document_.option(), s, id, edge);
    form.addRow(label(QStringLiteral("Wall of %1").arg(name_of(place.room->name)), "heading"));
    add_fact(form, QStringLiteral("Behind it"),
             [text = behind ? name_of(item_name(document_.option(), *behind)) : QStringLiteral("outdoors")] {
                 return text;
             });
    const auto face = geometry::inner_face(document_.option(), *place.storey, *place.room);
    double inner = 0;
    for (size_t i = 0; i < face.ring.size(); ++i)
        if (face.edge[i] == edge) inner += length(face.ring[(i + 1) % face.ring.size()] - face.ring[i]);
    add_number(form, QStringLiteral("Inner length"), inner, Unit::metre, [this, id, edge, inner](double v) {
        if (v < 0.1 || v > 1000) return;
        document_.edit_option(QStringLiteral("Wall length"), [&](Option& o) {
            geometry::stretch_wall(o, storey_of(o, {Selection::Kind::room, id, -1}), id, edge, v - inner);
        });
    });
    const double thickness =
        own_thickness(*place.room, edge, behind ? document_.option().inner_wall : document_.option().outer_wall);
    add_number(form, QStringLiteral("Thickness"), thickness, Unit::metre, [this, id, edge, s](double v) {
        document_.edit_option(QStringLiteral("Wall thickness"), [&](Option& o) {
            geometry::set_wall_thickness(o, s, id, edge, std::clamp(v, 0.005, 5.0));
        });
    })->setToolTip(QStringLiteral("Of this wall only. All walls: select nothing, or the option"));
    double glass = 0;
    const auto profile_height =
        geometry::wall_top(document_.option(), *place.storey, *place.room, edge, 0, edge_length(*place.room, edge));
    for (const Opening& o : place.room->openings)
        if (o.edge == edge && o.kind == Opening::Kind::window) glass += o.width * o.height;
    add_fact(form, QStringLiteral("Height"),
             [profile_height] { return QStringLiteral("%1 m").arg(profile_height, 0, 'f', 2); });
    add_fact(form, QStringLiteral("Window to wall"),
             [share = 100 * glass / (inner * profile_height)] { return QStringLiteral("%1 %").arg(share, 0, 'f', 1); });
    const Room& room = *place.room;
    Room bare = room;
    set_own_finish(bare, edge, {});
    Id own;
    for (const OwnFinish& f : room.own_finishes)
        if (f.surface == edge) own = f.material;
    const Project& project = document_.project();
    add_finish(form, project,
               {QStringLiteral("This wall"), Part::wall, own, room_finish(project, document_.option(), room, edge),
                room_finish(project, document_.option(), bare, edge)},
               [this, id, edge](const Id& m) {
                   document_.edit_option(QStringLiteral("Material of wall"),
                                         [&](Option& o) { set_own_finish(*find_room(o, id).room, edge, m); });
               });
    add_button(form, QStringLiteral("Lay a plane before it"), "plane-on-wall",
               [this, id, edge] { lay_on_wall(id, edge, false); });
    if (!behind)
        add_button(form, QStringLiteral("Lay a plane on its facade"), "plane-on-facade",
                   [this, id, edge] { lay_on_wall(id, edge, true); });
    form.addRow(
        label(QStringLiteral(
                  "Lengths are inner dimensions. Typing one moves the wall at its far end; rooms beside it follow."),
              "small"));
}

void Inspector::show_opening(QFormLayout& form) {
    auto option = document_.option();
    const auto place = find_opening(option, shown_.id);
    if (!place) return;
    const Opening o = *place.opening;
    const auto change = [this, id = o.id](const QString& name, std::function<void(Opening&)> edit) {
        document_.edit_option(name, [&](Option& opt) {
            const auto p = find_opening(opt, id);
            edit(*p.opening);
            geometry::keep_in_wall(opt, *p.storey, *p.room, *p.opening);
        });
    };
    using Kind = Opening::Kind;
    form.addRow(label(QStringLiteral("%1 %2").arg(QString::fromLatin1(kind_word(o.kind)), name_of(o.name)), "heading"));
    FieldRows<Opening> rows(form, o, QStringLiteral("opening"), change);
    rows.name();
    const Project& project = document_.project();
    Id opaque, clear;
    for (const Material& m : project.materials) {
        if (m.kind == Material::Kind::opaque && opaque.empty()) opaque = m.id;
        if (m.kind == Material::Kind::glazing && clear.empty()) clear = m.id;
    }
    add_choice<Kind>(form, QStringLiteral("Kind"),
                     {{"Window", Kind::window},
                      {"Door", Kind::door},
                      {"Panel", Kind::panel},
                      {"Without a leaf", Kind::opening_void}},
                     o.kind, [change, opaque, clear](Kind kind) {
                         change(QStringLiteral("Kind of opening"), [&](Opening& x) {
                             x.kind = kind;
                             if (kind == Kind::window)
                                 x.glazing = clear;
                             else if (x.glazing.empty() || kind == Kind::door || kind == Kind::panel)
                                 x.glazing = opaque;
                         });
                     });
    rows.number(&Opening::width);
    rows.number(&Opening::height);
    rows.number(&Opening::sill);
    rows.number(&Opening::along);
    if (o.kind != Kind::opening_void) rows.number(&Opening::reveal);
    if (o.kind == Kind::window || o.kind == Kind::door) {
        rows.number(&Opening::frame);
        rows.number(&Opening::columns);
        rows.number(&Opening::rows);
    }
    const auto set_fill = [change](const Id& m) {
        change(QStringLiteral("What fills the opening"), [&](Opening& x) { x.glazing = m; });
    };
    const Option& shown_option = document_.option();
    if (o.kind == Kind::window)
        add_part_finish(form, project, shown_option, QStringLiteral("Glazing"), Part::glazing, o.glazing, set_fill);
    if (o.kind == Kind::door || o.kind == Kind::panel) {
        const Finish fill = finish_of(project, shown_option, Part::door, o.glazing);
        const bool glazed = fill.material != nullptr && fill.material->kind == Material::Kind::glazing;
        add_flag(form, QStringLiteral("Leaf"), QStringLiteral("lets light through"), glazed,
                 [set_fill, opaque, clear](bool on) { set_fill(on ? clear : opaque); });
        add_part_finish(form, project, shown_option, QStringLiteral("Infill"), Part::door, o.glazing, set_fill);
    }
    add_part_finish(
        form, project, shown_option, QStringLiteral("Reveals"), Part::reveal, o.reveals,
        [change](const Id& m) { change(QStringLiteral("Material of reveals"), [&](Opening& x) { x.reveals = m; }); });
    if (o.kind == Kind::window)
        add_part_finish(
            form, project, shown_option, QStringLiteral("Frames"), Part::frame, o.frames,
            [change](const Id& m) { change(QStringLiteral("Material of frames"), [&](Opening& x) { x.frames = m; }); });
    if (o.kind != Kind::opening_void) show_blind(form, o);
    show_shading(form);
    const double wall =
        edge_length(*place.room, o.edge) *
        geometry::wall_top(document_.option(), *place.storey, *place.room, o.edge, 0, edge_length(*place.room, o.edge));
    add_number(form, QStringLiteral("Share of wall"), o.width * o.height / wall, Unit::percent,
               [this, id = o.id](double v) {
                   document_.edit_option(QStringLiteral("Share of wall"), [&](Option& opt) {
                       geometry::take_share_of_wall(opt, id, std::clamp(v, 0.001, 1.0));
                   });
               });
    add_button(form, QStringLiteral("Full height"), "full-height", [this, id = o.id] {
        document_.edit_option(QStringLiteral("Full height"), [&](Option& opt) { geometry::make_full_height(opt, id); });
    });
    auto* apart =
        add_number(form, QStringLiteral("Row, apart"), std::nan(""), Unit::metre, [this, id = o.id](double v) {
            document_.edit_option(QStringLiteral("Row of openings"),
                                  [&](Option& opt) { geometry::fill_wall(opt, id, std::max(v, 0.02)); });
        });
    apart->setPlaceholderText(QStringLiteral("e.g. 0.6 m"));
    apart->setToolTip(
        QStringLiteral("As many like this as fit into the wall, at least this far apart: type a distance"));
    if (!kept_.daylight(document_.option().id) || o.kind != Kind::window) return;
    form.addRow(label(QStringLiteral("What it does"), "heading"));
    add_fact(
        form, QStringLiteral("Share of light"),
        [this, id = o.id, room = place.room->id] {
            const auto now = kept_.daylight(document_.option().id);
            return now ? QStringLiteral("%1 %").arg(100 * share_of_light(*now, id, room), 0, 'f', 1) : QString();
        },
        QStringLiteral("Share of the room's mean daylight factor that comes in through this window"));
    form.addRow(label(QStringLiteral("of the daylight factor in %1").arg(name_of(place.room->name)), "small"));
}

void Inspector::show_storey(QFormLayout& form) {
    const Storey* found = model::find(document_.option().storeys, shown_.id);
    if (found == nullptr) return;
    const Storey storey = *found;
    const auto change = [this, id = storey.id](const QString& name, std::function<void(Option&, Storey&)> edit) {
        document_.edit_option(name, [&](Option& o) { edit(o, *model::find(o.storeys, id)); });
    };
    form.addRow(label(QStringLiteral("Storey"), "heading"));
    add_name(form, storey.name, [change](const std::string& text) {
        change(QStringLiteral("Rename storey"), [&](Option&, Storey& s) { s.name = text; });
    });
    add_number(form, QStringLiteral("Level"), storey.level, Unit::metre, [change](double v) {
        change(QStringLiteral("Level of storey"), [&](Option& o, Storey& s) {
            for (Observer& e : o.observers)
                if (model::find(s.rooms, e.room) != nullptr) e.eye.z += v - s.level;
            s.level = std::clamp(v, -500.0, 500.0);
        });
    });
    add_number(form, QStringLiteral("Clear height"), storey.height, Unit::metre, [change](double v) {
        change(QStringLiteral("Height of storey"), [&](Option& o, Storey& s) {
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
        area += geometry::floor_area(document_.option(), *found, room);
        volume += geometry::room_volume(document_.option(), *found, room);
    }
    add_fact(form, QStringLiteral("Rooms"), [n = storey.rooms.size()] { return QString::number(n); });
    add_fact(form, QStringLiteral("Floor area"), [area] { return QStringLiteral("%1 m\u00b2").arg(area, 0, 'f', 1); });
    add_fact(form, QStringLiteral("Volume"), [volume] { return QStringLiteral("%1 m\u00b3").arg(volume, 0, 'f', 1); });
    if (storey.underlay.file.empty()) return;
    form.addRow(label(QStringLiteral("Underlay"), "heading"));
    form.addRow(label(name_of(storey.underlay.file), "small"));
    FieldRows<Underlay> rows(form, storey.underlay, QStringLiteral("underlay"),
                             [change](const QString& name, std::function<void(Underlay&)> edit) {
                                 change(name, [&](Option&, Storey& s) { edit(s.underlay); });
                             });
    rows.number(&Underlay::strength);
    rows.number(&Underlay::turn);
    rows.number(&Underlay::width);
    rows.number(&Underlay::page);
    add_number(form, QStringLiteral("Left at"), storey.underlay.place.x, Unit::metre, [change](double v) {
        change(QStringLiteral("Place of underlay"), [&](Option&, Storey& s) { s.underlay.place.x = v; });
    });
    add_number(form, QStringLiteral("Foot at"), storey.underlay.place.y, Unit::metre, [change](double v) {
        change(QStringLiteral("Place of underlay"), [&](Option&, Storey& s) { s.underlay.place.y = v; });
    });
    add_button(form, QStringLiteral("Take it away"), "remove-underlay",
               [change] { change(QStringLiteral("Remove underlay"), [](Option&, Storey& s) { s.underlay = {}; }); });
}

void Inspector::show_partition(QFormLayout& form) {
    Option option = document_.option();
    const auto at = find_on_storeys(option, &Storey::partitions, shown_.id);
    if (!at) return;
    const Partition p = *at.item;
    const auto change = [this, id = p.id](const QString& name, std::function<void(Partition&)> edit) {
        document_.edit_option(name, [&](Option& o) { edit(*find_on_storeys(o, &Storey::partitions, id).item); });
    };
    form.addRow(label(QStringLiteral("Partition"), "heading"));
    FieldRows<Partition> rows(form, p, QStringLiteral("partition"), change);
    rows.name();
    rows.number(&Partition::height);
    rows.number(&Partition::thickness);
    add_part_finish(form, document_.project(), document_.option(), QStringLiteral("Material"), Part::partition,
                    p.material, [change](const Id& m) {
                        change(QStringLiteral("Material of partition"), [&](Partition& x) { x.material = m; });
                    });
}

void Inspector::show_floor_void(QFormLayout& form) {
    Option option = document_.option();
    const auto at = find_on_storeys(option, &Storey::voids, shown_.id);
    if (!at) return;
    form.addRow(label(QStringLiteral("Floor void"), "heading"));
    add_name(form, at.item->name, [this, id = shown_.id](const std::string& text) {
        document_.edit_option(QStringLiteral("Rename void"),
                              [&](Option& o) { find_on_storeys(o, &Storey::voids, id).item->name = text; });
    });
    add_fact(form, QStringLiteral("Area"), [area = geometry::signed_area(at.item->outline)] {
        return QStringLiteral("%1 m\u00b2").arg(area, 0, 'f', 2);
    });
    form.addRow(label(QStringLiteral("Joins the room here with the one below: a stair, or the open side of a gallery."),
                      "small"));
}

void Inspector::show_roof(QFormLayout& form) {
    Option option = document_.option();
    const auto at = find_on_storeys(option, &Storey::roofs, shown_.id);
    if (!at) return;
    const Roof r = *at.item;
    const auto change = [this, id = r.id](const QString& name, std::function<void(Roof&)> edit) {
        document_.edit_option(name, [&](Option& o) { edit(*find_on_storeys(o, &Storey::roofs, id).item); });
    };
    form.addRow(label(QStringLiteral("Roof"), "heading"));
    FieldRows<Roof> rows(form, r, QStringLiteral("roof"), change);
    rows.name();
    rows.choice(&Roof::kind);
    rows.number(&Roof::pitch);
    rows.number(&Roof::eaves);
    rows.number(&Roof::direction);
    if (r.kind == Roof::Kind::sawtooth) rows.number(&Roof::bays);
    rows.number(&Roof::overhang);
    const geometry::RoofShape shape(*at.storey, r, option.roof);
    double highest = 0;
    for (const auto& slope : shape.inner())
        highest = std::max(highest, std::max(slope.at(std::max(slope.from, shape.lowest())),
                                             slope.at(std::min(slope.to, shape.highest()))));
    add_fact(form, QStringLiteral("Ridge"),
             [v = highest - at.storey->level] { return QStringLiteral("%1 m").arg(v, 0, 'f', 2); });
    add_fact(form, QStringLiteral("Over"), [n = r.rooms.size()] {
        return n == 0 ? QStringLiteral("the whole storey") : QStringLiteral("%1 rooms").arg(n);
    });
    form.addRow(label(QStringLiteral("Ceilings below follow it, unless a room's ceiling is flat."), "small"));
}

void Inspector::show_rooflight(QFormLayout& form) {
    Option option = document_.option();
    const auto at = find_on_storeys(option, &Storey::rooflights, shown_.id);
    if (!at) return;
    const Rooflight r = *at.item;
    const auto change = [this, id = r.id](const QString& name, std::function<void(Rooflight&)> edit) {
        document_.edit_option(name, [&](Option& o) { edit(*find_on_storeys(o, &Storey::rooflights, id).item); });
    };
    form.addRow(label(QStringLiteral("Rooflight %1").arg(name_of(r.name)), "heading"));
    FieldRows<Rooflight> rows(form, r, QStringLiteral("rooflight"), change);
    rows.name();
    rows.number(&Rooflight::width);
    rows.number(&Rooflight::length);
    rows.number(&Rooflight::upstand);
    rows.number(&Rooflight::frame);
    add_flag(form, QStringLiteral("Stands"), QStringLiteral("upright in a sawtooth"), r.upright,
             [change](bool on) { change(QStringLiteral("Upright rooflight"), [&](Rooflight& x) { x.upright = on; }); });
    if (!r.upright) rows.number(&Rooflight::turn);
    add_part_finish(form, document_.project(), document_.option(), QStringLiteral("Glazing"), Part::rooflight,
                    r.glazing, [change](const Id& m) {
                        change(QStringLiteral("Glazing of rooflight"), [&](Rooflight& x) { x.glazing = m; });
                    });
    show_blind(form, r);
    show_shading(form);
}

void Inspector::show_dimension(QFormLayout& form) {
    Option option = document_.option();
    const auto at = find_on_storeys(option, &Storey::dimensions, shown_.id);
    if (!at) return;
    form.addRow(label(QStringLiteral("Dimension"), "heading"));
    add_fact(form, QStringLiteral("Length"),
             [l = length(at.item->to - at.item->from)] { return QStringLiteral("%1 m").arg(l, 0, 'f', 3); });
    FieldRows<Dimension> rows(
        form, *at.item, QStringLiteral("dimension"),
        [this, id = shown_.id](const QString& name, std::function<void(Dimension&)> edit) {
            document_.edit_option(name, [&](Option& o) { edit(*find_on_storeys(o, &Storey::dimensions, id).item); });
        });
    rows.number(&Dimension::offset);
}

// Many at once: what they have in common is edited for all of them in one step.
void Inspector::show_many(QFormLayout& form) {
    const auto items = document_.selected();
    Option option = document_.option();
    const auto all_are = [&](Selection::Kind kind) {
        return std::all_of(items.begin(), items.end(), [&](const Selection& s) { return s.kind == kind; });
    };
    form.addRow(label(QStringLiteral("%1 %2")
                          .arg(items.size())
                          .arg(all_are(Selection::Kind::opening) ? QStringLiteral("openings")
                               : all_are(Selection::Kind::room)  ? QStringLiteral("rooms")
                                                                 : QStringLiteral("things")),
                      "heading"));
    using Kind = Selection::Kind;
    std::vector<Opening> openings;
    std::vector<Room> rooms;
    for (const Selection& item : items) {
        if (item.kind == Kind::opening) openings.push_back(*find_opening(option, item.id).opening);
        if (item.kind == Kind::room) rooms.push_back(*find_room(option, item.id).room);
    }
    const auto number = [&](double Opening::*field) {
        const auto known = describe::field_of(openings[0], field);
        const QString title = QString::fromUtf8(known.label);
        const bool same = std::all_of(openings.begin(), openings.end(),
                                      [&](const Opening& o) { return o.*field == openings[0].*field; });
        auto* row = add_number(
            form, title, same ? openings[0].*field : std::nan(""), Unit::metre,
            [this, items, title, field, known](double v) {
                document_.edit_option(QStringLiteral("%1 of %2 openings").arg(title).arg(items.size()), [&](Option& o) {
                    for (const Selection& item : items)
                        if (item.kind == Kind::opening) {
                            const auto at = find_opening(o, item.id);
                            at.opening->*field = describe::within(known, v);
                            geometry::keep_in_wall(o, *at.storey, *at.room, *at.opening);
                        }
                });
            });
        if (!same) row->setPlaceholderText(QStringLiteral("several"));
    };
    if (openings.size() == items.size()) {
        for (double Opening::*member : {&Opening::width, &Opening::height, &Opening::sill, &Opening::reveal})
            number(member);
        if (openings[0].kind != Opening::Kind::opening_void) number(&Opening::frame);
        add_part_finish(
            form, document_.project(), document_.option(), QStringLiteral("Glazing"), Part::glazing,
            openings[0].glazing, [this, items](const Id& m) {
                document_.edit_option(QStringLiteral("Glazing of %1 windows").arg(items.size()), [&](Option& o) {
                    for (const Selection& item : items)
                        if (Opening& x = *find_opening(o, item.id).opening; x.kind == Opening::Kind::window)
                            x.glazing = m;
                });
            });
        show_blind(form, openings[0]);
        show_shading(form);
        using Align = geometry::Align;
        for (const auto& [text, how] : {std::pair{"Line up sills", Align::sill},
                                        {"Line up heads", Align::head},
                                        {"Same width", Align::width},
                                        {"Same height", Align::height}})
            add_button(form, QString::fromLatin1(text),
                       how == Align::head    ? "align-heads"
                       : how == Align::sill  ? "align-sills"
                       : how == Align::width ? "align-widths"
                                             : "align-heights",
                       [this, items, text = text, how = how] {
                           document_.edit_option(QString::fromLatin1(text),
                                                 [&](Option& o) { geometry::align_openings(o, items, how); });
                       });
        add_button(form, QStringLiteral("Equal distances"), "spread", [this, items] {
            document_.edit_option(QStringLiteral("Equal distances"),
                                  [&](Option& o) { geometry::spread_openings(o, items); });
        });
        return;
    }
    if (rooms.size() == items.size()) {
        double area = 0;
        for (const Selection& item : items) {
            const auto at = find_room(document_.option(), item.id);
            area += geometry::floor_area(document_.option(), *at.storey, *at.room);
        }
        add_fact(form, QStringLiteral("Floor area"),
                 [area] { return QStringLiteral("%1 m\u00b2").arg(area, 0, 'f', 1); });
        const auto all = [this, items](const QString& name, std::function<void(Room&)> edit) {
            document_.edit_option(name, [&](Option& o) {
                for (const Selection& item : items) {
                    const auto at = find_room(o, item.id);
                    edit(*at.room);
                    for (Opening& opening : at.room->openings) geometry::keep_in_wall(o, *at.storey, *at.room, opening);
                }
            });
        };
        add_number(form, QStringLiteral("Height"), rooms[0].height, Unit::metre, [all](double v) {
            all(QStringLiteral("Height of rooms"), [&](Room& r) { r.height = std::clamp(v, 0.5, 100.0); });
        });
        const auto surface = [&](const QString& title, Part part, Id Room::*field) {
            add_part_finish(form, document_.project(), document_.option(), title, part, rooms[0].*field,
                            [all, title, field](const Id& m) {
                                all(QStringLiteral("%1 of rooms").arg(title), [&](Room& r) { r.*field = m; });
                            });
        };
        surface(QStringLiteral("Floor"), Part::floor, &Room::floor);
        surface(QStringLiteral("Walls"), Part::wall, &Room::walls);
        surface(QStringLiteral("Ceiling"), Part::ceiling, &Room::ceiling);
        return;
    }
    form.addRow(label(
        QStringLiteral("Drag to move them together, with Ctrl to copy. Right click for turning, mirroring and rows."),
        "small"));
}

}  // namespace wp::gui

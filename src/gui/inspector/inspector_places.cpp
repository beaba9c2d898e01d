// SPDX-License-Identifier: GPL-3.0-or-later
// Things and neighbours, reference planes, observers.
#include <algorithm>
#include <cmath>

#include "geometry/lay.h"
#include "geometry/plane_points.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/look/look.h"

namespace wp::gui {
using namespace model;

void Inspector::show_thing(QFormLayout& form) {
    const Thing* found = model::find(document_.option().things, shown_.id);
    if (found == nullptr) return;
    const Thing t = *found;
    using Kind = Thing::Kind;
    const auto change = [this, id = t.id](const QString& name, std::function<void(Thing&)> edit) {
        document_.edit_option(name, [&](Option& o) {
            Thing& x = *model::find(o.things, id);
            edit(x);
            x = within_reason(x);
        });
    };
    QString word = QString::fromLatin1(kind_name(t.kind));
    word[0] = word[0].toUpper();
    form.addRow(label(word, "heading"));
    FieldRows<Thing> rows(form, t, QStringLiteral("thing"), change);
    rows.name();
    rows.number(&Thing::width);
    if (t.kind != Kind::tree && t.kind != Kind::fence) rows.number(&Thing::length);
    rows.number(&Thing::height);
    rows.number(&Thing::base);
    if (t.kind != Kind::tree) rows.number(&Thing::turn);
    if (t.kind == Kind::shelf || t.kind == Kind::stair) rows.number(&Thing::parts);
    if (t.kind == Kind::stair) {
        add_choice<int>(form, QStringLiteral("Flights"), {{"one, straight", 1}, {"two and a landing", 2}}, t.flights,
                        [change](int n) { change(QStringLiteral("Flights"), [&](Thing& x) { x.flights = n; }); });
        if (t.flights == 2) rows.number(&Thing::landing);
        add_fact(form, QStringLiteral("Rise and going"), [t] {
            return QStringLiteral("%1 / %2 mm")
                .arg(1000 * t.height / t.parts, 0, 'f', 0)
                .arg(1000 * (t.flights == 1 ? t.length / t.parts : (t.length - t.landing) / std::max(1, t.parts / 2)),
                     0, 'f', 0);
        });
    }
    if (t.kind == Kind::tree) {
        rows.number(&Thing::landing);
        rows.number(&Thing::gap);
        rows.number(&Thing::bare_gap);
        const Site& site = document_.project().site;
        static constexpr const char* months[] = {"January", "February", "March",     "April",   "May",      "June",
                                                 "July",    "August",   "September", "October", "November", "December"};
        form.addRow(label(
            QStringLiteral("In leaf from %1 to %2: set on the Site desk.")
                .arg(QString::fromLatin1(months[site.leaf_from - 1]), QString::fromLatin1(months[site.leaf_to - 1])),
            "small"));
    }
    if (t.kind == Kind::fence) rows.number(&Thing::gap);
    const Part part = part_of(t.kind);
    add_part_finish(
        form, document_.project(), document_.option(),
        t.kind == Kind::tree ? QStringLiteral("Leaves") : QStringLiteral("Made of"), part, t.material,
        [change](const Id& m) { change(QStringLiteral("Material of thing"), [&](Thing& x) { x.material = m; }); });
    const bool all_out = std::all_of(document_.project().questions.begin(), document_.project().questions.end(),
                                     [&](const Question& q) { return left_out(q.without, t.id, kind_name(t.kind)); });
    add_flag(form, QStringLiteral("Counts"), QStringLiteral("in all questions"), !all_out, [this, id = t.id](bool on) {
        document_.edit(on ? QStringLiteral("Count thing in") : QStringLiteral("Leave thing out"), [&](Project& p) {
            for (Question& q : p.questions) {
                std::erase(q.without, id);
                if (!on) q.without.push_back(id);
            }
        });
    });
    const bool kind_out =
        std::all_of(document_.project().questions.begin(), document_.project().questions.end(), [&](const Question& q) {
            return std::find(q.without.begin(), q.without.end(), kind_name(t.kind)) != q.without.end();
        });
    add_flag(form, QString(), QStringLiteral("every %1").arg(QString::fromLatin1(kind_name(t.kind))), !kind_out,
             [this, kind = std::string(kind_name(t.kind))](bool on) {
                 document_.edit(on ? QStringLiteral("Count kind in") : QStringLiteral("Leave kind out"),
                                [&](Project& p) {
                                    for (Question& q : p.questions) {
                                        std::erase(q.without, kind);
                                        if (!on) q.without.push_back(kind);
                                    }
                                });
             });
    if (!decks_of(t).empty())
        add_button(
            form,
            t.kind == Kind::stair ? QStringLiteral("Planes on flights and landings") : QStringLiteral("Plane on it"),
            "planes-on-thing", [this, id = t.id, fine = t.kind == Kind::stair || t.kind == Kind::table] {
                geometry::Items made;
                document_.edit_option(QStringLiteral("Planes on thing"),
                                      [&](Option& o) { made = geometry::lay_on_decks(o, id, fine ? 0.3 : 0.5, 0.05); });
                if (!made.empty()) document_.select(made.front());
            });
}

void Inspector::show_block(QFormLayout& form) {
    const Block* found = model::find(document_.option().blocks, shown_.id);
    if (found == nullptr) return;
    const Block b = *found;
    const auto change = [this, id = b.id](const QString& name, std::function<void(Block&)> edit) {
        document_.edit_option(name, [&](Option& o) { edit(*model::find(o.blocks, id)); });
    };
    form.addRow(label(QStringLiteral("Block"), "heading"));
    FieldRows<Block> rows(form, b, QStringLiteral("block"), change);
    rows.name();
    rows.number(&Block::height);
    rows.number(&Block::base);
    rows.choice(&Block::top);
    if (b.top != Block::Top::flat) {
        rows.number(&Block::pitch);
        rows.number(&Block::direction);
    }
    add_part_finish(
        form, document_.project(), document_.option(), QStringLiteral("Made of"), Part::block, b.material,
        [change](const Id& m) { change(QStringLiteral("Material of block"), [&](Block& x) { x.material = m; }); });
}

void Inspector::lay_on_wall(const Id& room, int edge, bool facade) {
    geometry::Items made;
    document_.edit_option(facade ? QStringLiteral("Plane on facade") : QStringLiteral("Plane on wall"),
                          [&](Option& o) { made = geometry::lay_on_wall(o, room, edge, facade, 0.5); });
    if (!made.empty()) document_.select(made.front());
}

// The planes of a room, each a way to its own page.
void Inspector::show_planes_of(QFormLayout& form, const Id& room) {
    form.addRow(label(QStringLiteral("Reference planes"), "heading"));
    for (const ReferencePlane& plane : document_.option().planes) {
        if (plane.room != room) continue;
        auto* button =
            add_button(form, QStringLiteral("%1, %2 m").arg(name_of(plane.name)).arg(plane.height, 0, 'f', 2),
                       "go-to-plane", [this, id = plane.id] {
                           document_.select({Selection::Kind::plane, id, -1});
                       });
        button->setProperty("plane", name_of(plane.id));
    }
    add_button(form, QStringLiteral("Fit a plane to this room"), "fit-plane",
               [this, room] {
                   geometry::Items made;
                   document_.edit_option(QStringLiteral("Fit plane"),
                                         [&](Option& o) { made = geometry::lay_planes(o, {room}, {}); });
                   if (!made.empty()) document_.select(made.front());
               })
        ->setToolTip(QStringLiteral(
            "0.76 m high, 0.3 m from the walls, points 0.5 m apart: everything can be changed afterwards"));
}

void Inspector::show_plane(QFormLayout& form) {
    const ReferencePlane* found = model::find(document_.option().planes, shown_.id);
    if (found == nullptr) return;
    const ReferencePlane p = *found;
    using On = ReferencePlane::On;
    const auto change = [this, id = p.id](const QString& name, std::function<void(ReferencePlane&)> edit) {
        document_.edit_option(name, [&](Option& o) { edit(*model::find(o.planes, id)); });
    };
    form.addRow(label(QStringLiteral("Reference plane"), "heading"));
    FieldRows<ReferencePlane> rows(form, p, QStringLiteral("plane"), change);
    rows.name();
    const auto room = find_room(document_.option(), p.room);
    const Thing* thing = model::find(document_.option().things, p.thing);
    add_fact(form, QStringLiteral("In"),
             [text = p.on == On::deck && thing != nullptr ? name_of(thing->name)
                     : room                               ? name_of(room.room->name)
                                                          : QStringLiteral("nothing")] { return text; });
    if (p.on == On::floor) {
        auto* usual = new QComboBox;
        usual->setObjectName(QStringLiteral("usual-height"));
        usual->setAccessibleName(QStringLiteral("Usual heights"));
        usual->addItem(QStringLiteral("own"));
        for (const auto& h : geometry::usual_heights()) {
            usual->addItem(QString::fromLatin1(h.name), h.height);
            usual->setItemData(usual->count() - 1, QString::fromLatin1(h.source), Qt::ToolTipRole);
            if (std::fabs(h.height - p.height) < 1e-6) usual->setCurrentIndex(usual->count() - 1);
        }
        connect(usual, &QComboBox::activated, this, [usual, change](int i) {
            if (i > 0)
                change(QStringLiteral("Plane height"),
                       [v = usual->itemData(i).toDouble()](ReferencePlane& x) { x.height = v; });
        });
        form.addRow(QStringLiteral("Usual"), usual);
        if (usual->currentIndex() > 0)
            form.addRow(label(usual->itemData(usual->currentIndex(), Qt::ToolTipRole).toString(), "small"));
    }
    rows.number(&ReferencePlane::height);
    rows.number(&ReferencePlane::margin);
    add_number(form, QStringLiteral("Spacing"), p.number > 0 ? std::nan("") : p.spacing, Unit::metre,
               [change](double v) {
                   change(QStringLiteral("Plane spacing"), [&](ReferencePlane& x) {
                       x.spacing = std::clamp(v, 0.05, 20.0);
                       x.number = 0;
                   });
               })
        ->setPlaceholderText(QStringLiteral("by number"));
    add_number(form, QStringLiteral("Points wanted"), p.number > 0 ? p.number : std::nan(""), Unit::plain,
               [change](double v) {
                   change(QStringLiteral("Points of plane"),
                          [&](ReferencePlane& x) { x.number = whole_number(v, 0, 20000); });
               })
        ->setPlaceholderText(QStringLiteral("by spacing"));
    const double north = document_.project().site.north;
    if (const auto points = geometry::plane_points(document_.option(), p, north)) {
        add_fact(form, QStringLiteral("Points"), [n = points->points.size()] { return QString::number(n); });
        add_fact(form, QStringLiteral("Cells"), [dx = points->dx, dy = points->dy] {
            return QStringLiteral("%1 \u00d7 %2 m").arg(dx, 0, 'f', 3).arg(dy, 0, 'f', 3);
        });
        add_fact(form, QStringLiteral("Area"),
                 [a = points->area()] { return QStringLiteral("%1 m\u00b2").arg(a, 0, 'f', 2); });
    }
    add_button(form, QStringLiteral("Finer, keeping its points"), "finer", [change, this, north] {
        change(QStringLiteral("Finer plane"),
               [&](ReferencePlane& x) { geometry::make_finer(document_.option(), x, north); });
    })->setToolTip(QStringLiteral("Nine cells for each one: points that are known already stay as they are"));
    if (p.on == On::floor) {
        rows.choice(&ReferencePlane::along);
        add_button(form, p.area.empty() ? QStringLiteral("Only a part: draw it") : QStringLiteral("Draw its part anew"),
                   "draw-area", [this, id = p.id] { emit area_wanted(name_of(id), false); });
        add_button(form, QStringLiteral("Leave a part out: draw it"), "draw-left-out",
                   [this, id = p.id] { emit area_wanted(name_of(id), true); });
        if (!p.area.empty() || !p.left_out.empty())
            add_button(form, QStringLiteral("The whole room again"), "whole-room", [change] {
                change(QStringLiteral("Whole room"), [](ReferencePlane& x) {
                    x.area.clear();
                    x.left_out.clear();
                });
            });
    }
    add_flag(form, QStringLiteral("Criteria"), QStringLiteral("occupied area"), p.occupied,
             [change](bool on) { change(QStringLiteral("Occupied"), [&](ReferencePlane& x) { x.occupied = on; }); });
    add_flag(form, QStringLiteral("Faces"), QStringLiteral("the other way"), p.turned_over, [change](bool on) {
        change(QStringLiteral("Turn plane over"), [&](ReferencePlane& x) { x.turned_over = on; });
    });
    add_button(form, QStringLiteral("Take it away"), "remove-plane", [this, id = p.id] {
        document_.edit_option(QStringLiteral("Remove plane"), [&](Option& o) {
            geometry::remove_items(o, {{Selection::Kind::plane, id, -1}});
        });
    });
}

void Inspector::show_reading(QFormLayout& form) {
    const Reading* found = model::find(document_.option().readings, shown_.id);
    if (found == nullptr) return;
    const Reading r = *found;
    const auto change = [this, id = r.id](const QString& name, std::function<void(Reading&)> edit) {
        document_.edit_option(name, [&](Option& o) { edit(*model::find(o.readings, id)); });
    };
    const auto place = find_room(document_.option(), r.room);
    const double floor = place ? place.storey->level : 0;
    form.addRow(label(QStringLiteral("Reading"), "heading"));
    FieldRows<Reading>(form, r, QStringLiteral("reading"), change).name();
    add_number(form, QStringLiteral("Height"), r.at.z - floor, Unit::metre, [change, floor](double v) {
        change(QStringLiteral("Height of reading"), [&](Reading& x) { x.at.z = floor + std::clamp(v, 0.0, 200.0); });
    })->setToolTip(QStringLiteral("Above the floor"));
    const double level = degrees(std::asin(std::clamp(r.facing.z, -1.0, 1.0)));
    const double heading = std::fmod(degrees(std::atan2(r.facing.x, r.facing.y)) + 360, 360);
    const auto face = [change](double azimuth, double altitude) {
        change(QStringLiteral("Turn reading"),
               [&](Reading& x) { x.facing = direction(radians(azimuth), radians(std::clamp(altitude, -90.0, 90.0))); });
    };
    add_number(form, QStringLiteral("Faces up"), level, Unit::degree, [face, heading](double v) {
        face(heading, v);
    })->setToolTip(QStringLiteral("90\u00b0: like a table's top. 0\u00b0: like a wall"));
    add_number(form, QStringLiteral("Heading"), heading, Unit::degree, [face, level](double v) {
        face(v, level);
    })->setToolTip(QStringLiteral("Degrees clockwise from the top of the sheet"));
    form.addRow(label(QStringLiteral("What light it has stands on the Light desk, among the readings."), "small"));
}

void Inspector::show_observer(QFormLayout& form) {
    const Observer* found = model::find(document_.option().observers, shown_.id);
    if (found == nullptr) return;
    const Observer o = *found;
    const auto change = [this, id = o.id](const QString& name, std::function<void(Observer&)> edit) {
        document_.edit_option(name, [&](Option& opt) { edit(*model::find(opt.observers, id)); });
    };
    const auto place = find_room(document_.option(), o.room);
    const double floor = place ? place.storey->level : 0;
    form.addRow(label(QStringLiteral("Observer"), "heading"));
    FieldRows<Observer> rows(form, o, QStringLiteral("observer"), change);
    rows.name();
    rows.number(&Observer::heading);
    rows.number(&Observer::altitude);
    add_button(form, QStringLiteral("Aim at\u2026"), "aim", [this, id = o.id] {
        emit aim_wanted(name_of(id));
    })->setToolTip(QStringLiteral("Then click what it looks at on the sheet"));
    add_number(form, QStringLiteral("Eye height"), o.eye.z - floor, Unit::metre, [change, floor](double v) {
        change(QStringLiteral("Eye height"), [&](Observer& x) { x.eye.z = floor + std::clamp(v, 0.1, 100.0); });
    })->setToolTip(QStringLiteral("Above the floor"));
    const auto eye = [&](const char* text, const char* name, double height) {
        add_button(form, QString::fromLatin1(text), name, [change, floor, height] {
            change(QStringLiteral("Eye height"), [&](Observer& x) { x.eye.z = floor + height; });
        });
    };
    eye("Seated, 1.20 m", "seated", kSeatedEye);
    eye("Standing, 1.70 m", "standing", kStandingEye);
    add_number(form, QStringLiteral("Directions"), static_cast<double>(1 + o.others.size()), Unit::plain,
               [change](double v) {
                   change(QStringLiteral("Directions"),
                          [&](Observer& x) { geometry::look_around(x, whole_number(v, 1, 36)); });
               })
        ->setToolTip(QStringLiteral("So many views from the same place, evenly around"));
    for (size_t k = 0; k < headings(o).size() && k < 12; ++k) {
        auto* look =
            add_button(form,
                       o.others.empty() ? QStringLiteral("Look through this eye")
                                        : QStringLiteral("Look towards %1\u00b0").arg(headings(o)[k], 0, 'f', 0),
                       k == 0 ? "look-through" : "look-other",
                       [this, id = o.id, k] { emit ask_glare(name_of(id), static_cast<int>(k)); });
        set_icon(look, QStringLiteral("eye"));
    }
    const auto picture = kept_.glare(document_.option().id);
    if (picture == nullptr || picture->observer.id != o.id) return;
    add_fact(form, QStringLiteral("View"), [picture] { return name_of(picture->observer.name); });
    add_fact(form, QStringLiteral("At"), [picture] { return name_of(climate::text(picture->moment)); });
    add_fact(form, QStringLiteral("DGP"), [picture] {
        return QStringLiteral("%1 (%2 to %3)")
            .arg(picture->dgp, 0, 'f', 3)
            .arg(picture->dgp_low, 0, 'f', 3)
            .arg(picture->dgp_high, 0, 'f', 3);
    });
    QStringList blinds;
    for (const auto& group : picture->blinds.groups) blinds << name_of(group.words);
    if (!blinds.isEmpty())
        add_fact(form, QStringLiteral("Blinds"), [blinds] { return blinds.join(QStringLiteral("\n")); });
    add_fact(form, QStringLiteral("Ev"), [picture] {
        return QStringLiteral("%1 \u00b1 %2 lx")
            .arg(report::figure(picture->vertical_lux), report::error_figure(picture->half_width));
    });
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "edit/lay.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

void show_thing(Inspector& in) {
    const Thing* found = model::find(in.document().option().things, in.item().id);
    if (found == nullptr) return;
    const Thing t = *found;
    using Kind = Thing::Kind;
    const auto change = [&in, id = t.id](const QString& name, std::function<void(Thing&)> edit) {
        in.document().edit_option(name, [&](Option& o) {
            Thing& x = *model::find(o.things, id);
            edit(x);
            x = within_reason(x);
        });
    };
    QString word = language::words(kind_name(t.kind));
    word[0] = word[0].toUpper();
    QFormLayout& form = in.group(word, "thing");
    FieldRows<Thing> rows(form, t, QObject::tr("thing"), change);
    rows.follow(in, [&in, id = t.id] { return model::find(in.document().option().things, id); });
    rows.name();
    rows.number(&Thing::width);
    if (t.kind != Kind::tree && t.kind != Kind::fence) rows.number(&Thing::length);
    rows.number(&Thing::height);
    rows.number(&Thing::base);
    if (t.kind != Kind::tree) rows.number(&Thing::turn);
    if (t.kind == Kind::shelf || t.kind == Kind::stair) rows.number(&Thing::parts);
    if (t.kind == Kind::stair) {
        add_choice<int>(form, QObject::tr("Flights"),
                        {{QT_TRANSLATE_NOOP("QObject", "one, straight"), 1},
                         {QT_TRANSLATE_NOOP("QObject", "two and a landing"), 2}},
                        t.flights,
                        [change](int n) { change(QObject::tr("Flights"), [&](Thing& x) { x.flights = n; }); });
        if (t.flights == 2) rows.number(&Thing::landing);
        in.add_fact(form, QObject::tr("Rise and going"), [t] {
            return QObject::tr("%L1 / %L2 mm")
                .arg(1000 * t.height / t.parts, 0, 'f', 0)
                .arg(1000 * (t.flights == 1 ? t.length / t.parts : (t.length - t.landing) / std::max(1, t.parts / 2)),
                     0, 'f', 0);
        });
    }
    if (t.kind == Kind::tree) {
        rows.number(&Thing::landing);
        rows.number(&Thing::gap);
        rows.number(&Thing::bare_gap);
        const Site& site = in.document().project().site;
        form.addRow(label(QObject::tr("In leaf from %1 to %2: set on the Site desk.")
                              .arg(language::month(site.leaf_from), language::month(site.leaf_to)),
                          "small"));
    }
    if (t.kind == Kind::fence) rows.number(&Thing::gap);
    const Part part = part_of(t.kind);
    add_part_finish(
        form, in.document().project(), in.document().option(),
        t.kind == Kind::tree ? QObject::tr("Leaves") : QObject::tr("Made of"), part, t.material,
        [change](const Id& m) { change(QObject::tr("Material of thing"), [&](Thing& x) { x.material = m; }); });
    const bool all_out = std::all_of(in.document().project().questions.begin(), in.document().project().questions.end(),
                                     [&](const Question& q) { return left_out(q.without, t.id, kind_name(t.kind)); });
    add_flag(form, QObject::tr("Counts"), QObject::tr("in all questions"), !all_out, [&in, id = t.id](bool on) {
        in.document().edit(on ? QObject::tr("Count thing in") : QObject::tr("Leave thing out"), [&](Project& p) {
            for (Question& q : p.questions) {
                std::erase(q.without, id);
                if (!on) q.without.push_back(id);
            }
        });
    });
    const bool kind_out = std::all_of(
        in.document().project().questions.begin(), in.document().project().questions.end(), [&](const Question& q) {
            return std::find(q.without.begin(), q.without.end(), kind_name(t.kind)) != q.without.end();
        });
    add_flag(form, QString(), QObject::tr("every %1").arg(language::words(kind_name(t.kind))), !kind_out,
             [&in, kind = std::string(kind_name(t.kind))](bool on) {
                 in.document().edit(on ? QObject::tr("Count kind in") : QObject::tr("Leave kind out"), [&](Project& p) {
                     for (Question& q : p.questions) {
                         std::erase(q.without, kind);
                         if (!on) q.without.push_back(kind);
                     }
                 });
             });
    if (!decks_of(t).empty())
        add_button(
            form, t.kind == Kind::stair ? QObject::tr("Planes on flights and landings") : QObject::tr("Plane on it"),
            "planes-on-thing", [&in, id = t.id, fine = t.kind == Kind::stair || t.kind == Kind::table] {
                edit::Items made;
                in.document().edit_option(QObject::tr("Planes on thing"),
                                          [&](Option& o) { made = edit::lay_on_decks(o, id, fine ? 0.3 : 0.5, 0.05); });
                if (!made.empty()) in.document().select(made.front());
            });
}

}  // namespace wp::gui

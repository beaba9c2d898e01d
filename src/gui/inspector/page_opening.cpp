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

namespace {

const char* kind_word(Opening::Kind kind) {
    switch (kind) {
        case Opening::Kind::window:
            return QT_TRANSLATE_NOOP("QObject", "Window");
        case Opening::Kind::door:
            return QT_TRANSLATE_NOOP("QObject", "Door");
        case Opening::Kind::panel:
            return QT_TRANSLATE_NOOP("QObject", "Panel");
        case Opening::Kind::opening_void:
            return QT_TRANSLATE_NOOP("QObject", "Opening");
    }
    return "";
}

const Opening* opening_now(const Inspector& in, const Id& id) {
    for (const auto& storey : in.document().option().storeys)
        for (const auto& room : storey.rooms)
            if (const Opening* o = model::find(room.openings, id)) return o;
    return nullptr;
}

using Change = std::function<void(const QString& name, std::function<void(Opening&)> edit)>;

// The materials that a leaf is made of, and panes.
struct Fills {
    Id opaque, clear;
    explicit Fills(const Project& project) {
        for (const Material& m : project.materials) {
            if (m.kind == Material::Kind::opaque && opaque.empty()) opaque = m.id;
            if (m.kind == Material::Kind::glazing && clear.empty()) clear = m.id;
        }
    }
};

void add_kind(QFormLayout& form, const Opening& o, const Fills& fills, const Change& change) {
    using Kind = Opening::Kind;
    add_choice<Kind>(form, QObject::tr("Kind"),
                     {{QT_TRANSLATE_NOOP("QObject", "Window"), Kind::window},
                      {QT_TRANSLATE_NOOP("QObject", "Door"), Kind::door},
                      {QT_TRANSLATE_NOOP("QObject", "Panel"), Kind::panel},
                      {QT_TRANSLATE_NOOP("QObject", "Without a leaf"), Kind::opening_void}},
                     o.kind, [change, fills](Kind kind) {
                         change(QObject::tr("Kind of opening"), [&](Opening& x) {
                             x.kind = kind;
                             if (kind == Kind::window)
                                 x.glazing = fills.clear;
                             else if (x.glazing.empty() || kind == Kind::door || kind == Kind::panel)
                                 x.glazing = fills.opaque;
                         });
                     });
}

void add_share_of_light(Inspector& in, QFormLayout& form, const Opening& o, const Room& room) {
    in.add_fact(
        form, QObject::tr("Share of light"),
        [&in, id = o.id, room = room.id] {
            const auto now = in.kept().daylight(in.document().option().id);
            return now ? QStringLiteral("%L1 %").arg(100 * share_of_light(*now, id, room), 0, 'f', 1) : QString();
        },
        QObject::tr("Share of the mean daylight factor in %1 that comes in through this window")
            .arg(name_of(room.name)));
}

void show_matter(Inspector& in, const Opening& o, const Fills& fills, const Change& change) {
    using Kind = Opening::Kind;
    const Project& project = in.document().project();
    const Option& option = in.document().option();
    QFormLayout& form = in.group(QObject::tr("Materials"), "matter");
    const auto set_fill = [change](const Id& m) {
        change(QObject::tr("What fills the opening"), [&](Opening& x) { x.glazing = m; });
    };
    if (o.kind == Kind::window)
        add_part_finish(form, project, option, QObject::tr("Glazing"), Part::glazing, o.glazing, set_fill);
    if (o.kind == Kind::door || o.kind == Kind::panel) {
        const Finish fill = finish_of(project, option, Part::door, o.glazing);
        const bool glazed = fill.material != nullptr && fill.material->kind == Material::Kind::glazing;
        add_flag(form, QObject::tr("Leaf"), QObject::tr("lets light through"), glazed,
                 [set_fill, fills](bool on) { set_fill(on ? fills.clear : fills.opaque); });
        add_part_finish(form, project, option, QObject::tr("Infill"), Part::door, o.glazing, set_fill);
    }
    add_part_finish(form, project, option, QObject::tr("Reveals"), Part::reveal, o.reveals, [change](const Id& m) {
        change(QObject::tr("Material of reveals"), [&](Opening& x) { x.reveals = m; });
    });
    if (o.kind == Kind::window)
        add_part_finish(form, project, option, QObject::tr("Frames"), Part::frame, o.frames, [change](const Id& m) {
            change(QObject::tr("Material of frames"), [&](Opening& x) { x.frames = m; });
        });
}

// Its depth and bars.
void show_frame(Inspector& in, const Opening& o, const Change& change) {
    if (o.kind == Opening::Kind::opening_void) return;
    QFormLayout& form = in.group(QObject::tr("Depth and frame"), "frame");
    FieldRows<Opening> rows(form, o, QObject::tr("opening"), change);
    rows.number(&Opening::reveal);
    if (o.kind == Opening::Kind::panel) return;
    rows.number(&Opening::frame);
    rows.number(&Opening::columns);
    rows.number(&Opening::rows);
}

// Sizes by its wall.
void show_in_wall(Inspector& in, const OpeningPlace& place) {
    const Opening& o = *place.opening;
    const double length = edge_length(*place.room, o.edge),
                 wall =
                     length * geometry::wall_top(in.document().option(), *place.storey, *place.room, o.edge, 0, length);
    QFormLayout& form = in.group(QObject::tr("In its wall"), "in-wall");
    add_number(form, QObject::tr("Share of wall"), o.width * o.height / wall, Unit::percent,
               [&in, id = o.id](double v) {
                   in.document().edit_option(QObject::tr("Share of wall"), [&](Option& opt) {
                       edit::take_share_of_wall(opt, id, std::clamp(v, 0.001, 1.0));
                   });
               });
    auto* apart = add_number(form, QObject::tr("Row, apart"), std::nan(""), Unit::metre, [&in, id = o.id](double v) {
        in.document().edit_option(QObject::tr("Row of openings"),
                                  [&](Option& opt) { edit::fill_wall(opt, id, std::max(v, 0.02)); });
    });
    apart->setPlaceholderText(QStringLiteral("e.g. 0.6 m"));
    apart->setToolTip(QObject::tr("As many like this as fit into the wall, at least this far apart: type a distance"));
    add_button(form, QObject::tr("Full height"), "full-height", [&in, id = o.id] {
        in.document().edit_option(QObject::tr("Full height"), [&](Option& opt) { edit::make_full_height(opt, id); });
    });
}

}  // namespace

void show_opening(Inspector& in) {
    Option option = in.document().option();
    const auto place = find_opening(option, in.item().id);
    if (!place) return;
    const Opening o = *place.opening;
    const Change change = [&in, id = o.id](const QString& name, const std::function<void(Opening&)>& edit) {
        in.document().edit_option(name, [&](Option& opt) {
            const auto p = find_opening(opt, id);
            edit(*p.opening);
            geometry::keep_in_wall(opt, *p.storey, *p.room, *p.opening);
        });
    };
    const Fills fills(in.document().project());
    QFormLayout& form =
        in.group(QStringLiteral("%1 %2").arg(language::words(kind_word(o.kind)), name_of(o.name)), "opening");
    FieldRows<Opening> rows(form, o, QObject::tr("opening"), change);
    rows.follow(in, [&in, id = o.id] { return opening_now(in, id); });
    rows.name();
    add_kind(form, o, fills, change);
    rows.number(&Opening::width);
    rows.number(&Opening::height);
    rows.number(&Opening::sill);
    rows.number(&Opening::along);
    if (o.kind == Opening::Kind::window && in.kept().daylight(in.document().option().id))
        add_share_of_light(in, form, o, *place.room);
    show_matter(in, o, fills, change);
    QFormLayout& shading = in.group(QObject::tr("Blind and shading"), "shading");
    if (o.kind != Opening::Kind::opening_void) rows_for_blind(in, shading, o);
    rows_for_shading(in, shading);
    show_frame(in, o, change);
    show_in_wall(in, place);
}

}  // namespace wp::gui

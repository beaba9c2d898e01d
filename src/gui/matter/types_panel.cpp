// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/matter/types_panel.h"

#include <QMenu>
#include <QScrollBar>
#include <QToolButton>

#include "base/data_folder.h"
#include "geometry/finishes.h"
#include "gui/desk/desktop.h"
#include "gui/entry/rows.h"
#include "gui/look/look.h"
#include "question/ask.h"
#include "report/language/words.h"
#include "store/material_file.h"

namespace wp::gui {
using namespace model;

TypesPanel::TypesPanel(Document& document, QWidget* parent) : ScrolledPage(parent), document_(document) {
    setObjectName(QStringLiteral("types"));
    setFrameShape(QFrame::NoFrame);
    connect(&document, &Document::project_changed, this, &TypesPanel::refresh);
}

void TypesPanel::refresh() {
    if (!isVisible()) return;
    const Option& option = document_.option();
    if (filled_ && types_ == option.types && materials_ == document_.project().materials) return;
    filled_ = true;
    types_ = option.types;
    materials_ = document_.project().materials;
    auto* form = new QFormLayout(begin_page());
    form->setContentsMargins(space::medium, space::small, space::medium, space::medium);
    form->setSpacing(space::tight);
    form->addRow(
        label(QObject::tr("What everything of a kind is made of, unless a room or a single surface says otherwise."),
              "small"));
    for (const auto& [text, set] : {std::pair{QT_TRANSLATE_NOOP("QObject", "Assume unknown ones after LM-83"), "lm-83"},
                                    {QT_TRANSLATE_NOOP("QObject", "Assume unknown ones after EN 17037"), "en-17037"}}) {
        auto* button =
            add_button(*form, language::words(text), set == std::string("lm-83") ? "assume-lm-83" : "assume-en-17037",
                       [this, set = std::string(set)] { assume(set); });
        button->setToolTip(QObject::tr(
            "Gives the standard's reflectance to every kind of part that has none, or only an assumed one"));
    }
    for (int i = 0; i < kParts; ++i) {
        const auto part = static_cast<Part>(i);
        const Id own = option.types.contains(part) ? option.types.at(part) : Id();
        Finish now{model::find(document_.project().materials, own), own, own.empty() ? Reason::none : Reason::type};
        Finish otherwise;
        if (part == Part::frame) otherwise = finish_of(document_.project(), option, Part::reveal, {});
        if (own.empty()) now = otherwise;
        QString title = language::words(part_name(part));
        if (part == Part::stair) title = QObject::tr("Stairs, ramps");
        if (part == Part::door) title = QObject::tr("Doors, panels");
        if (part == Part::block) title = QObject::tr("Neighbours");
        auto* box = add_finish(
            *form, document_.project(), {title, part, own, now, otherwise, false}, [this, part](const Id& m) {
                document_.edit_option(QObject::tr("%1 by type").arg(language::words(part_name(part))), [&](Option& o) {
                    if (m.empty())
                        o.types.erase(part);
                    else
                        o.types[part] = m;
                });
            });
        box->setObjectName(QStringLiteral("type-%1").arg(QString::fromLatin1(part_word(part))));
    }
    add_number(*form, QObject::tr("Plain blind"), document_.project().blind_transmittance, Unit::percent,
               [this](double v) {
                   document_.edit(QObject::tr("Plain blind"),
                                  [&](Project& p) { p.blind_transmittance = std::clamp(v, 0.0, 1.0); });
               })
        ->setToolTip(QObject::tr("What a closed blind without a material scatters through"));
    end_page(verticalScrollBar()->value());
}

void TypesPanel::assume(const std::string& id) {
    const auto set = store::read_assumed(data_folder() / "assumed" / (id + ".json"));
    if (!set) return emit said(language::line(set.fault()));
    int given = 0;
    bool ground = false;
    document_.edit(QObject::tr("Assume unknown finishes"), [&](Project& p) {
        given = geometry::assume_unknown(p, document_.option_index(), set->by_part);
        // The ground is a finish nobody chose while it is as a new project has it.
        const model::Site fresh;
        ground = set->ground && p.site.ground_by_month.empty() &&
                 p.site.ground_reflectance == fresh.ground_reflectance && *set->ground != fresh.ground_reflectance;
        if (ground) p.site.ground_reflectance = *set->ground;
    });
    const QString with_ground =
        ground ? QObject::tr(", and the ground (%L1 %)").arg(100 * *set->ground, 0, 'f', 0) : QString();
    emit said(given == 0 && !ground
                  ? QObject::tr("Nothing is unknown here")
                  : QObject::tr("%1 kinds of part%2: %3").arg(given).arg(with_ground, language::words(set->name)));
}

Page types_page(Desktop& desktop) {
    auto* panel = new TypesPanel(desktop.document(), desktop.window());
    QObject::connect(panel, &TypesPanel::said, &desktop, &Desktop::say);
    return {QObject::tr("By type"), QObject::tr("Which material each kind of part has, where none is chosen"),
            on_desk(DeskKind::build), panel};
}

}  // namespace wp::gui

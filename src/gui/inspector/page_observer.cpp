// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/lay.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"
#include "gui/look/look.h"
#include "report/language/dates.h"
#include "report/language/words.h"

namespace wp::gui {
using namespace model;

namespace {

// The other published indices of the same view, each with what it was made for.
void add_indices(Inspector& in, QFormLayout& form, const metric::GlareView& view) {
    for (const metric::GlareIndex& index : metric::glare_indices()) {
        if (std::string_view(index.id) == "dgp") continue;
        const auto value = index.value(view);
        if (!value) continue;
        const QString text =
            QStringLiteral("%1, %2").arg(report::figure(*value), language::words(metric::class_of(index, *value).name));
        in.add_fact(
            form, language::words(index.short_name), [text] { return text; },
            QObject::tr("%1. %2\nMade for: %3\nSource: %4")
                .arg(language::words(index.name), language::words(index.meaning), language::words(index.holds),
                     language::words(index.source)));
    }
}

}  // namespace

void show_observer(Inspector& in) {
    const Observer* found = model::find(in.document().option().observers, in.item().id);
    if (found == nullptr) return;
    const Observer o = *found;
    const auto change = [&in, id = o.id](const QString& name, std::function<void(Observer&)> edit) {
        in.document().edit_option(name, [&](Option& opt) { edit(*model::find(opt.observers, id)); });
    };
    const auto place = find_room(in.document().option(), o.room);
    const double floor = place ? place.storey->level : 0;
    QFormLayout& form = in.group(QObject::tr("Observer"), "observer");
    FieldRows<Observer> rows(form, o, QObject::tr("observer"), change);
    rows.follow(in, [&in, id = o.id] { return model::find(in.document().option().observers, id); });
    rows.name();
    rows.number(&Observer::heading);
    rows.number(&Observer::altitude);
    add_button(form, QObject::tr("Aim at\u2026"), "aim", [&in, id = o.id] {
        emit in.aim_wanted(name_of(id));
    })->setToolTip(QObject::tr("Then click what it looks at on the sheet"));
    add_number(form, QObject::tr("Eye height"), o.eye.z - floor, Unit::metre, [change, floor](double v) {
        change(QObject::tr("Eye height"), [&](Observer& x) { x.eye.z = floor + std::clamp(v, 0.1, 100.0); });
    })->setToolTip(QObject::tr("Above the floor"));
    const auto eye = [&](const char* text, const char* name, double height) {
        add_button(form, language::words(text), name, [change, floor, height] {
            change(QObject::tr("Eye height"), [&](Observer& x) { x.eye.z = floor + height; });
        });
    };
    eye(QT_TRANSLATE_NOOP("QObject", "Seated, 1.20 m"), "seated", kSeatedEye);
    eye(QT_TRANSLATE_NOOP("QObject", "Standing, 1.70 m"), "standing", kStandingEye);
    add_number(form, QObject::tr("Directions"), static_cast<double>(1 + o.others.size()), Unit::plain,
               [change](double v) {
                   change(QObject::tr("Directions"),
                          [&](Observer& x) { edit::look_around(x, whole_number(v, 1, 36)); });
               })
        ->setToolTip(QObject::tr("So many views from the same place, evenly around"));
    for (size_t k = 0; k < headings(o).size() && k < 12; ++k) {
        auto* look = add_button(form,
                                o.others.empty() ? QObject::tr("Look through this eye")
                                                 : QObject::tr("Look towards %L1\u00b0").arg(headings(o)[k], 0, 'f', 0),
                                k == 0 ? "look-through" : "look-other",
                                [&in, id = o.id, k] { emit in.ask_glare(name_of(id), static_cast<int>(k)); });
        set_icon(look, QStringLiteral("eye"));
    }
    const auto picture = in.kept().glare(in.document().option().id);
    if (picture == nullptr || picture->observer.id != o.id || !picture->judged) return;
    in.add_fact(form, QObject::tr("View"), [picture] { return name_of(picture->observer.name); });
    in.add_fact(form, QObject::tr("At"), [picture] { return language::text(picture->moment); });
    in.add_fact(form, QStringLiteral("DGP"), [picture] {
        return QObject::tr("%L1 (%L2 to %L3)")
            .arg(picture->dgp, 0, 'f', 3)
            .arg(picture->dgp_low, 0, 'f', 3)
            .arg(picture->dgp_high, 0, 'f', 3);
    });
    add_indices(in, form, picture->view());
    QStringList blinds;
    for (const auto& group : picture->blinds.groups) blinds << language::words(group.words);
    if (!blinds.isEmpty())
        in.add_fact(form, QObject::tr("Blinds"), [blinds] { return blinds.join(QStringLiteral("\n")); });
    in.add_fact(form, QStringLiteral("Ev"), [picture] {
        return QObject::tr("%1 \u00b1 %2 lx")
            .arg(report::figure(picture->vertical_lux), report::error_figure(picture->half_width));
    });
}

}  // namespace wp::gui

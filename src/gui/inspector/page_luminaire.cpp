// SPDX-License-Identifier: GPL-3.0-or-later
#include "edit/luminaires.h"
#include "gui/inspector/field_rows.h"
#include "gui/inspector/inspector.h"
#include "gui/inspector/inspector_pages.h"

namespace wp::gui {
using namespace model;

void show_luminaire(Inspector& in) {
    const Option& option = in.document().option();
    const Luminaire* found = model::find(option.luminaires, in.item().id);
    if (found == nullptr) return;
    const Luminaire l = *found;
    const auto change = [&in, id = l.id](const QString& name, std::function<void(Luminaire&)> edit) {
        in.document().edit_option(name, [&](Option& o) { edit(*model::find(o.luminaires, id)); });
    };
    QFormLayout& form = in.group(QObject::tr("Luminaire"), "luminaire");
    FieldRows<Luminaire> rows(form, l, QObject::tr("luminaire"), change);
    rows.follow(in, [&in, id = l.id] { return model::find(in.document().option().luminaires, id); });
    rows.name();
    const auto choose = [&](const QString& title, const char* name, const std::vector<std::pair<Id, QString>>& all,
                            const Id& now, Id Luminaire::*member) {
        auto* box = new QComboBox(form.parentWidget());
        box->setAccessibleName(title);
        box->setObjectName(QString::fromLatin1(name));
        for (const auto& [id, words] : all) box->addItem(words, name_of(id));
        box->setCurrentIndex(box->findData(name_of(now)));
        QObject::connect(box, &QComboBox::activated, box, [box, change, title, member] {
            const Id id = box->currentData().toString().toStdString();
            change(QObject::tr("%1 of %2").arg(title, QObject::tr("luminaire")), [&](Luminaire& x) { x.*member = id; });
        });
        form.addRow(title, box);
    };
    std::vector<std::pair<Id, QString>> kinds, circuits{{Id(), QObject::tr("none, always on")}};
    for (const auto& type : in.document().project().luminaire_types) kinds.emplace_back(type.id, name_of(type.name));
    for (const auto& circuit : option.lighting) circuits.emplace_back(circuit.id, name_of(circuit.name));
    choose(QObject::tr("Kind"), "luminaire-kind", kinds, l.type, &Luminaire::type);
    choose(QObject::tr("Circuit"), "luminaire-circuit", circuits, l.circuit, &Luminaire::circuit);
    rows.number(&Luminaire::height);
    rows.number(&Luminaire::turn);
    rows.number(&Luminaire::tilt);
    const auto mount = [&](const QString& text, const char* name, edit::Mount how) {
        add_button(form, text, name, [&in, id = l.id, how] {
            in.document().edit_option(QObject::tr("Hang luminaire"), [&](Option& o) {
                Luminaire& x = *model::find(o.luminaires, id);
                x = edit::mounted(o, x, how);
            });
        });
    };
    mount(QObject::tr("Under the ceiling"), "mount-ceiling", edit::Mount::ceiling);
    mount(QObject::tr("On the nearest wall"), "mount-wall", edit::Mount::wall);
}

}  // namespace wp::gui

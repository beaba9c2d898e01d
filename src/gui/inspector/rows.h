// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of the inspector's forms.
#pragma once
#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <functional>

#include "gui/inspector/number_field.h"
#include "model/project.h"

namespace wp::gui {

inline QLabel* label(const QString& text, const char* role = nullptr) {
    auto* l = new QLabel(text);
    l->setWordWrap(true);
    if (role != nullptr) l->setProperty("role", QString::fromLatin1(role));
    return l;
}

inline QString name_of(const std::string& text) { return QString::fromStdString(text); }

inline void add_name(QFormLayout& form, const std::string& name, std::function<void(const std::string&)> commit) {
    auto* field = new QLineEdit(name_of(name));
    field->setAccessibleName(QStringLiteral("Name"));
    QObject::connect(field, &QLineEdit::editingFinished, field, [field, name, commit = std::move(commit)] {
        const std::string text = field->text().trimmed().toStdString();
        if (!text.empty() && text != name) commit(text);
    });
    form.addRow(QStringLiteral("Name"), field);
}

inline NumberField* add_number(QFormLayout& form, const QString& title, double value, Unit unit, std::function<void(double)> commit) {
    auto* field = new NumberField(value, unit, std::move(commit));
    field->setAccessibleName(title);
    field->setObjectName(QStringLiteral("field-") + title.toLower().replace(QLatin1Char(' '), QLatin1Char('-')));
    form.addRow(title, field);
    return field;
}

inline void add_materials(QFormLayout& form, const model::Project& project, const QString& title, model::Material::Kind kind, const model::Id& current,
                   std::function<void(const model::Id&)> commit) {
    auto* box = new QComboBox;
    box->setAccessibleName(title);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(8);
    for (const model::Material& m : project.materials) {
        if (m.kind != kind) continue;
        const double figure = kind == model::Material::Kind::opaque ? m.reflectance : m.transmittance;
        box->addItem(QStringLiteral("%1 %  %2").arg(100 * figure, 0, 'f', 0).arg(name_of(m.name)), name_of(m.id));
    }
    box->setCurrentIndex(box->findData(name_of(current)));
    box->setToolTip(box->currentText());
    QObject::connect(box, &QComboBox::activated, box, [box, commit = std::move(commit)] { commit(box->currentData().toString().toStdString()); });
    form.addRow(title, box);
}

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// Rows of the inspector's forms.
#pragma once
#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <algorithm>
#include <cmath>
#include <functional>
#include <vector>

#include "gui/entry/number_field.h"
#include "model/project.h"
#include "report/language/language.h"
#include "report/language/words.h"
#include "report/tint.h"

namespace wp::gui {

/// parent: a widget that is given where it will stand is styled once, not again with each place.
inline QLabel* label(const QString& text, const char* role = nullptr, QWidget* parent = nullptr) {
    auto* l = new QLabel(text, parent);
    l->setWordWrap(true);
    if (role != nullptr) l->setProperty("role", QString::fromLatin1(role));
    return l;
}

inline QString name_of(const std::string& text) { return QString::fromStdString(text); }

inline void add_name(QFormLayout& form, const std::string& name, std::function<void(const std::string&)> commit) {
    auto* field = new QLineEdit(name_of(name), form.parentWidget());
    field->setCursorPosition(0);
    field->setAccessibleName(QObject::tr("Name"));
    QObject::connect(field, &QLineEdit::editingFinished, field, [field, name, commit = std::move(commit)] {
        const std::string text = field->text().trimmed().toStdString();
        if (!text.empty() && text != name) commit(text);
    });
    form.addRow(QObject::tr("Name"), field);
}

inline NumberField* add_number(QFormLayout& form, const QString& title, double value, Unit unit,
                               std::function<void(double)> commit) {
    auto* field = new NumberField(value, unit, std::move(commit), form.parentWidget());
    field->setAccessibleName(title);
    field->setObjectName(language::object_name("field", title));
    form.addRow(new DragTitle(title, field), field);
    return field;
}

/// What a row of the inspector asks of a material: the part it is for, the one it has of its own (empty: none), and
/// what it comes to with the reason.
struct FinishRow {
    QString title;
    model::Part part;
    model::Id own;
    model::Finish now;
    model::Finish otherwise;   ///< what it would be without its own
    bool tells_reason = true;  ///< else only what is assumed
};

inline QString material_text(const model::Material& m) {
    return QStringLiteral("%L1 %  %2").arg(100 * model::figure_of(m), 0, 'f', 0).arg(name_of(m.name));
}

/// A box of the materials that fit, the reason beside it. commit takes an empty id for "none of its own".
inline QComboBox* add_finish(QFormLayout& form, const model::Project& project, const FinishRow& row,
                             std::function<void(const model::Id&)> commit) {
    auto* pair = new QWidget(form.parentWidget());
    auto* box = new QComboBox(pair);
    box->setAccessibleName(row.title);
    box->setObjectName(language::object_name("finish", row.title));
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(4);
    box->setMinimumWidth(60);
    const auto* other = row.otherwise.material;
    box->addItem(other != nullptr ? QIcon(report::swatch(*other, 14)) : QIcon(),
                 other != nullptr ? material_text(*other) : QObject::tr("none yet"), QString());
    box->setItemData(0, QObject::tr("As %1").arg(language::words(model::reason_name(row.otherwise.reason))),
                     Qt::ToolTipRole);
    box->insertSeparator(1);
    for (const model::Material& m : project.materials)
        if (model::takes(row.part, m.kind)) box->addItem(QIcon(report::swatch(m, 14)), material_text(m), name_of(m.id));
    box->setCurrentIndex(row.own.empty() ? 0 : box->findData(name_of(row.own)));
    box->setToolTip(box->currentText());
    QObject::connect(box, &QComboBox::activated, box,
                     [box, commit = std::move(commit)] { commit(box->currentData().toString().toStdString()); });
    auto* line = new QHBoxLayout(pair);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(4);
    line->addWidget(box, 1);
    const bool guess = row.now.material != nullptr && row.now.material->assumed;
    if (row.tells_reason || guess) {
        const QString reason = row.tells_reason ? language::words(model::reason_name(row.now.reason)) : QString();
        auto* why =
            label(reason + (guess ? (reason.isEmpty() ? QObject::tr("assumed") : QObject::tr(", assumed")) : QString()),
                  "small", pair);
        why->setObjectName(box->objectName() + QStringLiteral("-why"));
        why->setFixedWidth(48);
        line->addWidget(why);
    }
    form.addRow(row.title, pair);
    return box;
}

/// The same where there is nothing between a thing's own material and that of its type.
inline QComboBox* add_part_finish(QFormLayout& form, const model::Project& project, const model::Option& option,
                                  const QString& title, model::Part part, const model::Id& own,
                                  std::function<void(const model::Id&)> commit) {
    return add_finish(
        form, project,
        {title, part, own, model::finish_of(project, option, part, own), model::finish_of(project, option, part, {})},
        std::move(commit));
}

/// A button over the whole width of the form.
template <class Run>
QPushButton* add_button(QFormLayout& form, const QString& text, const char* name, Run run) {
    auto* button = new QPushButton(text, form.parentWidget());
    button->setObjectName(QString::fromLatin1(name));
    QObject::connect(button, &QPushButton::clicked, button, std::move(run));
    form.addRow(button);
    return button;
}

template <class E>
QComboBox* add_choice(QFormLayout& form, const QString& title, const std::vector<std::pair<const char*, E>>& choices,
                      E current, std::function<void(E)> commit) {
    auto* box = new QComboBox(form.parentWidget());
    box->setAccessibleName(title);
    box->setObjectName(language::object_name("choice", title));
    for (const auto& [name, value] : choices) box->addItem(language::words(name), static_cast<int>(value));
    box->setCurrentIndex(box->findData(static_cast<int>(current)));
    QObject::connect(box, &QComboBox::activated, box,
                     [box, commit = std::move(commit)] { commit(static_cast<E>(box->currentData().toInt())); });
    form.addRow(title, box);
    return box;
}

inline QCheckBox* add_flag(QFormLayout& form, const QString& title, const QString& text, bool on,
                           std::function<void(bool)> commit) {
    auto* box = new QCheckBox(text, form.parentWidget());
    box->setObjectName(language::object_name("flag", text));
    box->setChecked(on);
    QObject::connect(box, &QCheckBox::toggled, box, std::move(commit));
    form.addRow(title, box);
    return box;
}

/// Fields without a name of their own are called what stands before them, for those who cannot see it.
inline void name_fields(const QFormLayout& form) {
    for (int r = 0; r < form.rowCount(); ++r) {
        const auto* title = form.itemAt(r, QFormLayout::LabelRole);
        const auto* field = form.itemAt(r, QFormLayout::FieldRole);
        if (title == nullptr || field == nullptr || title->widget() == nullptr || field->widget() == nullptr) continue;
        const auto* words = qobject_cast<const QLabel*>(title->widget());
        if (words != nullptr && field->widget()->accessibleName().isEmpty())
            field->widget()->setAccessibleName(words->text());
    }
}

inline int whole_number(double v, int low, int high) {
    return std::clamp(static_cast<int>(std::lround(std::isfinite(v) ? v : low)), low, high);
}

}  // namespace wp::gui

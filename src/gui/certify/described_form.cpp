// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/certify/described_form.h"

#include <QListWidget>
#include <QPlainTextEdit>
#include <algorithm>
#include <cstring>

#include "gui/entry/number_field.h"
#include "gui/entry/rows.h"

namespace wp::gui {

namespace {

constexpr size_t kLongText = 60;

QString object_of(const describe::Field& field) { return QStringLiteral("field-") + QString::fromLatin1(field.key); }

}  // namespace

void DescribedForm::add_row(const describe::Field& field, QWidget* widget) {
    widget->setObjectName(object_of(field));
    widget->setAccessibleName(language::words(field.label));
    widget->setToolTip(language::sentence(field.meaning));
    auto* title = label(language::words(field.label));
    title->setMinimumWidth(110);
    form_.addRow(title, widget);
}

void DescribedForm::text(const describe::Field& field, std::string& value) {
    if (*field.label == 0) return;
    const auto choices = choices_.find(field.key);
    if (choices != choices_.end()) {
        auto* box = new QComboBox(form_.parentWidget());
        for (const auto& [words, id] : choices->second) box->addItem(words, QString::fromStdString(id));
        box->setCurrentIndex(box->findData(QString::fromStdString(value)));
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(20);
        QObject::connect(box, &QComboBox::activated, box, [box, &value, reshaped = reshaped_] {
            value = box->currentData().toString().toStdString();
            reshaped();
        });
        return add_row(field, box);
    }
    if (value.size() > kLongText || std::string_view(field.key) == "meaning") {
        auto* edit = new QPlainTextEdit(QString::fromStdString(value), form_.parentWidget());
        edit->setFixedHeight(64);
        edit->setTabChangesFocus(true);
        QObject::connect(edit, &QPlainTextEdit::textChanged, edit, [edit, &value, changed = changed_] {
            value = edit->toPlainText().trimmed().toStdString();
            changed();
        });
        return add_row(field, edit);
    }
    auto* edit = new QLineEdit(QString::fromStdString(value), form_.parentWidget());
    edit->setCursorPosition(0);
    QObject::connect(edit, &QLineEdit::textEdited, edit, [&value, changed = changed_](const QString& typed) {
        value = typed.trimmed().toStdString();
        changed();
    });
    add_row(field, edit);
}

void DescribedForm::texts(const describe::Field& field, std::vector<std::string>& value) {
    const auto choices = choices_.find(field.key);
    if (*field.label == 0 || choices == choices_.end()) return;
    auto* list = new QListWidget(form_.parentWidget());
    list->setFixedHeight(90);
    for (const auto& [words, id] : choices->second) {
        auto* item = new QListWidgetItem(words, list);
        item->setData(Qt::UserRole, QString::fromStdString(id));
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable);
        item->setCheckState(std::ranges::find(value, id) != value.end() ? Qt::Checked : Qt::Unchecked);
    }
    QObject::connect(list, &QListWidget::itemChanged, list, [list, &value, changed = changed_] {
        value.clear();
        for (int i = 0; i < list->count(); ++i)
            if (list->item(i)->checkState() == Qt::Checked)
                value.push_back(list->item(i)->data(Qt::UserRole).toString().toStdString());
        changed();
    });
    add_row(field, list);
}

void DescribedForm::number(const describe::Field& field, double& value) {
    if (*field.label == 0) return;
    auto* edit = new NumberField(
        value, describe::typed_unit(field),
        [&value, field, changed = changed_](double typed) {
            value = describe::within(field, typed);
            changed();
        },
        form_.parentWidget());
    add_row(field, edit);
}

void DescribedForm::flag(const describe::Field& field, bool& value) {
    if (*field.label == 0) return;
    auto* box = new QCheckBox(form_.parentWidget());
    box->setChecked(value);
    QObject::connect(box, &QCheckBox::toggled, box, [&value, changed = changed_](bool on) {
        value = on;
        changed();
    });
    add_row(field, box);
}

void DescribedForm::word(const describe::Field&, int&, std::span<const describe::Word>) {}

// Where the choice is kept is known only now.
void DescribedForm::chosen(const describe::Field& field, const void* at, std::span<const describe::Word> words) {
    if (*field.label == 0) return;
    // Enumerations of the model are as wide as an int, but are no ints.
    void* value = const_cast<void*>(at);
    int now = 0;
    std::memcpy(&now, value, sizeof now);
    auto* box = new QComboBox(form_.parentWidget());
    for (const auto& w : words) box->addItem(language::words(*w.label != 0 ? w.label : w.word), w.value);
    box->setCurrentIndex(box->findData(now));
    QObject::connect(box, &QComboBox::activated, box, [box, value, reshaped = reshaped_] {
        const int chosen = box->currentData().toInt();
        std::memcpy(value, &chosen, sizeof chosen);
        reshaped();
    });
    add_row(field, box);
}

void DescribedForm::object(const describe::Field& field, const char*, bool& present, const Visit& visit) {
    auto* box = new QCheckBox(language::sentence(field.meaning), form_.parentWidget());
    box->setObjectName(object_of(field));
    box->setChecked(present);
    QObject::connect(box, &QCheckBox::toggled, box, [&present, reshaped = reshaped_](bool on) {
        present = on;
        reshaped();
    });
    form_.addRow(box);
    if (present) visit(*this);
}

void DescribedForm::items(const describe::Field& field, const char*, describe::Items& items) {
    if (*field.label == 0) return;
    for (size_t i = 0; i < items.size(); ++i) items.visit(i, *this);
}

}  // namespace wp::gui

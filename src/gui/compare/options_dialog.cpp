// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/compare/options_dialog.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

#include "edit/options.h"
#include "gui/entry/rows.h"
#include "gui/look/buttons.h"
#include "gui/look/look.h"

namespace wp::gui {

OptionsDialog::OptionsDialog(Document& document, QWidget* parent) : QDialog(parent), document_(document) {
    setObjectName(QStringLiteral("options-dialog"));
    setWindowTitle(QObject::tr("Options of this project"));
    resize(640, 420);
    auto* layout = new QVBoxLayout(this);
    auto* middle = new QHBoxLayout;
    list_ = new QListWidget(this);
    list_->setObjectName(QStringLiteral("option-list"));
    list_->setAccessibleName(QObject::tr("Options"));
    list_->setMinimumWidth(240);
    middle->addWidget(list_);
    auto* right = new QVBoxLayout;
    build_fields(*right);
    build_buttons(*right);
    middle->addLayout(right, 1);
    layout->addLayout(middle, 1);
    auto* close = new QDialogButtonBox(QDialogButtonBox::Close, this);
    connect(close, &QDialogButtonBox::rejected, this, &QDialog::accept);
    layout->addWidget(close);
    connect(list_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (filling_ || row < 0) return;
        document_.show_option(static_cast<size_t>(row));
        show_option();
    });
    list_options();
}

void OptionsDialog::build_fields(QBoxLayout& column) {
    auto* form = new QFormLayout;
    name_ = new QLineEdit(this);
    name_->setObjectName(QStringLiteral("option-name"));
    note_ = new QPlainTextEdit(this);
    note_->setObjectName(QStringLiteral("option-note"));
    note_->setAccessibleName(QObject::tr("Note"));
    note_->setTabChangesFocus(true);
    note_->setPlaceholderText(QObject::tr("What it tries, and why"));
    form->addRow(QObject::tr("Name"), name_);
    form->addRow(QObject::tr("Note"), note_);
    archived_ = new QCheckBox(QObject::tr("Put away: kept, but in no list and no comparison"), this);
    archived_->setObjectName(QStringLiteral("option-archived"));
    form->addRow(archived_);
    about_ = label(QString(), "faint", this);
    form->addRow(about_);
    column.addLayout(form);
    connect(name_, &QLineEdit::editingFinished, this, &OptionsDialog::keep_words);
    connect(note_, &QPlainTextEdit::textChanged, this, &OptionsDialog::keep_words);
    connect(archived_, &QCheckBox::toggled, this, [this](bool on) {
        if (filling_) return;
        document_.edit_option(on ? QObject::tr("Put option away") : QObject::tr("Take option out again"),
                              [on](model::Option& o) { o.archived = on; });
        list_options();
    });
}

void OptionsDialog::build_buttons(QBoxLayout& column) {
    const auto button = [&](QBoxLayout& row, const QString& text, const char* name, auto run) {
        auto* out = plain_button(name, text, this);
        connect(out, &QPushButton::clicked, this, run);
        row.addWidget(out);
        return out;
    };
    auto *first = new QHBoxLayout, *second = new QHBoxLayout;
    button(*first, QObject::tr("Copy it"), "option-copy", [this] {
        const QString name = free_name(document_.option().name.empty() ? QObject::tr("Option") : name_->text());
        run(QObject::tr("New option"),
            [&, at = current()](model::Project& p) { return edit::copy_option(p, at, name.toStdString()); });
    });
    button(*first, QObject::tr("New, empty"), "option-empty", [this] {
        run(QObject::tr("New option"), [&, at = current()](model::Project& p) {
            return edit::add_empty_option(p, at, free_name(QObject::tr("Option")).toStdString());
        });
    })->setToolTip(QObject::tr("Keeps neighbours, trees and what things are made of by type"));
    remove_ = button(*first, QObject::tr("Delete"), "option-remove", [this] {
        run(QObject::tr("Delete option"), [at = current()](model::Project& p) {
            edit::remove_option(p, at);
            return std::min(at, p.options.size() - 1);
        });
    });
    const auto move = [this](int by) {
        run(QObject::tr("Move option"), [at = current(), by](model::Project& p) {
            const size_t to = by < 0 ? at - 1 : at + 1;
            return edit::move_option(p, at, to) ? to : at;
        });
    };
    up_ = button(*second, QObject::tr("Up"), "option-up", [move] { move(-1); });
    down_ = button(*second, QObject::tr("Down"), "option-down", [move] { move(1); });
    for (auto* row : {first, second}) {
        row->addStretch(1);
        column.addLayout(row);
    }
}

size_t OptionsDialog::current() const { return document_.option_index(); }

// "Tall windows 2": a name that none has.
QString OptionsDialog::free_name(const QString& wish) const {
    const auto& all = document_.project().options;
    const auto taken = [&](const QString& name) {
        return std::ranges::any_of(all, [&](const auto& o) { return o.name == name.toStdString(); });
    };
    QString name = wish;
    for (int n = 2; taken(name); ++n) name = QStringLiteral("%1 %2").arg(wish).arg(n);
    return name;
}

void OptionsDialog::run(const QString& step, const std::function<size_t(model::Project&)>& change) {
    size_t to = current();
    document_.edit(step, [&](model::Project& p) { to = change(p); });
    document_.show_option(to);
    document_.select({});
    list_options();
}

void OptionsDialog::list_options() {
    filling_ = true;
    list_->clear();
    for (const auto& option : document_.project().options)
        list_->addItem(option.archived ? QObject::tr("%1 (put away)").arg(QString::fromStdString(option.name))
                                       : QString::fromStdString(option.name));
    list_->setCurrentRow(static_cast<int>(current()));
    filling_ = false;
    show_option();
}

void OptionsDialog::show_option() {
    filling_ = true;
    const auto& option = document_.option();
    name_->setText(QString::fromStdString(option.name));
    note_->setPlainText(QString::fromStdString(option.note));
    archived_->setChecked(option.archived);
    size_t rooms = 0;
    for (const auto& storey : option.storeys) rooms += storey.rooms.size();
    about_->setText(QObject::tr("%n rooms", nullptr, static_cast<int>(rooms)));
    const size_t count = document_.project().options.size();
    up_->setEnabled(current() > 0);
    down_->setEnabled(current() + 1 < count);
    remove_->setEnabled(count > 1);
    filling_ = false;
}

void OptionsDialog::keep_words() {
    const std::string name = name_->text().trimmed().toStdString(), note = note_->toPlainText().toStdString();
    const auto& option = document_.option();
    if (filling_ || name.empty() || (name == option.name && note == option.note)) return;
    document_.edit_option(
        QObject::tr("Describe option"),
        [&](model::Option& o) {
            o.name = name;
            o.note = note;
        },
        QStringLiteral("describe-option"));
    if (auto* item = list_->currentItem()) item->setText(QString::fromStdString(name));
}

}  // namespace wp::gui

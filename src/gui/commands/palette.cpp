// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/commands/palette.h"

#include <QKeyEvent>
#include <QVBoxLayout>

#include "gui/look/look.h"

namespace wp::gui {

namespace {

// Every word typed must begin somewhere in the text.
bool matches(const QString& text, const QString& typed) {
    for (const QString& word : typed.split(QLatin1Char(' '), Qt::SkipEmptyParts))
        if (!text.contains(word, Qt::CaseInsensitive)) return false;
    return true;
}

}  // namespace

Palette::Palette(std::vector<Entry> commands, std::function<std::vector<Entry>(const QString&)> things, QWidget* parent)
    : QDialog(parent, Qt::Popup), commands_(std::move(commands)), things_(std::move(things)) {
    setObjectName(QStringLiteral("palette"));
    setFixedSize(460, 380);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(space::small, space::small, space::small, space::small);
    field_ = new QLineEdit;
    field_->setObjectName(QStringLiteral("palette-field"));
    field_->setPlaceholderText(QStringLiteral("A command, or the name of a room or window"));
    list_ = new QListWidget;
    list_->setObjectName(QStringLiteral("palette-list"));
    list_->setFrameShape(QFrame::NoFrame);
    column->addWidget(field_);
    column->addWidget(list_, 1);
    field_->installEventFilter(this);
    connect(field_, &QLineEdit::textChanged, this, &Palette::refresh);
    connect(list_, &QListWidget::itemClicked, this, [this] { run_current(); });
    refresh();
    if (parent != nullptr) move(parent->mapToGlobal(QPoint((parent->width() - width()) / 2, 90)));
    field_->setFocus();
}

void Palette::refresh() {
    const QString typed = field_->text().trimmed();
    shown_.clear();
    if (!typed.isEmpty()) shown_ = things_(typed);
    for (const Entry& entry : commands_)
        if (matches(entry.text, typed)) shown_.push_back(entry);
    list_->clear();
    for (const Entry& entry : shown_)
        list_->addItem(entry.note.isEmpty() ? entry.text
                                            : QStringLiteral("%1    \u2013 %2").arg(entry.text, entry.note));
    list_->setCurrentRow(0);
}

void Palette::run_current() {
    const int row = list_->currentRow();
    if (row < 0 || static_cast<size_t>(row) >= shown_.size()) return;
    const auto run = shown_[static_cast<size_t>(row)].run;
    accept();
    run();
}

bool Palette::eventFilter(QObject* object, QEvent* event) {
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Down || key == Qt::Key_Up) {
            list_->setCurrentRow(
                std::clamp(list_->currentRow() + (key == Qt::Key_Down ? 1 : -1), 0, std::max(0, list_->count() - 1)));
            return true;
        }
        if (key == Qt::Key_Return || key == Qt::Key_Enter) {
            run_current();
            return true;
        }
    }
    return QDialog::eventFilter(object, event);
}

}  // namespace wp::gui

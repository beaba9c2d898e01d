// SPDX-License-Identifier: GPL-3.0-or-later
#include "gui/sheet/typed_entry.h"

#include <QHBoxLayout>
#include <QKeyEvent>

#include "gui/look/look.h"

namespace wp::gui {

TypedEntry::TypedEntry(QWidget* parent) : QFrame(parent) {
    setObjectName(QStringLiteral("typed-entry"));
    setFrameShape(QFrame::StyledPanel);
    setAutoFillBackground(true);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(space::small, space::tight, space::small, space::tight);
    row->setSpacing(space::tight);
    first_title_ = new QLabel;
    second_title_ = new QLabel;
    first_ = new QLineEdit;
    second_ = new QLineEdit;
    first_->setObjectName(QStringLiteral("typed-first"));
    second_->setObjectName(QStringLiteral("typed-second"));
    for (QLineEdit* field : {first_, second_}) {
        field->setFixedWidth(84);
        field->installEventFilter(this);
    }
    row->addWidget(first_title_);
    row->addWidget(first_);
    row->addWidget(second_title_);
    row->addWidget(second_);
    hide();
}

void TypedEntry::open(QPoint at, const QString& first_title, const QString& second_title, Unit second_unit,
                      const QString& text) {
    first_title_->setText(first_title);
    second_title_->setText(second_title);
    second_unit_ = second_unit;
    second_title_->setVisible(!second_title.isEmpty());
    second_->setVisible(!second_title.isEmpty());
    first_->setText(text);
    second_->clear();
    adjustSize();
    const QWidget* sheet = parentWidget();
    move(std::clamp(at.x() + 16, 0, std::max(0, sheet->width() - width())),
         std::clamp(at.y() + 16, 0, std::max(0, sheet->height() - height())));
    show();
    raise();
    first_->setFocus();
    first_->deselect();
    first_->end(false);
}

void TypedEntry::commit() {
    const auto first = parse_number(first_->text(), Unit::metre);
    const auto second =
        second_->text().trimmed().isEmpty() ? std::nullopt : parse_number(second_->text(), second_unit_);
    if (!first) return first_->selectAll();
    if (!second && !second_->text().trimmed().isEmpty()) return second_->setFocus();
    hide();
    emit entered(*first, second);
}

bool TypedEntry::eventFilter(QObject* object, QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride) {
        event->accept();  // letters and digits belong to the figure, not to the window's shortcuts
        return true;
    }
    if (event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) {
            commit();
            return true;
        }
        if (key->key() == Qt::Key_Escape) {
            hide();
            emit left();
            return true;
        }
        if ((key->key() == Qt::Key_Tab || key->key() == Qt::Key_Backtab) && second_->isVisible()) {
            (object == first_ ? second_ : first_)->setFocus();
            return true;
        }
    }
    return QFrame::eventFilter(object, event);
}

}  // namespace wp::gui

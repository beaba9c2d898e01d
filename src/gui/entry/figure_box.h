// SPDX-License-Identifier: GPL-3.0-or-later
// A dialog of figures and choices over Ok and Cancel.
#pragma once
#include <QDialog>
#include <QDialogButtonBox>

#include "gui/entry/rows.h"

namespace wp::gui {

/// The figures are the caller's own: they hold what was typed once ask says true.
class FigureBox : public QDialog {
 public:
    FigureBox(QWidget* parent, const QString& title) : QDialog(parent), form_(new QFormLayout(this)) {
        setWindowTitle(title);
    }
    void number(const QString& title, double& value, Unit unit, const char* name) {
        auto* f = new NumberField(value, unit, [&value](double v) { value = v; });
        f->setObjectName(QString::fromLatin1(name));
        form_->addRow(title, f);
    }
    QComboBox* choice(const QString& title, const QStringList& words, const char* name) {
        auto* box = new QComboBox;
        box->addItems(words);
        box->setObjectName(QString::fromLatin1(name));
        form_->addRow(title, box);
        return box;
    }
    void text(const QString& words) {
        auto* l = label(words, "small");
        l->setMinimumWidth(300);
        form_->addRow(l);
    }
    bool ask() {
        auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
        form_->addRow(buttons);
        connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
        connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
        if (exec() != QDialog::Accepted) return false;
        // Ok counts what was typed last, whoever had the focus.
        for (auto* field : findChildren<NumberField*>()) emit field->editingFinished();
        return true;
    }

 private:
    QFormLayout* form_;
};

}  // namespace wp::gui

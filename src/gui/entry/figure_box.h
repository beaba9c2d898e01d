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
    /// Rows from here on belong together until the next part begins; shown says whether they count now.
    void begin_part(std::function<bool()> shown) { parts_.push_back({form_->rowCount(), std::move(shown)}); }
    /// Hides the parts that do not count, and makes the box as high as the rest.
    void show_parts() {
        for (size_t i = 0; i < parts_.size(); ++i) {
            const int to = i + 1 < parts_.size() ? parts_[i + 1].from : rows_;
            for (int row = parts_[i].from; row < to; ++row) form_->setRowVisible(row, parts_[i].shown());
        }
        adjustSize();
    }
    bool ask() {
        rows_ = form_->rowCount();
        show_parts();
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
    struct Part {
        int from;
        std::function<bool()> shown;
    };
    QFormLayout* form_;
    std::vector<Part> parts_;
    int rows_ = 0;  // before the buttons
};

}  // namespace wp::gui

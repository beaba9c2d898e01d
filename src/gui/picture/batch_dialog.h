// SPDX-License-Identifier: GPL-3.0-or-later
// Asks which pictures are to be taken together: places, directions, days and hours, options.
#pragma once
#include <QCheckBox>
#include <QComboBox>
#include <QDialog>
#include <QDialogButtonBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <optional>
#include <vector>

#include "gui/document/document.h"

namespace wp::gui {

class BatchDialog : public QDialog {
    Q_OBJECT
 public:
    /// one: the picture as it is taken now, with its lens, sky and blinds. seconds: what such a picture takes.
    BatchDialog(QWidget* parent, const Document& document, const model::Question& one, double seconds);

    /// What is asked as it is filled in; a fault says what is missing.
    Result<model::Question> question() const;
    /// Indices of the chosen options.
    std::vector<size_t> options() const;
    /// Whether the question is to stay in the project.
    bool is_kept() const { return keep_->isChecked(); }

 private:
    QListWidget* list(const char* name, const QString& title);
    Result<std::vector<climate::Moment>> moments() const;
    void tell();

    const Document& document_;
    model::Question one_;
    double seconds_;
    QListWidget *places_ = nullptr, *days_ = nullptr, *options_ = nullptr;
    QComboBox* directions_ = nullptr;
    QLineEdit* hours_ = nullptr;
    QCheckBox* keep_ = nullptr;
    QLabel* told_ = nullptr;
    QDialogButtonBox* buttons_ = nullptr;
};

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// All options of the project: their order, names and notes; copied, begun anew, taken out. Every change is a step of
// its own that can be undone.
#pragma once
#include <QCheckBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>

#include "gui/document/document.h"

namespace wp::gui {

class OptionsDialog : public QDialog {
    Q_OBJECT
 public:
    OptionsDialog(Document& document, QWidget* parent);

 private:
    void build_fields(class QBoxLayout& column);
    void build_buttons(class QBoxLayout& column);
    void list_options();
    void show_option();
    void keep_words();
    size_t current() const;
    /// change: gives the index to go to.
    void run(const QString& step, const std::function<size_t(model::Project&)>& change);
    QString free_name(const QString& wish) const;

    Document& document_;
    QListWidget* list_;
    QLineEdit* name_;
    QPlainTextEdit* note_;
    QCheckBox* archived_;
    QLabel* about_;
    QPushButton *up_, *down_, *remove_;
    bool filling_ = false;
};

}  // namespace wp::gui

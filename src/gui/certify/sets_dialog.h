// SPDX-License-Identifier: GPL-3.0-or-later
// Which criteria sets a project answers to; copies of them, and sets of one's own, kept in the project and exchanged as
// files.
#pragma once
#include <QComboBox>
#include <QDialog>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>

#include "gui/document/document.h"
#include "rule/criteria.h"

namespace wp::gui {

class SetsDialog : public QDialog {
    Q_OBJECT
 public:
    SetsDialog(Document& document, QWidget* parent);

 private:
    void show_list();
    void show_set();
    void take(const QListWidgetItem& item);
    std::optional<rule::CriteriaSet> current() const;
    bool is_own() const;
    void edit(rule::CriteriaSet set);
    void keep(const rule::CriteriaSet& set);
    void copy_set();
    void remove_set();
    void import_set();
    void export_set();
    void check_set();
    Document& document_;
    QListWidget* list_;
    QLabel *about_, *fault_;
    QPushButton *copy_, *edit_, *remove_, *export_, *check_;
    QComboBox* former_;
};

}  // namespace wp::gui

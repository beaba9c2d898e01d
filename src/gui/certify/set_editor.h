// SPDX-License-Identifier: GPL-3.0-or-later
// A criteria set of one's own: its criteria, and for each what is measured, where, in which hours, on which plane, and
// what is needed.
#pragma once
#include <QDialog>
#include <QFormLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>

#include "rule/criteria.h"

namespace wp::gui {

class SetEditor : public QDialog {
    Q_OBJECT
 public:
    SetEditor(rule::CriteriaSet set, QWidget* parent);
    const rule::CriteriaSet& result_set() const { return set_; }

 private:
    void show_list();
    void show_form();
    void check();
    void add_criterion();
    void remove_criterion();
    void move_criterion(int by);
    void add_level();
    void remove_level();
    rule::CriteriaSet set_;
    int row_ = -1;  // criterion; -1: the set itself
    QListWidget* list_;
    QScrollArea* scroll_;
    QLabel* fault_;
    QPushButton *keep_, *remove_, *up_, *down_, *more_levels_, *fewer_levels_;
};

}  // namespace wp::gui

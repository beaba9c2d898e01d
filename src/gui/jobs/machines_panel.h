// SPDX-License-Identifier: GPL-3.0-or-later
// Who makes jobs: this program alone, so many processes on this machine, or the hosts of a list.
#pragma once
#include <QCheckBox>
#include <QDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QRadioButton>
#include <QSpinBox>
#include <QTreeWidget>

#include "gui/work/behind.h"
#include "gui/work/many_machines.h"

namespace wp::gui {

class MachinesPanel : public QDialog {
    Q_OBJECT
 public:
    explicit MachinesPanel(QWidget* parent = nullptr);

 private:
    void build_choice(QBoxLayout& column);
    void build_hosts(QBoxLayout& column);
    void build_trial(QBoxLayout& column);
    ManyMachines shown() const;
    void choose();
    void choose_file();
    void refresh();
    void try_them();

    QRadioButton *alone_, *here_, *elsewhere_;
    QSpinBox* processes_;
    QLineEdit* file_;
    QPushButton *open_, *try_;
    QTreeWidget* hosts_;
    QLabel *wrong_, *answer_;
    Behind<ManyMachines, QString> trial_;
};

/// The one above a window, made where it is not there yet.
void show_machines(QWidget& above);

}  // namespace wp::gui

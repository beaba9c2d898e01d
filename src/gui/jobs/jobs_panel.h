// SPDX-License-Identifier: GPL-3.0-or-later
// The queue of jobs: what runs, what waits, and the answers that are kept beside the project.
#pragma once
#include <QDialog>
#include <QLabel>
#include <QPushButton>
#include <QTreeWidget>

#include "gui/answers/asker.h"

namespace wp::gui {

class JobsPanel : public QDialog {
    Q_OBJECT
 public:
    JobsPanel(Document& document, Asker& asker, QWidget* parent = nullptr);

 private:
    void refresh();
    void refresh_kept();
    int chosen() const;
    Document& document_;
    Asker& asker_;
    QTreeWidget *jobs_, *kept_;
    QLabel *none_, *file_;
    QPushButton *up_, *down_, *pause_, *cancel_, *forget_;
    bool filling_ = false;
};

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// Which option was chosen, and why: kept in the project, and told in its report.
#pragma once
#include <QComboBox>
#include <QDialog>
#include <QLineEdit>
#include <QPlainTextEdit>

#include "gui/document/document.h"

namespace wp::gui {

class DecisionDialog : public QDialog {
    Q_OBJECT
 public:
    /// suggestion: what speaks for the option that is shown, in words; offered as reasons where there are none yet.
    DecisionDialog(Document& document, const QString& suggestion, QWidget* parent);

 private:
    void keep(bool decided);
    Document& document_;
    QComboBox* option_;
    QPlainTextEdit* reasons_;
    QLineEdit *by_, *day_;
};

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// The model check that follows the hand's work after a short pause: marks on the sheet, a button with the count, the
// list beside.
#pragma once
#include <QPushButton>
#include <QTimer>
#include <vector>

#include "check/check.h"
#include "gui/check/check_view.h"
#include "gui/desk/desktop.h"

namespace wp::gui {

class ModelCheck : public QObject {
    Q_OBJECT
 public:
    ModelCheck(Desktop& desktop, CheckView& view);

    /// Faults of the option as it is, what is only assumed left out.
    std::vector<check::ModelFault> faults();
    /// Shows how many there are, and goes to the list.
    QPushButton* button() const { return button_; }

 private:
    void look();
    void show(const check::ModelFault& fault);
    void mend(const check::ModelFault& fault);
    void mend_all();

    Desktop& desktop_;
    CheckView& view_;
    QPushButton* button_;
    std::vector<check::ModelFault> found_;
    QTimer pause_;
};

/// The list of faults, with the check that fills it.
Page check_companion(Desktop& desktop);

}  // namespace wp::gui

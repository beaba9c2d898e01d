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
#include "gui/work/behind.h"

namespace wp::gui {

class ModelCheck : public QObject {
    Q_OBJECT
 public:
    ModelCheck(Desktop& desktop, CheckView& view);

    /// Faults that were found last, what is only assumed left out.
    std::vector<check::ModelFault> faults() const;
    /// Whether the option may have others by now: they are being looked for.
    bool is_looking() const { return pause_.isActive() || asked_ > answered_; }
    /// Shows how many there are, and goes to the list.
    QPushButton* button() const { return button_; }

 private:
    // What is looked at, in the background.
    struct Looked {
        std::shared_ptr<const model::Project> project;
        size_t option = 0;
        bool blinds_wanted = false;
        std::shared_ptr<const climate::WeatherYear> weather;
        bool mends = false;  ///< all that can be
    };
    struct Found {
        Looked at;
        std::vector<check::ModelFault> faults;
        std::shared_ptr<const model::Project> mended;
    };
    static Found find(const Looked& at);
    void look(bool mends = false);
    void keep(const Found& found);
    void show_found();
    void show(const check::ModelFault& fault);
    void mend(const check::ModelFault& fault);
    void take_mended(const Found& found);

    Desktop& desktop_;
    CheckView& view_;
    QPushButton* button_;
    std::vector<check::ModelFault> found_;
    QTimer pause_;
    int asked_ = 0, answered_ = 0;
    Behind<Looked, Found> looker_;
};

/// The list of faults, with the check that fills it.
Page check_companion(Desktop& desktop);

}  // namespace wp::gui

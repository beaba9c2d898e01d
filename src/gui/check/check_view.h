// SPDX-License-Identifier: GPL-3.0-or-later
// The model check as a page: each fault with a jump to its place and a mend where one is safe; below, what is only
// assumed.
#pragma once
#include <QScrollArea>

#include "check/check.h"
#include "gui/document/document.h"

namespace wp::gui {

class CheckView : public QScrollArea {
    Q_OBJECT
 public:
    explicit CheckView(Document& document, QWidget* parent = nullptr);
    void show_faults(const std::vector<check::ModelFault>& faults);

 signals:
    void wanted(const wp::check::ModelFault& fault);
    void mend_wanted(const wp::check::ModelFault& fault);
    void mend_all_wanted();

 private:
    Document& document_;
    std::string shown_;
};

}  // namespace wp::gui

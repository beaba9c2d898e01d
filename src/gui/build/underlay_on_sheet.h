// SPDX-License-Identifier: GPL-3.0-or-later
// A drawing laid under the storey, to be traced.
#pragma once
#include "gui/desk/desktop.h"

namespace wp::gui {

class UnderlayOnSheet : public QObject {
    Q_OBJECT
 public:
    explicit UnderlayOnSheet(Desktop& desktop);

    /// Lays a picture or PDF under the storey that is drawn, ready to be scaled; says why where it cannot.
    void lay(const QString& file);

 private:
    void choose();
    void renew();

    Desktop& desktop_;
    std::pair<std::string, int> shown_;
};

}  // namespace wp::gui

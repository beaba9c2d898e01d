// SPDX-License-Identifier: GPL-3.0-or-later
// The next click is what an observer looks at.
#pragma once
#include "gui/sheet/sheet.h"

namespace wp::gui {

class AimTool : public SheetTool {
    Q_OBJECT
 public:
    explicit AimTool(Sheet& sheet);
    void take_up_for(const model::Id& observer);
    QString hint() const override;
    void press(const Pointing& pointing) override;

 private:
    model::Id observer_;
};

}  // namespace wp::gui

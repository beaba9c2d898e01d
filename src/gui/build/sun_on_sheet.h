// SPDX-License-Identifier: GPL-3.0-or-later
// Sun and shade at the moment of the clock, on the sheet and in the model, while they are wanted.
#pragma once
#include "gui/answers/sun_shade.h"
#include "gui/companion/model_view.h"
#include "gui/desk/desktop.h"

namespace wp::gui {

class SunOnSheet : public QObject {
    Q_OBJECT
 public:
    explicit SunOnSheet(Desktop& desktop);

 private:
    void renew();
    void show(const question::SunPatches& patches, double altitude);
    ModelView& model() const { return desktop_.part<ModelView>(); }

    Desktop& desktop_;
    SunShade worker_;
    bool wanted_ = false;
};

}  // namespace wp::gui

// SPDX-License-Identifier: GPL-3.0-or-later
// A material by wavelength: its curve beside those of the eye, and what it looks like under other lights.
#pragma once
#include <QWidget>

#include "model/material.h"
#include "spectrum/spectrum.h"

namespace wp::gui {

class SpectrumView : public QWidget {
    Q_OBJECT
 public:
    explicit SpectrumView(const model::Material& material, QWidget* parent = nullptr);
    QSize sizeHint() const override { return {260, 168}; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    spectrum::Spectrum matter_;
    bool is_cut_ = false;  // its figure is more than its colour allows
};

}  // namespace wp::gui

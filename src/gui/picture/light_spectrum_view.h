// SPDX-License-Identifier: GPL-3.0-or-later
// The spectrum of what is pointed at in a picture by wavelength, beside the curves of the eye, and its figures.
#pragma once
#include <QWidget>
#include <memory>
#include <optional>

#include "question/spectral_picture.h"

namespace wp::gui {

class LightSpectrumView : public QWidget {
    Q_OBJECT
 public:
    explicit LightSpectrumView(QWidget* parent = nullptr);
    /// picture may be null. pixel: none: nothing is pointed at.
    void show_light(std::shared_ptr<const question::SpectralPicture> picture, std::optional<size_t> pixel);
    QSize sizeHint() const override { return {300, 150}; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    std::shared_ptr<const question::SpectralPicture> picture_;
    std::optional<size_t> pixel_;
};

}  // namespace wp::gui

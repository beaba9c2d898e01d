// SPDX-License-Identifier: GPL-3.0-or-later
// What a picture says in figures: how it was taken, its indices of glare, its sources, how often each value occurs, the
// region that was dragged out.
#pragma once
#include <QLabel>
#include <QTableWidget>
#include <QWidget>

#include "gui/picture/light_spectrum_view.h"
#include "gui/picture/picture_view.h"

namespace wp::gui {

/// How often each value occurs, on the picture's scale.
class HistogramView : public QWidget {
 public:
    explicit HistogramView(QWidget* parent = nullptr);
    void show_picture(const light::Picture& picture, const report::Scale& scale);

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    std::vector<double> shares_;
    report::Scale scale_;
    double low_ = 1, high_ = 10;
};

class PictureFacts : public QWidget {
    Q_OBJECT
 public:
    explicit PictureFacts(QWidget* parent = nullptr);
    void show_answer(const question::GlareAnswer& answer, const report::Scale& scale, bool settling);
    /// Of a picture by wavelength: the light at a pixel.
    void show_light(const question::GlareAnswer& answer, std::optional<size_t> pixel);
    void show_region(const question::GlareAnswer& answer, const question::PictureRegion& region);

 private:
    void fill_sources(const question::GlareAnswer& answer);
    void fill_indices(const question::GlareAnswer& answer);

    QLabel *facts_, *region_;
    HistogramView* histogram_;
    LightSpectrumView* light_;
    QTableWidget *sources_, *indices_;
};

}  // namespace wp::gui

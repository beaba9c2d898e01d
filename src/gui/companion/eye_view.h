// SPDX-License-Identifier: GPL-3.0-or-later
// What an observer sees: the luminance picture with its figures, reading luminance under the pointer.
#pragma once
#include <QComboBox>
#include <QToolButton>
#include <QWidget>

#include "gui/answers/live_eye.h"
#include "gui/desk/page.h"
#include "gui/document/document.h"
#include "report/picture_image.h"

namespace wp::gui {

class EyeView : public QWidget {
    Q_OBJECT
 public:
    EyeView(Document& document, const KeptAnswers& kept, LiveEye& eye, QWidget* parent = nullptr);

 signals:
    /// The picture in a window of its own, with all that can be done to it.
    void large_wanted();

 protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    double below_list() const;
    QRectF frame() const;
    report::PictureStyle style() const;
    void draw_figures(QPainter& painter, const question::GlareAnswer& glare, double y);
    void draw_reading(QPainter& painter, const light::Picture& picture, const QRectF& frame);
    std::shared_ptr<const question::GlareAnswer> answer() const;

    Document& document_;
    const KeptAnswers& kept_;
    LiveEye& eye_;
    void fill_scenes();
    QToolButton* large_;
    QComboBox* scene_;
    QImage image_;
    const question::GlareAnswer* drawn_ = nullptr;
    QPointF pointer_{-1, -1};
};

Page eye_companion(Desktop& desktop);

}  // namespace wp::gui

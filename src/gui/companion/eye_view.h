// SPDX-License-Identifier: GPL-3.0-or-later
// What an observer sees: the luminance picture with its figures, reading luminance under the pointer.
#pragma once
#include <QWidget>

#include "gui/answers/live_eye.h"
#include "gui/desk/page.h"
#include "gui/document/document.h"

namespace wp::gui {

class EyeView : public QWidget {
    Q_OBJECT
 public:
    EyeView(Document& document, const KeptAnswers& kept, LiveEye& eye, QWidget* parent = nullptr);

 protected:
    void showEvent(QShowEvent*) override;
    void hideEvent(QHideEvent*) override;
    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    QRectF circle() const;
    std::shared_ptr<const question::GlareAnswer> answer() const;

    Document& document_;
    const KeptAnswers& kept_;
    LiveEye& eye_;
    QImage image_;
    const question::GlareAnswer* drawn_ = nullptr;
    QPointF pointer_{-1, -1};
};

Page eye_companion(Desktop& desktop);

}  // namespace wp::gui

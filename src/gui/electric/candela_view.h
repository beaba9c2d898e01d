// SPDX-License-Identifier: GPL-3.0-or-later
// The light of a luminaire by direction: its two main planes as curves around it, and all of it as a body that can be
// turned.
#pragma once
#include <QWidget>
#include <optional>

#include "photometry/distribution.h"

namespace wp::gui {

class CandelaView : public QWidget {
    Q_OBJECT
 public:
    explicit CandelaView(QWidget* parent = nullptr);
    void show_type(const model::LuminaireType& type);
    /// Degrees that the body is turned about the vertical.
    double turned() const { return turn_; }

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    QRectF curves_box() const;
    QRectF body_box() const;
    void paint_curves(QPainter& painter) const;
    void paint_body(QPainter& painter) const;

    std::optional<photometry::Distribution> light_;
    double turn_ = 30, grabbed_at_ = 0, grabbed_turn_ = 0;
};

}  // namespace wp::gui

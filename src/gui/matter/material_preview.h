// SPDX-License-Identifier: GPL-3.0-or-later
// What a material does, at a glance: a pane by the angle of the light, slats by the height of the sun, a surface as a
// lit ball.
#pragma once
#include <QWidget>
#include <optional>

#include "model/material.h"

namespace wp::gui {

class MaterialPreview : public QWidget {
    Q_OBJECT
 public:
    explicit MaterialPreview(QWidget* parent = nullptr);
    void show_material(std::optional<model::Material> material);
    QSize sizeHint() const override { return {260, 132}; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    void draw_pane(QPainter& painter, const model::Material& m) const;
    void draw_slats(QPainter& painter, const model::Material& m) const;
    void draw_fabric(QPainter& painter, const model::Material& m) const;
    void draw_ball(QPainter& painter, const model::Material& m) const;
    std::optional<model::Material> material_;
};

}  // namespace wp::gui

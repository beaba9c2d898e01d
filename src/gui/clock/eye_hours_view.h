// SPDX-License-Identifier: GPL-3.0-or-later
// Melanopic light at an eye: the day of the clock by the hour, beside the illuminance on one scale, and the year, day
// by hour.
#pragma once
#include <QWidget>
#include <optional>
#include <vector>

#include "climate/calendar.h"
#include "report/plan.h"

namespace wp::gui {

class EyeHoursView : public QWidget {
    Q_OBJECT
 public:
    explicit EyeHoursView(QWidget* parent = nullptr);
    struct Light {
        std::vector<float> melanopic, lux;  ///< 8760; empty: nothing is known
        double level = 0;                   ///< that is asked for, lx
        int day = 0;                        ///< of the year, from 0
    };
    void show_light(Light light);
    const Light& light() const { return light_; }
    QSize sizeHint() const override { return {300, 360}; }

 signals:
    /// A day of the year was pressed.
    void day_pressed(int day);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void leaveEvent(QEvent*) override;

 private:
    QRectF day_area() const;
    QRectF year_area() const;
    int day_at(QPointF at) const;
    void paint_day(QPainter& painter) const;
    void paint_year(QPainter& painter) const;
    Light light_;
    QPointF pointer_{-1, -1};
};

}  // namespace wp::gui

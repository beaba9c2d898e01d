// SPDX-License-Identifier: GPL-3.0-or-later
// Curves of light along a line, with the building cut along it drawn below on the same scale.
#pragma once
#include "geometry/elevation.h"
#include "question/profile.h"
#include "report/plan.h"

namespace wp::report {

struct Curve {
    QString name;
    std::vector<question::ProfilePoint> points;
    bool stale = false;
    bool main = false;  ///< the one the others stand beside
};

struct ProfileChart {
    std::vector<Curve> curves;
    Scale scale;  ///< ends and whether logarithmic
    QString unit;
    MapMarks marks;
    std::vector<LegendMark> usual;
    double length = 1;                           ///< of the line, m
    const geometry::Section* section = nullptr;  ///< along the line, x = 0 at its begin
    const model::Option* option = nullptr;
};

/// Where things lie on the paper.
struct ProfileFrame {
    QRectF plot, below;           ///< of the curves; of the section, under it
    double left = 0, pixels = 1;  ///< x of the line's begin; pixels a metre
    double x(double along) const { return left + along * pixels; }
    double along(double x_) const { return (x_ - left) / pixels; }
    QPointF at(const ProfileChart& chart, double along, double value) const;
};
ProfileFrame profile_frame(const ProfileChart& chart, QRectF area);
void draw_profile(QPainter& painter, const ProfileChart& chart, const Ink& ink, QRectF area);
/// One line a distance, one column a curve and its half-width.
std::string profile_csv(const std::vector<Curve>& curves, const QString& unit);

}  // namespace wp::report

// SPDX-License-Identifier: GPL-3.0-or-later
// The sky as it is seen from a point: its luminance, what stands before it, and the sun's paths.
#pragma once
#include <QPainter>
#include <optional>
#include <vector>

#include "climate/sun.h"
#include "question/outdoors.h"
#include "question/sky_view.h"
#include "report/plan.h"

namespace wp::report {

enum class SkyProjection { equidistant, stereographic, unrolled };

/// Directions to places on paper and back. North is up, east to the left as one looks up, but drawn to the right as on
/// a map: the dome is laid down on the plan. Unrolled: north at both ends, south in the middle.
class SkyFrame {
 public:
    SkyFrame(SkyProjection projection, QRectF area);
    QPointF place(double azimuth, double altitude) const;
    struct Direction {
        double azimuth, altitude;
    };
    /// Nothing outside the dome.
    std::optional<Direction> direction(QPointF at) const;
    bool is_round() const { return projection_ != SkyProjection::unrolled; }
    QPointF centre() const { return centre_; }
    double radius() const { return radius_; }
    QRectF box() const { return box_; }
    /// Radius, as a share, at which an altitude is drawn.
    double ring(double altitude) const;

 private:
    SkyProjection projection_;
    QPointF centre_;
    double radius_ = 1;
    QRectF box_;
};

/// A day's path of the sun, and when what takes it away.
struct SunPath {
    int day = 0;
    std::vector<question::CutOff> stretches;
};

struct SkyScene {
    climate::Place place;
    double north = 0;                              ///< radians: azimuth of the model's +y
    std::optional<question::Outdoors> outdoors;    ///< luminance and sun of the moment; none: an even ground
    question::Dome dome;                           ///< empty: nothing stands in the way
    const geometry::Surfaces* surfaces = nullptr;  ///< of the dome
    std::vector<SunPath> paths;                    ///< days to be drawn; without stretches: all of it reaches the point
    std::vector<QString> path_names;
};

void draw_sky(QPainter& painter, const SkyScene& scene, SkyProjection projection, const Ink& ink, QRectF area);
/// Its colours: cd/m^2, logarithmic.
Scale sky_scale();

/// Days whose paths tell the year: the 21st of December to June.
std::vector<int> path_days();
QString path_name(int day);

}  // namespace wp::report

// SPDX-License-Identifier: GPL-3.0-or-later
// An answer painted on its plane, in plan, elevation or section: colours, contours, hatching, values.
#pragma once
#include <functional>

#include "geometry/contours.h"
#include "report/labels.h"
#include "report/plan.h"

namespace wp::report {

/// Where a place of the model is on the paper; must be affine over the plane.
using OnPaper = std::function<QPointF(Vec3)>;

/// labels: where something is written; values go where nothing is.
void draw_layer(QPainter& painter, const MapLayer& layer, const Scale& scale, const MapMarks& marks,
                const OnPaper& on_paper, const Ink& ink, Labels& labels);

/// Lines of equal value at a scale's marks, with their values where labels leave room. on_paper: where a place of the
/// lattice is.
void draw_contours(QPainter& painter, const geometry::Lattice& lattice, const Scale& scale,
                   const std::function<QPointF(Vec2)>& on_paper, const Ink& ink, Labels& labels);

/// Fits the plane's values into an image of its cells, missing ones taken from their neighbours. The first line is the
/// last row.
QImage map_image(const MapLayer& layer, const Scale& scale);

/// Figures of a layer as they are told beside a room.
struct LayerFigures {
    double mean = 0, median = 0, least = 0, most = 0, uniformity = 0;
    std::optional<double> share;  ///< of its area at or above the level, where one is set; 0 to 1
    double within = 1;            ///< share of its area within the band
    size_t points = 0;
};
LayerFigures figures_of(const MapLayer& layer, const MapMarks& marks);
/// Two lines: mean and median; least, uniformity and the share above the level.
QStringList figure_lines(const LayerFigures& figures, const MapMarks& marks, const QString& unit);

}  // namespace wp::report

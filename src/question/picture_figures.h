// SPDX-License-Identifier: GPL-3.0-or-later
// What a picture says in figures: of regions, of the task and what is around it, of how often each luminance occurs.
#pragma once
#include <optional>
#include <vector>

#include "light/picture.h"
#include "metric/glare_sources.h"

namespace wp::question {

/// Of the picture's plane, in pixels.
struct PictureRegion {
    enum class Shape { all, rectangle, circle };
    Shape shape = Shape::all;
    /// rectangle: two opposite corners. circle: its middle, and a place on its edge.
    light::PicturePlace a, b;
    bool holds(const light::PicturePlace& place) const;
};

struct RegionFigures {
    double mean = 0;  ///< by solid angle; of parallel rays by area
    double least = 0, most = 0;
    double solid_angle = 0;  ///< sr; parallel rays: nought
    size_t pixels = 0;
    double log_mean = 0;  ///< geometric mean of what is not dark
};
/// Without suns. Nought where no pixel lies in it.
RegionFigures figures_of(const light::Picture& picture, const PictureRegion& region = {});

/// The value of the pixel at a place; none outside the picture.
std::optional<double> value_at(const light::Picture& picture, const light::PicturePlace& place);

/// Luminance of the task's zone, of a surround of twice its angle across, and of the rest of the picture: how
/// they stand to each other is what people adapt to.
struct TaskRatios {
    double task = 0, surround = 0, background = 0;  ///< cd/m^2; nought: it is not in the picture
};
/// zone: of the rule, in the eye's axes. Not of parallel rays.
TaskRatios task_ratios(const light::Picture& picture, const metric::SourceRule& rule);

/// Shares of the picture by value, in steps that are even in the logarithm from low to high; what is beyond counts at
/// the ends.
std::vector<double> histogram(const light::Picture& picture, double low, double high, size_t steps);

/// a - b where both are of one lens and size; none where not.
std::optional<light::Picture> difference(const light::Picture& a, const light::Picture& b);

}  // namespace wp::question

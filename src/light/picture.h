// SPDX-License-Identifier: GPL-3.0-or-later
// What an eye sees: luminance over the hemisphere in front of it, in equidistant projection (the angle from the line of
// sight grows evenly with the distance from the picture's middle; 90 degrees at the rim).
#pragma once
#include <vector>

#include "base/progress.h"
#include "light/daylight.h"
#include "light/lens.h"
#include "light/scene.h"
#include "light/trail.h"

namespace wp::light {

/// An eye in a space.
struct Eye : Pose {
    int space = geometry::kOutdoors;
};
/// heading and altitude in radians; heading clockwise from +y.
Eye make_eye(Vec3 at, double heading, double altitude, int space);

struct Picture {
    int size = 0;                  ///< width and height in pixels
    std::vector<float> luminance;  ///< cd/m^2, row 0 on top; 0 outside the circle. The sun's disc is not drawn in
    double sun_normal_lux = 0;     ///< direct sun that reaches the eye, normal to the beam
    Vec3 sun{0, 0, -1};
    double relative_half_width = 0;  ///< 95 %, of the vertical illuminance without the disc
    double sky_vertical_lux = 0;     ///< vertical illuminance without the disc: sum over the pixels
    uint32_t samples = 0;            ///< of each pixel
    /// The same picture of every kParts-th sample, each alone: what they differ by is what chance leaves.
    static constexpr size_t kParts = 8;
    std::vector<std::vector<float>> parts;
    Tally tally;
};

/// Direction through the middle of a pixel (or a place in it), and the solid angle of the pixel; false outside the
/// circle.
bool pixel_direction(const Eye& eye, int size, double x, double y, Vec3& direction, double& solid_angle);

/// Vertical illuminance at the eye that a picture gives, lux: the sum over its pixels.
double vertical_illuminance(const std::vector<float>& luminance, int size);

/// Traces until the vertical illuminance's relative half-width is at most accuracy, and at least a handful of samples
/// stand in every pixel.
Picture trace_picture(const Scene& scene, const Eye& eye, const Daylight& daylight, int size, double accuracy,
                      unsigned seed, const Cancel& cancel, const Progress& progress);

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
// How a picture is drawn of what is seen: which ray goes through a place of the picture, how much of the sphere a pixel
// takes, and where in the picture a direction is.
#pragma once
#include <optional>

#include "base/vec.h"

namespace wp::light {

struct Lens {
    enum class Kind {
        hemisphere,   ///< equidistant: the angle from the line of sight grows evenly from the middle; 90 degrees at the
                      ///< rim
        sphere,       ///< all around: azimuth along, altitude upwards, both even; twice as wide as high
        perspective,  ///< as on a plane before the eye
        parallel,     ///< rays side by side: plans, elevations, axonometries
    };
    Kind kind = Kind::hemisphere;
    int width = 0, height = 0;  ///< pixels
    double field = kPi / 2;     ///< perspective: angle seen across, radians, below pi
    double across = 10;         ///< parallel: metres seen across
};

/// Where one looks from and along: position, line of sight, the picture's vertical; unit, at right angles.
struct Pose {
    Vec3 at, forward{0, 1, 0}, up{0, 0, 1};
    Vec3 right() const { return cross(forward, up); }
};

/// x to the right and y downwards, in pixels.
struct PicturePlace {
    double x = 0, y = 0;
};

struct LensRay {
    Vec3 from, along;        ///< along: unit
    double solid_angle = 0;  ///< of a pixel there, sr; parallel: nought
    double cosine = 1;       ///< between it and the line of sight
};

/// None outside the picture's circle.
std::optional<LensRay> ray_at(const Lens& lens, const Pose& pose, const PicturePlace& place);
/// Where a direction of the sphere, or for parallel rays a point of space, is seen; none where it is not in the
/// picture.
std::optional<PicturePlace> place_of(const Lens& lens, const Pose& pose, const Vec3& direction_or_point);

}  // namespace wp::light

// SPDX-License-Identifier: GPL-3.0-or-later
// What a venetian blind does with light, by the geometry of its slats: flat, thin, without end, perfectly diffuse, the
// same on both faces. Light in the plane square to the slats is all that counts: the profile angle.
#pragma once
#include <vector>

namespace wp::light {

/// Shares of the light that falls onto the blind's plane; what is left of 1 is absorbed.
struct SlatAnswer {
    double direct = 0;   ///< passes between the slats unchanged
    double through = 0;  ///< leaves on the other side, scattered
    double back = 0;     ///< leaves on the side it came from, scattered
};

class SlatCurve {
 public:
    /// Width and spacing in metres; tilt in degrees from square to the blind, the outer edge down (positive) or up;
    /// reflectance of the faces, 0 to 1.
    SlatCurve(double width, double spacing, double tilt, double reflectance);

    /// Light that comes from outside out of a profile angle: radians above the horizontal, -pi/2 to pi/2. Flat slats
    /// look the same when turned upside down, so that light from inside that goes up is answered as light from outside
    /// that comes down.
    SlatAnswer exact(double profile) const;
    /// The same from a table in steps of half a degree. tangent of the profile angle.
    SlatAnswer at(float tangent) const;
    /// Profile angle above which no light passes directly, radians: width (sin tilt + cos tilt tan angle) = spacing.
    double cut_off() const;

 private:
    void solve_exchange();
    double direct(double tangent) const;
    double width_, spacing_, tilt_, reflectance_;
    // For each strip of a slat's upper face, then of the lower face of the slat above: what of light that first falls
    // on it leaves through the outer and the inner side, after all exchange.
    std::vector<double> to_outside_, to_inside_;
    std::vector<SlatAnswer> table_;
};

}  // namespace wp::light

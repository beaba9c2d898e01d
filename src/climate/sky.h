// SPDX-License-Identifier: GPL-3.0-or-later
// Luminance of the sky as a function of direction.
#pragma once
#include <algorithm>
#include <array>
#include <cmath>

#include "base/vec.h"

namespace wp::climate {

/// The five numbers of a standard sky's gradation and indicatrix.
struct SkyShape {
    double a, b, c, d, e;
};

/// The fifteen general skies of ISO 15469:2004 / CIE S 011, type 1 to 15.
const SkyShape& cie_shape(int type);

/// Relative luminance of a general sky (1 at no particular place): phi(Z) f(chi). cos_zenith is clamped to the horizon;
/// cos_sun is the cosine of the angle to the sun.
double relative_luminance(const SkyShape& shape, double cos_zenith, double cos_sun);

class Indicatrix;

/// A whole sky: luminance in cd/m^2 for any upward direction, without the sun's disc.
class Sky {
 public:
    /// One of the 16 types of CIE S 011 (16: the traditional overcast sky), scaled to carry diffuse_lux on the
    /// horizontal.
    static Sky cie(int type, double diffuse_lux, Vec3 sun, int rings = 400);
    /// Luminance the same everywhere.
    static Sky uniform(double diffuse_lux);
    /// All-weather sky of Perez, Seals and Michalsky, Solar Energy 50 (1993) 235-245, scaled to carry diffuse_lux.
    /// clearness and brightness as in that paper.
    /// rings: of the quadrature it is scaled with; 64 is good to 0.1 % for a year of them.
    static Sky all_weather(double clearness, double brightness, double diffuse_lux, Vec3 sun, int rings = 64);

    /// cd/m^2 towards a unit direction; 0 below the horizon.
    double luminance(Vec3 direction) const;
    double diffuse_lux() const { return diffuse_lux_; }
    /// Luminance is what the height makes of it, cd/m^2, times what the angle to the sun does.
    double by_height(double cos_zenith) const;
    Indicatrix by_angle() const;
    Vec3 sun() const { return sun_; }

 private:
    enum class Kind { general, overcast, uniform };
    Sky(Kind kind, SkyShape shape, double diffuse_lux, Vec3 sun, int rings);
    Kind kind_;
    SkyShape shape_;
    double diffuse_lux_, scale_ = 1;
    Vec3 sun_;
};

/// What the angle to the sun makes of a sky's luminance, tabulated by the sine of half the angle, in which it is
/// smooth: good to 1e-4 of it, and twenty times as fast where a sky is asked in thousands of directions.
class Indicatrix {
 public:
    explicit Indicatrix(const SkyShape& shape);
    double at(double cos_sun) const {
        const double s = std::sqrt(std::max(0.0, 0.5 - 0.5 * cos_sun)) * kSteps;
        const int i = s < kSteps ? static_cast<int>(s) : kSteps - 1;
        return table_[static_cast<size_t>(i)] +
               (s - i) * (table_[static_cast<size_t>(i) + 1] - table_[static_cast<size_t>(i)]);
    }

 private:
    static constexpr int kSteps = 1024;
    std::array<double, kSteps + 1> table_;
};

/// Clearness epsilon and brightness delta (Perez et al. 1990, 1993) from horizontal diffuse and normal direct
/// irradiance in W/m^2, the sun's zenith angle in radians and the extraterrestrial normal irradiance.
struct Clearness {
    double epsilon, delta;
    int bin;  ///< 0 to 7
};
Clearness clearness(double diffuse, double direct_normal, double zenith, double extraterrestrial);

/// Luminous efficacy in lm/W (Perez, Ineichen, Seals, Michalsky, Stewart, Solar Energy 44 (1990) 271-289).
/// dew_point in degrees Celsius.
double diffuse_efficacy(const Clearness& sky, double zenith, double dew_point);
double direct_efficacy(const Clearness& sky, double zenith, double dew_point);

}  // namespace wp::climate

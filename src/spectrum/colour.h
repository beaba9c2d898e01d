// SPDX-License-Identifier: GPL-3.0-or-later
// From spectra to colours: CIE XYZ, Lab, sRGB, colour difference, colour temperature, adaptation to another white.
#pragma once
#include <array>
#include <optional>
#include <string>

#include "spectrum/spectrum.h"

namespace wp::spectrum {

struct Xyz {
    double x = 0, y = 0, z = 0;
    bool operator==(const Xyz&) const = default;
};
struct Lab {
    double l = 0, a = 0, b = 0;
};
/// Shares of red, green, blue as screens have them, not clipped.
struct Srgb {
    double r = 0, g = 0, b = 0;
    bool is_shown() const;  ///< whether a screen can show it
    /// "#rrggbb", clipped.
    std::string hex() const;
};

/// Of light; y as luminous quantity over 683.
Xyz xyz_of_light(const Spectrum& light);
/// Of matter under a light, y from 0 to 1: its luminous reflectance or transmittance under it.
Xyz xyz_of_matter(const Spectrum& matter, const Spectrum& light);
/// The same share of D65: what a material's visible reflectance or transmittance is (EN 410: light transmittance).
double visible(const Spectrum& matter);

/// CIE 1976 L*a*b*, against a white of the same kind (ISO/CIE 11664-4).
Lab lab(const Xyz& colour, const Xyz& white);
Xyz xyz_of_lab(const Lab& colour, const Xyz& white);
/// CIEDE2000 colour difference (ISO/CIE 11664-6); about 1 is just seen.
double difference(const Lab& a, const Lab& b);
/// IEC 61966-2-1: of D65.
Srgb srgb(const Xyz& colour);
Xyz xyz_of_srgb(const Srgb& colour);
/// "#rrggbb"; none where it is no colour.
std::optional<Srgb> srgb_of_hex(const std::string& text);
/// What looks the same to an eye used to another white (CAT16: C. Li et al., Color Research and Application 42 (2017)
/// 703-718; complete adaptation).
Xyz adapted(const Xyz& colour, const Xyz& from_white, const Xyz& to_white);
/// How matter looks under a light to an eye used to that light, on a screen.
Srgb look_of(const Spectrum& matter, const Spectrum& light);

/// Correlated colour temperature and the distance from the Planckian locus in CIE 1960 u, v: above it (greenish) more
/// than nought. None without light, or farther off than 0.05, where the word has no sense (CIE 015:2018, clause 9.5).
struct ColourTemperature {
    double kelvin = 0, duv = 0;
};
std::optional<ColourTemperature> colour_temperature(const Xyz& light);

}  // namespace wp::spectrum

// SPDX-License-Identifier: GPL-3.0-or-later
// Spectra of light: daylight by its colour temperature, glowing bodies, and the CIE's illuminants. Relative: 100 at
// 560 nm, as tables have them.
#pragma once
#include <span>

#include "spectrum/spectrum.h"

namespace wp::spectrum {

/// CIE daylight of a correlated colour temperature, 4000 to 25 000 K; beyond that of the nearest end (CIE 015:2018,
/// clause 4.1.2).
Spectrum cie_daylight(double kelvin);
inline constexpr double kLeastDaylight = 4000, kMostDaylight = 25000;
/// A Planckian radiator (c2 = 1.4388e-2 m K).
Spectrum planckian(double kelvin);
/// A white LED of that colour temperature, made up: a narrow blue band (450 nm, 22 nm at half its height) and two broad
/// ones of phosphors (545 and 615 nm), in shares that have the chromaticity of the Planckian radiator, from 5000 K on
/// of daylight. 2200 to 8000 K; beyond that of the nearest end.
Spectrum white_led(double kelvin);
/// CIE D65: daylight at 6500 K x 1.4388 / 1.4380.
const Spectrum& d65();
/// CIE A: 2856 K.
const Spectrum& illuminant_a();

struct Illuminant {
    const char *id, *name;
    const Spectrum& (*spectrum)();
};
/// E, A, D50, D55, D65, D75, FL11.
std::span<const Illuminant> illuminants();

/// The same with an illuminance of 1 lx, in W/(m2 nm). Light without any stays as it is.
Spectrum of_one_lux(const Spectrum& light);

}  // namespace wp::spectrum

// SPDX-License-Identifier: GPL-3.0-or-later
// Of which colour the sky's parts and the sun are.
#pragma once
#include "spectrum/spectrum.h"

namespace wp::spectrum {

/// Correlated colour temperature of a part of a clear or partly clouded sky by its luminance, cd/m2: the darker the
/// bluer (C. Chain, D. Dumortier, M. Fontoynont, "A comprehensive model of luminance, correlated colour temperature and
/// spectral distribution of skylight", Solar Energy 65 (1999) 285-295; from memory). Held within 4000 and 25 000 K, the
/// range of CIE daylight.
double sky_temperature(double luminance);

/// The beam of a sun of an altitude in radians, relative: sunlight beyond the air, dimmed by molecules, a usual haze
/// (Angstrom turbidity 0.1, exponent 1.3) and ozone (0.34 cm) along the air that it passes (R. E. Bird, C. Riordan,
/// SERI/TR-215-2436, 1984; relative air mass after F. Kasten, A. T. Young, Applied Optics 28 (1989) 4735-4738). Bands
/// of water vapour and oxygen are left out. Below half a degree as at half a degree.
Spectrum sun_spectrum(double altitude);

}  // namespace wp::spectrum

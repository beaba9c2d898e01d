// SPDX-License-Identifier: GPL-3.0-or-later
// Panes in series, wavelength by wavelength, with all that goes to and fro between them (ISO 9050:2003, clause 5.3).
#pragma once
#include <span>

#include "spectrum/spectrum.h"

namespace wp::spectrum {

/// At normal incidence. front: the side that the light comes from outside.
struct Pane {
    Spectrum transmittance, reflectance_front, reflectance_back;
};
/// From outside inwards; none: nothing is there.
Pane in_series(std::span<const Pane> panes);

}  // namespace wp::spectrum

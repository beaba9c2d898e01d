// SPDX-License-Identifier: GPL-3.0-or-later
// How eyes answer to light by wavelength: the colour matching functions of the CIE 1931 standard observer, V and V',
// and the action spectra of the five opsins (CIE S 026:2018).
#pragma once
#include <string>

#include "spectrum/spectrum.h"

namespace wp::spectrum {

enum class Answer {
    x,
    y,  ///< V, photopic
    z,
    s_cone,
    m_cone,
    l_cone,
    rhodopic,  ///< V', scotopic (CIE 1951)
    melanopic,
};
inline constexpr size_t kAnswers = 8;

/// The curve at the steps. Sources: x, y, z CIE 018:2019 (CIE 1931); s_cone, m_cone, l_cone: the 10 degree cone
/// fundamentals of CIE 170-1:2006, found from the colour matching functions of CIE 170-2:2015 by its matrix; rhodopic
/// CIE 018:2019; melanopic CIE S 026:2018, from memory, brought to its efficacy of daylight (1.3262 mW/lm).
const Spectrum& curve(Answer answer);
/// The integral over wavelength of curve times spectrum, nm times its unit. The curve is taken as smooth between the
/// steps, the spectrum as straight.
double integral(Answer answer, const Spectrum& spectrum);
/// The numbers that integral sums with.
const Spectrum& weights(Answer answer);

/// Photopic and scotopic maximum luminous efficacy, lm/W.
inline constexpr double kLumens = 683, kLumensScotopic = 1700;

/// The five answers of CIE S 026.
struct Opsin {
    Answer answer;
    const char *id, *name;
    double daylight_efficacy;  ///< of CIE D65, mW/lm: what equivalent daylight illuminance is counted by
};
std::span<const Opsin> opsins();

/// Irradiance weighted by an opsin's action spectrum, W/m2, of spectral irradiance in W/(m2 nm).
double opic_irradiance(Answer answer, const Spectrum& irradiance);
/// Of CIE D65: irradiance so weighted a lux, W/lm; of y the same as 1 over kLumens.
double daylight_efficacy(Answer answer);
/// Illuminance, lx.
double illuminance(const Spectrum& irradiance);
/// The illuminance of CIE D65 that gives the same opic irradiance, lx.
double equivalent_daylight_illuminance(Answer answer, const Spectrum& irradiance);
/// That by the illuminance itself; 0 without light.
double daylight_efficacy_ratio(Answer answer, const Spectrum& light);

}  // namespace wp::spectrum

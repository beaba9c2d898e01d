// SPDX-License-Identifier: GPL-3.0-or-later
// What shines outdoors by wavelength: of which colour each part of the sky, the ground and the sun are, in the bands
// that light is followed in.
#pragma once
#include <map>
#include <span>
#include <vector>

#include "model/question.h"
#include "question/sky_columns.h"
#include "spectrum/observer.h"
#include "spectrum/spectrum.h"

namespace wp::question {

/// What shines besides its colour.
struct OutdoorAmounts {
    std::span<const float> luminances;  ///< by column of the coefficients, cd/m2
    double altitude = 0;                ///< of the sun, radians
    double sun_lux = 0;                 ///< normal to it
    double level_sun_lux = 0;           ///< of it on the level
    double diffuse_lux = 0;             ///< of the sky on the level
};
OutdoorAmounts amounts_of(const SkyAndSun& sky_and_sun, double diffuse_lux, std::span<const float> luminances);

/// Of one moment.
struct OutdoorSpectrum {
    std::vector<uint16_t> colour_of;          ///< by part of the sky: which of OutdoorSpectra's colours
    std::vector<double> ground, sun;          ///< by band: W/m2 that a lux of the ground's light, of the sun, is
    spectrum::Spectrum sky{}, beam{}, shape;  ///< of 1 lx: the sky's mean, the sun; shape: all outdoors together
};

/// Finds the colours of one moment after the other; what they have in common is computed once. For one thread.
class OutdoorSpectra {
 public:
    /// ground: of what the far ground sends back, as matter; what it sends back under D65 stays as luminances have it.
    OutdoorSpectra(const SkyColumns& columns, const spectrum::Bins& bins, model::SkyColour colour,
                   const spectrum::Spectrum& ground = spectrum::flat(1));
    OutdoorSpectrum of(const OutdoorAmounts& amounts);
    /// By band: W/m2 that a lux of a part of that luminance is, cd/m2, in the moment that was asked last.
    std::vector<double> of_luminance(double luminance);
    /// By band: W/m2 that a lux of a colour of the sky is.
    const std::vector<double>& bands_of(uint16_t colour) const { return colours_[colour].bands; }
    /// The same of a moment's column, a part of the sky or the ground.
    double factor(const OutdoorSpectrum& moment, size_t column, size_t band) const {
        return column < parts_ ? colours_[moment.colour_of[column]].bands[band] : moment.ground[band];
    }

 private:
    struct Colour {
        spectrum::Spectrum of_one_lux;
        std::vector<double> bands;
    };
    uint16_t colour(double kelvin);
    uint16_t add(const spectrum::Spectrum& light);
    const spectrum::Bins& bins_;
    model::SkyColour choice_;
    spectrum::Spectrum of_ground_;  // over its luminous reflectance
    size_t parts_;
    std::vector<double> on_level_;  // by part: lux on the level for a luminance of 1
    std::vector<Colour> colours_;   // the first: D65
    std::map<int, uint16_t> known_;
    bool is_coloured_ = false;  // in the moment asked last
};

/// Power of bands as a spectrum: in each band it has the shape of another.
spectrum::Spectrum spread(const std::vector<double>& bands, const spectrum::Bins& bins,
                          const spectrum::Spectrum& shape);

/// What of a band's power an answer of the eye takes where the light in it has the shape of another: by band.
std::vector<double> taken_of_bands(spectrum::Answer answer, const spectrum::Bins& bins,
                                   const spectrum::Spectrum& shape);

}  // namespace wp::question
